<?php

declare(strict_types=1);

namespace Rilvet\Xlsx\Frame;

use DOMElement;
use Rilvet\Grid\Address;
use Rilvet\Package\PackageXml;
use Rilvet\Work\Opening;
use Rilvet\Work\Setup;
use Rilvet\Xlsx\SheetSkeleton;

/** How it opens: grid lines, zoom, what is frozen and what is in sight (18.3.1.87, 18.3.1.66). */
final class ViewPiece extends FramePiece
{
    public static function head(SheetSkeleton $frame, Framed $now, Setup $was): bool
    {
        [$before, $opening] = [$was->opening, $now->sheet->setup->opening];
        if (self::says($before) === self::says($opening) && ! $now->isFirst) {
            return false;
        }
        $view = $frame->view() ?? self::made($frame);
        $now->isFirst && $view->setAttribute('tabSelected', '1');
        $opening->gridlines ? $view->removeAttribute('showGridLines') : $view->setAttribute('showGridLines', '0');
        if ($before->rightToLeft !== $opening->rightToLeft) {
            $opening->rightToLeft ? $view->setAttribute('rightToLeft', '1') : $view->removeAttribute('rightToLeft');
        }
        if ($before->zoom !== $opening->zoom) {
            $view->setAttribute('zoomScale', (string) $opening->zoom);
            $view->setAttribute('zoomScaleNormal', (string) $opening->zoom);
        }
        if (self::places($before) !== self::places($opening)) {
            self::freeze($view, $opening);
        }

        return true;
    }

    /** @return list<bool|int> */
    private static function says(Opening $opening): array
    {
        return [$opening->gridlines, $opening->zoom, $opening->rightToLeft, ...self::places($opening)];
    }

    /** @return list<int> */
    private static function places(Opening $opening): array
    {
        return [$opening->freezeRow, $opening->freezeColumn, $opening->firstRow, $opening->firstColumn];
    }

    private static function made(SheetSkeleton $frame): DOMElement
    {
        $views = $frame->element('sheetViews') ?? $frame->put('sheetViews');
        $view = PackageXml::made($views, 'sheetView');
        $view->setAttribute('workbookViewId', '0');
        $views->appendChild($view);

        return $view;
    }

    private static function freeze(DOMElement $view, Opening $opening): void
    {
        PackageXml::child($view, 'pane')?->remove();
        foreach (PackageXml::children($view, 'selection') as $selection) {
            $selection->remove();
        }
        $view->removeAttribute('topLeftCell');
        [$rows, $columns] = [$opening->freezeRow, $opening->freezeColumn];
        $first = Address::columnName(max($opening->firstColumn, $columns + 1)).max($opening->firstRow, $rows + 1);
        if ($rows === 0 && $columns === 0) {
            $first === 'A1' || $view->setAttribute('topLeftCell', $first);

            return;
        }
        $where = $rows > 0 && $columns > 0 ? 'bottomRight'
            : ($rows > 0 ? 'bottomLeft' : 'topRight');
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
    }
}
