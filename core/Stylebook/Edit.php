<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Clamp;
use Rilvet\Colour\Colour;
use Rilvet\Look\Attribute;
use Rilvet\Stylebook\Exception\StylebookIsWrong;

/** Changes of a stylebook as it is written: what is not spoken of stays as it was said. */
final class Edit
{
    /** Attributes that name colours. */
    private const COLOURED = [
        Attribute::Ink, Attribute::Fill, Attribute::Top, Attribute::Right, Attribute::Bottom, Attribute::Left, Attribute::Rising,
        Attribute::Falling,
    ];

    /** Point sizes that a scale can come to. */
    private const LEAST = 4.0;

    private const MOST = 96.0;

    /**
     * A rule said, or taken out where the value is null.
     *
     * @param  non-empty-list<string>  $path
     */
    public static function put(Stylebook $stylebook, array $path, mixed $value): Stylebook
    {
        return Stylebook::of(self::with($stylebook->toArray(), $path, $value));
    }

    /** Colours of the palette are said by their names, so that they follow when it changes. */
    public static function named(Palette $palette, mixed $attribute, mixed $value): mixed
    {
        $isColoured = in_array(Attribute::tryFrom(is_string($attribute) ? $attribute : ''), self::COLOURED, true);
        if (! $isColoured || ! is_string($value)) {
            return $value;
        }

        return (string) preg_replace_callback('/#[0-9A-Fa-f]{6}\b/', function (array $found) use ($palette) {
            $names = array_keys($palette->colours, strtoupper($found[0]), true);

            return count($names) === 1 ? "@$names[0]" : $found[0];
        }, $value);
    }

    /** A colour under another name, wherever it is said. */
    public static function renameColour(Stylebook $stylebook, string $name, string $to): Stylebook
    {
        $palette = $stylebook->palette->colours;
        isset($palette[$name]) || throw StylebookIsWrong::because("palette.$name", 'there is no such colour.');
        $to === $name || ! isset($palette[$to]) || throw StylebookIsWrong::because("palette.$to", 'a colour has this name already.');
        $data = self::saidAs($stylebook->toArray(), $name, $to);
        $data['palette'] = array_combine(
            array_map(fn (int|string $one) => (string) $one === $name ? $to : (string) $one, array_keys($palette)),
            array_values($palette),
        );

        return Stylebook::of($name === 'ink' || $to === 'ink' ? self::seenAs($stylebook->palette, $data, $to) : $data);
    }

    /** The palette without a colour; what said it says another one from now on. */
    public static function replaceColour(Stylebook $stylebook, string $name, string $by): Stylebook
    {
        $palette = $stylebook->palette->colours;
        isset($palette[$by]) && $by !== $name || throw StylebookIsWrong::because("palette.$by",
            'there is no such colour to take its place.');
        $data = self::saidAs($stylebook->toArray(), $name, $by);
        $data['palette'] = array_diff_key($palette, [$name => true]);

        return Stylebook::of($name === 'ink' ? self::seenAs($stylebook->palette, $data, $by) : $data);
    }

    /**
     * An ink that is chosen by itself is the palette's own, the one that is called so, where that reads well: where another name
     * takes its place, what is seen goes along with it.
     *
     * @param  array<array-key, mixed>  $data  with the palette as it is now
     * @param  string  $to  the colour that is what the palette's own ink was
     * @return array<array-key, mixed>
     */
    private static function seenAs(Palette $was, array $data, string $to): array
    {
        $colours = $data['palette'];
        assert(is_array($colours));
        $now = Palette::of($colours);
        $held = function (array $node) use (&$held, $was, $now, $to): array {
            $node = array_map(fn (mixed $value) => is_array($value) ? $held($value) : $value, $node);
            if (($node['ink'] ?? null) === 'auto') {
                $fill = $now->resolve(['fill' => $node['fill'] ?? 'none'], '')['fill'];
                $paper = Colour::hex(is_string($fill) && $fill !== 'none' ? $fill : '#FFFFFF');
                [$is, $before] = [$now->readableInk($paper)->toHex(), $was->readableInk($paper)->toHex()];
                $isOwn = $before === ($was->colours['ink'] ?? null);
                $node['ink'] = $is === $before ? 'auto'
                    : ($isOwn ? "@$to" : $before);
            }

            return $node;
        };

        return $held($data);
    }

    /**
     * The palette in another order.
     *
     * @param  list<string>  $names  all of them
     */
    public static function orderColours(Stylebook $stylebook, array $names): Stylebook
    {
        $palette = $stylebook->palette->colours;
        $ordered = [];
        foreach ($names as $name) {
            $ordered[$name] = $palette[$name] ?? throw StylebookIsWrong::because("palette.$name", 'there is no such colour.');
        }
        count($ordered) === count($palette) || throw StylebookIsWrong::because('palette', 'every colour is wanted, each once.');

        return self::put($stylebook, ['palette'], $ordered);
    }

    /** Where a colour of the palette is said: "parts.heading.fill". */
    public static function countUses(Stylebook $stylebook, string $name): int
    {
        $uses = 0;
        $data = $stylebook->toArray();
        array_walk_recursive($data, function (mixed $value) use ($name, &$uses) {
            $uses += is_string($value) && preg_match(self::colour($name), $value) === 1 ? 1 : 0;
        });

        return $uses;
    }

    /** Another size for the ground; all sizes that parts and looks say go along in the same proportion, to half points. */
    public static function scale(Stylebook $stylebook, float $size): Stylebook
    {
        $base = $stylebook->ground->number(Attribute::Size, 11);
        $scaled = fn (float $old) => Clamp::of(round($old * $size / $base * 2) / 2, self::LEAST, self::MOST);
        $data = self::with($stylebook->toArray(), ['ground', Attribute::Size->value], $size);
        foreach (['parts', 'kinds', 'looks'] as $group) {
            foreach (is_array($data[$group] ?? null) ? $data[$group] : [] as $name => $look) {
                $old = is_array($look) ? $look[Attribute::Size->value] ?? null : null;
                if (is_int($old) || is_float($old)) {
                    $data = self::with($data, [$group, (string) $name, Attribute::Size->value], $scaled($old));
                }
            }
        }

        return Stylebook::of($data);
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private static function saidAs(array $data, string $name, string $to): array
    {
        array_walk_recursive($data, function (mixed &$value) use ($name, $to) {
            $value = is_string($value) ? preg_replace_callback(self::colour($name), fn () => "@$to", $value) : $value;
        });

        return $data;
    }

    /** A colour stands at the end of what says it. */
    private static function colour(string $name): string
    {
        return '/@'.preg_quote($name, '/').'$/u';
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  list<string>  $path
     * @return array<array-key, mixed>
     */
    public static function with(array $data, array $path, mixed $value): array
    {
        $key = (string) array_shift($path);
        if ($path === [] && $value === null) {
            unset($data[$key]);
        } elseif ($path === []) {
            $data[$key] = $value;
        } else {
            $data[$key] = self::with(is_array($data[$key] ?? null) ? $data[$key] : [], $path, $value);
        }

        return $data;
    }
}
