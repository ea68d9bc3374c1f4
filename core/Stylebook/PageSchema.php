<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Page\HeadFoot;
use Rilvet\Page\PageRules;
use Rilvet\Page\PaperSize;

/** What a stylebook can say of pages, as a JSON Schema; made of the list that rules are read by. */
final class PageSchema
{
    /** Rules that name cells, and so belong to a sheet. */
    public const OF_SHEETS = ['area', 'titleRows', 'titleColumns'];

    /** @return array<string, mixed> */
    public static function all(): array
    {
        $properties = [];
        foreach (array_diff_key(PageRules::RULES, array_flip(self::OF_SHEETS)) as $rule => $takes) {
            $properties[$rule] = ['anyOf' => [self::one($takes), ['type' => 'null']]];
        }

        return ['type' => 'object', 'additionalProperties' => false, 'description' => 'How sheets go to paper; lengths in mm.',
            'properties' => $properties];
    }

    /**
     * @param  string|list<string|int>  $takes
     * @return array<string, mixed>
     */
    private static function one(string|array $takes): array
    {
        if (is_array($takes)) {
            return is_int($takes[0]) ? ['type' => 'integer', 'minimum' => $takes[0], 'maximum' => $takes[1]] : ['enum' => $takes];
        }

        return match ($takes) {
            'flag' => ['type' => 'boolean'],
            'mm' => ['type' => 'number', 'minimum' => 0, 'maximum' => 250],
            'colour' => ['type' => 'string', 'pattern' => '^(none|#[0-9A-Fa-f]{6}|@\\p{L}[\\p{L}\\p{N} _\\-]*)$'],
            'places' => ['type' => 'object', 'additionalProperties' => false,
                'properties' => array_fill_keys(HeadFoot::PLACES, ['type' => 'string', 'maxLength' => HeadFoot::LENGTH,
                    'pattern' => HeadFoot::PATTERN])],
            default => ['type' => 'string', 'pattern' => '^('.implode('|', array_keys(PaperSize::ALL)).'|'.PaperSize::OF_OWN.')$'],
        };
    }
}
