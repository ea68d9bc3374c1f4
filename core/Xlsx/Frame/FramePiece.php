<?php

declare(strict_types=1);

namespace Rilvet\Xlsx\Frame;

use Rilvet\Grid\Aspect;
use Rilvet\Work\Setup;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\BookSheet;
use Rilvet\Xlsx\SheetSkeleton;

/**
 * One of the things that stand around the rows of a worksheet (ISO/IEC 29500-1 18.3.1.99): how it is read, and how it is
 * written into a frame that is there. A new sheet is written into a blank one. To add one is to write its class here and to
 * name it in {@see FramePieces}.
 */
abstract class FramePiece
{
    /** What it says of a sheet that is brought in; null where that is no aspect of its own. */
    public static function read(SheetSkeleton $frame, BookSheet $from, Book $book): ?Aspect
    {
        return null;
    }

    /**
     * Writes what stands before the rows, where it is otherwise than the frame says.
     *
     * @param  Setup  $was  what the frame says
     * @return bool whether anything was written
     */
    public static function head(SheetSkeleton $frame, Framed $now, Setup $was): bool
    {
        return false;
    }

    /**
     * The same for what stands after the rows.
     *
     * @return bool whether anything was written
     */
    public static function tail(SheetSkeleton $frame, Framed $now): bool
    {
        return false;
    }
}
