<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Look\LookBook;
use Rilvet\Page\Exception\PageIsWrong;
use Rilvet\Page\PageRules;
use Rilvet\Page\PaperSize;
use Rilvet\Work\Worksheet;

/** How a sheet stands on pages: paper, scale, and what each page holds. Lengths on the page are px at 96 dpi. */
final readonly class PageLayout
{
    /** px a mm. */
    public const MM = 96 / 25.4;

    /**
     * @param  float  $width  of the page as it lies, px
     * @param  float  $scale  of the sheet on it, 1 for its own size
     * @param  list<PageArea>  $areas
     * @param  Choice  $choice  why it lies so, and is so large
     */
    private function __construct(
        public PageRules $rules,
        public PaperSize $paper,
        public bool $isTurned,
        public float $width,
        public float $height,
        public float $scale,
        public array $areas,
        public Choice $choice,
    ) {
    }

    /** @throws PageIsWrong where the margins leave no room */
    public static function of(Worksheet $sheet, LookBook $looks): self
    {
        $rules = SheetPages::rules($sheet);
        $paper = PaperSize::of($rules->text('paper'));
        $fitting = new Fitting(new SheetPages($sheet, $rules, $looks), $rules, $paper);
        $choice = $fitting->best();
        [$width, $height] = Fitting::lying($paper, $choice->isTurned);

        return new self($rules, $paper, $choice->isTurned, $width, $height, $choice->scale, $choice->areas, $choice);
    }

    public function pages(): int
    {
        return $this->choice->pages();
    }

    /** @throws PageIsWrong where there is no such page */
    public function page(int $number): PageSpot
    {
        $at = $number - 1;
        foreach ($this->areas as $index => $area) {
            $pages = $area->pages();
            if ($at >= 0 && $at < $pages) {
                [$rows, $columns] = [count($area->rows), count($area->columns)];

                return $this->rules->text('order') === 'across'
                    ? new PageSpot($number, $index, $area->rows[intdiv($at, $columns)], $area->columns[$at % $columns])
                    : new PageSpot($number, $index, $area->rows[$at % $rows], $area->columns[intdiv($at, $rows)]);
            }
            $at -= $pages;
        }
        throw PageIsWrong::noPage($number, $this->pages());
    }

    /** The margin at a side, px. */
    public function margin(string $side): float
    {
        return $this->rules->number($side) * self::MM;
    }
}
