<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use DOMText;
use Rilvet\Act\References;
use Rilvet\Grid\Range;
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

    private const FORMULAS = ['formula', 'formula1', 'formula2', 'f'];

    /** Elements that stay as they are: cells, columns and what this room writes itself. */
    private const LEFT = ['sheetData', 'cols', 'mergeCells', 'sheetView'];

    /**
     * @param  list<Shift>  $shifts  the first thing that was done first
     * @param  string  $sheet  the name that formulas say
     * @param  list<string>  $cut  relationships of tables that columns were put into or taken out of: they are plain ranges from then on, since their lists of columns no longer hold
     */
    public function __construct(public array $shifts, private string $sheet, public array $cut = [])
    {
    }

    public function isEmpty(): bool
    {
        return $this->shifts === [];
    }

    /** Ranges parted by blanks, at their new places; those that were taken out are gone. */
    public function ranges(string $ranges): string
    {
        $moved = [];
        foreach (preg_split('/\s+/', trim($ranges)) ?: [] as $text) {
            try {
                $range = Range::parse($text);
            } catch (Refusal) {
                $moved[] = $text;

                continue;
            }
            foreach ($this->shifts as $shift) {
                $range = $range === null ? null : $shift->range($range);
            }
            if ($range !== null) {
                $moved[] = (string) $range;
            }
        }

        return implode(' ', $moved);
    }

    public function formula(string $formula, bool $own): string
    {
        foreach ($this->shifts as $shift) {
            $formula = (new References($shift, $this->sheet))->moved($formula, $own);
        }

        return $formula;
    }

    /** Where a row or a column goes, from 1; one that was taken out gives the one that came in its place. */
    public function place(int $index, bool $rows): int
    {
        foreach ($this->shifts as $shift) {
            if ($shift->rows === $rows) {
                $index = $shift->place($index) ?? $shift->at;
            }
        }

        return max(1, $index);
    }

    /** All that a part says of places on the sheet. */
    public function on(DOMElement $element): void
    {
        foreach (self::PLACES as $name) {
            if (! $element->hasAttribute($name) || $element->getAttribute($name) === '') {
                continue;
            }
            $moved = $this->ranges($element->getAttribute($name));
            if ($moved === '') {
                $element->remove();

                return;
            }
            $element->setAttribute($name, $moved);
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

    /** Anchors of drawings count rows and columns from 0 (20.5.2.23, 20.5.2.3); so do those of notes (x:Anchor, x:Row, x:Column of their shapes). */
    public function anchors(DOMElement $element): void
    {
        $rows = ['row' => true, 'Row' => true, 'col' => false, 'Column' => false][$element->localName] ?? null;
        if ($rows !== null && preg_match('/^\d{1,7}$/', trim($element->textContent)) === 1) {
            $element->textContent = (string) ($this->place((int) $element->textContent + 1, $rows) - 1);
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

    /** Whether columns were put in or taken out inside of a range: a table would have another number of columns then. */
    public function cuts(string $range): bool
    {
        try {
            $range = Range::parse($range);
        } catch (Refusal) {
            return false;
        }
        foreach ($this->shifts as $shift) {
            $moved = $shift->range($range);
            if ($moved === null || $moved->columns() !== $range->columns()) {
                return true;
            }
            $range = $moved;
        }

        return false;
    }
}
