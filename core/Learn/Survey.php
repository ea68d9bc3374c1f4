<?php

declare(strict_types=1);

namespace Rilvet\Learn;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Number\FormatClass;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Goes over sheets and has their cells vote for the rules that they seem to follow. Blank cells have no voice. */
final class Survey
{
    /** What a part says. Where it stands across is a matter of column kinds in these. */
    private const ATTRIBUTES = [
        Attribute::Font, Attribute::Size, Attribute::Bold, Attribute::Italic, Attribute::Underline, Attribute::Strike, Attribute::Ink,
        Attribute::Fill, Attribute::Vertical, Attribute::Wrap, Attribute::Indent, Attribute::Rotation,
        Attribute::Top, Attribute::Right, Attribute::Bottom, Attribute::Left,
    ];

    /** What a cell wears that says nothing of it. */
    private const USUAL = [
        'bold' => false, 'italic' => false, 'strike' => false, 'wrap' => false, 'vertical' => 'bottom', 'underline' => 'none',
        'indent' => 0, 'rotation' => 0,
    ];

    private const OF_COLUMNS = [Part::Heading, Part::RowLabel, Part::Body, Part::Subtotal, Part::Total];

    /** Rows of a run, and runs of a table, that are looked at. */
    private const ROWS = 200;

    private const RUNS = 400;

    /** Cells of a sheet that vote; what they agree on by then they agree on. */
    private const CELLS = 60_000;

    /** Columns of a table that are looked at. */
    private const COLUMNS = 200;

    /** Rows and columns of a body beyond which it can have stripes by columns. */
    private const STRIPED = 3;

    /** What the cells of a kind may wear that the rest of the body does not. */
    private const OF_KINDS = [Attribute::Ink, Attribute::Bold, Attribute::Italic];

    public readonly Votes $votes;

    private int $left = self::CELLS;

    /** @var array<string, array{Part, Look, int}> what the cells of a part wear, and how many wear it */
    private array $parts = [];

    /** @var array<string, KindWorn> the same of a kind */
    private array $kinds = [];

    /** Cells that wear more than a number format. */
    public int $worn = 0;

    public function __construct()
    {
        $this->votes = new Votes;
    }

    public function sheet(Workbook $workbook, int $number): void
    {
        $sheet = $workbook->sheet($number);
        $dressed = new DressedSheet($sheet, $workbook->looks);
        $name = "$workbook->name/$number";
        [$this->left, $this->parts, $this->kinds] = [self::CELLS, [], []];
        foreach ($sheet->reading->tables as $table) {
            $lines = [];
            $columns = [];
            foreach (array_slice($table->runs, 0, self::RUNS) as $run) {
                if ($run->part !== null && $this->left > 0) {
                    $lines[] = $this->run($sheet, $dressed, $table, $run, $columns);
                }
            }
            $this->fills($lines, $columns, $name);
        }
        // Cells that look alike vote as one.
        foreach ($this->parts as [$part, $look, $cells]) {
            $this->part($part, $look, $name, $cells);
        }
        foreach ($this->kinds as $worn) {
            $this->kind($worn->kind, $worn->look, $worn->isNumber, $worn->isFirst, $name, $worn->cells);
            foreach ($worn->part === Part::Body ? self::OF_KINDS : [] as $attribute) {
                $value = $worn->look->get($attribute) ?? self::USUAL[$attribute->value] ?? '';
                $this->votes->add("kinds.{$worn->kind->value}.{$attribute->value}", $value, $name, $worn->cells);
            }
        }
        if ($sheet->reading->tables !== []) {
            $this->votes->add('opens.gridlines', $sheet->setup->opening->gridlines, $name);
            $this->votes->add('opens.freeze', $sheet->setup->opening->freezeRow > 0, $name);
            $this->votes->add('opens.zoom', $sheet->setup->opening->zoom, $name);
        }
    }

    /**
     * @param  array<int, array<string, int>>  $columns  how many cells of the body wear which fill, by column; added to
     * @return list<string> fills of the rows of the body, from the top; none for other parts
     */
    private function run(Worksheet $sheet, DressedSheet $dressed, TableReading $table, RowRun $run, array &$columns): array
    {
        $range = $table->range;
        $right = min($range->right, $range->left + self::COLUMNS - 1);
        $fills = [];
        $last = min($run->last, $run->first + self::ROWS - 1);
        // Conditions may look at any cell of a row.
        $rows = $dressed->judges() === null ? $sheet->cells->read($run->first, $last, $range->left, $right)
            : $sheet->cells->read($run->first, $last);
        foreach ($dressed->held($rows) as $row => $cells) {
            $own = [];
            for ($column = $range->left; $column <= $right; $column++) {
                $cell = $cells[$column - 1] ?? Cell::blank();
                $part = $cell->isBlank() ? null : $table->partAt($row, $column);
                if ($part === null) {
                    continue;
                }
                $this->left--;
                $worn = $dressed->holding($dressed->at($row, $column), $row, $column, $cell);
                // A total that is a column wears the body's look, but for its weight.
                if ($part !== Part::Total || $run->part !== Part::Body) {
                    $this->parts["{$part->value}.$worn->number"] ??= [$part, $worn->look, 0];
                    $this->parts["{$part->value}.$worn->number"][2]++;
                }
                $reading = $part === Part::Body || $part === Part::RowLabel ? $table->readingOf($row, $column) : null;
                if ($reading !== null) {
                    $own[] = self::fill($worn->look);
                    $columns[$column][self::fill($worn->look)] = ($columns[$column][self::fill($worn->look)] ?? 0) + 1;
                    // A text among figures, and a year among counts, follow no rule of the kind.
                    $isNumber = $cell->isNumber() && ($reading->kind !== ColumnKind::Integer || $reading->grouped);
                    $isFirst = $row === $table->firstBodyRow();
                    $key = "{$reading->kind->value}.$worn->number.".($isNumber ? 'n' : '')
                        .($isFirst ? 'f' : '');
                    $this->kinds[$key] ??= new KindWorn($reading->kind, $worn->look, $isNumber, $isFirst, $part);
                    $this->kinds[$key]->cells++;
                }
            }
            if ($run->part === Part::Body && $own !== []) {
                $fills[] = self::most($own);
            }
        }

        return $fills;
    }

    /**
     * Whether the fills of a body take turns, by columns or by rows.
     *
     * @param  list<list<string>>  $lines  of the rows of each run
     * @param  array<int, array<string, int>>  $columns
     */
    private function fills(array $lines, array $columns, string $name): void
    {
        ksort($columns);
        $rows = array_sum(array_map(count(...), $lines));
        $across = $rows > self::STRIPED && count($columns) > self::STRIPED
            ? FillPattern::in(array_map(self::mostOf(...), array_values($columns)))
            : null;
        // Of stripes by columns, each column has one fill from top to bottom.
        if ($across !== null && array_filter($columns,
            fn (array $fills) => $fills[self::mostOf($fills)] < 0.9 * array_sum($fills)) === []) {
            $this->votes->add('stripes.by', 'columns', $name, $rows);
            foreach (['every' => $across->every, 'first' => $across->first, 'fills.0' => $across->fill,
                'fills.1' => $across->other] as $what => $says) {
                $this->votes->add("columns.$what", $says, $name, $rows);
            }
            $this->votes->add('parts.body.fill', 'none', $name, $rows);

            return;
        }
        foreach ($lines as $fills) {
            $this->stripes($fills, $name);
        }
    }

    private function part(Part $part, Look $look, string $name, int $cells): void
    {
        $this->worn += $look->without(Attribute::Number)->isEmpty() ? 0 : $cells;
        $says = $look->toArray();
        foreach (self::ATTRIBUTES as $attribute) {
            $value = $says[$attribute->value] ?? self::USUAL[$attribute->value] ?? '';
            $isFill = $attribute === Attribute::Fill;
            // Fills of the body are a matter of stripes.
            if (! $isFill || ($part !== Part::Body && $part !== Part::RowLabel)) {
                $this->votes->add("parts.{$part->value}.{$attribute->value}", $isFill && $value === '' ? 'none' : $value, $name, $cells);
            }
            // Cells that say nothing have a voice too: white headings make no white ground.
            if (in_array($attribute, [Attribute::Font, Attribute::Size, Attribute::Ink, Attribute::Vertical], true)) {
                $this->votes->add("ground.{$attribute->value}", $value, $name, $cells);
            }
        }
        if (! in_array($part, self::OF_COLUMNS, true)) {
            $this->votes->add("parts.{$part->value}.horizontal", $look->text(Attribute::Horizontal), $name, $cells);
        }
    }

    private function kind(ColumnKind $kind, Look $look, bool $isNumber, bool $isFirst, string $name, int $cells): void
    {
        $where = "kinds.{$kind->value}";
        $this->votes->add("$where.horizontal", $look->text(Attribute::Horizontal), $name, $cells);
        $code = $look->text(Attribute::Number);
        if ($code === '' || ! $isNumber) {
            return;
        }
        if ($kind === ColumnKind::Amount) {
            $this->votes->add($isFirst ? "$where.first" : "$where.signed", FormatClass::currency($code) !== null, $name, $cells);
        }
        $figures = NumberRule::figures($code);
        $this->votes->add("$where.number", NumberRule::pattern($figures), $name, $cells);
        $this->votes->add("$where.accounting", NumberRule::isAccounting($code), $name, $cells);
        $this->votes->add("$where.places", NumberRule::places($figures), $name, $cells);
    }

    /**
     * Whether rows are filled in turn, every so many.
     *
     * @param  list<string>  $fills  of the rows of a run, from the top
     */
    private function stripes(array $fills, string $name): void
    {
        $rows = count($fills);
        if ($rows === 0) {
            return;
        }
        $pattern = FillPattern::in($fills, 1);
        // A run that is too short to tell says no more than what its first rows wear.
        if ($pattern !== null || $rows > 2) {
            $this->votes->add('stripes.by', 'rows', $name, $rows);
            $this->votes->add('stripes.every', $pattern->every ?? 0, $name, $rows);
            $this->votes->add('stripes.fill', $pattern->other ?? 'none', $name, $rows);
        }
        $this->votes->add('parts.body.fill', $pattern->fill ?? self::most($fills), $name, $rows);
    }

    /** @param  list<string>  $fills */
    private static function most(array $fills): string
    {
        return self::mostOf(array_count_values($fills));
    }

    /** @param  array<string, int>  $counts */
    private static function mostOf(array $counts): string
    {
        arsort($counts);

        return (string) array_key_first($counts);
    }

    private static function fill(Look $look): string
    {
        return $look->text(Attribute::Fill) === '' ? 'none' : $look->text(Attribute::Fill);
    }
}
