<?php

declare(strict_types=1);

namespace Rilvet\Xlsx\Frame;

use DOMElement;
use Rilvet\Grid\Address;
use Rilvet\Package\PackageXml;
use Rilvet\Work\Setup;
use Rilvet\Xlsx\SheetFrame;
use Rilvet\Xlsx\SheetSkeleton;

/** Widths and usual heights, what is hidden, and what whole columns wear (18.3.1.17, 18.3.1.81). */
final class SizesPiece extends FramePiece
{
    public static function head(SheetSkeleton $frame, Framed $now, Setup $was): bool
    {
        $setup = $now->sheet->setup;
        $isOther = $was->sizes->height !== $setup->sizes->height || $was->sizes->width !== $setup->sizes->width;
        if ($isOther) {
            $format = $frame->element('sheetFormatPr') ?? $frame->put('sheetFormatPr');
            $format->setAttribute('defaultRowHeight', (string) round($setup->sizes->height * 72 / 96, 2));
            $was->sizes->height === $setup->sizes->height || $format->setAttribute('customHeight', '1');
            $was->sizes->width === $setup->sizes->width ||
                $format->setAttribute('defaultColWidth', (string) SheetFrame::characters($setup->sizes->width, $now->digit));
        }

        return self::columns($frame, $was, $setup, $now->digit, $now->formats) || $isOther;
    }

    /** @param  array<int, int>  $formats */
    private static function columns(SheetSkeleton $frame, Setup $was, Setup $setup, int $digit, array $formats): bool
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
        $cols = $frame->element('cols') ?? $frame->put('cols');
        $pieces = [];
        $next = 1;
        foreach ([...$frame->cols(), [Address::COLUMNS + 1, Address::COLUMNS + 1, null]] as [$first, $last, $col]) {
            // Columns between two elements, and those inside of one, that are set otherwise now.
            foreach (array_keys($changed) as $column) {
                if ($column >= $next && $column < $first) {
                    $pieces[] = [$column, $column, self::column(null, $cols, $column, $setup, $digit, $formats)];
                }
            }
            if ($col === null) {
                break;
            }
            $from = $first;
            foreach (array_keys($changed) as $column) {
                if ($column >= $first && $column <= $last) {
                    $from < $column && $pieces[] = [$from, $column - 1, $col->cloneNode()];
                    $pieces[] = [$column, $column, self::column($col, $cols, $column, $setup, $digit, $formats)];
                    $from = $column + 1;
                }
            }
            $from <= $last && $pieces[] = [$from, $last, $col->cloneNode()];
            $next = $last + 1;
        }
        foreach (PackageXml::children($cols, 'col') as $col) {
            $col->remove();
        }
        self::join($cols, $pieces);

        return true;
    }

    /** @param  array<int, int>  $formats */
    private static function column(?DOMElement $col, DOMElement $cols, int $column, Setup $setup, int $digit, array $formats): DOMElement
    {
        $made = $col === null ? PackageXml::made($cols, 'col') : $col->cloneNode();
        assert($made instanceof DOMElement);
        $made->setAttribute('width', (string) SheetFrame::characters($setup->sizes->widths[$column] ?? $setup->sizes->width, $digit));
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
    private static function join(DOMElement $cols, array $pieces): void
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
}
