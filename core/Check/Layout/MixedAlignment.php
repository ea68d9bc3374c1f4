<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Act\Format;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Facts\Wear;
use Rilvet\Check\Mend;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;

/** A column whose texts or figures begin at different places. */
final readonly class MixedAlignment implements ColumnCheck
{
    public function about(): About
    {
        return new About('mixed-alignment', 'Mixed alignment in one column',
            'The eye runs down an edge; where there is none it has to jump.', Severity::Look, Subject::Place);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns(true) as [$table, $column, $range, $facts]) {
            if ($facts->filled < 3 || ($facts->numbers > 0 && $facts->texts > 0)) {
                continue;
            }
            $own = $facts->numbers > 0 ? 'right' : 'left';
            $groups = $sheet->survey()->by($table, $column->column,
                fn (ResolvedLook $look) => match ($says = $look->look->text(Attribute::Horizontal)) {
                    '', 'general' => $own,
                    default => $says,
                });
            if (count($groups) < 2) {
                continue;
            }
            $groups = array_filter($groups, fn (Wear $wear) => $sheet->survey()->isFilled($wear->places, $column->column));
            if (count($groups) < 2) {
                continue;
            }
            $said = [];
            foreach ($groups as $way => $wear) {
                $said[] = number_format($wear->places->count)." $way";
            }
            $others = array_map(fn (Wear $wear) => $wear->places, array_values(array_slice($groups, 1)));
            yield $sheet->finding($this, Places::together(...$others)->text(),
                array_sum(array_map(fn (Places $places) => $places->count, $others)),
                Checked::called($column).': '.implode(', ', $said).'.', [], Mend::looks(new Format($sheet->targets($range),
                    Look::of(['horizontal' => (string) array_key_first($groups)]))));
        }
    }
}
