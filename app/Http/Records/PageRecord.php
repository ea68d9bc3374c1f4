<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Bench\PagesOf;
use Rilvet\Paper\PageSpot;
use Rilvet\Paper\PageWords;

/** One page as it will print. */
final readonly class PageRecord
{
    /** @param  string  $svg  the page itself */
    private function __construct(
        public int $number,
        public string $place,
        public string $svg,
        public ?PageEndRecord $down,
        public ?PageEndRecord $across,
    ) {
    }

    public static function of(PagesOf $pages, PageSpot $page): self
    {
        $words = new PageWords($pages->sheet(), $pages->layout);
        $frame = $pages->painter->frame($page);
        $sizes = $pages->sheet()->setup->sizes;
        $scale = $pages->layout->scale;
        $isMirrored = $pages->sheet()->setup->opening->rightToLeft;
        $area = $pages->layout->areas[$page->area];

        return new self(
            $page->number, $words->place($page), $pages->svg($page),
            PageEndRecord::of($words, $page->rows, true, $frame->top + $frame->letters + $frame->heads, $scale, $sizes->heightOf(...),
                $page->rows->last >= $area->range->bottom),
            // Columns that run from the right are not dragged.
            $isMirrored ? null : PageEndRecord::of($words, $page->columns, false, $frame->left + $frame->numbers + $frame->labels, $scale,
                $sizes->widthOf(...), $page->columns->last >= $area->range->right),
        );
    }
}
