<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Stylebook\Palette;
use Rilvet\Stylebook\Stripes;

/**
 * Stripes that were laid by hand. They belong to their range: rows that are put in are striped, and a sort leaves them where
 * they are.
 */
final readonly class LaidStripes implements Aspect
{
    /** @param  list<LaidStripe>  $all  where two meet, the later one is seen */
    public function __construct(public array $all = [])
    {
    }

    public static function name(): string
    {
        return 'stripes';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var list<array{range: string, key: int|null, stripes: array<string, mixed>}> $all */
        $all = $data ?? [];

        return new self(array_map(
            fn (array $one) => new LaidStripe(Range::parse($one['range']), Stripes::of($one['stripes'], Palette::of([])), $one['key']),
            $all,
        ));
    }

    public function toJson(): mixed
    {
        return $this->all === [] ? null : array_map(fn (LaidStripe $one) => $one->toArray(), $this->all);
    }

    public function moved(Shift|RowOrder $move): static
    {
        if ($move instanceof RowOrder) {
            return $this;
        }

        return new self(array_values(array_filter(array_map(fn (LaidStripe $one) => $one->moved($move), $this->all))));
    }

    /** With those that a range meets taken away, and another one laid where there is one. */
    public function with(Range $range, ?LaidStripe $stripe): self
    {
        $left = array_values(array_filter($this->all, fn (LaidStripe $one) => ! $one->range->meets($range)));

        return new self($stripe === null ? $left : [...$left, $stripe]);
    }
}
