<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;

/**
 * A look that a person gave to a whole part of one sheet, or to the columns of one kind in it. It belongs to the part,
 * not to addresses, so it holds for rows that come later.
 */
final readonly class PartRule
{
    public function __construct(public Part $part, public ?ColumnKind $kind, public Look $look)
    {
    }

    public function isFor(Part $part, ?ColumnKind $kind): bool
    {
        return $this->part === $part && ($this->kind === null || $this->kind === $kind);
    }

    public function sameTarget(Part $part, ?ColumnKind $kind): bool
    {
        return $this->part === $part && $this->kind === $kind;
    }

    /** @return array{part: string, kind: string|null, look: array<string, bool|int|float|string>} */
    public function toArray(): array
    {
        return ['part' => $this->part->value, 'kind' => $this->kind?->value, 'look' => $this->look->toArray()];
    }

    /** @param  array{part: string, kind: string|null, look: array<string, bool|int|float|string>}  $data */
    public static function fromArray(array $data): self
    {
        return new self(Part::from($data['part']), $data['kind'] === null ? null : ColumnKind::from($data['kind']), Look::of($data['look']));
    }
}
