<?php

declare(strict_types=1);

namespace Rilvet\Measure;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Text\FontMetrics;
use Rilvet\Text\Fonts;

/** Measures texts in the type that a look says; in the default type (Carlito, 11 pt) where it says none. Whole px. */
final readonly class Ruler
{
    /** Room at both sides of a cell's text together, px. */
    public const PADDING = 8;

    public const FAMILY = 'Carlito';

    public const SIZE = 11;

    public function __construct(private Fonts $fonts)
    {
    }

    /** The width that a column needs to show the text whole, without padding. */
    public function width(string $text, Look $look): int
    {
        return $this->face($look)->fit($text, self::px($look));
    }

    /** The sum of the text's advances, for breaking lines as the browser does. */
    public function advances(string $text, Look $look): float
    {
        return $this->face($look)->advances($text, self::px($look));
    }

    public function lineHeight(Look $look): int
    {
        return $this->face($look)->lineHeight(self::px($look));
    }

    public function digitWidth(Look $look): int
    {
        return $this->face($look)->digitWidth(self::px($look));
    }

    /** The family that is drawn for the one that the look names. */
    public function family(Look $look): string
    {
        return $this->fonts->drawnAs($look->text(Attribute::Font, self::FAMILY));
    }

    public static function px(Look $look): float
    {
        return $look->number(Attribute::Size, self::SIZE) * Fonts::PX;
    }

    private function face(Look $look): FontMetrics
    {
        return $this->fonts->face($look->text(Attribute::Font, self::FAMILY), $look->is(Attribute::Bold), $look->is(Attribute::Italic));
    }
}
