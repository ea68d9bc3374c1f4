<?php

declare(strict_types=1);

namespace Rilvet\Look;

/** One thing that a look can say of a cell. */
enum Attribute: string
{
    case Font = 'font';
    case Size = 'size';
    case Bold = 'bold';
    case Italic = 'italic';
    case Underline = 'underline';
    case Strike = 'strike';
    case Ink = 'ink';
    case Script = 'script';
    case Number = 'number';
    case Horizontal = 'horizontal';
    case Vertical = 'vertical';
    case Indent = 'indent';
    case Wrap = 'wrap';
    case Shrink = 'shrink';
    case Clip = 'clip';
    case Rotation = 'rotation';
    case Fill = 'fill';
    case Top = 'top';
    case Right = 'right';
    case Bottom = 'bottom';
    case Left = 'left';
    case Rising = 'rising';
    case Falling = 'falling';
    case Locked = 'locked';
    case Concealed = 'concealed';

    public function facet(): Facet
    {
        return match ($this) {
            self::Font, self::Size, self::Bold, self::Italic, self::Underline, self::Strike, self::Ink, self::Script => Facet::Type,
            self::Number => Facet::Number,
            self::Horizontal, self::Vertical, self::Indent, self::Wrap, self::Shrink, self::Clip, self::Rotation => Facet::Place,
            self::Fill => Facet::Fill,
            self::Top, self::Right, self::Bottom, self::Left, self::Rising, self::Falling => Facet::Borders,
            self::Locked, self::Concealed => Facet::Guard,
        };
    }
}
