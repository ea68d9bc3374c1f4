<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Grid\Cell;

/**
 * A hash of each row's values, taken as they go to the writer, so that a proof need not read and type the workbook a second
 * time: eight bytes a row.
 *
 * @phpstan-import-type Stored from Cell
 */
final class RowMarks
{
    private string $marks = '';

    private int $rows = 0;

    /** @param  list<Stored>  $stored  of the next row that holds anything; rows come in their order */
    public function add(int $row, array $stored): void
    {
        if ($row > $this->rows + 1) {
            $this->marks .= str_repeat(self::of([]), $row - $this->rows - 1);
        }
        $this->marks .= self::of($stored);
        $this->rows = $row;
    }

    public function rows(): int
    {
        return $this->rows;
    }

    /** @param  list<Stored>  $found */
    public function holds(int $row, array $found): bool
    {
        return ($row > $this->rows ? self::of([]) : substr($this->marks, 8 * ($row - 1), 8)) === self::of($found);
    }

    /**
     * A whole number and the same number as a decimal are one; blanks at the end are nothing.
     *
     * @param  list<Stored>  $stored
     */
    private static function of(array $stored): string
    {
        while ($stored !== [] && (($last = end($stored)) === null || $last === '')) {
            array_pop($stored);
        }

        return hash(
            'xxh3',
            (string) json_encode($stored, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE),
            true,
        );
    }
}
