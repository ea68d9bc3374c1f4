<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Ruler;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Extent;
use Rilvet\Work\Worksheet;

/** What of a sheet goes to pages: which cells, how large they are, what is repeated, and where pages may end. */
final class SheetPages
{
    /** Room for the numbers of rows and the letters of columns, px. */
    public const NUMBERS = [36, 20];

    /** Rows that are looked at for the smallest type. */
    private const LOOKED = 1_000;

    private readonly RowBreaks $breaks;

    private readonly PageSetup $setup;

    /** @var list<Range> */
    private readonly array $ranges;

    private ?float $smallest = null;

    /** @var array<int, int|null> the last label column of tables, by their place */
    private array $labels = [];

    public function __construct(private readonly Worksheet $sheet, private readonly PageRules $rules, private readonly LookBook $looks)
    {
        $this->breaks = new RowBreaks($sheet->reading->tables, $sheet->setup->merges);
        $this->setup = $sheet->aspect(PageSetup::class);
        $this->ranges = $this->chosen();
    }

    /** What is in force on a sheet: what a person said of it, over its stylebook, over its file. */
    public static function rules(Worksheet $sheet): PageRules
    {
        $setup = $sheet->aspect(PageSetup::class);
        $page = $sheet->stylebook->page ?? PageRules::none();
        $below = $page;
        if (! $sheet->clean && $setup->isOfFile) {
            // What a file does not say holds as its format has it, so that one rule that is said changes nothing else; headings of
            // dressed tables repeat all the same.
            $usual = array_diff_key(PageRules::OF_FILE, $sheet->stylebook === null ? [] : ['heads' => 1, 'labels' => 1]);
            $below = $setup->written()->over($page)->over($setup->came->over(PageRules::of($usual)));
        }

        return $setup->said->over($below);
    }

    /** Which layer says a rule: the sheet, the stylebook, the file, or nobody. */
    public static function layer(Worksheet $sheet, string $rule): string
    {
        $setup = $sheet->aspect(PageSetup::class);

        return match (true) {
            $setup->said->has($rule) => 'sheet',
            ! $sheet->clean && $setup->isOfFile && $setup->written()->has($rule) => 'file',
            $sheet->stylebook?->page->has($rule) === true => 'stylebook',
            ! $sheet->clean && $setup->came->has($rule) => 'file',
            default => 'usual',
        };
    }

    public function isEmpty(): bool
    {
        return $this->ranges === [];
    }

    /** @return list<Range> what is printed, each beginning a page */
    public function ranges(): array
    {
        return $this->ranges;
    }

    /** @return list<Range> */
    private function chosen(): array
    {
        if ($this->rules->text('area') !== '') {
            return iterator_to_array(RangeSet::parse($this->rules->text('area')), false);
        }
        $tables = $this->sheet->reading->tables;
        if ($this->rules->text('prints') === 'tables' && $tables !== []) {
            return array_values(array_filter(array_map(self::withoutNotes(...), $tables)));
        }
        [$rows, $columns] = Extent::of($this->sheet);

        return $rows === 0 || $columns === 0 ? [] : [Range::of(1, 1, $rows, $columns)];
    }

    private static function withoutNotes(TableReading $table): ?Range
    {
        $runs = array_values(array_filter($table->runs, fn (RowRun $run) => $run->part !== null && $run->part !== Part::Note));

        return $runs === [] ? null : Range::of($runs[0]->first, $table->range->left, $runs[count($runs) - 1]->last, $table->range->right);
    }

    /** The widest of what is printed, px. */
    public function width(): float
    {
        $sizes = $this->sheet->setup->sizes;
        $widest = 0;
        foreach ($this->ranges as $range) {
            $widest = max($widest, array_sum(array_map($sizes->widthOf(...), range($range->left, $range->right))));
        }

        return $widest + $this->numbers(0);
    }

    /** px that row numbers (0) or column letters (1) take. */
    public function numbers(int $which): int
    {
        return $this->rules->flag('numbers') ? self::NUMBERS[$which] : 0;
    }

    /** Size of the smallest type that is printed, pt. */
    public function smallest(): float
    {
        if ($this->smallest !== null) {
            return $this->smallest;
        }
        $dressed = new DressedSheet($this->sheet, $this->looks);
        $least = 400.0;
        $seen = [];
        foreach ($this->ranges as $range) {
            $right = min($range->right, $range->left + 199);
            for ($row = $range->top; $row <= min($range->bottom, $range->top + self::LOOKED); $row++) {
                $key = $dressed->key($row);
                if ($key !== null && isset($seen[$key])) {
                    continue;
                }
                $key === null || $seen[$key] = true;
                foreach ($dressed->stretch($row, $range->left, $right)[1] as $look) {
                    $least = min($least, $look->look->number(Attribute::Size, Ruler::SIZE));
                }
            }
        }

        return $this->smallest = $least === 400.0 ? (float) Ruler::SIZE : $least;
    }

    /** @return list<PageArea> */
    public function areas(float $across, float $down): array
    {
        return array_map(fn (Range $range) => new PageArea($range, $this->rowBands($range, $down), $this->columnBands($range, $across)),
            $this->ranges);
    }

    public function columnPages(float $across): int
    {
        return max([0, ...array_map(fn (Range $range) => count($this->columnBands($range, $across)), $this->ranges)]);
    }

    public function rowPages(float $down): int
    {
        return array_sum(array_map(fn (Range $range) => count($this->rowBands($range, $down)), $this->ranges));
    }

    /** @return list<PageBand> */
    private function rowBands(Range $range, float $down): array
    {
        $breaks = $this->rules->flag('each') ? $this->atGroups($range) : [];
        $all = array_values(array_unique([...$this->setup->rows, ...array_keys($breaks)]));
        sort($all);
        $own = array_flip($this->setup->rows);
        $bands = (new Banding(
            $this->sheet->setup->sizes->heightOf(...), fn (int $row) => $this->heads($range, $row), $all, $this->think($range),
        ))->bands($range->top, $range->bottom, $down - $this->numbers(1));

        return array_map(fn (PageBand $band) => $band->end === BandEnd::Person && ! isset($own[$band->last])
            ? new PageBand($band->first, $band->last, $band->size, $band->room, BandEnd::Each, $band->full, $band->repeated)
                : $band, $bands);
    }

    /** @return array<int, true> rows before groups, as keys */
    private function atGroups(Range $range): array
    {
        $rows = [];
        foreach ($this->breaks->starts($range->top, $range->bottom) as $start) {
            // The first group stays with the headings of its table.
            if ($start > $range->top && $this->breaks->parted($start - 1) !== BandEnd::Heading) {
                $rows[$start - 1] = true;
            }
        }

        return $rows;
    }

    /** @return \Closure(int, int, float, float): (array{int, BandEnd}|null) */
    private function think(Range $range): \Closure
    {
        $sizes = $this->sheet->setup->sizes;
        $keep = $this->rules->flag('keep');

        return function (int $first, int $end, float $least, float $room) use ($range, $sizes, $keep): ?array {
            if (! $keep || $end >= $range->bottom) {
                return null;
            }
            $filled = 0.0;
            $from = $first;
            while ($from < $end && $filled < $least) {
                $filled += $sizes->heightOf($from++);
            }
            $group = $this->breaks->group($end + 1);
            $isParted = $group !== null && $group[0] <= $end && $group[0] > $from;
            if ($isParted && $this->isWithin($group, $room)) {
                return [$group[0] - 1, BandEnd::Group];
            }
            $why = null;
            for ($row = $end; $row >= $from; $row--) {
                $parted = $this->breaks->parted($row);
                if ($parted === null) {
                    return $row === $end ? null : [$row, $why ?? BandEnd::Full];
                }
                $why ??= $parted;
            }

            return null;
        };
    }

    /** @param  array{int, int}  $group */
    private function isWithin(array $group, float $room): bool
    {
        $sum = 0.0;
        for ($row = $group[0]; $row <= $group[1] && $sum <= $room; $row++) {
            $sum += $this->sheet->setup->sizes->heightOf($row);
        }

        return $sum <= $room;
    }

    /** @return array{int, int}|null rows that are repeated above a page which begins with a row */
    private function heads(Range $range, int $row): ?array
    {
        $said = $this->rules->lines('titleRows');
        if ($said !== null) {
            return $row > $said[1] ? $said : null;
        }
        foreach ($this->rules->flag('heads') ? $this->sheet->reading->tables : [] as $table) {
            $last = $table->range->hasRow($row) ? $table->lastHeadRow() : null;
            if ($last !== null && $row > $last && $table->range->meetsColumns($range->left, $range->right)) {
                $first = $table->heads()[0]->first;

                return [max($first, $range->top), $last];
            }
        }

        return null;
    }

    /** @return list<PageBand> */
    private function columnBands(Range $range, float $across): array
    {
        $sizes = $this->sheet->setup->sizes;
        $groups = [];
        foreach ($this->sheet->reading->tables as $table) {
            foreach ($table->groups as $group) {
                $group->columns() > 1 && $groups[] = $group;
            }
        }
        $think = function (int $first, int $end, float $least, float $room) use ($range, $sizes, $groups): ?array {
            if ($end >= $range->right) {
                return null;
            }
            $isAlone = $this->shown($end + 1, $range->right) === 1 && $this->shown($first, $end) > 2;
            $to = $isAlone ? $this->before($end, $first) : $end;
            $group = array_values(array_filter($groups, fn (Range $one) => $one->left <= $to && $one->right > $to))[0] ?? null;
            if ($group !== null && $group->left > $first
                && array_sum(array_map($sizes->widthOf(...), range($first, $group->left - 1))) >= $least) {
                return [$group->left - 1, BandEnd::Columns];
            }

            return $isAlone ? [$to, BandEnd::Alone] : null;
        };

        return (new Banding($sizes->widthOf(...), fn (int $column) => $this->labels($range, $column), $this->setup->columns, $think))
            ->bands($range->left, $range->right, $across - $this->numbers(0));
    }

    private function shown(int $first, int $last): int
    {
        $shown = 0;
        for ($column = $first; $column <= $last && $shown < 3; $column++) {
            $shown += $this->sheet->setup->sizes->widthOf($column) > 0 ? 1 : 0;
        }

        return $shown;
    }

    /** The last column before one that is not hidden itself: it goes on the next page, so that none stands alone there. */
    private function before(int $column, int $first): int
    {
        while ($column > $first + 1 && $this->sheet->setup->sizes->widthOf($column) === 0) {
            $column--;
        }

        return $column - 1;
    }

    /** @return array{int, int}|null columns that are repeated before a page which begins with one */
    private function labels(Range $range, int $column): ?array
    {
        $said = $this->rules->lines('titleColumns');
        if ($said !== null) {
            return $column > $said[1] ? $said : null;
        }
        foreach ($this->rules->flag('labels') ? $this->sheet->reading->tables : [] as $at => $table) {
            if (! array_key_exists($at, $this->labels)) {
                $this->labels[$at] = $table->lastLabelColumn();
            }
            $last = $this->labels[$at];
            $isHere = $table->range->hasColumn($column) && $table->range->top <= $range->bottom;
            if ($isHere && $last !== null && $column > $last && $last - $table->range->left < 3) {
                return [$table->range->left, $last];
            }
        }

        return null;
    }
}
