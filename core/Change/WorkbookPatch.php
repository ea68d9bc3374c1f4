<?php

declare(strict_types=1);

namespace Rilvet\Change;

/** Something that belongs to the workbook and to none of its sheets: its name, its defined names, its tables, its own looks. */
final readonly class WorkbookPatch implements Patch
{
    /** Whatever else is said of a workbook is another kind of patch. */
    public const WHAT = ['name', 'names', 'own', 'tables', 'guard'];

    /** @param  value-of<self::WHAT>  $what */
    public function __construct(public string $what, public string $before, public string $after)
    {
    }

    public function inverse(): self
    {
        return new self($this->what, $this->after, $this->before);
    }

    public function applyTo(Applies $place): void
    {
        $place->workbook($this);
    }

    public function toArray(): array
    {
        return [0, $this->what, $this->before, $this->after];
    }
}
