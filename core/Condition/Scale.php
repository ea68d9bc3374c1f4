<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Clamp;
use Rilvet\Colour\Colour;
use Rilvet\Condition\Exception\ConditionIsWrong;

/**
 * Fills that run from one colour to another with the value (ISO/IEC 29500-1 18.3.1.16).
 *
 * @phpstan-import-type PointData from Point
 *
 * @phpstan-type ScaleData list<array{colour: string, point: PointData}>
 */
final readonly class Scale
{
    /** @var non-empty-list<Colour> of the points */
    private array $colours;

    /** @param  non-empty-list<array{Point, string}>  $points  two or three, each with its colour "#RRGGBB" */
    public function __construct(public array $points)
    {
        $this->colours = array_map(fn (array $one) => Colour::hex($one[1]), $points);
    }

    public static function of(mixed $data): self
    {
        if (! is_array($data) || ! array_is_list($data) || count($data) < 2 || count($data) > 3) {
            throw ConditionIsWrong::because('scale', 'two or three points are wanted.');
        }
        $points = [];
        foreach ($data as $one) {
            $colour = is_array($one) ? $one['colour'] ?? null : null;
            $points[] = [Point::of(is_array($one) ? $one['point'] ?? null : null, 'scale'),
                Colour::hex(is_string($colour) ? $colour
                : '')->toHex()];
        }

        return new self($points);
    }

    /** @return ScaleData */
    public function toArray(): array
    {
        return array_map(fn (array $one) => ['colour' => $one[1], 'point' => $one[0]->toArray()], $this->points);
    }

    /**
     * The colour of a value, between those of the points beside it, channel by channel (common practice).
     *
     * @param  non-empty-list<float>  $at  values of the points; ends that stand the wrong way round are taken as they stand
     */
    public function colour(float $value, array $at): string
    {
        $last = count($at) - 1;
        $next = 1;
        while ($next < $last && $value > $at[$next]) {
            $next++;
        }
        [$from, $to] = [$at[$next - 1], $at[$next]];
        $share = $to <= $from
            ? ($value <= $from ? 0.0 : 1.0)
            : Clamp::of(($value - $from) / ($to - $from), 0.0, 1.0);
        [$one, $other] = [$this->colours[$next - 1], $this->colours[$next]];
        $mix = fn (int $a, int $b) => (int) round($a + ($b - $a) * $share);

        return Colour::rgb($mix($one->red, $other->red), $mix($one->green, $other->green), $mix($one->blue, $other->blue))->toHex();
    }
}
