<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\Part;

/** The look that a cell wears in the end, with what each layer said, lowest first. */
final readonly class ResolvedLook
{
    public Look $look;

    /**
     * @param  int  $number  the same for cells that look the same for the same reasons
     * @param  list<LayerEntry>  $entries
     */
    public function __construct(public int $number, public array $entries, public ?Part $part = null)
    {
        $this->look = array_reduce($entries, fn (Look $look, LayerEntry $entry) => $look->under($entry->look), Look::none());
    }

    /** The layer that an attribute came from: the highest that says it. */
    public function from(Attribute $attribute): ?Layer
    {
        return $this->entry($attribute)?->layer;
    }

    /** What of a layer says an attribute: the highest that does. */
    public function entry(Attribute $attribute): ?LayerEntry
    {
        foreach (array_reverse($this->entries) as $entry) {
            if ($entry->look->get($attribute) !== null) {
                return $entry;
            }
        }

        return null;
    }
}
