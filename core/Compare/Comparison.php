<?php

declare(strict_types=1);

namespace Rilvet\Compare;

use Rilvet\Condition\Conditions;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Sheet;
use Rilvet\Look\Facet;
use Rilvet\Reading\ColumnReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Two sheets beside each other: which rows and columns are the same ones, and what differs in them. */
final class Comparison
{
    /** Cells that are compared at the most. */
    private const CELLS = 4_000_000;

    /** Rows up to which they are matched by what they hold; beyond, by their place. */
    private const MATCHED = 300_000;

    /** Places of a difference that are named. */
    private const PLACES = 200;

    /** @var list<array{int, int, int}> */
    public readonly array $rows;

    /** @var list<array{int, int, int}> */
    public readonly array $columns;

    /** @var list<Difference> */
    public readonly array $differences;

    /** Not all cells were compared. */
    public bool $isPart = false;

    /** @var array<string, array{int, list<string>, list<string>}> by facet and part */
    private array $found = [];

    private readonly Worksheet $left;

    private readonly Worksheet $right;

    /** @param  bool  $sameCells  both hold the same, as is known from their history */
    public function __construct(
        private readonly Workbook $leftBook,
        private readonly int $leftNumber,
        private readonly Workbook $rightBook,
        private readonly int $rightNumber,
        private readonly bool $sameCells = false,
    ) {
        $this->left = $leftBook->sheet($leftNumber);
        $this->right = $rightBook->sheet($rightNumber);
        [$this->rows, $this->columns] = $this->matched();
        $this->look();
        $this->sizes();
        $this->opening();
        $this->differences = $this->told();
    }

    /** @return array{list<array{int, int, int}>, list<array{int, int, int}>} */
    private function matched(): array
    {
        [$one, $other] = [$this->left->cells, $this->right->cells];
        $even = fn (int $a, int $b): array => min($a, $b) > 0 ? [[1, 1, min($a, $b)]] : [];
        $isSame = $this->sameCells || max($one->rows(), $other->rows()) > self::MATCHED;
        $columns = $isSame ? $even($one->columns(), $other->columns())
            : (Lines::match(self::headings($this->left), self::headings($this->right)) ?: $even($one->columns(), $other->columns()));
        if ($isSame) {
            return [$even($one->rows(), $other->rows()), $columns];
        }
        [$lefts, $leftNames] = self::lines($one, array_merge(...array_map(fn (array $run) => range($run[0], $run[0] + $run[2] - 1),
            $columns)));
        [$rights, $rightNames] = self::lines($other, array_merge(...array_map(fn (array $run) => range($run[1],
            $run[1] + $run[2] - 1), $columns)));

        return [Lines::match($lefts, $rights, $leftNames, $rightNames), $columns];
    }

    /** @return list<string> what each column is known by */
    private static function headings(Worksheet $sheet): array
    {
        $names = [];
        for ($column = 1; $column <= $sheet->cells->columns(); $column++) {
            $name = '';
            foreach (array_slice($sheet->reading->tables, 0, 50) as $table) {
                $name .= '|'.ColumnReading::plain((string) $table->column($column)?->heading);
            }
            $names[] = trim($name, '|');
        }

        return $names;
    }

    /**
     * @param  list<int>  $columns
     * @return array{list<string>, list<string>} what each row holds, and the first text of it
     */
    private static function lines(Sheet $cells, array $columns): array
    {
        $holds = $names = [];
        foreach ($cells->read(1, $cells->rows()) as $line) {
            $text = $name = '';
            foreach ($columns as $column) {
                $cell = $line[$column - 1] ?? null;
                $says = $cell === null ? '' : $cell->text();
                $text .= "\x1F".$says;
                $name = $name === '' ? $says : $name;
            }
            $holds[] = strlen($text) > 40 ? hash('xxh128', $text, true) : $text;
            $names[] = $name;
        }

        return [$holds, $names];
    }

    /** What cells wear, and what they hold. */
    private function look(): void
    {
        [$one, $other] = [new DressedSheet($this->left, $this->leftBook->looks), new DressedSheet($this->right, $this->rightBook->looks)];
        $pairs = [];
        foreach ($this->columns as [$a, $c, $count]) {
            for ($at = 0; $at < $count; $at++) {
                $pairs[] = [$a + $at, $c + $at];
            }
        }
        $seen = 0;
        $memo = $cells = [];
        foreach ($this->rows as [$a, $c, $count]) {
            $values = $this->sameCells ? null : $this->values($a, $c, $count);
            for ($at = 0; $at < $count; $at++) {
                [$row, $beside] = [$a + $at, $c + $at];
                [$first, $second] = [$one->key($row), $other->key($beside)];
                $key = $first === null || $second === null ? null : "$first/$second";
                $differs = $key === null ? null : $memo[$key] ?? null;
                if ($differs === null) {
                    $seen += count($pairs);
                    if ($seen > self::CELLS) {
                        $this->isPart = true;

                        return;
                    }
                    $differs = [];
                    foreach ($pairs as [$column, $across]) {
                        [$mine, $yours] = [$one->at($row, $column), $other->at($beside, $across)];
                        $facets = $cells["$mine->number/$yours->number"] ??= self::facets($mine, $yours);
                        $part = $facets === [] ? '' : self::part($this->right, $beside, $across) ?? self::part($this->left, $row,
                            $column) ?? '';
                        foreach ($facets as $facet) {
                            $differs["$facet|$part"][] = [$column, $across];
                        }
                    }
                    $key === null || $memo[$key] = $differs;
                }
                foreach ($differs as $kind => $where) {
                    $this->addRow($kind, $where, $row, $beside);
                }
                if ($values !== null) {
                    $this->compare($values->valid() ? $values->current() : null, $row, $beside, $pairs);
                    $values->next();
                }
            }
        }
    }

    private static function part(Worksheet $sheet, int $row, int $column): ?string
    {
        return $sheet->reading->tableAt($row, $column)?->partAt($row, $column)?->words();
    }

    /** @return \Generator<int, array{list<Cell>, list<Cell>}> */
    private function values(int $left, int $right, int $count): \Generator
    {
        $others = $this->iterate($this->right->cells, $right, $right + $count - 1);
        foreach ($this->iterate($this->left->cells, $left, $left + $count - 1) as $cells) {
            yield [$cells, $others->valid() ? $others->current() : []];
            $others->next();
        }
    }

    /** @return \Generator<int, list<Cell>> */
    private function iterate(Sheet $cells, int $first, int $last): \Generator
    {
        foreach ($cells->read($first, $last) as $line) {
            yield $line;
        }
    }

    /**
     * @param  array{list<Cell>, list<Cell>}|null  $lines
     * @param  list<array{int, int}>  $columns
     */
    private function compare(?array $lines, int $row, int $beside, array $columns): void
    {
        [$mine, $yours] = $lines ?? [[], []];
        foreach ($columns as [$column, $across]) {
            $one = $mine[$column - 1] ?? Cell::blank();
            $other = $yours[$across - 1] ?? Cell::blank();
            if ($one->value !== $other->value || $one->error !== $other->error) {
                $this->add('values', '', Address::columnName($column).$row, Address::columnName($across).$beside);
            } elseif ($one->formula !== $other->formula) {
                $this->add('formulas', '', Address::columnName($column).$row, Address::columnName($across).$beside);
            }
        }
    }

    /** @return list<string> */
    private static function facets(ResolvedLook $one, ResolvedLook $other): array
    {
        $differ = [];
        foreach (Facet::cases() as $facet) {
            if ($one->look->facet($facet)->key() !== $other->look->facet($facet)->key()) {
                $differ[] = $facet->value;
            }
        }

        return $differ;
    }

    private function sizes(): void
    {
        [$one, $other] = [$this->left->setup->sizes, $this->right->setup->sizes];
        foreach ($this->columns as [$a, $c, $count]) {
            for ($at = 0; $at < $count; $at++) {
                [$first, $second] = [Address::columnName($a + $at), Address::columnName($c + $at)];
                $one->widthOf($a + $at) === $other->widthOf($c + $at) || $this->add('widths', '', "$first:$first", "$second:$second");
            }
        }
        foreach ($this->rows as [$a, $c, $count]) {
            for ($at = 0; $at < $count; $at++) {
                $one->heightOf($a + $at) === $other->heightOf($c + $at)
                    || $this->add('heights', '', ($a + $at).':'.($a + $at), ($c + $at).':'.($c + $at));
            }
        }
    }

    private function opening(): void
    {
        [$one, $other] = [$this->left->setup, $this->right->setup];
        $one->opening == $other->opening || $this->add('opening', '', 'A1', 'A1');
        array_map(strval(...), $one->merges) === array_map(strval(...), $other->merges) || $this->add('merges', '', 'A1', 'A1');
        $this->left->aspect(Conditions::class)->toJson() === $this->right->aspect(Conditions::class)->toJson()
            || $this->add('conditions', '', 'A1', 'A1');
    }

    /**
     * Cells of one row that differ in one way: all are counted, the first are named.
     *
     * @param  list<array{int, int}>  $columns
     */
    private function addRow(string $kind, array $columns, int $row, int $beside): void
    {
        $this->found[$kind] ??= [0, [], []];
        $this->found[$kind][0] += count($columns);
        $room = self::PLACES - count($this->found[$kind][1]);
        foreach ($room > 0 ? array_slice($columns, 0, $room) : [] as [$column, $across]) {
            $this->found[$kind][1][] = Address::columnName($column).$row;
            $this->found[$kind][2][] = Address::columnName($across).$beside;
        }
    }

    private function add(string $facet, string $part, string $left, string $right): void
    {
        $key = "$facet|$part";
        $this->found[$key] ??= [0, [], []];
        $this->found[$key][0]++;
        if (count($this->found[$key][1]) < self::PLACES) {
            $this->found[$key][1][] = $left;
            $this->found[$key][2][] = $right;
        }
    }

    /** @return list<Difference> */
    private function told(): array
    {
        $told = [];
        foreach ($this->found as $key => [$count, $left, $right]) {
            [$facet, $part] = explode('|', $key);
            $what = match ($facet) {
                'widths' => ['column', 'columns'],
                'heights' => ['row', 'rows'],
                'opening' => ['way of opening', 'ways'],
                'merges' => ['set of merges', 'sets'],
                'conditions' => ['set of conditional looks', 'sets'],
                default => ['cell', 'cells'],
            };
            $told[] = new Difference($facet, $part, $count, number_format($count).' '.$what[$count === 1 ? 0 : 1], $left, $right);
        }
        usort($told, fn (Difference $one, Difference $other) => $other->count <=> $one->count);

        return $told;
    }

    /**
     * Lines of one side that are not on the other.
     *
     * @param  list<array{int, int, int}>  $runs
     */
    public static function unmatched(array $runs, int $all): int
    {
        return max(0, $all - array_sum(array_column($runs, 2)));
    }
}
