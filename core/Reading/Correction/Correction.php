<?php

declare(strict_types=1);

namespace Rilvet\Reading\Correction;

use Rilvet\Grid\Shift;
use Rilvet\Reading\Reading;

/**
 * What a person changed in a reading. Corrections are kept apart from what was found and laid over it in order, so that
 * they survive a new reading. One whose place no longer exists changes nothing.
 */
interface Correction
{
    public function on(Reading $reading): Reading;

    /** The correction after rows or columns were put in or taken out; null where its place is gone. */
    public function moved(Shift $shift): ?self;

    /** In the words of the history. */
    public function words(): string;

    /** @return array<string, mixed> with "type", the inverse of {@see Corrections::stored()} */
    public function toArray(): array;
}
