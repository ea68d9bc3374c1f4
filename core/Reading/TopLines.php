<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** Lone lines at the top of a table: the title, then units lines and further lines of the title. */
final class TopLines
{
    private const UNITS = '/^\W*(?:(?:all\s+)?(?:figures|amounts|values|money|prices|sums)\b.{0,40}\b(?:in|are)\b|in\s+(?:thousands?|'
        .'millions?|billions?|hundreds|per\s*cent|percent|%|\p{Sc}|[A-Z]{3}\b|pounds|euros?|dollars|kg|tonnes|units)|\p{Sc}\s?(?:m|k|bn|'
        .'000s?|million|thousand|\'000)?\W*$|(?:per\s*cent|percent|%)(?:\s+of\b.*)?\W*$|as\s+(?:at|of)\b|(?:in\s+)?(?:tausend|mio|mrd|'
        .'tsd)\b|(?:en|em|in|v|w|i)\s+(?:milliers|millions|miles|millones|milhares|milhões|migliaia|milioni|duizend(?:en)?|miljoenen|'
        .'tus(?:en)?tals?|miljoner|tisících|milionech|tys|mln)\b|tuhat(?:ta|ansia)\b|bin(?:lerce)?$|тыс|млн|[（(]?[千万億]|money\s+in|'
        .'units?\s*:|currency\s*:|thousands|millions|(?:for\s+the\s+)?(?:week|month|quarter|year|period)\s+(?:to|ended|ending)\b|'
        .'stand\s*:|stand\s+vom|counted\b|date\s*:)/iu';

    /** @var list<array{int, Part, Ground, string}> row, part, ground, reason */
    private array $rows = [];

    private int $next;

    private function __construct(private readonly Region $region)
    {
        $this->next = $region->range->top;
    }

    /** @return array{rows: list<array{int, Part, Ground, string}>, next: int} the lines; the row after the last of them */
    public static function judge(Region $region): array
    {
        $lines = new self($region);
        $lines->lines();

        return ['rows' => $lines->rows, 'next' => $lines->next];
    }

    private function lines(): void
    {
        $range = $this->region->range;
        if ($range->columns() === 1) {
            return;
        }
        $seenTitle = false;
        for ($row = $range->top; $row <= $range->bottom; $row++) {
            if ($this->region->isBlank($row)) {
                continue;
            }
            $column = $this->lineColumn($row);
            if ($column === null || ! $this->followedByTable($row)) {
                break;
            }
            $text = $this->region->text($row, $column);
            $isUnits = preg_match(self::UNITS, $text) === 1 || preg_match('/^\(.*\)$/u', $text) === 1;
            if ($seenTitle && ! $isUnits && ! $this->region->isBlank($row + 1) && $this->headingFollows($row) === false) {
                break;
            }
            if (! $seenTitle && ! $isUnits) {
                $this->rows[] = [$row, Part::Title, Ground::Above, 'a lone text above the table'];
                $seenTitle = true;
            } else {
                $this->rows[] = [
                    $row,
                    Part::Units,
                    $isUnits ? Ground::Units : Ground::Second,
                    $isUnits ? 'names units or a date of the table' : 'a second line under the title',
                ];
            }
            $this->next = $row + 1;
        }
    }

    /** The column of a line that stands alone in its row, at the left or over most of the width; null for any other row. */
    private function lineColumn(int $row): ?int
    {
        $range = $this->region->range;
        $column = $this->region->loneText($row);
        if ($column === null) {
            // "Counted on | 14 March": two cells at the left of a wide table.
            $letters = $this->region->letters($row);
            $pair =
                preg_match('/^[tw][tndh]\.+$/', $letters) === 1 &&
                str_ends_with($this->region->text($row, $range->left), ':');

            return $pair || $this->isBanner($row) ? $range->left : null;
        }
        $width = 1;
        foreach ($this->region->facts->hints->merges() as $merge) {
            if ($merge->contains($row, $column)) {
                $width = $merge->columns();
            }
        }
        if ($column === $range->left || $width >= 0.6 * $range->columns()) {
            return $column;
        }

        // Centred by hand in the middle of the table, or pushed to the right edge as units lines are.
        return preg_match(self::UNITS, $this->region->text($row, $column)) === 1 ||
            ($range->columns() >= 4 && $column > $range->left + 1 && ! $this->headingIsNext($row))
            ? $column
            : null;
    }

    /** "Nursery report | | | Page 1": words at both ends of a printed report, a blank row before its headings. */
    private function isBanner(int $row): bool
    {
        if (preg_match('/^[tw]\.{2,}[twndh]$/', $this->region->letters($row)) !== 1) {
            return false;
        }
        for ($next = $row + 1; $next <= min($row + 6, $this->region->range->bottom); $next++) {
            if ($this->region->isBlank($next)) {
                return true;
            }
            if ($this->region->filled($next) > 2) {
                return false;
            }
        }

        return false;
    }

    private function headingIsNext(int $row): bool
    {
        $next = $row + 1;

        return $next <= $this->region->range->bottom && ! $this->region->isBlank($next) && $this->region->loneText($next) === null;
    }

    private function followedByTable(int $row): bool
    {
        for ($next = $row + 1; $next <= min($row + 8, $this->region->range->bottom); $next++) {
            if ($this->region->filled($next) > 1) {
                return true;
            }
        }

        return false;
    }

    /** Whether the next full row is one of headings; if it is body, a lone text before it is a row group. */
    private function headingFollows(int $row): bool
    {
        for ($next = $row + 1; $next <= $this->region->range->bottom; $next++) {
            if ($this->region->filled($next) > 1) {
                return strpbrk($this->region->letters($next), 'nNSdDhHbB') === false || NumericHeading::at($this->region, $next);
            }
        }

        return false;
    }
}
