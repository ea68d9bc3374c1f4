<?php

declare(strict_types=1);

namespace App\Wire;

use Rilvet\Condition\Condition;
use Rilvet\Condition\Exception\ConditionIsWrong;
use Rilvet\Condition\Is;
use Rilvet\Condition\Test;
use Rilvet\Condition\Where;
use Rilvet\Condition\Written;
use Rilvet\Look\Attribute;
use Rilvet\Number\NumberChoice;
use Rilvet\Reading\ColumnKind;

/** A conditional look as the browser says it: its values as a person wrote them. */
final class GivenCondition
{
    /** How it is typed for the browser. */
    public const TYPE = <<<'TS'

        /** Where a conditional look holds: cells as "B2:B9 D4", a cell of a column of a table, or a part. */
        export type GivenWhere = { cells: string } | { column: string } | { part: string; kind?: string; heading?: string };
        export type GivenPoint = { at: string; value?: string; above?: boolean };
        /** A look while something is true, a scale, a bar or marks; values as people write them. */
        export type GivenCondition = {
          id: string | null;
          where: GivenWhere;
          kind?: string | null;
          test: {
            is: string;
            values?: string[];
            count?: number;
            percent?: boolean;
            deviations?: number;
            orEqual?: boolean;
            period?: string;
          };
          look?: GivenLook;
          scaled?: { colour: string; point: GivenPoint }[];
          bar?: Record<string, unknown>;
          marks?: Record<string, unknown>;
          stops?: boolean;
          off?: boolean;
        };

        TS;

    public static function of(Arguments $given): Condition
    {
        $id = $given->textOrNull('id');
        $kind = $given->textOrNull('kind');

        return Condition::of(['id' => $id ?? 'new', 'where' => Where::of($given->map('where'))->toArray()]
            + self::says($given, $kind === null ? null : ColumnKind::tryFrom($kind)));
    }

    /** @return array<string, mixed> what it says, without its name and where it holds */
    public static function says(Arguments $given, ?ColumnKind $kind): array
    {
        $test = $given->map('test');
        $is = is_string($test['is'] ?? null) ? Is::tryFrom($test['is']) : null;
        $values = $test['values'] ?? [];
        if (! is_array($values) || array_filter($values, is_string(...)) !== $values || count($values) > Test::VALUES) {
            throw ActIsWrong::argument('values', 'a list of texts');
        }
        $values = array_values(array_filter($values, fn (string $value) => trim($value) !== ''));
        $wanted = $is?->operands();
        if ($is !== null && ($wanted === null ? $values === [] : count($values) < $wanted)) {
            throw ConditionIsWrong::because('', 'the sentence is not complete yet: write what it is compared with.');
        }
        $look = $given->mapOrNull('look') ?? [];
        if (is_array($look[Attribute::Number->value] ?? null)) {
            $look[Attribute::Number->value] = NumberChoice::of(self::map($look[Attribute::Number->value]))->code();
        }

        return array_filter([
            'test' => ['of' => array_map(fn (string $value) => Written::formula($value, $is ?? Is::Unknown, $kind, $given->from1904()),
                $wanted === null ? $values : array_slice($values, 0, $wanted))] + array_diff_key($test, ['values' => 0, 'of' => 0]),
            'look' => $look === [] ? null : $look,
            'scale' => $given->listOrNull('scaled'), 'bar' => $given->mapOrNull('bar'), 'marks' => $given->mapOrNull('marks'),
            'stops' => $given->flagOrNull('stops'), 'off' => $given->flagOrNull('off'),
        ], fn (mixed $value) => $value !== null);
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<string, mixed>
     */
    private static function map(array $values): array
    {
        return array_combine(array_map(strval(...), array_keys($values)), array_values($values));
    }
}
