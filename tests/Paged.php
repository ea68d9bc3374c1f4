<?php

declare(strict_types=1);

namespace Tests;

use Rilvet\Act\Dress;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\LookBook;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Paper\PageLayout;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Sheets whose parts and sizes are said outright, so that it can be worked out by hand where their pages end. */
final class Paged
{
    /**
     * A sheet of one table.
     *
     * @param  list<array{int, string}>  $parts  how many rows of which part (values of Part, or "head"), from row 1 on; "" for blank rows
     * @param  array<int, int>  $heights  px by row; 20 for all others
     * @param  list<int>  $widths  px by column
     * @param  array<string, mixed>  $says  rules of pages
     * @param  list<Range>  $merges
     * @param  list<Range>  $groups  of columns
     */
    public static function sheet(array $parts, array $heights = [], array $widths = [100, 100, 100], array $says = [], array $merges = [],
        array $groups = []): Worksheet
    {
        $runs = $rows = [];
        $at = 1;
        foreach ($parts as [$count, $part]) {
            $runs[] = new RowRun($at, $at + $count - 1, Part::tryFrom($part === 'head' ? Part::Heading->value : $part));
            for ($one = 0; $one < $count; $one++, $at++) {
                $rows[] = array_map(fn (int $column) => $part === '' ? null : "$part at $at.$column", range(1, count($widths)));
            }
        }
        $columns = [];
        foreach (array_keys($widths) as $index) {
            $columns[] = new ColumnReading($index + 1, "Column $index", ColumnKind::Text, 1.0,
                $index === 0 ? ColumnRole::Label : ColumnRole::Data);
        }
        $table = new TableReading(Range::of(1, 1, $at - 1, count($widths)), 1.0, $runs, $columns, groups: $groups);
        $sizes = new Sizes(array_combine(range(1, count($widths)), $widths), $heights);
        $cells = MemorySheet::of('Pages', $rows);

        return (new Worksheet($cells, 'Pages', new Reading([$table]), came: new Setup($sizes, merges: $merges)))
            ->withAspects(new PageSetup(PageRules::none(), PageRules::of($says)));
    }

    public static function layout(Worksheet $sheet): PageLayout
    {
        return PageLayout::of($sheet, new LookBook);
    }

    /** A workbook with the sheet as its only one. */
    public static function book(Worksheet ...$sheets): Workbook
    {
        return new Workbook('Book', array_combine(range(1, max(1, count($sheets))), $sheets), new LookBook);
    }

    public static function dressed(Workbook $workbook, string $stylebook = 'River ledger'): Workbook
    {
        return (new Dress(array_keys($workbook->sheets), Builtin::named($stylebook)))->on($workbook);
    }
}
