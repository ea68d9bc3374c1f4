<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Part;

/**
 * A look that a person gave to a whole part of one sheet, or to the columns of one kind in it. It belongs to the part,
 * not to addresses, so it holds for rows that come later.
 */
final readonly class PartRule
{
    /** @param  string|null  $heading  only the columns that are headed so */
    public function __construct(public Part $part, public ?ColumnKind $kind, public Look $look, public ?string $heading = null)
    {
    }

    public function isFor(Part $part, ?ColumnReading $column): bool
    {
        return $this->part === $part &&
            ($this->kind === null || $this->kind === $column?->kind) &&
            ($this->heading === null || $column?->isHeaded($this->heading) === true);
    }

    public function sameTarget(Part $part, ?ColumnKind $kind, ?string $heading): bool
    {
        return $this->part === $part && $this->kind === $kind && $this->heading === $heading;
    }

    /** @return array{part: string, kind: string|null, look: array<string, bool|int|float|string>, heading?: string} */
    public function toArray(): array
    {
        return ['part' => $this->part->value, 'kind' => $this->kind?->value, 'look' => $this->look->toArray()] +
            ($this->heading === null ? [] : ['heading' => $this->heading]);
    }

    /** @param  array{part: string, kind: string|null, look: array<string, bool|int|float|string>, heading?: string}  $data */
    public static function fromArray(array $data): self
    {
        return new self(
            Part::from($data['part']),
            $data['kind'] === null ? null : ColumnKind::from($data['kind']),
            Look::of($data['look']),
            $data['heading'] ?? null,
        );
    }
}
