<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Act\Format;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;

/** Figures that do not stand at the right. */
final readonly class FiguresAtLeft implements ColumnCheck
{
    public function about(): About
    {
        return new About('figures-at-left', 'Figures at the left or in the middle',
            'Ones stand below tens, and nobody sees which figure is the greater.', Severity::Look, Subject::Place);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns() as [$table, $column, $range, $facts]) {
            if ($facts->numbers < 3 || $facts->texts > 0 || ! $column->kind->isNumeric() || $facts->greatest < 10
                || $facts->least === $facts->greatest
                || ! $column->grouped) {
                continue;
            }
            $ways = array_keys($sheet->survey()->by($table, $column->column,
                fn (ResolvedLook $look) => $look->look->text(Attribute::Horizontal)));
            if (count($ways) === 1 && in_array($ways[0], ['left', 'center'], true)) {
                yield $sheet->finding($this, $range, $facts->numbers, Checked::called($column).': figures of different length stand '.
                    ($ways[0] === 'left' ? 'at the left.' : 'in the middle.'), [],
                    Mend::looks(new Format($sheet->targets($range), Look::of(['horizontal' => 'right']))));
            }
        }
    }
}
