<?php

declare(strict_types=1);

namespace Tests\Core;

use Rilvet\Act;
use Rilvet\Condition\Condition;
use Rilvet\Entry\EntryCheck;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Role;
use Rilvet\Intake\ColumnTyping;
use Rilvet\Intake\TypingKind;
use Rilvet\Look\Edge;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;
use Rilvet\Page\PageRules;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Correction\ColumnIs;
use Rilvet\Reading\Correction\JoinBelow;
use Rilvet\Reading\Correction\RowsAre;
use Rilvet\Reading\Correction\SplitAt;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\Stripes;
use Rilvet\Stylebook\StripesBy;
use Rilvet\Summary\Field;
use Rilvet\Summary\Figure;
use Rilvet\Summary\Grouping;
use Rilvet\Summary\Share;
use Rilvet\Summary\Summary;
use Rilvet\Summary\Value;
use Rilvet\Work\Workbook;

/** Some of everything that can be done with a workbook. */
final class Deeds
{
    /** @return array<string, Act\Act> */
    public static function all(Workbook $workbook): array
    {
        $at = fn (string $ranges) => new Act\Targets([1], RangeSet::parse($ranges));
        $table = $workbook->sheet(1)->reading->tables[0]->range;
        $body = $workbook->sheet(1)->reading->tables[0]->firstBodyRow() ?? $table->top;
        $look = fn (array $values) => Look::of($values);
        $edge = Edge::parse('medium #224466');

        return [
            'bold' => new Act\Format($at('B2:C9'), $look(['bold' => true, 'size' => 14])),
            'fill of columns' => new Act\Format($at('B:C'), $look(['fill' => '#FFE08A'])),
            'wrap' => new Act\Format($at('A1:D12'), $look(['wrap' => true, 'vertical' => 'top'])),
            'slanted' => new Act\Format($at("A$body:D$body"), $look(['rotation' => 45])),
            'number' => new Act\Format($at("B$body:E".($body + 8)), $look(['number' => '#,##0.000 "kg"'])),
            'a part' => new Act\FormatPart([1], Part::Body, null, $look(['italic' => true, 'font' => 'Tinos'])),
            'a kind' => new Act\FormatPart([1], Part::Body, ColumnKind::Integer, $look(['horizontal' => 'center'])),
            'a heading' => new Act\FormatPart([1], Part::Heading, null, $look(['fill' => '#224466', 'ink' => '#FFFFFF'])),
            'wipe type' => new Act\Wipe($at('A1:F20'), Facet::Type),
            'wipe what came' => new Act\Wipe($at('A1:F20'), null, true),
            'borders' => new Act\DrawBorders($at('B3:D6'), [
                'top' => $edge,
                'left' => $edge,
                'horizontal' => $edge,
                'vertical' => $edge,
                'rising' => $edge,
            ]),
            'merge' => new Act\Merge($at('A'.($table->bottom + 3).':C'.($table->bottom + 4))),
            'merge, joined' => new Act\Merge($at("A$body:B$body"), 'join'),
            'merge, refused' => new Act\Merge($at("A$body:B".($body + 1))),
            'split' => new Act\Split($at('A1:Z60')),
            'lay a block' => new Act\Lay(
                $at('A3'),
                [[$look(['bold' => true]), $look(['fill' => '#EEFFEE'])], [$look([]), $look(['italic' => true])]],
                [90, 130],
            ),
            'name' => new Act\NameSelection(1, 'Chosen', RangeSet::parse('B3:C9')),
            'a bad name' => new Act\NameSelection(1, 'AB12', RangeSet::parse('B3')),
            'type a number' => new Act\EditCells(1, [$body => [2 => '1,234.5']]),
            'type a date' => new Act\EditCells(1, [$body + 1 => [2 => '14 March 2026']]),
            'type a formula' => new Act\EditCells(1, [$body => [9 => "=SUM(C$body:E$body)"]]),
            'type below' => new Act\EditCells(1, [$table->bottom + 2 => [1 => 'Later', 2 => '7']]),
            'type a share' => new Act\EditCells(1, [$body + 2 => [3 => '12%']]),
            'type a wrong formula' => new Act\EditCells(1, [$body => [2 => '=SUM(']]),
            'clear' => new Act\ClearCells($at("C$body:D".($body + 3))),
            'convert' => new Act\ConvertCells($at('A1:H40'), 'numbers'),
            'to dates' => new Act\ConvertCells($at('A1:H40'), 'dates'),
            'to percent' => new Act\ConvertCells($at("C$body:C".($body + 4)), 'hundredths'),
            'paste' => new Act\PasteCells(1, Address::of($body, 2), [['x', '12', '3.5'], ['y', '=1+2', '']], null),
            'paste cells' => new Act\PasteCells(
                1,
                Address::of($body, 1),
                [[Cell::of(5), Cell::of('z')]],
                [[$look(['bold' => true]), $look(['number' => '0.0'])]],
            ),
            'sort' => new Act\SortTable(1, $body, $table->left, [[$table->left + 1, false]]),
            'sort down by two' => new Act\SortTable(1, $body, $table->left, [[$table->left + 2, true], [$table->left, false]]),
            'rows in' => new Act\MoveCells(1, new Shift(true, $body + 1, 2, true)),
            'rows out' => new Act\MoveCells(1, new Shift(true, $body + 1, 2, false)),
            'column in' => new Act\MoveCells(1, new Shift(false, 2, 1, true)),
            'column out' => new Act\MoveCells(1, new Shift(false, 3, 1, false)),
            'head out' => new Act\MoveCells(1, new Shift(true, 1, 3, false)),
            'spacer' => new Act\Together(
                [new Act\MoveCells(1, new Shift(false, 2, 1, true)), new Act\Resize([1], true, [[2, 2]], 16)],
                'Spacer',
            ),
            'width' => new Act\Resize([1], true, [[1, 2], [4, 4]], 140),
            'fit columns' => new Act\Resize([1], true, [[1, 12]], null),
            'fit all columns' => new Act\Resize([1], true, [[1, 12]], null, true),
            'height' => new Act\Resize([1], false, [[2, 4]], 40),
            'fit rows' => new Act\Resize([1], false, [[1, 30]], null),
            'hide columns' => new Act\Hide([1], true, 2, 3, true),
            'hide rows' => new Act\Hide([1], false, $body, $body + 2, true),
            'show' => new Act\Hide([1], false, 1, 400, false),
            'hide all' => new Act\Hide([1], true, 1, 400, true),
            'opening' => new Act\SetOpening([1], 2, 1, false, 130),
            'opening by parts' => new Act\SetOpening([1], parts: true),
            'first cell' => new Act\SetOpening([1], firstRow: 6, firstColumn: 2),
            'a bad zoom' => new Act\SetOpening([1], zoom: 500),
            'turned headings' => new Act\FitHeadings([1], 'turn'),
            'wrapped headings' => new Act\FitHeadings([1], 'wrap'),
            'headings on a line' => new Act\FitHeadings([1], 'line'),
            'one width' => new Act\EqualWidths([1], [[1, 4]]),
            'share' => new Act\ShareWidth(1, $body, $table->left, 620),
            'fit what is cut' => new Act\FitCut(1),
            'sheet' => new Act\ArrangeSheet(1, 'Renamed "sheet"', null, '#2C6E66'),
            'hide the sheet' => new Act\ArrangeSheet(1, null, true),
            'a name that is taken' => new Act\ArrangeSheet(1, 'a/b'),
            'order' => new Act\MoveSheet(1, count($workbook->sheets)),
            'rename' => new Act\RenameWorkbook('  Other name '),
            'read as total' => new Act\CorrectReading(1, new RowsAre($body, $table->left, $body + 1, $body + 1, Part::Total)),
            'read as notes' => new Act\CorrectReading(1, new RowsAre($body, $table->left, $table->bottom, $table->bottom, Part::Note)),
            'column is code' => new Act\CorrectReading(1, new ColumnIs($body, $table->left + 1, ColumnKind::Code, null)),
            'split the table' => new Act\CorrectReading(1, new SplitAt($body + 2, $table->left)),
            'join' => new Act\CorrectReading(1, new JoinBelow($body, $table->left)),
        ] + self::rules($workbook->sheet(1)->reading->tables[0], $body);
    }

    /** @return array<string, Act\Act> what is said of parts, pages, entry and sums instead of cells */
    private static function rules(TableReading $table, int $body): array
    {
        $at = fn (string $ranges) => new Act\Targets([1], RangeSet::parse($ranges));
        $column = fn (int $next) => Address::columnName($table->range->left + $next);
        $cells = fn (int $next) => $column($next).$body.':'.$column($next).$table->range->bottom;
        $condition = fn (int $next, array $test, array $say = []) => new Act\SetCondition(1, Condition::of(['id' => "d$next",
            'where' => ['column' => $column($next).$body], 'test' => $test] + $say + ['look' => ['bold' => true, 'fill' => '#FFE08A']]));
        $stripes = fn (StripesBy $by) => new Stripes(2, [Look::none(), Look::of(['fill' => '#EEF3EE'])], $by);
        $heading = $table->columns[0]->heading;
        $summary = fn (array $rows, array $values, ?Field $across = null) => new Act\Summarise(null,
            new Summary(1, $rows, $across, $values));
        $last = $table->columns[count($table->columns) - 1]->heading;

        return [
            'below nought' => $condition(1, ['is' => 'below', 'of' => ['0']]),
            'greatest' => $condition(2, ['is' => 'greatest', 'count' => 3, 'percent' => false]),
            'said twice' => $condition(0, ['is' => 'repeated']),
            'by formula' => $condition(1, ['is' => 'formula', 'of' => ['$'.$column(1).$body.'>$'.$column(2).$body]]),
            'gather' => new Act\GatherConditions([1], true),
            'whole numbers only' => new Act\SetEntry(1, EntryCheck::of(['id' => 'e1', 'kind' => 'whole', 'is' => 'between',
                'of' => ['0', '50'], 'where' => ['cells' => $cells(1)], 'blank' => true, 'title' => 'Count', 'message' => 'A count.'])),
            'from a list' => new Act\SetEntry(1, EntryCheck::of(['id' => 'e2', 'kind' => 'list', 'of' => ['"a,b"'],
                'where' => ['cells' => $cells(0)]])),
            'stripes by rows' => new Act\LayStripes($at('A'.$body.':F'.$table->range->bottom), $stripes(StripesBy::Rows)),
            'stripes by change' => new Act\LayStripes($at('A'.$body.':F'.$table->range->bottom), $stripes(StripesBy::Key),
                $table->range->left),
            'stripes off' => new Act\LayStripes($at('A1:F40'), null),
            'format where it looks so' => new Act\FormatWhere($at('A1:H60'), Look::of(['bold' => true]), Look::of(['ink' => '#224466'])),
            'a break' => new Act\BreakPages(1, true, null, $body + 1),
            'a break between columns' => new Act\BreakPages(1, false, null, $table->range->left + 1),
            'no breaks' => new Act\DropBreaks([1]),
            'pages' => new Act\SayPages([1], PageRules::of(['left' => 25, 'turn' => 'turned', 'wide' => 1])),
            'protected' => new Act\ProtectSheet([1], [Allowance::Sort, Allowance::DressCells], null),
            'formulas guarded' => new Act\GuardFormulas([1]),
            'entry cells' => new Act\MarkCells([1], Part::EntryCell, true),
            'capitals' => new Act\RewriteHeads([1], Part::Heading, 'capitals'),
            'small letters' => new Act\RewriteHeads([1], Part::Heading, 'sentence'),
            'other words' => new Act\RewriteTexts($at('A1:H60'), ['Ash' => 'European ash', 'late' => 'Late'], 'Spelled alike'),
            'as dates' => new Act\TypeColumn(1, $table->range->left + 1, new ColumnTyping(TypingKind::Date)),
            'as texts' => new Act\TypeColumn(1, $table->range->left + 1, new ColumnTyping(TypingKind::Text)),
            'summary by value' => $summary([new Field((string) $heading)], [new Value($last), new Value(null, Figure::Count)]),
            'summary by band' => $summary([new Field((string) $last, Grouping::Band, 10)], [new Value($last, Figure::Mean, Share::Whole)],
                new Field((string) $heading)),
            'a role' => new Act\GiveRole([1], Role::cases()[0], 'where counts are kept'),
        ];
    }
}
