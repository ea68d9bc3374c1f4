<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\ArrangeSheet;
use Rilvet\Act\BreakPages;
use Rilvet\Act\ClearCells;
use Rilvet\Act\EditCells;
use Rilvet\Act\Hide;
use Rilvet\Act\LayStripes;
use Rilvet\Act\LeaveFindings;
use Rilvet\Act\Merge;
use Rilvet\Act\MoveCells;
use Rilvet\Act\PasteCells;
use Rilvet\Act\Resize;
use Rilvet\Act\SetOpening;
use Rilvet\Act\Targets;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Test;
use Rilvet\Entry\EntryCheck;
use Rilvet\Grid\Address;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Password;
use Rilvet\Guard\SaidCells;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Intake\Tokeniser;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Length;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Reading\Correction\Corrections;
use Rilvet\Reading\Reading;
use Rilvet\Refusal;
use Rilvet\Routine\Place;
use Rilvet\Routine\Routine;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\FitRules;
use Rilvet\Stylebook\Stripes;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Summary\Field;
use Rilvet\Summary\Summary;
use Rilvet\Summary\Value;
use Rilvet\Work\Aspect\LeftFinding;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\HandMade;

/** What is taken up to a limit: at it, and one beyond it. */
final class LimitsTest extends TestCase
{
    /** @return iterable<string, array{callable, mixed, mixed}> what takes it, the last that is taken, the first that is not */
    public static function limits(): iterable
    {
        $test = fn (array $test) => Condition::of(['id' => 'a', 'where' => ['cells' => 'A1'], 'test' => $test, 'look' => ['bold' => true]]);
        $values = fn (int $count) => ['is' => 'oneOf', 'of' => array_fill(0, $count, '1')];
        $book = Builtin::all()[0]->toArray();
        $about = fn (int $letters) => ['about' => str_repeat('ü', $letters)] + $book;
        $stylebook = fn (array $data) => Stylebook::fromJson((string) json_encode($data));
        $rows = fn (int $last) => Corrections::of(['type' => 'rows', 'row' => 1, 'column' => 1, 'first' => 1, 'last' => $last,
            'part' => 'note']);
        yield 'values of a condition' => [$test, $values(Test::VALUES), $values(Test::VALUES + 1)];
        yield 'one value of a condition' => [$test, $values(1), $values(0)];
        yield 'the greatest' => [$test, ['is' => 'greatest', 'count' => 1_000], ['is' => 'greatest', 'count' => 1_001]];
        yield 'the greatest in percent' => [$test, ['is' => 'greatest', 'count' => 100, 'percent' => true],
            ['is' => 'greatest', 'count' => 101, 'percent' => true]];
        yield 'what a stylebook is about' => [$stylebook, $about(500), $about(501)];
        // Rows of a file are at most 409.5 pt high (common practice), 546 px.
        yield 'a height' => [Length::height(...), '546 px', '547 px'];
        yield 'a small height' => [Length::height(...), '1 px', '0 px'];
        yield 'a height in another measure' => [Length::height(...), '5.6875 in', '5.7 in'];
        yield 'a width' => [fn (string $text) => Length::width($text, 7), (255 * 7 + 5).' px', (255 * 7 + 6).' px'];
        yield 'a small width' => [fn (string $text) => Length::width($text, 7), '1 px', '0 px'];
        yield 'an indent' => [fn (int $indent) => Look::of(['indent' => $indent]), 15, 16];
        yield 'a size' => [fn (float $size) => Look::of(['size' => $size]), 409, 409.5];
        yield 'a small size' => [fn (float $size) => Look::of(['size' => $size]), 1, 0.5];
        yield 'a turn' => [fn (int $turn) => Look::of(['rotation' => $turn]), -90, -91];
        yield 'a scale of pages' => [fn (int $scale) => PageRules::of(['scale' => $scale]), 400, 401];
        yield 'a small scale of pages' => [fn (int $scale) => PageRules::of(['scale' => $scale]), 10, 9];
        yield 'a row' => [fn (int $row) => Address::of($row, 1), 1_048_576, 1_048_577];
        yield 'rows that are read otherwise' => [$rows, 1_048_576, 1_048_577];
        yield 'no row that is read otherwise' => [$rows, 1, 0];
        yield 'a column' => [fn (int $column) => Address::of(1, $column), 16_384, 16_385];
        $routine = fn (string $name, int $steps) => Routine::fromArray(['rilvet' => 'routine 1', 'name' => $name,
            'steps' => array_fill(0, $steps, ['do' => 'dress', 'with' => ['stylebook' => 'Plain rule']])]);
        yield 'a name of a routine' => [fn (int $letters) => $routine(str_repeat('ü', $letters), 1), Routine::NAME, Routine::NAME + 1];
        yield 'steps of a routine' => [fn (int $steps) => $routine('Each month', $steps), Routine::MOST, Routine::MOST + 1];
        yield from self::ofActs();
        yield from self::ofRules();
        yield from self::ofFiles();
    }

    /** @return iterable<string, array{callable, mixed, mixed}> */
    private static function ofFiles(): iterable
    {
        $opens = function (string $rows): void {
            $path = HandMade::package(HandMade::parts($rows));
            try {
                (new Opening(fn () => new MemoryBlockStore))->open($path, 'limit.xlsx');
            } finally {
                unlink($path);
            }
        };
        $cell = fn (int $row, string $column) => "<row r=\"$row\"><c r=\"$column$row\"><v>1</v></c></row>";
        // What is written as nobody writes it is put into the usual shape first.
        foreach (['' => '', ', with a comment' => '<!-- counted -->'] as $how => $odd) {
            yield "the last row of an xlsx$how" => [$opens, $odd.$cell(1_048_576, 'A'), $odd.$cell(1_048_577, 'A')];
            yield "the last column of an xlsx$how" => [$opens, $odd.$cell(1, 'XFD'), $odd.$cell(1, 'XFE')];
        }
        $deep = fn (int $levels) => '<!-- deep --><row r="1">'.str_repeat('<z>', $levels).str_repeat('</z>', $levels).'</row>';
        yield 'elements within elements of an xlsx' => [$opens, $deep(198), $deep(199)];
    }

    /** @return iterable<string, array{callable, mixed, mixed}> */
    private static function ofActs(): iterable
    {
        $cells = MemorySheet::of('S', [['a', 1], ['b', 2]]);
        $workbook = new Workbook('W', [1 => new Worksheet($cells, 'S', Reading::none())], new LookBook);
        $opens = fn (int ...$says) => fn (int $value) => (new SetOpening([1], ...array_map(fn () => $value, $says)))->on($workbook);
        yield 'frozen rows' => [$opens(freezeRow: 0), 200, 201];
        yield 'no frozen rows' => [$opens(freezeRow: 0), 0, -1];
        yield 'frozen columns' => [$opens(freezeColumn: 0), 50, 51];
        yield 'no frozen columns' => [$opens(freezeColumn: 0), 0, -1];
        yield 'a large zoom' => [$opens(zoom: 0), 400, 401];
        yield 'a small zoom' => [$opens(zoom: 0), 10, 9];
        yield 'the first row in sight' => [$opens(firstRow: 0), 1, 0];
        yield 'the last row in sight' => [$opens(firstRow: 0), 1_048_576, 1_048_577];
        yield 'the first column in sight' => [$opens(firstColumn: 0), 1, 0];
        yield 'the last column in sight' => [$opens(firstColumn: 0), 16_384, 16_385];
        $move = fn (Shift $shift) => (new MoveCells(1, $shift))->on($workbook);
        yield 'rows put in' => [$move, new Shift(true, 2, 10_000, true), new Shift(true, 2, 10_001, true)];
        yield 'no rows put in' => [$move, new Shift(true, 2, 1, true), new Shift(true, 2, 0, true)];
        yield 'rows taken out at the end' => [$move, new Shift(true, 1_048_576, 1, false), new Shift(true, 1_048_577, 1, false)];
        yield 'columns taken out at the end' => [$move, new Shift(false, 16_384, 1, false), new Shift(false, 16_385, 1, false)];
        yield 'columns taken out at the beginning' => [$move, new Shift(false, 1, 1, false), new Shift(false, 0, 1, false)];
        $wide = MemorySheet::of('S', [array_fill(0, 16_000, 1)]);
        $wide = new Workbook('W', [1 => new Worksheet($wide, 'S', Reading::none())], new LookBook);
        yield 'no more columns than a sheet has' => [
            fn (int $columns) => (new MoveCells(1, new Shift(false, 2, $columns, true)))->on($wide), 384, 385];
        $left = fn (string $reason) => new LeaveFindings([1 => [new LeftFinding('sum', 'C6', 'words', $reason)]]);
        yield 'a reason' => [$left, str_repeat('ü', 500), str_repeat('ü', 501)];
        yield 'a short reason' => [$left, 'x', ' '];
        yield 'a name of a sheet' => [fn (string $name) => (new ArrangeSheet(1, $name))->on($workbook), str_repeat('n', 31),
            str_repeat('n', 32)];
        yield 'a password' => [Password::made(...), str_repeat('p', 255), str_repeat('p', 256)];
        $merge = fn (string $range) => (new Merge(new Targets([1], RangeSet::parse($range)), 'first'))->on($workbook);
        yield 'cells that are merged' => [$merge, 'D1:D10000', 'D1:D10001'];
        $frozen = (new SetOpening([1], freezeRow: 2, freezeColumn: 3))->on($workbook);
        $merged = fn (string $range) => (new Merge(new Targets([1], RangeSet::parse($range)), 'first'))->on($frozen);
        yield 'merged down to the frozen rows' => [$merged, 'A1:A2', 'A2:A3'];
        yield 'merged from below the frozen rows' => [$merged, 'A3:A4', 'A1:A4'];
        yield 'merged up to the frozen columns' => [$merged, 'B3:C3', 'C3:D3'];
        yield 'merged from beside the frozen columns' => [$merged, 'D3:E3', 'A3:D3'];
        yield 'merged across the frozen columns above the rows' => [$merged, 'C1:D1', 'C3:D4'];
        $page = fn (int $to) => (new BreakPages(1, true, null, $to))->on($workbook);
        yield 'a page ends after the last row but one' => [$page, 1_048_575, 1_048_576];
        yield 'a page ends after the first row' => [$page, 1, 0];
        $aside = fn (int $to) => (new BreakPages(1, false, null, $to))->on($workbook);
        yield 'a page ends after the last column but one' => [$aside, 16_383, 16_384];
        $pages = fn (int $count) => new Workbook('W', [1 => (new Worksheet($cells, 'S', Reading::none()))->withAspects(
            new PageSetup(PageRules::none(), PageRules::none(), range(1, $count)))], new LookBook);
        yield 'ends of pages' => [fn (int $count) => (new BreakPages(1, true, null, 5_000))->on($pages($count)), 1_025, 1_026];
        yield 'neither a page that ends nor one that does not' => [fn (?int $from) => new BreakPages(1, true, $from, null), 4, null];
        $paste = fn (string $corner) => (new PasteCells(1, Address::parse($corner), [['a', 'b'], ['c', 'd']], null))->on($workbook);
        yield 'cells that end with the last row' => [$paste, 'A1048575', 'A1048576'];
        yield 'cells that end with the last column' => [$paste, 'XFC1', 'XFD1'];
        $many = fn (int $count) => (new PasteCells(1, Address::of(1, 1), array_fill(0, $count, array_fill(0, 100, '')),
            null))->on($workbook);
        yield 'cells that are pasted' => [$many, 1_000, 1_001];
        yield 'letters that are typed' => [fn (int $length) => (new EditCells(1, [1 => [1 => str_repeat('ü', $length)]]))->on($workbook),
            32_767, 32_768];
        $sized = fn (int $from, int $to, ?int $px = 30) => (new Resize([1], true, [[$from, $to], [9, 9]], $px))->on($workbook);
        yield 'columns that are made wider' => [fn (int $to) => $sized(1, $to), 16_383, 16_384];
        $hide = fn (int $last) => (new Hide([1], false, 1, $last, true))->on($workbook);
        yield 'a row that is left' => [$hide, 1, 2];
        $stripes = fn (int $count) => (new LayStripes(new Targets([1], RangeSet::of(...array_map(fn (int $at) => Range::of(3 * $at, 1,
            3 * $at, 2), range(1, $count)))), Stripes::of(['fill' => '#EEEEEE'], Builtin::all()[0]->palette)))->on($workbook);
        yield 'stripes by hand' => [$stripes, 200, 201];
        $tall = new Workbook('W', [1 => new Worksheet(MemorySheet::of('S', array_fill(0, 200_001, ['x'])), 'S', Reading::none())],
            new LookBook);
        $clear = fn (int $rows) => (new ClearCells(new Targets([1], RangeSet::of(Range::of(1, 1, $rows, 1)))))->on($tall);
        yield 'cells that are cleared' => [$clear, 200_000, 200_001];
    }

    /** @return iterable<string, array{callable, mixed, mixed}> */
    private static function ofRules(): iterable
    {
        foreach (PageRules::RULES as $rule => $takes) {
            if (is_array($takes) && is_int($takes[0])) {
                yield "pages, the least $rule" => [fn (int $value) => PageRules::of([$rule => $value]), $takes[0], $takes[0] - 1];
                yield "pages, the most $rule" => [fn (int $value) => PageRules::of([$rule => $value]), $takes[1], (int) $takes[1] + 1];
            }
        }
        yield 'a margin' => [fn (float $value) => PageRules::of(['left' => $value]), 0.0, -0.1];
        yield 'what stands in the head' => [fn (string $text) => PageRules::of(['header' => ['left' => $text]]), str_repeat('h', 200),
            str_repeat('h', 201)];
        yield 'stretches that are printed' => [fn (int $count) => PageRules::of(['area' => implode(',', array_map(
            fn (int $row) => "A$row:B$row", range(1, $count)))]), 100, 101];
        $check = fn (array $says) => EntryCheck::of($says + ['id' => 'n1', 'kind' => 'whole', 'of' => ['1', '2'],
            'where' => ['cells' => 'A1']]);
        foreach (['title' => EntryCheck::TITLE, 'promptTitle' => 32, 'message' => 255, 'prompt' => EntryCheck::TEXT] as $name => $most) {
            yield "a check, its $name" => [fn (int $length) => $check([$name => str_repeat('ü', $length)]), $most, $most + 1];
        }
        yield from self::ofDocuments();
        yield 'a check, its values' => [fn (int $count) => $check(['of' => array_fill(0, $count, '1')]), 2, 3];
        yield 'a check with a value less' => [fn (int $count) => $check(['of' => array_fill(0, $count, '1')]), 2, 1];
        yield 'a check, its formula' => [fn (int $length) => $check(['of' => [str_repeat('1', $length), '2']]), 8_192, 8_193];
        yield 'choices that are typed' => [fn (int $length) => EntryCheck::listed([str_repeat('c', $length)]), 255, 256];
        $stripes = fn (array $says) => Stripes::of($says, Builtin::all()[0]->palette);
        yield 'rows of a stripe' => [fn (int $every) => $stripes(['every' => $every]), 1_000, 1_001];
        yield 'a row of a stripe' => [fn (int $every) => $stripes(['every' => $every]), 1, 0];
        yield 'rows before the stripes' => [fn (int $first) => $stripes(['first' => $first]), 1_000, 1_001];
        yield 'fills of stripes' => [fn (int $count) => $stripes(['fills' => array_fill(0, $count, 'none')]), 3, 4];
        yield 'two fills of stripes' => [fn (int $count) => $stripes(['fills' => array_fill(0, $count, 'none')]), 2, 1];
        $summary = fn (int $rows, int $values, int $sheet = 1) => Summary::of(['sheet' => $sheet,
            'rows' => array_fill(0, $rows, ['heading' => 'Tree']), 'values' => array_fill(0, $values, ['heading' => 'Count'])]);
        yield 'fields of a summary' => [fn (int $count) => $summary($count, 1), 2, 3];
        yield 'one field of a summary' => [fn (int $count) => $summary($count, 1), 1, 0];
        yield 'values of a summary' => [fn (int $count) => $summary(1, $count), 8, 9];
        yield 'the sheet of a summary' => [fn (int $sheet) => $summary(1, 1, $sheet), 1, 0];
        yield 'a heading of a summary' => [fn (int $length) => Field::fromArray(['heading' => str_repeat('h', $length)]), 1_000, 1_001];
        $band = fn (float $size) => Field::fromArray(['heading' => 'h', 'by' => 'band', 'size' => $size]);
        yield 'a band of a summary' => [$band, 0.001, 0.0];
        yield 'a wide band' => [$band, 9.9e14, 1e15];
        $bar = fn (string $name) => fn (int $percent) => Condition::of(['id' => 'a', 'where' => ['cells' => 'A1'],
            'test' => ['is' => 'always'], 'bar' => ['colour' => '#112233', $name => $percent, 'from' => ['at' => 'least'],
                'to' => ['at' => 'greatest']]]);
        foreach (['shortest', 'longest'] as $name) {
            yield "a bar, its $name" => [$bar($name), 100, 101];
            yield "a bar, the least of its $name" => [$bar($name), 0, -1];
        }
    }

    /** @return iterable<string, array{callable, mixed, mixed}> */
    private static function ofDocuments(): iterable
    {
        $book = ['name' => 'B'];
        $read = fn (array $says) => Stylebook::fromJson((string) json_encode($says + $book));
        yield 'a name of a stylebook' => [fn (int $letters) => $read(['name' => str_repeat('ü', $letters)]), 60, 61];
        yield 'a stylebook has a name' => [fn (string $name) => $read(['name' => $name]), 'x', ' '];
        yield 'a name of a look' => [fn (int $letters) => $read(['looks' => [str_repeat('ü', $letters) => ['bold' => true]]]), 60, 61];
        yield 'a name of a look is no address' => [fn (string $name) => $read(['looks' => [$name => ['bold' => true]]]), 'ABCD12', 'ABC12'];
        yield 'words before entry cells' => [fn (int $letters) => $read(['heads' => ['entry_cell' => str_repeat('ü', $letters)]]), 40, 41];
        yield 'words and not blanks' => [fn (string $words) => $read(['heads' => ['entry_cell' => $words]]), 'x', ' '];
        yield 'words without quotes' => [fn (string $words) => $read(['heads' => ['entry_cell' => $words]]), "it's", 'it"s'];
        [$narrowest, $widest] = FitRules::WIDTHS;
        yield 'a wide column' => [fn (int $px) => $read(['fit' => ['widths' => ['Tree' => $px]]]), $widest, $widest + 1];
        yield 'a narrow column' => [fn (int $px) => $read(['fit' => ['widths' => ['Tree' => $px]]]), $narrowest, $narrowest - 1];
        yield 'the least width is the greatest' => [fn (int $px) => $read(['fit' => ['least' => $px, 'greatest' => 100]]), 100, 101];
        yield 'the heading of a key of stripes' => [fn (int $letters) => $read(['stripes' => ['by' => 'key',
            'key' => str_repeat('ü', $letters)]]), 200, 201];
        yield 'stripes by a key have one' => [fn (?string $key) => $read(['stripes' => ['by' => 'key', 'key' => $key]]), 'Tree', null];
        yield 'colours of a palette' => [fn (int $count) => $read(['palette' => array_combine(array_map(fn (int $at) => "c$at",
            range(1, $count)), array_fill(0, $count, '#112233'))]), 200, 201];
        $rules = fn (int $count, array $rule) => array_combine(array_map(fn (int $at) => "r$at", range(1, $count)),
            array_fill(0, $count, $rule));
        $where = ['part' => 'body'];
        yield 'conditional looks of a stylebook' => [fn (int $count) => $read(['conditions' => $rules($count, ['where' => $where,
            'test' => ['is' => 'blank'], 'look' => ['bold' => true]])]), 100, 101];
        yield 'checks of a stylebook' => [fn (int $count) => $read(['entries' => $rules($count, ['where' => $where, 'kind' => 'whole',
            'is' => 'above', 'of' => ['1']])]), 100, 101];
        yield 'a check that names no cells' => [fn (string $of) => $read(['entries' => ['r' => ['where' => $where, 'kind' => 'whole',
            'is' => 'above', 'of' => [$of]]]]), '7', 'B2'];
        yield 'a check of a list that is typed' => [fn (string $of) => $read(['entries' => ['r' => ['where' => $where, 'kind' => 'list',
            'of' => [$of]]]]), '"yes,no"', 'OFFSET(A1,1,1)'];
        yield 'a name of a rule' => [fn (string $name) => $read(['conditions' => [$name => ['where' => $where, 'test' => ['is' => 'blank'],
            'look' => ['bold' => true]]]]), str_repeat('a', 20), str_repeat('a', 21)];
        yield 'bytes of a stylebook' => [fn (int $length) => Stylebook::fromJson(str_pad('{"name":"B"}', $length)), 1_000_000, 1_000_001];
        $of = fn (array $where) => Condition::of(['id' => 'a', 'where' => $where, 'test' => ['is' => 'blank'], 'look' => ['bold' => true]]);
        yield 'ranges of a condition' => [fn (int $count) => $of(['cells' => implode(' ', array_map(fn (int $row) => 'A'.(2 * $row),
            range(1, $count)))]), 20_000, 20_001];
        yield 'a heading where a condition holds' => [fn (int $letters) => $of($where + ['heading' => str_repeat('ü', $letters)]), 200,
            201];
        yield 'a value of a condition' => [fn (int $length) => Condition::of(['id' => 'a', 'where' => ['cells' => 'A1'],
            'test' => ['is' => 'above', 'of' => [str_repeat('1', $length)]], 'look' => ['bold' => true]]), 8_192, 8_193];
        yield 'conditions of a sheet' => [fn (int $count) => (new Conditions)->holding(array_fill(0, $count, $of(['cells' => 'A1']))),
            65_536, 65_537];
        $step = fn (array $says) => Routine::fromArray(['rilvet' => 'routine 1', 'name' => 'Each month',
            'steps' => [$says + ['do' => 'dress', 'with' => ['stylebook' => 'Plain rule']]]]);
        yield 'sheets of a step' => [fn (int $count) => $step(['sheets' => array_fill(0, $count, 'S')]), 500, 501];
        yield 'one sheet of a step' => [fn (array $sheets) => $step(['sheets' => $sheets]), ['S'], []];
        yield 'a table of a place' => [fn (int $table) => Place::fromArray(['table' => $table]), 1, 0];
        yield 'headings of a place' => [fn (int $count) => Place::fromArray(['headings' => array_fill(0, $count, 'h')]), 200, 201];
        yield 'a heading of a value' => [fn (int $length) => Value::fromArray(['heading' => str_repeat('ü', $length)]), 1_000, 1_001];
        yield 'a value has a heading' => [fn (string $heading) => Value::fromArray(['heading' => $heading]), 'h', ' '];
        yield 'counting goes without one' => [fn (string $figure) => Value::fromArray(['figure' => $figure]), 'count', 'sum'];
        yield 'sums have shares' => [fn (string $figure) => Value::fromArray(['heading' => 'h', 'figure' => $figure, 'share' => 'row']),
            'sum', 'mean'];
        yield 'pieces of cells' => [fn (int $count) => RangeSet::parse(implode(',', array_map(fn (int $row) => 'A'.(2 * $row),
            range(1, $count)))), 2_000, 2_001];
        yield 'cells that are entries' => [fn (int $count) => (new SaidCells([], array_map(fn (int $row) => Range::of(2 * $row, 1, 2 * $row,
            1), range(1, $count))))->saying([Range::of(1, 3, 1, 3)], true), 1_999, 2_000];
        yield 'rows that are read otherwise each' => [fn (int $count) => Corrections::of(['type' => 'each', 'row' => 1, 'column' => 1,
            'rows' => array_map(fn (int $row) => [$row, $row, 'note'], range(1, $count))]), 3_000, 3_001];
    }

    /** @param  callable(mixed): mixed  $takes */
    #[DataProvider('limits')]
    public function test_it_is_taken_at_its_limit_and_refused_beyond(callable $takes, mixed $last, mixed $beyond): void
    {
        $takes($last);
        try {
            $takes($beyond);
            self::fail('it was taken');
        } catch (Refusal $refusal) {
            self::assertNotSame('', $refusal->getMessage());
        }
    }

    public function test_a_text_has_as_many_rows_and_columns_as_a_sheet(): void
    {
        $rows = fn (string $text) => iterator_count(Tokeniser::ofText($text)->rows());
        self::assertSame(Address::ROWS, $rows(str_repeat("a\n", Address::ROWS)));
        self::assertSame(2, $rows(str_repeat(',', Address::COLUMNS - 1)."\na\n"));
        foreach ([str_repeat("a\n", Address::ROWS + 1), str_repeat(',', Address::COLUMNS)] as $text) {
            try {
                $rows($text);
                self::fail('it was taken');
            } catch (FileIsWrong $wrong) {
                self::assertStringContainsString(number_format(str_contains($text, 'a') ? Address::ROWS : Address::COLUMNS),
                    $wrong->getMessage());
            }
        }
    }

    public function test_cells_are_ranges_while_they_are_few(): void
    {
        $cells = fn (int $count) => array_map(fn (int $row) => [2 => true, 3 => true], array_combine(range(1, $count), range(1, $count)));
        self::assertCount(200, RangeSet::around($cells(200))->all());
        self::assertSame(['B1:C201'], array_map(strval(...), RangeSet::around($cells(201))->all()));
        // Runs of a row are one range each, and the rectangle is around all that follow too.
        self::assertSame(['B4:C4', 'E4'], array_map(strval(...), RangeSet::around([4 => [5 => 1, 3 => 1, 2 => 1]])->all()));
        self::assertSame(['B1:M300'], array_map(strval(...), RangeSet::around($cells(201) + [300 => [13 => true]])->all()));
    }
}
