<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\LayIsWrong;
use Rilvet\Act\Exception\NothingToChange;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Measure\Ruler;
use Rilvet\Work\Workbook;

/** A look for those cells of a range that look in a certain way now: one colour for another, one size for another. */
final readonly class FormatWhere implements Act
{
    /** Stretches that get another look at once, of all columns together. */
    private const PIECES = 200_000;

    /** Stretches that are looked at below the data. */
    private const BELOW = 1_000;

    /** @param  Look  $when  what they wear now, as a reader sees it: ink, fill, font, size */
    public function __construct(private Targets $targets, private Look $when, private Look $then)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $isFound = false;
        foreach ($this->targets->on($workbook) as $number => [$sheet, $ranges]) {
            $dressed = new DressedSheet($sheet, $workbook->looks);
            $hand = clone $sheet->hand;
            $known = [];
            $then = [];
            $pieces = 0;
            foreach ($ranges as $range) {
                foreach ($this->stretches($dressed, $range, $sheet->cells->rows(), $known, $pieces) as $column => $stretches) {
                    $hand->mapStretches($column, $stretches, function (int $old) use ($workbook, &$then) {
                        return $then[$old] ??= $workbook->looks->number($workbook->looks->look($old)->under($this->then));
                    });
                    $isFound = true;
                }
            }
            $workbook = $workbook->withSheet($number, $sheet->touched($hand));
        }

        return $isFound ? $workbook : throw NothingToChange::becauseNothingTurns();
    }

    /**
     * @param  int  $rows  down to which there is data
     * @param  array<string, array<int, true>>  $known  by what rows that wear the same have in common
     * @param  int  $pieces  that were found before on the sheet
     * @return array<int, non-empty-list<array{int, int}>> first and last rows of what looks so, by column
     */
    private function stretches(DressedSheet $dressed, Range $range, int $rows, array &$known, int &$pieces): array
    {
        $found = [];
        $below = 0;
        $blank = max($range->top, $rows + 1);
        for ($row = $range->top; $row <= $range->bottom; $row = $next) {
            // A column reaches over a million rows, nearly all of which look the same; a pattern that goes on below the data has no
            // end that anybody means, and what has no gap there goes on to the end.
            if ($row >= $blank && ++$below > self::BELOW) {
                return array_map(function (array $stretches) use ($blank, $row, $range) {
                    [$from, $to] = array_pop($stretches);

                    return [...$stretches, [$from, $from <= $blank && $to === $row - 1 ? $range->bottom : $to]];
                }, $found);
            }
            $next = min($range->bottom, $dressed->sameUntil($row)) + 1;
            foreach ($this->columns($dressed, $row, $range, $known) as $column => $is) {
                $last = count($found[$column] ?? []) - 1;
                if ($last >= 0 && $found[$column][$last][1] === $row - 1) {
                    $found[$column][$last][1] = $next - 1;
                } else {
                    $found[$column][] = [$row, $next - 1];
                    ++$pieces <= self::PIECES || throw LayIsWrong::pieces(self::PIECES);
                }
            }
        }

        return $found;
    }

    /**
     * @param  array<string, array<int, true>>  $known  by what rows that wear the same have in common
     * @return array<int, true> columns whose cell looks so
     */
    private function columns(DressedSheet $dressed, int $row, Range $range, array &$known): array
    {
        $key = $dressed->key($row);
        if ($key !== null && isset($known["$range->left.$key"])) {
            return $known["$range->left.$key"];
        }
        $columns = [];
        for ($column = $range->left; $column <= $range->right; $column++) {
            $this->isMeant($dressed->at($row, $column)->look) && $columns[$column] = true;
        }
        $key === null || $known["$range->left.$key"] = $columns;

        return $columns;
    }

    private function isMeant(Look $look): bool
    {
        foreach ($this->when->attributes() as $attribute) {
            if (self::seen($look, $attribute) !== self::seen($this->when, $attribute)) {
                return false;
            }
        }

        return true;
    }

    /** What a reader sees, also where nothing says it. */
    public static function seen(Look $look, Attribute $attribute): string
    {
        return match ($attribute) {
            Attribute::Ink => $look->ink()->toHex(),
            Attribute::Fill => $look->paper()->toHex(),
            Attribute::Size => (string) $look->number(Attribute::Size, Ruler::SIZE),
            Attribute::Font => $look->text(Attribute::Font, Ruler::FAMILY),
            default => (string) $look->get($attribute),
        };
    }

    public function reach(): Reach
    {
        return Reach::targets($this->targets)->sizing(Settle::depends($this->then));
    }

    public function words(Workbook $workbook): string
    {
        $words = array_map(fn (Attribute $attribute) => "$attribute->value ".self::seen($this->when, $attribute).' to '.
            self::seen($this->then, $attribute), $this->then->attributes());

        return ucfirst(implode(', ', $words)).', '.$this->targets->words();
    }
}
