<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Collator;
use Rilvet\Act\Exception\SortIsWrong;
use Rilvet\Formula\References;
use Rilvet\Grid\Address;
use Rilvet\Grid\BlockChange;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Sheet;
use Rilvet\Guard\Allowance;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Sorts the body of a table by one or several columns: numbers and dates by value, text by the collation of a locale (the
 * Unicode Collation Algorithm, through intl), blanks last. Headings, groups and totals stay in place, and rows stay among
 * the rows of their group; equal rows keep their order.
 */
final readonly class SortTable implements Act
{
    /** Different formulas that are kept in mind. */
    private const KNOWN = 5_000;

    /**
     * @param  int  $row  of a cell of the table
     * @param  non-empty-list<array{int, bool}>  $keys  column, and whether the greatest comes first
     */
    public function __construct(
        private int $sheet,
        private int $row,
        private int $column,
        private array $keys,
        private string $locale = 'en',
    ) {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        Targets::open($sheet, Allowance::Sort);
        $table = $sheet->reading->tableAt($this->row, $this->column) ?? throw SortIsWrong::noTable();
        foreach ($this->keys as [$column]) {
            $table->column($column) ?? throw SortIsWrong::column(Address::columnName($column));
        }
        $blocks = self::blocks($sheet, $table);
        $rows = [];
        foreach ($blocks as [$first, $last]) {
            $rows += $this->sorted($sheet->cells, $first, $last);
        }
        if ($rows === []) {
            return $workbook;
        }
        $order = new RowOrder($table->range->left, $table->range->right, $rows);

        return $workbook->withSheet($this->sheet, $sheet->ordered($order, self::moved($sheet, $order, $blocks), $workbook->looks));
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet)->sorting(Address::of($this->row, $this->column));
    }

    public function words(Workbook $workbook): string
    {
        $keys = array_map(fn (array $key) => Address::columnName($key[0]).($key[1] ? ', greatest first' : ''), $this->keys);

        return 'Data: sorted by '.implode(', then ', $keys).', '.$workbook->sheet($this->sheet)->name;
    }

    /** @return list<array{int, int}> runs of body rows, first and last */
    private static function blocks(Worksheet $sheet, TableReading $table): array
    {
        $blocks = [];
        foreach ($table->runs as $run) {
            if ($run->part === Part::Body) {
                $blocks[] = [$run->first, $run->last];
            }
        }
        foreach ($blocks as [$first, $last]) {
            foreach ($sheet->setup->merges as $merge) {
                if ($merge->meets(Range::of($first, $table->range->left, $last, $table->range->right))) {
                    throw SortIsWrong::merged((string) $merge);
                }
            }
        }

        return $blocks === [] ? throw SortIsWrong::noTable() : $blocks;
    }

    /** @return array<int, int> where each row comes from that does not stay, by the row it goes to */
    private function sorted(Sheet $cells, int $first, int $last): array
    {
        $collator = new Collator($this->locale);
        $columns = array_column($this->keys, 0);
        $order = range($first, $last);
        $kinds = array_fill(0, count($columns), array_fill(0, count($order), 9));
        $numbers = array_fill(0, count($columns), array_fill(0, count($order), 0.0));
        $texts = array_fill(0, count($columns), array_fill(0, count($order), ''));
        foreach ($cells->read($first, $last, min($columns), max($columns)) as $row => $values) {
            foreach ($this->keys as $key => [$column, $down]) {
                [$kind, $number, $text] = self::key($values[$column - 1] ?? Cell::blank(), $collator);
                // Blanks come last in either direction.
                $kinds[$key][$row - $first] = $down && $kind !== 9 ? -$kind : $kind;
                $numbers[$key][$row - $first] = $number;
                $texts[$key][$row - $first] = $text;
            }
        }
        $by = [];
        foreach ($this->keys as $key => [, $down]) {
            array_push(
                $by,
                $kinds[$key],
                SORT_ASC,
                SORT_NUMERIC,
                $numbers[$key],
                $down ? SORT_DESC : SORT_ASC,
                SORT_NUMERIC,
                $texts[$key],
                $down ? SORT_DESC : SORT_ASC,
                SORT_STRING,
            );
        }
        // Equal rows keep their order.
        $by[] = $order;
        $by[] = SORT_ASC;
        $by[] = SORT_NUMERIC;
        $by[] = &$order;
        /** @phpstan-ignore argument.type (columns and the ways they are sorted, in turn) */
        array_multisort(...$by);
        $rows = [];
        foreach ($order as $index => $from) {
            if ($from !== $first + $index) {
                $rows[$first + $index] = $from;
            }
        }

        return $rows;
    }

    /**
     * The cells in their new order; a formula says of its new row what it said of its old one.
     *
     * @param  list<array{int, int}>  $blocks  first and last of the rows that change places among themselves
     * @param  bool  $isFilled  what looks at other rows looks at those beside its new place; else it is in the way
     */
    public static function moved(Worksheet $sheet, RowOrder $order, array $blocks, bool $isFilled = false): Sheet
    {
        /** @var array<string, string> $known what formulas filled down say, with their own row as "#" */
        $known = [];
        $formula = function (string $formula, int $column, int $from, int $to) use ($sheet, $blocks, $isFilled, &$known) {
            foreach ($blocks as $number => [$first, $last]) {
                if ($from >= $first && $from <= $last) {
                    $alike = self::alike($formula, $from);
                    if (isset($known["$number|$alike"])) {
                        return str_replace('#', (string) $to, $known["$number|$alike"]);
                    }
                    $said =
                        References::inRow($formula, $sheet->name, $from, $to, $first, $last) ??
                        ($isFilled ? References::translated($formula, $to - $from, 0) : null) ??
                        throw SortIsWrong::formula(Address::columnName($column).$from);
                    if ($alike !== null && count($known) < self::KNOWN) {
                        $known["$number|$alike"] = (string) self::alike($said, $to);
                    }

                    return $said;
                }
            }

            return $formula;
        };
        $blocks = BlockChange::flat($sheet->cells);
        if ($blocks !== null) {
            return BlockChange::ordered($blocks, $order, $formula);
        }
        $edits = [];
        $cells = iterator_to_array($sheet->cells->read($order->first(), $order->last()));
        foreach ($order->from as $to => $from) {
            for ($column = $order->left; $column <= $order->right; $column++) {
                $cell = $cells[$from][$column - 1] ?? Cell::blank();
                $edits[$to][$column] = $cell->formula === null ? $cell : $cell->saying($formula($cell->formula, $column, $from, $to));
            }
        }

        return new EditedSheet($sheet->cells, $edits);
    }

    /** A formula with each cell of its own row as "A#", the same for all that were filled down; null where that is not certain. */
    private static function alike(string $formula, int $row): ?string
    {
        return preg_match('/[#!"\'\[\x80-\xFF]/', $formula) === 1
            ? null
            : preg_replace("~(?<![\\w.\\\\$])(\\$?[A-Z]{1,3})$row(?![\\w(.])~", '$1#', $formula);
    }

    /** @return array{int, float, string} the kinds in their order, and the value within the kind */
    private static function key(Cell $cell, Collator $collator): array
    {
        return match (true) {
            $cell->error !== null => [3, 0.0, $cell->error],
            $cell->isBlank() => [9, 0.0, ''],
            $cell->number() !== null => [0, $cell->number(), ''],
            is_bool($cell->value) => [2, $cell->value ? 1.0 : 0.0, ''],
            default => [1, 0.0, (string) $collator->getSortKey($cell->text())],
        };
    }
}
