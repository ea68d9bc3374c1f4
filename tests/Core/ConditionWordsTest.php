<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Is;
use Rilvet\Condition\Press;
use Rilvet\Condition\Sentence;
use Rilvet\Condition\Told;
use Rilvet\Condition\Trouble;
use Rilvet\Condition\Written;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Number\NumberFormat;
use Rilvet\Reading\ColumnKind;
use Rilvet\Refusal;

/** Conditional looks as people write, read and make them, and what is wrong with them. */
final class ConditionWordsTest extends ConditionCase
{
    /** Every condition comes back from its JSON; what is wrong in one is named with its place. */
    public static function wrong(): iterable
    {
        $good = ['id' => 'n1', 'test' => ['is' => 'below', 'of' => ['3']], 'where' => ['cells' => 'A1:A9'], 'look' => ['bold' => true]];
        yield 'no id' => [['id' => ''] + $good, '"id"'];
        yield 'no test' => [['test' => null] + $good, '"test"'];
        yield 'an unknown test' => [['test' => ['is' => 'heavier']] + $good, '"is"'];
        yield 'a value too few' => [['test' => ['is' => 'between', 'of' => ['1']]] + $good, '2 values'];
        yield 'no value' => [['test' => ['is' => 'oneOf', 'of' => []]] + $good, 'at least one value'];
        yield 'a blank value' => [['test' => ['is' => 'below', 'of' => ['']]] + $good, '8,192'];
        yield 'a value too long' => [['test' => ['is' => 'below', 'of' => [str_repeat('1', 8_193)]]] + $good, '8,192'];
        yield 'too many values' => [['test' => ['is' => 'oneOf', 'of' => array_fill(0, 201, '1')]] + $good, 'at most 200'];
        yield 'none of the greatest' => [['test' => ['is' => 'greatest', 'count' => 0]] + $good, '"count"'];
        yield 'more than all percent' => [['test' => ['is' => 'least', 'count' => 101, 'percent' => true]] + $good, '"count"'];
        yield 'no stretch of days' => [['test' => ['is' => 'period', 'period' => 'nextYear']] + $good, '"period"'];
        yield 'nowhere' => [['where' => []] + $good, '"where"'];
        yield 'cells that are none' => [['where' => ['cells' => 'A0']] + $good, 'A0'];
        yield 'a part that is none' => [['where' => ['part' => 'middle']] + $good, '"where"'];
        yield 'a kind that is none' => [['where' => ['part' => 'body', 'kind' => 'sum']] + $good, '"where.kind"'];
        yield 'a bar while something is true' => [['bar' => ['colour' => '#112233']] + $good, 'worn always'];
        yield 'always, and nothing' => [['test' => ['is' => 'always']] + $good, 'worn always'];
        $always = ['test' => ['is' => 'always'], 'look' => []] + $good;
        yield 'a scale of one point' => [['scale' => [['colour' => '#112233', 'point' => ['at' => 'least']]]] + $always, '"scale"'];
        yield 'a bar without a colour' => [['bar' => []] + $always, '"bar.colour"'];
        yield 'a bar that is too long' => [['bar' => ['colour' => '#112233', 'longest' => 120]] + $always, '"bar.longest"'];
        yield 'an axis that is none' => [['bar' => ['colour' => '#112233', 'axis' => 'left']] + $always, '"bar.axis"'];
        yield 'a point beyond all' => [['bar' => ['colour' => '#112233', 'to' => ['at' => 'percent', 'value' => '120']]] + $always,
            '"bar.to"'];
        yield 'a set that is none' => [['marks' => ['set' => '9Moons']] + $always, '"marks.set"'];
        yield 'a point too few' => [['marks' => ['set' => '3Arrows', 'points' => [['at' => 'least']]]] + $always, '"marks.points"'];
        yield 'a mark that is none' => [['marks' => ['set' => '3Arrows', 'own' => [null, ['3Arrows', 7], null]]] + $always, '"marks.own"'];
    }

    /** @param  array<string, mixed>  $data */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_named(array $data, string $place): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($place);
        Condition::of($data);
    }

    public function test_values_are_read_as_people_write_them_and_shown_so(): void
    {
        $read = fn (string $text, ?ColumnKind $kind = null, Is $is = Is::Below) => Written::formula($text, $is, $kind);
        foreach ([
            ['1,234.50', null, '1234.5', '1234.5'], ['12%', ColumnKind::Percent, '0.12', '12%'], ['late', null, '"late"', 'late'],
            ['007', ColumnKind::Code, '"007"', '007'], ['today', ColumnKind::Date, 'TODAY()', 'today'],
            ['today + 30', ColumnKind::Date, 'TODAY()+30', 'today + 30'], ['2026-11-27', ColumnKind::Date, '46353', '2026-11-27'],
            ['=B2*2', null, 'B2*2', '=B2*2'], ['true', null, 'TRUE', 'TRUE'], ['say "so"', null, '"say ""so"""', 'say "so"'], ['-3',
                null, '-3', '-3'],
        ] as [$text, $kind, $formula, $shown]) {
            self::assertSame($formula, $read($text, $kind));
            self::assertSame($shown, Written::shown($formula, $kind));
        }
        self::assertSame('"12"', $read('12', null, Is::Holds));
        self::assertSame('A1>2', $read('A1>2', null, Is::Formula));
        self::assertSame('44891', Written::formula('2026-11-27', Is::Below, ColumnKind::Date, true), 'days from 1904 (18.17.4.1)');
        self::assertSame('2026-11-27', Written::shown('44891', ColumnKind::Date, true));
    }

    public function test_it_is_said_in_a_sentence(): void
    {
        $reading = self::sheet()->reading;
        $say = fn (array $test, array $where, array $more = []) => Sentence::of(Condition::of(['id' => 'n', 'test' => $test,
            'where' => $where] + $more
            + ['look' => ['bold' => true]]), $reading);
        self::assertSame('Worth is below 0', $say(['is' => 'below', 'of' => ['0']], ['column' => 'C1']));
        self::assertSame('Worth is below 0', $say(['is' => 'below', 'of' => ['0']], ['cells' => 'C2:C4']));
        self::assertSame('A1:C4 is between 1 and 2', $say(['is' => 'between', 'of' => ['1', '2']], ['cells' => 'A1:C4']));
        self::assertSame('Amounts is above the mean by 2 deviations', $say(['is' => 'aboveMean', 'deviations' => 2], ['part' => 'body',
            'kind' => 'amount']));
        self::assertSame('Due falls last month', $say(['is' => 'period', 'period' => 'lastMonth'], ['part' => 'body', 'heading' => 'Due']));
        self::assertSame('Tree is one of late, paid', $say(['is' => 'oneOf', 'of' => ['"late"', '"paid"']], ['part' => 'body',
            'heading' => 'Tree']));
        self::assertSame('Count is among the greatest 10%', $say(['is' => 'greatest', 'count' => 10, 'percent' => true],
            ['cells' => 'B2:B4']));
        self::assertSame('Count as a bar', $say(['is' => 'always'], ['cells' => 'B2:B4'], ['bar' => ['colour' => '#112233'],
            'look' => []]));
        self::assertSame('Total is not blank', $say(['is' => 'filled'], ['part' => 'total']));
        foreach (Is::cases() as $is) {
            self::assertNotSame('', $is->words());
            self::assertContains(Is::Formula, Is::offered(ColumnKind::Text));
        }
        self::assertSame(Is::Period, Is::offered(ColumnKind::Date)[0]);
        self::assertNotContains(Is::Greatest, Is::offered(ColumnKind::Category));
    }

    /** WCAG 2.2, 1.4.1: what differs by its hue alone is pointed out. */
    public function test_it_is_known_by_what_a_look_is_told_apart(): void
    {
        $by = fn (array $look, array $plain = []) => Told::by(Condition::of(['id' => 'n', 'test' => ['is' => 'blank'],
            'where' => ['cells' => 'A1'],
            'look' => $look]), Look::of($plain));
        self::assertNull($by(['ink' => '#9B2335'], ['ink' => '#2A2230']));
        self::assertNull($by(['fill' => '#FFE08A']), 'a light fill is not told from white');
        self::assertSame('by weight', $by(['ink' => '#9B2335', 'bold' => true]));
        self::assertNull($by(['ink' => '#9B2335', 'bold' => true], ['bold' => true]), 'all of it is bold');
        self::assertSame('by light and dark', $by(['fill' => '#2A2230', 'ink' => '#FFFFFF']));
        self::assertSame('by a line through it', $by(['strike' => true]));
        self::assertSame('by its edges', $by(['bottom' => 'thin #000000']));
        self::assertSame('by how its number is written', $by(['number' => '"▲ "0']));
    }

    public function test_a_press_makes_a_look_that_fits_the_cells(): void
    {
        $plain = Look::of(['ink' => '#2A2230', 'fill' => '#F2F0EC', 'number' => '#,##0.00']);
        $reversed = Press::look('reversed', $plain);
        self::assertSame(['#F2F0EC', '#2A2230'], [$reversed->text(Attribute::Ink), $reversed->text(Attribute::Fill)],
            'ink and fill change places');
        $quiet = Press::look('quieter', $plain)->text(Attribute::Ink);
        $contrast = \Rilvet\Colour\Colour::hex('#F2F0EC')->contrast(\Rilvet\Colour\Colour::hex($quiet));
        self::assertGreaterThan(4.5, $contrast);
        self::assertLessThan(6.0, $contrast, 'as quiet as can still be read');
        self::assertTrue(Press::look('stronger', $plain)->is(Attribute::Bold));
        $shows = fn (string $code, int|float|string $value) => NumberFormat::of(Press::marked($code))->show(Cell::of($value))->text;
        self::assertSame(['▲ 3.00', '▲ -3.00', '▲ x'], [$shows('#,##0.00', 3), $shows('#,##0.00', -3), $shows('#,##0.00', 'x')]);
        self::assertSame(['▲ 3', '▲ -3.5', '▲ late'], [$shows('', 3), $shows('', -3.5), $shows('', 'late')]);
        self::assertSame(['▲ 3', '▲ (3)', '▲ none'], [$shows('0;(0);"none"', 3), $shows('0;(0);"none"', -3), $shows('0;(0);"none"', 0)]);
        self::assertCount(3, Press::tints($plain));
    }

    public function test_what_nobody_can_see_is_named(): void
    {
        $conditions = [
            self::condition(['is' => 'above', 'of' => ['#REF!']], 'A1:A9', [], 'lost'),
            self::condition(['is' => 'above', 'of' => ['1']], 'A1:A9', [], 'good'),
            self::condition(['is' => 'above', 'of' => ['1']], 'A2:A5', [], 'covered'),
            self::condition(['is' => 'above', 'of' => ['2']], 'A2:A5', ['look' => []], 'mute'),
            self::condition(['is' => 'above', 'of' => ['2']], 'Z900:Z999', [], 'beyond'),
            Condition::of(['id' => 'nowhere', 'test' => ['is' => 'blank'], 'where' => ['part' => 'subtotal'], 'look' => ['bold' => true]]),
            self::condition(['is' => 'formula', 'of' => ['LET(x,1,x)']], 'A1:A9', [], 'unread'),
            self::condition(['is' => 'above', 'of' => ['2']], 'A1', ['off' => true], 'off'),
        ];
        $judges = self::judges($conditions, [[5], [6]]);
        $cells = new MemorySheet('S', [[Cell::of(5)], [Cell::of(6)]]);
        self::assertSame(['lost' => 'lost', 'covered' => 'covered', 'mute' => 'mute', 'beyond' => 'beyond', 'nowhere' => 'nowhere',
            'unread' => 'unread'],
            array_map(fn (Trouble $trouble) => $trouble->value, Trouble::all($conditions, $judges->all(), $cells)));
        self::assertFalse(Trouble::Unread->isIdle(), 'what is not evaluated here may be seen elsewhere');
        self::assertNotSame('', implode('', array_map(fn (Trouble $trouble) => $trouble->words(), Trouble::cases())));
    }
}
