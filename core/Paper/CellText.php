<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Measure\Lines;
use Rilvet\Number\Formatted;
use Rilvet\Text\FontMetrics;
use Rilvet\Text\Fonts;
use Rilvet\Window\WindowCell;
use Rilvet\Window\WindowLook;
use WeakMap;

/** Sets the text of a cell where the browser sets it on the Bench: sides, levels, lines, turned and pushed apart. */
final class CellText
{
    /** Room at each side, px, and of each step of an indent. */
    private const SIDE = 4;

    private const INDENT = 9;

    /** Room that a mark takes before a text, px. */
    private const MARK = 16;

    /** @var WeakMap<WindowLook, array{FontMetrics, TextStyle, float}> face, type and px of what looks so; scale and ink are of one page */
    private WeakMap $known;

    public function __construct(private readonly Fonts $fonts)
    {
        $this->known = new WeakMap;
    }

    public function draw(Canvas $canvas, WindowCell $cell, WindowLook $look, string $ink, Box $place, float $scale): void
    {
        if ($cell->text === '' && $cell->edge === null) {
            return;
        }
        $isRaised = $look->script !== 'none';
        $known = $this->known[$look] ?? null;
        if ($known === null) {
            $px = $look->size * ($isRaised ? 0.7 : 1.0);
            $known = [$this->fonts->face($look->font, $look->bold, $look->italic),
                new TextStyle($look->font, $look->bold, $look->italic, $px * $scale, $ink), $px];
            $this->known[$look] = $known;
        }
        [$face, $style, $px] = $known;
        $before = self::SIDE + ($cell->align === 'left' ? self::INDENT * $look->indent : 0);
        $after = self::SIDE + ($cell->align === 'right' ? self::INDENT * $look->indent : 0);
        if ($cell->mark !== null && $cell->align === 'left') {
            $before += self::MARK;
        }
        // What is measured is measured in px of the sheet, as on the Bench; only places are scaled.
        $box = new Box($place->x + $before * $scale, $place->y, max(0.0, $place->width - ($before + $after) * $scale), $place->height);
        if ($look->rotation !== 0) {
            $this->turned($canvas, $cell, $look, $style, $face, $box, $place, $scale, $px);

            return;
        }
        $lines = $look->wrap ? Lines::of($cell->text, (int) round($box->width / $scale), fn (string $text) => $this->width($face,
            $text, $px))
            : explode("\n", $cell->text);
        $height = $face->lineHeight($px);
        $level = $isRaised
            ? ($look->script === 'super' ? 'top' : 'bottom')
            : $look->vertical;
        $y = self::level($level, $place, count($lines) * $height * $scale);
        $widths = array_map(fn (string $line) => $this->width($face, $line, $px) * $scale, $lines);
        $isCut = max([0.0, ...$widths]) > $place->width - 2 * self::SIDE * $scale + 0.5
            || count($lines) * $height * $scale > $place->height + 0.5;
        $isCut && $canvas->clip($place->x, $place->y, $place->width, $place->height);
        if ($cell->edge !== null) {
            $this->line($canvas, $cell->edge, $box->x, $y, $face, $style, $look, $scale, $px);
        }
        foreach ($lines as $at => $line) {
            $room = $box->width - $widths[$at];
            $x = $box->x + match ($cell->align) {
                'right' => $room,
                'center' => $room / 2,
                default => 0.0,
            };
            $this->line($canvas, $line, $x, $y + $at * $height * $scale, $face, $style, $look, $scale, $px);
        }
        $isCut && $canvas->leave();
    }

    private static function level(string $vertical, Box $place, float $height): float
    {
        return match ($vertical) {
            'top' => $place->y,
            'bottom' => $place->y + $place->height - $height,
            default => $place->y + ($place->height - $height) / 2,
        };
    }

    /** @param  float  $y  of the top of the line */
    private function line(Canvas $canvas, string $text, float $x, float $y, FontMetrics $face, TextStyle $style, WindowLook $look,
        float $scale,
        float $px): void
    {
        $baseline = $y + $face->baseline($px) * $scale;
        $begin = $x;
        foreach (self::seen($text) as [$piece, $isSeen]) {
            $isSeen && trim($piece) !== '' && $canvas->text($x, $baseline, $piece, $style);
            $x += $this->width($face, $piece, $px) * $scale;
        }
        $thickness = max(1.0, round($px / 16)) * $scale;
        foreach ($look->underline === 'none' ? []
            : ($look->underline === 'double' ? [0.11, 0.24] : [0.13]) as $depth) {
            $canvas->stroke($begin, $baseline + $depth * $style->size, $x, $baseline + $depth * $style->size, $thickness, $style->ink);
        }
        $look->strike && $canvas->stroke($begin, $baseline - 0.26 * $style->size, $x, $baseline - 0.26 * $style->size, $thickness,
            $style->ink);
    }

    /**
     * Room that a number format asks for is kept, and not drawn.
     *
     * @return list<array{string, bool}>
     */
    private static function seen(string $text): array
    {
        if (! str_contains($text, Formatted::PAD)) {
            return [[$text, true]];
        }
        $pieces = [];
        foreach (preg_split('/\x{F8F0}(.)/su', $text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $at => $piece) {
            $piece === '' || $pieces[] = [$piece, $at % 2 === 0];
        }

        return $pieces;
    }

    private function width(FontMetrics $face, string $text, float $px): float
    {
        return $face->advances(str_contains($text, Formatted::PAD) ? str_replace(Formatted::PAD, '', $text) : $text, $px);
    }

    private function turned(Canvas $canvas, WindowCell $cell, WindowLook $look, TextStyle $style, FontMetrics $face, Box $box, Box $place,
        float $scale, float $px): void
    {
        $wide = $this->width($face, $cell->text, $px) * $scale;
        $high = $face->lineHeight($px) * $scale;
        $inner = new Box($place->x, $place->y + 3 * $scale, $place->width, max(0.0, $place->height - 6 * $scale));
        $canvas->clip($place->x, $place->y, $place->width, $place->height);
        $side = fn (float $width) => $box->x + match ($cell->align) {
            'right' => $box->width - $width,
            'center' => ($box->width - $width) / 2,
            default => 0.0,
        };
        if ($look->rotation === 255) {
            $letters = mb_str_split($cell->text);
            $y = self::level($look->vertical, $place, count($letters) * $style->size);
            foreach ($letters as $at => $letter) {
                $own = $this->width($face, $letter, $px) * $scale;
                $canvas->text($side($high) + ($high - $own) / 2, $y + ($at + 0.85) * $style->size, $letter, $style);
            }
        } elseif (abs($look->rotation) === 90) {
            $x = $side($high);
            $y = self::level($look->vertical, $inner, $wide);
            $base = $face->baseline($px) * $scale;
            $look->rotation > 0 ? $canvas->turn($x + $base, $y + $wide, -90) : $canvas->turn($x + $high - $base, $y, 90);
            $canvas->text(0, 0, $cell->text, $style);
            $canvas->leave();
        } else {
            // The box that the turned line takes stands where a text would.
            [$cos, $sin] = [cos(deg2rad($look->rotation)), abs(sin(deg2rad($look->rotation)))];
            [$across, $down] = [$wide * $cos + $high * $sin, $wide * $sin + $high * $cos];
            $canvas->turn($side($across) + $across / 2, self::level($look->vertical, $inner, $down) + $down / 2, -$look->rotation);
            $canvas->text(-$wide / 2, $face->baseline($px) * $scale - $high / 2, $cell->text, $style);
            $canvas->leave();
        }
        $canvas->leave();
    }
}
