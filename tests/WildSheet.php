<?php

declare(strict_types=1);

namespace Tests;

/**
 * Sheets as they come in from anywhere, by chance: one to three tables with titles, headings of one row or two, sections with
 * subtotals, totals that are right, nearly right or wrong, notes, gaps and what hands leave in cells. Small, so that whatever
 * the code counts is often just at its limit. Each is the same for the same seed.
 */
final class WildSheet
{
    private const NAMES = ['Ash', 'Birch', 'Cedar', 'Dogwood', 'Elder', 'Fir', 'Grey alder', 'Hazel', 'Ivy', 'Juniper', 'Larch', 'Maple',
        'North bed', 'Oak', 'Pine', 'Rowan', 'South bed', 'Thorn', 'Willow', 'Yew'];

    private const HEADS = ['label' => ['Tree', 'Bed', 'Name'], 'code' => ['Lot', 'Code', 'No.'], 'category' => ['Status', 'Group'],
        'integer' => ['Count', 'Pieces', 'Stock'], 'decimal' => ['Height', 'Weight (kg)', 'Rate'],
        'amount' => ['Price', 'Worth', 'Cost €'],
        'percent' => ['Share', '% sold'], 'date' => ['Due', 'Planted on'], 'year' => ['Year', 'Sown'], 'text' => ['Remark', 'Note'],
        'tick' => ['Done', 'Paid?'], 'measure' => ['Length', 'Volume'], 'blank' => [''], 'time' => ['Start', 'Time'],
        'long' => ['Account', 'Barcode']];

    private const KINDS = ['label', 'code', 'category', 'integer', 'integer', 'decimal', 'amount', 'percent', 'date', 'year', 'text',
        'tick', 'measure', 'blank', 'time', 'long'];

    /** @var list<list<string>> */
    private array $rows = [];

    private function __construct()
    {
    }

    /** @return string  comma separated (RFC 4180) */
    public static function csv(int $seed): string
    {
        mt_srand($seed);
        $sheet = new self;
        $sheet->fill();
        mt_srand();
        $quoted = fn (string $cell) => preg_match('/[",\r\n]/', $cell) === 1 ? '"'.str_replace('"', '""', $cell).'"' : $cell;

        return implode("\n", array_map(fn (array $row) => implode(',', array_map($quoted, $row)), $sheet->rows))."\n";
    }

    private static function one(int $in): bool
    {
        return mt_rand(1, $in) === 1;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private static function pick(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }

    private function fill(): void
    {
        $this->rows = array_fill(0, self::one(4) ? mt_rand(1, 2) : 0, []);
        $left = self::one(6) ? 1 : 0;
        for ($tables = self::one(3) ? mt_rand(2, 3) : 1; $tables > 0; $tables--) {
            $block = $this->table();
            if ($this->rows !== [] && self::one(4)) {
                $this->beside($block, mt_rand(1, 2));
            } else {
                array_push($this->rows, ...array_fill(0, $this->rows === [] ? 0 : mt_rand(0, 3), []),
                    ...array_map(fn (array $row) => [...array_fill(0, $left, ''), ...$row], $block));
            }
        }
        if (self::one(8)) {
            $this->rows[mt_rand(0, count($this->rows) - 1)][9] = self::pick(['checked', '17', 'see below']);
        }
        $width = max(array_map(count(...), [...$this->rows, ['']]));
        foreach ($this->rows as $at => $row) {
            $line = array_fill(0, $width, '');
            foreach ($row as $index => $cell) {
                $line[$index] = $cell;
            }
            ksort($line);
            $this->rows[$at] = array_values($line + array_fill(0, max($width, 1), ''));
        }
    }

    /** @param  list<list<string>>  $block */
    private function beside(array $block, int $gap): void
    {
        $left = max(array_map(count(...), $this->rows)) + $gap;
        $top = mt_rand(0, min(2, count($this->rows) - 1));
        foreach ($block as $at => $row) {
            $line = $this->rows[$top + $at] ?? [];
            $this->rows[$top + $at] = [...$line, ...array_fill(0, $left - count($line), ''), ...$row];
        }
    }

    /** @return list<list<string>> */
    private function table(): array
    {
        $kinds = [self::one(8) ? 'code'
            : (self::one(10) ? 'integer' : 'label')];
        for ($more = mt_rand(1, 6); $more > 0; $more--) {
            $kinds[] = self::pick(self::KINDS);
        }
        $isByPeriod = self::one(5);
        $kinds = $isByPeriod ? ['label', ...array_fill(0, mt_rand(2, 6), self::pick(['integer', 'amount', 'percent']))] : $kinds;
        $rows = [];
        for ($lines = self::pick([0, 0, 0, 1, 1, 2]); $lines > 0; $lines--) {
            $rows[] = [self::pick(['Deliveries of spring', 'Stock of the nursery in 2026', 'Table 3: Beds and what stands in them',
                'in thousand €', 'As of 3 May 2026'])];
            self::one(4) && $rows[] = [];
        }
        array_push($rows, ...$this->heads($kinds, $isByPeriod));
        $sum = array_fill(0, count($kinds), 0.0);
        $isOff = self::one(6);
        for ($sections = self::one(4) ? mt_rand(2, 3) : 1, $all = $sections; $sections > 0; $sections--) {
            $part = array_fill(0, count($kinds), 0.0);
            $all > 1 && self::one(2) && $rows[] = [self::pick(['North', 'South', 'Nursery 1', 'Late'])];
            for ($body = self::pick([1, 2, 3, 4, 5, 6, 8, 12]); $body > 0; $body--) {
                $row = [];
                foreach ($kinds as $column => $kind) {
                    [$text, $number] = $this->cell($kind, $body, $column);
                    $row[] = $text;
                    $part[$column] += $number;
                }
                $rows[] = $row;
                self::one(25) && $rows[] = [];
                self::one(40) && array_push($rows, ...$this->heads($kinds, $isByPeriod));
            }
            $all > 1 && self::one(2) && $rows[] = $this->sums($kinds, $part, self::pick(['Subtotal', 'Sum', 'North in all', '']), false);
            $sum = array_map(fn (float $one, float $other) => $one + $other, $sum, $part);
        }
        if (self::one(2)) {
            self::one(6) && $rows[] = [];
            $rows[] = $this->sums($kinds, $sum, self::pick(['Total', 'Sum', 'All', 'Grand total', '', 'Mean']), $isOff);
        }
        for ($notes = self::pick([0, 0, 0, 1, 2]); $notes > 0; $notes--) {
            self::one(2) && $rows[] = [];
            $rows[] = [self::pick(['* estimated', 'Source: own count', 'Note: frost in April; beds 3 and 4 were covered',
                'n/a means not asked'])];
        }

        return $rows;
    }

    /**
     * @param  list<string>  $kinds
     * @return list<list<string>>
     */
    private function heads(array $kinds, bool $isByPeriod): array
    {
        if (self::one(9)) {
            return [];
        }
        $first = mt_rand(2019, 2024);
        $months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul'];
        $isYears = self::one(2);
        $names = [];
        foreach ($kinds as $column => $kind) {
            $names[] = $isByPeriod && $column > 0
                ? ($isYears ? (string) ($first + $column) : $months[$column % 7])
                : (self::one(14) ? '' : self::pick(self::HEADS[$kind]));
        }
        $rows = [$names];
        if (self::one(4)) {
            $groups = array_fill(0, count($kinds), '');
            for ($column = mt_rand(0, 1); $column < count($kinds); $column += mt_rand(1, 3)) {
                $groups[$column] = self::pick(['Spring', 'Autumn', 'Plan', 'Count']);
            }
            $rows = [$groups, $names];
        }
        self::one(9) && $rows[] = array_map(fn (string $kind) => in_array($kind, ['decimal', 'measure'], true) ? '(kg)' : '', $kinds);

        return $rows;
    }

    /** @return array{string, float} what stands in a cell, and the number that it is summed up with */
    private function cell(string $kind, int $row, int $column): array
    {
        if ($column > 0 && self::one(12)) {
            return [self::pick(['', '', 'n/a', '-', '–', '…', ' ', '0']), 0.0];
        }
        $number = match ($kind) {
            'integer' => (float) self::pick([mt_rand(0, 9), mt_rand(0, 999), mt_rand(-50, 5_000), 1_000 * mt_rand(1, 40)]),
            'decimal', 'amount' => mt_rand(-500, 99_999) / 100,
            'percent' => mt_rand(0, 1_000) / 1_000,
            default => 0.0,
        };
        $text = match ($kind) {
            'label' => self::pick(self::NAMES).(self::one(9) ? self::pick([' *', ' 1)', '  ', ' (old)']) : ''),
            'code' => self::pick(['L-', 'B', '00', '']).sprintf('%03d', 17 * $row + $column),
            'category' => self::pick(['open', 'paid', 'late', 'Paid']),
            'integer' => self::figure($number, 0),
            'decimal' => self::figure($number, self::pick([1, 2, 2])),
            'amount' => self::figure($number, 2).(self::one(10) ? ' €' : ''),
            'percent' => self::one(3) ? self::figure(100 * $number, 1) : self::figure(100 * $number, 1).'%',
            'date' => self::pick([sprintf('2026-%02d-%02d', mt_rand(1, 12), mt_rand(1, 28)), sprintf('%d.%d.2026', mt_rand(1, 28),
                mt_rand(1, 12)), '3 May 2026']),
            'year' => (string) (self::one(2) ? 2_010 + $row : mt_rand(1_985, 2_026)),
            'text' => self::pick(['fine', 'to be moved after the frost, and cut back', 'second choice', 'see 3', 'x']),
            'tick' => self::pick(['x', '', 'yes', 'no']),
            'measure' => mt_rand(1, 40).self::pick([' kg', ' kg', ' m', 'cm']),
            'time' => sprintf('%d:%02d', mt_rand(0, 30), mt_rand(0, 59)),
            'long' => (string) mt_rand(100_000_000_000, 999_999_999_999),
            default => '',
        };

        return [$text, $number];
    }

    private static function figure(float $number, int $decimals): string
    {
        return match (mt_rand(1, 12)) {
            1 => number_format($number, $decimals),
            2 => $number < 0 ? '('.number_format(-$number, $decimals, '.', '').')' : number_format($number, $decimals, '.', ''),
            default => number_format($number, $decimals, '.', ''),
        };
    }

    /**
     * @param  list<string>  $kinds
     * @param  list<float>  $sums
     * @return list<string>
     */
    private function sums(array $kinds, array $sums, string $label, bool $isOff): array
    {
        $row = [];
        foreach ($kinds as $column => $kind) {
            $sum = $sums[$column] + ($isOff ? self::pick([0, 1, -3, 0.01]) : 0);
            $row[] = match ($kind) {
                'integer' => self::figure($sum, 0),
                'decimal', 'amount' => self::figure($sum, 2),
                'percent' => self::one(2) ? '' : self::figure(100 * $sum, 1).'%',
                default => '',
            };
        }

        return [$label, ...array_slice($row, 1)];
    }
}
