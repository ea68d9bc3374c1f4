<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** The rows above the body: column groups and headings, under the lines at the top. */
final class HeadJudge
{
    private const HEADING_WORDS = '/^(?:id|no\.?|nr\.?|#|code|name|title|first\s?name|last\s?name|surname|date|day|time|year|month|week|'
        .'type|kind|category|class|group|status|state|country|city|region|county|street|address|email|e-mail|phone|tel\.?|price|amount|'
        .'cost|total|quantity|qty|count|number|value|unit|units|description|comment|comments|note|notes|remark|remarks|owner|author|'
        .'department|team|role|key|species|latin name|plot|lot|bed|site|area|from|to|start|end|url|link|label|colour|color|size|weight|'
        .'length|height|age|gender|sex|item|product|supplier|customer|order|reference|ref\.?|rank|place|version|source|question|answer|'
        .'task|due|priority|datum|betrag|preis|menge|anzahl|ort|nom|prénom|ville|pays|date de '
        .'.*|fecha|nombre|precio|cantidad)(?:\s.*|_.*)?$/iu';

    /** Rows of headings that are kept in sight, at the most. */
    private const KEPT = 6;

    /** Rows of a block of keys and values, at the most. */
    private const LINES = 200;

    /** @var list<array{int, Part, Ground, string}> row, part, ground, reason */
    private array $rows;

    private int $body;

    private bool $isKeys = false;

    private function __construct(private readonly Region $region)
    {
        ['rows' => $this->rows, 'next' => $this->body] = TopLines::judge($region);
    }

    /**
     * The first body row, and whether it is a block of keys.
     *
     * @return array{rows: list<array{int, Part, Ground, string}>, body: int, isKeys: bool}
     */
    public static function judge(Region $region): array
    {
        $judge = new self($region);
        $judge->headings();

        return ['rows' => $judge->rows, 'body' => $judge->body, 'isKeys' => $judge->isKeys];
    }

    private function headings(): void
    {
        $range = $this->region->range;
        $start = $this->body;
        while ($start <= $range->bottom && $this->region->isBlank($start)) {
            $start++;
        }
        $isShort = $start <= $range->bottom && $range->bottom - $start < self::LINES;
        if ($isShort && KeyBlock::is($this->region, range($start, $range->bottom))) {
            $this->body = $start;
            $this->isKeys = true;

            return;
        }
        if ($this->isTurned($start)) {
            return;
        }
        $typed = $this->typedColumns($start);
        $heads = $typed === [] ? $this->wordHeading($start) : $this->rowsOverFigures($start, $typed);
        $said = $this->region->said();
        if ($said !== null) {
            $this->said($said, $start, $heads);

            return;
        }
        $kept = $this->keptInSight($start);
        $isKept = $kept !== [] && $kept !== $heads;
        $heads = $isKept ? $kept : $heads;
        if ($heads === []) {
            $this->body = $start;

            return;
        }
        $lastHead = max($heads);
        foreach ($heads as $at => $row) {
            $next = $heads[$at + 1] ?? null;
            $group = $next !== null && $this->isGroup($row, $next);
            $this->rows[] = match (true) {
                $group => [$row, Part::ColumnGroup, Ground::Fewer, 'fewer labels than the row below, each over a run of columns'],
                $isKept => [$row, Part::Heading, Ground::Kept, 'the sheet keeps it in sight'],
                $typed === [] => [$row, Part::Heading, Ground::Names, 'names that do not occur below'],
                default => [$row, Part::Heading, Ground::OverFigures, 'words over columns of figures'],
            };
        }
        $this->body = $lastHead + 1;
    }

    /**
     * The file says which row holds the headings; rows of headings above it stay what they are.
     *
     * @param  list<int>  $heads  as they look
     */
    private function said(SaidTable $said, int $start, array $heads): void
    {
        $head = $said->head();
        if ($head === null) {
            $heads = array_values(array_filter($heads, fn (int $row) => $row < $said->range->top));
        } elseif ($head >= $start) {
            $heads = [...array_filter($heads, fn (int $row) => $row < $head), $head];
        }
        // A table that was made over the title as well: the headings are where they look to be.
        foreach ($heads as $at => $row) {
            $isGroup = isset($heads[$at + 1]) && $this->isGroup($row, $heads[$at + 1]);
            $this->rows[] = match (true) {
                $row === $head => [$row, Part::Heading, Ground::FileHeadings, 'the file names it as the headings of a table'],
                $isGroup => [$row, Part::ColumnGroup, Ground::Fewer, 'fewer labels than the row below, each over a run of columns'],
                default => [$row, Part::Heading, Ground::OverRows, 'words over the rows of a table'],
            };
        }
        $this->body = $heads === [] ? $start : max($heads) + 1;
    }

    /** @return list<int> rows of words over the edge of what the sheet keeps in sight, which are its headings for whoever made it */
    private function keptInSight(int $start): array
    {
        $edge = $this->region->facts->hints->frozen();
        if ($edge < $start || $edge >= $this->region->range->bottom || $edge - $start >= self::KEPT || $this->region->isBlank($edge)) {
            return [];
        }
        $rows = [];
        for ($row = $start; $row <= $edge; $row++) {
            $letters = $this->region->letters($row);
            $figures = strlen((string) preg_replace('/[^nNSdDhHbB]/', '', $letters));
            if ($figures > 0.34 * $this->region->filled($row) && ! NumericHeading::at($this->region, $row)) {
                return [];
            }
            $this->region->isBlank($row) || $rows[] = $row;
        }

        return $rows;
    }

    /** A table whose headings are at the left may have names of its records above: words that do not occur below, each of them another. */
    private function isTurned(int $start): bool
    {
        $range = $this->region->range;
        $isShort = $range->bottom - $start < self::LINES && $start < $range->bottom && $this->region->said() === null;
        if (! $isShort || ! Turned::is($this->region, range($start, $range->bottom))) {
            return false;
        }
        $names = array_map(mb_strtolower(...), array_slice($this->region->texts($start), 1));
        $isNamed = trim($this->region->letters($start), 'tw') === '' && count(array_unique($names)) === count($names);
        for ($row = $start + 1; $isNamed && $row <= $range->bottom; $row++) {
            $isNamed = array_intersect(array_map(mb_strtolower(...), $this->region->texts($row)), $names) === [];
        }
        if ($isNamed) {
            $this->rows[] = [$start, Part::Heading, Ground::Names, 'names that do not occur below'];
        }
        $this->body = $isNamed ? $start + 1 : $start;

        return true;
    }

    /** @return list<int> columns whose cells below are mostly figures, dates, times or booleans */
    private function typedColumns(int $start): array
    {
        $range = $this->region->range;
        $typed = [];
        for ($column = $range->left; $column <= $range->right; $column++) {
            $majority = $this->region->majority($column, min($start + 1, $range->bottom), $range->bottom);
            if ($majority !== '.' && $majority !== 't') {
                $typed[] = $column;
            }
        }

        return $typed;
    }

    /**
     * @param  list<int>  $typed
     * @return list<int>
     */
    private function rowsOverFigures(int $start, array $typed): array
    {
        $range = $this->region->range;
        $heads = [];
        $pending = [];
        for ($row = $start; $row <= min($range->bottom, $start + 9) && count($heads) < 4; $row++) {
            if ($this->region->isBlank($row)) {
                continue;
            }
            if (NumericHeading::at($this->region, $row, $heads === [])) {
                array_push($heads, ...$pending, ...[$row]);
                $pending = [];

                continue;
            }
            $letters = $this->region->letters($row);
            $words = 0;
            $figures = 0;
            foreach ($typed as $column) {
                $letter = $letters[$column - $range->left];
                $words += $letter === 't' || $letter === 'w' ? 1 : 0;
                $figures += str_contains(Signature::TYPED, $letter) ? 1 : 0;
            }
            if ($figures > $words * 0.34) {
                break;
            }
            if ($words === 0) {
                // Only labels: the upper row of a stack of headings, or a row group once headings are known.
                if ($heads !== [] || $this->region->filled($row) < 1) {
                    break;
                }
                $pending[] = $row;

                continue;
            }
            // A text or a code among figures in one of many columns is a stray value, not a heading.
            if ($heads !== [] && $words < max(1, 0.4 * count($typed)) && ! $this->continues($row, $heads)) {
                break;
            }
            array_push($heads, ...$pending, ...[$row]);
            $pending = [];
        }

        return $heads;
    }

    /**
     * A further heading row after one that is complete: short words such as units.
     *
     * @param  list<int>  $heads
     */
    private function continues(int $row, array $heads): bool
    {
        return $this->isGroup($heads[count($heads) - 1], $row);
    }

    /** @return list<int> */
    private function wordHeading(int $start): array
    {
        $range = $this->region->range;
        if ($start >= $range->bottom) {
            return [];
        }
        // A row with fewer labels than the next, over runs of columns, may stand above the headings.
        $first =
            $this->region->filled($start) < $range->columns() &&
            $start + 2 <= $range->bottom &&
            $this->region->filled($start + 1) > $this->region->filled($start) &&
            $this->isGroup($start, $start + 1) &&
            $this->region->filled($start) > 1
                ? $start + 1
                : $start;
        $score = 0.0;
        $texts = [];
        for ($column = $range->left; $column <= $range->right; $column++) {
            $head = $this->region->text($first, $column);
            if ($head === '') {
                $score -= $column === $range->left ? 0 : 0.15;

                continue;
            }
            if (isset($texts[mb_strtolower($head)])) {
                return [];
            }
            $texts[mb_strtolower($head)] = true;
            $score += preg_match(self::HEADING_WORDS, $head) === 1 ? 0.5 : 0;
            $score -= preg_match('/\d{3,}|@|^https?:/', $head) === 1 ? 0.6 : 0;
            $score -= mb_strlen($head) > 40 ? 0.4 : 0;
            $score += $this->against($column, $first, $head);
        }
        $score +=
            $this->region->facts->hints->isStrong($first, $range->left) &&
            ! $this->region->facts->hints->isStrong(min($range->bottom, $first + 1), $range->left)
                ? 1
                : 0;

        return $score > -0.2
            ? ($first > $start ? [$start, $first] : [$first])
            : [];
    }

    /** How a head text differs from what stands below it: shapes, repetition, length. */
    private function against(int $column, int $row, string $head): float
    {
        $shapes = [];
        $texts = [];
        foreach ($this->region->sample($row + 1, $this->region->range->bottom, 300) as $below) {
            $text = $this->region->text($below, $column);
            if ($text !== '') {
                $texts[] = $text;
                $shape = (string) preg_replace(['/\p{Lu}/u', '/\p{Ll}+/u', '/\d/'], ['A', 'a', '9'], $text);
                $shapes[$shape] = ($shapes[$shape] ?? 0) + 1;
            }
        }
        if ($texts === []) {
            return 0.0;
        }
        if (in_array($head, $texts, true)) {
            return -0.8;
        }
        $score = 0.0;
        arsort($shapes);
        $common = (string) array_key_first($shapes);
        $same = (string) preg_replace(['/\p{Lu}/u', '/\p{Ll}+/u', '/\d/'], ['A', 'a', '9'], $head);
        if ($shapes[$common] > 0.7 * count($texts) && count($texts) > 2) {
            $score += $same === $common ? -0.15 : 0.5;
        }
        if (count(array_unique($texts)) < 0.5 * count($texts)) {
            $score += 0.4;
        }

        return $score;
    }

    private function isGroup(int $row, int $below): bool
    {
        $range = $this->region->range;
        foreach ($this->region->facts->hints->merges() as $merge) {
            if (
                $merge->top === $row &&
                $merge->rows() === 1 &&
                $merge->columns() > 1 &&
                $merge->columns() < $range->columns() &&
                $merge->clip($range) !== null
            ) {
                return true;
            }
        }
        $labels = [];
        $belowFilled = 0;
        for ($column = $range->left; $column <= $range->right; $column++) {
            $text = $this->region->text($row, $column);
            if ($text !== '') {
                $labels[] = mb_strtolower($text);
            }
            $belowFilled += $this->region->text($below, $column) === '' ? 0 : 1;
        }
        $distinct = count(array_unique($labels));
        if ($distinct < count($labels) && count($labels) >= 2) {
            return true;
        }

        // Labels of the same row that are alone over their column are headings that reach down; only wide ones make groups.
        return $distinct > 0 && count($labels) < $belowFilled && $this->wide($row, $below) > 0;
    }

    /** How many labels have blanks at their right under which, one row down, a further label stands. */
    private function wide(int $row, int $below): int
    {
        $range = $this->region->range;
        $wide = 0;
        $label = null;
        for ($column = $range->left; $column <= $range->right; $column++) {
            if ($this->region->text($row, $column) !== '') {
                $label = $this->region->text($below, $column) === '' ? null : $column;
            } elseif ($label !== null && $this->region->text($below, $column) !== '') {
                $wide++;
                $label = null;
            }
        }

        return $wide;
    }
}
