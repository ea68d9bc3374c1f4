<?php

declare(strict_types=1);

namespace Rilvet\Summary;

use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Worksheet;

/**
 * A summary as it stands on its sheet: title, headings, groups with their subtotals, and the total are the parts that any other
 * table has, so that it wears what they wear.
 */
final class Laid
{
    /** @var list<list<Cell>> */
    public array $rows = [];

    /** @var array<int, string> what tells each row apart, by its number: by this a touch finds it again */
    public array $rowKeys = [];

    /** @var array<int, string> the same of columns */
    public array $columnKeys = [1 => 'label'];

    /** @var list<RowRun> */
    private array $runs = [];

    /** @var list<array{Group|null, int}> group side by side (null for all of them) and value, of each column of figures */
    private array $figures = [];

    private readonly Formulas $formulas;

    private function __construct(private readonly Summary $summary, private readonly Tallied $tallied, private readonly Worksheet $source)
    {
        $this->formulas = new Formulas($summary, $source);
        $this->head();
        $this->body();
    }

    /** @throws SummaryIsWrong */
    public static function of(Summary $summary, Worksheet $source, bool $from1904): self
    {
        return new self($summary, Tallied::of($summary, $source, $from1904), $source);
    }

    public function reading(): Reading
    {
        $table = $this->summary->table($this->source);
        $heading = implode(', ', array_map(fn (Field $field) => $field->words(), $this->summary->rows));
        $columns = [new ColumnReading(1, $heading, ColumnKind::Text, 1.0, ColumnRole::Label, 'what the rows are put together by')];
        foreach ($this->figures as $at => [$group, $value]) {
            $rule = $this->summary->values[$value];
            $from = $rule->heading === null ? null : Summary::column($table, $rule->heading);
            $kind = match (true) {
                $rule->share !== Share::None => ColumnKind::Percent,
                $rule->figure === Figure::Count => ColumnKind::Integer,
                $rule->figure === Figure::Mean && $from?->kind === ColumnKind::Integer => ColumnKind::Decimal,
                default => $from->kind ?? ColumnKind::Decimal,
            };
            $decimals = $kind === ColumnKind::Percent ? 1
                : ($rule->figure === Figure::Mean ? max(1, $from->decimals ?? 0)
                : $from->decimals ?? 0);
            $role = $group === null && $this->summary->across !== null ? ColumnRole::Total : ColumnRole::Data;
            $columns[] = new ColumnReading($at + 2, $this->rows[count($this->rows) > 3 ? $this->heads() - 1 : 2][$at + 1]->text(),
                $kind, 1.0, $role,
                'worked out by the summary', $kind === ColumnKind::Integer ? 0 : $decimals, $kind === ColumnKind::Amount
                    ? $from?->unit : null);
        }
        $range = Range::of(1, 1, count($this->rows), count($columns));

        return new Reading([new TableReading($range, 1.0, $this->runs, $columns)]);
    }

    /** Rows down to the last of the headings. */
    private function heads(): int
    {
        return 2 + ($this->isDouble() ? 2 : 1);
    }

    private function isDouble(): bool
    {
        return $this->summary->across !== null && count($this->summary->values) > 1;
    }

    private function head(): void
    {
        $this->add([Cell::of($this->summary->words())], Part::Title, 'title');
        $this->add([], null, 'space');
        $groups = $this->summary->across === null ? [null] : [...$this->tallied->columns(), null];
        $above = [Cell::blank()];
        $names = [Cell::of(implode(', ', array_map(fn (Field $field) => $field->words(), $this->summary->rows)))];
        foreach ($groups as $group) {
            foreach ($this->summary->values as $at => $value) {
                $this->figures[] = [$group, $at];
                $this->columnKeys[count($this->figures) + 1] = ($group->key ?? '*')."|$at";
                $word = $this->summary->across === null ? $value->words() : null;
                $label = $group === null ? Cell::of('Total') : self::label($group);
                $above[] = $at === 0 ? $label : Cell::blank();
                $names[] = $word !== null || $this->isDouble() ? Cell::of($value->words()) : $label;
            }
        }
        if ($this->isDouble()) {
            $this->add($above, Part::ColumnGroup, 'groups');
        }
        $this->add($names, Part::Heading, 'headings');
    }

    private function body(): void
    {
        foreach ($this->tallied->rowGroups() as $outer) {
            $within = $this->tallied->within($outer);
            if ($within === []) {
                $this->figures(self::label($outer), Part::Body, $outer, null, "b|$outer->key");

                continue;
            }
            $this->add([self::label($outer)], Part::RowGroup, "g|$outer->key");
            foreach ($within as $inner) {
                $this->figures(self::label($inner), Part::Body, $outer, $inner, "b|$outer->key|$inner->key");
            }
            $this->figures(Cell::of('Subtotal'), Part::Subtotal, $outer, null, "s|$outer->key");
        }
        $this->figures(Cell::of('Total'), Part::Total, null, null, 'total');
    }

    /** A label stays the text or the figure that it is. */
    private static function label(Group $group): Cell
    {
        return $group->label === null ? Cell::of('(blank)') : Cell::of($group->label);
    }

    private function figures(Cell $label, Part $part, ?Group $outer, ?Group $inner, string $key): void
    {
        $cells = [$label];
        foreach ($this->figures as [$column, $value]) {
            $figure = $this->tallied->figure($value, $outer, $inner, $column);
            $formula = $this->summary->isLive ? $this->formulas->of($value, $outer, $inner, $column) : null;
            $cells[] = $formula === null ? Cell::of($figure) : Cell::formula($formula, $figure ?? '');
        }
        $this->add($cells, $part, $key);
    }

    /** @param  list<Cell>  $cells */
    private function add(array $cells, ?Part $part, string $key): void
    {
        $this->rows[] = $cells;
        $row = count($this->rows);
        $this->rowKeys[$row] = $key;
        $last = end($this->runs);
        if ($last !== false && $part === Part::Body && $last->part === Part::Body) {
            array_pop($this->runs);
            $this->runs[] = $last->over($last->first, $row);
        } else {
            $this->runs[] = new RowRun($row, $row, $part, 1.0, 'made by the summary');
        }
    }
}
