<?php

declare(strict_types=1);

namespace Rilvet\Check\Colour;

use Rilvet\Act\FormatWhere;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Measure\Ruler;

/** Sizes of type that differ by a point or less. */
final readonly class NearSizes implements SheetCheck
{
    public function about(): About
    {
        return new About('near-sizes', 'Sizes that are nearly the same',
            'They look like a slip, and say nothing.', Severity::Look, Subject::Colour);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->tables() as $table) {
            $sizes = [];
            foreach ($table->columns as $column) {
                foreach ($sheet->survey()->column($table, $column->column) as $wear) {
                    $size = (string) $wear->look->look->number(Attribute::Size, Ruler::SIZE);
                    if (isset($sizes[$size]) || $sizes === [] || $sheet->survey()->isFilled($wear->places, $column->column)) {
                        $sizes[$size] ??= [0, []];
                        $sizes[$size][0] += $wear->places->count;
                        foreach ($wear->places->stretches() as [$from, $to]) {
                            $sizes[$size][1][] = Range::of($from, $column->column, $to, $column->column);
                        }
                    }
                }
            }
            uasort($sizes, fn (array $one, array $other) => $other[0] <=> $one[0]);
            $usual = (string) array_key_first($sizes);
            foreach (array_slice($sizes, 1, null, true) as $size => [$count, $ranges]) {
                if (abs((float) $size - (float) $usual) <= 1.0) {
                    $size = (float) $size;
                    yield $sheet->finding($this, Seen::text($ranges), $count, number_format($count).($count === 1
                        ? ' cell of the data is' : ' cells of the data are').
                        " set in $size pt, the others in $usual pt.", [],
                        Mend::looks(new FormatWhere($sheet->targets($table->bodyRange() ?? $table->range),
                            Look::of(['size' => $size]), Look::of(['size' => (float) $usual]))));
                }
            }
        }
    }
}
