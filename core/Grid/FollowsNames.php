<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** An aspect with formulas in it: they go along when what they name on another sheet moves, or a sheet is called otherwise. */
interface FollowsNames extends Aspect
{
    /**
     * @param  callable(string): string  $change  of a formula that names a sheet
     * @return static the same one where nothing of it changes
     */
    public function following(callable $change): static;

    /**
     * Whether any of them may look at another sheet.
     *
     * @param  array<string, string>  $names  defined names, which may mean cells anywhere
     */
    public function looksAway(array $names): bool;
}
