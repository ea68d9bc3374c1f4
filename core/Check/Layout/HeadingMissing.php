<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Grid\Address;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;

/** Columns with data and no heading in a table that has headings. */
final readonly class HeadingMissing implements SheetCheck
{
    public function about(): About
    {
        return new About('heading-missing', 'Columns without a heading',
            'Nothing says what its figures are (WCAG 2.2, 1.3.1).', Severity::Look, Subject::Reading);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->sheet->reading->tables as $table) {
            $row = $table->lastHeadRow();
            if ($row === null || $table->isTurned() || $table->groups !== []) {
                continue;
            }
            // The corner over names of rows is often left blank.
            $bare = array_filter($table->columns, fn (ColumnReading $column) => $column->role === ColumnRole::Data
                && $column->kind !== ColumnKind::None && $column->column > $table->range->left
                && ColumnReading::plain((string) $column->heading) === '');
            if ($bare !== [] && count($bare) * 2 < count($table->columns)) {
                $at = array_map(fn (ColumnReading $one) => Address::columnName($one->column).$row, array_values($bare));
                yield $sheet->finding($this, implode(', ', array_slice($at, 0, 50)), count($bare), number_format(count($bare)).
                    (count($bare) === 1 ? ' column holds data and has' : ' columns hold data and have').' no heading.');
            }
        }
    }
}
