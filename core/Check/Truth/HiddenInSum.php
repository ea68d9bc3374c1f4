<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Grid\Address;
use Rilvet\Reading\Part;

/** Rows that are not seen and are in the total. */
final readonly class HiddenInSum implements SheetCheck
{
    public function about(): About
    {
        return new About('hidden-in-sum', 'Hidden rows inside sums',
            'The total says more than the rows that are seen.', Severity::Look, Subject::Truth);
    }

    public function find(Checked $sheet): iterable
    {
        $hidden = $sheet->sheet->setup->sizes->hiddenRows;
        foreach ($hidden === [] ? [] : $sheet->tables() as $table) {
            $row = TotalIsNotTheSum::totalRow($table);
            $body = $table->bodyRange();
            $within = $body === null ? [] : array_values(array_filter($hidden, fn (int $one) => $body->hasRow($one)
                && $table->runAt($one)?->part === Part::Body));
            if ($row === null || $within === []) {
                continue;
            }
            foreach ($sheet->sheet->cells->read($row, $row) as $cells) {
                foreach ($table->columns as $column) {
                    if (str_starts_with(strtoupper(($cells[$column->column - 1] ?? null)->formula ?? ''), 'SUM(')) {
                        $count = count($within);
                        yield $sheet->finding($this, Address::columnName($column->column).$row, $count, number_format($count).
                            ($count === 1 ? ' hidden row is' : ' hidden rows are').' in the total of '.Checked::called($column).'.');

                        continue 3;
                    }
                }
            }
        }
    }
}
