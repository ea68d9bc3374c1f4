<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What the fields of head and foot stand for; the title is the name of the sheet where no table has one. */
final readonly class Fields
{
    /**
     * @param  string  $file  name of the file
     * @param  int  $time  at which it is printed, seconds as of Unix
     */
    public function __construct(private Workbook $workbook, private string $file, private int $time)
    {
    }

    /** @return array<string, string> by name */
    public function of(Worksheet $sheet, int $page, int $pages): array
    {
        $title = $sheet->reading->title($sheet->cells);

        return [
            'page' => (string) $page, 'pages' => (string) $pages, 'date' => date('j M Y', $this->time), 'time' => date('H:i', $this->time),
            'sheet' => $sheet->name, 'workbook' => $this->workbook->name, 'file' => $this->file, 'title' => $title === ''
                ? $sheet->name : $title,
        ];
    }
}
