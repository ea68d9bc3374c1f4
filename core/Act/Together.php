<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Work\Workbook;

/** Several acts that a person asked for as one: one entry of the history, one undo. */
final readonly class Together implements Act
{
    /** @param  non-empty-list<Act>  $acts in their order */
    public function __construct(private array $acts, private ?string $words = null)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        return array_reduce($this->acts, fn (Workbook $so, Act $act) => $act->on($so), $workbook);
    }

    public function reach(): Reach
    {
        return Reach::together(...array_map(fn (Act $act) => $act->reach(), $this->acts));
    }

    public function words(Workbook $workbook): string
    {
        return $this->words ?? implode(', ', array_map(fn (Act $act) => $act->words($workbook), $this->acts));
    }
}
