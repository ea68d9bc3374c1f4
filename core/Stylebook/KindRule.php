<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Number\NumberFormat;
use Rilvet\Reading\ColumnReading;

/**
 * What a stylebook says for a column kind: placement, and the number format as a pattern in which "{places}" stands for
 * as many decimal places as the column needs, the same for each of its cells.
 */
final readonly class KindRule
{
    /**
     * @param  string  $sign  where the currency sign stands: "every", "first" (first row and totals) or "none"
     */
    public function __construct(
        public Look $place,
        public ?string $pattern = null,
        public string $sign = 'first',
        public int $least = 0,
        public int $most = 4,
    ) {
    }

    /** @param  bool  $signed the cell is one of those that carry the currency sign */
    public function look(ColumnReading $column, bool $signed): Look
    {
        return $this->pattern === null ? $this->place : $this->place->under(Look::of([Attribute::Number->value => $this->code($column, $signed)]));
    }

    private function code(ColumnReading $column, bool $signed): string
    {
        $count = max($this->least, min($this->most, $column->decimals));
        $code = str_replace('{places}', $count === 0 ? '' : '.'.str_repeat('0', $count), (string) $this->pattern);
        $code = $column->grouped ? $code : str_replace('#,##0', '0', $code);
        if ($column->unit === null || $this->sign === 'none' || ($this->sign === 'first' && ! $signed)) {
            return $code;
        }
        $sign = '"'.str_replace(['"', '\\'], '', $column->unit).'"* ';
        $signedCode = "$sign$code;$sign-$code";
        NumberFormat::of($signedCode);

        return $signedCode;
    }
}
