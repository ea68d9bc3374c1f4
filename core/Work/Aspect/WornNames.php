<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/** Names of the looks that {@see NamedLooks} counts from 1. */
final readonly class WornNames implements Aspect
{
    /** @param  list<string>  $names */
    public function __construct(public array $names = [])
    {
    }

    public static function name(): string
    {
        return 'wears';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var list<string>|null $data */
        return new self($data ?? []);
    }

    /** @return list<string>|null */
    public function toJson(): ?array
    {
        return $this->names === [] ? null : $this->names;
    }

    public function moved(Shift|RowOrder $move): static
    {
        return $this;
    }
}
