<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Grid\Address;
use Rilvet\Guard\Protection;
use Rilvet\Measure\Length;
use Rilvet\Package\PackageXml;
use Rilvet\Paper\Printed;
use Rilvet\Work\Setup;
use Rilvet\Work\Worksheet;

/** Writes what stands around the rows of a worksheet: only what is set otherwise than it was, all else as it is. */
final class SheetFrame
{
    /** Order of what may stand before the rows, and after them (ISO/IEC 29500-1 18.3.1.99). */
    public const ORDER = [
        'sheetPr',
        'dimension',
        'sheetViews',
        'sheetFormatPr',
        'cols',
        'sheetData',
        'sheetCalcPr',
        'sheetProtection',
        'protectedRanges',
        'scenarios',
        'autoFilter',
        'sortState',
        'dataConsolidate',
        'customSheetViews',
        'mergeCells',
    ];

    private const AFTER = [
        'phoneticPr', 'conditionalFormatting', 'dataValidations', 'hyperlinks', 'printOptions', 'pageMargins', 'pageSetup', 'headerFooter',
        'rowBreaks', 'colBreaks',
    ];

    public function __construct(
        private readonly string $part,
        private readonly Book $book,
        private readonly Moves $moves,
        private readonly NamedPlaces $places,
        private readonly ?Printed $pages = null,
    ) {
    }

    /**
     * @param  array<int, int>  $formats  of whole columns that wear another one now, by column
     */
    public function head(SheetSkeleton $skeleton, string $head, Setup $setup, int $columns, array $formats): string
    {
        $digit = $this->book->digit();
        $was = $skeleton->setup($digit, $columns, [], [], $setup->tab->state);
        $colour = $this->book->colours->of($skeleton->tab());
        $changed = $this->tab($skeleton, $colour, $setup->tab->colour);
        $changed = $this->view($skeleton, $was, $setup) || $changed;
        if ($was->sizes->height !== $setup->sizes->height || $was->sizes->width !== $setup->sizes->width) {
            $format = $skeleton->element('sheetFormatPr') ?? $this->put($skeleton->root, 'sheetFormatPr');
            $format->setAttribute('defaultRowHeight', (string) round($setup->sizes->height * 72 / 96, 2));
            $was->sizes->height === $setup->sizes->height || $format->setAttribute('customHeight', '1');
            $was->sizes->width === $setup->sizes->width ||
                $format->setAttribute('defaultColWidth', (string) self::characters($setup->sizes->width, $digit));
            $changed = true;
        }
        $changed = $this->columns($skeleton, $was, $setup, $digit, $formats) || $changed;
        if (! $this->moves->isEmpty()) {
            // What reaches over all that is used is only a hint (18.3.1.35), and selections go along.
            $skeleton->element('dimension')?->remove();
            $this->moves->on($skeleton->root);
            $changed = true;
        }
        $changed = $this->places->on($skeleton->root) || $changed;
        $changed = $this->pages !== null && (new PageRewrite($this->pages, $this->put(...)))->head($skeleton->root) || $changed;
        if (! $changed) {
            return $head;
        }
        $xml = (string) $skeleton->tree->saveXML();
        $end = strpos($xml, '<sheetData/>');

        return substr($xml, 0, (int) $end).'<sheetData>';
    }

    /**
     * @param  string  $root  start tag of the worksheet
     * @param  bool  $isFitted  the part scales its sheet to pages
     */
    public function tail(string $tail, string $root, Worksheet $sheet, ?ConditionsRewrite $conditions = null,
        bool $isFitted = false): string
    {
        $skeleton = new SheetSkeleton("$root<sheetData>", $tail, $this->part);
        $texts = array_map(strval(...), $sheet->setup->merges);
        $was = array_map(strval(...), $skeleton->setup(7, 0, [], [], 'visible')->merges);
        $named = $this->moves->isEmpty() && $this->places->on($skeleton->root);
        $isMerged = array_diff($texts, $was) !== [] || array_diff($was, $texts) !== [];
        $this->moves->isEmpty() || $this->moves->on($skeleton->root);
        $isConditioned = $conditions?->on($skeleton->root) === true;
        $isChecked = (new EntriesRewrite($sheet))->on($skeleton->root);
        $isGuarded = $this->guard($skeleton, $sheet);
        $isPaged = $this->pages !== null && (new PageRewrite($this->pages, $this->put(...)))->tail($skeleton->root, $isFitted);
        if (! $isMerged && $this->moves->isEmpty() && ! $named && ! $isConditioned && ! $isChecked && ! $isGuarded && ! $isPaged) {
            return $tail;
        }
        $cells = $skeleton->element('mergeCells');
        if ($texts === []) {
            $cells?->remove();
        } else {
            $cells ??= $this->put($skeleton->root, 'mergeCells');
            foreach (PackageXml::children($cells, 'mergeCell') as $cell) {
                $cell->remove();
            }
            foreach ($texts as $text) {
                $cell = PackageXml::made($cells, 'mergeCell');
                $cell->setAttribute('ref', $text);
                $cells->appendChild($cell);
            }
            $cells->setAttribute('count', (string) count($texts));
        }
        $xml = (string) $skeleton->tree->saveXML();

        return '</sheetData>'.substr($xml, (int) strpos($xml, '<sheetData/>') + 12);
    }

    /** How the sheet is protected, where that is otherwise than the file says. */
    private function guard(SheetSkeleton $skeleton, Worksheet $sheet): bool
    {
        $element = $skeleton->element('sheetProtection');
        $was = $element !== null && in_array($element->getAttribute('sheet'), ['1', 'true'], true);
        $is = $sheet->setup->tab->protected;
        $protection = $sheet->aspect(Protection::class);
        if ($is === $was && (! $is || ! $protection->isSaid || $protection->isAs(ProtectionXml::of($element)))) {
            return false;
        }
        if (! $is) {
            $element?->remove();

            return true;
        }
        ProtectionXml::on($element ?? $this->put($skeleton->root, 'sheetProtection'), $protection);

        return true;
    }

    private function tab(SheetSkeleton $skeleton, ?string $was, ?string $colour): bool
    {
        if ($was === $colour) {
            return false;
        }
        $properties = $skeleton->element('sheetPr') ?? $this->put($skeleton->root, 'sheetPr');
        $skeleton->tab()?->remove();
        if ($colour !== null) {
            $tab = PackageXml::made($properties, 'tabColor');
            $tab->setAttribute('rgb', 'FF'.substr($colour, 1));
            $properties->insertBefore($tab, $properties->firstChild);
        }

        return true;
    }

    private function view(SheetSkeleton $skeleton, Setup $was, Setup $setup): bool
    {
        $opens = fn (Setup $each) => [
            $each->opening->gridlines, $each->opening->zoom, $each->opening->freezeRow, $each->opening->freezeColumn,
            $each->opening->firstRow, $each->opening->firstColumn,
        ];
        if ($opens($was) === $opens($setup)) {
            return false;
        }
        $view = $skeleton->view();
        if ($view === null) {
            $views = $skeleton->element('sheetViews') ?? $this->put($skeleton->root, 'sheetViews');
            $view = PackageXml::made($views, 'sheetView');
            $view->setAttribute('workbookViewId', '0');
            $views->appendChild($view);
        }
        $setup->opening->gridlines ? $view->removeAttribute('showGridLines') : $view->setAttribute('showGridLines', '0');
        if ($was->opening->zoom !== $setup->opening->zoom) {
            $view->setAttribute('zoomScale', (string) $setup->opening->zoom);
            $view->setAttribute('zoomScaleNormal', (string) $setup->opening->zoom);
        }
        if (array_slice($opens($was), 2) === array_slice($opens($setup), 2)) {
            return true;
        }
        PackageXml::child($view, 'pane')?->remove();
        foreach (PackageXml::children($view, 'selection') as $selection) {
            $selection->remove();
        }
        $view->removeAttribute('topLeftCell');
        [$rows, $columns] = [$setup->opening->freezeRow, $setup->opening->freezeColumn];
        $first = Address::columnName(max($setup->opening->firstColumn, $columns + 1)).max($setup->opening->firstRow, $rows + 1);
        if ($rows === 0 && $columns === 0) {
            $first === 'A1' || $view->setAttribute('topLeftCell', $first);

            return true;
        }
        $where = $rows > 0 && $columns > 0 ? 'bottomRight' : ($rows > 0 ? 'bottomLeft' : 'topRight');
        $pane = PackageXml::made($view, 'pane');
        $columns > 0 && $pane->setAttribute('xSplit', (string) $columns);
        $rows > 0 && $pane->setAttribute('ySplit', (string) $rows);
        foreach (['topLeftCell' => $first, 'activePane' => $where, 'state' => 'frozen'] as $name => $value) {
            $pane->setAttribute($name, $value);
        }
        $selection = PackageXml::made($view, 'selection');
        $selection->setAttribute('pane', $where);
        $view->insertBefore($selection, $view->firstChild);
        $view->insertBefore($pane, $selection);

        return true;
    }

    /** @param  array<int, int>  $formats */
    private function columns(SheetSkeleton $skeleton, Setup $was, Setup $setup, int $digit, array $formats): bool
    {
        $changed = [];
        foreach (
            array_keys(
                $was->sizes->widths +
                    $setup->sizes->widths +
                    array_flip($was->sizes->hiddenColumns) +
                    array_flip($setup->sizes->hiddenColumns) +
                    $formats,
            ) as $column
        ) {
            $same =
                ($was->sizes->widths[$column] ?? $was->sizes->width) === ($setup->sizes->widths[$column] ?? $setup->sizes->width) &&
                $was->sizes->hidesColumn($column) === $setup->sizes->hidesColumn($column) &&
                ! isset($formats[$column]);
            if (! $same) {
                $changed[$column] = true;
            }
        }
        if ($changed === []) {
            return false;
        }
        ksort($changed);
        $cols = $skeleton->element('cols') ?? $this->put($skeleton->root, 'cols');
        $pieces = [];
        $next = 1;
        foreach ([...$skeleton->cols(), [Address::COLUMNS + 1, Address::COLUMNS + 1, null]] as [$first, $last, $col]) {
            // Columns between two elements, and those inside of one, that are set otherwise now.
            foreach (array_keys($changed) as $column) {
                if ($column >= $next && $column < $first) {
                    $pieces[] = [$column, $column, $this->column(null, $cols, $column, $setup, $digit, $formats)];
                }
            }
            if ($col === null) {
                break;
            }
            $from = $first;
            foreach (array_keys($changed) as $column) {
                if ($column >= $first && $column <= $last) {
                    $from < $column && $pieces[] = [$from, $column - 1, $col->cloneNode()];
                    $pieces[] = [$column, $column, $this->column($col, $cols, $column, $setup, $digit, $formats)];
                    $from = $column + 1;
                }
            }
            $from <= $last && $pieces[] = [$from, $last, $col->cloneNode()];
            $next = $last + 1;
        }
        foreach (PackageXml::children($cols, 'col') as $col) {
            $col->remove();
        }
        $this->join($cols, $pieces);

        return true;
    }

    /** @param  array<int, int>  $formats */
    private function column(?DOMElement $col, DOMElement $cols, int $column, Setup $setup, int $digit, array $formats): DOMElement
    {
        $made = $col === null ? PackageXml::made($cols, 'col') : $col->cloneNode();
        assert($made instanceof DOMElement);
        $made->setAttribute('width', (string) self::characters($setup->sizes->widths[$column] ?? $setup->sizes->width, $digit));
        $made->setAttribute('customWidth', '1');
        $made->removeAttribute('bestFit');
        $setup->sizes->hidesColumn($column) ? $made->setAttribute('hidden', '1') : $made->removeAttribute('hidden');
        if (isset($formats[$column])) {
            $formats[$column] === 0 ? $made->removeAttribute('style') : $made->setAttribute('style', (string) $formats[$column]);
        }

        return $made;
    }

    /**
     * Columns beside each other that say the same are one element.
     *
     * @param  list<array{int, int, \DOMNode}>  $pieces
     */
    private function join(DOMElement $cols, array $pieces): void
    {
        $open = null;
        $key = '';
        foreach ($pieces as [$first, $last, $col]) {
            assert($col instanceof DOMElement);
            $col->setAttribute('min', '1');
            $col->setAttribute('max', '1');
            $now = (string) $col->ownerDocument?->saveXML($col);
            if ($open !== null && $now === $key && (int) $open->getAttribute('max') === $first - 1) {
                $open->setAttribute('max', (string) $last);

                continue;
            }
            $col->setAttribute('min', (string) $first);
            $col->setAttribute('max', (string) $last);
            $cols->appendChild($col);
            [$open, $key] = [$col, $now];
        }
    }

    /** An element at the place that the standard gives it. */
    private function put(DOMElement $root, string $name): DOMElement
    {
        $element = PackageXml::made($root, $name);
        $order = [...self::ORDER, ...self::AFTER];
        $earlier = array_slice($order, 0, (int) array_search($name, $order, true));
        foreach ($root->childNodes as $child) {
            if ($child instanceof DOMElement && ! in_array($child->localName, $earlier, true)) {
                $root->insertBefore($element, $child);

                return $element;
            }
        }
        $root->appendChild($element);

        return $element;
    }

    /** Characters of the default type, truncated to 1/256 (18.3.1.13), as many as the format takes. */
    public static function characters(int $px, int $digit): float
    {
        return min(Length::CHARACTERS, floor($px / $digit * 256) / 256);
    }
}
