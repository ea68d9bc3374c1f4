<?php

declare(strict_types=1);

namespace Rilvet\Learn;

/** Fills that take turns along a line: of rows from the top, or of columns from the left. */
final readonly class FillPattern
{
    /** Rows, or columns, that may be filled alike before the next fill. */
    private const BAND = 10;

    /** Where the first band may begin. */
    private const FIRST = 3;

    /** The share of a line that has to fit. */
    private const FITS = 0.9;

    private function __construct(public int $every, public int $first, public string $fill, public string $other)
    {
    }

    /**
     * @param  list<string>  $fills  "none", or a colour
     * @param  int  $from  how far along the first band may begin; 1 for where the line does
     */
    public static function in(array $fills, int $from = self::FIRST): ?self
    {
        $all = count($fills);
        // Colours that are nearly the same were meant to be alike: they are no stripes.
        $first = $fills[0] ?? '';
        $fills = array_map(fn (string $fill) => Votes::areNear($fill, $first) ? $first : $fill, $fills);
        for ($begin = 1; $begin <= min($from, $all - 1); $begin++) {
            $line = array_slice($fills, $begin - 1);
            $every = 1;
            while ($every < count($line) && $line[$every] === $line[0]) {
                $every++;
            }
            if ($every > self::BAND || $every >= count($line)) {
                continue;
            }
            $pattern = new self($every, $begin, $line[0], $line[$every]);
            if ($pattern->fits($fills)) {
                return $pattern;
            }
        }

        return null;
    }

    /** @param  list<string>  $fills */
    private function fits(array $fills): bool
    {
        $fitting = 0;
        foreach ($fills as $at => $fill) {
            $from = $at - ($this->first - 1);
            $wanted = match (true) {
                $from < 0 => 'none',
                intdiv($from, $this->every) % 2 === 1 => $this->other,
                default => $this->fill,
            };
            $fitting += $fill === $wanted ? 1 : 0;
        }

        return $fitting >= self::FITS * count($fills);
    }
}
