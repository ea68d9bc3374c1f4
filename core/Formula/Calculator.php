<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Cell;

/** Gives what one formula gives, from the values of the cells that it looks at. */
interface Calculator
{
    /** @param  bool  $from1904  the date system of the workbook (18.2.28) */
    public function begin(bool $from1904): void;

    /**
     * Whether the functions of a formula are known here at all.
     */
    public function knows(Meaning $meaning): bool;

    /**
     * @param  string  $text  with sheets as S1!, S2! ... and without names
     * @param  Meaning  $meaning  of the formula; its references may be those of another row
     * @return Cell|null a plain value or an error; null where it cannot be calculated
     *
     * @throws OutOfTime
     */
    public function calculate(string $text, Meaning $meaning, int $sheet, int $row, int $column, Values $values): ?Cell;
}
