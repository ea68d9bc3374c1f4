<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/**
 * Findings that a person has let be, each with the reason. What says something else of its place, or the same of another
 * place, is a new finding.
 */
final readonly class LeftFindings implements Aspect
{
    /** Those that are kept on one sheet. */
    public const MOST = 2_000;

    /** @param  list<LeftFinding>  $all */
    public function __construct(public array $all = [])
    {
    }

    public static function name(): string
    {
        return 'left';
    }

    public static function fromJson(mixed $data): static
    {
        $all = [];
        foreach (is_array($data) ? $data : [] as $one) {
            [$check, $range, $words, $reason] = is_array($one) ? array_pad(array_values($one), 4, '') : ['', '', '', ''];
            if (is_string($check) && is_string($range) && is_string($words) && is_string($reason) && $check !== '') {
                $all[] = new LeftFinding($check, $range, $words, $reason);
            }
        }

        return new self($all);
    }

    /** @return list<array{string, string, string, string}>|null */
    public function toJson(): ?array
    {
        return $this->all === [] ? null
            : array_map(fn (LeftFinding $one) => [$one->check, $one->range, $one->words, $one->reason], $this->all);
    }

    public function moved(Shift|RowOrder $move): static
    {
        if ($move instanceof RowOrder) {
            return $this;
        }
        $all = [];
        foreach ($this->all as $one) {
            $ranges = $one->range === '' ? [] : iterator_to_array(RangeSet::parse(str_replace(' ', '', $one->range)), false);
            $moved = array_values(array_filter(array_map($move->range(...), $ranges)));
            if ($one->range === '' || $moved !== []) {
                $all[] = new LeftFinding($one->check, implode(', ', array_map(strval(...), $moved)), $one->words, $one->reason);
            }
        }

        return new self($all);
    }

    /** The reason for which a finding was let be; null where it was not. */
    public function reason(string $check, string $range, string $words): ?string
    {
        foreach ($this->all as $one) {
            if ($one->check === $check && $one->range === $range && $one->words === $words) {
                return $one->reason;
            }
        }

        return null;
    }

    public function leaving(LeftFinding ...$some): self
    {
        return new self([...$this->without(...$some)->all, ...array_values($some)]);
    }

    public function without(LeftFinding ...$some): self
    {
        $is = fn (LeftFinding $one) => array_filter($some, fn (LeftFinding $other) => $other->isOf($one)) !== [];

        return new self(array_values(array_filter($this->all, fn (LeftFinding $one) => ! $is($one))));
    }
}
