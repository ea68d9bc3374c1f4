<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Colour\Colour;
use Rilvet\Colour\Difference;
use Rilvet\Colour\Lab;
use Rilvet\Colour\Oklch;

final class ColourTest extends TestCase
{
    /**
     * Sharma, Wu, Dalal (2005), table 1: CIEDE2000 total color difference test data.
     *
     * @return iterable<array{float, float, float, float, float, float, float}>
     */
    public static function pairs(): iterable
    {
        yield [50.0, 2.6772, -79.7751, 50.0, 0.0, -82.7485, 2.0425];
        yield [50.0, 3.1571, -77.2803, 50.0, 0.0, -82.7485, 2.8615];
        yield [50.0, 2.8361, -74.0200, 50.0, 0.0, -82.7485, 3.4412];
        yield [50.0, -1.3802, -84.2814, 50.0, 0.0, -82.7485, 1.0];
        yield [50.0, -1.1848, -84.8006, 50.0, 0.0, -82.7485, 1.0];
        yield [50.0, -0.9009, -85.5211, 50.0, 0.0, -82.7485, 1.0];
        yield [50.0, 0.0, 0.0, 50.0, -1.0, 2.0, 2.3669];
        yield [50.0, -1.0, 2.0, 50.0, 0.0, 0.0, 2.3669];
        yield [50.0, 2.4900, -0.0010, 50.0, -2.4900, 0.0009, 7.1792];
        yield [50.0, 2.4900, -0.0010, 50.0, -2.4900, 0.0010, 7.1792];
        yield [50.0, 2.4900, -0.0010, 50.0, -2.4900, 0.0011, 7.2195];
        yield [50.0, 2.4900, -0.0010, 50.0, -2.4900, 0.0012, 7.2195];
        yield [50.0, -0.0010, 2.4900, 50.0, 0.0009, -2.4900, 4.8045];
        yield [50.0, -0.0010, 2.4900, 50.0, 0.0010, -2.4900, 4.8045];
        yield [50.0, -0.0010, 2.4900, 50.0, 0.0011, -2.4900, 4.7461];
        yield [50.0, 2.5, 0.0, 50.0, 0.0, -2.5, 4.3065];
        yield [50.0, 2.5, 0.0, 73.0, 25.0, -18.0, 27.1492];
        yield [50.0, 2.5, 0.0, 61.0, -5.0, 29.0, 22.8977];
        yield [50.0, 2.5, 0.0, 56.0, -27.0, -3.0, 31.9030];
        yield [50.0, 2.5, 0.0, 58.0, 24.0, 15.0, 19.4535];
        yield [50.0, 2.5, 0.0, 50.0, 3.1736, 0.5854, 1.0];
        yield [50.0, 2.5, 0.0, 50.0, 3.2972, 0.0, 1.0];
        yield [50.0, 2.5, 0.0, 50.0, 1.8634, 0.5757, 1.0];
        yield [50.0, 2.5, 0.0, 50.0, 3.2592, 0.3350, 1.0];
        yield [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644];
        yield [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630];
        yield [61.2901, 3.7196, -5.3901, 61.4292, 2.2480, -4.9620, 1.8731];
        yield [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645];
        yield [22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373];
        yield [36.4612, 47.8580, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146];
        yield [90.8027, -2.0831, 1.4410, 91.1528, -1.6435, 0.0447, 1.4441];
        yield [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381];
        yield [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377];
        yield [2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082];
    }

    #[DataProvider('pairs')]
    public function test_ciede2000(float $l1, float $a1, float $b1, float $l2, float $a2, float $b2, float $difference): void
    {
        self::assertEqualsWithDelta($difference, Difference::ofLab(new Lab($l1, $a1, $b1), new Lab($l2, $a2, $b2)), 5e-5);
    }

    public function test_oklch_and_lab_equal_a_reference_library(): void
    {
        mt_srand(2005);
        $colours = array_map(fn () => sprintf('#%06X', mt_rand(0, 0xFFFFFF)), range(1, 400));
        $script =
            'import { converter, formatHex } from "culori"; const lch = converter("oklch"), lab = converter("lab65"); const out = '
            .'JSON.parse(process.argv[1]).map((hex) => { const o = lch(hex), l = lab(hex); return [o.l, o.c, o.h ?? 0, l.l, l.a, l.b, '
            .'formatHex(o)]; }); console.log(JSON.stringify(out));';
        exec(
            'cd '.
                escapeshellarg(dirname(__DIR__, 2)).
                ' && node --input-type=module -e '.
                escapeshellarg($script).
                ' '.
                escapeshellarg((string) json_encode($colours)),
            $out,
            $code,
        );
        self::assertSame(0, $code);
        /** @var list<array{float, float, float, float, float, float, string}> $found */
        $found = json_decode(implode('', $out), true);
        foreach ($colours as $i => $hex) {
            $oklch = Oklch::of(Colour::hex($hex));
            self::assertEqualsWithDelta($found[$i][0], $oklch->l, 1e-5, $hex);
            self::assertEqualsWithDelta($found[$i][1], $oklch->c, 1e-5, $hex);
            $oklch->c > 1e-3 && self::assertEqualsWithDelta($found[$i][2], $oklch->h, 0.02, $hex);
            $lab = Lab::of(Colour::hex($hex));
            self::assertEqualsWithDelta($found[$i][3], $lab->l, 0.01, $hex);
            self::assertEqualsWithDelta($found[$i][4], $lab->a, 0.03, $hex);
            self::assertEqualsWithDelta($found[$i][5], $lab->b, 0.03, $hex);
            self::assertSame(strtoupper($found[$i][6]), $oklch->colour()->toHex());
        }
    }

    public function test_a_run_goes_from_light_to_dark_in_even_steps(): void
    {
        foreach (['#3F2F55', '#A8691C', '#2C6E66', '#808080'] as $hex) {
            $lights = array_map(fn (Colour $colour) => Oklch::of($colour)->l, Oklch::run(Colour::hex($hex)));
            self::assertCount(7, $lights);
            self::assertCount(4, Oklch::run(Colour::hex($hex), 4));
            self::assertEqualsWithDelta(0.95, $lights[0], 0.02, $hex);
            for ($i = 1; $i < count($lights); $i++) {
                self::assertEqualsWithDelta(0.7 / 6, $lights[$i - 1] - $lights[$i], 0.02, $hex);
            }
        }
    }
}
