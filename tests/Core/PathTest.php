<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Pdf\Path;

/** Outlines in the words of SVG 1.1 (8.3) as operators of a pdf (ISO 32000-1, 8.5.2): m, l, c and h. */
final class PathTest extends TestCase
{
    /** @return iterable<string, array{string, string}> worked by hand */
    public static function outlines(): iterable
    {
        yield 'a square' => ['M1 1h10v10h-10z', '1 1 m 11 1 l 11 11 l 1 11 l h '];
        yield 'the same, absolute' => ['M1,1 H11 V11 H1 Z', '1 1 m 11 1 l 11 11 l 1 11 l h '];
        yield 'lines that follow without a letter' => ['M0 0 4 0 4 4 0 4Z', '0 0 m 4 0 l 4 4 l 0 4 l h '];
        yield 'the same, relative' => ['m0 0 4 0 0 4 -4 0z', '0 0 m 4 0 l 4 4 l 0 4 l h '];
        yield 'figures without noughts and blanks' => ['M.5.5l-.25-1.5', '0.5 0.5 m 0.25 -1 l '];
        yield 'what is closed goes on from where it began' => ['M2 2h4v4zl1 1', '2 2 m 6 2 l 6 6 l h 3 3 l '];
        yield 'two of them' => ['M1 1h1zm2 2h1z', '1 1 m 2 1 l h 3 3 m 4 3 l h '];
        yield 'an arc that goes nowhere' => ['M1 1A5 5 0 0 1 1 1L2 2', '1 1 m 2 2 l '];
        yield 'an arc without a radius' => ['M1 1A0 0 0 0 1 3 1', '1 1 m '];
    }

    #[DataProvider('outlines')]
    public function test_lines_are_said_as_they_are(string $path, string $content): void
    {
        self::assertSame($content, Path::content($path, 0, 0, 1));
    }

    public function test_it_is_moved_and_made_larger(): void
    {
        self::assertSame('12 23 m 32 23 l 32 43 l h ', Path::content('M1 1.5h10v10z', 10, 20, 2));
    }

    /** Random outlines, fixed seed: relative commands come to the same as absolute ones. */
    public function test_relative_and_absolute_outlines_are_the_same(): void
    {
        mt_srand(151);
        for ($round = 0; $round < 200; $round++) {
            [$x, $y] = [mt_rand(-20, 20), mt_rand(-20, 20)];
            [$startX, $startY] = [$x, $y];
            $relative = "M$x $y";
            $absolute = "M$x $y";
            for ($step = mt_rand(1, 9); $step > 0; $step--) {
                [$dx, $dy] = [mt_rand(-9, 9), mt_rand(-9, 9)];
                switch (mt_rand(0, 5)) {
                    case 0:
                        $relative .= "h$dx";
                        $absolute .= 'H'.($x += $dx);
                        break;
                    case 1:
                        $relative .= "v$dy";
                        $absolute .= 'V'.($y += $dy);
                        break;
                    case 2:
                        [$large, $sweep, $radius] = [mt_rand(0, 1), mt_rand(0, 1), mt_rand(1, 30)];
                        $relative .= "a$radius $radius 0 $large $sweep $dx $dy";
                        $absolute .= "A$radius $radius 0 $large $sweep ".($x += $dx).' '.($y += $dy);
                        break;
                    case 3:
                        $relative .= 'z';
                        $absolute .= 'Z';
                        [$x, $y] = [$startX, $startY];
                        break;
                    case 4:
                        $relative .= "m$dx $dy";
                        $absolute .= 'M'.($x += $dx).' '.($y += $dy);
                        [$startX, $startY] = [$x, $y];
                        break;
                    default:
                        $relative .= "l$dx $dy";
                        $absolute .= 'L'.($x += $dx).' '.($y += $dy);
                }
            }
            self::assertSame(Path::content($absolute, 0, 0, 1), Path::content($relative, 0, 0, 1), $relative);
        }
    }

    /** @return list<array{float, float}> points along the curves of a content, eight of each */
    private static function points(string $content): array
    {
        preg_match_all('/(-?[\d.]+) (-?[\d.]+) +(m|l)|((?:-?[\d.]+ +){6})c/', $content, $found, PREG_SET_ORDER);
        [$points, $at] = [[], [0.0, 0.0]];
        foreach ($found as $one) {
            if (! isset($one[4])) {
                $at = [(float) $one[1], (float) $one[2]];

                continue;
            }
            [$ax, $ay, $bx, $by, $cx, $cy] = array_map(floatval(...), preg_split('/ +/', trim($one[4])) ?: []);
            foreach (range(1, 8) as $part) {
                $t = $part / 8;
                $mix = fn (float $p, float $q, float $r, float $s) => (1 - $t) ** 3 * $p + 3 * (1 - $t) ** 2 * $t * $q
                    + 3 * (1 - $t) * $t ** 2 * $r + $t ** 3 * $s;
                $points[] = [$mix($at[0], $ax, $bx, $cx), $mix($at[1], $ay, $by, $cy)];
            }
            $at = [$cx, $cy];
        }

        return $points;
    }

    /** Arcs are circles (SVG 1.1, F.6): all points are as far from one of the two middles that ends and radius allow. */
    public function test_arcs_are_pieces_of_circles_the_long_or_the_short_way_round(): void
    {
        mt_srand(152);
        for ($round = 0; $round < 200; $round++) {
            [$x1, $y1, $x2, $y2] = [mt_rand(-50, 50), mt_rand(-50, 50), mt_rand(51, 90), mt_rand(-50, 50)];
            $apart = hypot($x2 - $x1, $y2 - $y1);
            $radius = $apart / 2 * (1 + mt_rand(5, 300) / 100);
            [$large, $sweep] = [mt_rand(0, 1), mt_rand(0, 1)];
            $points = self::points(Path::content("M$x1 {$y1}A$radius $radius 0 $large $sweep $x2 $y2", 0, 0, 1));
            $last = end($points) ?: self::fail('no curve');
            self::assertEqualsWithDelta([$x2, $y2], $last, 0.02, 'it ends where it is to');
            // Middles lie on the line that halves the way, at either side.
            $away = sqrt($radius ** 2 - ($apart / 2) ** 2);
            $middles = array_map(fn (int $side) => [($x1 + $x2) / 2 - $side * $away * ($y2 - $y1) / $apart,
                ($y1 + $y2) / 2 + $side * $away * ($x2 - $x1) / $apart], [1, -1]);
            $off = fn (array $middle) => max(array_map(
                fn (array $point) => abs(hypot($point[0] - $middle[0], $point[1] - $middle[1]) - $radius), $points));
            [$one, $other] = array_map($off, $middles);
            self::assertLessThan($radius * 0.001 + 0.03, min($one, $other), "round $round");
            // With y downwards, an arc is long where its middle lies on its own side of the line between its ends.
            $middle = $one < $other ? 0 : 1;
            self::assertSame($large === $sweep ? 1 : 0, $middle, "round $round: large $large, sweep $sweep");
        }
    }

    public function test_a_radius_that_is_too_short_is_made_as_long_as_it_has_to_be(): void
    {
        // F.6.6: the ends are 10 apart, so that the circle has a radius of 5.
        foreach (self::points(Path::content('M0 0A1 1 0 0 1 10 0', 0, 0, 1)) as [$x, $y]) {
            self::assertEqualsWithDelta(5.0, hypot($x - 5, $y), 0.03);
        }
        self::assertCount(16, self::points(Path::content('M0 0A1 1 0 0 1 10 0', 0, 0, 1)), 'half a circle is two curves');
        self::assertCount(8, self::points(Path::content('M5 0A5 5 0 0 1 0 5', 0, 0, 1)), 'a quarter is one');
        self::assertCount(24, self::points(Path::content('M5 0A5 5 0 1 1 0 -5', 0, 0, 1)), 'three quarters are three');
    }
}
