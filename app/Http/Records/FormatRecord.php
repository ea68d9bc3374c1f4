<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Files\Writing\FormatLosses;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\DressedTables;
use Rilvet\Xlsx\StripeConditions;

/** A format that a workbook can be handed over in, and what of this workbook it does not carry. */
final readonly class FormatRecord
{
    /**
     * @param  list<string>  $lost
     * @param  bool  $stripes  there are stripes that can be written as conditional formats
     * @param  bool  $tables  there are tables that can be written as tables of the format
     */
    private function __construct(
        public string $format,
        public string $words,
        public string $about,
        public array $lost,
        public bool $stripes,
        public bool $tables,
    ) {
    }

    /**
     * @param  bool  $isPackage  the workbook came as xlsx, and goes back into its package
     * @param  bool  $holdsMore  the package holds charts, pictures, comments or the like
     * @return list<self>
     */
    public static function list(Workbook $workbook, int $sheet, bool $isPackage, bool $holdsMore): array
    {
        $about = [
            'xlsx' => [
                'Workbook, xlsx',
                $isPackage
                    ? 'Back into the file it came in: what was changed here is replaced, all else stays as it is.'
                    : 'All sheets with everything you see: looks, sizes, merges, frozen headings, print titles.',
            ],
            'ods' => ['Workbook, ods', 'All sheets with their looks, sizes, merges, formulas and frozen headings.'],
            'html' => ['Web page, html', 'All visible sheets in one file that needs nothing else; headings are marked up as headings.'],
            'pdf' => ['Pages, pdf',
                'The pages as the Paper view shows them, with bookmarks, and marked up so that they can be read aloud.'],
            'csv' => ['Values, csv', 'Only the values of the sheet in view, with commas.'],
            'tsv' => ['Values, tsv', 'Only the values of the sheet in view, with tabs.'],
        ];

        $stripes = array_filter($workbook->sheets, fn (Worksheet $one) => StripeConditions::of($one, $workbook->looks)[1] !== []) !== [];

        $tables = array_filter($workbook->sheets, fn (Worksheet $one) => (new DressedTables([]))->of($one) !== []) !== [];

        return array_map(
            fn (string $format) => new self(
                $format,
                $about[$format][0],
                $about[$format][1],
                FormatLosses::of($workbook, $sheet, $format, $isPackage, $holdsMore),
                $format === 'xlsx' && ! $isPackage && $stripes,
                $format === 'xlsx' && ! $isPackage && $tables,
            ),
            array_keys($about),
        );
    }
}
