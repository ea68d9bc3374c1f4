<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\ArrangeSheet;
use Rilvet\Act\LeaveFindings;
use Rilvet\Act\Merge;
use Rilvet\Act\MoveCells;
use Rilvet\Act\SetOpening;
use Rilvet\Act\Targets;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Test;
use Rilvet\Entry\EntryCheck;
use Rilvet\Grid\Address;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Password;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Intake\Tokeniser;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Length;
use Rilvet\Page\PageRules;
use Rilvet\Reading\Correction\Corrections;
use Rilvet\Reading\Reading;
use Rilvet\Refusal;
use Rilvet\Routine\Routine;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stripes;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Summary\Field;
use Rilvet\Summary\Summary;
use Rilvet\Work\Aspect\LeftFinding;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

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
