<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Package\PackageXml;
use Rilvet\Paper\Printed;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Writes the part of a workbook (ISO/IEC 29500-1 18.2.27) as it is, with what was set otherwise: names, order and visibility of sheets,
 * and defined names.
 */
final class WorkbookPart
{
    /**
     * @param  array<int, string>  $added  sheets that were made here: what points at their parts, by number
     * @param  array<int, Printed>  $pages  how sheets go to paper of which anything is to be said, by number
     */
    public function __construct(
        private readonly Book $book,
        private readonly Workbook $workbook,
        private readonly NamedPlaces $places,
        private readonly array $added = [],
        private readonly array $pages = [],
    ) {
    }

    /** @return string|null null where nothing is other than it was */
    public function xml(bool $formulasChanged): ?string
    {
        $unsettled = array_filter($this->workbook->sheets, fn (Worksheet $sheet) => ! $sheet->unsettled->isEmpty()) !== [];
        $tree = PackageXml::tree($this->book->package->contents($this->book->part), $this->book->part);
        $root = PackageXml::root($tree);
        $changed = $this->sheetList($root);
        $changed = $this->addSheets($root) || $changed;
        $changed = $this->definedNames($root) || $changed;
        $changed = $this->guard($root) || $changed;
        $calculation = $formulasChanged || $unsettled ? PackageXml::child($root, 'calcPr') : null;
        if ($unsettled && $calculation === null) {
            $calculation = $tree->createElementNS((string) $root->namespaceURI, 'calcPr');
            assert($calculation instanceof DOMElement);
            $root->insertBefore($calculation, self::after($root));
        }
        // Results that depend on changed cells are worked out anew when the file is opened.
        $calculation?->setAttribute('fullCalcOnLoad', '1');

        return $changed || $calculation !== null ? (string) $tree->saveXML() : null;
    }

    /** How the order of the sheets is protected, where that is otherwise than the file says. */
    private function guard(DOMElement $root): bool
    {
        $element = PackageXml::child($root, 'workbookProtection');
        $guard = $this->workbook->guard;
        if ($guard === null || $guard->toJson() === ProtectionXml::order($element)->toJson()) {
            return false;
        }
        if ($element === null) {
            $element = PackageXml::made($root, 'workbookProtection');
            $before = null;
            foreach ($root->childNodes as $child) {
                if ($child instanceof DOMElement && ! in_array($child->localName, ['fileVersion', 'fileSharing', 'workbookPr'], true)) {
                    $before = $child;

                    break;
                }
            }
            $root->insertBefore($element, $before);
        }
        foreach (['workbookPassword', 'workbookAlgorithmName', 'workbookHashValue', 'workbookSaltValue', 'workbookSpinCount',
            'lockStructure'] as $name) {
            $element->removeAttribute($name);
        }
        foreach ($guard->isOn ? ProtectionXml::orderAttributes($guard) : [] as $name => $value) {
            $element->setAttribute($name, $value);
        }
        $element->attributes->length === 0 && $element->remove();

        return true;
    }

    /** What the settings of calculation stand before (18.2.27). */
    private static function after(DOMElement $root): ?DOMElement
    {
        foreach ($root->childNodes as $child) {
            if (
                $child instanceof DOMElement &&
                in_array(
                    $child->localName,
                    [
                        'oleSize',
                        'customWorkbookViews',
                        'pivotCaches',
                        'smartTagPr',
                        'smartTagTypes',
                        'webPublishing',
                        'fileRecoveryPr',
                        'webPublishObjects',
                        'extLst',
                    ],
                    true,
                )
            ) {
                return $child;
            }
        }

        return null;
    }

    private function sheetList(DOMElement $root): bool
    {
        $list = PackageXml::child($root, 'sheets');
        $elements = $list === null ? [] : PackageXml::children($list, 'sheet');
        $changed = false;
        $places = [];
        foreach ($this->book->sheets as $from) {
            $sheet = $this->workbook->sheets[$from->number] ?? null;
            $element = $elements[$from->place] ?? null;
            if ($sheet === null || $element === null) {
                continue;
            }
            $places[$from->number] = $from->place;
            if ($element->getAttribute('name') !== $sheet->name) {
                $element->setAttribute('name', $sheet->name);
                $changed = true;
            }
            if ($from->state !== $sheet->setup->tab->state) {
                $sheet->setup->tab->state === 'visible'
                    ? $element->removeAttribute('state')
                    : $element->setAttribute('state', $sheet->setup->tab->state);
                $changed = true;
            }
        }
        $order = array_values(array_intersect(array_keys($this->workbook->sheets), array_keys($places)));
        $sorted = $order;
        sort($sorted);
        if ($list !== null && $order !== $sorted) {
            $slots = array_values($places);
            $moved = [];
            foreach ($order as $place => $number) {
                $moved[$slots[$place]] = $elements[$places[$number]];
            }
            $from = array_map(fn (DOMElement $element) => spl_object_id($element), $elements);
            foreach ($elements as $place => $element) {
                $list->appendChild($moved[$place] ?? $element);
            }
            $now = array_map(
                fn (DOMElement $element) => (int) array_search(spl_object_id($element), $from, true),
                PackageXml::children($list, 'sheet'),
            );
            $this->renumber($root, array_flip($now));
            $changed = true;
        }

        return $changed;
    }

    /** Sheets that were made here, at their places among the others. */
    private function addSheets(DOMElement $root): bool
    {
        $list = PackageXml::child($root, 'sheets');
        if ($this->added === [] || $list === null) {
            return false;
        }
        $relations = str_contains((string) $root->namespaceURI, 'purl.oclc.org') ? 'http://purl.oclc.org/ooxml/officeDocument/relationships'
            : 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $names = array_map(fn (Worksheet $sheet) => $sheet->name, $this->workbook->sheets);
        $order = array_keys($this->workbook->sheets);
        foreach ($this->added as $number => $id) {
            $elements = PackageXml::children($list, 'sheet');
            $ids = array_map(fn (DOMElement $element) => (int) $element->getAttribute('sheetId'), $elements);
            $element = PackageXml::made($root, 'sheet');
            $element->setAttribute('name', $names[$number]);
            $element->setAttribute('sheetId', (string) (1 + max([0, ...$ids])));
            $state = $this->workbook->sheets[$number]->setup->tab->state;
            $state === 'visible' || $element->setAttribute('state', $state);
            $element->setAttributeNS($relations, 'r:id', $id);
            // Before the first of those that come after it in the workbook.
            $after = array_map(fn (int $one) => $names[$one], array_slice($order, (int) array_search($number, $order, true) + 1));
            $at = count($elements);
            foreach ($elements as $place => $other) {
                if (in_array($other->getAttribute('name'), $after, true)) {
                    $at = $place;

                    break;
                }
            }
            $list->insertBefore($element, $elements[$at] ?? null);
            $this->renumber($root, array_map(fn (int $place) => $place < $at ? $place : $place + 1,
                $elements === [] ? [] : range(0, count($elements) - 1)));
        }

        return true;
    }

    /**
     * What counts sheets by their place counts them at their new one.
     *
     * @param  array<int, int>  $places  new place by old one
     */
    private function renumber(DOMElement $root, array $places): void
    {
        $names = PackageXml::child($root, 'definedNames');
        foreach ($names === null ? [] : PackageXml::children($names, 'definedName') as $name) {
            if ($name->hasAttribute('localSheetId')) {
                $name->setAttribute('localSheetId', (string) ($places[(int) $name->getAttribute('localSheetId')] ?? 0));
            }
        }
        $views = PackageXml::child($root, 'bookViews');
        foreach ($views === null ? [] : PackageXml::children($views, 'workbookView') as $view) {
            foreach (['activeTab', 'firstSheet'] as $attribute) {
                if ($view->hasAttribute($attribute)) {
                    $view->setAttribute($attribute, (string) ($places[(int) $view->getAttribute($attribute)] ?? 0));
                }
            }
        }
    }

    private function definedNames(DOMElement $root): bool
    {
        $was = $this->book->names();
        $now = $this->workbook->names;
        $names = PackageXml::child($root, 'definedNames');
        $places = $this->namedPlaces($names);
        $printed = (new PrintNames($this->workbook, $this->pages))->changed($root, $names);
        if ($was == $now && $printed === [] && ! $places) {
            return false;
        }
        if ($names === null) {
            $names = PackageXml::made($root, 'definedNames');
            // Names stand after the sheets, and what is outside of the workbook before them (18.2.27).
            $before =
                PackageXml::child($root, 'externalReferences') ??
                (PackageXml::child($root, 'functionGroups') ?? PackageXml::child($root, 'sheets'));
            $root->insertBefore($names, $before?->nextSibling);
        }
        foreach (PackageXml::children($names, 'definedName') as $element) {
            $name = $element->getAttribute('name');
            if (! isset($was[$name]) || $element->hasAttribute('localSheetId') && ! isset($now[$name])) {
                continue;
            }
            if (! isset($now[$name])) {
                $element->remove();
            } elseif ($now[$name] !== $was[$name]) {
                $element->textContent = ltrim($now[$name], '=');
            }
        }
        foreach (array_diff_key($now, $was) as $name => $refers) {
            $element = PackageXml::made($root, 'definedName');
            $element->setAttribute('name', (string) $name);
            $element->textContent = ltrim($refers, '=');
            $names->appendChild($element);
        }
        PrintNames::write($names, $printed);
        PackageXml::children($names, 'definedName') === [] && $names->remove();

        return true;
    }

    /** Names of the format itself, such as what is printed, go along with rows and columns. */
    private function namedPlaces(?DOMElement $names): bool
    {
        $changed = false;
        foreach ($names === null ? [] : PackageXml::children($names, 'definedName') as $name) {
            if (! str_starts_with($name->getAttribute('name'), '_xlnm')) {
                continue;
            }
            $text = $name->textContent;
            $text = $this->places->formula($text);
            if ($text !== $name->textContent) {
                $name->textContent = $text;
                $changed = true;
            }
        }

        return $changed;
    }
}
