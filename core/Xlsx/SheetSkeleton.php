<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMDocument;
use DOMElement;
use Rilvet\Clamp;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Package\PackageXml;
use Rilvet\Refusal;
use Rilvet\Work\Opening;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Stretches;
use Rilvet\Work\Tab;

/** What stands around the rows of a worksheet: views, columns, merges, protection (ISO/IEC 29500-1 18.3.1). Sizes in px. */
final class SheetSkeleton
{
    /** What stands in a worksheet, in its order (ISO/IEC 29500-1 18.3.1.99). */
    private const ORDER = [
        'sheetPr', 'dimension', 'sheetViews', 'sheetFormatPr', 'cols', 'sheetData', 'sheetCalcPr', 'sheetProtection', 'protectedRanges',
        'scenarios', 'autoFilter', 'sortState', 'dataConsolidate', 'customSheetViews', 'mergeCells', 'phoneticPr', 'conditionalFormatting',
        'dataValidations', 'hyperlinks', 'printOptions', 'pageMargins', 'pageSetup', 'headerFooter', 'rowBreaks', 'colBreaks',
        'customProperties', 'cellWatches', 'ignoredErrors', 'smartTags', 'drawing', 'legacyDrawing', 'legacyDrawingHF', 'drawingHF',
        'picture', 'oleObjects', 'controls', 'webPublishItems', 'tableParts', 'extLst',
    ];

    /** Columns that all sizes together may name: each once is what the format wants (18.3.1.17). */
    private const REACH = 2 * Address::COLUMNS;

    /** Columns beyond the data whose widths are kept one by one. */
    private const BEYOND = 60;

    public readonly DOMDocument $tree;

    public readonly DOMElement $root;

    /** @param  bool  $isFitted  what stands before the rows scales the sheet to pages, where that is not at hand */
    public function __construct(string $head, string $tail, private readonly string $part, public readonly bool $isFitted = false)
    {
        $this->tree = PackageXml::tree($head.$tail, $part);
        $this->root = PackageXml::root($this->tree);
    }

    /**
     * @param  int  $digit  greatest width of a digit in the default type, px (18.3.1.13)
     * @param  int  $columns  that hold something
     * @param  array<int, float>  $heights  by row, pt
     * @param  list<int>  $hiddenRows
     * @param  array<int, true>  $fixed  rows whose height is said to be their own, as keys
     */
    public function setup(int $digit, int $columns, array $heights, array $hiddenRows, string $state, array $fixed = []): Setup
    {
        $format = $this->element('sheetFormatPr');
        $usual = (float) ($format?->getAttribute('defaultRowHeight') ?: 15);
        $height = max(1, (int) round($usual * 96 / 72));
        [$widths, $hidden] = $this->columns($digit, $columns + self::BEYOND);
        $view = $this->view();
        $pane = $view === null ? null : PackageXml::child($view, 'pane');
        $frozen = $pane !== null && in_array($pane->getAttribute('state'), ['frozen', 'frozenSplit'], true);
        [$firstRow, $firstColumn] = self::place($pane?->getAttribute('topLeftCell') ?: $view?->getAttribute('topLeftCell') ?? '');
        $px = array_map(fn (float $points) => max(1, (int) round(($points * 96) / 72)), $heights);
        [$freezeRow, $freezeColumn] = [
            $frozen ? min(200, (int) $pane->getAttribute('ySplit')) : 0,
            $frozen ? min(50, (int) $pane->getAttribute('xSplit')) : 0,
        ];
        // The first cell beside what is frozen is where every sheet begins.
        $atStart = $firstRow <= $freezeRow + 1 && $firstColumn <= $freezeColumn + 1;

        return new Setup(
            new Sizes(
                $widths, array_filter($px, fn (int $each) => $each !== $height), $hidden, $hiddenRows,
                $this->usualWidth($digit), $height, fixedRows: Stretches::of($fixed),
            ),
            new Opening(
                $freezeRow, $freezeColumn,
                PackageXml::isOn($view, 'showGridLines', true),
                Clamp::of((int) ($view?->getAttribute('zoomScale') ?: 100), 10, 400),
                $atStart ? 1 : $firstRow,
                $atStart ? 1 : $firstColumn, PackageXml::isOn($view, 'rightToLeft'),
            ),
            $this->merges(),
            new Tab(null, $state, PackageXml::isOn($this->element('sheetProtection'), 'sheet')),
        );
    }

    public function element(string $name): ?DOMElement
    {
        return PackageXml::child($this->root, $name);
    }

    /** A new element, at the place that the standard gives it. */
    public function put(string $name): DOMElement
    {
        $element = PackageXml::made($this->root, $name);
        $this->root->insertBefore($element, $this->behind($name));

        return $element;
    }

    /**
     * Puts elements in, behind all that stands before them and behind others of their name.
     *
     * @param  string  $xml  in the words of the worksheet, without a prefix
     */
    public function insert(string $xml, string $name): void
    {
        $this->bring($xml, $this->root, $this->behind($name));
    }

    /**
     * Puts elements in at the end of another one.
     *
     * @param  string  $xml  in the words of the worksheet, without a prefix
     */
    public function fill(DOMElement $into, string $xml): void
    {
        $this->bring($xml, $into, null);
    }

    /** What stands behind all elements of a name, and behind all that the standard has before them. */
    private function behind(string $name): ?DOMElement
    {
        $earlier = array_flip(array_slice(self::ORDER, 0, (int) array_search($name, self::ORDER, true) + 1));
        foreach ($this->root->childNodes as $child) {
            if ($child instanceof DOMElement && ! isset($earlier[(string) $child->localName])) {
                return $child;
            }
        }

        return null;
    }

    /**
     * Elements that are made one by one cost more the more of them there are (each leaves a namespace with its document, and
     * all of those are gone through for the next). So they come in together, and are moved from there.
     */
    private function bring(string $xml, DOMElement $into, ?DOMElement $before): void
    {
        if ($xml === '') {
            return;
        }
        $tree = PackageXml::tree('<x xmlns="'.$this->root->namespaceURI."\">$xml</x>", $this->part);
        $all = $this->tree->importNode(PackageXml::root($tree), true);
        $this->root->appendChild($all);
        while (($node = $all->firstChild) !== null) {
            $into->insertBefore($node, $before);
        }
        $this->root->removeChild($all);
    }

    public function tab(): ?DOMElement
    {
        $properties = $this->element('sheetPr');

        return $properties === null ? null : PackageXml::child($properties, 'tabColor');
    }

    /** @return array<int, int> number of the format of whole columns, by column */
    public function columnFormats(int $most): array
    {
        $formats = [];
        foreach ($this->cols() as [$first, $last, $col]) {
            $format = (int) $col->getAttribute('style');
            for ($column = $first; $format > 0 && $column <= min($last, $most); $column++) {
                $formats[$column] = $format;
            }
        }

        return $formats;
    }

    public function view(): ?DOMElement
    {
        $views = $this->element('sheetViews');

        return $views === null ? null : PackageXml::child($views, 'sheetView');
    }

    /** @return list<array{int, int, DOMElement}> first and last column */
    public function cols(): array
    {
        $cols = $this->element('cols');
        $reach = 0;
        $found = [];
        foreach ($cols === null ? [] : PackageXml::children($cols, 'col') as $col) {
            $first = max(1, (int) $col->getAttribute('min'));
            $last = min(Address::COLUMNS, (int) ($col->getAttribute('max') ?: $first));
            if ($first <= $last) {
                $found[] = [$first, $last, $col];
                $reach += $last - $first + 1;
            }
            if ($reach > self::REACH) {
                throw FileIsWrong::package("\"{$this->part}\" says the sizes of its columns many times over. The file is damaged.");
            }
        }

        return $found;
    }

    /** Characters of the default type to px (18.3.1.13). */
    public static function px(float $characters, int $digit): int
    {
        return (int) floor((256 * $characters + floor(128 / $digit)) / 256 * $digit);
    }

    /** @return array{array<int, int>, list<int>} widths by column, hidden columns */
    private function columns(int $digit, int $most): array
    {
        $widths = [];
        $hidden = [];
        foreach ($this->cols() as [$first, $last, $col]) {
            $width = (float) $col->getAttribute('width');
            $isHidden = PackageXml::isOn($col, 'hidden');
            // What reaches to the end of the sheet says how the rest looks, not how wide 16,000 columns are.
            for ($column = $first; $column <= ($isHidden ? $last : min($last, max($most, $first))); $column++) {
                if ($width > 0) {
                    $widths[$column] = self::px(min(255.0, $width), $digit);
                }
                if ($isHidden) {
                    $hidden[] = $column;
                }
            }
        }

        return [$widths, $hidden];
    }

    private function usualWidth(int $digit): int
    {
        $format = $this->element('sheetFormatPr');
        $width = (float) ($format?->getAttribute('defaultColWidth') ?? 0);
        if ($width > 0) {
            return max(1, self::px(min(255.0, $width), $digit));
        }
        $base = (int) ($format?->getAttribute('baseColWidth') ?: 8);

        // Common practice: so many digits and their room, up to the next 8 px.
        return (int) (ceil(($base * $digit + 5) / 8) * 8);
    }

    /** @return list<Range> */
    public function merges(): array
    {
        $cells = $this->element('mergeCells');
        $merges = [];
        foreach ($cells === null ? [] : PackageXml::children($cells, 'mergeCell') as $cell) {
            try {
                $merges[] = Range::parse($cell->getAttribute('ref'));
            } catch (Refusal) {
                // A merge of cells that are none is left where it is.
            }
        }

        return $merges;
    }

    /** The cells that are filtered (18.3.1.2); null for none. */
    public function filter(): ?Range
    {
        try {
            $ref = $this->element('autoFilter')?->getAttribute('ref') ?? '';

            return $ref === '' ? null : Range::parse($ref);
        } catch (Refusal) {
            return null;
        }
    }

    /** @return array{int, int} row and column */
    private static function place(string $address): array
    {
        return preg_match('/^\$?([A-Za-z]{1,3})\$?(\d{1,7})$/', $address, $found) === 1
            ? [Clamp::of((int) $found[2], 1, Address::ROWS), Place::column($found[1])]
            : [1, 1];
    }
}
