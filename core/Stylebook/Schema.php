<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Guard\Role;
use Rilvet\Look\Attribute;
use Rilvet\Look\Line;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;

/**
 * What a stylebook's file can say, as a JSON Schema (draft 2020-12). It is made from the same lists that stylebooks are read
 * by; what it cannot say (that a colour is named in the palette) is said where a stylebook is read.
 */
final class Schema
{
    public const ID = 'https://rilvet.invalid/stylebook-1.schema.json';

    /** @return array<string, mixed> */
    public static function all(): array
    {
        $named = fn (array $ref) => ['type' => 'object', 'propertyNames' => ['$ref' => '#/$defs/name'], 'additionalProperties' => $ref];

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => self::ID,
            'title' => 'Rilvet stylebook',
            'description' => 'Palette, one look a part, number rules a column kind, stripes, fit and opening.',
            'type' => 'object',
            'required' => ['name'],
            'properties' => ['name' => ['type' => 'string', 'maxLength' => 60, 'pattern' => '\\S']] + array_map(self::orNull(...), [
                'rilvet' => ['const' => 'stylebook 1'],
                'about' => ['type' => 'string', 'maxLength' => Stylebook::ABOUT],
                'palette' => [
                    'type' => 'object', 'maxProperties' => Palette::MOST,
                    'propertyNames' => ['pattern' => '^\\p{L}[\\p{L}\\p{N} _\\-]{0,39}$'],
                    'additionalProperties' => ['type' => 'string', 'pattern' => '^#?[0-9A-Fa-f]{6}$'],
                ],
                'ground' => ['$ref' => '#/$defs/look'],
                'parts' => self::keyed(array_map(fn (Part $part) => $part->value, Part::cases()), '#/$defs/look'),
                'kinds' => self::keyed(array_map(fn (ColumnKind $kind) => $kind->value, ColumnKind::cases()), '#/$defs/rule'),
                'stripes' => self::stripes(),
                'frame' => ['$ref' => '#/$defs/edge'],
                'fit' => self::fit(),
                'page' => PageSchema::all(),
                'opens' => [
                    'type' => 'object', 'additionalProperties' => false,
                    'properties' => array_map(self::orNull(...), [
                        'gridlines' => ['type' => 'boolean'], 'freeze' => ['type' => 'boolean'],
                        'zoom' => ['type' => 'integer', 'minimum' => 10, 'maximum' => 400],
                    ]),
                ],
                'marks' => ['type' => 'object', 'additionalProperties' => false,
                    'description' => 'Single cells whose looks are seen on every sheet.',
                    'properties' => array_fill_keys(array_map(fn (Part $part) => $part->value, Part::OF_CELLS),
                        self::orNull(['type' => 'boolean']))],
                'heads' => ['type' => 'object', 'additionalProperties' => false,
                    'description' => 'What the heading of a column of single cells says below its name.',
                    'properties' => array_fill_keys(array_map(fn (Part $part) => $part->value, Part::OF_CELLS),
                        ['type' => 'string', 'maxLength' => 40, 'pattern' => '^[^"\\\\\\n]*\\S[^"\\\\\\n]*$'])],
                'cases' => ['type' => 'object', 'additionalProperties' => false,
                    'description' => 'How headings and column groups are shown; their texts stay.',
                    'properties' => array_fill_keys([Part::Heading->value, Part::ColumnGroup->value],
                        ['enum' => array_column(LetterCase::cases(), 'value')])],
                'roles' => ['type' => 'object', 'additionalProperties' => false,
                    'properties' => array_fill_keys(array_map(fn (Role $role) => $role->value, Role::cases()), self::role())],
                'entries' => [
                    'type' => 'object', 'maxProperties' => EntryRules::MOST, 'propertyNames' => ['pattern' => ConditionRules::NAME],
                    'additionalProperties' => ['$ref' => '#/$defs/entry'],
                ],
                'looks' => $named(['$ref' => '#/$defs/look']),
                'numbers' => $named(['type' => 'string']),
                'conditions' => [
                    'type' => 'object', 'maxProperties' => ConditionRules::MOST, 'propertyNames' => ['pattern' => ConditionRules::NAME],
                    'additionalProperties' => ['$ref' => '#/$defs/condition'],
                ],
            ]),
            'additionalProperties' => false,
            '$defs' => [
                'name' => ['pattern' => '^[\\p{L}\\p{N}][\\p{L}\\p{N} _\\-.,&()]{0,59}$',
                    'not' => ['pattern' => '^\\$?[A-Za-z]{1,3}\\$?[0-9]{1,7}$']],
                'colour' => ['type' => 'string', 'pattern' => self::COLOUR],
                'edge' => ['type' => 'string', 'pattern' => self::edge()],
                'look' => ['type' => 'object', 'properties' => self::attributes(), 'additionalProperties' => false],
                'rule' => self::rule(),
                'condition' => ConditionRules::schema(),
                'entry' => EntryRules::schema(),
            ],
        ];
    }

    private const COLOUR = '^(#?[0-9A-Fa-f]{6}|@\\p{L}[\\p{L}\\p{N} _\\-]*)$';

    public static function json(): string
    {
        return json_encode(self::all(), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array<string, mixed> */
    private static function role(): array
    {
        return ['type' => 'object', 'additionalProperties' => false, 'properties' => array_map(self::orNull(...), [
            'colour' => ['type' => 'string', 'pattern' => '^none$|'.self::COLOUR],
            'hidden' => ['type' => 'boolean'], 'protected' => ['type' => 'boolean'], 'gridlines' => ['type' => 'boolean'],
            'zoom' => ['type' => 'integer', 'minimum' => 10, 'maximum' => 400],
        ])];
    }

    /**
     * What says nothing may be said to.
     *
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function orNull(array $schema): array
    {
        return ['anyOf' => [$schema, ['type' => 'null']]];
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, mixed>
     */
    private static function keyed(array $keys, string $ref): array
    {
        return ['type' => 'object', 'properties' => array_fill_keys($keys, ['$ref' => $ref]), 'additionalProperties' => false];
    }

    private static function edge(): string
    {
        $lines = array_values(array_filter(array_map(fn (Line $line) => $line->value, Line::cases()),
            fn (string $line) => $line !== 'none'));

        return '^(none|('.implode('|', $lines).')( (#?[0-9A-Fa-f]{6}|@\\p{L}[\\p{L}\\p{N} _\\-]*))?)$';
    }

    /** @return array<string, array<string, mixed>> what each attribute of a look takes; null says nothing */
    private static function attributes(): array
    {
        $takes = [];
        foreach (Attribute::cases() as $attribute) {
            $takes[$attribute->value] = self::orNull(self::attribute($attribute));
        }

        return $takes;
    }

    /** @return array<string, mixed> */
    private static function attribute(Attribute $attribute): array
    {
        return match ($attribute) {
            Attribute::Font => ['type' => 'string', 'pattern' => "^[\\p{L}\\p{N} ._\\-']{1,64}$"],
            Attribute::Size => ['type' => 'number', 'minimum' => 1, 'maximum' => 409, 'description' => 'pt'],
            Attribute::Indent => ['type' => 'number', 'minimum' => 0, 'maximum' => 15],
            Attribute::Rotation => ['anyOf' => [['type' => 'number', 'minimum' => -90, 'maximum' => 90], ['const' => Look::STACKED]]],
            Attribute::Underline => ['enum' => ['none', 'single', 'double']],
            Attribute::Script => ['enum' => ['none', 'super', 'sub']],
            Attribute::Horizontal => ['enum' => Look::HORIZONTAL],
            Attribute::Vertical => ['enum' => Look::VERTICAL],
            Attribute::Ink => ['anyOf' => [['$ref' => '#/$defs/colour'], ['const' => 'auto']]],
            Attribute::Fill => ['anyOf' => [['$ref' => '#/$defs/colour'], ['const' => 'none']]],
            Attribute::Number => ['type' => 'string', 'description' => 'a format code (ISO/IEC 29500-1 18.8.31)'],
            Attribute::Top, Attribute::Right, Attribute::Bottom, Attribute::Left, Attribute::Rising,
            Attribute::Falling => ['$ref' => '#/$defs/edge'],
            default => ['type' => 'boolean'],
        };
    }

    /** @return array<string, mixed> */
    private static function rule(): array
    {
        $whole = fn (int $most) => ['type' => 'integer', 'minimum' => 0, 'maximum' => $most];
        $own = [
            'number' => ['type' => 'string', 'description' => 'a format code; {places} stands for the decimal places of the column'],
            'sign' => ['enum' => KindRule::SIGNS], 'scale' => ['enum' => [0, 3, 6]], 'accounting' => ['type' => 'boolean'],
            'least' => $whole(10), 'most' => $whole(10), 'totals' => $whole(6),
        ];

        return ['type' => 'object', 'properties' => [...self::attributes(), ...array_map(self::orNull(...), $own)],
            'additionalProperties' => false];
    }

    /** @return array<string, mixed> */
    private static function stripes(): array
    {
        $fill = ['anyOf' => [['$ref' => '#/$defs/colour'], ['const' => 'none']]];
        $whole = ['type' => 'integer', 'minimum' => 1, 'maximum' => 1000];

        return [
            'type' => 'object',
            'properties' => array_map(self::orNull(...), [
                'by' => ['enum' => array_map(fn (StripesBy $by) => $by->value, StripesBy::cases())],
                'every' => $whole, 'first' => $whole, 'key' => ['type' => 'string', 'pattern' => '\\S', 'maxLength' => Stripes::KEY],
                'fill' => $fill, 'fills' => ['type' => 'array', 'items' => $fill, 'minItems' => 2, 'maxItems' => 3],
                'anew' => ['type' => 'boolean'],
            ]),
            'additionalProperties' => false,
            'if' => ['properties' => ['by' => ['const' => 'key']], 'required' => ['by']], 'then' => ['required' => ['key'],
                'properties' => ['key' => ['type' => 'string']]],
        ];
    }

    /** @return array<string, mixed> px */
    private static function fit(): array
    {
        $rules = [];
        foreach (FitRules::LIMITS as $name => [$least, $most]) {
            $rules[$name] = ['type' => 'integer', 'minimum' => $least, 'maximum' => $most];
        }
        [$least, $most] = FitRules::WIDTHS;

        return [
            'type' => 'object', 'additionalProperties' => false, 'properties' => array_map(self::orNull(...), $rules + [
                'widths' => ['type' => 'object', 'additionalProperties' => ['type' => 'integer', 'minimum' => $least, 'maximum' => $most]],
            ]),
        ];
    }
}
