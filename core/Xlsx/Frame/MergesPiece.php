<?php

declare(strict_types=1);

namespace Rilvet\Xlsx\Frame;

use Rilvet\Package\PackageXml;
use Rilvet\Xlsx\SheetSkeleton;

/** Merged cells (18.3.1.55). */
final class MergesPiece extends FramePiece
{
    public static function tail(SheetSkeleton $frame, Framed $now): bool
    {
        $texts = array_map(strval(...), $now->sheet->setup->merges);
        $was = array_map(strval(...), $frame->merges());
        if (array_diff($texts, $was) === [] && array_diff($was, $texts) === []) {
            return false;
        }
        $cells = $frame->element('mergeCells');
        if ($texts === []) {
            $cells?->remove();

            return true;
        }
        $cells ??= $frame->put('mergeCells');
        foreach (PackageXml::children($cells, 'mergeCell') as $cell) {
            $cell->remove();
        }
        $frame->fill($cells, implode('', array_map(fn (string $text) => "<mergeCell ref=\"$text\"/>", $texts)));
        $cells->setAttribute('count', (string) count($texts));

        return true;
    }
}
