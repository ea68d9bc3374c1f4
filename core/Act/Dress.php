<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Fit\ColumnFit;
use Rilvet\Fit\GrownRows;
use Rilvet\Guard\Allowance;
use Rilvet\Reading\Question;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Stylebook\StylebookReference;
use Rilvet\Text\Fonts;
use Rilvet\Work\Workbook;

/** Puts a stylebook on sheets and fits them to it; null takes it off. */
final readonly class Dress implements Act
{
    /**
     * @param  list<int>  $sheets
     * @param  bool  $clean  drop what came with the file
     * @param  StylebookReference|null  $reference  where the stylebook stands on the shelf
     * @param  TouchesOver|null  $touches  what becomes of hand touches; null keeps them
     */
    public function __construct(
        private array $sheets,
        private ?Stylebook $stylebook,
        private bool $clean = false,
        private ?Fonts $fonts = null,
        private ?StylebookReference $reference = null,
        private ?TouchesOver $touches = null,
    ) {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->sheets as $number) {
            Targets::open($workbook->sheet($number), Allowance::DressCells, Allowance::SizeColumns, Allowance::SizeRows);
            $sheet = $workbook->sheet($number)->wearing($this->stylebook, $this->clean, $this->reference);
            $sheet = $this->touches?->on($sheet, $workbook->looks) ?? $sheet;
            $sheet = $this->stylebook === null
                ? GrownRows::again($sheet, $workbook)
                : $sheet->fittedTo((new ColumnFit($sheet, $workbook, $this->fonts ?? Fonts::shipped()))->setup());
            $workbook = $workbook->withSheet($number, $sheet);
        }

        return $workbook;
    }

    /** A sheet whose reading is another now, fitted to what it wears. */
    public static function again(Workbook $workbook, int $number): Workbook
    {
        $sheet = $workbook->sheet($number);

        return $sheet->stylebook === null
            ? $workbook
            : (new self([$number], $sheet->stylebook, $sheet->clean, null, $sheet->reference))->on($workbook);
    }

    public function reach(): Reach
    {
        return Reach::whole(...$this->sheets);
    }

    public function words(Workbook $workbook): string
    {
        $count = count($this->sheets);
        $where = $count === 1 ? $workbook->sheet($this->sheets[0])->name : "$count sheets";

        // A table that is read with doubt is not dressed in silence.
        $doubts = array_sum(array_map(fn (int $number) => count(Question::all($workbook->sheet($number)->reading)), $this->sheets));
        $doubt = $doubts === 0 ? ''
            : ', '.($doubts === 1 ? '1 table' : "$doubts tables").' read with doubt';

        $version = $this->reference?->held === null ? '' : " version {$this->reference->held}";

        $dropped = $this->touches === null || $this->touches->keepsAll() ? '' : ', hand touches dropped';

        return $this->stylebook === null ? "Stylebook taken off, $where$dropped"
            : "Dressed in {$this->stylebook->name}$version, $where$doubt$dropped";
    }
}
