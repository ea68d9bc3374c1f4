<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Package\PackageXml;
use Rilvet\Paper\Printed;
use Rilvet\Work\Workbook;

/** The defined names that say what of sheets is printed and repeated, where they are to say something else than they do. */
final readonly class PrintNames
{
    /** @param  array<int, Printed>  $pages  by the number of the sheet: those of which anything is to be said */
    public function __construct(private Workbook $workbook, private array $pages)
    {
    }

    /**
     * @param  DOMElement  $root  of the workbook
     * @return list<array{string, int, string, DOMElement|null}> name, place of the sheet, what it is to refer to, and the element that is
     *     there
     */
    public function changed(DOMElement $root, ?DOMElement $names): array
    {
        $there = [];
        foreach ($names === null ? [] : PackageXml::children($names, 'definedName') as $element) {
            $there[$element->getAttribute('name')][(int) $element->getAttribute('localSheetId')] = $element;
        }
        $list = PackageXml::child($root, 'sheets');
        $places = [];
        foreach ($list === null ? [] : PackageXml::children($list, 'sheet') as $place => $element) {
            $places[$element->getAttribute('name')] = $place;
        }
        $changed = [];
        foreach ($this->pages as $number => $pages) {
            $sheet = $this->workbook->sheet($number);
            $place = $places[$sheet->name] ?? null;
            if ($place === null) {
                continue;
            }
            foreach ([PrintTitles::TITLES => PrintTitles::of($sheet, $pages),
                PrintTitles::AREA => PrintTitles::area($sheet, $pages->areas)] as $name => $wanted) {
                $element = $there[$name][$place] ?? null;
                $said = $element === null ? [] : PrintTitles::rules($name, $element->textContent);
                // What is said in a way that is not known here stays.
                if ($said !== null && $said !== ($wanted === '' ? [] : PrintTitles::rules($name, $wanted))) {
                    $changed[] = [$name, $place, $wanted, $element];
                }
            }
        }

        return $changed;
    }

    /** @param  list<array{string, int, string, DOMElement|null}>  $changed */
    public static function write(DOMElement $names, array $changed): void
    {
        foreach ($changed as [$name, $place, $wanted, $element]) {
            if ($wanted === '') {
                $element?->remove();

                continue;
            }
            if ($element === null) {
                $element = PackageXml::made($names, 'definedName');
                $element->setAttribute('name', $name);
                $element->setAttribute('localSheetId', (string) $place);
                $names->appendChild($element);
            }
            $element->textContent = $wanted;
        }
    }
}
