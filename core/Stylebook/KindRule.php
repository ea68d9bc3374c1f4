<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Clamp;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Number\FormatClass;
use Rilvet\Number\NumberFormat;
use Rilvet\Reading\ColumnReading;

/**
 * What a stylebook says for a column kind: placement, and the number format as a pattern in which "{places}" stands for
 * as many decimal places as the column needs, the same for each of its cells. It holds for rows that come later, and
 * touches headings only where the unit is said there.
 */
final readonly class KindRule
{
    public const SIGNS = ['every', 'first', 'heading', 'none'];

    private const SCALES = [0 => '', 3 => 'thousand', 6 => 'million'];

    /**
     * @param  string  $sign  where the currency sign stands: every cell, first row and totals, only the heading, nowhere
     * @param  int  $least  decimal places at least; where figures are scaled, those they have
     * @param  int  $scale  figures are shown in thousands (3) or millions (6), and the heading says so
     * @param  bool  $accounting  sign at the left edge, negative figures in brackets that do not shift digits, zero as a dash
     * @param  int  $totals  decimal places that totals have more than the body
     */
    public function __construct(
        public Look $place,
        public ?string $pattern = null,
        public string $sign = 'first',
        public int $least = 0,
        public int $most = 4,
        public int $scale = 0,
        public bool $accounting = false,
        public int $totals = 0,
    ) {
    }

    /**
     * @param  bool  $signed  the cell is one of those that carry the currency sign
     * @param  bool  $total  it is a total
     */
    public function look(ColumnReading $column, bool $signed, bool $total = false): Look
    {
        return $this->pattern === null
            ? $this->place
            : $this->place->under(Look::of([Attribute::Number->value => $this->code($column, $signed, $total)]));
    }

    /** What the column's heading says besides its text: the unit, on a line of its own. The text itself is not touched. */
    public function headingLook(ColumnReading $column): Look
    {
        $unit = trim(($this->sign === 'heading' ? self::quotable((string) $column->unit) : '').' '.self::SCALES[$this->scale]);

        return $unit === '' || $this->pattern === null
            ? Look::none()
            : Look::of([Attribute::Number->value => "@\"\n$unit\"", Attribute::Wrap->value => true]);
    }

    private function code(ColumnReading $column, bool $signed, bool $total): string
    {
        $pattern = (string) $this->pattern;
        $places = min(
            10,
            ($this->scale > 0 ? $this->least : Clamp::of($column->decimals, $this->least, $this->most))
                + ($total ? $this->totals : 0),
        );
        $figures = str_replace(
            '{places}',
            ($places === 0 ? '' : '.'.str_repeat('0', $places)).str_repeat(',', intdiv($this->scale, 3)),
            $pattern,
        );
        $figures = $column->grouped ? $figures : str_replace('#,##0', '0', $figures);
        // A pattern that says a currency itself is given none.
        if (FormatClass::currency($pattern) !== null) {
            return $figures;
        }
        $hasSign = $column->unit !== null && ($this->sign === 'every' || ($this->sign === 'first' && $signed));
        $sign = $hasSign ? '"'.self::quotable($column->unit).'"* ' : '';
        if ($this->accounting && str_contains($pattern, '{places}')) {
            $code = "$sign{$figures}_);$sign($figures);$sign\"–\"_)";
        } else {
            $code = $sign === '' ? $figures : "$sign$figures;$sign-$figures";
        }
        NumberFormat::of($code);

        return $code;
    }

    private static function quotable(string $text): string
    {
        return str_replace(['"', '\\'], '', $text);
    }
}
