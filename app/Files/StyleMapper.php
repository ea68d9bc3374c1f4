<?php

declare(strict_types=1);

namespace App\Files;

use PhpOffice\PhpSpreadsheet\Style\Alignment;
use PhpOffice\PhpSpreadsheet\Style\Border;
use PhpOffice\PhpSpreadsheet\Style\Borders;
use PhpOffice\PhpSpreadsheet\Style\Color;
use PhpOffice\PhpSpreadsheet\Style\Fill;
use PhpOffice\PhpSpreadsheet\Style\Protection;
use PhpOffice\PhpSpreadsheet\Style\Style;
use Rilvet\Look\Edge;
use Rilvet\Look\Line;
use Rilvet\Look\Look;
use Rilvet\Refusal;

/** The library's styles as looks. What is as every cell is anyway is left unsaid, so that layers above can speak. */
final class StyleMapper
{
    public function look(Style $style): Look
    {
        $values = array_filter([...$this->type($style), ...$this->place($style), ...$this->edges($style)], fn (mixed $value) => $value !== null && $value !== false);
        $code = $style->getNumberFormat()->getFormatCode();
        if ($code !== null && $code !== '' && strcasecmp($code, 'General') !== 0) {
            $values['number'] = $code;
        }
        $fill = $style->getFill();
        if ($fill->getFillType() === Fill::FILL_SOLID) {
            $values['fill'] = self::colour($fill->getStartColor());
        }
        if ($style->getProtection()->getLocked() === Protection::PROTECTION_UNPROTECTED) {
            $values['locked'] = false;
        }
        if ($style->getProtection()->getHidden() === Protection::PROTECTION_PROTECTED) {
            $values['concealed'] = true;
        }
        try {
            return Look::of($values);
        } catch (Refusal) {
            // A format code that breaks the standard is shown as no format rather than refusing the file.
            unset($values['number']);

            return Look::of($values);
        }
    }

    /** @return array<string, bool|int|float|string|null> */
    private function type(Style $style): array
    {
        $font = $style->getFont();
        $ink = $font->getColor()->getARGB() === null ? null : self::colour($font->getColor());
        $name = (string) $font->getName();

        return [
            'font' => preg_match('/^[\p{L}\p{N} ._\-\']{1,64}$/u', $name) === 1 ? $name : null,
            'size' => max(1.0, min(409.0, (float) $font->getSize())),
            'bold' => $font->getBold() === true,
            'italic' => $font->getItalic() === true,
            'underline' => match ($font->getUnderline()) {
                'single', 'singleAccounting' => 'single',
                'double', 'doubleAccounting' => 'double',
                default => null,
            },
            'strike' => $font->getStrikethrough() === true,
            'script' => $font->getSuperscript() === true ? 'super' : ($font->getSubscript() === true ? 'sub' : null),
            'ink' => $ink === '#000000' ? null : $ink,
        ];
    }

    /** @return array<string, bool|int|string|null> */
    private function place(Style $style): array
    {
        $alignment = $style->getAlignment();
        $rotation = (int) $alignment->getTextRotation();

        return [
            'horizontal' => match ($alignment->getHorizontal()) {
                Alignment::HORIZONTAL_LEFT => 'left',
                Alignment::HORIZONTAL_CENTER => 'center',
                Alignment::HORIZONTAL_RIGHT => 'right',
                Alignment::HORIZONTAL_CENTER_CONTINUOUS => 'span',
                Alignment::HORIZONTAL_JUSTIFY => 'justify',
                Alignment::HORIZONTAL_FILL => 'fill',
                Alignment::HORIZONTAL_DISTRIBUTED => 'distributed',
                default => null,
            },
            'vertical' => match ($alignment->getVertical()) {
                Alignment::VERTICAL_TOP => 'top',
                Alignment::VERTICAL_CENTER => 'center',
                Alignment::VERTICAL_JUSTIFY => 'justify',
                Alignment::VERTICAL_DISTRIBUTED => 'distributed',
                default => null,
            },
            'wrap' => $alignment->getWrapText() === true,
            'shrink' => $alignment->getShrinkToFit() === true,
            'indent' => $alignment->getIndent() > 0 ? min(15, $alignment->getIndent()) : null,
            'rotation' => $rotation === 0 ? null : ($rotation === -165 || $rotation === Look::STACKED ? Look::STACKED : max(-90, min(90, $rotation))),
        ];
    }

    /** @return array<string, string|null> */
    private function edges(Style $style): array
    {
        $borders = $style->getBorders();

        $diagonal = $borders->getDiagonalDirection();

        return [
            'rising' => in_array($diagonal, [Borders::DIAGONAL_UP, Borders::DIAGONAL_BOTH], true) ? self::edge($borders->getDiagonal()) : null,
            'falling' => in_array($diagonal, [Borders::DIAGONAL_DOWN, Borders::DIAGONAL_BOTH], true) ? self::edge($borders->getDiagonal()) : null,
            'top' => self::edge($borders->getTop()),
            'right' => self::edge($borders->getRight()),
            'bottom' => self::edge($borders->getBottom()),
            'left' => self::edge($borders->getLeft()),
        ];
    }

    private static function edge(Border $border): ?string
    {
        $line = Line::tryFrom((string) $border->getBorderStyle());

        return $line === null || $line === Line::None ? null : (string) Edge::of($line, self::colour($border->getColor()));
    }

    private static function colour(Color $colour): string
    {
        $hex = $colour->getRGB();

        return preg_match('/^[0-9A-Fa-f]{6}$/', $hex) === 1 ? '#'.strtoupper($hex) : '#000000';
    }
}
