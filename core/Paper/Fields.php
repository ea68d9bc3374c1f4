<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Reading\Part;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What the fields of head and foot stand for. */
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
        return [
            'page' => (string) $page, 'pages' => (string) $pages, 'date' => date('j M Y', $this->time), 'time' => date('H:i', $this->time),
            'sheet' => $sheet->name, 'workbook' => $this->workbook->name, 'file' => $this->file, 'title' => self::title($sheet),
        ];
    }

    /** The title of the first table that has one; the name of the sheet where none has. */
    private static function title(Worksheet $sheet): string
    {
        foreach ($sheet->reading->tables as $table) {
            foreach ($table->runs as $run) {
                if ($run->part !== Part::Title) {
                    continue;
                }
                foreach ($sheet->cells->read($run->first, $run->first) as $cells) {
                    foreach ($cells as $cell) {
                        if ($cell->isText()) {
                            return trim($cell->text());
                        }
                    }
                }
            }
        }

        return $sheet->name;
    }
}
