<?php

declare(strict_types=1);

namespace Rilvet\Pdf;

/** An outline in the words of SVG (1.1, 8.3), as content of a pdf: lines as they are, arcs of circles as curves. */
final class Path
{
    public static function content(string $path, float $x, float $y, float $scale): string
    {
        preg_match_all('/[MLHVAZmlhvaz]|-?\d*\.?\d+/', $path, $found);
        $content = '';
        $command = 'M';
        $numbers = [];
        [$atX, $atY, $startX, $startY] = [0.0, 0.0, 0.0, 0.0];
        $say = fn (float $px, float $py, string $what) => round($x + $px * $scale, 2).' '.round($y + $py * $scale, 2)." $what ";
        foreach ($found[0] as $token) {
            if (ctype_alpha($token)) {
                $command = $token;
                $numbers = [];
                if (strtoupper($command) === 'Z') {
                    $content .= 'h ';
                    [$atX, $atY] = [$startX, $startY];
                }

                continue;
            }
            $numbers[] = (float) $token;
            if (count($numbers) < (['H' => 1, 'V' => 1, 'A' => 7][strtoupper($command)] ?? 2)) {
                continue;
            }
            $isOwn = ctype_lower($command);
            $end = array_slice($numbers, -2);
            [$toX, $toY] = match (strtoupper($command)) {
                'H' => [$numbers[0] + ($isOwn ? $atX : 0), $atY],
                'V' => [$atX, $numbers[0] + ($isOwn ? $atY : 0)],
                default => [$end[0] + ($isOwn ? $atX : 0),
                    ($end[1] ?? 0) + ($isOwn ? $atY : 0)],
            };
            if (strtoupper($command) === 'M') {
                [$startX, $startY] = [$toX, $toY];
                $content .= $say($toX, $toY, 'm');
                $command = $isOwn ? 'l' : 'L';
            } elseif (strtoupper($command) === 'A') {
                foreach (self::arc($atX, $atY, $toX, $toY, abs($numbers[0]), $numbers[3] > 0, $numbers[4] > 0) as $curve) {
                    $content .= $say($curve[0], $curve[1], '').$say($curve[2], $curve[3], '').$say($curve[4], $curve[5], 'c');
                }
            } else {
                $content .= $say($toX, $toY, 'l');
            }
            [$atX, $atY, $numbers] = [$toX, $toY, []];
        }

        return $content;
    }

    /**
     * An arc of a circle in curves of at most a quarter each (SVG 1.1, F.6.5).
     *
     * @return list<array{float, float, float, float, float, float}> two points that pull, and the end
     */
    private static function arc(float $x1, float $y1, float $x2, float $y2, float $radius, bool $isLarge, bool $isClockwise): array
    {
        $apart = hypot($x2 - $x1, $y2 - $y1);
        if ($apart < 1e-9 || $radius < 1e-9) {
            return [];
        }
        $radius = max($radius, $apart / 2);
        $away = sqrt(max(0.0, $radius ** 2 - ($apart / 2) ** 2)) * ($isLarge === $isClockwise ? -1 : 1);
        $middleX = ($x1 + $x2) / 2 - $away * ($y2 - $y1) / $apart;
        $middleY = ($y1 + $y2) / 2 + $away * ($x2 - $x1) / $apart;
        $from = atan2($y1 - $middleY, $x1 - $middleX);
        $sweep = atan2($y2 - $middleY, $x2 - $middleX) - $from;
        $sweep += $isClockwise && $sweep < 0 ? 2 * M_PI
            : (! $isClockwise && $sweep > 0 ? -2 * M_PI : 0);
        $pieces = max(1, (int) ceil(abs($sweep) / (M_PI / 2) - 1e-9));
        $step = $sweep / $pieces;
        $pull = 4 / 3 * tan($step / 4) * $radius;
        $curves = [];
        for ($piece = 0; $piece < $pieces; $piece++) {
            [$one, $other] = [$from + $piece * $step, $from + ($piece + 1) * $step];
            [$ax, $ay] = [$middleX + $radius * cos($one), $middleY + $radius * sin($one)];
            [$bx, $by] = [$middleX + $radius * cos($other), $middleY + $radius * sin($other)];
            $curves[] = [$ax - $pull * sin($one), $ay + $pull * cos($one), $bx + $pull * sin($other), $by - $pull * cos($other), $bx, $by];
        }

        return $curves;
    }
}
