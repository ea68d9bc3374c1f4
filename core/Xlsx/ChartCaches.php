<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Formula\References;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Package\PackageXml;
use Rilvet\Refusal;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** The values that a chart keeps of its ranges (ISO/IEC 29500-1 21.2.2.123, 21.2.2.199), as the cells hold them now. */
final class ChartCaches
{
    /** Cells of a range up to which its values are kept anew. */
    private const MOST = 20_000;

    /** @var array<string, Worksheet> by name */
    private array $sheets = [];

    public function __construct(Workbook $workbook)
    {
        foreach ($workbook->sheets as $sheet) {
            $this->sheets[$sheet->name] = $sheet;
        }
    }

    /** @return bool whether a value is another one now */
    public function renew(DOMElement $chart): bool
    {
        $changed = false;
        foreach (['numRef' => 'numCache', 'strRef' => 'strCache'] as $ref => $kept) {
            foreach (iterator_to_array($chart->getElementsByTagNameNS('*', $ref)) as $element) {
                $cache = PackageXml::child($element, $kept);
                $formula = PackageXml::child($element, 'f')?->textContent;
                $cells = $cache === null || $formula === null ? null : $this->cells($formula);
                if ($cache !== null && $cells !== null) {
                    $changed = $this->write($cache, $cells, $kept === 'numCache') || $changed;
                }
            }
        }

        return $changed;
    }

    /**
     * @return list<Cell>|null null where the range is no single one, or some of it is hidden: what of it is kept is then up to the
     *     chart
     */
    private function cells(string $formula): ?array
    {
        if (
            preg_match(
                "~^((?:'(?:[^']|'')+'|[^'!(),]+)!)(\\$?[A-Z]{1,3}\\$?\\d+(?::\\$?[A-Z]{1,3}\\$?\\d+)?)$~u",
                trim($formula),
                $found,
            ) !== 1
        ) {
            return null;
        }
        $sheet = $this->sheets[References::plain($found[1])] ?? null;
        try {
            $range = Range::parse(str_replace('$', '', $found[2]));
        } catch (Refusal) {
            return null;
        }
        if ($sheet === null || $range->cells() > self::MOST || ($range->rows() > 1 && $range->columns() > 1)) {
            return null;
        }
        $cells = [];
        for ($column = $range->left; $column <= $range->right; $column++) {
            if ($sheet->setup->sizes->hidesColumn($column)) {
                return null;
            }
        }
        for ($row = $range->top; $row <= $range->bottom; $row++) {
            if ($sheet->setup->sizes->hidesRow($row)) {
                return null;
            }
            for ($column = $range->left; $column <= $range->right; $column++) {
                $cells["$row.$column"] = Cell::blank();
            }
        }
        foreach ($sheet->cells->read($range->top, $range->bottom, $range->left, $range->right) as $row => $line) {
            for ($column = $range->left; $column <= $range->right; $column++) {
                $cells["$row.$column"] = $line[$column - 1] ?? Cell::blank();
            }
        }

        return array_values($cells);
    }

    /** @param  list<Cell>  $cells */
    private function write(DOMElement $cache, array $cells, bool $numbers): bool
    {
        $count = PackageXml::child($cache, 'ptCount');
        $was = [];
        foreach (PackageXml::children($cache, 'pt') as $point) {
            $was[(int) $point->getAttribute('idx')] = PackageXml::child($point, 'v')->textContent ?? '';
        }
        $now = [];
        foreach ($cells as $index => $cell) {
            $text = $numbers
                ? ($cell->number() === null
                    ? null
                    : (string) json_encode($cell->number()))
                : ($cell->isText()
                    ? (string) $cell->value
                    : ($cell->isBlank()
                        ? null
                        : $cell->text()));
            if ($text !== null) {
                $now[$index] = $text;
            }
        }
        $same =
            (int) $count?->getAttribute('val') === count($cells) &&
            array_keys($was) === array_keys($now) &&
            array_filter(
                array_keys($now),
                fn (int $index) => ! self::agree($was[$index], $now[$index], $numbers || ! $cells[$index]->isText()),
            ) === [];
        if ($count === null || $same) {
            return false;
        }
        $count->setAttribute('val', (string) count($cells));
        $more = null;
        foreach (PackageXml::children($cache, 'pt') as $point) {
            $more = $point->nextSibling;
            $point->remove();
        }
        $tree = $cache->ownerDocument;
        assert($tree !== null);
        $name = fn (string $local) => $cache->prefix === '' ? $local : "{$cache->prefix}:$local";
        foreach ($now as $index => $text) {
            $point = $tree->createElementNS((string) $cache->namespaceURI, $name('pt'));
            $value = $tree->createElementNS((string) $cache->namespaceURI, $name('v'));
            assert($point instanceof DOMElement && $value instanceof DOMElement);
            $point->setAttribute('idx', (string) $index);
            $value->textContent = $text;
            $point->appendChild($value);
            $cache->insertBefore($point, $more);
        }

        return true;
    }

    /** A number that stands in a list of texts is kept there as it is shown, which says the same. */
    private static function agree(string $was, string $now, bool $loose): bool
    {
        return $was === $now ||
            ($loose && (! is_numeric($was) || ! is_numeric($now) || abs((float) $was - (float) $now) <= 1e-12 * abs((float) $now)));
    }
}
