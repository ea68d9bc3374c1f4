<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Condition\Condition;
use Rilvet\Condition\Is;
use Rilvet\Condition\MarkSet;
use Rilvet\Condition\Period;
use Rilvet\Condition\Point;
use Rilvet\Condition\Test;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Refusal;
use Rilvet\Stylebook\Exception\StylebookIsWrong;

/**
 * Conditional looks of a stylebook: each holds on a part, on its columns of a kind or under a heading, on every sheet that
 * wears it. They say nothing by cells, which mean other things on each sheet.
 */
final class ConditionRules
{
    /** Of one stylebook. */
    public const MOST = 100;

    /** Names by which they are told apart. */
    public const NAME = '^[a-z][a-z0-9]{0,19}$';

    private const KEYS = ['test', 'where', 'look', 'scale', 'bar', 'marks', 'stops', 'off'];

    private const TEST = ['is', 'of', 'count', 'percent', 'deviations', 'orEqual', 'period'];

    private const BAR = ['from', 'to', 'colour', 'below', 'axis', 'axisColour', 'border', 'shortest', 'longest', 'gradient', 'hidesText',
        'mirrored'];

    private const MARKS = ['set', 'points', 'reversed', 'hidesText', 'own'];

    /**
     * @param  array<array-key, mixed>  $rules
     * @return list<Condition>
     */
    public static function of(array $rules, Palette $palette): array
    {
        count($rules) <= self::MOST || throw StylebookIsWrong::because('conditions', 'at most '.self::MOST.' conditional looks are taken.');
        $conditions = [];
        foreach ($rules as $name => $rule) {
            $where = "conditions.$name";
            preg_match('/'.self::NAME.'/D', (string) $name) === 1
                || throw StylebookIsWrong::because($where, 'a name of 1 to 20 small letters and figures is wanted.');
            $conditions[] = self::one((string) $name, is_array($rule) ? $rule : throw StylebookIsWrong::because($where,
                'a rule is wanted.'),
                $palette, $where);
        }

        return $conditions;
    }

    /** A name that none of them has. */
    public static function free(Stylebook $stylebook): string
    {
        $names = array_map(fn (Condition $one) => $one->id, $stylebook->conditions);
        for ($number = 1; in_array("c$number", $names, true); $number++);

        return "c$number";
    }

    /** @param  array<array-key, mixed>  $rule */
    private static function one(string $name, array $rule, Palette $palette, string $where): Condition
    {
        Reader::known($rule, self::KEYS, $where);
        $rule = array_filter($rule, fn (mixed $value) => $value !== null);
        $test = Reader::map($rule, 'test');
        Reader::known($test, self::TEST, "$where.test");
        Reader::known(Reader::map($rule, 'where'), ['part', 'kind', 'heading'], "$where.where");
        Reader::known(Reader::map($rule, 'bar'), self::BAR, "$where.bar");
        Reader::known(Reader::map($rule, 'marks'), self::MARKS, "$where.marks");
        foreach (['stops', 'off'] as $flag) {
            Reader::flag($rule, $flag, $where, false);
        }
        foreach (['gradient', 'hidesText', 'mirrored', 'reversed'] as $flag) {
            Reader::flag(Reader::map($rule, 'bar'), $flag, "$where.bar", false);
            Reader::flag(Reader::map($rule, 'marks'), $flag, "$where.marks", false);
        }
        $look = Reader::lookOf($palette, $rule['look'] ?? [], "$where.look")->toArray();
        $rule = ['look' => $look] + array_map(fn (mixed $value) => is_array($value) ? self::coloured($palette, $value, $where) : $value,
            $rule);
        try {
            $condition = Condition::of(['id' => $name] + $rule);
        } catch (StylebookIsWrong $refusal) {
            throw $refusal;
        } catch (Refusal $refusal) {
            throw StylebookIsWrong::because($where, $refusal->getMessage());
        }
        if ($condition->test->is === Is::Formula || $condition->test->is === Is::Unknown || $condition->namesCells()) {
            throw StylebookIsWrong::because($where, 'it may name no cells: they mean something else on each sheet.');
        }

        return $condition->where->part === null ? throw StylebookIsWrong::because("$where.where", 'a part is wanted.') : $condition;
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<array-key, mixed>
     */
    private static function coloured(Palette $palette, array $values, string $where): array
    {
        foreach ($values as $key => $value) {
            $isColour = in_array($key, ['colour', 'below', 'axisColour', 'border'], true) && is_string($value);
            $values[$key] = is_array($value) ? self::coloured($palette, $value, $where)
                : ($isColour ? $palette->resolve(['colour' => $value], $where)['colour'] : $value);
        }

        return $values;
    }

    /** @return array<string, mixed> what one of them says, as a JSON Schema */
    public static function schema(): array
    {
        /** @param  list<\BackedEnum>  $cases */
        $values = fn (array $cases) => array_column($cases, 'value');
        $orNull = fn (array $schema) => ['anyOf' => [$schema, ['type' => 'null']]];
        $flag = $orNull(['type' => 'boolean']);
        $text = ['type' => 'string', 'minLength' => 1];
        $colour = ['$ref' => '#/$defs/colour'];
        $point = ['type' => 'object', 'required' => ['at'], 'properties' => ['at' => ['enum' => Point::KINDS],
            'value' => ['type' => 'string'],
            'above' => ['type' => 'boolean']]];
        $whole = fn (int $least, int $most) => $orNull(['type' => 'integer', 'minimum' => $least, 'maximum' => $most]);

        return [
            'type' => 'object', 'additionalProperties' => false, 'required' => ['test', 'where'],
            'description' => 'a look while something is true, on a part of every table',
            'properties' => [
                'test' => [
                    'type' => 'object', 'additionalProperties' => false, 'required' => ['is'],
                    'properties' => [
                        'is' => ['enum' => array_column(array_filter(Is::cases(), fn (Is $is) => ! in_array($is, [Is::Formula,
                            Is::Unknown], true)), 'value')],
                        'of' => $orNull(['type' => 'array', 'items' => $text, 'maxItems' => Test::VALUES]),
                        'count' => $whole(1, 1_000), 'percent' => $flag, 'deviations' => $whole(0, 3), 'orEqual' => $flag,
                        'period' => $orNull(['enum' => $values(Period::cases())]),
                    ],
                ],
                'where' => [
                    'type' => 'object', 'additionalProperties' => false, 'required' => ['part'],
                    'properties' => ['part' => ['enum' => $values(array_values(array_filter(Part::cases(),
                        fn (Part $part) => ! $part->isOfCells())))],
                        'kind' => $orNull(['enum' => $values(ColumnKind::cases())]),
                        'heading' => $orNull(['type' => 'string', 'maxLength' => 200])],
                ],
                'look' => $orNull(['$ref' => '#/$defs/look']),
                'scale' => $orNull(['type' => 'array', 'minItems' => 2, 'maxItems' => 3, 'items' => [
                    'type' => 'object', 'required' => ['colour', 'point'], 'properties' => ['colour' => $colour, 'point' => $point],
                ]]),
                'bar' => $orNull([
                    'type' => 'object', 'additionalProperties' => false, 'required' => ['colour'],
                    'properties' => [
                        'from' => $point, 'to' => $point, 'colour' => $colour, 'below' => $orNull($colour),
                        'axis' => ['enum' => ['auto', 'middle',
                            'none']], 'axisColour' => $orNull($colour), 'border' => $orNull($colour), 'shortest' => $whole(0, 100),
                        'longest' => $whole(0, 100), 'gradient' => $flag, 'hidesText' => $flag, 'mirrored' => $flag,
                    ],
                ]),
                'marks' => $orNull([
                    'type' => 'object', 'additionalProperties' => false, 'required' => ['set'],
                    'properties' => [
                        'set' => ['enum' => MarkSet::NAMES], 'points' => $orNull(['type' => 'array', 'items' => $point]),
                        'reversed' => $flag, 'hidesText' => $flag, 'own' => $orNull(['type' => 'array']),
                    ],
                ]),
                'stops' => $flag, 'off' => $flag,
            ],
        ];
    }
}
