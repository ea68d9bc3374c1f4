<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\Part;
use Rilvet\Work\Workbook;

/** Locks what is formula and opens what is entry or choice, on sheets, for what is there and what comes. */
final readonly class GuardFormulas implements Act
{
    /** @param  non-empty-list<int>  $sheets */
    public function __construct(private array $sheets)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach (Part::OF_CELLS as $part) {
            $look = Look::of([Attribute::Locked->value => $part === Part::FormulaCell]);
            $workbook = (new FormatPart($this->sheets, $part, null, $look))->on($workbook);
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::whole(...$this->sheets);
    }

    public function words(Workbook $workbook): string
    {
        $where = count($this->sheets) === 1 ? $workbook->sheet($this->sheets[0])->name : count($this->sheets).' sheets';

        return "Formulas locked and entries open, $where";
    }
}
