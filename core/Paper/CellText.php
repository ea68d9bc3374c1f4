<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Look\Look;
use Rilvet\Measure\Turned;
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

    /** @var WeakMap<WindowLook, SetType> of what looks so; scale and ink are of one page */
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
        $type = $this->known[$look] ?? null;
        if ($type === null) {
            $px = $look->size * ($isRaised ? 0.7 : 1.0);
            $type = new SetType($this->fonts->face($look->font, $look->bold, $look->italic),
                new TextStyle($look->font, $look->bold, $look->italic, $px * $scale, $ink), $look, $px, $scale);
            $this->known[$look] = $type;
        }
        $before = self::SIDE + ($cell->align === 'left' ? self::INDENT * $look->indent : 0);
        $after = self::SIDE + ($cell->align === 'right' ? self::INDENT * $look->indent : 0);
        if ($cell->mark !== null && $cell->align === 'left') {
            $before += self::MARK;
        }
        // What is measured is measured in px of the sheet, as on the Bench; only places are scaled.
        $box = new Box($place->x + $before * $scale, $place->y, max(0.0, $place->width - ($before + $after) * $scale), $place->height);
        if ($look->rotation !== 0) {
            $this->turned($canvas, $cell, $look, $type, $box, $place, $scale);

            return;
        }
        $lines = $type->lines($cell->text, $box->width);
        $height = count($lines) * $type->lineHeight();
        $level = $isRaised
            ? ($look->script === 'super' ? 'top' : 'bottom')
            : $look->vertical;
        $y = self::level($level, $place, $height);
        $isCut = max(array_map($type->width(...), $lines)) > $place->width - 2 * self::SIDE * $scale + 0.5
            || $height > $place->height + 0.5;
        $isCut && $canvas->clip($place->x, $place->y, $place->width, $place->height);
        if ($cell->edge !== null) {
            $type->line($canvas, $cell->edge, $box->x, $y);
        }
        $type->block($canvas, $lines, $cell->align, new Box($box->x, $y, $box->width, $height));
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

    private function turned(Canvas $canvas, WindowCell $cell, WindowLook $look, SetType $type, Box $box, Box $place, float $scale): void
    {
        $pad = Turned::PADDING * $scale;
        $inner = new Box($place->x, $place->y + $pad / 2, $place->width, max(0.0, $place->height - $pad));
        $side = fn (float $width) => $box->x + match ($cell->align) {
            'right' => $box->width - $width,
            'center' => ($box->width - $width) / 2,
            default => 0.0,
        };
        $lines = $type->lines($cell->text, $inner->height);
        $long = max(array_map($type->width(...), $lines));
        $high = count($lines) * $type->lineHeight();
        $canvas->clip($place->x, $place->y, $place->width, $place->height);
        if ($look->rotation === Look::STACKED) {
            $this->stacked($canvas, $lines, $type, $look, $place, $side($high));
        } elseif (abs($look->rotation) === 90) {
            $x = $side($high);
            $y = self::level($look->vertical, $inner, $long);
            // Lines that are read upwards follow each other to the right, those that are read downwards to the left.
            $look->rotation > 0 ? $canvas->turn($x, $y + $long, -90) : $canvas->turn($x + $high, $y, 90);
            $type->block($canvas, $lines, $cell->align, new Box(0, 0, $long, $high));
            $canvas->leave();
        } else {
            // The box that the turned lines take stands where a text would.
            [$across, $down] = Turned::box($long, $high, $look->rotation);
            $canvas->turn($side($across) + $across / 2, self::level($look->vertical, $inner, $down) + $down / 2, -$look->rotation);
            $type->block($canvas, $lines, $cell->align, new Box(-$long / 2, -$high / 2, $long, $high));
            $canvas->leave();
        }
        $canvas->leave();
    }

    /**
     * Letters below each other, lines beside each other from the right.
     *
     * @param  non-empty-list<string>  $lines
     */
    private function stacked(Canvas $canvas, array $lines, SetType $type, WindowLook $look, Box $place, float $x): void
    {
        [$high, $step] = [$type->lineHeight(), $type->letterHeight()];
        $y = self::level($look->vertical, $place, max(array_map(mb_strlen(...), $lines)) * $step);
        foreach ($lines as $number => $line) {
            $left = $x + (count($lines) - 1 - $number) * $high;
            foreach (mb_str_split($line) as $at => $letter) {
                $middle = $left + ($high - $type->width($letter)) / 2;
                $canvas->text($middle, $y + $at * $step + $type->baseline(), $letter, $type->style);
            }
        }
    }
}
