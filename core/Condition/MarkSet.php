<?php

declare(strict_types=1);

namespace Rilvet\Condition;

/**
 * Sets of marks (ISO/IEC 29500-1 18.18.42, and those of newer files), lowest value first. Shapes and colours are our own;
 * each step of a set has another shape, so that none is told by its colour alone.
 */
final class MarkSet
{
    private const GOOD = '#2C6E66';

    private const FAIR = '#A8691C';

    private const POOR = '#9B2335';

    private const GREY = '#6B6273';

    private const INK = '#2A2230';

    /** In the words of the standard. */
    public const NAMES = ['3Arrows', '3ArrowsGray', '3Flags', '3TrafficLights1', '3TrafficLights2', '3Signs', '3Symbols', '3Symbols2',
        '4Arrows', '4ArrowsGray', '4RedToBlack', '4Rating', '4TrafficLights', '5Arrows', '5ArrowsGray', '5Rating', '5Quarters',
        '3Stars', '3Triangles', '5Boxes'];

    /** @return array<string, list<array{Shape, string}>> shape and colour of each step, by the name of the standard */
    public static function all(): array
    {
        return array_combine(self::NAMES, array_map(self::named(...), self::NAMES));
    }

    /** @return list<array{Shape, string}> shape and colour of each step; nothing for a name that is none */
    public static function named(string $name): array
    {
        /** @var array<string, list<array{Shape, string}>> $known  asked for of each cell */
        static $known = [];
        if (! isset($known[$name])) {
            $marks = self::marks($name);
            if ($marks === []) {
                return [];
            }
            $known[$name] = $marks;
        }

        return $known[$name];
    }

    /** @return list<array{Shape, string}> */
    private static function marks(string $name): array
    {
        $three = [self::POOR, self::FAIR, self::GOOD];
        $four = [self::POOR, self::FAIR, self::FAIR, self::GOOD];
        $five = [self::POOR, self::FAIR, self::FAIR, self::FAIR, self::GOOD];
        $set = fn (array $shapes, array $colours) => array_map(null, $shapes, $colours);
        $grey = fn (int $count) => array_fill(0, $count, self::GREY);
        $signs = [Shape::Diamond, Shape::Triangle, Shape::Disc];
        $quarters = [Shape::Quarter0, Shape::Quarter1, Shape::Quarter2, Shape::Quarter3, Shape::Quarter4];
        $steps = [Shape::Steps0, Shape::Steps1, Shape::Steps2, Shape::Steps3, Shape::Steps4];

        /** @var list<array{Shape, string}> */
        return match ($name) {
            '3Arrows' => $set([Shape::Down, Shape::Level, Shape::Up], $three),
            '3ArrowsGray' => $set([Shape::Down, Shape::Level, Shape::Up], $grey(3)),
            '3Flags' => $set([Shape::Pole, Shape::HalfFlag, Shape::Flag], $three),
            '3TrafficLights1', '3TrafficLights2', '3Signs' => $set($signs, $three),
            '3Symbols', '3Symbols2' => $set([Shape::Cross, Shape::Bang, Shape::Tick], $three),
            '4Arrows' => $set([Shape::Down, Shape::Falling, Shape::Rising, Shape::Up], $four),
            '4ArrowsGray' => $set([Shape::Down, Shape::Falling, Shape::Rising, Shape::Up], $grey(4)),
            '4RedToBlack' => $set([Shape::Quarter0, Shape::Quarter2, Shape::Quarter3, Shape::Quarter4],
                [self::INK, self::GREY, self::FAIR, self::POOR]),
            '4Rating' => $set(array_slice($steps, 1), array_fill(0, 4, self::INK)),
            '4TrafficLights' => $set([Shape::Square, Shape::Diamond, Shape::Triangle, Shape::Disc], [self::INK, ...$three]),
            '5Arrows' => $set([Shape::Down, Shape::Falling, Shape::Level, Shape::Rising, Shape::Up], $five),
            '5ArrowsGray' => $set([Shape::Down, Shape::Falling, Shape::Level, Shape::Rising, Shape::Up], $grey(5)),
            '5Rating' => $set($steps, array_fill(0, 5, self::INK)),
            '5Quarters' => $set($quarters, array_fill(0, 5, self::INK)),
            '3Stars' => $set([Shape::Star0, Shape::Star1, Shape::Star2], array_fill(0, 3, self::FAIR)),
            '3Triangles' => $set([Shape::Down, Shape::Dash, Shape::Triangle], $three),
            '5Boxes' => $set($steps, array_fill(0, 5, self::INK)),
            default => [],
        };
    }
}
