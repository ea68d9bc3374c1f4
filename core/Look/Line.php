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
