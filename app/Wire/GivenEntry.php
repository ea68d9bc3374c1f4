<?php

declare(strict_types=1);

namespace App\Wire;

use Rilvet\Condition\Is;
use Rilvet\Condition\Where;
use Rilvet\Condition\Written;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryKind;
use Rilvet\Entry\Exception\EntryIsWrong;
use Rilvet\Grid\Range;
use Rilvet\Reading\ColumnKind;
use Rilvet\Refusal;

/** A check on entry as the browser says it: its values as a person wrote them. */
final class GivenEntry
{
    /** How it is typed for the browser. */
    public const TYPE = <<<'TS'

        /** What may be entered into cells; values and choices as people write them. */
        export type GivenEntry = {
          id: string | null;
          where: GivenWhere;
          kind: string;
          is?: string;
          values?: string[];
          /** A list: its choices, one each; where they stand, as "Lists!A2:A9" or a name; or what the column holds. */
          choices?: string[];
          from?: string;
          column?: boolean;
          blank?: boolean;
          shows?: boolean;
          promptTitle?: string;
          prompt?: string;
          title?: string;
          message?: string;
          severity?: string;
        };

        TS;

    public static function of(Arguments $given): EntryCheck
    {
        $kind = EntryKind::tryFrom($given->text('kind')) ?? throw EntryIsWrong::because('kind', 'no such kind.');
        $is = Is::tryFrom($given->textOrNull('is') ?? 'between') ?? Is::Between;
        $ofColumn = $kind === EntryKind::List && $given->flagOrNull('column') === true;
        $text = fn (string $name) => $given->textOrNull($name) ?? '';

        return EntryCheck::of([
            'id' => $given->textOrNull('id') ?? 'new', 'kind' => $kind->value, 'where' => Where::of($given->map('where'))->toArray(),
            'is' => $is->value, 'of' => $ofColumn ? [] : self::formulas($given, $kind, $is), 'column' => $ofColumn,
            'blank' => $given->flagOrNull('blank') ?? true, 'shows' => $given->flagOrNull('shows') ?? true,
            'promptTitle' => $text('promptTitle'), 'prompt' => $text('prompt'), 'title' => $text('title'), 'message' => $text('message'),
            'severity' => $text('severity') ?: 'stop',
        ]);
    }

    /** @return list<string> */
    private static function formulas(Arguments $given, EntryKind $kind, Is $is): array
    {
        if ($kind === EntryKind::Any) {
            return [];
        }
        if ($kind === EntryKind::List) {
            $from = trim($given->textOrNull('from') ?? '');
            if ($from !== '') {
                return [self::place(ltrim($from, '='))];
            }
            $choices = array_values(array_filter(array_map(trim(...), $given->listOrNull('choices') === null ? []
                : $given->texts('choices')), fn (string $choice) => $choice !== ''));

            return $choices === [] ? throw EntryIsWrong::because('choices', 'write what can be chosen, or where it stands.')
                : [EntryCheck::listed($choices)];
        }
        $values = $given->listOrNull('values') === null ? [] : $given->texts('values');
        $values = array_values(array_filter($values, fn (string $value) => trim($value) !== ''));
        $columnKind = match ($kind) {
            EntryKind::Date => ColumnKind::Date,
            EntryKind::Time => ColumnKind::Time,
            EntryKind::Formula => null,
            default => ColumnKind::Decimal,
        };

        return array_map(fn (string $value) => Written::formula($value, $kind === EntryKind::Formula ? Is::Formula : $is, $columnKind,
            $given->from1904()), $values);
    }

    /** Cells that are named without "$" are meant as they stand, wherever they are looked at from. */
    private static function place(string $from): string
    {
        $cut = strrpos($from, '!');
        $sheet = $cut === false ? '' : substr($from, 0, $cut + 1);
        try {
            $range = Range::parse(str_replace('$', '', $cut === false ? $from : substr($from, $cut + 1)));
        } catch (Refusal) {
            return $from;
        }

        return $sheet.preg_replace('/([A-Z]+)(\d+)/', '$$1$$2', (string) $range);
    }
}
