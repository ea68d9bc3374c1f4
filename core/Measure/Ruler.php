<?php

declare(strict_types=1);

namespace Rilvet\Measure;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Text\FontMetrics;
use Rilvet\Text\Fonts;
use WeakMap;

/** Measures texts in the type that a look says; in the default type (Carlito, 11 pt) where it says none. Whole px. */
final readonly class Ruler
{
    /** Room at both sides of a cell's text together, px. */
    public const PADDING = 8;

    public const FAMILY = 'Carlito';

    public const SIZE = 11;

    /** @var WeakMap<Look, array{FontMetrics, float}> the face of each look and its size in px: thousands of cells share a look */
    private WeakMap $types;

    public function __construct(private Fonts $fonts)
    {
        $this->types = new WeakMap;
    }

    /** The width that a column needs to show the text whole, without padding. */
    public function width(string $text, Look $look): int
    {
        [$face, $px] = $this->type($look);

        return $face->fit($text, $px);
    }

    /** The sum of the text's advances, for breaking lines as the browser does. */
    public function advances(string $text, Look $look): float
    {
        [$face, $px] = $this->type($look);

        return $face->advances($text, $px);
    }

    public function lineHeight(Look $look): int
    {
        [$face, $px] = $this->type($look);

        return $face->lineHeight($px);
    }

    public function letterHeight(Look $look): int
    {
        [$face, $px] = $this->type($look);

        return $face->letterHeight($px);
    }

    public function digitWidth(Look $look): int
    {
        [$face, $px] = $this->type($look);

        return $face->digitWidth($px);
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

    /** @return array{FontMetrics, float} */
    private function type(Look $look): array
    {
        return $this->types[$look] ??= [
            $this->fonts->face($look->text(Attribute::Font, self::FAMILY), $look->is(Attribute::Bold), $look->is(Attribute::Italic)),
            self::px($look),
        ];
    }
}
