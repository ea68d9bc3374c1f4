<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Condition\Is;
use Rilvet\Condition\Where;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Entry\EntryKind;
use Rilvet\Entry\Severity;
use Rilvet\Grid\Range;
use Rilvet\Package\PackageXml;
use Rilvet\Refusal;

/**
 * The data validations of a worksheet part (ISO/IEC 29500-1 18.3.1.32, 18.3.1.33), with those that newer files put into their
 * extension list since they take choices from another sheet. What is not understood stays in the file.
 */
final class EntriesIn
{
    /** Ranges of all of them together. */
    private const RANGES = 400_000;

    private const OPERATORS = [
        'between' => Is::Between, 'notBetween' => Is::Outside, 'equal' => Is::Equal, 'notEqual' => Is::Unequal,
        'greaterThan' => Is::Above, 'lessThan' => Is::Below, 'greaterThanOrEqual' => Is::AtLeast, 'lessThanOrEqual' => Is::AtMost,
    ];

    public static function of(DOMElement $root): EntryChecks
    {
        $elements = self::elements($root);
        if (count($elements) > EntryChecks::MOST) {
            return new EntryChecks([], count($elements), true);
        }
        $found = [];
        [$kept, $ranges] = [0, 0];
        foreach ($elements as $came => [$element, $isMore]) {
            $where = self::where($isMore ? PackageXml::child($element, 'sqref')->textContent ?? '' : $element->getAttribute('sqref'),
                $ranges);
            $check = $where === null ? null : self::one($came, $element, $where);
            $check === null ? $kept++ : $found[] = $check;
        }

        return $found === [] && $kept === 0 ? new EntryChecks : new EntryChecks($found, $kept, true);
    }

    /** @return array<string, array{DOMElement, bool}> element, of the extension list; by where each stands */
    public static function elements(DOMElement $root): array
    {
        $all = [];
        foreach (PackageXml::children($root, 'dataValidations') as $group) {
            foreach (PackageXml::children($group, 'dataValidation') as $one) {
                $all['f'.count($all)] = [$one, false];
            }
        }
        $count = count($all);
        $list = PackageXml::child($root, 'extLst');
        foreach ($list === null ? [] : PackageXml::children($list, 'ext') as $extension) {
            foreach (PackageXml::children($extension, 'dataValidations') as $group) {
                foreach (PackageXml::children($group, 'dataValidation') as $one) {
                    $all['x'.(count($all) - $count)] = [$one, true];
                }
            }
        }

        return $all;
    }

    private static function where(string $text, int &$ranges): ?Where
    {
        $found = [];
        foreach (preg_split('/\s+/', trim($text)) ?: [] as $piece) {
            try {
                $found[] = Range::parse($piece);
            } catch (Refusal) {
                return null;
            }
            if (++$ranges > self::RANGES) {
                return null;
            }
        }

        return $found === [] ? null : Where::cells($found);
    }

    private static function one(string $came, DOMElement $element, Where $where): ?EntryCheck
    {
        $kind = EntryKind::ofXlsx($element->getAttribute('type'));
        $is = self::OPERATORS[$element->getAttribute('operator') ?: 'between'] ?? null;
        if ($kind === null || $is === null) {
            return null;
        }
        $formulas = array_map(fn (string $name) => ltrim(trim(PackageXml::child($element, $name)->textContent ?? ''), '='),
            ['formula1', 'formula2']);
        $wanted = $kind === EntryKind::Any ? 0
            : ($kind->compares() ? (int) $is->operands() : 1);
        if ($kind === EntryKind::List && preg_match('/^"(.*)"$/s', $formulas[0], $typed) === 1 && ! str_contains($typed[1], '"&')) {
            // Files are met whose quotes within a list are not doubled.
            $formulas[0] = '"'.str_replace('"', '""', str_replace('""', '"', $typed[1])).'"';
        }
        $flag = fn (string $name) => PackageXml::isOn($element, $name);
        $text = fn (string $name) => Text::plain($element->getAttribute($name));
        $isTold = $kind === EntryKind::Any || $flag('showErrorMessage');
        try {
            return EntryCheck::of([
                'id' => $came, 'kind' => $kind->value, 'is' => $is->value, 'of' => array_slice($formulas, 0, $wanted),
                'where' => ['cells' => 'A1'], 'blank' => $flag('allowBlank'),
                // The word is the wrong way round: "showDropDown" hides the choices (18.3.1.32).
                'shows' => ! $flag('showDropDown'),
                'promptTitle' => $flag('showInputMessage') ? $text('promptTitle') : '',
                'prompt' => $flag('showInputMessage') ? $text('prompt') : '',
                'title' => $text('errorTitle'), 'message' => $text('error'),
                'severity' => ($isTold ? Severity::ofXlsx($element->getAttribute('errorStyle')) : Severity::Note)->value,
                'came' => $came,
            ])->at($where);
        } catch (Refusal) {
            return null;
        }
    }
}
