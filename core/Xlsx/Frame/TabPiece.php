<?php

declare(strict_types=1);

namespace Rilvet\Xlsx\Frame;

use Rilvet\Package\PackageXml;
use Rilvet\Work\Setup;
use Rilvet\Xlsx\SheetSkeleton;

/** The colour of its tab (18.3.1.93). */
final class TabPiece extends FramePiece
{
    public static function head(SheetSkeleton $frame, Framed $now, Setup $was): bool
    {
        $colour = $now->sheet->setup->tab->colour;
        if ($now->colours?->of($frame->tab()) === $colour) {
            return false;
        }
        $properties = $frame->element('sheetPr') ?? $frame->put('sheetPr');
        $frame->tab()?->remove();
        if ($colour !== null) {
            $tab = PackageXml::made($properties, 'tabColor');
            $tab->setAttribute('rgb', 'FF'.substr($colour, 1));
            $properties->insertBefore($tab, $properties->firstChild);
        }

        return true;
    }
}
