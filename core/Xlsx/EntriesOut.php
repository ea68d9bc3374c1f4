<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Condition\Around;
use Rilvet\Condition\Is;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryJudges;
use Rilvet\Entry\EntryKind;
use Rilvet\Grid\Range;
use Rilvet\Work\Worksheet;

/** Data validations as ISO/IEC 29500-1 18.3.1.32 says them. */
final class EntriesOut
{
    private const OPERATORS = [
        'between' => 'between', 'outside' => 'notBetween', 'equal' => 'equal', 'unequal' => 'notEqual', 'above' => 'greaterThan',
        'below' => 'lessThan', 'atLeast' => 'greaterThanOrEqual', 'atMost' => 'lessThanOrEqual',
    ];

    /**
     * @param  non-empty-list<Range>  $ranges
     * @param  list<string>|null  $held  what the column holds, for a list of that
     */
    public static function one(EntryCheck $check, array $ranges, ?array $held = null): string
    {
        $attributes = ['type' => $check->kind === EntryKind::Any ? '' : $check->kind->xlsx(),
            'errorStyle' => $check->severity->xlsx() === 'stop' ? '' : $check->severity->xlsx(),
            'operator' => $check->kind->compares() && $check->is !== Is::Between ? self::OPERATORS[$check->is->value] ?? 'between' : '',
            'allowBlank' => $check->blank ? '1' : '',
            'showDropDown' => $check->kind === EntryKind::List && ! $check->shows ? '1' : '',
            'showInputMessage' => $check->hasPrompt() ? '1' : '',
            'showErrorMessage' => $check->kind === EntryKind::Any ? '' : '1',
            'errorTitle' => $check->title, 'error' => $check->message, 'promptTitle' => $check->promptTitle, 'prompt' => $check->prompt,
            'sqref' => implode(' ', $ranges)];
        $xml = '';
        foreach ($attributes as $name => $value) {
            $text = strtr(htmlspecialchars(self::escaped($value), ENT_XML1 | ENT_COMPAT), ["\n" => '&#10;']);
            $xml .= $value === '' ? '' : " $name=\"$text\"";
        }
        $of = $check->ofColumn ? [self::held($held ?? [], $ranges)] : $check->of;
        $inner = '';
        foreach ($of as $index => $formula) {
            $inner .= '<formula'.($index + 1).'>'.htmlspecialchars(self::escaped($formula), ENT_XML1).'</formula'.($index + 1).'>';
        }

        return "<dataValidation$xml".($inner === '' ? '/>' : ">$inner</dataValidation>");
    }

    /**
     * What a column holds as a typed list, or, where that is too long, the column itself.
     *
     * @param  list<string>  $held
     * @param  non-empty-list<Range>  $ranges
     */
    private static function held(array $held, array $ranges): string
    {
        $text = implode(',', $held);
        $first = $ranges[0];

        return $held !== [] && mb_strlen($text) <= EntryCheck::LIST && ! str_contains(implode('', $held), ',')
            ? '"'.str_replace('"', '""', $text).'"'
            : sprintf('$%1$s$%2$d:$%1$s$%3$d', Place::letters($first->left), $first->top, $first->bottom);
    }

    /** What xml cannot hold, and what reads like an escape (22.9.2.19). */
    private static function escaped(string $text): string
    {
        $text = (string) preg_replace('/_(?=x[0-9A-Fa-f]{4}_)/', '_x005F_', $text);

        return (string) preg_replace_callback('/[\x00-\x08\x0B\x0C\x0E-\x1F]/',
            fn (array $found) => sprintf('_x%04X_', ord($found[0])), $text);
    }

    /** @return list<array{EntryCheck, non-empty-list<Range>}> those that hold somewhere */
    public static function wanted(Worksheet $sheet): array
    {
        $wanted = [];
        foreach ($sheet->entries() as $check) {
            $ranges = $check->where->ranges($sheet->reading);
            $ranges === [] || $wanted[] = [$check, $ranges];
        }

        return $wanted;
    }

    /**
     * What the column of a check holds, for a list of that.
     *
     * @param  non-empty-list<Range>  $ranges
     * @return list<string>|null
     */
    public static function choices(EntryCheck $check, array $ranges, Worksheet $sheet): ?array
    {
        $around = Around::alone($sheet->cells);
        $judge = $check->ofColumn ? (new EntryJudges([$check], $sheet->reading, $sheet->cells, $around))->of($check->id) : null;

        $written = fn (bool|int|float|string $value) => match ($value) {
            true => 'TRUE',
            false => 'FALSE',
            default => (string) $value,
        };

        return $judge === null ? null : array_map($written, $judge->choices($ranges[0]->top, $ranges[0]->left));
    }
}
