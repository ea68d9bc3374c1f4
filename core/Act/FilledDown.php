<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Formula\FormulaRun;
use Rilvet\Formula\FormulaRuns;
use Rilvet\Formula\References;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Shift;
use Rilvet\Reading\TableReading;
use Rilvet\Renew\Plan;
use Rilvet\Work\Worksheet;

/**
 * Columns of a table that are worked out, and how they go on when its rows are others. What looks at its own row alone goes
 * along with its row; what looks at the row above, as a running total does, belongs to the place: its first row says what
 * the first row said, and all others what most of them said.
 */
final readonly class FilledDown
{
    /**
     * @param  array<int, string|null>  $columns  what the first row says where the column looks at other rows, else null; by column
     * @param  array<int, list<string|int>>  $usual  what most rows say, by column
     */
    private function __construct(private array $columns, private array $usual)
    {
    }

    public static function of(Worksheet $sheet, TableReading $table, Plan $plan): self
    {
        $columns = [];
        foreach ($plan->pairs as $pair) {
            if ($pair->isFormula && ! $pair->isGone && $pair->to !== null) {
                $columns[$pair->to] = null;
            }
        }
        $said = [];
        foreach ($columns === [] ? [] : self::runs($sheet, $table, $columns) as $column => $own) {
            $usual = self::usual($own);
            $usual === null ?: $said[$column] = $usual;
            $looksAtOthers = $usual !== null && array_filter($usual, fn (string|int $part) => is_int($part) && $part !== 0) !== [];
            $columns[$column] = $looksAtOthers && $own[0]->first <= (int) $table->firstBodyRow() ? $own[0]->at((int) $table->firstBodyRow())
                : ($looksAtOthers ? '' : null);
        }

        return new self($columns, $said);
    }

    /**
     * The formulas that have to be said, once rows and columns have moved.
     *
     * @param  NewColumns|null  $places  null while the columns stand where they stood
     * @param  array<int, true>  $new  rows that are new, as keys
     * @param  int|null  $first  where the first row of the body went; null where it is gone
     * @return array<int, array<int, Cell>> by row and column
     */
    public function edits(Worksheet $sheet, TableReading $table, ?NewColumns $places, array $new, ?int $first): array
    {
        $edits = [];
        $at = $was = [];
        foreach ($this->columns as $column => $says) {
            $place = $places?->at($column) ?? $column;
            $at[$place] = $places === null ? null : $says;
            $was[$place] = self::said($this->usual[$column] ?? null, $places, $sheet->name);
        }
        foreach ($at === [] ? [] : self::runs($sheet, $table, $at) as $column => $runs) {
            $usual = $was[$column] ?? self::usual($runs);
            if ($usual === null) {
                continue;
            }
            foreach (array_keys($new) as $row) {
                $edits[$row][$column] = Cell::formula(References::filled($usual, $row), null);
            }
            if ($at[$column] !== null) {
                self::placed($edits, $column, $runs, $usual, $sheet, $table, $at[$column], $first);
            }
        }

        return $edits;
    }

    /**
     * @param  array<int, array<int, Cell>>  $edits
     * @param  non-empty-list<FormulaRun>  $runs
     * @param  list<string|int>  $usual
     * @param  string  $says  what the first row said
     */
    private static function placed(array &$edits, int $column, array $runs, array $usual, Worksheet $sheet, TableReading $table,
        string $says,
        ?int $first): void
    {
        $top = (int) $table->firstBodyRow();
        foreach ($runs as $run) {
            if (References::template($run->formula, $run->first) === $usual) {
                continue;
            }
            foreach ($sheet->cells->read($run->first, $run->last, $column, $column) as $row => $cells) {
                $edits[$row][$column] = $cells[$column - 1]->saying(References::filled($usual, $row));
            }
        }
        if ($says === '') {
            return;
        }
        // The first row is where it was, since what stands above has not moved.
        foreach ($runs as $run) {
            $says = $first !== null && $run->first <= $first && $run->last >= $first ? References::translated($run->at($first),
                $top - $first, 0) : $says;
        }
        $edits[$top][$column] = ($edits[$top][$column] ?? Cell::formula($says, null))->saying($says);
    }

    /**
     * What most rows said, with its columns where they stand now; null where it names rows that do not go along, which have moved.
     *
     * @param  list<string|int>|null  $usual
     * @return list<string|int>|null
     */
    private static function said(?array $usual, ?NewColumns $places, string $sheet): ?array
    {
        if ($usual === null || preg_match('/\$\d/', implode('#', $usual)) === 1) {
            return null;
        }
        // In the middle of a worksheet, so that no row is above its first.
        $row = intdiv(Address::ROWS, 2);
        $text = References::filled($usual, $row);
        foreach ($places?->steps() ?? [] as [$at, $count]) {
            $text = (new References(new Shift(false, $at, abs($count), $count > 0), $sheet))->moved($text, true);
        }

        return str_contains($text, '#REF!') ? null : References::template($text, $row);
    }

    /**
     * What most of the rows say.
     *
     * @param  non-empty-list<FormulaRun>  $runs
     * @return list<string|int>|null
     */
    private static function usual(array $runs): ?array
    {
        $rows = [];
        $templates = [];
        foreach ($runs as $run) {
            if ($run->array === null && ! str_contains($run->formula, '#REF!')) {
                $template = References::template($run->formula, $run->first);
                $key = implode("\0", $template);
                $templates[$key] = $template;
                $rows[$key] = ($rows[$key] ?? 0) + $run->last - $run->first + 1;
            }
        }
        arsort($rows);
        $most = array_key_first($rows);

        return $most === null ? null : $templates[$most];
    }

    /**
     * @param  array<int, mixed>  $columns  as keys
     * @return array<int, non-empty-list<FormulaRun>> within the rows of the body, by column
     */
    private static function runs(Worksheet $sheet, TableReading $table, array $columns): array
    {
        $body = $table->bodyRange();
        $runs = [];
        if ($body === null) {
            return [];
        }
        foreach (FormulaRuns::of($sheet->cells) as $run) {
            if (array_key_exists($run->column, $columns) && $body->meetsRows($run->first, $run->last)) {
                [$first, $last] = [max($run->first, $body->top), min($run->last, $body->bottom)];
                $runs[$run->column][] = new FormulaRun($run->column, $first, $last, $run->at($first), $run->array);
            }
        }

        return $runs;
    }
}
