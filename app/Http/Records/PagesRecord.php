<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Bench\PagesOf;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Paper\BandEnd;
use Rilvet\Paper\PageArea;
use Rilvet\Paper\PageBand;
use Rilvet\Paper\PageWords;
use Rilvet\Paper\SheetPages;
use Rilvet\Reading\TableReading;

/** How a sheet goes to paper: what is in force and who says it, and what comes of it. */
final readonly class PagesRecord
{
    /** Breaks that are shown on the Bench. */
    private const ENDS = 20_000;

    /**
     * @param  float  $width  of a page as it lies, px
     * @param  float  $millimetres  of a px on the screen at full size
     * @param  int  $scale  percent
     * @param  float  $text  size of the smallest type on paper, pt
     * @param  string|null  $held  what was asked for and would be too small to read
     * @param  PageRules  $rules  all of them
     * @param  list<string>  $here  rules that this sheet says itself
     * @param  list<string>  $book  rules that its stylebook says, and the sheet does not
     * @param  list<string>  $file  rules that came with the file, and nobody says otherwise
     * @param  int  $breaks  that a person, or the file, made
     * @param  list<int>  $rowEnds  rows after which pages end
     * @param  list<int>  $columnEnds
     * @param  int  $room  px between the margins, for columns at the size that the smallest type allows
     * @param  int  $tableRow  first row of the widest table, which can be made narrower; 0 where there is none
     * @param  string  $fullness  how full the emptiest page is, in words
     */
    private function __construct(
        public int $pages,
        public string $paper,
        public bool $turned,
        public float $width,
        public float $height,
        public float $millimetres,
        public int $scale,
        public float $text,
        public string $turnWords,
        public string $sizeWords,
        public ?string $held,
        public PageRules $rules,
        public array $here,
        public array $book,
        public array $file,
        public int $breaks,
        public array $rowEnds,
        public array $columnEnds,
        public string $fullness,
        public int $room,
        public int $tableRow,
        public int $tableColumn,
    ) {
    }

    public static function of(PagesOf $pages): self
    {
        $layout = $pages->layout;
        $sheet = $pages->sheet();
        $words = new PageWords($sheet, $layout);
        $by = [];
        foreach (array_keys(PageRules::RULES) as $rule) {
            $by[SheetPages::layer($sheet, $rule)][] = $rule;
        }
        $setup = $sheet->aspect(PageSetup::class);
        $tables = $sheet->reading->tables;
        usort($tables, fn (TableReading $one, TableReading $other) => $other->range->columns() <=> $one->range->columns());
        $table = $tables[0] ?? null;

        return new self(
            $layout->pages(), $layout->paper->words(), $layout->isTurned, round($layout->width, 2), round($layout->height, 2), 25.4 / 96,
            (int) round($layout->scale * 100), round($layout->choice->text, 1), $words->turn(), $words->size(), $words->held(),
            $layout->rules->whole(), $by['sheet'] ?? [], $by['stylebook'] ?? [], $by['file'] ?? [],
            count($setup->rows) + count($setup->columns),
            self::ends($layout->areas, fn (PageArea $area) => $area->rows), self::ends($layout->areas,
                fn (PageArea $area) => $area->columns),
            self::fullness($layout->areas),
            (int) floor(($layout->width - $layout->margin('left') - $layout->margin('right')) / ($layout->choice->isHeld()
                ? $layout->scale : 1)),
            $table?->firstBodyRow() ?? 0, $table->range->left ?? 0,
        );
    }

    /**
     * @param  list<PageArea>  $areas
     * @param  callable(PageArea): list<PageBand>  $bands
     * @return list<int>
     */
    private static function ends(array $areas, callable $bands): array
    {
        $ends = [];
        foreach ($areas as $area) {
            foreach ($bands($area) as $band) {
                $band->end === BandEnd::Slice || $ends[$band->last] = $band->last;
            }
        }

        return array_slice(array_values($ends), 0, self::ENDS);
    }

    /** @param  list<PageArea>  $areas */
    private static function fullness(array $areas): string
    {
        $least = 1.0;
        foreach ($areas as $area) {
            foreach (array_slice($area->rows, 0, -1) as $band) {
                $least = min($least, $band->size / max(1.0, $band->room));
            }
        }

        return match (true) {
            $areas === [] => '',
            $least >= 0.75 => 'no page but the last holds less than three quarters',
            $least >= 0.5 => 'no page but the last holds less than a half',
            $least >= 0.25 => 'no page but the last holds less than a quarter',
            default => 'one page holds less than a quarter',
        };
    }
}
