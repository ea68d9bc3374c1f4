<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Intake\TotalWords;

/** The rows from the first body row down: body, row groups, subtotals, totals, notes, blank spacers. */
final class BodyJudge
{
    /** Rows of the same kinds as the headings that are compared with them. */
    private const COMPARED = 20_000;

    /** @var array<int, Part|null> only rows that are not plain body */
    private array $parts = [];

    /** @var array<int, array{Ground, string}> */
    private array $reasons = [];

    private readonly int $last;

    /** @param  list<int>  $labels label columns */
    private function __construct(
        private readonly Region $region,
        private readonly int $from,
        private readonly array $labels,
        private readonly bool $isKeys,
    ) {
        $this->last = $region->range->bottom;
    }

    /**
     * @param  list<int>  $labels
     * @param  bool  $isKeys  a block of keys: its values add up to nothing, and a key without a value is one all the same
     * @return list<RowRun>
     */
    public static function judge(Region $region, int $from, array $labels, bool $isKeys = false): array
    {
        $judge = new self($region, $from, $labels, $isKeys);
        $judge->lines();
        $judge->repeatedHeadings();
        foreach ($isKeys ? [] : TotalJudge::judge($region, $from, $labels, $judge->parts) as $row => [$part, $ground, $why]) {
            $judge->mark($row, $part, $ground, $why);
        }

        return $judge->runs();
    }

    /** Blank rows and rows of one text: notes at the end, row groups before rows of data. */
    private function lines(): void
    {
        $end = $this->last;
        while ($end >= $this->from && ($this->region->isBlank($end) || $this->isNote($end))) {
            $end--;
        }
        $memo = [];
        $isGappy = Ticks::areGappy($this->region, $this->from, $end);
        for ($row = $this->from; $row <= $this->last; $row++) {
            $letters = $this->region->letters($row);
            $memo[$letters] ??=
                trim($letters, '.') === ''
                    ? 'blank'
                    : ($this->region->range->columns() > 1 &&
                    strlen(str_replace('.', '', $letters)) === 1 &&
                    strpbrk($letters, 'twT') !== false
                        ? 'lone'
                        : 'row');
            if ($memo[$letters] === 'blank') {
                $this->mark($row, null, Ground::Blank, 'blank');
            } elseif ($row > $end) {
                $text = $this->loneText($row);
                $this->mark(
                    $row,
                    Part::Note,
                    RowBands::isNote($text) ? Ground::NoteWord : Ground::Below,
                    RowBands::isNote($text) ? 'begins like a note' : 'text below the table',
                );
            } elseif (! $isGappy && $memo[$letters] === 'lone' && $this->isGroupLabel($row, $end)) {
                $this->mark($row, Part::RowGroup, Ground::Label, 'a row with only a label, before rows of data');
            }
        }
    }

    /** Long lists say their headings again, once a page: rows of the very texts of the row above the body. */
    private function repeatedHeadings(): void
    {
        for ($head = $this->from - 1; $head > $this->region->range->top && $this->region->isBlank($head); $head--);
        $letters = $head < $this->region->range->top ? '' : $this->region->letters($head);
        if (strlen(str_replace('.', '', $letters)) < 2) {
            return;
        }
        $texts = $this->region->texts($head);
        for ($row = $this->from, $read = 0; $row <= $this->last && $read < self::COMPARED; $row++) {
            if (array_key_exists($row, $this->parts) || $this->region->letters($row) !== $letters) {
                continue;
            }
            $read++;
            // Nearly all other rows differ in their first text.
            $first = strspn($letters, '.');
            if (
                $this->region->text($row, $this->region->range->left + $first) === $texts[$first] &&
                $this->region->texts($row) === $texts
            ) {
                $this->mark($row, Part::Heading, Ground::Again, "says the headings of row $head again");
            }
        }
    }

    private function isNote(int $row): bool
    {
        if ($this->isKey($row)) {
            return false;
        }
        $column = $this->region->loneText($row);
        if ($column === null || $this->region->range->columns() === 1) {
            // Marks such as "* | provisional" take two cells.
            $letters = rtrim($this->region->letters($row), '.');

            return $this->region->range->columns() > 2 && strlen($letters) === 2 && strpbrk($letters, 'nNSdh') === false
                && preg_match('/^[*†‡¹²³]+$|^\(?[a-z1-9]\)$/u', $this->region->text($row, $this->region->range->left)) === 1;
        }
        $text = $this->loneText($row);
        if (RowBands::isNote($text)) {
            return true;
        }

        // A lone name right under rows of data may be a record without figures; apart from them, it is a note.
        return $column === $this->region->range->left &&
            ! ($this->hasFigures() && TotalWords::in($text)) &&
            ($this->region->isBlank($row - 1) ||
                $this->isNoteAbove($row) ||
                mb_strlen($text) > 40 ||
                ($row === $this->last && $this->hasFigures() && mb_strlen($text) > 25));
    }

    /** A key of a form that nobody filled in. */
    private function isKey(int $row): bool
    {
        return $this->isKeys && KeyBlock::hasColon($this->loneText($row));
    }

    private function isNoteAbove(int $row): bool
    {
        $column = $this->region->loneText($row - 1);

        return $column !== null && RowBands::isNote($this->loneText($row - 1));
    }

    private function isGroupLabel(int $row, int $end): bool
    {
        $column = $this->region->loneText($row);
        if ($this->isKey($row)) {
            return false;
        }
        if ($column === null || ($this->labels !== [] && $column > max($this->labels)) || $row >= $end) {
            return false;
        }
        for ($next = $row + 1; $next <= $end; $next++) {
            if (! $this->region->isBlank($next)) {
                return $this->region->filled($next) > 1 || $this->region->loneText($next) !== null;
            }
        }

        return false;
    }

    private function hasFigures(): bool
    {
        return strpbrk(
            implode('', array_map($this->region->letters(...), $this->region->sample($this->from, min($this->last, $this->from + 60), 60))),
            'nNS',
        ) !== false;
    }

    private function loneText(int $row): string
    {
        $at = strspn($this->region->letters($row), '.');

        return $this->region->text($row, $this->region->range->left + $at);
    }

    private function mark(int $row, ?Part $part, Ground $ground, string $why): void
    {
        $this->parts[$row] = $part;
        $this->reasons[$row] = [$ground, $why];
    }

    /** @return list<RowRun> */
    private function runs(): array
    {
        $runs = [];
        ksort($this->parts);
        $at = $this->from;
        foreach ($this->parts as $row => $part) {
            if ($row > $at) {
                $runs[] = new RowRun($at, $row - 1, Part::Body, why: 'rows of data', ground: Ground::Rows);
            }
            $last = array_key_last($runs);
            [$ground, $why] = $this->reasons[$row];
            if (
                $last !== null &&
                $runs[$last]->part === $part &&
                $runs[$last]->last === $row - 1 &&
                $part !== Part::RowGroup &&
                $part !== Part::Subtotal &&
                $part !== Part::Total
            ) {
                $runs[$last] = $runs[$last]->over($runs[$last]->first, $row);
            } else {
                $runs[] = new RowRun($row, $row, $part, why: $why, ground: $ground);
            }
            $at = $row + 1;
        }
        if ($at <= $this->last) {
            $runs[] = new RowRun($at, $this->last, Part::Body, why: 'rows of data', ground: Ground::Rows);
        }

        return $runs;
    }
}
