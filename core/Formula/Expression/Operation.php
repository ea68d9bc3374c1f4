<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

/** Two things and an operator between them (18.17.2.2); a sign alone, or a percent sign, is one with a number. */
final readonly class Operation implements Node
{
    private const COMPARED = ['=' => 0, '<>' => 0, '<' => 0, '>' => 0, '<=' => 0, '>=' => 0];

    public function __construct(private string $operator, private Node $left, private Node $right)
    {
    }

    public function value(At $at): bool|int|float|string|Fault
    {
        return self::done($this->operator, $this->left->value($at), $this->right->value($at));
    }

    public function along(At $at, array $rows): array
    {
        $others = $this->right->along($at, $rows);
        $values = $this->left->along($at, $rows);
        foreach ($values as $row => $value) {
            $values[$row] = self::done($this->operator, $value, $others[$row]);
        }

        return $values;
    }

    public function grid(At $at): array
    {
        [$one, $other] = [$this->left->grid($at), $this->right->grid($at)];
        // Most are one value and another.
        if (count($one) === 1 && count($other) === 1 && count($one[0]) === 1 && count($other[0]) === 1) {
            return [[self::done($this->operator, $one[0][0], $other[0][0])]];
        }
        $rows = max(count($one), count($other));
        $columns = max(array_map(count(...), [...$one, ...$other, []]));
        $at->looked($rows * $columns);
        $grid = [];
        for ($row = 0; $row < $rows; $row++) {
            $line = [];
            [$a, $b] = [$one[count($one) === 1 ? 0 : $row] ?? [],
                $other[count($other) === 1 ? 0 : $row] ?? []];
            for ($column = 0; $column < $columns; $column++) {
                $line[] = self::done(
                    $this->operator, $a[count($a) === 1 ? 0 : $column] ?? null,
                    $b[count($b) === 1 ? 0 : $column] ?? null,
                );
            }
            $grid[] = $line;
        }

        return $grid;
    }

    public function isOne(): bool
    {
        return $this->left->isOne() && $this->right->isOne();
    }

    public function isFixed(): bool
    {
        return $this->left->isFixed() && $this->right->isFixed();
    }

    private static function joined(string|Fault $one, string|Fault $other): string|Fault
    {
        return $one instanceof Fault ? $one
            : ($other instanceof Fault ? $other : $one.$other);
    }

    private static function done(
        string $operator, null|bool|int|float|string|Fault $one, null|bool|int|float|string|Fault $other,
    ): bool|int|float|string|Fault {
        if ($one instanceof Fault) {
            return $one;
        }
        if ($other instanceof Fault) {
            return $other;
        }
        if ($operator === '&') {
            return self::joined(Scalars::text($one), Scalars::text($other));
        }
        if (isset(self::COMPARED[$operator])) {
            $order = Scalars::compare($one, $other);

            return match ($operator) {
                '=' => $order === 0,
                '<>' => $order !== 0,
                '<' => $order < 0,
                '>' => $order > 0,
                '<=' => $order <= 0,
                default => $order >= 0,
            };
        }
        [$a, $b] = [Scalars::number($one), Scalars::number($other)];
        if ($a instanceof Fault || $b instanceof Fault) {
            return $a instanceof Fault ? $a : $b;
        }
        $result = match ($operator) {
            '+' => $a + $b,
            '-' => $a - $b,
            '*' => $a * $b,
            '/' => $b == 0 ? Fault::of('#DIV/0!') : $a / $b,
            default => $a == 0 && $b < 0 ? Fault::of('#DIV/0!') : $a ** $b,
        };

        return is_float($result) && ! is_finite($result) ? Fault::number() : $result;
    }
}
