<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/**
 * What the columns of a region hold from one row on, kept up to date on the way down: looking back from each row would
 * cost the square of a long sheet.
 */
final class RunningTally
{
    /** @var array<int, array<string, int>> letters and how often, by offset of the column */
    private array $columns = [];

    private int $from;

    private int $next;

    private int $full = 0;

    private ?int $lastFull = null;

    private string $mask = '';

    public function __construct(private readonly Region $region)
    {
        $this->from = $this->next = $region->range->top;
    }

    /** Begins anew at a row. */
    public function restart(int $row): void
    {
        $this->columns = [];
        $this->from = $this->next = $row;
        $this->full = 0;
        $this->lastFull = null;
        $this->mask = '';
    }

    /** Takes in all rows above one. */
    public function upTo(int $row): void
    {
        for (; $this->next < $row; $this->next++) {
            $letters = $this->region->letters($this->next);
            if ($this->region->isBlank($this->next)) {
                continue;
            }
            $this->mask |= self::used($letters);
            if ($this->region->loneText($this->next) === null) {
                $this->full++;
                $this->lastFull = $this->next === $this->from ? $this->lastFull : $this->next;
            }
            $at = strspn($letters, '.-eE');
            for ($length = strlen($letters); $at < $length; $at += 1 + strspn($letters, '.-eE', $at + 1)) {
                $letter = self::LETTERS[$letters[$at]] ?? strtolower($letters[$at]);
                $this->columns[$at][$letter] = ($this->columns[$at][$letter] ?? 0) + 1;
            }
        }
    }

    /** @return array<int, true> offsets of the columns whose cells are mostly figures, dates or times */
    public function typed(): array
    {
        $kept = array_filter($this->columns, fn (array $tally) => ! in_array(self::most($tally), ['.', 't'], true));

        return array_map(fn () => true, $kept);
    }

    /**
     * The same of all rows that came after, as far as a tally of the whole says.
     *
     * @param  self  $all  of the whole region, up to its end
     * @param  int  $from  first row; rows between those taken in and this one are left out as well
     * @return bool whether there are any
     */
    public function isTypedBelow(self $all, int $from): bool
    {
        $this->upTo($from);
        foreach ($all->columns as $at => $tally) {
            $left = $tally;
            foreach ($this->columns[$at] ?? [] as $letter => $count) {
                $left[$letter] -= $count;
            }
            if (! in_array(self::most(array_filter($left)), ['.', 't'], true)) {
                return true;
            }
        }

        return false;
    }

    /** Rows that hold more than one text alone. */
    public function full(): int
    {
        return $this->full;
    }

    /** The last of them, or the first row. */
    public function lastFull(): int
    {
        return $this->lastFull ?? $this->from;
    }

    /** Which columns are used, as bytes that are not zero. */
    public function mask(): string
    {
        return $this->mask;
    }

    public static function used(string $letters): string
    {
        return strtr($letters, '.-twTnNSdDhHbBeE', "\0xxxxxxxxxxxxxxx");
    }

    private const LETTERS = ['S' => 'n', 'w' => 't', 'W' => 't'];

    /**
     * The commonest letter. A heading weighs as much as a single row of figures: between the two, the figures are the body.
     *
     * @param  array<string, int>  $tally
     */
    public static function most(array $tally): string
    {
        if ($tally === []) {
            return '.';
        }
        arsort($tally);
        $first = (string) array_key_first($tally);
        foreach ($first === 't' ? $tally : [] as $letter => $count) {
            if ($letter !== 't' && $count === $tally['t']) {
                return (string) $letter;
            }
        }

        return $first;
    }
}
