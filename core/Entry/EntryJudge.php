<?php

declare(strict_types=1);

namespace Rilvet\Entry;

use Rilvet\Condition\Around;
use Rilvet\Condition\Columns;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Facts;
use Rilvet\Condition\Is;
use Rilvet\Condition\Judge;
use Rilvet\Condition\Test;
use Rilvet\Condition\Where;
use Rilvet\Condition\Written;
use Rilvet\Formula\Expression\Area;
use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\NotKnown;
use Rilvet\Formula\Expression\Parser;
use Rilvet\Formula\Expression\Scalars;
use Rilvet\Formula\Values;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;

/** Says of cells what one check offers them, and whether what they hold is allowed. */
final class EntryJudge
{
    /** Choices that are offered; of more the first. */
    public const CHOICES = 5_000;

    private ?Judge $judge = null;

    private ?Node $list = null;

    private readonly At $at;

    /** @var array<string, list<bool|int|float|string>> choices by what they are taken from */
    private array $choices = [];

    /** @var array<string, array<string, true>> how choices read, by the same */
    private array $prints = [];

    /** Why it is not worked out here; null where it is. */
    public ?string $why = null;

    /** @param  non-empty-list<Range>  $ranges  where it holds */
    public function __construct(
        public readonly EntryCheck $check,
        public readonly array $ranges,
        private readonly Sheet $cells,
        private readonly Around $around,
        private readonly Facts $facts,
        private readonly Values $values,
    ) {
        [$row, $column] = EntryCheck::first($ranges);
        $this->at = new At($values, $around->number, $row, $column, $around->now, $around->from1904, $facts);
    }

    /** Whether what a cell holds is allowed; what cannot be worked out is. */
    public function allows(int $row, int $column, Cell $cell): bool
    {
        $check = $this->check;
        if ($cell->value === null || $cell->value === '') {
            return $cell->error === null && ($check->blank || $check->kind === EntryKind::Any);
        }
        if ($check->kind === EntryKind::Any || $this->why !== null) {
            return true;
        }
        try {
            if ($check->kind === EntryKind::List) {
                return $check->ofColumn || $this->isListed($row, $column, $cell);
            }
            if ($check->kind === EntryKind::Whole && (($number = $cell->number()) === null || floor($number) !== $number)) {
                return false;
            }
            if (in_array($check->kind, [EntryKind::Decimal, EntryKind::Date, EntryKind::Time], true) && $cell->number() === null) {
                return false;
            }
            $holds = $this->judge()->holds($row, $column, $cell);
            $this->why = $this->judge()->why;

            return $holds || $this->why !== null;
        } catch (NotKnown $fault) {
            $this->why = $fault->getMessage();

            return true;
        }
    }

    /**
     * What a cell may hold by a list, in its order; without blanks.
     *
     * @return list<bool|int|float|string>
     */
    public function choices(int $row, int $column): array
    {
        if ($this->check->kind !== EntryKind::List || $this->why !== null) {
            return [];
        }
        try {
            return $this->ofKey($this->key($row, $column), $row, $column);
        } catch (NotKnown $fault) {
            $this->why = $fault->getMessage();

            return [];
        }
    }

    /** Where a list is taken from, as it is meant from a cell; null where it is typed or is no range. */
    public function from(int $row, int $column): ?string
    {
        try {
            $node = $this->list();
        } catch (NotKnown) {
            return null;
        }
        if (! $node instanceof Area) {
            return null;
        }
        $at = $this->at->go($row, $column);
        $sheet = $node->sheet($at);

        return ($sheet === $this->around->number ? '' : $this->around->scope->nameOf($sheet).'!').$node->at($at);
    }

    /** Reads its formulas, so that it is known whether they can be. */
    public function tried(): ?string
    {
        try {
            if ($this->check->kind === EntryKind::List) {
                $this->check->ofColumn || $this->list();
            } elseif ($this->check->kind !== EntryKind::Any) {
                $this->why = $this->judge()->tried();
            }
        } catch (NotKnown $fault) {
            $this->why = $fault->getMessage();
        }

        return $this->why;
    }

    /** What is wanted, in words: "a whole number that is between 1 and 9". */
    public function wanted(?ColumnKind $kind): string
    {
        $check = $this->check;
        $kind = match ($check->kind) {
            EntryKind::Date => ColumnKind::Date,
            EntryKind::Length => ColumnKind::Integer,
            default => $kind,
        };
        $values = array_map(fn (string $value) => mb_strimwidth(Written::shown($value, $kind, $this->around->from1904), 0, 60, '…'),
            $check->of);
        $than = $check->is->words().' '.implode(' and ', $values);

        return match ($check->kind) {
            EntryKind::Any => 'anything',
            EntryKind::List => $this->wantedOf(),
            EntryKind::Formula => 'a value that makes true '.($values[0] ?? ''),
            EntryKind::Length => "a text whose length $than",
            default => $check->kind->words()." that $than",
        };
    }

    private function wantedOf(): string
    {
        $typed = $this->check->typed();
        if ($typed !== null) {
            return 'one of '.implode(', ', array_slice($typed, 0, 8)).(count($typed) > 8 ? ' and '.(count($typed) - 8).' more' : '');
        }

        return $this->check->ofColumn ? 'one of what the column holds' : 'one of '.($this->from($this->at->row, $this->at->column)
            ?? '='.($this->check->of[0] ?? ''));
    }

    private function isListed(int $row, int $column, Cell $cell): bool
    {
        $key = $this->key($row, $column);
        if (! isset($this->prints[$key])) {
            $prints = [];
            foreach ($this->ofKey($key, $row, $column) as $choice) {
                $prints[self::print($choice)] = true;
            }
            count($this->prints) < 200 || $this->prints = [];
            $this->prints[$key] = $prints;
        }

        return isset($this->prints[$key][self::print($cell->value ?? '')]);
    }

    /** What choices are taken from as a cell means it: the same for most cells. */
    private function key(int $row, int $column): string
    {
        if ($this->check->ofColumn) {
            return "column $column";
        }
        if ($this->check->typed() !== null) {
            return 'typed';
        }
        $node = $this->list();

        return $node->isFixed() ? 'fixed' : "$row.$column";
    }

    /** @return list<bool|int|float|string> */
    private function ofKey(string $key, int $row, int $column): array
    {
        if (isset($this->choices[$key])) {
            return $this->choices[$key];
        }
        count($this->choices) < 200 || $this->choices = [];
        $found = [];
        if ($this->check->ofColumn) {
            $found = $this->ofColumn($column);
        } elseif ($this->check->typed() !== null) {
            $found = array_values(array_filter($this->check->typed(), fn (string $choice) => $choice !== ''));
        } else {
            foreach ($this->list()->grid($this->at->go($row, $column)) as $line) {
                foreach ($line as $value) {
                    if ($value !== null && $value !== '' && ! $value instanceof Fault) {
                        $found[] = $value;
                    }
                    if (count($found) >= self::CHOICES) {
                        break 2;
                    }
                }
            }
        }

        return $this->choices[$key] = $found;
    }

    /** @return list<bool|int|float|string> what the column holds within the ranges, each once, sorted */
    private function ofColumn(int $column): array
    {
        $once = [];
        foreach (Columns::of($this->cells, [$column])[$column] ?? [] as $row => $value) {
            if (! isset($once[self::print($value)]) && $this->reaches($row, $column)) {
                $once[self::print($value)] = $value;
                if (count($once) >= self::CHOICES) {
                    break;
                }
            }
        }
        $values = array_values($once);
        usort($values, fn (bool|int|float|string $one, bool|int|float|string $other) => Scalars::compare($one, $other));

        return $values;
    }

    private function reaches(int $row, int $column): bool
    {
        foreach ($this->ranges as $range) {
            if ($range->contains($row, $column)) {
                return true;
            }
        }

        return false;
    }

    private function list(): Node
    {
        return $this->list ??= Parser::read($this->check->of[0] ?? '', $this->around->scope, $this->around->number, $this->at->row,
            $this->at->column);
    }

    /** The other checks are conditions that have to hold. */
    private function judge(): Judge
    {
        $check = $this->check;
        $cell = Address::columnName($this->at->column).$this->at->row;
        $of = $check->of;
        $compare = fn (Is $is, string $with) => "LEN($cell)".match ($is) {
            Is::Below => '<',
            Is::AtMost => '<=',
            Is::Equal => '=',
            Is::Unequal => '<>',
            Is::Above => '>',
            default => '>=',
        }."($with)";
        $test = match (true) {
            $check->kind === EntryKind::Formula => new Test(Is::Formula, [$of[0] ?? 'FALSE']),
            $check->kind !== EntryKind::Length => new Test($check->is, $of),
            $check->is === Is::Between => new Test(Is::Formula,
                ['AND('.$compare(Is::AtLeast, $of[0] ?? '0').','.$compare(Is::AtMost, $of[1] ?? '0').')']),
            $check->is === Is::Outside => new Test(Is::Formula,
                ['OR('.$compare(Is::Below, $of[0] ?? '0').','.$compare(Is::Above, $of[1] ?? '0').')']),
            default => new Test(Is::Formula, [$compare($check->is, $of[0] ?? '0')]),
        };

        return $this->judge ??= new Judge(new Condition('e', $test, Where::cells($this->ranges), Look::none()), $this->ranges,
            $this->facts, $this->around, $this->values);
    }

    /** Capitals make no difference between a choice and what is typed in a list of cells (common practice). */
    private static function print(bool|int|float|string $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'TRUE' : 'FALSE',
            is_string($value) && ! is_numeric(trim($value)) => Scalars::plain(trim($value)),
            default => (string) (float) $value,
        };
    }
}
