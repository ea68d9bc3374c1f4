<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\DropEntries;
use Rilvet\Act\EditCells;
use Rilvet\Act\SetEntry;
use Rilvet\Condition\Around;
use Rilvet\Condition\Where;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Entry\EntryJudge;
use Rilvet\Entry\EntryJudges;
use Rilvet\Entry\EntryKind;
use Rilvet\Entry\EntrySentence;
use Rilvet\Entry\Exception\EntryIsNotAllowed;
use Rilvet\Entry\Exception\EntryIsWrong;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Reading;
use Rilvet\Reading\SheetFacts;
use Rilvet\Refusal;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What cells take: kinds of ISO/IEC 29500-1 18.18.21, lists, and what is typed against them. */
final class EntryTest extends TestCase
{
    private const ROWS = [
        ['Lot', 'Status', 'Trays', 'Due'],
        ['L1', 'late', 4, 46_350],
        ['L2', 'paid', 12, 46_400],
        ['L3', 'Late', 2.5, 46_800],
        ['L4', 'lost', 9, 46_351.5],
        ['L5', null, 'nine', 46_900],
    ];

    /** @param  array<string, mixed>  $says */
    private static function check(array $says): EntryCheck
    {
        return EntryCheck::of($says + ['id' => 'n1', 'kind' => 'list', 'where' => ['cells' => 'C2:C6']]);
    }

    private static function judge(EntryCheck $check): EntryJudge
    {
        $cells = MemorySheet::of('Form', self::ROWS);
        $judge = (new EntryJudges([$check], Reading::none(), $cells, Around::alone($cells)))->of($check->id);
        self::assertNotNull($judge);

        return $judge;
    }

    /** @return iterable<string, array{array<string, mixed>, list<null|bool|int|float|string>, list<null|bool|int|float|string>}> */
    public static function kinds(): iterable
    {
        yield 'a typed list' => [['of' => ['"late, paid,sent"']], ['late', 'PAID', 'sent', null], ['lost', 'lat', 3]];
        yield 'a list of numbers' => [['of' => ['"1,2.5"']], [1, 2.5, '2.5'], [2, 'one']];
        yield 'a list from cells' => [['of' => ['$B$2:$B$4']], ['late', 'paid'], ['lost', 'status']];
        yield 'no blank' => [['of' => ['"late"'], 'blank' => false], ['late'], [null, '']];
        yield 'whole numbers' => [['kind' => 'whole', 'is' => 'between', 'of' => ['1', '9']], [1, 9, 4.0], [0, 10, 2.5, 'nine', true]];
        yield 'whole numbers, the ends the other way round' => [['kind' => 'whole', 'is' => 'between', 'of' => ['9', '1']], [1, 9], [10]];
        yield 'numbers' => [['kind' => 'decimal', 'is' => 'above', 'of' => ['0.5']], [0.51, 7], [0.5, -1, 'x']];
        yield 'numbers outside' => [['kind' => 'decimal', 'is' => 'outside', 'of' => ['1', '2']], [0.9, 2.1], [1, 1.5, 2]];
        yield 'dates' => [['kind' => 'date', 'is' => 'below', 'of' => ['46388']], [46_387, 46_000.5], [46_388, '2026-01-01']];
        yield 'times' => [['kind' => 'time', 'is' => 'atMost', 'of' => ['0.5']], [0.25, 0.5], [0.75, 'noon']];
        yield 'lengths' => [['kind' => 'length', 'is' => 'equal', 'of' => ['4']], ['A001', 1234], ['A01', 'A0001']];
        yield 'lengths between' => [['kind' => 'length', 'is' => 'between', 'of' => ['2', '3']], ['ab', 'abc', 12], ['a', 'abcd']];
        yield 'anything' => [['kind' => 'any'], ['x', 3, null], []];
    }

    /**
     * @param  array<string, mixed>  $says
     * @param  list<null|bool|int|float|string>  $good
     * @param  list<null|bool|int|float|string>  $bad
     */
    #[DataProvider('kinds')]
    public function test_what_a_cell_takes(array $says, array $good, array $bad): void
    {
        $all = [...array_map(fn ($value) => [$value, true], $good), ...array_map(fn ($value) => [$value, false], $bad)];
        foreach ($all as [$value, $is]) {
            if (($says['kind'] ?? 'list') === 'length') {
                // What a length is of has to stand in the cell that the formula looks at.
                $cells = MemorySheet::of('Form', [[], [null, null, $value]]);
                $judge = (new EntryJudges([self::check($says)], Reading::none(), $cells, Around::alone($cells)))->of('n1');
                self::assertSame($is, $judge?->allows(2, 3, Cell::of($value)), json_encode($value) ?: '');

                continue;
            }
            self::assertSame($is, self::judge(self::check($says))->allows(2, 3, Cell::of($value)), json_encode($value) ?: '');
        }
    }

    /** A formula is looked at from each cell, relative to the first (18.3.1.32). */
    public function test_a_formula_is_looked_at_from_each_cell(): void
    {
        $judge = self::judge(self::check(['kind' => 'formula', 'of' => ['AND(ISNUMBER(C2),LEN(A2)=2)']]));
        self::assertSame([true, true, true, true, false],
            array_map(fn (int $row) => $judge->allows($row, 3, Cell::of(self::ROWS[$row - 1][2])), range(2, 6)));
    }

    public function test_what_is_offered(): void
    {
        $all = fn (array $says) => self::judge(self::check($says + ['where' => ['cells' => 'B2:B6']]))->choices(3, 2);
        self::assertSame(['late', 'say "so"'], $all(['of' => ['"late,say ""so"""']]));
        self::assertSame(['late', 'paid', 'Late', 'lost'], $all(['of' => ['$B$2:$B$6']]), 'cells in their order, without blanks');
        self::assertSame(['late', 'lost', 'paid'], $all(['column' => true]), 'of a column each once, sorted, whatever its capitals');
        self::assertSame([], $all(['kind' => 'whole', 'of' => ['1', '2']]));
        $from = fn (string $of) => self::judge(self::check(['of' => [$of], 'where' => ['cells' => 'B2:B6']]));
        self::assertSame('B2:B6', $from('$B$2:$B$6')->from(4, 2));
        self::assertSame('B4:B8', $from('B2:B6')->from(4, 2), 'what is not fixed goes along');
        self::assertNull($from('"late"')->from(4, 2));
    }

    public function test_values_against_their_check_are_counted_and_walked(): void
    {
        $cells = MemorySheet::of('Form', self::ROWS);
        $judges = fn (EntryCheck ...$checks) => new EntryJudges(array_values($checks), Reading::none(), $cells, Around::alone($cells));
        $whole = self::check(['kind' => 'whole', 'of' => ['1', '9']]);
        self::assertSame([3, ['C3', 'C4'], true], $judges($whole)->against(5, 2));
        // Of two that hold on a cell the first counts.
        $first = self::check(['id' => 'n2', 'kind' => 'any', 'where' => ['cells' => 'C3']]);
        self::assertSame([2, ['C4', 'C6'], true], $judges($first, $whole)->against(5, 9));
        self::assertTrue($judges($first, $whole)->allows(3, 3, Cell::of('x')));
        self::assertFalse($judges($whole, $first)->allows(3, 3, Cell::of('x')));
        // A sheet of any size is looked at as long as there is time.
        $long = MemorySheet::of('Long', array_fill(0, 2_000, ['x']));
        $whole = self::check(['kind' => 'whole', 'of' => ['1', '9'], 'where' => ['cells' => 'A1:A1048576']]);
        $all = new EntryJudges([$whole], Reading::none(), $long, Around::alone($long));
        self::assertSame([2_000, ['A1'], true], $all->against(30, 1));
        self::assertFalse($all->against(0, 1)[2]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'a prompt that is too long' => [['of' => ['"a"'], 'prompt' => str_repeat('x', 256)], 'at most 255'];
        yield 'a title that is too long' => [['of' => ['"a"'], 'title' => str_repeat('x', 33)], 'at most 32'];
        yield 'no value' => [['kind' => 'whole', 'is' => 'above', 'of' => []], 'missing'];
        yield 'one of two' => [['kind' => 'whole', 'is' => 'between', 'of' => ['1']], 'two values'];
        yield 'a kind that is none' => [['kind' => 'colour'], 'no such kind'];
        yield 'a comparison that is none' => [['kind' => 'whole', 'is' => 'repeated', 'of' => ['1']], 'no such comparison'];
        yield 'a formula that is too long' => [['kind' => 'formula', 'of' => [str_repeat('1+', 5_000).'1']], '8,192'];
        yield 'no text' => [['of' => ['"a"'], 'message' => ['x']], 'a text is wanted'];
        yield 'a column that is no list' => [['kind' => 'whole', 'column' => true], 'only a list'];
        yield 'nowhere' => [['of' => ['"a"'], 'where' => ['part' => 'formula_cell']], 'cells, a column or a part'];
    }

    /** @param  array<string, mixed>  $says */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_named(array $says, string $why): void
    {
        try {
            self::check($says);
            self::fail('refused');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($why, $refusal->getMessage());
        }
    }

    public function test_typed_lists_have_their_limits(): void
    {
        self::assertSame('"late,say ""so"""', EntryCheck::listed(['late', 'say "so"']));
        self::assertSame(255 + 2, strlen(EntryCheck::listed([str_repeat('x', 255)])));
        foreach ([[[str_repeat('x', 200), str_repeat('y', 55)], '256 characters'], [['Osier, grey'], 'a comma']] as [$choices, $why]) {
            try {
                EntryCheck::listed($choices);
                self::fail($why);
            } catch (EntryIsWrong $refusal) {
                self::assertStringContainsString($why, $refusal->getMessage());
            }
        }
    }

    public function test_it_goes_along_with_rows_and_columns(): void
    {
        $check = self::check(['kind' => 'decimal', 'is' => 'atLeast', 'of' => ['$B2']]);
        $says = fn (?EntryCheck $one) => $one === null ? null : [implode(' ', $one->where->cells), ...$one->of];
        self::assertSame(['C4:C8', '$B4'], $says($check->moved(new Shift(true, 1, 2, true))));
        self::assertSame(['D2:D6', '$C2'], $says($check->moved(new Shift(false, 1, 1, true))));
        self::assertSame(['C2:C4', '$B2'], $says($check->moved(new Shift(true, 2, 2, false))), 'said from the first cell that stays');
        self::assertNull($check->moved(new Shift(false, 3, 1, false)));
        self::assertSame('C2:C6', implode(' ', $check->moved(new RowOrder(1, 3, [2 => 3, 3 => 2]))->where->cells ?? []));
        $lost = $check->moved(new Shift(false, 2, 1, false));
        self::assertTrue($lost?->isLost());
        $other = new EntryChecks([self::check(['of' => ['Lists!$A$2:$A$5']])]);
        self::assertTrue($other->looksAway([]));
        self::assertSame(['Choices!$A$2:$A$5'],
            $other->following(fn (string $formula) => str_replace('Lists!', 'Choices!', $formula))->all()[0]->of);
        self::assertSame($other, $other->following(fn (string $formula) => $formula), 'nothing has changed');
    }

    private static function form(EntryCheck ...$checks): Workbook
    {
        $cells = MemorySheet::of('Form', self::ROWS);
        $sheet = new Worksheet($cells, 'Form', Finder::read(SheetFacts::of($cells)));

        return new Workbook('Orders', [1 => $sheet->withAspects(new EntryChecks(array_values($checks)))], new LookBook);
    }

    public function test_what_is_typed_has_to_be_allowed(): void
    {
        $status = self::check(['of' => ['"late,paid"'], 'where' => ['cells' => 'B2:B9'], 'title' => 'No status',
            'message' => 'Choose one']);
        $workbook = self::form($status, self::check(['id' => 'n2', 'kind' => 'whole', 'of' => ['1', '9'], 'severity' => 'warning']),
            self::check(['id' => 'n3', 'kind' => 'date', 'is' => 'below', 'of' => ['46388'], 'severity' => 'note',
                'where' => ['cells' => 'D2:D9']]));
        $type = fn (int $row, int $column, string $text, bool $keep = false) => (new EditCells(1, [$row => [$column => $text]], $keep))
            ->on($workbook);
        $refused = function (callable $act): EntryIsNotAllowed {
            try {
                $act();
            } catch (EntryIsNotAllowed $refusal) {
                return $refusal;
            }
            self::fail('refused');
        };
        $no = $refused(fn () => $type(2, 2, 'lost'));
        self::assertSame('B2: No status: Choose one Nothing was changed.', $no->getMessage());
        self::assertFalse($no->mayBeKept);
        $refused(fn () => $type(2, 2, 'lost', true));
        $type(2, 2, 'PAID');
        $type(2, 2, '');
        $warned = $refused(fn () => $type(2, 3, '12'));
        self::assertTrue($warned->mayBeKept);
        self::assertStringContainsString('a whole number that is between 1 and 9', $warned->getMessage());
        // Of several cells each is asked, also behind one that may hold what it likes.
        $refused(fn () => (new EditCells(1, [2 => [1 => 'L9', 4 => '2099-01-01', 2 => 'lost']], false))->on($workbook));
        $refused(fn () => (new EditCells(1, [2 => [1 => 'L9', 2 => 'paid'], 3 => [2 => 'lost']], false))->on($workbook));
        $kept = $type(2, 3, '12', true)->sheet(1)->cells;
        foreach ($kept->read(2, 2) as $cells) {
            self::assertSame(12, $cells[2]->value);
        }
        $type(2, 4, '2099-01-01');
        // A formula, and what is pasted as a cell, is not asked (common practice).
        $type(2, 2, '="lo"&"st"');
        (new EditCells(1, [2 => [2 => Cell::of('lost')]]))->on($workbook);
    }

    public function test_one_is_set_changed_and_taken_out(): void
    {
        $workbook = self::form();
        $set = (new SetEntry(1, self::check(['id' => 'new', 'of' => ['"late,paid"'], 'where' => ['column' => 'B3']])))->on($workbook);
        $checks = $set->sheet(1)->entries();
        self::assertSame(['n1'], array_map(fn (EntryCheck $one) => $one->id, $checks));
        self::assertSame('Status takes one of late, paid', EntrySentence::of($checks[0], $set->sheet(1)->reading));
        self::assertSame(['B2:B6'], array_map(strval(...), $checks[0]->where->ranges($set->sheet(1)->reading)), 'as far as the body goes');
        $changed = (new SetEntry(1, self::check(['kind' => 'whole', 'is' => 'above', 'of' => ['3']])))->on($set)->sheet(1)->entries();
        self::assertCount(1, $changed);
        self::assertSame(EntryKind::Whole, $changed[0]->kind);
        self::assertSame([], (new DropEntries(1, ['n1']))->on($set)->sheet(1)->entries());
        foreach ([fn () => (new DropEntries(1, ['n9']))->on($set), fn () => (new SetEntry(1, self::check(['of' => ['#REF!']])))->on($set),
            fn () => (new SetEntry(1, self::check(['kind' => 'formula', 'of' => ['SUM(']])))->on($set)] as $act) {
            try {
                $act();
                self::fail('refused');
            } catch (EntryIsWrong) {
            }
        }
        // A sheet takes as many as files say, and no more.
        $many = array_map(fn (int $number) => self::check(['id' => "f$number", 'of' => ['"a"']])->at(Where::cells([Range::of($number + 1, 1,
            $number + 1, 1)])), range(0, EntryChecks::MOST - 1));
        $full = (new EntryChecks($many))->with($many[3]);
        self::assertCount(EntryChecks::MOST, $full->all());
        $this->expectException(EntryIsWrong::class);
        $full->with(self::check(['id' => 'new', 'of' => ['"a"']]));
    }
}
