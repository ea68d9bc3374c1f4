<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Formula\TableRange;
use Rilvet\Grid\Range;
use Rilvet\Guard\OrderGuard;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Look\Look;
use Rilvet\Measure\Ruler;
use Rilvet\Package\Package;
use Rilvet\Package\PackageLimits;
use Rilvet\Package\PackageXml;
use Rilvet\Package\ZipReader;
use Rilvet\Page\PageRules;
use Rilvet\Refusal;
use Rilvet\Text\Fonts;

/** A workbook in a package (ISO/IEC 29500-1 12.3, 18.2): its sheets in order, names, styles and shared texts; strict or transitional. */
final class Book
{
    public readonly Package $package;

    /** The name of the workbook's part. */
    public readonly string $part;

    public readonly DOMElement $root;

    public readonly ThemeColours $colours;

    public readonly CellFormats $formats;

    /** @var list<Look> */
    private readonly array $differentials;

    /** @var list<BookSheet> */
    public readonly array $sheets;

    /** @var list<string>|null */
    private ?array $texts = null;

    /**
     * @param  resource  $stream  seekable; stays open as long as the book is read
     *
     * @throws FileIsWrong
     */
    public function __construct($stream, PackageLimits $limits = new PackageLimits)
    {
        $this->package = new Package(ZipReader::of($stream, $limits));
        $this->part =
            $this->package->related('', 'officeDocument')->target ??
            throw FileIsWrong::package('The file is a zip package, but no workbook is in it.');
        $this->root = PackageXml::root(PackageXml::tree($this->package->contents($this->part), $this->part));
        if ($this->root->localName !== 'workbook') {
            throw FileIsWrong::package('The file is a zip package, but no workbook is in it.');
        }
        $theme = $this->package->related($this->part, 'theme')?->target;
        $styles = $this->styles();
        $root = $styles === null ? null : PackageXml::root(PackageXml::tree($this->package->contents($styles), $styles));
        $this->colours = new ThemeColours(
            $theme === null ? null : PackageXml::root(PackageXml::tree($this->package->contents($theme), $theme)),
            $root,
        );
        $this->formats = new CellFormats($root ?? PackageXml::root(PackageXml::tree('<styleSheet/>', 'styles')), $this->colours);
        $this->differentials = $root === null ? [] : $this->formats->differentials($root);
        $this->sheets = $this->listed();
    }

    public function styles(): ?string
    {
        return $this->package->related($this->part, 'styles')?->target;
    }

    /** @return list<string> */
    public function texts(): array
    {
        $part = $this->package->related($this->part, 'sharedStrings')?->target;

        return $this->texts ??= $part === null ? [] : SharedStrings::of($this->package, $part);
    }

    /** Reads the conditional formats of a sheet; a new one for each. */
    public function conditionsIn(): ConditionsIn
    {
        return new ConditionsIn($this->differentials, $this->formats, $this->colours);
    }

    /** Whether the order of the sheets is protected (18.2.29). */
    public function guard(): OrderGuard
    {
        return ProtectionXml::order(PackageXml::child($this->root, 'workbookProtection'));
    }

    /** Dates count from 1904 (18.2.28). */
    public function from1904(): bool
    {
        $properties = PackageXml::child($this->root, 'workbookPr');

        return PackageXml::isOn($properties, 'date1904');
    }

    /** @return array<string, string> names of the whole workbook and what they refer to; those of the format itself are left out */
    public function names(): array
    {
        $names = PackageXml::child($this->root, 'definedNames');
        $found = [];
        foreach ($names === null ? [] : PackageXml::children($names, 'definedName') as $name) {
            if (
                ! str_starts_with($name->getAttribute('name'), '_xlnm') &&
                $name->getAttribute('name') !== '' &&
                ! PackageXml::isOn($name, 'function')
            ) {
                $found[$name->getAttribute('name')] = $name->textContent;
            }
        }

        return $found;
    }

    /** What is printed of a sheet, and repeated: the names of the format itself that say so. */
    public function printed(int $place): PageRules
    {
        $names = PackageXml::child($this->root, 'definedNames');
        $says = [];
        foreach ($names === null ? [] : PackageXml::children($names, 'definedName') as $name) {
            if ($name->getAttribute('localSheetId') === (string) $place
                && in_array($name->getAttribute('name'), [PrintTitles::TITLES, PrintTitles::AREA], true)) {
                $says += PrintTitles::rules($name->getAttribute('name'), $name->textContent) ?? [];
            }
        }

        return PageRules::ofFile($says);
    }

    /** The file does not say what its formulas give: whoever opens it works all of them out (18.2.2). */
    public function asksForResults(): bool
    {
        return PackageXml::isOn(PackageXml::child($this->root, 'calcPr'), 'fullCalcOnLoad');
    }

    /** @return array<string, Pivot> pivot tables of a sheet, by the part that defines them (18.10.1.73) */
    public function pivots(BookSheet $sheet): array
    {
        $pivots = [];
        foreach ($this->package->relationships($sheet->part) as $relationship) {
            if ($relationship->kind === 'pivotTable' && ! $relationship->outside && $this->package->has($relationship->target)) {
                $root = PackageXml::root(PackageXml::tree($this->package->contents($relationship->target), $relationship->target));
                $pivot = Pivot::of($root);
                $pivot === null || $pivots[$relationship->target] = $pivot;
            }
        }

        return $pivots;
    }

    /** @return array<string, TableRange> tables by the names that formulas say (18.5.1.2) */
    public function tables(): array
    {
        $tables = [];
        foreach ($this->sheets as $index => $sheet) {
            foreach ($this->package->relationships($sheet->part) as $relationship) {
                if ($relationship->kind !== 'table' || ! $this->package->has($relationship->target)) {
                    continue;
                }
                $table = PackageXml::root(PackageXml::tree($this->package->contents($relationship->target), $relationship->target));
                $list = PackageXml::child($table, 'tableColumns');
                $columns = array_map(
                    fn (DOMElement $column) => $column->getAttribute('name'),
                    $list === null ? [] : PackageXml::children($list, 'tableColumn'),
                );
                try {
                    $range = Range::parse($table->getAttribute('ref'));
                } catch (Refusal) {
                    continue;
                }
                $count = fn (string $name, int $usual) => $table->hasAttribute($name) ? (int) $table->getAttribute($name) : $usual;
                $tables[$table->getAttribute('displayName') ?: $table->getAttribute('name')] = new TableRange(
                    $index + 1,
                    $range,
                    $count('headerRowCount', 1),
                    $count('totalsRowCount', 0),
                    $columns,
                );
            }
        }

        return $tables;
    }

    /** Greatest width of a digit in the default type, px. */
    public function digit(): int
    {
        $ground = $this->formats->ground();

        return max(1, (new Ruler(Fonts::shipped()))->digitWidth($ground->isEmpty() ? Look::none() : $ground));
    }

    /** @return array<string, int> what the package holds besides cells, and how many */
    public function holds(): array
    {
        $kinds = [
            'charts' => '#/charts/chart[^/]*\.xml$#i',
            'pictures' => '#/media/#i',
            'comments' => '#/comments[^/]*\.xml$#i',
            'pivot tables' => '#/pivotTables/[^/]+\.xml$#i',
            'macros' => '#vbaProject\.bin$#i',
            'slicers' => '#/slicers/[^/]+\.xml$#i',
            'signatures' => '#_xmlsignatures/sig[^/]*\.xml$#i',
        ];
        $names = array_map(strval(...), array_keys($this->package->zip->entries));

        return array_filter(array_map(fn (string $pattern) => count(preg_grep($pattern, $names) ?: []), $kinds));
    }

    /** @return list<BookSheet> */
    private function listed(): array
    {
        $targets = [];
        foreach ($this->package->relationships($this->part) as $relationship) {
            $targets[$relationship->id] = $relationship;
        }
        $list = PackageXml::child($this->root, 'sheets');
        $sheets = [];
        foreach ($list === null ? [] : PackageXml::children($list, 'sheet') as $place => $sheet) {
            $id = '';
            foreach ($sheet->attributes as $attribute) {
                $id = $attribute->localName === 'id' && $attribute->prefix !== '' ? (string) $attribute->nodeValue : $id;
            }
            if ($id === '') {
                // Modules of old macros are listed among the sheets, without a part of their own.
                continue;
            }
            $relationship =
                $targets[$id] ??
                throw FileIsWrong::package(
                    'The sheet "'.
                        mb_strimwidth($sheet->getAttribute('name'), 0, 60, '…').
                        '" points at a part that is not in the package. The file is damaged.',
                );
            // Sheets that hold a chart alone stay in the package, and are no worksheets.
            if ($relationship->kind === 'worksheet') {
                $state = $sheet->getAttribute('state');
                $sheets[] = new BookSheet(
                    count($sheets) + 1,
                    $sheet->getAttribute('name'),
                    $this->package->entry($relationship->target),
                    in_array($state, ['hidden', 'veryHidden'], true) ? $state : 'visible',
                    $place,
                );
            }
        }
        if ($sheets === []) {
            throw FileIsWrong::package('There is no worksheet in the workbook.');
        }
        if (count(array_unique(array_map(fn (BookSheet $sheet) => $sheet->part, $sheets))) < count($sheets)) {
            throw FileIsWrong::package('Two sheets of the workbook are one part of the package. The file is damaged.');
        }

        return $sheets;
    }

    public function sheet(int $number): ?BookSheet
    {
        foreach ($this->sheets as $sheet) {
            if ($sheet->number === $number) {
                return $sheet;
            }
        }

        return null;
    }
}
