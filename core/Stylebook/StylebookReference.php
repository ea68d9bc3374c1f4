<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

/**
 * That a sheet wears a stylebook by reference: the newest version of it, or a certain one that it holds.
 *
 * @phpstan-type ReferenceData array{stylebook: int, held: int|null}
 */
final readonly class StylebookReference
{
    /**
     * @param  int  $stylebook  that stands on the shelf
     * @param  int|null  $held  number of the version that the sheet keeps; null where it follows the newest
     */
    public function __construct(public int $stylebook, public ?int $held = null)
    {
    }

    /** @return ReferenceData */
    public function toArray(): array
    {
        return ['stylebook' => $this->stylebook, 'held' => $this->held];
    }
}
