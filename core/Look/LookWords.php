<?php

declare(strict_types=1);

namespace Rilvet\Look;

/** What a look says, in the words of the history. */
final class LookWords
{
    public static function of(Look $look): string
    {
        $words = [];
        foreach ($look->toArray() as $name => $value) {
            $words[] = self::attribute(Attribute::from($name), $value);
        }
        $words = array_values(array_unique($words));

        return ucfirst(count($words) > 3 ? implode(', ', array_slice($words, 0, 2)).' and more' : implode(', ', $words));
    }

    private static function attribute(Attribute $attribute, bool|int|float|string $value): string
    {
        return match ($attribute) {
            Attribute::Bold, Attribute::Italic, Attribute::Strike, Attribute::Wrap, Attribute::Shrink, Attribute::Locked => ($value === true
                ? ''
                : 'not ').$attribute->value,
            Attribute::Clip => $value === true ? 'cut off at the edge' : 'not cut off',
            Attribute::Concealed => $value === true ? 'formula hidden' : 'formula shown',
            Attribute::Size => "$value pt",
            Attribute::Font => "font $value",
            Attribute::Ink => "ink $value",
            Attribute::Fill => $value === 'none' ? 'no fill' : "fill $value",
            Attribute::Horizontal => $value === 'span' ? 'spanned' : "aligned $value",
            Attribute::Vertical => "set $value",
            Attribute::Rotation => $value === Look::STACKED ? 'letters stacked' : "turned {$value}°",
            Attribute::Indent => "indent $value",
            Attribute::Underline => $value === 'none' ? 'no underline' : "$value underline",
            Attribute::Script => $value === 'none' ? 'on the line' : "{$value}script",
            Attribute::Number => 'number format',
            default => $value === 'none' ? 'borders wiped' : 'borders',
        };
    }
}
