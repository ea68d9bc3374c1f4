<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Colour\Colour;
use Rilvet\Colour\Oklch;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Stylebook\ColourFamily;

/** From one colour: dark for headings, light for data, stronger for totals; all of them readable (WCAG 2.2, 1.4.3). */
final class ColourFamilyTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function colours(): iterable
    {
        foreach (['#1F5F8B', '#A8691C', '#9B2335', '#00FF00', '#FFFF00', '#777777', '#000000', '#FFFFFF', '#5C2B57'] as $hex) {
            yield $hex => [$hex];
        }
    }

    #[DataProvider('colours')]
    public function test_lightness_falls_from_data_to_totals_to_headings_and_every_ink_reads(string $hex): void
    {
        $looks = ColourFamily::of(Colour::hex($hex))->looks();
        self::assertSame(['heading', 'body', 'subtotal', 'total'], array_keys($looks));
        $fills = array_map(fn (Look $look) => Colour::hex($look->text(Attribute::Fill)), $looks);
        $light = array_map(fn (Colour $fill) => Oklch::of($fill)->l, $fills);
        self::assertGreaterThan($light['subtotal'], $light['body']);
        self::assertGreaterThan($light['total'], $light['subtotal']);
        self::assertGreaterThan($light['heading'], $light['total']);
        foreach ($looks as $part => $look) {
            self::assertGreaterThanOrEqual(4.5, $fills[$part]->contrast(Colour::hex($look->text(Attribute::Ink))), $part);
        }
    }

    #[DataProvider('colours')]
    public function test_the_hue_stays(string $hex): void
    {
        $base = Oklch::of(Colour::hex($hex));
        if ($base->c < 0.02) {
            $this->expectNotToPerformAssertions();

            return;
        }
        foreach (ColourFamily::of(Colour::hex($hex))->looks() as $part => $look) {
            $hue = Oklch::of(Colour::hex($look->text(Attribute::Fill)))->h;
            $away = abs($hue - $base->h);
            // Eight bits a channel leave little hue in the lightest fills.
            self::assertLessThan(8, min($away, 360 - $away), "$hex $part");
        }
    }
}
