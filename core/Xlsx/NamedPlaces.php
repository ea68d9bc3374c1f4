<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use DOMText;
use Rilvet\Formula\References;

/**
 * What parts of a package say by name of sheets in which rows and columns moved: ranges of charts, shapes and controls that
 * show a cell, sources of pivot tables, links, conditions and checks of other sheets. Elements and attributes are those of
 * ISO/IEC 29500-1 (18.2, 18.3, 18.5, 18.10, 20.5, 21.2) and, for controls, of 29500-4 (19.4).
 */
final readonly class NamedPlaces
{
    /** Elements whose text is a formula. */
    private const TEXTS = [
        'f',
        'formula',
        'formula1',
        'formula2',
        'calculatedColumnFormula',
        'totalsRowFormula',
        'FmlaLink',
        'FmlaRange',
        'FmlaTxbx',
        'FmlaGroup',
    ];

    /** Names of attributes that are one. */
    private const ATTRIBUTES = '/^(?:textlink|fmla(?:Link|Range|Txbx|Group)|linked\w+|listFillRange|location)$/';

    /** Elements that say a sheet and a range in attributes of their own. */
    private const SOURCES = ['worksheetSource', 'rangeSet', 'dataRef'];

    /**
     * @param  array<string, Moves>  $moves  by the name that the package has for the sheet
     * @param  array<string, string>  $renamed  names that sheets have now, by the one that the package has
     */
    public function __construct(private array $moves, private array $renamed = [])
    {
    }

    public function isEmpty(): bool
    {
        return $this->moves === [] && $this->renamed === [];
    }

    /** The same without the moves of one sheet, for its own part, which follows them itself. */
    public function without(string $sheet): self
    {
        return new self(array_diff_key($this->moves, [$sheet => true]), $this->renamed);
    }

    /**
     * Whether xml may say the name of such a sheet: most does not, and need not be read.
     *
     * @param  iterable<string>  $pieces
     */
    public function mayName(iterable $pieces): bool
    {
        $names = [];
        foreach (array_keys($this->moves + $this->renamed) as $name) {
            foreach ([(string) $name, str_replace("'", "''", (string) $name)] as $text) {
                array_push(
                    $names,
                    $text,
                    htmlspecialchars($text, ENT_XML1),
                    htmlspecialchars($text, ENT_XML1 | ENT_QUOTES),
                    rawurlencode($text),
                );
            }
        }
        $names = array_unique($names);
        $longest = max([1, ...array_map(strlen(...), $names)]);
        $end = '';
        foreach ($names === [] ? [] : $pieces as $piece) {
            $end .= $piece;
            foreach ($names as $name) {
                if (str_contains($end, $name)) {
                    return true;
                }
            }
            $end = substr($end, -$longest);
        }

        return false;
    }

    /**
     * Moves what an element and all in it say.
     *
     * @param  Moves|null  $own  of the sheet that the part belongs to: what says no name means it
     * @return bool whether anything is said otherwise
     */
    public function on(DOMElement $element, ?Moves $own = null): bool
    {
        if ($element->localName === 'sheetData') {
            return false;
        }
        $changed = false;
        foreach ($element->attributes as $attribute) {
            $was = (string) $attribute->nodeValue;
            if ($was !== '' && preg_match(self::ATTRIBUTES, $attribute->nodeName) === 1) {
                $now = $this->formula($was, $own);
                $changed = $changed || $now !== $was;
                $now === $was || $element->setAttribute($attribute->nodeName, $now);
            }
        }
        $target = $element->localName === 'Relationship' ? $element->getAttribute('Target') : '';
        if (str_starts_with($target, '#')) {
            // A link from a drawing to a place in the workbook.
            $now = '#'.$this->formula(rawurldecode(substr($target, 1)), $own);
            $now === '#'.rawurldecode(substr($target, 1)) || [$changed = true, $element->setAttribute('Target', $now)];
        }
        $changed = in_array($element->localName, self::SOURCES, true) && $this->source($element) || $changed;
        if (in_array($element->localName, self::TEXTS, true) && $element->firstChild instanceof DOMText) {
            $now = $this->formula($element->textContent, $own);
            if ($now !== $element->textContent) {
                $element->textContent = $now;
                $changed = true;
            }
        }
        foreach (iterator_to_array($element->childNodes) as $child) {
            $changed = $child instanceof DOMElement && $this->on($child, $own) || $changed;
        }

        return $changed;
    }

    /** A sheet and a range in attributes. */
    private function source(DOMElement $element): bool
    {
        $sheet = $element->getAttribute('sheet');
        $ref = $element->getAttribute('ref');
        $now = $ref === '' ? '' : ($this->moves[$sheet] ?? null)?->ranges($ref) ?? '';
        $now = $now === '' || str_contains($now, ' ') ? $ref : $now;
        $name = $this->renamed[$sheet] ?? $sheet;
        $now === $ref || $element->setAttribute('ref', $now);
        $name === $sheet || $element->setAttribute('sheet', $name);

        return $now !== $ref || $name !== $sheet;
    }

    /** @param  Moves|null  $own  of the sheet that is meant where none is named */
    public function formula(string $formula, ?Moves $own = null): string
    {
        foreach ($this->moves as $moves) {
            $formula = $moves->formula($formula, $moves === $own);
        }

        return $this->renamed === [] ? $formula : References::toSheets($formula, $this->renamed);
    }
}
