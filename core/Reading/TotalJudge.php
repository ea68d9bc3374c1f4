<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Intake\TotalWords;

/** Which rows of a body are subtotals and totals: by formulas, by arithmetic, by what they are called, or because the file says so. */
final class TotalJudge
{
    /** Rows after the last total that only say more of it. */
    private const AFTERWORDS = 3;

    /** Rows above one that its figures are compared with. */
    private const ABOVE = 400;

    /** @var array<int, array{Part, Ground, string}> what was found, by row */
    private array $found = [];

    private readonly int $last;

    /**
     * @param  list<int>  $labels  label columns
     * @param  array<int, Part|null>  $parts  of rows that are not plain body
     */
    private function __construct(
        private readonly Region $region,
        private readonly int $from,
        private readonly array $labels,
        private array $parts,
    ) {
        $this->last = $region->range->bottom;
    }

    /**
     * @param  list<int>  $labels  label columns
     * @param  array<int, Part|null>  $parts  of rows that are not plain body
     * @return array<int, array{Part, Ground, string}> by row: subtotal or total, by what, and the reason
     */
    public static function judge(Region $region, int $from, array $labels, array $parts): array
    {
        $judge = new self($region, $from, $labels, $parts);
        $judge->totals();

        return $judge->found;
    }

    private function totals(): void
    {
        $marks = [];
        foreach ($this->parts as $row => $part) {
            $marks[$row] = $part === Part::RowGroup ? 'group' : 'blank';
        }
        $to = $this->last;
        while ($to > $this->from && (isset($marks[$to]) && $marks[$to] === 'blank')) {
            $to--;
        }
        $words = [];
        $formulas = [];
        for ($row = $this->from; $row <= $to; $row++) {
            $letters = $this->region->letters($row);
            if (! isset($marks[$row]) && str_contains($letters, 'w')) {
                $words[$row] = $this->totalLabel($row) !== null;
            }
            if (! isset($marks[$row]) && str_contains($letters, 'S') && $this->sumsDown($row)) {
                $formulas[$row] = true;
            }
        }
        $words = array_filter($words);
        // A parent's figures are in its children already, so it is no addend of the sums below.
        $marks = $this->parents($to, $marks) + $marks;
        $adding = new Sums($this->region, $this->from, $to);
        $marks = $this->above($to, $adding, $marks, $words) + $marks;
        $words = array_diff_key($words, $marks);
        $sums = $adding->find($marks, $words);
        $candidates = array_keys($words + $formulas + $sums);
        sort($candidates);
        foreach ($candidates as $row) {
            $this->judgeTotal($row, $to, $candidates, $sums[$row] ?? null, isset($words[$row]), isset($formulas[$row]));
        }
        $total = $this->region->said()?->total();
        if ($total !== null && $total >= $this->from && $total <= $this->last) {
            $this->mark($total, Part::Total, Ground::FileTotals, 'the file names it as the totals of a table');
        }
    }

    /**
     * Sums that stand over their details: the first of the body, where it covers all of it, is the total.
     *
     * @param  array<int, string>  $marks
     * @param  array<int, bool>  $words
     * @return array<int, string> marks of the sums
     */
    private function above(int $to, Sums $sums, array $marks, array $words): array
    {
        $leads = fn (int $row) => isset($words[$row]) || $this->leads($row);
        if ($to - $this->from > SumsBelow::MOST_ROWS || array_filter(range($this->from, $to), $leads) === []) {
            return [];
        }
        $found = SumsBelow::find($this->from, $to, $sums->values(...), $marks, $leads);
        // A sum over its details is a result under its terms as well: what stands on top has to say that it is the sum.
        if (array_filter(array_keys($found), $leads) === []) {
            return [];
        }
        $first = $this->from;
        while ($first < $to && isset($marks[$first])) {
            $first++;
        }
        $above = [];
        foreach ($found as $row => $last) {
            // What stands at the end sums what stands above it, not what follows.
            if (isset($words[$last]) && ! isset($words[$row])) {
                continue;
            }
            $isAll = $row === $first && $last >= $to;
            $above[$row] = 'blank';
            $this->mark(
                $row,
                $isAll ? Part::Total : Part::Subtotal,
                isset($words[$row]) ? Ground::SumSaid : Ground::Details,
                'the figures are the sums of rows '.($row + 1)." to $last below",
            );
        }

        return $above;
    }

    /** Whether a row says that those under it are its details: by its number, or by standing out. */
    private function leads(int $row): bool
    {
        $left = $this->region->range->left;
        [$own, $below] = [$this->region->text($row, $left), $this->region->text($row + 1, $left)];
        $hints = $this->region->facts->hints;

        return ($own !== '' && str_starts_with($below, "$own.")) || ($hints->isStrong($row, $left) && ! $hints->isStrong($row + 1, $left));
    }

    /**
     * A row over indented rows whose sums it shows is a subtotal that stands on top.
     *
     * @param  array<int, string>  $marks
     * @return array<int, string> marks of the parents
     */
    private function parents(int $to, array $marks): array
    {
        $column = $this->labels[0] ?? $this->region->range->left;
        $indent = fn (int $row) => strspn($this->region->cell($row, $column)->text(), " \t");
        $parents = [];
        if ($to - $this->from > 2_000) {
            return [];
        }
        for ($row = $this->from; $row < $to; $row++) {
            $children = [];
            for ($next = $row + 1; $next <= $to && ! isset($marks[$next]) && $indent($next) > $indent($row); $next++) {
                $indent($next) === $indent($row + 1) && $children[] = $next;
            }
            if (isset($marks[$row]) || count($children) < 2) {
                continue;
            }
            $hits = 0;
            $misses = 0;
            foreach (str_split($this->region->letters($row)) as $at => $letter) {
                $value = strpbrk($letter, 'nNS') === false ? null : $this->region->cell($row, $this->region->range->left + $at)->number();
                if ($value !== null) {
                    $sum = array_sum(
                        array_map(
                            fn (int $child) => $this->region->cell($child, $this->region->range->left + $at)->number() ?? 0.0,
                            $children,
                        ),
                    );
                    abs($sum - $value) < 0.005 * count($children) + 1e-9 * abs($value) ? $hits++ : $misses++;
                }
            }
            if ($hits > 0 && $hits >= 2 * $misses) {
                $parents[$row] = 'blank';
                $this->mark(
                    $row,
                    Part::Subtotal,
                    Ground::Indented,
                    'the figures are the sums of the indented rows '.($row + 1).' to '.($next - 1).' below',
                );
            }
        }

        return $parents;
    }

    /**
     * @param  list<int>  $candidates
     * @param  array{kind: string, from: int, to: int, all: bool, why: string}|null  $sum
     */
    private function judgeTotal(int $row, int $to, array $candidates, ?array $sum, bool $word, bool $formula): void
    {
        $label = $this->totalLabel($row) ?? '';
        if ($sum === null && ! $formula && ! $this->hasTyped($row)) {
            return;
        }
        // A word in a body of plain records ("Total Ltd") counts only where the row also looks like a total.
        if ($sum === null && ! $formula && (! $this->standsLikeTotal($row, $to, $candidates) || ! $this->isPlausible($row, $label))) {
            return;
        }
        $more = $this->goesOn($row, $to, $candidates, TotalWords::total($label) && ! TotalWords::subtotal($label));
        $earlier = array_filter($candidates, fn (int $other) => $other < $row && ($this->parts[$other] ?? null) === Part::Subtotal);
        $top = $sum !== null && $sum['from'] > $row;
        $isSub =
            TotalWords::subtotal($label) ||
            ($more && ! $top) ||
            (! $top &&
                $sum !== null &&
                ! $sum['all'] &&
                $earlier !== [] &&
                $sum['kind'] === 'sum' &&
                preg_match('/grand|overall|gesamt|général|\ball\b/iu', $label) !== 1);
        $why = $sum['why'] ?? ($formula ? 'its formulas sum the rows above' : 'the label "'.mb_strimwidth($label, 0, 30, '…').'"');
        $ground = match (true) {
            $sum !== null => $word || $formula ? Ground::SumSaid : Ground::Sum,
            $formula => Ground::Formulas,
            default => Ground::Word,
        };
        $this->mark($row, $isSub ? Part::Subtotal : Part::Total, $ground, $why);
    }

    /**
     * Whether rows of data follow that a total does not cover. A few after the last one say of which, how much, and by how much
     * more than before.
     *
     * @param  list<int>  $candidates
     */
    private function goesOn(int $row, int $to, array $candidates, bool $isNamed): bool
    {
        $after = 0;
        for ($next = $row + 1; $next <= $to; $next++) {
            if (array_key_exists($next, $this->parts)) {
                continue;
            }
            if (in_array($next, $candidates, true)) {
                // Another sum comes: what stands between belongs to it.
                $isNamed = $isNamed && $after === 0;

                continue;
            }
            if (++$after > ($isNamed ? self::AFTERWORDS : 0)) {
                return true;
            }
        }

        return $after > 0 && ! $isNamed;
    }

    /** @param  list<int>  $candidates */
    private function standsLikeTotal(int $row, int $to, array $candidates): bool
    {
        $label = (string) $this->totalLabel($row);
        if (
            TotalWords::subtotal($label) ||
            preg_match('/^\W*(?:grand\s+)?totals?\b|\btotals?\W*$|^(?:gesamt|summe|somme|suma|totale|totaal)/iu', $label) === 1
        ) {
            // The same words in many rows of a list are a category of it.
            return count($candidates) <= max(3, 0.34 * ($to - $this->from + 1));
        }
        for ($next = $row + 1; $next <= min($to, $row + 5); $next++) {
            if (! array_key_exists($next, $this->parts) && ! in_array($next, $candidates, true)) {
                return $this->region->facts->hints->isStrong($row, $this->region->range->left);
            }
        }

        return $row >= $to - 4;
    }

    /**
     * Whether figures that add up to nothing could be a total or a statistic all the same: a total of what is not negative is no
     * less than the greatest of it, a mean lies between the least and the greatest.
     */
    private function isPlausible(int $row, string $label): bool
    {
        $fits = $tested = 0;
        $isStatistic = TotalWords::statistic($label) && ! TotalWords::total($label) && ! TotalWords::subtotal($label);
        foreach (str_split($this->region->letters($row)) as $at => $letter) {
            $own = strpbrk($letter, 'nNS') === false ? null : $this->region->cell($row, $this->region->range->left + $at)->number();
            $above = $own === null ? [] : $this->figuresAbove($row, $this->region->range->left + $at);
            if ($own === null || count($above) < 2) {
                continue;
            }
            // As far as it was rounded.
            $near = 0.5 * (Evidence::unit($own) ?: 1.0) + 1e-9 * abs($own);
            [$least, $greatest] = [min($above) - $near, max($above) + $near];
            $tested++;
            $isBetween = $own >= $least && $own <= $greatest;
            $fits += ($isStatistic ? $isBetween : $least < 0 || $own >= $greatest - 2 * $near)
                ? 1
                : 0;
        }

        return $tested === 0 || $fits >= 0.6 * $tested;
    }

    /** @return list<float> of the body rows above a row, up to the last sum or group */
    private function figuresAbove(int $row, int $column): array
    {
        $figures = [];
        for ($at = $row - 1; $at >= $this->from && count($figures) < self::ABOVE; $at--) {
            $part = $this->parts[$at] ?? null;
            if ($part === Part::RowGroup || ($part === Part::Subtotal && $figures !== [])) {
                break;
            }
            $number = array_key_exists($at, $this->parts) ? null : $this->region->cell($at, $column)->number();
            if ($number !== null) {
                $figures[] = $number;
            }
        }

        return $figures;
    }

    /** The first text of a row's label columns that holds a total word. */
    private function totalLabel(int $row): ?string
    {
        $letters = $this->region->letters($row);
        foreach ($this->labels === [] ? [$this->region->range->left] : $this->labels as $column) {
            if ($letters[$column - $this->region->range->left] === 'w') {
                return $this->region->text($row, $column);
            }
        }
        // "Total" may stand in any column left of the first figure.
        $at = strcspn($letters, 'nNSdDhH');
        $word = strpos(substr($letters, 0, $at), 'w');

        return $word === false || trim(substr($letters, 0, $word), '.') !== ''
            ? null
            : $this->region->text($row, $this->region->range->left + $word);
    }

    private function hasTyped(int $row): bool
    {
        return strpbrk($this->region->letters($row), 'nNSe') !== false;
    }

    /** A sum over rows above, not over cells of its own row. */
    private function sumsDown(int $row): bool
    {
        foreach (str_split($this->region->letters($row)) as $at => $letter) {
            if ($letter === 'S') {
                $formula = (string) $this->region->cell($row, $this->region->range->left + $at)->formula;
                if (preg_match('/\$?[A-Z]{1,3}\$?(\d+):\$?[A-Z]{1,3}\$?(\d+)/i', $formula, $found) === 1 && $found[1] !== $found[2]) {
                    return true;
                }
            }
        }

        return false;
    }

    private function mark(int $row, Part $part, Ground $ground, string $why): void
    {
        $this->parts[$row] = $part;
        $this->found[$row] = [$part, $ground, $why];
    }
}
