<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Guard\SaidCells;
use Rilvet\Reading\Part;
use Rilvet\Work\Workbook;

/** Lets the look of entry, choice or formula cells be seen on sheets, or not. */
final readonly class MarkCells implements Act
{
    /**
     * @param  non-empty-list<int>  $sheets
     * @param  Part  $part  one of {@see Part::OF_CELLS}
     */
    public function __construct(private array $sheets, private Part $part, private bool $isSeen)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            Targets::open($sheet);
            $workbook = $workbook->withSheet($number, $sheet->withAspects($sheet->aspect(SaidCells::class)->marking($this->part,
                $this->isSeen)));
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::whole(...$this->sheets)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        $where = count($this->sheets) === 1 ? $workbook->sheet($this->sheets[0])->name : count($this->sheets).' sheets';

        return $this->part->words().($this->isSeen ? ' marked' : ' no longer marked').", $where";
    }
}
