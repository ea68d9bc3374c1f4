<?php

declare(strict_types=1);

namespace Bench\Reading;

use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;

/**
 * Lays tables out as offices and people do, crossing what is above, within and below them, so that no single layout can be
 * tuned to. The same seed gives the same tables.
 */
final class Generator
{
    public const CAUSES = [
        'plain', 'totals that add up', 'totals that only their words tell', 'groups with subtotals', 'statistics below', 'chained results',
        'sums above their details', 'total columns', 'years as headings', 'shares beside figures', 'words and ticks', 'repeated headings',
        'lines above', 'talk above', 'a row of units', 'of which', 'brackets and dashes', 'side by side', 'carried forward', 'notes below',
        'two tables', 'no totals though a word says so',
        'three levels of headings', 'planned and actual', 'tiles', 'sections without words', 'groups without sums',
        'turned', 'keys and values', 'a printed report', 'years above units', 'units of some columns', 'a second title',
        'notes beside', 'marks of notes', 'a form', 'a letter',
    ];

    private Layout $at;

    /** @return list<Layout> as many of each cause */
    public function all(int $seed, int $each): array
    {
        $layouts = [];
        $languages = array_keys(Vocabulary::WORDS);
        foreach (self::CAUSES as $number => $cause) {
            for ($count = 0; $count < $each; $count++) {
                mt_srand($seed * 1_000 + $number * 50 + $count);
                $layouts[] = $this->lay($cause, $languages[mt_rand(0, count($languages) - 1)]);
            }
        }

        return $layouts;
    }

    private function lay(string $cause, string $language): Layout
    {
        $this->at = new Layout($cause, $language);
        $figures = mt_rand(2, 5);
        match ($cause) {
            'plain' => $this->table($figures, mt_rand(5, 40)),
            'totals that add up' => $this->table($figures, mt_rand(4, 25), total: 'exact'),
            'totals that only their words tell' => $this->table($figures, mt_rand(4, 20), total: 'other'),
            'groups with subtotals' => $this->grouped($figures, mt_rand(0, 1) === 1 ? 'exact' : 'other'),
            'statistics below' => $this->table(
                $figures,
                mt_rand(5, 20),
                total: mt_rand(0, 1) === 1 ? 'exact' : null,
                statistics: mt_rand(1, 3),
            ),
            'chained results' => $this->statement($figures),
            'sums above their details' => $this->above($figures),
            'total columns' => $this->across(mt_rand(0, 2)),
            'years as headings' => $this->table(mt_rand(3, 6), mt_rand(5, 20), total: mt_rand(0, 1) === 1 ? 'exact' : null, years: true),
            'shares beside figures' => $this->shares(mt_rand(5, 15)),
            'words and ticks' => $this->ticks(mt_rand(3, 6), mt_rand(6, 20)),
            'repeated headings' => $this->pages($figures),
            'lines above' => $this->linesAbove($figures),
            'talk above' => $this->talkAbove($figures),
            'a row of units' => $this->unitsRow($figures),
            'of which' => $this->ofWhich($figures),
            'brackets and dashes' => $this->brackets($figures),
            'side by side' => $this->sideBySide(),
            'carried forward' => $this->carried($figures),
            'notes below' => $this->notesBelow($figures),
            'two tables' => $this->two($figures),
            'three levels of headings' => (new Arranged($this->at))->levels(),
            'planned and actual' => (new Arranged($this->at))->planned(),
            'tiles' => (new Arranged($this->at))->tiles(),
            'sections without words' => (new Arranged($this->at))->sections(),
            'groups without sums' => $this->grouped($figures, null),
            'turned' => (new Arranged($this->at))->turned(),
            'keys and values' => (new Arranged($this->at))->keys(),
            'a printed report' => (new Arranged($this->at))->report(),
            'years above units' => (new Arranged($this->at))->yearsAboveUnits(),
            'units of some columns' => (new Arranged($this->at))->someUnits(),
            'a second title' => (new Arranged($this->at))->titles(),
            'notes beside' => (new Arranged($this->at))->notesBeside(),
            'marks of notes' => (new Arranged($this->at))->marks(),
            'a form' => (new Arranged($this->at))->form(),
            'a letter' => (new Arranged($this->at))->letter(),
            default => $this->firms($figures),
        };

        return $this->at;
    }

    private function top(): void
    {
        if (mt_rand(0, 1) === 1) {
            $this->at->row(Part::Title, ['Stock of the nursery by species']);
            mt_rand(0, 1) === 1 && $this->at->row(Part::Units, [$this->at->word('units')]);
            mt_rand(0, 1) === 1 && $this->at->blank();
        }
    }

    /** @return list<string> */
    private function headings(int $figures, bool $years = false): array
    {
        $names = Vocabulary::FIGURES;
        shuffle($names);
        $first = mt_rand(1990, 2020);

        return [
            'Species',
            ...$years ? array_map(fn (int $at) => (string) ($first + $at), range(0, $figures - 1)) : array_slice($names, 0, $figures),
        ];
    }

    /** @return list<string> */
    private function names(int $count): array
    {
        $names = Vocabulary::NAMES;
        shuffle($names);

        return array_map(
            fn (int $at) => $names[$at % count($names)].($at >= count($names) ? ' '.intdiv($at, count($names)) : ''),
            range(0, $count - 1),
        );
    }

    /** @return list<int|float> */
    private function figures(int $count, bool $decimal = false): array
    {
        return array_map(fn () => $decimal ? mt_rand(100, 99_999) / 100 : mt_rand(3, 4_000), range(1, $count));
    }

    /**
     * @param  list<list<int|float>>  $rows
     * @return list<float|int>
     */
    private static function sums(array $rows): array
    {
        return array_map(fn (int $at) => round(array_sum(array_column($rows, $at)), 2) + 0, array_keys($rows[0]));
    }

    /**
     * Sums that were rounded, converted, or are of more than is shown.
     *
     * @param  list<float|int>  $sums
     * @return list<float|int>
     */
    private static function other(array $sums): array
    {
        return array_map(fn (float|int $sum) => (int) round($sum * mt_rand(104, 131) / 100), $sums);
    }

    private function table(int $figures, int $rows, ?string $total = null, int $statistics = 0, bool $years = false): void
    {
        $this->top();
        $heads = $this->headings($figures, $years);
        $this->at->row(Part::Heading, $years ? [$heads[0], ...array_map(intval(...), array_slice($heads, 1))] : $heads);
        $decimal = mt_rand(0, 2) === 0;
        $body = [];
        foreach ($this->names($rows) as $name) {
            $body[] = $line = $this->figures($figures, $decimal);
            $this->at->row(Part::Body, [$name, ...$line]);
        }
        $sums = self::sums($body);
        if ($total !== null) {
            mt_rand(0, 3) === 0 && $this->at->blank();
            $this->at->row(Part::Total, [
                $this->at->word(mt_rand(0, 1) === 1 ? 'total' : 'grand'),
                ...$total === 'exact' ? $sums : self::other($sums),
            ]);
        }
        foreach (array_slice(['mean', 'greatest', 'least'], 0, $statistics) as $kind) {
            $this->at->row(Part::Total, [$this->at->word($kind), ...array_map(fn (int $at) => round(match ($kind) {
                'mean' => array_sum(array_column($body, $at)) / count($body),
                'greatest' => max([0, ...array_column($body, $at)]),
                default => min([PHP_INT_MAX, ...array_column($body, $at)]),
            }, 1), range(0, $figures - 1))]);
        }
        $this->at->kinds[1] = ColumnKind::Text;
    }

    private function grouped(int $figures, ?string $how): void
    {
        $this->top();
        $this->at->row(Part::Heading, $this->headings($figures));
        $all = [];
        $groups = array_slice(Vocabulary::GROUPS, 0, mt_rand(2, 4));
        $names = $this->names(30);
        foreach ($groups as $group) {
            $this->at->row(Part::RowGroup, [$group]);
            $body = [];
            for ($count = mt_rand(2, 6); $count > 0; $count--) {
                $all[] = $body[] = $line = $this->figures($figures);
                $this->at->row(Part::Body, [(string) array_pop($names), ...$line]);
            }
            $sums = self::sums($body);
            $how === null || $this->at->row(Part::Subtotal, [$this->at->word('sub'), ...($how === 'exact' ? $sums : self::other($sums))]);
        }
        if ($how === null) {
            return;
        }
        $sums = self::sums($all);
        $this->at->row(Part::Total, [$this->at->word('grand'), ...($how === 'exact' ? $sums : self::other($sums))]);
    }

    /** Each line a sum of some above, with signs. */
    private function statement(int $figures): void
    {
        $this->top();
        $this->at->row(Part::Heading, ['Item', ...array_map(fn (int $at) => 2_019 + $at, range(1, $figures))]);
        $sales = array_map(fn () => mt_rand(5_000, 9_000), range(1, $figures));
        $costs = array_map(fn () => mt_rand(1_000, 3_000), range(1, $figures));
        $wages = array_map(fn () => mt_rand(500, 1_500), range(1, $figures));
        $rent = array_map(fn () => mt_rand(100, 400), range(1, $figures));
        $sign = mt_rand(0, 1) === 1 ? -1 : 1;
        $margin = self::less($sales, [$costs]);
        $this->at->row(Part::Body, ['Sales', ...$sales]);
        $this->at->row(Part::Body, ['Cost of plants', ...self::times($sign, $costs)]);
        $this->at->row(Part::Subtotal, ['Gross margin', ...$margin]);
        $this->at->row(Part::Body, ['Wages', ...self::times($sign, $wages)]);
        $this->at->row(Part::Body, ['Rent', ...self::times($sign, $rent)]);
        $this->at->row(Part::Total, ['Profit', ...self::less($margin, [$wages, $rent])]);
    }

    /**
     * @param  list<int>  $from
     * @param  list<list<int>>  $more
     * @return list<int>
     */
    private static function less(array $from, array $more): array
    {
        return array_map(fn (int $at) => $from[$at] - (int) array_sum(array_column($more, $at)), array_keys($from));
    }

    /**
     * @param  list<int>  $values
     * @return list<int>
     */
    private static function times(int $sign, array $values): array
    {
        return array_map(fn (int $value) => $sign * $value, $values);
    }

    /** A grand total first, then groups under their sums, by their numbers. */
    private function above(int $figures): void
    {
        $this->top();
        $this->at->labels = 2;
        $this->at->row(Part::Heading, ['No.', 'Species', ...array_slice($this->headings($figures), 1)]);
        $groups = [];
        $names = $this->names(30);
        for ($group = mt_rand(2, 4); $group > 0; $group--) {
            $groups[] = array_map(fn () => $this->figures($figures), range(1, mt_rand(2, 5)));
        }
        $this->at->row(Part::Total, ['0', $this->at->word('total'), ...self::sums(array_merge(...$groups))]);
        foreach ($groups as $at => $lines) {
            $this->at->row(Part::Subtotal, [(string) ($at + 1), Vocabulary::GROUPS[$at], ...self::sums($lines)]);
            foreach ($lines as $under => $line) {
                $this->at->row(Part::Body, [($at + 1).'.'.($under + 1), (string) array_pop($names), ...$line]);
            }
        }
    }

    private function across(int $how): void
    {
        $this->top();
        [$heads, $totals] = match ($how) {
            0 => [['Species', 'Spring', 'Summer', 'Autumn', $this->at->word('total')], [5]],
            1 => [['Species', $this->at->word('total'), 'Spring', 'Summer', 'Autumn'], [2]],
            default => [['Species', 'Jan', 'Feb', 'Mar', 'Q1', 'Apr', 'May', 'Jun', 'Q2', $this->at->word('total')], [5, 9, 10]],
        };
        $this->at->totals = $totals;
        $this->at->row(Part::Heading, $heads);
        foreach ($this->names(mt_rand(5, 15)) as $name) {
            $one = $this->figures(3);
            $two = $this->figures(3);
            $this->at->row(Part::Body, match ($how) {
                0 => [$name, ...$one, array_sum($one)],
                1 => [$name, array_sum($one), ...$one],
                default => [$name, ...$one, array_sum($one), ...$two, array_sum($two), array_sum($one) + array_sum($two)],
            });
        }
    }

    /** Rows that add up in one column and hold a share in another. */
    private function shares(int $rows): void
    {
        $this->top();
        $this->at->row(Part::Heading, ['Species', 'Stock', $this->at->word('share').' %', $this->at->word('change').' %']);
        $groups = [];
        for ($group = 0; $group < 2; $group++) {
            $groups[] = array_map(fn () => mt_rand(50, 900), range(1, max(3, intdiv($rows, 2))));
        }
        $all = array_sum(array_map(array_sum(...), $groups));
        $names = $this->names(30);
        foreach ($groups as $lines) {
            foreach ($lines as $stock) {
                $this->at->row(Part::Body, [(string) array_pop($names), $stock, round(100 * $stock / $all, 1), mt_rand(-90, 90) / 10]);
            }
            $sum = array_sum($lines);
            $this->at->row(Part::Subtotal, [$this->at->word('sub'), $sum, round(100 * $sum / $all, 1), mt_rand(-90, 90) / 10]);
        }
        $this->at->row(Part::Total, [$this->at->word('total'), $all, 100, mt_rand(-90, 90) / 10]);
    }

    private function ticks(int $columns, int $rows): void
    {
        $this->top();
        $marks = [['✓', ''], ['x', ''], ['yes', 'no'], ['✓', '✗'], ['●', '–']][mt_rand(0, 4)];
        $heads = ['Watered', 'Potted', 'Labelled', 'Pruned', 'Sprayed', 'Sold'];
        $this->at->row(Part::Heading, ['Species', ...array_slice($heads, 0, $columns)]);
        foreach ($this->names($rows) as $name) {
            $this->at->row(Part::Body, [$name, ...array_map(fn () => $marks[mt_rand(0, 1)] ?: null, range(1, $columns))]);
        }
    }

    private function pages(int $figures): void
    {
        $this->top();
        $heads = $this->headings($figures);
        foreach (range(1, mt_rand(2, 3)) as $page) {
            $this->at->row(Part::Heading, $heads);
            foreach (array_slice($this->names(30), 0, mt_rand(6, 10)) as $name) {
                $this->at->row(Part::Body, ["$name $page", ...$this->figures($figures)]);
            }
        }
    }

    private function linesAbove(int $figures): void
    {
        $this->at->row(Part::Title, ['Stock of the nursery by species and bed']);
        mt_rand(0, 1) === 1 && $this->at->row(Part::Units, ['Counted by two people in the last week of March']);
        $this->at->row(Part::Units, [$this->at->word('units')]);
        mt_rand(0, 1) === 1 && $this->at->blank();
        $names = array_slice($this->headings(4), 1);
        $this->at->row(Part::ColumnGroup, [null, 'Upper beds', null, 'Lower beds', null]);
        $this->at->row(Part::Heading, ['Species', $names[0], $names[1], $names[0], $names[1]]);
        foreach ($this->names(mt_rand(5, 20)) as $name) {
            $this->at->row(Part::Body, [$name, ...$this->figures(4)]);
        }
    }

    private function talkAbove(int $figures): void
    {
        $this->at->row(Part::Title, ['Stock of the nursery by species']);
        $this->at->row(Part::Units, ['Drawn up for the yearly meeting']);
        $this->at->row(Part::Units, ['Counted:', 'last week of March']);
        $this->at->blank();
        $this->at->row(Part::Heading, $this->headings($figures));
        foreach ($this->names(mt_rand(5, 20)) as $name) {
            $this->at->row(Part::Body, [$name, ...$this->figures($figures)]);
        }
    }

    private function unitsRow(int $figures): void
    {
        $this->top();
        $this->at->row(Part::Heading, $this->headings($figures));
        $units = ['t', 'ha', '%', 'kg', '1,000', 'pieces'];
        $this->at->row(Part::Heading, [null, ...array_map(fn (int $at) => $units[$at % 6], range(1, $figures))]);
        foreach ($this->names(mt_rand(5, 20)) as $name) {
            $this->at->row(Part::Body, [$name, ...$this->figures($figures, true)]);
        }
    }

    private function ofWhich(int $figures): void
    {
        $this->top();
        $this->at->row(Part::Heading, $this->headings($figures));
        $body = [];
        foreach ($this->names(mt_rand(5, 12)) as $name) {
            $body[] = $line = $this->figures($figures);
            $this->at->row(Part::Body, [$name, ...$line]);
        }
        $sums = self::sums($body);
        $this->at->row(Part::Total, [$this->at->word('total'), ...$sums]);
        $this->at->row(Part::Body, [$this->at->word('of which'), ...array_map(fn (float|int $sum) => (int) ($sum * 0.3), $sums)]);
    }

    private function brackets(int $figures): void
    {
        $this->top();
        $this->at->row(Part::Heading, $this->headings($figures));
        foreach ($this->names(mt_rand(6, 20)) as $name) {
            $this->at->row(Part::Body, [$name, ...array_map(fn (int|float $value) => match (mt_rand(0, 5)) {
                0 => '–', 1 => 0 - $value, default => $value,
            }, $this->figures($figures))]);
        }
    }

    private function sideBySide(): void
    {
        $rows = mt_rand(4, 10);
        $this->at->row(Part::Heading, [...$this->headings(2), null, null, ...$this->headings(2)]);
        $names = $this->names(2 * $rows);
        for ($row = 0; $row < $rows; $row++) {
            $right = [$names[$rows + $row], ...$this->figures(2)];
            $this->at->row(Part::Body, [$names[$row], ...$this->figures(2), null, null, ...$right]);
            $this->at->truth[count($this->at->rows)][6] = Part::RowLabel;
        }
        $this->at->tables = 2;
    }

    private function carried(int $figures): void
    {
        $this->at->row(Part::Heading, $this->headings($figures));
        $all = [];
        foreach ([0, 1] as $page) {
            foreach (array_slice($this->names(30), 0, mt_rand(4, 8)) as $name) {
                $all[] = $line = $this->figures($figures);
                $this->at->row(Part::Body, ["$name $page", ...$line]);
            }
            $word = $page === 0 ? 'Carried forward' : $this->at->word('total');
            $this->at->row($page === 0 ? Part::Subtotal : Part::Total, [$word, ...self::sums($all)]);
        }
    }

    private function notesBelow(int $figures): void
    {
        $this->table($figures, mt_rand(5, 20), total: mt_rand(0, 1) === 1 ? 'exact' : null);
        mt_rand(0, 1) === 1 && $this->at->blank();
        $this->at->row(Part::Note, [$this->at->word('note')]);
        mt_rand(0, 1) === 1 && $this->at->row(Part::Note, [$this->at->word('source')]);
    }

    private function two(int $figures): void
    {
        $this->table($figures, mt_rand(5, 12), total: 'exact');
        $this->at->blank();
        $this->at->blank();
        $this->table($figures, mt_rand(5, 12), total: mt_rand(0, 1) === 1 ? 'exact' : null);
        $this->at->tables = 2;
    }

    /** Names of firms that hold a word for a total, among rows that add up to nothing. */
    private function firms(int $figures): void
    {
        $this->at->row(Part::Heading, ['Customer', ...array_slice($this->headings($figures), 1)]);
        $names = ['Total Gardens Ltd', 'Sum and Sons', 'All Seasons', 'Mean Valley Farm', 'Net Works', 'Balance Bikes', 'Overall Trading'];
        foreach (
            [
                ...array_slice($this->names(12), 0, mt_rand(5, 12)),
                ...array_slice($names, 0, mt_rand(1, 4)),
                'Walnut Hill Farm',
                'Osier Lodge',
            ] as $name
        ) {
            $this->at->row(Part::Body, [$name, ...$this->figures($figures)]);
        }
    }
}
