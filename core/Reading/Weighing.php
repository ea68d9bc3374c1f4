<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/**
 * How sure each row of a table is what it was read as, and what it would be otherwise. The weights of the ground and of all clues are
 * added up as log odds; of the rows that come out at 95 %, about 95 % are right (docs/reading.md).
 */
final class Weighing
{
    /** How sure a body is that a person has set headings over. */
    public const HEADED = 0.97;

    /** A body of as few rows says little of its columns. */
    private const FEW = 4;

    /** Cells of the body that are looked at for blanks, in rows. */
    private const LOOKED_AT = 60;

    /** Rows of a label alone that chance leaves, for each that there is, from which on it may have left it. */
    private const BY_CHANCE = 0.02;

    /** The same, below which it did not. */
    private const NOT_BY_CHANCE = 0.001;

    /** From the odds of the weakest part to those of the table, fitted as the weights are. */
    private const ALL = 1.1;

    private const OFF = -1.35;

    private ?float $chance = null;

    private readonly bool $isWords;

    private readonly bool $isShort;

    private readonly bool $isGappy;

    private readonly bool $isHeaded;

    private readonly bool $areSummed;

    /**
     * @param  list<RowRun>  $runs
     * @param  list<ColumnReading>  $columns
     */
    public function __construct(private readonly Region $region, private readonly array $runs, array $columns)
    {
        $rows = $figures = 0;
        foreach ($runs as $run) {
            $rows += $run->part === Part::Body ? $run->rows() : 0;
        }
        foreach ($columns as $column) {
            $figures += $column->kind->isNumeric() || $column->kind->isTemporal() ? 1 : 0;
        }
        $this->isWords = $figures === 0;
        $this->isShort = $rows <= self::FEW;
        $this->isHeaded = array_filter($runs, fn (RowRun $run) => $run->part === Part::Heading) !== []
            || array_filter($columns, fn (ColumnReading $column) => $column->role === ColumnRole::Heading) !== [];
        $this->isGappy = $this->gaps() > 0.15;
        $this->areSummed = $this->areSummed();
    }

    /** @return list<RowRun> with the confidence that all evidence gives, and the second choice */
    public function weighed(): array
    {
        return array_map(fn (RowRun $run) => $run->ground === null || $run->part === null && $run->ground === Ground::Blank
            ? $run
            : $run->weighed(self::confidence($run->ground, $this->clues($run)), $this->second($run)), $this->runs);
    }

    /** @param  list<Clue>  $clues */
    public static function confidence(Ground $ground, array $clues): float
    {
        $odds = $ground->weight() + array_sum(array_map(fn (Clue $clue) => $clue->weight(), $clues));

        return round(1 / (1 + exp(-$odds)), 3);
    }

    /**
     * How sure it is that all of a table is read right: surely no more than its weakest part is, of whose rows some may be wrong.
     *
     * @param  list<RowRun>  $runs
     */
    public static function table(array $runs): float
    {
        $weakest = min([0.999, ...array_map(fn (RowRun $run) => $run->confidence, $runs)]);

        return round(1 / (1 + exp(-self::ALL * log($weakest / (1 - $weakest)) - self::OFF)), 2);
    }

    /** @return list<Clue> */
    public function clues(RowRun $run): array
    {
        $clues = match (true) {
            $run->part === Part::Body => [
                [Clue::BodyOfWords, $this->isWords], [Clue::BodyWithoutHeadings, ! $this->isHeaded], [Clue::ShortBody, $this->isShort],
                [Clue::WordsWithoutHeadings, $this->isWords && ! $this->isHeaded],
                [Clue::GapsInBody, $this->isGappy && ! $this->isWords],
            ],
            $run->part === Part::Heading || $run->part === Part::ColumnGroup => [
                [Clue::ShortHead, $this->isShort],
                [Clue::HeadWithGaps, $run->part === Part::Heading && $this->gapsIn($run->last) > 0.2],
            ],
            $run->part === Part::Subtotal || $run->part === Part::Total => [
                [Clue::SumAmongGaps, $this->isGappy],
            ],
            $run->part === Part::RowGroup => [
                [Clue::LabelByChance, $this->chance() > self::BY_CHANCE], [Clue::LabelNotByChance, $this->chance() < self::NOT_BY_CHANCE],
                [Clue::LabelBeforeSum, $this->areSummed],
                [Clue::LabelBesideOne, $this->region->range->columns() === 2],
            ],
            $run->part === Part::Title || $run->part === Part::Units => [[Clue::LineWithoutHeadings, ! $this->isHeaded]],
            default => [],
        };
        if ($run->part !== Part::Body) {
            $clues[] = [Clue::Strong, $this->standsOut($run)];
        }

        return array_values(array_map(fn (array $clue) => $clue[0], array_filter($clues, fn (array $clue) => $clue[1])));
    }

    /** How many rows of data in which all but the label is missing are to be expected, for each row of only a label. */
    private function chance(): float
    {
        if ($this->chance === null) {
            $rows = array_filter($this->runs, fn (RowRun $run) => $run->part === Part::Body || $run->part === Part::RowGroup);
            $this->chance = self::BY_CHANCE;
            if ($rows !== [] && $this->region->range->columns() > 2) {
                [$expected, $lone] = Ticks::lone($this->region, reset($rows)->first, end($rows)->last);
                $this->chance = (float) ($expected / max(1, $lone));
            }
        }

        return $this->chance;
    }

    /** Whether a sum stands in each group of rows. */
    private function areSummed(): bool
    {
        $groups = $summed = 0;
        $isOpen = false;
        foreach ($this->runs as $run) {
            $isGroup = $run->part === Part::RowGroup;
            $groups += $isGroup ? 1 : 0;
            $summed += $isOpen && $run->part === Part::Subtotal ? 1 : 0;
            $isOpen = $isGroup || ($isOpen && $run->part !== Part::Subtotal);
        }

        return $groups > 1 && $summed >= $groups - 1;
    }

    private function second(RowRun $run): ?Part
    {
        $mayHead = $run->ground === Ground::Rows && ! $this->isHeaded && $run === $this->firstBody();

        return $mayHead ? Part::Heading : $run->ground?->second($run->part);
    }

    private function firstBody(): ?RowRun
    {
        foreach ($this->runs as $run) {
            if ($run->part === Part::Body) {
                return $run;
            }
        }

        return null;
    }

    private function standsOut(RowRun $run): bool
    {
        $hints = $this->region->facts->hints;
        $left = $this->region->range->left + strspn($this->region->letters($run->first), '.');

        return $hints->isStrong($run->first, $left) && ! $hints->isStrong($run->last + 1, $left);
    }

    private function gaps(): float
    {
        $blank = $rows = 0;
        foreach ($this->runs as $run) {
            if ($run->part === Part::Body) {
                foreach ($this->region->sample($run->first, min($run->last, $run->first + self::LOOKED_AT), self::LOOKED_AT) as $row) {
                    $blank += $this->gapsIn($row);
                    $rows++;
                }
            }
            if ($rows >= self::LOOKED_AT) {
                break;
            }
        }

        return $rows === 0 ? 0.0 : (float) ($blank / $rows);
    }

    /** The share of a row's cells that are blank; its first may well be. */
    private function gapsIn(int $row): float
    {
        $letters = substr($this->region->letters($row), 1);

        return $letters === '' ? 0.0 : substr_count($letters, '.') / strlen($letters);
    }
}
