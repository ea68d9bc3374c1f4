<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Look\Attribute;

/**
 * What of a stylebook the sizes of columns and rows depend on, and the stripes that follow a key: two that say the same of it
 * fit a sheet to the same sizes.
 */
final class Measure
{
    private const SIZES = [
        Attribute::Font, Attribute::Size, Attribute::Bold, Attribute::Italic, Attribute::Number,
        Attribute::Wrap, Attribute::Rotation, Attribute::Indent,
    ];

    /** Rules of a column kind that its number format is made by. */
    private const OF_KINDS = ['sign', 'scale', 'accounting', 'least', 'most', 'totals'];

    /** @return string a short key */
    public static function of(Stylebook $stylebook): string
    {
        $says = [];
        $source = $stylebook->toArray();
        foreach (['parts', 'kinds', 'looks'] as $group) {
            /** @var array<string, array<string, mixed>> $looks */
            $looks = $source[$group] ?? [];
            foreach ($looks as $name => $look) {
                $says[$group][$name] = self::sized($look);
            }
        }
        /** @var array<string, mixed> $ground */
        $ground = $source['ground'] ?? [];
        // Which rows a key column changes at is looked for as sizes are.
        $says += $stylebook->stripes?->by === StripesBy::Key ? ['key' => $stylebook->stripes->key] : [];
        $says += ['ground' => self::sized($ground), 'fit' => $source['fit'] ?? [], 'opens' => $source['opens'] ?? []];

        return hash('xxh3', json_encode(self::sorted($says), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    /**
     * @param  array<string, mixed>  $look
     * @return array<string, mixed>
     */
    private static function sized(array $look): array
    {
        $keys = [...array_map(fn (Attribute $one) => $one->value, self::SIZES), ...self::OF_KINDS];
        $sized = array_intersect_key($look, array_flip($keys));
        // A heading over several columns widens none of them.
        $isSpan = ($look[Attribute::Horizontal->value] ?? null) === 'span';

        return $isSpan ? [...$sized, Attribute::Horizontal->value => 'span'] : $sized;
    }

    /**
     * The order in which rules are written says nothing.
     *
     * @param  array<array-key, mixed>  $says
     * @return array<array-key, mixed>
     */
    private static function sorted(array $says): array
    {
        ksort($says);

        return array_filter(
            array_map(fn (mixed $one) => is_array($one) ? self::sorted($one) : $one, $says),
            fn (mixed $one) => $one !== [],
        );
    }
}
