<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Grid\MemorySheet;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Comparison;
use Rilvet\Stylebook\Difference;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Measure;
use Rilvet\Stylebook\Merge;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Stylebook\StylebookReference;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Two changes beside each other come together rule by rule, and nothing of either is lost. */
final class MergeTest extends TestCase
{
    public function test_changes_of_other_rules_come_together(): void
    {
        $base = self::book();
        $theirs = Edit::put($base, ['parts', 'heading', 'fill'], '#224466');
        $mine = Edit::put(Edit::put($base, ['kinds', 'date', 'number'], 'yyyy-mm-dd'), ['looks', 'Late. Very'], ['ink' => '#AA0000']);
        $merge = Merge::of($base, $theirs, $mine, true);
        self::assertSame([], $merge->both);
        $says = $merge->merged->toArray();
        self::assertSame('#224466', $says['parts']['heading']['fill']);
        self::assertSame('yyyy-mm-dd', $says['kinds']['date']['number']);
        self::assertSame(['ink' => '#AA0000'], $says['looks']['Late. Very'], 'a name with a dot is one name');
        self::assertSame(['Column headings, fill'], array_map(fn (Difference $one) => $one->words, $merge->theirs));
    }

    public function test_where_both_changed_one_rule_the_choice_decides_and_both_are_named(): void
    {
        $base = self::book();
        $theirs = Edit::put($base, ['stripes', 'every'], 2);
        $mine = Edit::put($base, ['stripes', 'every'], 3);
        foreach ([[true, 3], [false, 2]] as [$winning, $every]) {
            $merge = Merge::of($base, $theirs, $mine, $winning);
            self::assertSame($every, $merge->merged->toArray()['stripes']['every']);
            self::assertCount(1, $merge->both);
            self::assertSame([2, 3], [$merge->both[0]->before, $merge->both[0]->after]);
        }
        self::assertSame([], Merge::of($base, $theirs, $theirs, true)->both, 'the same on both sides is no conflict');
    }

    public function test_rules_taken_out_stay_out_unless_the_other_says_them_anew(): void
    {
        $base = self::book();
        $mine = Edit::put($base, ['parts', 'note', 'italic'], null);
        $theirs = Edit::put($base, ['parts', 'title', 'size'], 20);
        $merged = Merge::of($base, $theirs, $mine, true)->merged->toArray();
        self::assertArrayNotHasKey('italic', $merged['parts']['note']);
        self::assertSame(20, $merged['parts']['title']['size']);
    }

    public function test_a_colour_that_one_took_out_and_the_other_began_to_use_is_said(): void
    {
        $base = Edit::put(self::book(), ['palette', 'moss'], '#446644');
        $theirs = Edit::put($base, ['palette', 'moss'], null);
        $mine = Edit::put($base, ['parts', 'heading', 'fill'], '@moss');
        $this->expectException(StylebookIsWrong::class);
        $this->expectExceptionMessage('no colour is named "moss"');
        Merge::of($base, $theirs, $mine, true);
    }

    /** Law: a merge with a side that changed nothing is the other side; the order of two sides without conflict says nothing. */
    public function test_laws_of_merging(): void
    {
        $base = self::book();
        $changes = [
            ['parts', 'heading', 'fill'], ['parts', 'title', 'ink'], ['palette', 'mist'], ['ground', 'ink'], ['palette', 'new one'],
        ];
        mt_srand(16);
        for ($try = 0; $try < 60; $try++) {
            $one = $base;
            $other = $base;
            foreach ($changes as $path) {
                $colour = sprintf('#%06X', mt_rand(0, 0xFFFFFF));
                mt_rand(0, 1) === 0 ? $one = Edit::put($one, $path, $colour) : $other = Edit::put($other, $path, $colour);
            }
            self::assertSame([], Comparison::of($one, Merge::of($base, $one, $base, true)->merged));
            self::assertSame([], Comparison::of($one, Merge::of($base, $base, $one, false)->merged));
            $merged = Merge::of($base, $one, $other, true)->merged;
            self::assertSame([], Comparison::of($merged, Merge::of($base, $other, $one, true)->merged));
        }
    }

    public function test_what_sizes_depend_on_is_known_by_a_key(): void
    {
        $book = self::book();
        $key = Measure::of($book);
        foreach (
            [
                [['parts', 'heading', 'fill'], '#224466'], [['palette', 'mist'], '#EEEEEE'], [['parts', 'note', 'ink'], '#333333'],
                [['name'], 'Another'], [['stripes', 'every'], 3], [['parts', 'total', 'top'], 'thick #000000'],
                [['kinds', 'date', 'horizontal'], 'left'],
            ] as [$path, $value]
        ) {
            self::assertSame($key, Measure::of(Edit::put($book, $path, $value)), implode('.', $path));
        }
        foreach (
            [
                [['parts', 'heading', 'size'], 14], [['ground', 'font'], 'Liberation Sans'], [['kinds', 'amount', 'least'], 3],
                [['fit', 'air'], 20], [['opens', 'zoom'], 120], [['kinds', 'date', 'number'], 'yyyy'], [['parts', 'title',
                    'horizontal'], 'span'],
                [['looks', 'Great'], ['size' => 20]],
            ] as [$path, $value]
        ) {
            self::assertNotSame($key, Measure::of(Edit::put($book, $path, $value)), implode('.', $path));
        }
        $turned = $book->toArray();
        $turned['parts'] = array_reverse($turned['parts'], true);
        self::assertSame($key, Measure::of(Stylebook::of($turned)), 'the order of rules says nothing');
    }

    public function test_a_revision_leaves_alone_who_holds_a_version_or_wears_another(): void
    {
        $cells = MemorySheet::of('S', [['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4]]);
        $reading = Finder::read(SheetFacts::of($cells));
        $sheet = fn (Stylebook $wears, ?int $held) => (new Worksheet($cells, 'S', $reading))
            ->wearing($wears, false, new StylebookReference(1, $held));
        $workbook = new Workbook('W', [
            1 => $sheet(self::book(), null), 2 => $sheet(self::book(), 1), 3 => $sheet(Builtin::named('Plain rule'), null),
        ], new LookBook);
        $changed = Edit::put(self::book(), ['parts', 'heading', 'fill'], '#224466');
        $after = (new ReviseStylebook($changed, 'x', false))->on($workbook);
        self::assertSame($changed, $after->sheet(1)->stylebook);
        self::assertSame($workbook->sheet(2), $after->sheet(2));
        self::assertSame($workbook->sheet(3), $after->sheet(3));
        $renamed = Edit::put(self::book(), ['name'], 'House ledger');
        self::assertSame($renamed, (new ReviseStylebook($renamed, 'x', false, was: 'River ledger'))->on($workbook)->sheet(1)->stylebook);
    }

    private static function book(): Stylebook
    {
        return Builtin::named('River ledger');
    }
}
