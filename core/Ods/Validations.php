<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use DOMElement;
use Rilvet\Condition\Is;
use Rilvet\Condition\Union;
use Rilvet\Condition\Where;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Entry\EntryKind;
use Rilvet\Entry\Severity;
use Rilvet\Formula\References;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Package\PackageXml;
use Rilvet\Refusal;

/** Checks on entry as an ods says them (table:content-validation, ISO/IEC 26300-1 9.4.5 and 19.599), read and written. */
final class Validations
{
    private const COMPARED = ['<=' => Is::AtMost, '>=' => Is::AtLeast, '!=' => Is::Unequal, '<>' => Is::Unequal, '=' => Is::Equal,
        '<' => Is::Below, '>' => Is::Above];

    private const KINDS = ['cell-content-is-whole-number()' => EntryKind::Whole, 'cell-content-is-decimal-number()' => EntryKind::Decimal,
        'cell-content-is-date()' => EntryKind::Date, 'cell-content-is-time()' => EntryKind::Time];

    /**
     * @param  array<string, DOMElement>  $said  elements by the names that cells say
     * @param  array<string, list<Range>>  $places  cells by the same
     */
    public static function checks(array $said, array $places): EntryChecks
    {
        $found = [];
        $kept = 0;
        foreach ($places as $name => $ranges) {
            $element = $said[$name] ?? null;
            if ($element === null) {
                continue;
            }
            $ranges = Union::of($ranges);
            $check = $ranges === [] || count($found) >= EntryChecks::MOST ? null : self::one('n'.(count($found) + 1), $element, $ranges);
            $check === null ? $kept++ : $found[] = $check;
        }

        return $found === [] && $kept === 0 ? new EntryChecks : new EntryChecks($found, $kept, true);
    }

    /** @param  non-empty-list<Range>  $ranges */
    private static function one(string $id, DOMElement $element, array $ranges): ?EntryCheck
    {
        $says = fn (string $name) => $element->getAttributeNS(Ns::TABLE, $name);
        $test = self::test($says('condition'));
        if ($test === null) {
            return null;
        }
        [$kind, $is, $of] = $test;
        // Formulas are said from the base cell, and here from the first of the cells.
        [$row, $column] = EntryCheck::first($ranges);
        $base = preg_match('/\.\$?([A-Z]{1,3})\$?(\d{1,7})$/', $says('base-cell-address'), $at) === 1
            ? [(int) $at[2], Address::columnNumber($at[1])] : [$row, $column];
        $of = array_map(fn (string $formula) => References::translated($formula, $row - $base[0], $column - $base[1]), $of);
        $help = PackageXml::child($element, 'help-message');
        $error = PackageXml::child($element, 'error-message');
        $isShown = fn (?DOMElement $message) => $message !== null && $message->getAttributeNS(Ns::TABLE, 'display') === 'true';
        $text = fn (?DOMElement $message) => $message === null ? '' : implode("\n",
            array_map(fn (DOMElement $line) => $line->textContent, PackageXml::children($message, 'p')));
        $title = fn (?DOMElement $message) => $message?->getAttributeNS(Ns::TABLE, 'title') ?? '';
        try {
            return EntryCheck::of([
                'id' => $id, 'kind' => $kind->value, 'is' => $is->value, 'of' => $of, 'where' => ['cells' => 'A1'],
                'blank' => $says('allow-empty-cell') !== 'false', 'shows' => $says('display-list') !== 'none',
                'promptTitle' => $isShown($help) ? $title($help) : '',
                'prompt' => $isShown($help) ? $text($help) : '',
                'title' => $title($error), 'message' => $text($error),
                'severity' => ($isShown($error) || $error === null ? Severity::ofXlsx((string) $error?->getAttributeNS(Ns::TABLE,
                    'message-type')) : Severity::Note)->value,
            ])->at(Where::cells($ranges));
        } catch (Refusal) {
            return null;
        }
    }

    /** @return array{EntryKind, Is, list<string>}|null */
    private static function test(string $condition): ?array
    {
        $condition = trim((string) preg_replace('/^(?:of|oooc):/', '', $condition));
        if ($condition === '') {
            return [EntryKind::Any, Is::Between, []];
        }
        if (preg_match('/^cell-content-is-in-list\((.*)\)$/s', $condition, $found) === 1) {
            return self::list($found[1]);
        }
        if (preg_match('/^is-true-formula\((.*)\)$/s', $condition, $found) === 1) {
            return [EntryKind::Formula, Is::Between, [self::plain($found[1])]];
        }
        if (preg_match('/^cell-content-text-length\(\)\s*(<=|>=|!=|<>|=|<|>)\s*(.+)$/s', $condition, $found) === 1) {
            return [EntryKind::Length, self::COMPARED[$found[1]], [self::plain($found[2])]];
        }
        if (preg_match('/^cell-content-text-length-is-(not-)?between\((.*)\)$/s', $condition, $found) === 1) {
            return self::two(EntryKind::Length, $found[1] === '', $found[2]);
        }
        foreach (self::KINDS as $word => $kind) {
            if (! str_starts_with($condition, $word)) {
                continue;
            }
            $rest = trim((string) preg_replace('/^\s*and\s*/i', '', substr($condition, strlen($word))));
            if (preg_match('/^cell-content\(\)\s*(<=|>=|!=|<>|=|<|>)\s*(.+)$/s', $rest, $found) === 1) {
                return [$kind, self::COMPARED[$found[1]], [self::plain($found[2])]];
            }

            return preg_match('/^cell-content-is-(not-)?between\((.*)\)$/s', $rest, $found) === 1
                ? self::two($kind, $found[1] === '', $found[2]) : null;
        }

        return null;
    }

    /** @return array{EntryKind, Is, list<string>}|null */
    private static function list(string $inner): ?array
    {
        if (preg_match('/^\s*"(?:[^"]|"")*"(?:\s*;\s*"(?:[^"]|"")*")*\s*$/s', $inner) !== 1) {
            return [EntryKind::List, Is::Between, [self::plain($inner)]];
        }
        preg_match_all('/"((?:[^"]|"")*)"/s', $inner, $found);
        try {
            return [EntryKind::List, Is::Between, [EntryCheck::listed(array_map(fn (string $one) => str_replace('""', '"', $one),
                $found[1]))]];
        } catch (Refusal) {
            return null;
        }
    }

    /** @return array{EntryKind, Is, list<string>}|null */
    private static function two(EntryKind $kind, bool $isWithin, string $inner): ?array
    {
        $parts = self::parts($inner);

        return count($parts) !== 2 ? null
            : [$kind, $isWithin ? Is::Between : Is::Outside, array_map(self::plain(...), $parts)];
    }

    /**
     * What stands between commas or semicolons outside of brackets and texts.
     *
     * @return list<string>
     */
    private static function parts(string $inner): array
    {
        $parts = [''];
        $depth = 0;
        preg_match_all('/"(?:[^"]|"")*"|\'(?:[^\']|\'\')*\'|./su', $inner, $pieces);
        foreach ($pieces[0] as $piece) {
            $depth += ['(' => 1, '[' => 1, ')' => -1, ']' => -1][$piece] ?? 0;
            if ($depth === 0 && ($piece === ',' || $piece === ';')) {
                $parts[] = '';
            } else {
                $parts[count($parts) - 1] .= $piece;
            }
        }

        return array_map(trim(...), $parts);
    }

    private static function plain(string $written): string
    {
        return OpenFormula::plain("of:=$written") ?? $written;
    }

    /**
     * @param  non-empty-list<Range>  $ranges
     * @param  list<string>|null  $held  what the column holds, for a list of that
     */
    public static function xml(string $name, EntryCheck $check, array $ranges, string $sheet, ?array $held): string
    {
        [$row, $column] = EntryCheck::first($ranges);
        $base = '$\''.str_replace("'", "''", $sheet).'\'.$'.Address::columnName($column).'$'.$row;
        $condition = self::condition($check, $held);
        $message = function (string $element, string $more, string $title, string $text) {
            $lines = implode('', array_map(fn (string $line) => '<text:p>'.Ns::text($line).'</text:p>', explode("\n", $text)));

            return "<table:$element$more".($title === '' ? '' : ' table:title="'.Ns::text($title).'"')." table:display=\"true\">$lines"
                ."</table:$element>";
        };

        return '<table:content-validation table:name="'.$name.'"'.($condition === '' ? '' : ' table:condition="'.Ns::text($condition).'"')
            .' table:allow-empty-cell="'.($check->blank ? 'true' : 'false').'"'
            .($check->kind === EntryKind::List
                ? ' table:display-list="'.($check->shows ? 'unsorted' : 'none').'"'
                : '')
            .' table:base-cell-address="'.Ns::text($base).'">'
            .($check->hasPrompt() ? $message('help-message', '', $check->promptTitle, $check->prompt) : '')
            .($check->kind === EntryKind::Any ? '' : $message('error-message', " table:message-type=\"{$check->severity->xlsx()}\"",
                $check->title, $check->message))
            .'</table:content-validation>';
    }

    /** @param  list<string>|null  $held */
    private static function condition(EntryCheck $check, ?array $held): string
    {
        $of = array_map(fn (string $formula) => substr(OpenFormula::of($formula), 4), $check->of);
        $word = array_search($check->kind, self::KINDS, true);
        $sign = array_search($check->is, self::COMPARED, true);
        $compared = fn (string $what) => match ($check->is) {
            Is::Between => "$what-is-between(".implode(',', $of).')',
            Is::Outside => "$what-is-not-between(".implode(',', $of).')',
            default => "$what()$sign".($of[0] ?? ''),
        };

        return match (true) {
            $check->kind === EntryKind::Any => '',
            $check->ofColumn => 'of:cell-content-is-in-list('.self::quoted($held ?? []).')',
            $check->kind === EntryKind::List => 'of:cell-content-is-in-list('.($check->typed() === null ? $of[0] ?? ''
                : self::quoted($check->typed())).')',
            $check->kind === EntryKind::Formula => 'of:is-true-formula('.($of[0] ?? '').')',
            $check->kind === EntryKind::Length => 'of:'.$compared('cell-content-text-length'),
            default => "of:$word and ".$compared('cell-content'),
        };
    }

    /** @param  list<string>  $choices */
    private static function quoted(array $choices): string
    {
        return implode(';', array_map(fn (string $one) => '"'.str_replace('"', '""', $one).'"', $choices));
    }
}
