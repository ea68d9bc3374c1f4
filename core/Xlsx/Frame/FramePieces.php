<?php

declare(strict_types=1);

namespace Rilvet\Xlsx\Frame;

use Rilvet\Grid\Aspect;
use Rilvet\Work\Setup;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\BookSheet;
use Rilvet\Xlsx\SheetSkeleton;

/** The one list of what is read and written around the rows of a worksheet. */
final class FramePieces
{
    /** @var list<class-string<FramePiece>> those that say where a sheet may be written to go first */
    private const ALL = [
        TabPiece::class, ViewPiece::class, SizesPiece::class, ProtectionPiece::class, MergesPiece::class, ConditionsPiece::class,
        EntriesPiece::class, PagePiece::class, TablesPiece::class,
    ];

    /** @return list<Aspect> */
    public static function read(SheetSkeleton $frame, BookSheet $from, Book $book): array
    {
        $aspects = array_map(fn (string $piece) => $piece::read($frame, $from, $book), self::ALL);

        return array_values(array_filter($aspects));
    }

    public static function head(SheetSkeleton $frame, Framed $now, Setup $was): bool
    {
        $changed = array_map(fn (string $piece) => $piece::head($frame, $now, $was), self::ALL);

        return in_array(true, $changed, true);
    }

    public static function tail(SheetSkeleton $frame, Framed $now): bool
    {
        $changed = array_map(fn (string $piece) => $piece::tail($frame, $now), self::ALL);

        return in_array(true, $changed, true);
    }
}
