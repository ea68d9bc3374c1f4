<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Grid\Cell;
use Rilvet\Summary\Laid;
use Rilvet\Summary\Summary;

/** A summary before it is kept: its first rows. */
final readonly class SummaryRecord
{
    private const ROWS = 14;

    private const COLUMNS = 8;

    /**
     * @param  string  $words  "Worth by Customer"
     * @param  list<list<string>>  $rows  the first of them, from the headings on
     * @param  int  $count  of all rows
     * @param  int  $columns  of all
     */
    public function __construct(public string $words, public array $rows, public int $count, public int $columns)
    {
    }

    public static function of(Summary $summary, Laid $laid): self
    {
        $readings = $laid->reading()->tables[0]->columns;
        $rows = [];
        foreach (array_slice($laid->rows, 2, self::ROWS) as $cells) {
            $line = [];
            foreach (array_slice($cells, 0, self::COLUMNS) as $at => $cell) {
                $line[] = self::text($cell, $at === 0 ? null : $readings[$at]->decimals, $readings[$at]->kind->value === 'percent');
            }
            $rows[] = $line;
        }

        return new self($summary->words(), $rows, count($laid->rows), count($readings));
    }

    private static function text(Cell $cell, ?int $decimals, bool $isShare): string
    {
        $number = $cell->number();

        return $number === null || $decimals === null ? $cell->text()
            : ($isShare ? number_format(100 * $number, 1).' %' : number_format($number, $decimals));
    }
}
