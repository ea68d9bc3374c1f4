<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Grid\Address;
use Rilvet\Work\Worksheet;

/** Why pages lie, are as large, and end as they do, in words. */
final readonly class PageWords
{
    /** Rows of a page that are looked at for the name of a group. */
    private const CELLS = 40;

    public function __construct(private Worksheet $sheet, private PageLayout $layout)
    {
    }

    public function turn(): string
    {
        $columns = max([0, ...array_map(fn (PageArea $area) => $area->range->columns(), $this->layout->areas)]);
        $many = "$columns ".($columns === 1 ? 'column' : 'columns');

        return match (true) {
            $this->layout->areas === [] => 'nothing stands on this sheet',
            ! $this->layout->choice->isOwn => $this->layout->isTurned ? 'turned, as it is said' : 'upright, as it is said',
            $this->layout->isTurned => "turned, since $many ".($columns === 1 ? 'needs' : 'need').' it',
            default => 'upright, which is enough for '.$many,
        };
    }

    public function size(): string
    {
        return 'prints at '.round($this->layout->scale * 100).' %, text from '.self::number($this->layout->choice->text).' pt on';
    }

    /** What was asked for and would be too small to read; null where all is as it was asked for. */
    public function held(): ?string
    {
        $choice = $this->layout->choice;
        if (! $choice->isHeld()) {
            return null;
        }
        $type = self::number($choice->text / $choice->scale * $choice->wanted);

        return 'As few pages as you ask for would need '.round($choice->wanted * 100).
            " % and type of $type pt. It takes more pages instead; "
            .'narrower columns help, or larger paper.';
    }

    public function place(PageSpot $page): string
    {
        [$rows, $columns] = [$page->rows, $page->columns];
        $all = count($this->layout->areas[$page->area]->columns) === 1;
        $many = $this->layout->areas[$page->area]->range->columns();

        return ($rows->first === $rows->last ? "row $rows->first" : 'rows '.number_format($rows->first).' to '.
            number_format($rows->last)).' · '
            .($all
                ? ($many === 1 ? 'its one column' : "all $many columns")
                : 'columns '.Address::columnName($columns->first).' to '.Address::columnName($columns->last));
    }

    public function end(PageBand $band, bool $ofRows): string
    {
        $next = $ofRows ? $this->name($band->last + 1) : '';
        $one = $ofRows ? "Row $band->first" : 'Column '.Address::columnName($band->first);

        return match ($band->end) {
            BandEnd::Last => 'The sheet ends here.',
            BandEnd::Full => 'The page ends here, since it is full.',
            BandEnd::Group => 'The page ends here, before '.($next === '' ? 'a group' : $next).', so that the group stays whole.',
            BandEnd::Heading => 'The page ends here, so that a heading stays with what stands below it.',
            BandEnd::Total => 'The page ends here, so that a total stays with the row above it.',
            BandEnd::Merge => 'The page ends here, so that merged cells stay whole.',
            BandEnd::Person => 'The page ends here because a break was put here.',
            BandEnd::Each => 'The page ends here, since each group begins a page.',
            BandEnd::Slice => "$one is larger than a page, and goes on over several.",
            BandEnd::Columns => 'The page ends here, so that columns under one heading stay together.',
            BandEnd::Alone => 'The page ends here, so that no column stands alone on the next.',
        };
    }

    /** What a person can do about it. */
    public function hint(PageBand $band, bool $ofRows): string
    {
        $full = ($ofRows ? 'row ' : 'column ')
            .($ofRows ? number_format($band->full) : Address::columnName($band->full));

        return match (true) {
            $band->end === BandEnd::Person => 'Drag it, or take it out.',
            $band->end === BandEnd::Slice => $ofRows ? 'A lower row, or larger paper, holds it together.'
                : 'A narrower column holds it together.',
            $band->full > $band->last => "Drag it, or let it fall where it may: $full.",
            default => 'Drag it up to end the page earlier.',
        };
    }

    private function name(int $row): string
    {
        foreach ($this->sheet->cells->read($row, $row, 1, self::CELLS) as $cells) {
            foreach ($cells as $cell) {
                if ($cell->isText()) {
                    return mb_strimwidth(trim($cell->text()), 0, 40, '…');
                }
            }
        }

        return '';
    }

    private static function number(float $points): string
    {
        return number_format($points, 1);
    }
}
