<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Work\PartRule;

/** What a person said of whole parts of this sheet; it names no address, and stays when rows move. */
final readonly class PartRules implements Aspect
{
    /** @param  list<PartRule>  $rules */
    public function __construct(public array $rules = [])
    {
    }

    public static function name(): string
    {
        return 'rules';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var list<array{part: string, kind: string|null, look: array<string, bool|int|float|string>, heading?: string}>|null $data */
        return new self(array_map(PartRule::fromArray(...), $data ?? []));
    }

    /** @return list<array{part: string, kind: string|null, look: array<string, bool|int|float|string>, heading?: string}>|null */
    public function toJson(): ?array
    {
        return $this->rules === [] ? null : array_map(fn (PartRule $rule) => $rule->toArray(), $this->rules);
    }

    public function moved(Shift|RowOrder $move): static
    {
        return $this;
    }
}
