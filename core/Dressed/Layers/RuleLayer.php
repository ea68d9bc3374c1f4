<?php

declare(strict_types=1);

namespace Rilvet\Dressed\Layers;

use Rilvet\Dressed\Layer;
use Rilvet\Dressed\LayerEntry;
use Rilvet\Dressed\LayerSource;
use Rilvet\Dressed\Place;
use Rilvet\Work\PartRule;

/** What a person said of whole parts of the sheet. */
final readonly class RuleLayer implements LayerSource
{
    /** @param  list<PartRule>  $rules */
    public function __construct(private array $rules)
    {
    }

    public function layer(): Layer
    {
        return Layer::Hand;
    }

    public function entries(Place $place): array
    {
        return array_map(fn (int $number) => new LayerEntry(Layer::Hand, $this->rules[$number]->look), $this->matching($place));
    }

    /** @return list<int> numbers of the rules that are for a place */
    public function matching(Place $place): array
    {
        $numbers = [];
        foreach ($this->rules as $number => $rule) {
            $part = $rule->part->isOfCells() ? $place->cell : $place->part;
            if ($part !== null && $rule->isFor($part, $place->reading)) {
                $numbers[] = $number;
            }
        }

        return $numbers;
    }
}
