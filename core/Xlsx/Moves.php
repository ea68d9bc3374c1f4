<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use DOMText;
use Rilvet\Formula\References;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Package\PackageXml;
use Rilvet\Refusal;

/**
 * Rows and columns of a sheet that were put in or taken out since it came: what the package says of places goes along.
 * That is what conditional formats, validations, links, filters, tables, comments and drawings are anchored by.
 */
final readonly class Moves
{
    /** Attributes that name cells (ISO/IEC 29500-1 18.3.1), and elements whose text does. */
    private const PLACES = ['sqref', 'ref', 'activeCell', 'topLeftCell'];

    private const FORMULAS = ['formula', 'formula1', 'formula2', 'f', 'calculatedColumnFormula', 'totalsRowFormula'];

    /** Attributes that are formulas, and elements that name one cell in "r". */
    private const LINKS = '/^(?:linked\w+|listFillRange|location)$/';

    private const CELLS = ['inputCells', 'cellWatch', 'cellSmartTags', 'singleXmlCell'];

    /** Elements that stay as they are: cells, columns and what this room writes itself. */
    private const LEFT = ['sheetData', 'cols', 'mergeCells', 'sheetView'];

    /**
     * @param  list<Shift|RowOrder>  $shifts  the first thing that was done first
     * @param  string  $sheet  the name that formulas say
     * @param  list<string>  $cut  relationships of tables that columns were put into or taken out of: they are plain ranges from then
     *     on, since their lists of columns no longer hold
     */
    public function __construct(public array $shifts, private string $sheet, public array $cut = [])
    {
    }

    public function isEmpty(): bool
    {
        return $this->shifts === [];
    }

    /**
     * Ranges parted by blanks, at their new places; those that were taken out are gone. Where rows were sorted, a range
     * comes apart into those that its cells went to.
     */
    public function ranges(string $ranges): string
    {
        $moved = [];
        foreach (preg_split('/\s+/', trim($ranges)) ?: [] as $text) {
            try {
                $parts = [Range::parse($text)];
            } catch (Refusal) {
                $moved[] = $text;

                continue;
            }
            foreach ($this->shifts as $shift) {
                $parts = array_merge(
                    ...array_map(
                        fn (Range $range) => $shift instanceof RowOrder ? $shift->ranges($range) : array_filter([$shift->range($range)]),
                        $parts,
                    ),
                );
            }
            array_push($moved, ...array_map(strval(...), $parts));
        }

        return implode(' ', $moved);
    }

    public function formula(string $formula, bool $own): string
    {
        foreach ($this->shifts as $shift) {
            $formula = $shift instanceof Shift ? (new References($shift, $this->sheet))->moved($formula, $own) : $formula;
        }

        return $formula;
    }

    /** Where the row of a note goes, from 1: notes belong to their cell, also when rows are sorted. */
    private function noted(int $row, int $column): int
    {
        foreach ($this->shifts as $shift) {
            if ($shift instanceof RowOrder) {
                $row = $shift->row($row, $column);
            } elseif ($shift->rows) {
                $row = $shift->place($row) ?? $shift->at;
            } else {
                $column = $shift->place($column) ?? $shift->at;
            }
        }

        return max(1, $row);
    }

    /** Where a row or a column goes, from 1; one that was taken out gives the one that came in its place. */
    public function place(int $index, bool $rows): int
    {
        foreach ($this->shifts as $shift) {
            if ($shift instanceof Shift && $shift->rows === $rows) {
                $index = $shift->place($index) ?? $shift->at;
            }
        }

        return max(1, $index);
    }

    /** All that a part says of places on the sheet. */
    public function on(DOMElement $element): void
    {
        $before = $element->getAttribute('sqref');
        foreach (self::PLACES as $name) {
            if (! $element->hasAttribute($name) || $element->getAttribute($name) === '') {
                continue;
            }
            $was = $element->getAttribute($name);
            $moved = $this->ranges($was);
            if ($moved === '') {
                $element->remove();

                return;
            }
            // Only lists of ranges can come apart (18.18.76); one place stays one.
            if ($name !== 'sqref' && str_contains($moved, ' ')) {
                $moved = $was;
            }
            $element->setAttribute($name, $moved);
        }
        foreach ($element->attributes as $attribute) {
            if ($attribute->nodeValue !== '' && preg_match(self::LINKS, $attribute->nodeName) === 1) {
                $element->setAttribute($attribute->nodeName, $this->formula((string) $attribute->nodeValue, true));
            }
        }
        if (in_array($element->localName, self::CELLS, true)) {
            $place = $this->ranges($element->getAttribute('r'));
            if ($place === '') {
                $element->remove();

                return;
            }
            $element->setAttribute('r', $place);
        }
        if ($element->hasAttribute('sqref') && $this->isSorted()) {
            $this->follow($element, $before);
        }
        if ($element->localName === 'tablePart') {
            foreach ($element->attributes as $attribute) {
                if ($attribute->localName === 'id' && in_array($attribute->nodeValue, $this->cut, true)) {
                    $parent = $element->parentNode;
                    $element->remove();
                    if ($parent instanceof DOMElement) {
                        $left = count(PackageXml::children($parent, 'tablePart'));
                        $left === 0 ? $parent->remove() : $parent->setAttribute('count', (string) $left);
                    }

                    return;
                }
            }
        }
        if ($element->localName === 'brk') {
            // A break stands below its row (18.3.1.3).
            $rows = $element->parentNode?->localName === 'rowBreaks';
            $element->setAttribute('id', (string) $this->place((int) $element->getAttribute('id'), $rows));
        }
        if (in_array($element->localName, self::FORMULAS, true) && $element->firstChild instanceof DOMText) {
            $element->textContent = $this->formula($element->textContent, true);
        }
        if ($element->localName === 'sqref') {
            $element->textContent = $this->ranges($element->textContent);
        }
        foreach (iterator_to_array($element->childNodes) as $child) {
            if ($child instanceof DOMElement && ! in_array($child->localName, self::LEFT, true)) {
                $this->on($child);
            }
        }
    }

    private function isSorted(): bool
    {
        return array_filter($this->shifts, fn (Shift|RowOrder $shift) => $shift instanceof RowOrder) !== [];
    }

    /**
     * Formulas of a condition or a check are written for the first cell of their ranges (18.3.1.10); where sorting has put
     * another row there, they are written for that one.
     */
    private function follow(DOMElement $element, string $before): void
    {
        $shifted = implode(' ', array_map(function (string $text) {
            try {
                $range = Range::parse($text);
            } catch (Refusal) {
                return $text;
            }
            foreach ($this->shifts as $shift) {
                $range = $shift instanceof Shift && $range !== null ? $shift->range($range) : $range;
            }

                    return (string) $range;
        },
            preg_split('/\s+/', trim($before)) ?: [],
        ),
        );
        $top = fn (string $ranges) => preg_match_all('/[A-Za-z]+\$?(\d+)/', $ranges, $found) > 0
            ? min([Address::ROWS, ...array_map(intval(...), $found[1])])
            : 1;
        $down = $top($element->getAttribute('sqref')) - $top($shifted);
        foreach ($down === 0 ? [] : $element->getElementsByTagName('*') as $child) {
            if (in_array($child->localName, self::FORMULAS, true) && $child->firstChild instanceof DOMText) {
                $child->textContent = References::translated($child->textContent, $down, 0);
            }
        }
    }

    /**
     * Anchors of drawings count rows and columns from 0 (20.5.2.23, 20.5.2.3); so do those of notes
     * (x:Anchor, x:Row, x:Column of their shapes).
     */
    public function anchors(DOMElement $element): void
    {
        $rows = ['row' => true, 'Row' => true, 'col' => false, 'Column' => false][$element->localName] ?? null;
        if ($rows !== null && preg_match('/^\d{1,7}$/', trim($element->textContent)) === 1) {
            $element->textContent = (string) ($this->place((int) $element->textContent + 1, $rows) - 1);
        }
        if ($element->localName === 'ClientData' && $this->isSorted()) {
            $this->note($element);

            return;
        }
        if ($element->localName === 'Anchor' && preg_match_all('/\d+/', $element->textContent, $found) === 8) {
            $ends = array_map(intval(...), $found[0]);
            foreach ([0 => false, 2 => true, 4 => false, 6 => true] as $index => $isRow) {
                $ends[$index] = $this->place($ends[$index] + 1, $isRow) - 1;
            }
            $element->textContent = implode(', ', $ends);
        }
        foreach (iterator_to_array($element->childNodes) as $child) {
            $child instanceof DOMElement && $this->anchors($child);
        }
    }

    /** The shape of a note: it goes where its cell does, as far away from it as it was. */
    private function note(DOMElement $data): void
    {
        $row = PackageXml::child($data, 'Row');
        $column = PackageXml::child($data, 'Column');
        $anchor = PackageXml::child($data, 'Anchor');
        if ($row === null || $column === null) {
            return;
        }
        $now = $this->noted((int) $row->textContent + 1, (int) $column->textContent + 1) - 1;
        $down = $now - (int) $row->textContent;
        if ($anchor !== null && preg_match_all('/\d+/', $anchor->textContent, $found) === 8) {
            $ends = array_map(intval(...), $found[0]);
            foreach ([2, 6] as $index) {
                $ends[$index] = max(0, $ends[$index] + $down);
            }
            foreach ([0, 4] as $index) {
                $ends[$index] = $this->place($ends[$index] + 1, false) - 1;
            }
            $anchor->textContent = implode(', ', $ends);
        }
        $column->textContent = (string) ($this->place((int) $column->textContent + 1, false) - 1);
        $row->textContent = (string) $now;
    }

    /** Whether columns were put in or taken out inside of a range: a table would have another number of columns then. */
    public function cuts(string $range): bool
    {
        try {
            $range = Range::parse($range);
        } catch (Refusal) {
            return false;
        }
        foreach ($this->shifts as $shift) {
            $moved = $shift instanceof Shift ? $shift->range($range) : $range;
            if ($moved === null || $moved->columns() !== $range->columns()) {
                return true;
            }
            $range = $moved;
        }

        return false;
    }
}
