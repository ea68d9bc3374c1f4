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
        $changed = array_keys($changed);
        $cols = $frame->element('cols') ?? $frame->put('cols');
        $pieces = [];
        $at = 0;
        foreach ([...$frame->cols(), [Address::COLUMNS + 1, Address::COLUMNS + 1, null]] as [$first, $last, $there]) {
            // Elements of a damaged file may reach over the same columns: all of them say what is set.
            for (; $at > 0 && $changed[$at - 1] >= $first; $at--);
            // Columns between two elements, and those inside of one, that are set otherwise now.
            for (; ($changed[$at] ?? $first) < $first; $at++) {
                $col = PackageXml::made($cols, 'col');
                $pieces[] = [$changed[$at], $changed[$at], self::set($col, $changed[$at], $setup, $digit, $formats)];
            }
            if ($there === null) {
                break;
            }
            $isOne = $first === $last;
            for (; ($changed[$at] ?? $last + 1) <= $last; $at++) {
                $column = $changed[$at];
                $first < $column && $pieces[] = [$first, $column - 1, self::another($there)];
                $pieces[] = [$column, $column, self::set($isOne ? $there : self::another($there), $column, $setup, $digit, $formats)];
                $first = $column + 1;
            }
            $first <= $last && $pieces[] = [$first, $last, $there];
        }
        foreach (PackageXml::children($cols, 'col') as $col) {
            $col->remove();
        }
        self::join($cols, $pieces);

        return true;
    }

    /** @param  array<int, int>  $formats */
    private static function set(DOMElement $col, int $column, Setup $setup, int $digit, array $formats): DOMElement
    {
        $col->setAttribute('width', (string) SheetFrame::characters($setup->sizes->widths[$column] ?? $setup->sizes->width, $digit));
        $col->setAttribute('customWidth', '1');
        $col->removeAttribute('bestFit');
        $setup->sizes->hidesColumn($column) ? $col->setAttribute('hidden', '1') : $col->removeAttribute('hidden');
        if (isset($formats[$column])) {
            $formats[$column] === 0 ? $col->removeAttribute('style') : $col->setAttribute('style', (string) $formats[$column]);
        }

        return $col;
    }

    private static function another(DOMElement $col): DOMElement
    {
        $another = $col->cloneNode();
        assert($another instanceof DOMElement);

        return $another;
    }

    /**
     * Columns beside each other that say the same are one element.
     *
     * @param  list<array{int, int, DOMElement}>  $pieces
     */
    private static function join(DOMElement $cols, array $pieces): void
    {
        $open = null;
        $key = '';
        foreach ($pieces as [$first, $last, $col]) {
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
