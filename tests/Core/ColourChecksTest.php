<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Colour\Colour;
use Rilvet\Colour\Dichromacy;
use Rilvet\Colour\Oklch;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\InkPair;
use Rilvet\Stylebook\InkPairs;
use Rilvet\Stylebook\Palette;
use Rilvet\Stylebook\PaletteCheck;
use Rilvet\Stylebook\PaletteFrom;
use Rilvet\Stylebook\Stylebook;

/** What a stylebook's colours do together: contrast, colour vision, near-same colours, palettes made and changed. */
final class ColourChecksTest extends TestCase
{
    /**
     * Computed with colorspacious 1.1.2 (Debian's python3-colorspacious, sRGB1+CVD, severity 100), which carries the tables of
     * Machado, Oliveira and Fernandes 2009.
     */
    public function test_what_readers_with_dichromacy_see_is_what_the_reference_library_says(): void
    {
        $colours = ['#FF0000', '#00FF00', '#0000FF', '#3F2F55', '#8A5515', '#2C6E66', '#9B2335', '#F4F0F8', '#808080', '#FFD166'];
        $seen = [
            'protanopia' => ['#6D5F00', '#FFE500', '#0059FF', '#253656', '#665A08', '#696866', '#454235', '#EFF1F8', '#808080', '#E7D05B'],
            'deuteranopia' => ['#A39000', '#EFD63A', '#003DFB', '#293654', '#726616', '#5E6067', '#645B32', '#F0F2F8', '#808080',
                '#F2DC6A'],
            'tritanopia' => ['#FF000F', '#00F7D9', '#006B96', '#3B353E', '#974949', '#00706B', '#AA002B', '#F4F1F2', '#808080', '#FFC1B9'],
        ];
        foreach ($seen as $reader => $expected) {
            $given = array_map(fn (string $hex) => Dichromacy::from($reader)->seen(Colour::hex($hex))->toHex(), $colours);
            foreach ($expected as $at => $hex) {
                [$one, $other] = [Colour::hex($hex), Colour::hex($given[$at])];
                // The library rounds otherwise by one step of a channel at most.
                $far = max(abs($one->red - $other->red), abs($one->green - $other->green), abs($one->blue - $other->blue));
                self::assertLessThanOrEqual(1, $far, "$colours[$at] for $reader: {$given[$at]}, $hex wanted");
            }
        }
        foreach (Dichromacy::cases() as $reader) {
            foreach ($reader->matrix() as $row) {
                self::assertEqualsWithDelta(1.0, array_sum($row), 2e-6, 'white stays white');
            }
        }
    }

    public function test_every_pair_that_rules_bring_together_is_there_once_the_worst_first(): void
    {
        $book = Stylebook::of([
            'name' => 'Test', 'palette' => ['pale' => '#999999', 'dark' => '#222222'],
            'ground' => ['ink' => '@dark', 'size' => 11],
            'parts' => [
                'title' => ['ink' => '@pale', 'size' => 18], 'heading' => ['ink' => '#FFFFFF',
                    'fill' => '@dark'], 'note' => ['ink' => '@pale'],
            ],
            'kinds' => ['amount' => ['ink' => '#AA0000']],
            'stripes' => ['every' => 1, 'fills' => ['none', '#DDDDDD', '#333333']],
            'looks' => ['Late' => ['fill' => '#FFCC00', 'ink' => '#FFFFFF'], 'Wide' => ['indent' => 2]],
        ]);
        $pairs = array_map(
            fn (InkPair $pair) => "{$pair->ink->toHex()} on {$pair->fill->toHex()} ".implode(',', $pair->where),
            InkPairs::of($book),
        );
        self::assertSame('#222222 on #333333 parts.row_label,parts.body,parts.total', $pairs[0]);
        self::assertContains('#FFFFFF on #222222 parts.heading', $pairs);
        // A total that is a column runs through the stripes; an ink that is made for the total's own fill goes with it.
        $total = Edit::put($book, ['parts', 'total'], ['ink' => '#777777']);
        $said = fn (Stylebook $of) => array_map(
            fn (InkPair $pair) => "{$pair->ink->toHex()} on {$pair->fill->toHex()}", InkPairs::of($of),
        );
        self::assertContains('#777777 on #DDDDDD', $said($total));
        self::assertNotContains('#777777 on #DDDDDD', $said(Edit::put($total, ['parts', 'total', 'fill'], '#111111')));
        self::assertContains('#FFFFFF on #FFCC00 looks.Late', $pairs);
        self::assertContains('#AA0000 on #FFFFFF kinds.amount', $pairs);
        self::assertContains('#999999 on #FFFFFF parts.title,parts.note', $pairs);
        self::assertCount(count(array_unique($pairs)), $pairs);
        $ratios = array_map(fn (InkPair $pair) => $pair->ratio() / $pair->wanted(), InkPairs::of($book));
        $sorted = $ratios;
        sort($sorted);
        self::assertSame($sorted, $ratios);
    }

    /** WCAG 2.2, 1.4.3: 4.5:1, and 3:1 for text of 18 pt, or of 14 pt and bold. */
    public function test_large_texts_need_less(): void
    {
        $wanted = function (array $title) {
            $book = Stylebook::of(['name' => 'T', 'ground' => ['size' => 11], 'parts' => ['title' => ['ink' => '#767676'] + $title]]);
            foreach (InkPairs::of($book) as $pair) {
                if ($pair->where === ['parts.title']) {
                    return $pair->wanted();
                }
            }

            return 0.0;
        };
        self::assertSame(4.5, $wanted(['size' => 17.5]));
        self::assertSame(3.0, $wanted(['size' => 18]));
        self::assertSame(3.0, $wanted(['size' => 14, 'bold' => true]));
        self::assertSame(4.5, $wanted(['size' => 14]));
        self::assertSame(4.5, $wanted(['size' => 13.5, 'bold' => true]));
    }

    /** Law: a mended ink reads, keeps its hue, and no ink of the same hue that reads is nearer in lightness by more than a step. */
    public function test_a_mended_ink_is_the_nearest_that_reads(): void
    {
        mt_srand(4);
        for ($try = 0; $try < 200; $try++) {
            [$ink, $fill] = [Colour::rgb(mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255)), Colour::rgb(mt_rand(0, 255), mt_rand(0,
                255), mt_rand(0, 255))];
            $pair = new InkPair($ink, $fill, ['parts.note'], false);
            $better = $pair->better();
            self::assertGreaterThanOrEqual(4.5, $better->contrast($fill), "{$ink->toHex()} on {$fill->toHex()}");
            if ($pair->passes()) {
                self::assertSame($ink->toHex(), $better->toHex());

                continue;
            }
            $moved = abs(Oklch::of($better)->l - Oklch::of($ink)->l);
            foreach ([-1, 1] as $way) {
                $base = Oklch::of($ink);
                $nearer = (new Oklch($base->l + $way * max(0, $moved - 0.02), $base->c, $base->h))->colour();
                self::assertLessThan(4.6, $nearer->contrast($fill), 'nothing much nearer reads');
            }
        }
    }

    public function test_mending_changes_the_palette_where_that_helps_and_else_the_rule(): void
    {
        $book = Stylebook::of([
            'name' => 'T', 'palette' => ['pale' => '#B0B0B0'], 'parts' => ['note' => ['ink' => '@pale'], 'units' => ['ink' => '@pale']],
        ]);
        $mended = InkPairs::mended($book, InkPairs::of($book)[0]);
        self::assertNotSame('#B0B0B0', $mended->palette->colours['pale']);
        self::assertSame('@pale', $mended->toArray()['parts']['note']['ink'], 'what is said by its name stays so');
        self::assertTrue(InkPairs::of($mended)[0]->passes());
        // The same colour reads well on a dark fill: only where it does not is it mended.
        $both = Edit::put(Edit::put($book, ['parts', 'heading'], ['ink' => '@pale', 'fill' => '#222222']), ['parts', 'units'], null);
        $mended = InkPairs::mended($both, InkPairs::of($both)[0]);
        self::assertSame([], array_filter(InkPairs::of($mended), fn (InkPair $pair) => ! $pair->passes()));
    }

    public function test_colours_that_pass_for_one_another_are_named(): void
    {
        $palette = Palette::of(['grass' => '#6A8F2A', 'rust' => '#B0712C', 'mist' => '#F4F0F8', 'fog' => '#F2EFF7', 'ink' => '#222222']);
        self::assertSame([['mist', 'fog', 0.5]], array_map(
            fn (array $near) => [$near[0], $near[1], min(0.5, $near[2])],
            PaletteCheck::near($palette),
        ));
        $alike = PaletteCheck::alike(Palette::of(['green' => '#7A8B00', 'orange' => '#B07A00']), Dichromacy::Deuteranopia);
        self::assertSame([], PaletteCheck::near(Palette::of(['green' => '#7A8B00', 'orange' => '#B07A00'])));
        self::assertSame([['green', 'orange']], $alike);
    }

    public function test_a_palette_is_made_from_one_colour_and_reads_as_well_as_before(): void
    {
        foreach (['#1F5F8B', '#2C6E66', '#8B1F3F', '#7A5C00', '#555555'] as $hex) {
            $new = PaletteFrom::of(Palette::of([]), Colour::hex($hex));
            self::assertSame(['ink', 'deep', 'band', 'mist', 'shore', 'stone'], array_keys($new));
            self::assertGreaterThan(4.5, Colour::hex($new['stone'])->contrast(Colour::hex('#FFFFFF')));
            foreach (Builtin::all() as $book) {
                $turned = Edit::put($book, ['palette'], PaletteFrom::of($book->palette, Colour::hex($hex)));
                self::assertSame(array_keys($book->palette->colours), array_keys($turned->palette->colours));
                $worst = InkPairs::of($turned)[0];
                self::assertTrue($worst->passes(), "$book->name in $hex: {$worst->ink->toHex()} on {$worst->fill->toHex()}");
            }
        }
    }

    /** Hues turn together: the strongest dark colour takes the hue that is given, others keep their distance from it; greys stay grey. */
    public function test_hues_turn_together_and_lightness_stays(): void
    {
        $palette = Palette::of(['lead' => '#7A1F2B', 'accent' => '#1F6F7A', 'pale' => '#F3E3E5', 'grey' => '#777777', 'ink' => '#111111']);
        $new = PaletteFrom::of($palette, Colour::hex('#1F3F8B'));
        [$was, $is] = [fn (string $name) => Oklch::of(Colour::hex($palette->colours[$name])),
            fn (string $name) => Oklch::of(Colour::hex($new[$name]))];
        $turn = fn (float $from, float $to) => fmod($to - $from + 720, 360);
        self::assertEqualsWithDelta(Oklch::of(Colour::hex('#1F3F8B'))->h, $is('lead')->h, 3);
        self::assertEqualsWithDelta($turn($was('lead')->h, $was('accent')->h), $turn($is('lead')->h, $is('accent')->h), 6);
        foreach (['lead', 'accent', 'pale', 'grey', 'ink'] as $name) {
            self::assertEqualsWithDelta($was($name)->l, $is($name)->l, 0.02, $name);
        }
        self::assertSame('#777777', $new['grey']);
        self::assertSame(['a' => '#888888'], PaletteFrom::of(Palette::of(['a' => '#888888']), Colour::hex('#AA0000')),
            'a palette of greys has no hue');
        // Stronger, but light, leads no palette.
        $light = PaletteFrom::of(Palette::of(['bright' => '#FFE000', 'dark' => '#203A5C']), Colour::hex('#8B1F3F'));
        self::assertEqualsWithDelta(Oklch::of(Colour::hex('#8B1F3F'))->h, Oklch::of(Colour::hex($light['dark']))->h, 3);
    }

    public function test_colours_are_renamed_replaced_and_ordered_wherever_they_are_said(): void
    {
        $book = Builtin::named('River ledger');
        $uses = Edit::countUses($book, 'band');
        self::assertGreaterThan(2, $uses);
        $renamed = Edit::renameColour($book, 'band', 'Deep water');
        self::assertSame($uses, Edit::countUses($renamed, 'Deep water'));
        self::assertSame(0, Edit::countUses($renamed, 'band'));
        self::assertSame('thin @Deep water', $renamed->toArray()['parts']['heading']['top']);
        self::assertSame($book->part(Part::Heading)->key(), $renamed->part(Part::Heading)->key());
        $replaced = Edit::replaceColour($book, 'band', 'deep');
        self::assertArrayNotHasKey('band', $replaced->palette->colours);
        self::assertSame($uses + Edit::countUses($book, 'deep'), Edit::countUses($replaced, 'deep'));
        $names = array_reverse(array_keys($book->palette->colours));
        self::assertSame($names, array_keys(Edit::orderColours($book, $names)->palette->colours));
        foreach (
            [
                fn () => Edit::renameColour($book, 'none such', 'x'), fn () => Edit::renameColour($book, 'band', 'deep'),
                fn () => Edit::replaceColour($book, 'band', 'band'), fn () => Edit::replaceColour($book, 'band', 'none such'),
                fn () => Edit::orderColours($book, ['band']), fn () => Edit::renameColour($book, 'band', '9 lives'),
            ] as $at => $wrong
        ) {
            try {
                $wrong();
                self::fail("nothing was refused: $at");
            } catch (StylebookIsWrong $refusal) {
                self::assertStringContainsString('palette', $refusal->getMessage());
            }
        }
    }

    public function test_sizes_go_along_with_their_base(): void
    {
        $scaled = Edit::scale(Builtin::named('River ledger'), 16.5)->toArray();
        self::assertEqualsWithDelta([16.5, 27, 15, 15], [
            $scaled['ground']['size'], $scaled['parts']['title']['size'], $scaled['parts']['units']['size'],
            $scaled['parts']['note']['size'],
        ], 0.001);
        self::assertSame(96.0, Edit::scale(Builtin::named('River ledger'), 96)->toArray()['parts']['title']['size'],
            'within what a size can be');
    }

    public function test_colours_of_the_palette_are_said_by_their_names(): void
    {
        $palette = Palette::of(['one' => '#112233', 'two' => '#445566', 'same' => '#445566']);
        self::assertSame('@one', Edit::named($palette, 'fill', '#112233'));
        self::assertSame('thin @one', Edit::named($palette, 'bottom', 'thin #112233'));
        self::assertSame('#445566', Edit::named($palette, 'ink', '#445566'), 'two names: neither is meant');
        self::assertSame('#112233', Edit::named($palette, 'number', '#112233'));
    }
}
