<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Comparison;
use Rilvet\Stylebook\Difference;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stylebook;

/** Changes of a stylebook as it is written, on all ready ones: what is renamed or put in order changes no look. */
final class EditColoursTest extends TestCase
{
    /** @return iterable<string, array{Stylebook}> */
    public static function stylebooks(): iterable
    {
        foreach (Builtin::all() as $stylebook) {
            yield $stylebook->name => [$stylebook];
        }
    }

    /** @return array<string, string> every look that it says, resolved */
    private static function looks(Stylebook $stylebook): array
    {
        $looks = ['ground' => $stylebook->ground->key(), 'stripes' => json_encode($stylebook->stripes, JSON_THROW_ON_ERROR)];
        foreach (Part::cases() as $part) {
            $looks[$part->value] = ($part->isOfCells() ? $stylebook->cell($part) : $stylebook->part($part))->key();
        }
        foreach (ColumnKind::cases() as $kind) {
            $looks["kind $kind->value"] = $stylebook->kind($kind)->place->key();
        }

        return $looks;
    }

    #[DataProvider('stylebooks')]
    public function test_it_is_the_same_when_it_is_written_and_read(Stylebook $stylebook): void
    {
        $read = Stylebook::fromJson($stylebook->toJson());
        self::assertSame([], Comparison::of($stylebook, $read));
        self::assertSame(self::looks($stylebook), self::looks($read));
        self::assertSame($stylebook->toJson(), $read->toJson());
    }

    #[DataProvider('stylebooks')]
    public function test_a_colour_under_another_name_changes_no_look(Stylebook $stylebook): void
    {
        foreach (array_keys($stylebook->palette->colours) as $name) {
            $uses = Edit::countUses($stylebook, (string) $name);
            $renamed = Edit::renameColour($stylebook, (string) $name, 'quite new');
            self::assertSame(self::looks($stylebook), self::looks($renamed), (string) $name);
            // An ink that is chosen by itself is the palette's own where that reads well; it is said outright from now on.
            self::assertGreaterThanOrEqual($uses, Edit::countUses($renamed, 'quite new'));
            $name === 'ink' || self::assertSame($uses, Edit::countUses($renamed, 'quite new'));
            self::assertSame(0, Edit::countUses($renamed, (string) $name));
            self::assertSame(array_values($stylebook->palette->colours), array_values($renamed->palette->colours), 'the order stays');
            // Back under its old name it is what it was.
            $back = Edit::renameColour($renamed, 'quite new', (string) $name);
            self::assertSame(self::looks($stylebook), self::looks($back));
            $name === 'ink' || self::assertSame([], Comparison::of($stylebook, $back));
        }
    }

    #[DataProvider('stylebooks')]
    public function test_a_colour_that_is_replaced_is_said_by_the_other_one(Stylebook $stylebook): void
    {
        [$gone, $by] = array_map(strval(...), array_slice(array_keys($stylebook->palette->colours), 0, 2));
        $uses = Edit::countUses($stylebook, $gone) + Edit::countUses($stylebook, $by);
        $replaced = Edit::replaceColour($stylebook, $gone, $by);
        self::assertArrayNotHasKey($gone, $replaced->palette->colours);
        self::assertGreaterThanOrEqual($uses, Edit::countUses($replaced, $by));
        self::assertSame(0, Edit::countUses($replaced, $gone));
        $hex = $stylebook->palette->colours;
        $wanted = array_map(fn (string $look) => str_ireplace($hex[$gone], $hex[$by], $look), self::looks($stylebook));
        // A colour may stand there by its code as well, which is left; nothing else changes.
        foreach (self::looks($replaced) as $where => $look) {
            self::assertSame(strtoupper($wanted[$where]), strtoupper(str_ireplace($hex[$gone], $hex[$by], $look)), $where);
        }
    }

    #[DataProvider('stylebooks')]
    public function test_a_palette_in_another_order_changes_no_look(Stylebook $stylebook): void
    {
        $names = array_map(strval(...), array_reverse(array_keys($stylebook->palette->colours)));
        $ordered = Edit::orderColours($stylebook, $names);
        self::assertSame($names, array_map(strval(...), array_keys($ordered->palette->colours)));
        self::assertSame(self::looks($stylebook), self::looks($ordered));
        foreach ([array_slice($names, 1), [...$names, 'none of them'], [$names[0], ...array_slice($names, 0, -1)]] as $wrong) {
            try {
                Edit::orderColours($stylebook, $wrong);
                self::fail('an order of other colours was taken');
            } catch (Refusal $refusal) {
                self::assertStringContainsString('palette', $refusal->getMessage());
            }
        }
    }

    public function test_a_colour_that_is_none_and_a_name_that_is_taken_are_refused(): void
    {
        $stylebook = Builtin::named('River ledger');
        [$one, $other] = array_map(strval(...), array_slice(array_keys($stylebook->palette->colours), 0, 2));
        $tries = [
            [fn () => Edit::renameColour($stylebook, 'nowhere', 'new'), 'there is no such colour'],
            [fn () => Edit::renameColour($stylebook, $one, $other), 'a colour has this name already'],
            [fn () => Edit::replaceColour($stylebook, $one, 'nowhere'), 'no such colour to take its place'],
            [fn () => Edit::replaceColour($stylebook, $one, $one), 'no such colour to take its place'],
        ];
        foreach ($tries as [$try, $message]) {
            try {
                $try();
                self::fail("not refused: $message");
            } catch (Refusal $refusal) {
                self::assertStringContainsString($message, $refusal->getMessage());
            }
        }
        self::assertSame(self::looks($stylebook), self::looks(Edit::renameColour($stylebook, $one, $one)));
    }

    public function test_sizes_go_along_with_the_ground_to_half_points(): void
    {
        $stylebook = Stylebook::of(['name' => 'Sizes', 'ground' => ['size' => 10], 'parts' => ['title' => ['size' => 15],
            'note' => ['size' => 8.5], 'heading' => ['bold' => true]], 'looks' => ['tiny' => ['size' => 4], 'huge' => ['size' => 90]]]);
        $size = fn (Look $look) => $look->number(Attribute::Size);
        $sizes = function (float $to) use ($stylebook, $size) {
            $scaled = Edit::scale($stylebook, $to);

            return [$size($scaled->ground), $size($scaled->part(Part::Title)), $size($scaled->part(Part::Note)),
                $size($scaled->named('tiny') ?? Look::none()), $size($scaled->named('huge') ?? Look::none()),
                $size($scaled->part(Part::Heading))];
        };
        self::assertSame([12.0, 18.0, 10.0, 5.0, 96.0, 0.0], $sizes(12));
        self::assertSame([9.0, 13.5, 7.5, 4.0, 81.0, 0.0], $sizes(9));
        self::assertSame([10.0, 15.0, 8.5, 4.0, 90.0, 0.0], $sizes(10));
    }

    public function test_what_is_put_in_and_taken_out_is_told_as_one_difference_each(): void
    {
        $stylebook = Builtin::named('River ledger');
        $said = fn (Stylebook $after) => array_map(fn (Difference $one) => [$one->where, $one->said()], Comparison::of($stylebook, $after));
        self::assertSame([['parts.note.strike', 'Notes, strike: yes, said nothing']],
            $said(Edit::put($stylebook, ['parts', 'note', 'strike'], true)));
        $before = $stylebook->toArray()['name'];
        self::assertSame([['name', "Name: Ledger, was $before"]], $said(Edit::put($stylebook, ['name'], 'Ledger')));
        $struck = Edit::put($stylebook, ['parts', 'note', 'strike'], true);
        self::assertSame([], $said(Edit::put($struck, ['parts', 'note', 'strike'], null)));
        self::assertSame(['Notes, strike: says nothing, was yes'],
            array_map(fn (Difference $one) => $one->said(), Comparison::of($struck, $stylebook)));
    }
}
