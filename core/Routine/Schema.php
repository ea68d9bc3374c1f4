<?php

declare(strict_types=1);

namespace Rilvet\Routine;

use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Schema as StylebookSchema;

/** What a routine's file can say, as a JSON Schema (draft 2020-12), made from the lists that routines are read by. */
final class Schema
{
    public const ID = 'https://rilvet.invalid/routine-1.schema.json';

    /** @return array<string, mixed> */
    public static function all(): array
    {
        $texts = fn (int $most) => ['type' => 'array', 'items' => ['type' => 'string'], 'maxItems' => $most];

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => self::ID,
            'title' => 'Rilvet routine',
            'description' => 'Steps that say where by parts, headings and kinds, so that they can be done to other workbooks.',
            'type' => 'object',
            'required' => ['rilvet', 'name', 'steps'],
            'additionalProperties' => false,
            'properties' => [
                '$schema' => ['type' => 'string'],
                'rilvet' => ['const' => Routine::SAYS],
                'name' => ['type' => 'string', 'maxLength' => Routine::NAME, 'pattern' => '\\S'],
                'about' => ['type' => 'string'],
                'steps' => ['type' => 'array', 'minItems' => 1, 'maxItems' => Routine::MOST, 'items' => ['$ref' => '#/$defs/step']],
                'stylebooks' => ['type' => 'object', 'description' => 'That it dresses in, by name: each as '.StylebookSchema::ID.' says.',
                    'additionalProperties' => ['type' => 'object']],
            ],
            '$defs' => [
                'step' => [
                    'type' => 'object', 'required' => ['do'], 'additionalProperties' => false,
                    'properties' => [
                        'do' => ['enum' => array_keys(Doing::ALL)],
                        'at' => ['$ref' => '#/$defs/place'],
                        'sheets' => ['type' => 'array', 'minItems' => 1, 'maxItems' => 500, 'items' => ['type' => 'string'],
                            'description' => 'Names; without, every sheet that has such a place.'],
                        'with' => ['type' => 'object', 'description' => 'What the act of this name says (docs/api.md), without addresses.'],
                        'sure' => ['type' => 'boolean', 'description' => 'false: somebody has to confirm what the place means.'],
                        'said' => ['type' => 'string', 'description' => 'The addresses that were meant when it was done.'],
                    ],
                ],
                'place' => [
                    'type' => 'object', 'additionalProperties' => false,
                    'properties' => [
                        'part' => ['enum' => array_values(array_map(fn (Part $part) => $part->value,
                            array_filter(Part::cases(), fn (Part $part) => ! $part->isOfCells())))],
                        'headings' => $texts(200),
                        'kind' => ['enum' => array_map(fn (ColumnKind $kind) => $kind->value, ColumnKind::cases())],
                        'table' => ['type' => 'integer', 'minimum' => 1],
                        'cells' => ['type' => 'string', 'pattern' => '^[A-Za-z]{1,3}[1-9][0-9]{0,6}(:[A-Za-z]{1,3}[1-9][0-9]{0,6})?'
                            .'(,[A-Za-z]{1,3}[1-9][0-9]{0,6}(:[A-Za-z]{1,3}[1-9][0-9]{0,6})?)*$'],
                    ],
                ],
            ],
        ];
    }

    public static function json(): string
    {
        return json_encode(self::all(), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }
}
