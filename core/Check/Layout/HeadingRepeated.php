<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Grid\Address;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;

/** Two columns of a table with the same heading. */
final readonly class HeadingRepeated implements SheetCheck
{
    public function about(): About
    {
        return new About('heading-repeated', 'Headings that stand twice',
            'Nobody can tell the columns apart, and whatever finds a column by its heading takes the first.', Severity::Look,
            Subject::Reading);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->sheet->reading->tables as $table) {
            $heads = $table->heads();
            $parts = array_map(fn ($run) => $run->part, $heads);
            // Below groups each group has its own: "Plan, Fact, Plan, Fact".
            if ($heads === [] || $table->groups !== [] || in_array(Part::ColumnGroup, $parts, true) || $table->isTurned()) {
                continue;
            }
            $columns = [];
            foreach ($table->columns as $column) {
                $plain = $column->role === ColumnRole::Spacer ? '' : ColumnReading::plain((string) $column->heading);
                $plain === '' || $columns[$plain][] = $column;
            }
            foreach ($columns as $same) {
                if (count($same) > 1) {
                    $row = $heads[count($heads) - 1]->last;
                    $at = array_map(fn (ColumnReading $one) => Address::columnName($one->column).$row, $same);
                    yield $sheet->finding($this, implode(', ', array_slice($at, 0, 50)), count($same),
                        number_format(count($same)).' columns are headed '.Checked::called($same[0]).'.');
                }
            }
        }
    }
}
