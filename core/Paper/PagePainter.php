<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Condition\Around;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Look\LookBook;
use Rilvet\Page\HeadFoot;
use Rilvet\Text\Fonts;
use Rilvet\Work\Worksheet;

/** Draws the pages of a sheet, each by itself: cells with what is repeated beside and above them, page colour, head and foot. */
final class PagePainter
{
    /** Type of head and foot where the stylebook names none, px. */
    private const SMALL = 12.0;

    /** Height of the band along the head of a page, mm. */
    private const BAND = 4.0;

    private const QUIET = '#6B6273';

    private readonly BlockPainter $blocks;

    private readonly TextStyle $small;

    public function __construct(
        private readonly Worksheet $sheet,
        LookBook $looks,
        private readonly Fonts $fonts,
        bool $from1904,
        ?Around $around,
        private readonly PageLayout $layout,
    ) {
        $this->blocks = new BlockPainter($sheet, $looks, $fonts, $from1904, $around, $layout->rules);
        $ground = $sheet->stylebook?->ground;
        $family = $fonts->drawnAs($ground === null ? '' : $ground->text(\Rilvet\Look\Attribute::Font));
        $this->small = new TextStyle($family, false, false, self::SMALL, $layout->rules->flag('mono') ? '#000000' : self::QUIET);
    }

    /**
     * @param  array<string, string>  $fields  what fields of head and foot stand for
     * @param  bool  $isFirst  it is the first page of what is printed
     */
    public function paint(PageSpot $page, Canvas $canvas, array $fields, bool $isFirst): void
    {
        $rules = $this->layout->rules;
        [$width, $height] = [$this->layout->width, $this->layout->height];
        $colour = $rules->flag('mono') ? 'none' : $rules->text('colour');
        $colour === 'none' || $canvas->fill(0, 0, $width, $height, $colour);
        $band = $rules->flag('mono') ? 'none' : $rules->text('band');
        $band === 'none' || $canvas->fill(0, 0, $width, self::BAND * PageLayout::MM, $band);
        $this->cells($canvas, $page);
        $this->edges($canvas, $fields, $isFirst, $page->number % 2 === 0);
    }

    private function cells(Canvas $canvas, PageSpot $page): void
    {
        $frame = $this->frame($page);
        $scale = $this->layout->scale;
        [$rows, $columns] = [$page->rows, $page->columns];
        // What goes on from the page before, or reaches over its neighbours, is seen only within its page.
        $isLast = $columns->last === $this->layout->areas[$page->area]->range->right;
        $beyond = $isLast ? max(0.0, $this->layout->width - $this->layout->margin('right') - $frame->left - $frame->across) : 0.0;
        $canvas->clip($frame->left - 2, $frame->top - 2, $frame->across + $beyond + 4, $frame->down + 4);
        if ($rows->repeated !== null) {
            [$first, $last] = $rows->repeated;
            $this->blocks->draw($canvas, $this->beside($columns, $first, $last, $frame, $frame->top + $frame->letters, 0.0), $scale, null,
                $beyond);
        }
        $isSliced = $rows->skip > 0 || $columns->skip > 0;
        $top = $frame->top + $frame->letters + $frame->heads;
        $clips = $rows->skip > 0 || $rows->end === BandEnd::Slice || $columns->skip > 0;
        $aside = $columns->skip > 0 ? $frame->numbers + $frame->labels : 0.0;
        $clips && $canvas->clip($frame->left + $aside, $top, $frame->across, $rows->size * $scale);
        $this->blocks->draw($canvas, $this->beside($columns, $rows->first, $rows->last, $frame, $top, $rows->skip), $scale,
            $isSliced ? null : "$page->area.{$columns->first}", $beyond);
        $clips && $canvas->leave();
        $this->layout->rules->flag('numbers') && $this->numbers($canvas, $page, $frame);
        $canvas->leave();
    }

    /** Where the cells of a page stand on it. */
    public function frame(PageSpot $page): PageFrame
    {
        return PageFrame::of($this->layout, $this->sheet->setup->sizes, $page);
    }

    /** @return list<array{Range, Box}> labels that are repeated, and the columns of the page */
    private function beside(PageBand $columns, int $first, int $last, PageFrame $frame, float $y, float $skip): array
    {
        $sizes = $this->sheet->setup->sizes;
        $scale = $this->layout->scale;
        $height = 0.0;
        for ($row = $first; $row <= $last; $row++) {
            $height += $sizes->heightOf($row) * $scale;
        }
        $isMirrored = $this->sheet->setup->opening->rightToLeft;
        $y -= $skip * $scale;
        $own = 0.0;
        for ($column = $columns->first; $column <= $columns->last; $column++) {
            $own += $sizes->widthOf($column) * $scale;
        }
        $cells = $isMirrored ? $frame->left + $frame->across - $frame->numbers - $frame->labels - $own + $columns->skip * $scale
            : $frame->left + $frame->numbers + $frame->labels - $columns->skip * $scale;
        $blocks = [[Range::of($first, $columns->first, $last, $columns->last), new Box($cells, $y, $own, $height)]];
        if ($columns->repeated !== null) {
            $labels = $isMirrored ? $frame->left + $frame->across - $frame->numbers - $frame->labels : $frame->left + $frame->numbers;
            array_unshift($blocks, [Range::of($first, $columns->repeated[0], $last, $columns->repeated[1]),
                new Box($labels, $y, $frame->labels, $height)]);
        }

        return $blocks;
    }

    /** Numbers of rows at the side, letters of columns above. */
    private function numbers(Canvas $canvas, PageSpot $page, PageFrame $frame): void
    {
        $sizes = $this->sheet->setup->sizes;
        $scale = $this->layout->scale;
        $style = new TextStyle($this->small->family, false, false, 9 * max(0.6, $scale), self::QUIET);
        $face = $this->fonts->face($style->family);
        $write = fn (string $text, float $middle, float $baseline) => $canvas->text(
            $middle - $face->advances($text, $style->size) / 2, $baseline, $text, $style);
        $isMirrored = $this->sheet->setup->opening->rightToLeft;
        // From the side where column A stands.
        $across = fn (float $from) => $isMirrored ? $frame->left + $frame->across - $from : $frame->left + $from;
        $y = $frame->top + $frame->letters;
        foreach ([$page->rows->repeated, [$page->rows->first, $page->rows->last]] as $stretch) {
            for ($row = $stretch[0] ?? 1; $row <= ($stretch[1] ?? 0); $row++) {
                $height = $sizes->heightOf($row) * $scale;
                $middle = $y + ($height + $style->size * 0.7) / 2;
                $height > $style->size && $write((string) $row, $across($frame->numbers / 2), $middle);
                $y += $height;
            }
        }
        $x = $frame->numbers;
        foreach ([$page->columns->repeated, [$page->columns->first, $page->columns->last]] as $stretch) {
            for ($column = $stretch[0] ?? 1; $column <= ($stretch[1] ?? 0); $column++) {
                $width = $sizes->widthOf($column) * $scale;
                $width > 6 && $write(Address::columnName($column), $across($x + $width / 2), $frame->top + $frame->letters * 0.7);
                $x += $width;
            }
        }
    }

    /** @param  array<string, string>  $fields */
    private function edges(Canvas $canvas, array $fields, bool $isFirst, bool $isEven): void
    {
        $face = $this->fonts->face($this->small->family);
        $line = $face->lineHeight(self::SMALL);
        foreach (['header' => true, 'footer' => false] as $name => $isHead) {
            $texts = array_map(fn (string $text) => explode("\n", $text), $this->said($name, $isFirst, $isEven)->filled($fields));
            foreach ($texts as $place => $lines) {
                $y = $isHead ? $this->layout->margin('head')
                    : $this->layout->height - $this->layout->margin('foot') - count($lines) * $line;
                foreach ($lines as $at => $text) {
                    $width = $face->advances($text, self::SMALL);
                    $right = $this->layout->width - $this->layout->margin('right');
                    $x = match ($place) {
                        'left' => $this->layout->margin('left'),
                        'right' => $right - $width,
                        default => ($this->layout->margin('left') + $right - $width) / 2,
                    };
                    $text === '' || $canvas->text($x, $y + $at * $line + $face->baseline(self::SMALL), $text, $this->small);
                }
            }
        }
    }

    private function said(string $name, bool $isFirst, bool $isEven): HeadFoot
    {
        $rules = $this->layout->rules;
        $other = ($isFirst ? 'first' : 'even').ucfirst($name);

        return ($isFirst || $isEven) && $rules->has($other) ? $rules->places($other) : $rules->places($name);
    }
}
