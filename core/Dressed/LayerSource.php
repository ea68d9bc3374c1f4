<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

/**
 * A layer that does not look at values: it may ask for nothing but what a place says, since what it adds is remembered by
 * that. An aspect of a sheet that is one too adds its layer to the cells of the sheet.
 */
interface LayerSource
{
    /** Where it stands among the others. */
    public function layer(): Layer;

    /** @return list<LayerEntry> what it adds, lowest first */
    public function entries(Place $place): array;
}
