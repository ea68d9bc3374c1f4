<?php

declare(strict_types=1);

namespace Rilvet\Check\Guarded;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Look\Attribute;
use Rilvet\Reading\Part;

/** Formulas that can be overwritten on a sheet that is protected. */
final readonly class FormulaUnlocked implements SheetCheck
{
    /** Formulas of a sheet that are looked at. */
    private const MOST = 200_000;

    public function about(): About
    {
        return new About('formula-unlocked', 'Formulas that are not locked',
            'The sheet is protected, and yet they can be overwritten by mistake.', Severity::Look, Subject::Guard);
    }

    public function find(Checked $sheet): iterable
    {
        if (! $sheet->sheet->setup->tab->protected) {
            return;
        }
        [$looked, $columns] = [0, []];
        foreach ($sheet->parts()->ranges(Part::FormulaCell) as $range) {
            for ($row = $range->top; $row <= $range->bottom && ++$looked <= self::MOST; $row++) {
                for ($column = $range->left; $column <= $range->right; $column++) {
                    if ($sheet->dressed()->at($row, $column)->look->get(Attribute::Locked) === false) {
                        ($columns[$column] ??= new Places($column))->add($row);
                    }
                }
            }
        }
        $count = array_sum(array_map(fn (Places $places) => $places->count, $columns));
        if ($count > 0) {
            yield $sheet->finding($this, implode(', ', array_map(fn (Places $places) => $places->text(), $columns)), $count,
                number_format($count).($count === 1 ? ' formula is' : ' formulas are').' open to be overwritten.');
        }
    }
}
