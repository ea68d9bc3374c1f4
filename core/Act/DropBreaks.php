<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Page\PageSetup;
use Rilvet\Work\Workbook;

/** Takes all breaks of pages out that a person, or the file, had made. */
final readonly class DropBreaks implements Act
{
    /** @param  non-empty-list<int>  $sheets */
    public function __construct(private array $sheets)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            $workbook = $workbook->withSheet($number, $sheet->withAspects($sheet->aspect(PageSetup::class)->breaking([], [])));
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::whole(...$this->sheets);
    }

    public function words(Workbook $workbook): string
    {
        return 'Pages end where they may';
    }
}
