<?php

declare(strict_types=1);

namespace Rilvet\Intake;

/**
 * What one pass over a column of text tells: the shapes of its cells (digits written as 9) and how often each occurs,
 * and the few facts that shapes cannot tell. Bounded in memory for any number of rows.
 */
final class ColumnSurvey
{
    private const SHAPES = 2_000;

    private const WORDS = 3;

    private const LONGEST = 6;

    /** @var array<string, int> */
    public array $shapes = [];

    /** Cells whose shapes were too many to keep one by one. */
    public int $rest = 0;

    /** Whole numbers that begin with a zero, such as lot codes. */
    public int $leadingZeros = 0;

    /** Figures such as 0.123, where a zero before the sign tells that it is no sign of thousands. */
    public int $zeroPoint = 0;

    public int $zeroComma = 0;

    public int $longDigits = 0;

    /** @var array{int, int} greatest first and second figure of dates such as 3/4/2024 */
    public array $dateFields = [0, 0];

    public bool $hoursBeyondDay = false;

    /** @var array<string, int>|null distinct lower-case words, or null once there are too many for yes and no */
    public ?array $words = [];

    /** @var array<int, string> the longest texts, by the characters of their longest line; what a column's width needs */
    public array $longest = [];

    public int $filled = 0;

    /**
     * @param  list<string>  $texts  one block of the column, trimmed of nothing
     * @param  array<string, Lexeme>  $memo  of shapes, shared by all columns
     * @return list<string> a letter a cell (Lexeme values)
     */
    public function add(array $texts, array &$memo): array
    {
        $isBroken = str_contains(implode('', $texts), "\n");
        $joined = implode("\n", $isBroken ? str_replace("\n", ' ', $texts) : $texts);
        $shapes = explode("\n", strtr($joined, '012345678', '999999999'));
        $letters = [];
        foreach (array_count_values($shapes) as $shape => $count) {
            $shape = (string) $shape;
            if ($shape === '') {
                continue;
            }
            $memo[$shape] ??= Lexeme::of($shape);
            $this->filled += $memo[$shape] === Lexeme::Blank ? 0 : $count;
            $this->note($shape, $count, $memo[$shape]);
        }
        foreach ($shapes as $shape) {
            $letters[] = $shape === '' ? '.' : $memo[$shape]->value;
        }
        if (count($memo) > 20_000) {
            $memo = [];
        }
        $this->facts($joined, $texts, $isBroken);

        return $letters;
    }

    private function note(string $shape, int $count, Lexeme $lexeme): void
    {
        if (isset($this->shapes[$shape])) {
            $this->shapes[$shape] += $count;
        } elseif (count($this->shapes) < self::SHAPES && $lexeme !== Lexeme::Text) {
            $this->shapes[$shape] = $count;
        } elseif (
            $lexeme === Lexeme::Text &&
            preg_match('/^[\p{L}\d\-\/._]{2,20}$/u', $shape) === 1 &&
            str_contains($shape, '9') &&
            count($this->shapes) < self::SHAPES
        ) {
            $this->shapes[$shape] = $count;
        } elseif ($lexeme !== Lexeme::Blank) {
            $this->rest += $count;
        }
    }

    /** @param  list<string>  $texts */
    private function facts(string $joined, array $texts, bool $isBroken): void
    {
        $this->leadingZeros += (int) preg_match_all('/^0\d+$/m', $joined);
        $this->longDigits += (int) preg_match_all('/^\d{16,}$/m', $joined);
        if (str_contains($joined, '0.')) {
            $this->zeroPoint += (int) preg_match_all('/(?<![\d.,])0\.\d{3}(?!\d)/', $joined);
        }
        if (str_contains($joined, '0,')) {
            $this->zeroComma += (int) preg_match_all('/(?<![\d.,])0,\d{3}(?!\d)/', $joined);
        }
        if (preg_match_all('/^\s*(\d{1,2})[\/.\-](\d{1,2})[\/.\-](?:\d{4}|\d{2})\b/m', $joined, $found) > 0) {
            $this->dateFields = [
                max($this->dateFields[0], ...array_map(intval(...), $found[1])),
                max($this->dateFields[1], ...array_map(intval(...), $found[2])),
            ];
        }
        $this->hoursBeyondDay = $this->hoursBeyondDay || preg_match('/^[+\-−]?(?:2[4-9]|[3-9]\d|\d{3,4}):\d\d/m', $joined) === 1;
        if ($this->words !== null) {
            foreach (array_unique($texts) as $text) {
                if ($text !== '' && ! isset($this->words[$text])) {
                    $this->words[$text] = 1;
                }
            }
            $this->words = count($this->words) > 2 * self::WORDS + 6 ? null : $this->words;
        }
        if ($isBroken) {
            $texts = array_map(self::longestLine(...), $texts);
        }
        $least = $this->longest === [] ? 0 : min(array_map(mb_strlen(...), $this->longest));
        $length = max([0, ...array_map(strlen(...), $texts)]);
        if ($length > $least || count($this->longest) < self::LONGEST) {
            foreach ($texts as $text) {
                if (strlen($text) > $least || (count($this->longest) < self::LONGEST && $text !== '')) {
                    $this->longest[] = $text;
                }
            }
            $this->longest = array_values(array_unique($this->longest));
            usort($this->longest, fn (string $a, string $b) => mb_strlen($b) <=> mb_strlen($a));
            $this->longest = array_slice($this->longest, 0, self::LONGEST);
        }
    }

    private static function longestLine(string $text): string
    {
        $lines = explode("\n", $text);
        $lengths = array_map(mb_strlen(...), $lines);

        return $lines[(int) array_search(max($lengths), $lengths, true)];
    }
}
