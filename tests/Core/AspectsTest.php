<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Feature\Features;
use Rilvet\Formula\Unsettled;
use Rilvet\Grid\Aspect;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Password;
use Rilvet\Guard\Protection;
use Rilvet\Guard\Role;
use Rilvet\Guard\SaidCells;
use Rilvet\Guard\SheetRole;
use Rilvet\Look\Look;
use Rilvet\Look\LookMap;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Stylebook\Stripes;
use Rilvet\Summary\Field;
use Rilvet\Summary\Figure;
use Rilvet\Summary\Grouping;
use Rilvet\Summary\Share;
use Rilvet\Summary\Summary;
use Rilvet\Summary\Value;
use Rilvet\Work\AsItCame;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspect\Filter;
use Rilvet\Work\Aspect\HandTouches;
use Rilvet\Work\Aspect\JoinedTexts;
use Rilvet\Work\Aspect\KeyBands;
use Rilvet\Work\Aspect\LaidStripe;
use Rilvet\Work\Aspect\LaidStripes;
use Rilvet\Work\Aspect\LeftFinding;
use Rilvet\Work\Aspect\LeftFindings;
use Rilvet\Work\Aspect\Moves;
use Rilvet\Work\Aspect\NamedLooks;
use Rilvet\Work\Aspect\Origin;
use Rilvet\Work\Aspect\PartRules;
use Rilvet\Work\Aspect\PivotRows;
use Rilvet\Work\Aspect\WornNames;
use Rilvet\Work\Aspects;
use Rilvet\Work\PartRule;
use Rilvet\Work\SheetDocuments;
use Rilvet\Work\Worksheet;

/** What every aspect keeps to, whatever it is of: its JSON, its default, and how it goes along. */
final class AspectsTest extends TestCase
{
    /** @return array<string, array{Aspect}> one of each, with something to say */
    public static function aspects(): array
    {
        $looks = new LookMap;
        $looks->set(Range::parse('B3:C8'), 4);
        $order = new RowOrder(1, 5, [3 => 7, 7 => 3]);

        return [
            'file' => [new FileLooks($looks)],
            'named' => [new NamedLooks($looks)],
            'wears' => [new WornNames(['Late', 'Put by'])],
            'hand' => [new HandTouches($looks)],
            'rules' => [new PartRules([new PartRule(Part::Body, ColumnKind::Amount, Look::of(['bold' => true]), 'Worth')])],
            'joins' => [new JoinedTexts(['B3:D3' => '"Trees"'])],
            'origin' => [new Origin('0123456789abcdef')],
            'moves' => [new Moves([new Shift(true, 4, 2, true), $order])],
            'results' => [new Unsettled([Range::parse('B3:B5')], [Range::parse('D4')], [Range::parse('C6')])],
            'filter' => [new Filter(Range::parse('B3:D9'))],
            'bands' => [new KeyBands(['3.2' => [4, 6, 9]])],
            'stripes' => [new LaidStripes([new LaidStripe(Range::parse('B3:D9'), new Stripes(2, [Look::none(),
                Look::of(['fill' => '#EEEEEE'])]))])],
            'conditions' => [new Conditions(array_map(Condition::of(...), [
                ['id' => 'f0', 'test' => ['is' => 'formula', 'of' => ['AND($C4>0,D$6=1)']], 'where' => ['cells' => 'B4:C9 E6'],
                    'look' => ['bold' => true], 'stops' => true, 'came' => 'f0'],
                ['id' => 'n1', 'test' => ['is' => 'greatest', 'count' => 5, 'percent' => true], 'where' => ['column' => 'C3'],
                    'look' => ['fill' => '#EEEEEE'], 'off' => true],
                ['id' => 'n2', 'test' => ['is' => 'always'], 'where' => ['part' => 'body', 'kind' => 'amount', 'heading' => 'Worth'],
                    'bar' => ['from' => ['at' => 'auto'], 'to' => ['at' => 'formula', 'value' => '$D$9'], 'colour' => '#224466']],
            ]), 2, true)],
            'entries' => [new EntryChecks(array_map(EntryCheck::of(...), [
                ['id' => 'f0', 'kind' => 'list', 'of' => ['"late,paid"'], 'where' => ['cells' => 'B4:C9'], 'prompt' => 'How it stands',
                    'came' => 'f0'],
                ['id' => 'n1', 'kind' => 'whole', 'is' => 'atLeast', 'of' => ['$D$9'], 'where' => ['column' => 'C3'], 'blank' => false,
                    'severity' => 'warning', 'title' => 'Too few', 'message' => 'At least a tray'],
            ]), 1, true)],
            'said_cells' => [new SaidCells([Part::FormulaCell], [Range::parse('B3:D9')], [Range::parse('C4')])],
            'protection' => [new Protection([Allowance::Sort], new Password('SHA-512', 'aGFzaA==', 'c2FsdA==', 1_000))],
            'role' => [new SheetRole(Role::Entry, 'To be filled in each week')],
            'left' => [new LeftFindings([new LeftFinding('mixed-formats', 'B4:B9, D5', 'two ways', 'as the customer writes it'),
                new LeftFinding('sheet-name', '', 'says nothing', 'known by it')])],
            'page' => [new PageSetup(PageRules::of(['turn' => 'turned', 'titleRows' => '1:3']), PageRules::of(['area' => 'A1:D40,F2:G9',
                'footer' => ['left' => '{sheet}'], 'top' => 12.5]), [12, 40], [3], true, true)],
            'summary' => [new Summary(3, [new Field('Customer'), new Field('Day', Grouping::Month)], new Field('Count', Grouping::Band, 50),
                [new Value('Worth', Figure::Mean), new Value(null, Figure::Count, Share::Whole)], false)],
            'pivots' => [new PivotRows([[Range::parse('B3:D9'), [new RowRun(3, 4, Part::Heading, why: 'said'),
                new RowRun(5, 8, Part::Body), new RowRun(9, 9, Part::Total)]]])],
        ];
    }

    public function test_every_aspect_is_tried_here(): void
    {
        self::assertSame(array_keys(self::aspects()), array_map(fn (string $class) => $class::name(), Features::ASPECTS));
        foreach (self::aspects() as $name => [$aspect]) {
            self::assertSame($aspect::class, Features::named($name));
        }
        self::assertNull(Features::named('setup'), 'what is no aspect has no class here');
    }

    #[DataProvider('aspects')]
    public function test_it_comes_back_from_what_is_stored(Aspect $aspect): void
    {
        $stored = json_encode($aspect->toJson(), JSON_THROW_ON_ERROR);
        $back = $aspect::fromJson(json_decode($stored, true, 16, JSON_THROW_ON_ERROR));
        self::assertNotSame('null', $stored);
        self::assertSame($stored, json_encode($back->toJson(), JSON_THROW_ON_ERROR));
    }

    #[DataProvider('aspects')]
    public function test_nothing_is_stored_for_its_default(Aspect $aspect): void
    {
        self::assertNull($aspect::fromJson(null)->toJson());
        $aspect instanceof Moves || self::assertNull($aspect::fromJson(null)->moved(new Shift(true, 1, 3, false))->toJson());
    }

    /** Rows put in and taken out again leave it as it was; but for the list of moves, which is one of moves. */
    #[DataProvider('aspects')]
    public function test_rows_put_in_and_taken_out_leave_it_as_it_was(Aspect $aspect): void
    {
        if ($aspect instanceof Moves) {
            self::assertCount(3, $aspect->moved(new Shift(true, 4, 2, false))->moves);

            return;
        }
        foreach ([true, false] as $rows) {
            foreach ([1, 2, 5, 9] as $at) {
                $there = $aspect->moved(new Shift($rows, $at, 3, true))->moved(new Shift($rows, $at, 3, false));
                self::assertEquals($aspect->toJson(), $there->toJson(), ($rows ? 'rows' : 'columns')." at $at");
            }
        }
    }

    public function test_what_stands_below_goes_down_and_what_is_taken_out_is_gone(): void
    {
        $down = new Shift(true, 2, 2, true);
        $out = new Shift(true, 3, 1, false);
        $hand = self::aspects()['hand'][0];
        assert($hand instanceof HandTouches);
        self::assertSame([[5, 10, 4]], $hand->moved($down)->looks->runs()[2]);
        self::assertSame([[3, 7, 4]], $hand->moved($out)->looks->runs()[2]);
        $joins = new JoinedTexts(['B3:D3' => '"Trees"', 'B9:D9' => '"Shrubs"']);
        self::assertSame(['B5:D5' => '"Trees"', 'B11:D11' => '"Shrubs"'], $joins->moved($down)->texts);
        self::assertSame(['B8:D8' => '"Shrubs"'], $joins->moved($out)->texts);
        $unsettled = self::aspects()['results'][0];
        assert($unsettled instanceof Unsettled);
        self::assertSame(['B5:B7', 'D6', 'C8'], array_map(strval(...), [
            ...$unsettled->moved($down)->waiting, ...$unsettled->moved($down)->kept, ...$unsettled->moved($down)->circles,
        ]));
    }

    public function test_sorted_rows_take_their_touches_along_and_a_sheet_remembers_moves_only_where_a_package_has_to_follow(): void
    {
        $looks = new LookMap;
        $looks->set(Range::parse('A3:B3'), 6);
        $order = new RowOrder(1, 2, [3 => 7, 7 => 3]);
        self::assertSame([[7, 7, 6]], (new HandTouches($looks))->moved($order)->looks->runs()[1]);
        $cells = MemorySheet::of('S', array_fill(0, 9, ['x', 1]));
        $sheet = new Worksheet($cells, 'S', Reading::none(), aspects: Aspects::of(new HandTouches($looks)));
        $shift = new Shift(true, 2, 1, true);
        self::assertSame([], $sheet->moved($shift, $cells)->moves);
        $came = AsItCame::remembered($sheet);
        self::assertSame([$shift], $came->moved($shift, $cells)->moves);
        self::assertSame([$shift, $shift], $came->moved($shift, $cells)->moved($shift, $cells)->moves);
        self::assertTrue(AsItCame::is(AsItCame::remembered($came)->touched(new LookMap)));
        self::assertFalse(AsItCame::is($came->moved($shift, $cells)));
    }

    public function test_an_act_on_one_aspect_leaves_all_other_documents_alone(): void
    {
        $sheet = new Worksheet(MemorySheet::of('S', [['a']]), 'S', Reading::none());
        $looks = new LookMap;
        $looks->set(Range::parse('A1'), 2);
        $touched = $sheet->touched($looks);
        self::assertSame(['hand'], (new SheetDocuments($sheet))->differingFrom($touched));
        self::assertSame(['name', 'found', 'setup', 'hand'], array_keys((new SheetDocuments($touched))->all()));
        self::assertSame([], (new SheetDocuments($touched))->differingFrom($touched->withAspects()));
        self::assertSame(['name', 'setup'], (new SheetDocuments($sheet))->differingFrom($sheet->arranged('T', 'hidden', null)));
    }

    public function test_the_column_that_laid_stripes_follow_goes_along_with_columns_alone(): void
    {
        $stripe = new LaidStripe(Range::parse('B3:D9'), new Stripes(2, [Look::none(), Look::of(['fill' => '#EEEEEE'])]), 3);
        $says = fn (LaidStripe $one, Shift $shift) => ($moved = $one->moved($shift)) === null ? null
            : [(string) $moved->range, $moved->key];
        self::assertSame(['B5:D11', 3], $says($stripe, new Shift(true, 1, 2, true)), 'rows come above');
        self::assertSame(['C3:E9', 4], $says($stripe, new Shift(false, 1, 1, true)), 'a column comes before');
        self::assertSame(['B3:C9', 2], $says($stripe, new Shift(false, 2, 1, false)), 'a column goes');
        self::assertNull($says($stripe, new Shift(false, 3, 1, false)), 'their own column goes');
        $free = new LaidStripe($stripe->range, $stripe->stripes);
        self::assertSame(['B3:C9', null], $says($free, new Shift(false, 3, 1, false)));
        self::assertNull($says($free, new Shift(true, 3, 7, false)), 'all their rows go');
    }
}
