<?php

declare(strict_types=1);

namespace Rilvet\Measure;

use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Cell;
use Rilvet\Number\Formatted;
use Rilvet\Number\NumberFormat;

/** What one cell shows: its text by the number format in force, and the side it stands on. */
final readonly class Shown
{
    private function __construct(public Formatted $formatted, public string $align)
    {
    }

    public static function of(Cell $cell, ResolvedLook $worn, bool $from1904, bool $rightToLeft = false): self
    {
        // Text that was typed shows as it came until a format says otherwise.
        $formatted = $cell->raw !== null && ($worn->code === '' || $worn->isFileCode) ? new Formatted($cell->raw)
            : NumberFormat::of($worn->code)->show($cell, $from1904);

        return new self($formatted, self::side($cell, $worn->horizontal, $rightToLeft ? 'right' : 'left'));
    }

    /** The same without its text: a bar or a mark stands for it. */
    public function silent(): self
    {
        return new self(new Formatted(''), $this->align);
    }

    /** Without an alignment of its own, text stands where it begins, numbers right, booleans and errors in the middle (18.18.40). */
    private static function side(Cell $cell, string $horizontal, string $start): string
    {
        return match ($horizontal) {
            'general' => $cell->isNumber() ? 'right'
                : (is_bool($cell->value) || $cell->error !== null ? 'center' : $start),
            'span', 'distributed' => 'center',
            'fill', 'justify' => $start,
            default => $horizontal,
        };
    }
}
