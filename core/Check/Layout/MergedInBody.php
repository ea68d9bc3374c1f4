<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Act\Split;
use Rilvet\Act\Targets;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeIndex;
use Rilvet\Grid\RangeSet;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;

/** Merged cells among the data of a table. */
final readonly class MergedInBody implements SheetCheck
{
    public function about(): About
    {
        return new About('merged-in-body', 'Merged cells among data',
            'Sorting and filtering break on them, and all but their first cell is blank to every formula.', Severity::Look, Subject::Place);
    }

    public function find(Checked $sheet): iterable
    {
        $tables = $sheet->sheet->reading->tables;
        $index = new RangeIndex;
        foreach ($tables as $number => $table) {
            $index->add($number, $table->range);
        }
        $found = [];
        foreach ($sheet->sheet->setup->merges as $merge) {
            $number = $index->first($merge->top, $merge->left);
            $part = $number === null || ! self::isSorted($tables[$number]) ? null : $tables[$number]->partAt($merge->top, $merge->left);
            if ($part === Part::Body || $part === Part::RowLabel) {
                $found[$number][] = $merge;
            }
        }
        ksort($found);
        foreach ($found as $number => $merges) {
            $count = count($merges);
            yield $sheet->finding($this, implode(', ', array_map(fn (Range $one) => (string) $one, array_slice($merges, 0, Places::NAMED))),
                $count, number_format($count).($count === 1 ? ' merged place stands' : ' merged places stand').
                " among the data of {$tables[$number]->range}.", [], Mend::values(
                    new Split(new Targets([$sheet->number], RangeSet::of(...$merges))), 0,
                    'takes '.number_format($count).($count === 1 ? ' merge apart' : ' merges apart')));
        }
    }

    /** A block without headings, or of two rows, is no list that anybody sorts. */
    private static function isSorted(TableReading $table): bool
    {
        $body = $table->bodyRange();

        return $body !== null && $body->rows() > 2 && $table->lastHeadRow() !== null;
    }
}
