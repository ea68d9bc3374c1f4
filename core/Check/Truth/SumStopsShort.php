<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Grid\Address;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\TableReading;

/** A sum below a table that leaves figures of its column out. */
final readonly class SumStopsShort implements SheetCheck
{
    /** A sum over one stretch of one column; 9 and 109 are its numbers as a subtotal (ISO/IEC 29500-1 18.17.7.313). */
    private const SUM = '/^(?:SUM|SUBTOTAL)\((?:1?0?9,)?\$?([A-Z]{1,3})\$?(\d{1,7}):\$?([A-Z]{1,3})\$?(\d{1,7})\)$/i';

    public function about(): About
    {
        return new About('sum-stops-short', 'Sums that leave rows out',
            'Rows that came later are not in the total, and nothing on the sheet says so.', Severity::Wrong, Subject::Truth);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->sheet->reading->tables as $table) {
            $row = TotalIsNotTheSum::totalRow($table);
            $body = $table->bodyRange();
            if ($row === null || $body === null) {
                continue;
            }
            foreach ($sheet->sheet->cells->read($row, $row) as $cells) {
                foreach ($table->columns as $column) {
                    $formula = str_replace(' ', '', ($cells[$column->column - 1] ?? null)->formula ?? '');
                    if ($column->role === ColumnRole::Data && preg_match(self::SUM, $formula, $said) === 1
                        && Address::columnNumber(strtoupper($said[1])) === $column->column && strcasecmp($said[1], $said[3]) === 0) {
                        $left = self::leftOut($sheet, $table, $column->column, (int) $said[2], (int) $said[4]);
                        if ($left !== []) {
                            $name = Address::columnName($column->column);
                            yield $sheet->finding($this, $name.$row, 1, Checked::called($column).': the sum goes over rows '.
                                "$said[2] to $said[4], and leaves ".number_format(count($left)).' '.
                                (count($left) === 1 ? 'figure' : 'figures').' of its column out, the first in '."$name$left[0].",
                                ['formula' => $formula, 'leaves out' => count($left)],
                                FormulaPut::sum($sheet, $row, $column->column, $body->top, $body->bottom));
                        }
                    }
                }
            }
        }
    }

    /** @return list<int> rows of the body with a figure, beside those of a sum that lies within it */
    private static function leftOut(Checked $sheet, TableReading $table, int $column, int $first, int $last): array
    {
        $body = $table->bodyRange();
        // A sum from elsewhere, or of a few rows by intention, says something else: a half at least is meant to be all.
        if ($body === null || ! $body->holdsRows($first, $last) || ($last - $first + 1) * 2 < $body->rows()) {
            return [];
        }
        $left = [];
        foreach ([[$body->top, $first - 1], [$last + 1, $body->bottom]] as [$from, $to]) {
            foreach ($from > $to ? [] : $sheet->sheet->cells->read($from, $to, $column, $column) as $row => $cells) {
                ($cells[$column - 1] ?? null)?->number() !== null && $left[] = $row;
            }
        }

        return $left;
    }
}
