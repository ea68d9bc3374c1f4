<?php

declare(strict_types=1);

namespace Rilvet\Window;

/** What the tray shows of a selection. */
final readonly class Inspection
{
    /**
     * @param  list<AttributeState>  $attributes
     * @param  list<LayerView>  $layers  of the active cell, the lowest layer first
     * @param  string|null  $part  where the whole selection is of one part
     * @param  string|null  $kind  where it is body cells of one column kind
     * @param  float|null  $contrast  of ink on fill, WCAG 2.2; null where the selection differs
     * @param  string  $readable  the most readable ink on the fill
     * @param  list<string>  $near  fills of the sheet that are nearly the one of the selection (CIEDE2000 below 3)
     * @param  list<string>  $merges  merged ranges that the selection touches
     */
    public function __construct(
        public array $attributes,
        public array $layers,
        public ?string $part,
        public ?string $kind,
        public ?float $contrast,
        public string $readable,
        public array $near,
        public array $merges,
    ) {
    }
}
