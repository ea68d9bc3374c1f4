<?php

declare(strict_types=1);

namespace Rilvet\Xlsx\Frame;

use Rilvet\Grid\Aspect;
use Rilvet\Guard\Protection;
use Rilvet\Package\PackageXml;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\BookSheet;
use Rilvet\Xlsx\ProtectionXml;
use Rilvet\Xlsx\SheetSkeleton;

/** How it is protected (18.3.1.85). */
final class ProtectionPiece extends FramePiece
{
    public static function read(SheetSkeleton $frame, BookSheet $from, Book $book): Aspect
    {
        return ProtectionXml::of($frame->element('sheetProtection'));
    }

    public static function tail(SheetSkeleton $frame, Framed $now): bool
    {
        $element = $frame->element('sheetProtection');
        $was = PackageXml::isOn($element, 'sheet');
        $is = $now->sheet->setup->tab->protected;
        $protection = $now->sheet->aspect(Protection::class);
        if ($is === $was && (! $is || ! $protection->isSaid || $protection->isAs(ProtectionXml::of($element)))) {
            return false;
        }
        if (! $is) {
            $element?->remove();

            return true;
        }
        ProtectionXml::on($element ?? $frame->put('sheetProtection'), $protection);

        return true;
    }
}
