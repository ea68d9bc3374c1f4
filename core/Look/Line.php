<?php

declare(strict_types=1);

namespace Rilvet\Look;

/** Line kinds of a border (ISO/IEC 29500-1 18.18.3, ST_BorderStyle), with their width and rank where two meet. */
enum Line: string
{
    case None = 'none';
    case Hair = 'hair';
    case Dotted = 'dotted';
    case Dashed = 'dashed';
    case DashDot = 'dashDot';
    case DashDotDot = 'dashDotDot';
    case Thin = 'thin';
    case SlantDashDot = 'slantDashDot';
    case MediumDashDotDot = 'mediumDashDotDot';
    case MediumDashDot = 'mediumDashDot';
    case MediumDashed = 'mediumDashed';
    case Medium = 'medium';
    case Double = 'double';
    case Thick = 'thick';

    /** Width in px on the screen. */
    public function width(): int
    {
        return match ($this) {
            self::None => 0,
            self::Thick, self::Double => 3,
            self::Medium, self::MediumDashed, self::MediumDashDot, self::MediumDashDotDot, self::SlantDashDot => 2,
            default => 1,
        };
    }

    /** How it is drawn: the stroke of CSS that comes nearest. */
    public function stroke(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Double => 'double',
            self::Thin, self::Medium, self::Thick => 'solid',
            self::Dashed, self::MediumDashed, self::DashDot, self::MediumDashDot, self::SlantDashDot => 'dashed',
            self::Hair, self::Dotted, self::DashDotDot, self::MediumDashDotDot => 'dotted',
        };
    }

    /**
     * How long it is drawn and how long not, in turn, in px along the line; empty for a line without gaps. The standard
     * describes the kinds in words (18.18.3); the lengths are ours.
     *
     * @return list<int>
     */
    public function dashes(): array
    {
        return match ($this) {
            self::Hair => [1, 1],
            self::Dotted => [2, 2],
            self::Dashed => [4, 3],
            self::DashDot => [7, 3, 2, 3],
            self::DashDotDot => [7, 3, 2, 3, 2, 3],
            self::MediumDashed => [9, 4],
            self::MediumDashDot, self::SlantDashDot => [10, 4, 3, 4],
            self::MediumDashDotDot => [10, 4, 3, 4, 3, 4],
            default => [],
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::None => 'None',
            self::Hair => 'Hairline',
            self::DashDot => 'Dash, dot',
            self::DashDotDot => 'Dash, two dots',
            self::MediumDashed => 'Medium dashed',
            self::MediumDashDot => 'Medium dash, dot',
            self::MediumDashDotDot => 'Medium dash, two dots',
            self::SlantDashDot => 'Slanted dash, dot',
            default => ucfirst($this->value),
        };
    }

    /** Where two borders meet: the wider wins, then double, solid, dashed, dotted. */
    public function strength(): int
    {
        $stroke = match ($this->stroke()) {
            'double' => 4,
            'solid' => 3,
            'dashed' => 2,
            'dotted' => 1,
            default => 0,
        };

        return $this->width() * 10 + $stroke - ($this === self::Hair ? 1 : 0);
    }
}
