<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Clamp;
use Rilvet\Colour\Colour;
use Rilvet\Condition\Exception\ConditionIsWrong;

/**
 * A bar as long as the value (ISO/IEC 29500-1 18.3.1.28); with an axis where there are values below nought, if it has a
 * colour for them.
 *
 * @phpstan-import-type PointData from Point
 *
 * @phpstan-type BarData array{from: PointData, to: PointData, colour: string, below?: string, axis?: string, axisColour?: string,
 *     border?: string, shortest?: int, longest?: int, gradient?: bool, hidesText?: bool, mirrored?: bool}
 */
final readonly class Bar
{
    public const AXES = ['auto', 'middle', 'none'];

    /**
     * @param  string|null  $below  colour of bars below nought; null where bars only grow from their left end
     * @param  string  $axis  where bars below and above nought meet
     * @param  int  $shortest  percent of the cell's width, for the least value
     * @param  bool  $isMirrored  it grows from the right
     */
    public function __construct(
        public Point $from,
        public Point $to,
        public string $colour,
        public ?string $below = null,
        public string $axis = 'auto',
        public ?string $axisColour = null,
        public ?string $border = null,
        public int $shortest = 0,
        public int $longest = 100,
        public bool $isGradient = false,
        public bool $hidesText = false,
        public bool $isMirrored = false,
    ) {
    }

    public static function of(mixed $data): self
    {
        if (! is_array($data)) {
            throw ConditionIsWrong::because('bar', 'a bar is wanted.');
        }
        $colour = fn (string $name) => isset($data[$name])
            ? Colour::hex(is_string($data[$name]) ? $data[$name] : '')->toHex()
            : null;
        $percent = function (string $name, int $else) use ($data): int {
            $value = $data[$name] ?? $else;

            return is_int($value) && $value >= 0 && $value <= 100
                ? $value : throw ConditionIsWrong::because("bar.$name", 'a whole number from 0 to 100 is wanted.');
        };
        $flag = function (string $name) use ($data): bool {
            $value = $data[$name] ?? false;

            return is_bool($value) ? $value : throw ConditionIsWrong::because("bar.$name", 'true or false is wanted.');
        };
        $axis = $data['axis'] ?? 'auto';

        return new self(
            Point::of($data['from'] ?? ['at' => 'auto'], 'bar.from'), Point::of($data['to'] ?? ['at' => 'auto'], 'bar.to'),
            $colour('colour') ?? throw ConditionIsWrong::because('bar.colour', 'a colour is wanted.'), $colour('below'),
            is_string($axis) && in_array($axis, self::AXES, true) ? $axis
                : throw ConditionIsWrong::because('bar.axis', 'one of '.implode(', ', self::AXES).' is wanted.'),
            $colour('axisColour'), $colour('border'), $percent('shortest', 0), $percent('longest', 100), $flag('gradient'),
            $flag('hidesText'), $flag('mirrored'),
        );
    }

    /** @return BarData */
    public function toArray(): array
    {
        return ['from' => $this->from->toArray(), 'to' => $this->to->toArray(), 'colour' => $this->colour]
            + ($this->below === null ? [] : ['below' => $this->below])
            + ($this->axis === 'auto' ? [] : ['axis' => $this->axis])
            + ($this->axisColour === null ? [] : ['axisColour' => $this->axisColour])
            + ($this->border === null ? [] : ['border' => $this->border])
            + ($this->shortest === 0 ? [] : ['shortest' => $this->shortest])
            + ($this->longest === 100 ? [] : ['longest' => $this->longest])
            + ($this->isGradient ? ['gradient' => true] : [])
            + ($this->hidesText ? ['hidesText' => true] : [])
            + ($this->isMirrored ? ['mirrored' => true] : []);
    }

    /** Between which ends, in other words. */
    public function between(Point $from, Point $to): self
    {
        return new self(
            $from, $to, $this->colour, $this->below, $this->axis, $this->axisColour, $this->border, $this->shortest, $this->longest,
            $this->isGradient, $this->hidesText, $this->isMirrored,
        );
    }

    /** How a value is drawn, between two ends. */
    public function drawn(float $value, float $least, float $greatest): DrawnBar
    {
        [$shortest, $longest] = [$this->shortest / 100, $this->longest / 100];
        $axis = null;
        if ($this->below !== null && $this->axis !== 'none' && ($least < 0 || $this->axis === 'middle')) {
            $axis = $this->axis === 'middle' ? 0.5 : -$least / (max(0.0, $greatest) - $least);
        }
        if ($axis === null) {
            $share = $greatest <= $least
                ? ($value < $least ? 0.0 : 1.0)
                : Clamp::of(($value - $least) / ($greatest - $least), 0.0, 1.0);
            [$start, $end] = [0.0, $shortest + ($longest - $shortest) * $share];
        } elseif ($value < 0) {
            $share = $least >= 0 ? 1.0 : min(1.0, $value / $least);
            [$start, $end] = [$axis - $axis * $share * $longest, $axis];
        } else {
            $share = $greatest <= 0 ? 0.0 : min(1.0, $value / $greatest);
            [$start, $end] = [$axis, $axis + (1 - $axis) * $share * $longest];
        }
        if ($this->isMirrored) {
            [$start, $end, $axis] = [1 - $end, 1 - $start, $axis === null ? null : 1 - $axis];
        }

        return new DrawnBar(
            round($start, 4), round($end, 4), $value < 0 && $this->below !== null ? $this->below : $this->colour,
            $axis === null ? null : round($axis, 4),
            $axis === null ? null : $this->axisColour ?? '#000000', $this->border,
            $this->isGradient, $this->hidesText,
        );
    }
}
