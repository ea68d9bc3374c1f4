<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

use Closure;

/** A function with what it is given. */
final readonly class Call implements Node
{
    /** Called for many cells at once they are not evaluated, see {@see grid()}. */
    private const CHOOSES = ['IF', 'INDEX'];

    /** Those that ask nothing of their arguments but their values. */
    private const OF_VALUES = ['AND', 'OR', 'XOR', 'MOD', 'ROUND', ...Library::EACH];

    private bool $isFixed;

    private bool $isOne;

    /** Whether each of its arguments gives one value. */
    private bool $isOfOne;

    /**
     * @param  Closure(At, Node...): (null|bool|int|float|string|Fault)  $does
     * @param  list<Node>  $arguments
     * @param  string  $text  as it is written
     * @param  bool  $isSteady  gives the same for the same arguments, from every cell
     */
    public function __construct(
        private string $name,
        private Closure $does,
        private array $arguments,
        bool $isSteady,
        private string $text = '',
    ) {
        $fixed = array_filter($arguments, fn (Node $node) => $node->isFixed());
        $this->isFixed = $isSteady && count($fixed) === count($arguments);
        $this->isOfOne = array_filter($arguments, fn (Node $node) => ! $node->isOne()) === [];
        // One of several values is one value; a row of a range may be chosen whole. What else is given ranges sums them up.
        $this->isOne = $name !== 'INDEX' && ($this->isOfOne || $name !== 'IF' && ! in_array($name, Library::EACH, true));
    }

    public function value(At $at): null|bool|int|float|string|Fault
    {
        if (! $this->isFixed) {
            return ($this->does)($at, ...$this->arguments);
        }
        $make = fn () => ($this->does)($at, ...$this->arguments);

        return $at->once($this, '', fn () => $at->memory !== null && $this->isOfOwnRanges() ? $at->memory->value($this->text, $make)
            : $make());
    }

    public function along(At $at, array $rows): array
    {
        if ($this->isFixed) {
            return $rows === [] ? [] : array_fill_keys($rows, $this->value($at));
        }
        if (! $this->isOfOne || $this->arguments === [] || ! in_array($this->name, self::OF_VALUES, true)) {
            return $at->each($this, $rows);
        }
        $given = array_map(fn (Node $node) => $node->along($at, $rows), $this->arguments);
        $values = [];
        foreach ($rows as $row) {
            $each = [];
            foreach ($given as $of) {
                $each[] = Constant::of($of[$row]);
            }
            $values[$row] = ($this->does)($at, ...$each);
        }

        return $values;
    }

    /** It looks at ranges of its own sheet alone, and the day makes no difference. */
    private function isOfOwnRanges(): bool
    {
        $plain = (string) preg_replace('/"[^"]*"/', '', $this->text);

        return str_contains($plain, ':') && ! str_contains($plain, '!') && preg_match('/\\b(?:TODAY|NOW)\\(/i', $plain) !== 1;
    }

    public function grid(At $at): array
    {
        if (! $this->isOne && in_array($this->name, self::CHOOSES, true)) {
            throw NotKnown::because("It calls {$this->name} for many cells at once, which is not evaluated here.");
        }
        // Functions of one value go over a grid cell by cell: N, ABS, LEN, ISNUMBER ...
        $only = count($this->arguments) === 1 && in_array($this->name, Library::EACH, true) ? $this->arguments[0]->grid($at) : [[null]];
        if (count($only) === 1 && count($only[0]) === 1) {
            return [[$this->value($at)]];
        }

        return array_map(
            fn (array $line) => array_map(
                fn (null|bool|int|float|string|Fault $value) => ($this->does)($at, Constant::of($value)), $line,
            ), $only,
        );
    }

    public function isOne(): bool
    {
        return $this->isOne;
    }

    public function isFixed(): bool
    {
        return $this->isFixed;
    }
}
