<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryKind;
use Rilvet\Entry\Severity;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Refusal;
use Rilvet\Stylebook\Exception\StylebookIsWrong;

/**
 * Checks on entry of a stylebook: each holds on the body of every table that wears it, on columns of a kind or under a heading.
 * They name no cells, which mean other things on each sheet.
 */
final class EntryRules
{
    /** Of one stylebook. */
    public const MOST = 100;

    private const KEYS = ['kind', 'where', 'is', 'of', 'column', 'blank', 'shows', 'promptTitle', 'prompt', 'title', 'message', 'severity'];

    /**
     * @param  array<array-key, mixed>  $rules
     * @return list<EntryCheck>
     */
    public static function of(array $rules): array
    {
        count($rules) <= self::MOST || throw StylebookIsWrong::because('entries', 'at most '.self::MOST.' checks on entry are taken.');
        $checks = [];
        foreach ($rules as $name => $rule) {
            $where = "entries.$name";
            preg_match('/'.ConditionRules::NAME.'/D', (string) $name) === 1
                || throw StylebookIsWrong::because($where, 'a name of 1 to 20 small letters and figures is wanted.');
            is_array($rule) || throw StylebookIsWrong::because($where, 'a rule is wanted.');
            Reader::known($rule, self::KEYS, $where);
            Reader::known(Reader::map($rule, 'where'), ['part', 'kind', 'heading'], "$where.where");
            foreach (['column', 'blank', 'shows'] as $flag) {
                Reader::flag($rule, $flag, $where, false);
            }
            try {
                $check = EntryCheck::of(['id' => (string) $name] + array_filter($rule, fn (mixed $value) => $value !== null));
            } catch (StylebookIsWrong $refusal) {
                throw $refusal;
            } catch (Refusal $refusal) {
                throw StylebookIsWrong::because($where, $refusal->getMessage());
            }
            $check->where->part !== null || throw StylebookIsWrong::because("$where.where", 'a part is wanted.');
            ! $check->namesCells() && $check->kind !== EntryKind::Formula && ($check->kind !== EntryKind::List || $check->ofColumn
                || $check->typed() !== null)
                || throw StylebookIsWrong::because($where, 'it may name no cells: they mean something else on each sheet.');
            $checks[] = $check;
        }

        return $checks;
    }

    /** A name that none of them has. */
    public static function free(Stylebook $stylebook): string
    {
        $names = array_map(fn (EntryCheck $one) => $one->id, $stylebook->entries);
        for ($number = 1; in_array("e$number", $names, true); $number++);

        return "e$number";
    }

    /** @return array<string, mixed> what one of them says, as a JSON Schema */
    public static function schema(): array
    {
        $orNull = fn (array $schema) => ['anyOf' => [$schema, ['type' => 'null']]];
        $text = fn (int $most) => $orNull(['type' => 'string', 'maxLength' => $most]);
        $flag = $orNull(['type' => 'boolean']);

        return [
            'type' => 'object', 'additionalProperties' => false, 'required' => ['kind', 'where'],
            'description' => 'what may be entered, on a part of every table',
            'properties' => [
                'kind' => ['enum' => array_values(array_diff(array_column(EntryKind::cases(), 'value'), ['formula']))],
                'where' => ['type' => 'object', 'additionalProperties' => false, 'required' => ['part'], 'properties' => [
                    'part' => ['enum' => array_column(array_values(array_filter(Part::cases(), fn (Part $part) => ! $part->isOfCells())),
                        'value')],
                    'kind' => $orNull(['enum' => [...array_column(ColumnKind::cases(), 'value'), '']]), 'heading' => $text(200)]],
                'is' => $orNull(['enum' => [...array_map(fn ($is) => $is->value, EntryCheck::OPERATORS), '']]),
                'of' => $orNull(['type' => 'array', 'maxItems' => 2, 'items' => ['type' => 'string', 'minLength' => 1]]),
                'column' => $flag, 'blank' => $flag, 'shows' => $flag,
                'promptTitle' => $text(EntryCheck::TITLE), 'prompt' => $text(EntryCheck::TEXT),
                'title' => $text(EntryCheck::TITLE), 'message' => $text(EntryCheck::TEXT),
                'severity' => $orNull(['enum' => [...array_column(Severity::cases(), 'value'), '']]),
            ],
        ];
    }
}
