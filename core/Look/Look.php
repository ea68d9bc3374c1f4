<?php

declare(strict_types=1);

namespace Rilvet\Look;

use JsonSerializable;
use Rilvet\Colour\Colour;
use Rilvet\Look\Exception\LookIsWrong;
use Rilvet\Number\NumberFormat;

/**
 * A partial set of format attributes. What it leaves unsaid falls through to the layer below.
 *
 * Values: sizes in pt (1 to 409), indent in steps (0 to 15), rotation in degrees (-90 to 90, or 255 for letters stacked),
 * colours "#RRGGBB", fill "none" for no fill, edges as {@see Edge} writes them, number as a format code.
 *
 * @phpstan-type Value bool|int|float|string
 * @phpstan-type LookData array<string, bool|int|float|string>
 */
final readonly class Look implements JsonSerializable
{
    public const STACKED = 255;

    public const HORIZONTAL = ['general', 'left', 'center', 'right', 'fill', 'justify', 'span', 'distributed'];

    public const VERTICAL = ['top', 'center', 'bottom', 'justify', 'distributed'];

    /** @param  array<string, Value>  $values by attribute, in the order of the attributes */
    private function __construct(private array $values)
    {
    }

    public static function none(): self
    {
        /** @var self|null $none */
        static $none = null;

        return $none ??= new self([]);
    }

    /**
     * @param  array<array-key, mixed>  $values  by attribute name; null says nothing
     *
     * @throws LookIsWrong names the attribute and what it takes
     */
    public static function of(array $values): self
    {
        /** @var array{array<array-key, mixed>, self}|null $last what was asked for last: lists say the same look again and again */
        static $last = null;
        if ($last !== null && $last[0] === $values) {
            return $last[1];
        }
        $checked = [];
        foreach ($values as $name => $value) {
            $attribute = Attribute::tryFrom((string) $name) ?? throw LookIsWrong::attribute($name);
            if ($value !== null) {
                $checked[$attribute->value] = self::check($attribute, $value);
            }
        }

        $last = [$values, self::sorted($checked)];

        return $last[1];
    }

    /** A fill alone. */
    public static function filled(string $hex): self
    {
        return new self(['fill' => $hex]);
    }

    /** @return Value|null */
    public function get(Attribute $attribute): bool|int|float|string|null
    {
        return $this->values[$attribute->value] ?? null;
    }

    public function text(Attribute $attribute, string $else = ''): string
    {
        return (string) ($this->values[$attribute->value] ?? $else);
    }

    /** The colour that its texts stand in: black where nothing says it. */
    public function ink(): Colour
    {
        return Colour::hex($this->text(Attribute::Ink, '#000000'));
    }

    /** The colour that its texts stand on: white where it has no fill. */
    public function paper(): Colour
    {
        $fill = $this->text(Attribute::Fill, 'none');

        return Colour::hex($fill === '' || $fill === 'none' ? '#FFFFFF' : $fill);
    }

    public function number(Attribute $attribute, float $else = 0.0): float
    {
        $value = $this->values[$attribute->value] ?? $else;

        return is_numeric($value) ? (float) $value : $else;
    }

    public function is(Attribute $attribute): bool
    {
        return ($this->values[$attribute->value] ?? false) === true;
    }

    public function edge(Attribute $side): ?Edge
    {
        $text = $this->values[$side->value] ?? null;

        return is_string($text) ? Edge::parse($text) : null;
    }

    /** This look with all that another says laid over it. */
    public function under(self $upper): self
    {
        if ($upper->values === []) {
            return $this;
        }

        return $this->values === [] ? $upper : self::sorted($upper->values + $this->values);
    }

    /** @param  Attribute  ...$attributes only these are kept */
    public function only(Attribute ...$attributes): self
    {
        return new self(
            array_intersect_key($this->values, array_flip(array_map(fn (Attribute $attribute) => $attribute->value, $attributes))),
        );
    }

    public function facet(Facet ...$facets): self
    {
        return $this->only(
            ...array_values(array_filter(Attribute::cases(), fn (Attribute $attribute) => in_array($attribute->facet(), $facets, true))),
        );
    }

    public function without(Attribute ...$attributes): self
    {
        return new self(array_diff_key($this->values, array_flip(array_map(fn (Attribute $attribute) => $attribute->value, $attributes))));
    }

    /** @return list<Attribute> that it says */
    public function attributes(): array
    {
        return array_map(Attribute::from(...), array_keys($this->values));
    }

    /** Whether it says something of what another says, and says it otherwise. */
    public function differsIn(self $other): bool
    {
        foreach (array_intersect_key($this->values, $other->values) as $name => $value) {
            if ($value !== $other->values[$name]) {
                return true;
            }
        }

        return false;
    }

    public function isEmpty(): bool
    {
        return $this->values === [];
    }

    /** @return array<string, Value> */
    public function toArray(): array
    {
        return $this->values;
    }

    /** @return array<string, Value>|object */
    public function jsonSerialize(): array|object
    {
        return $this->values === [] ? (object) [] : $this->values;
    }

    /** The same for equal looks, whatever order they were said in. */
    public function key(): string
    {
        return json_encode($this->values, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @param  array<string, Value>  $values */
    private static function sorted(array $values): self
    {
        /** @var array<string, int>|null $order */
        static $order = null;
        $order ??= array_flip(array_map(fn (Attribute $attribute) => $attribute->value, Attribute::cases()));
        $last = -1;
        foreach ($values as $name => $value) {
            if ($order[$name] < $last) {
                return new self(array_intersect_key(array_replace($order, $values), $values));
            }
            $last = $order[$name];
        }

        return new self($values);
    }

    /** @return Value */
    private static function check(Attribute $attribute, mixed $value): bool|int|float|string
    {
        $name = $attribute->value;

        return match ($attribute) {
            Attribute::Bold,
            Attribute::Italic,
            Attribute::Strike,
            Attribute::Wrap,
            Attribute::Shrink,
            Attribute::Clip,
            Attribute::Locked,
            Attribute::Concealed => is_bool($value) ? $value : throw LookIsWrong::value($name, 'true or false'),
            Attribute::Font => is_string($value) && preg_match('/^[\p{L}\p{N} ._\-\']{1,64}$/u', $value) === 1
                ? $value
                : throw LookIsWrong::value($name, 'the name of a font'),
            Attribute::Size => self::within($name, $value, 1, 409),
            Attribute::Indent => (int) self::within($name, $value, 0, 15),
            Attribute::Rotation => $value === self::STACKED ? self::STACKED : (int) self::within($name, $value, -90, 90),
            Attribute::Underline => self::oneOf($name, $value, ['none', 'single', 'double']),
            Attribute::Script => self::oneOf($name, $value, ['none', 'super', 'sub']),
            Attribute::Horizontal => self::oneOf($name, $value, self::HORIZONTAL),
            Attribute::Vertical => self::oneOf($name, $value, self::VERTICAL),
            Attribute::Ink => Colour::hex(is_string($value) ? $value : '')->toHex(),
            Attribute::Fill => $value === 'none' ? 'none'
                : Colour::hex(is_string($value) ? $value : '')->toHex(),
            Attribute::Number => self::code($value),
            Attribute::Top,
            Attribute::Right,
            Attribute::Bottom,
            Attribute::Left,
            Attribute::Rising,
            Attribute::Falling => (string) Edge::parse(is_string($value) ? $value : ''),
        };
    }

    private static function within(string $name, mixed $value, int $least, int $most): int|float
    {
        if ((! is_int($value) && ! is_float($value)) || $value < $least || $value > $most) {
            throw LookIsWrong::value($name, "a number from $least to $most");
        }

        return is_float($value) && floor($value) === $value ? (int) $value : $value;
    }

    /** @param  list<string>  $choices */
    private static function oneOf(string $name, mixed $value, array $choices): string
    {
        return is_string($value) && in_array($value, $choices, true)
            ? $value
            : throw LookIsWrong::value($name, 'one of '.implode(', ', $choices));
    }

    private static function code(mixed $value): string
    {
        $code = is_string($value) ? $value : throw LookIsWrong::value('number', 'a number format code');
        NumberFormat::of($code);

        return $code;
    }
}
