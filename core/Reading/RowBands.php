<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Grid\Range;

/** Finds where, going down, one table ends and the next begins. */
final class RowBands
{
    private const NOTE = '/^\s*(?:\*|†|‡|※|[¹²³⁴⁵⁶⁷⁸⁹]|\(?[a-z1-9]\)\s|sources?\b|notes?\b|nb\b|n\.b|remarks?\b|footnote|quellen?\b|'
        .'anmerkung|anm\.|hinweis|fußnote|remarque|fuentes?\b|notas?\b|observaci|obs\.|bron(?:nen)?\b|noot\b|opmerking|toelichting|källa|'
        .'källor|anmärkning|kilde|merknad|bemærk|huom|lähde|zdroj|źródło|uwaga|uwagi|przypis|poznámka|vysvětliv|fonti?\b|avvertenz|'
        .'источник|примечани|сноска|kaynak|not\s*:|forrás|megjegyzés|πηγή|σημείωση|注|資料|出典|出所|备注|来源|數據|자료|출처|주\s*[:：)]|'
        .'updated|last updated|data from|prepared by|printed|contact)/iu';

    /** Blank rows beyond which what stands below is no part of the table above, whatever it is. */
    private const FAR = 50;

    /** Rows, the headings included, of a table that another one follows without a blank row. */
    private const OWN = 3;

    /** Rows within which the headings of a table are looked for. */
    private const HEAD = 12;

    public function __construct(private readonly SheetFacts $facts)
    {
    }

    public static function isNote(string $text): bool
    {
        return preg_match(self::NOTE, $text) === 1 || (mb_strlen($text) > 60 && preg_match('/[.!?]$/', $text) === 1);
    }

    /** @return list<Range> bands of full width, in order */
    public function split(Range $range): array
    {
        $region = new Region($this->facts, $range);
        $cuts = [];
        $start = $range->top;
        $above = new RunningTally($region);
        $all = null;
        foreach ($this->starts($region) as $row) {
            if ($row === $start) {
                continue;
            }
            if ($all === null) {
                $all = new RunningTally($region);
                $all->upTo($range->bottom + 1);
            }
            $above->upTo($row);
            // A list of many pages says its headings again: the same table goes on.
            if (self::saysAgain($region, $row, $heading ??= self::headingOf($region, $start))) {
                continue;
            }
            if ($this->begins($region, $row, $above, $passed ??= new RunningTally($region), $all)) {
                $cuts[] = $start = $row;
                $heading = null;
                $above->restart($row);
            }
        }
        $bands = [];
        $top = $range->top;
        foreach ([...$cuts, $range->bottom + 1] as $cut) {
            $bands[] = Range::of($top, $range->left, $cut - 1, $range->right);
            $top = $cut;
        }

        return $bands;
    }

    /**
     * The texts of the first full row of words of a table.
     *
     * @return array<int, string> by offset of the column; none where it begins with figures
     */
    private static function headingOf(Region $region, int $from): array
    {
        for ($row = $from; $row <= min($region->range->bottom, $from + self::HEAD); $row++) {
            if ($region->isBlank($row) || $region->loneText($row) !== null) {
                continue;
            }

            return strpbrk($region->letters($row), 'nNSdDhHbB') === false ? $region->texts($row) : [];
        }

        return [];
    }

    /** @param  array<int, string>  $heading */
    private static function saysAgain(Region $region, int $row, array $heading): bool
    {
        $first = array_key_first($heading);

        // Nearly all other rows differ in their first text.
        return $first !== null && $first !== array_key_last($heading) && ! $region->isBlank($row - 1)
            && $region->text($row, $region->range->left + $first) === $heading[$first] && $region->texts($row) === $heading;
    }

    /**
     * Rows at which a table could begin: after a blank row, and rows of words among rows of figures.
     *
     * @return list<int>
     */
    private function starts(Region $region): array
    {
        $starts = [];
        $blank = true;
        for ($row = $region->range->top; $row <= $region->range->bottom; $row++) {
            if ($region->isBlank($row)) {
                $blank = true;

                continue;
            }
            $words = strpbrk($region->letters($row), 'nNSdDhHbB') === false;
            if ($blank || $words) {
                $starts[] = $row;
            }
            $blank = false;
        }

        return $starts;
    }

    /**
     * @param  RunningTally  $above  of the table above, down to the row
     * @param  RunningTally  $passed  of all that was passed
     * @param  RunningTally  $all  of the whole region
     */
    private function begins(Region $region, int $row, RunningTally $above, RunningTally $passed, RunningTally $all): bool
    {
        if ($row - self::FAR >= $region->range->top && $this->allBlank($region, $row - self::FAR, $row - 1)) {
            return true;
        }
        // The rows from here: lone lines (a title perhaps), then the first full row.
        $full = $row;
        $lone = 0;
        while ($full <= $region->range->bottom && $full - $row <= 8 && ($region->isBlank($full) || $region->loneText($full) !== null)) {
            $lone += $region->isBlank($full) ? 0 : 1;
            $full++;
        }
        if ($full > $region->range->bottom || $full - $row > 8) {
            return false;
        }
        $typed = $above->typed();
        if ($typed === []) {
            return $above->full() >= 2 && $region->isBlank($row - 1)
                // A table of words only: the next one begins after a blank row with a lone line, or with another width.
                && ($passed->isTypedBelow($all, $full) || $lone > 0 || $region->letters($full) !== $region->letters($above->lastFull()));
        }
        // Words over the figures: a heading. Anything else in those columns: the same table goes on.
        $letters = $region->letters($full);
        $words = 0;
        $figures = 0;
        foreach (str_split($letters) as $at => $letter) {
            if ($letter === 't' || $letter === 'w') {
                $words += isset($typed[$at]) ? 1 : 0;
            } elseif (str_contains(Signature::TYPED, $letter)) {
                $figures++;
            }
        }
        if ($figures > 0 && ! NumericHeading::at($region, $full)) {
            return ! $this->sameShape($region, $full, $typed) && $region->isBlank($row - 1) && $this->disjoint($region, $above, $row);
        }
        $blankBefore = $region->isBlank($row - 1);
        $filled = $region->filled($full);
        $next = $full + 1;
        while ($next <= $region->range->bottom && $region->isBlank($next)) {
            $next++;
        }
        if ($next > $region->range->bottom) {
            return false;
        }
        if ($figures > 0) {
            return $blankBefore;
        }

        if ($blankBefore || $lone > 0) {
            return $words >= 1 && $filled >= 2;
        }

        // Records across have a row of words here and there; right under a table the next one has rows of its own.
        return $words >= 2 && $words >= 0.6 * count($typed) && $above->full() >= self::OWN && $this->rowsLike($region, $full + 1, $typed);
    }

    /**
     * Whether a few rows of figures stand under those above.
     *
     * @param  array<int, true>  $typed
     */
    private function rowsLike(Region $region, int $from, array $typed): bool
    {
        for ($row = $from; $row < $from + self::OWN - 1; $row++) {
            if ($row > $region->range->bottom || strpbrk($region->letters($row), 'nNSdDhHbB') === false) {
                return false;
            }
        }

        return $this->sameShape($region, $from, $typed);
    }

    private function allBlank(Region $region, int $from, int $to): bool
    {
        for ($row = $to; $row >= $from; $row--) {
            if (! $region->isBlank($row)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Figures stand where figures stood.
     *
     * @param  array<int, true>  $above
     */
    private function sameShape(Region $region, int $row, array $above): bool
    {
        $hits = 0;
        $misses = 0;
        foreach (str_split($region->letters($row)) as $at => $letter) {
            if (str_contains(Signature::TYPED, $letter)) {
                isset($above[$at]) ? $hits++ : $misses++;
            }
        }

        return $hits >= $misses;
    }

    /** The columns used below do not touch those used above. */
    private function disjoint(Region $region, RunningTally $above, int $row): bool
    {
        $below = '';
        for ($at = $row; $at <= min($region->range->bottom, $row + 20); $at++) {
            $below |= RunningTally::used($region->letters($at));
        }

        return trim($above->mask() & $below, "\0") === '';
    }
}
