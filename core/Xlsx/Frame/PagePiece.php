<?php

declare(strict_types=1);

namespace Rilvet\Xlsx\Frame;

use Rilvet\Grid\Aspect;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Work\Setup;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\BookSheet;
use Rilvet\Xlsx\PageRewrite;
use Rilvet\Xlsx\PageXml;
use Rilvet\Xlsx\SheetSkeleton;

/** How it goes to paper (18.3.1.61 to 18.3.1.74). */
final class PagePiece extends FramePiece
{
    public static function read(SheetSkeleton $frame, BookSheet $from, Book $book): Aspect
    {
        return new PageSetup(PageXml::of($frame->root)->over($book->printed($from->place)), PageRules::none(),
            PageXml::breaks($frame->root, true), PageXml::breaks($frame->root, false), isOfFile: true);
    }

    public static function head(SheetSkeleton $frame, Framed $now, Setup $was): bool
    {
        return $now->pages !== null && (new PageRewrite($now->pages, $frame))->head();
    }

    public static function tail(SheetSkeleton $frame, Framed $now): bool
    {
        return $now->pages !== null && (new PageRewrite($now->pages, $frame))->tail($frame->isFitted, $now->isNew());
    }
}
