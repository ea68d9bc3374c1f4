<?php

declare(strict_types=1);

namespace App\Files\Writing;

use App\Files\Ods\Reached;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Is;
use Rilvet\Entry\EntryCheck;
use Rilvet\Formula\FormulaRuns;
use Rilvet\Formula\WithoutTables;
use Rilvet\Grid\Sheet;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Password;
use Rilvet\Guard\Protection;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Paper\SheetPages;
use Rilvet\Reading\Part;
use Rilvet\Work\Extent;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\ConditionsOut;

/** What a format makes of a workbook that it cannot carry whole, in sentences; docs/formats.md has the whole table. */
final class FormatLosses
{
    /**
     * @param  bool  $isPackage  the workbook came as xlsx, and goes back into its package
     * @param  bool  $holdsMore  the package holds charts, pictures, comments or the like
     * @return list<string>
     */
    public static function of(Workbook $workbook, int $sheet, string $format, bool $isPackage, bool $holdsMore): array
    {
        $hidden = count(array_filter($workbook->sheets, fn (Worksheet $each) => $each->setup->tab->state !== 'visible'));
        $others = count($workbook->sheets) - 1;

        return match ($format) {
            'xlsx' => array_values(
                array_filter([
                    self::says($workbook, fn (Look $look) => $look->is(Attribute::Clip))
                        ? 'Texts that are cut off at the edge are cut where they are longer than their cell; a shorter one that grows '
                            .'will spill.'
                        : null,
                    ! $isPackage && self::wears($workbook, ConditionsOut::hasNoWord(...))
                        ? 'Some bars and marks have no word in the standard: bars grow from the left, and marks become those of a set '
                            .'that it knows.'
                        : null,
                    self::wears($workbook, fn (Condition $one) => ! $one->isOn)
                        ? 'Conditional looks that are turned off are left out.'
                        : null,
                    self::colours($workbook, 'colour', 'band') ? 'The colour of pages and the band at their head are left out.' : null,
                    $isPackage && self::cutsTables($workbook)
                        ? 'Columns were put into or taken out of the sheet: a table of the file that they stood in is a plain range '
                            .'from then on.'
                        : null,
                ]),
            ),
            'ods' => array_values(
                array_filter([
                    self::says($workbook, fn (Look $look) => $look->text(Attribute::Horizontal) === 'span')
                        ? 'Headings centred over several cells are centred in their own.'
                        : null,
                    self::says($workbook, fn (Look $look) => preg_match('/(?<!\\\\)[_?]/', $look->text(Attribute::Number)) === 1)
                        ? 'Room that number formats leave for brackets becomes a blank.'
                        : null,
                    self::wears($workbook, fn (Condition $one) => $one->test->is === Is::Always)
                        ? 'Scales, bars and marks have no word in the format, and are left out.'
                        : null,
                    self::wears($workbook, fn (Condition $one) => $one->test->is !== Is::Always)
                        ? 'Of several conditional looks that hold on one cell, the first alone is worn.'
                        : null,
                    self::reachesFar($workbook)
                        ? 'Checks on entry and conditional looks end where they reach far beside or below what is filled.'
                        : null,
                    self::hasPassword($workbook)
                        ? 'Protected sheets are protected without their passwords, which the format keeps in another form; and what '
                            .'they allow is not said.'
                        : null,
                    self::saysBrackets($workbook, true) ? 'Columns of tables that formulas name become plain ranges.' : null,
                    self::colours($workbook, 'band') ? 'The band at the head of pages is left out.' : null,
                    self::saysBrackets($workbook, false) ? 'Formulas that look into other workbooks become their results.' : null,
                    $isPackage && $holdsMore ? 'Charts, pictures, comments and the like that came in the xlsx stay in the xlsx.' : null,
                ]),
            ),
            'html', 'pdf' => array_values(
                array_filter([
                    self::hasFormulas(...array_map(fn (Worksheet $each) => $each->cells, array_values($workbook->sheets)))
                        ? 'Formulas become their results.'
                        : null,
                    self::isGuarded($workbook) ? 'Checks on entry and protection are left out.' : null,
                    $hidden > 0
                        ? ($hidden === 1 ? 'The hidden sheet is left out.' : "$hidden hidden sheets are left out.")
                        : null,
                ]),
            ),
            default => array_values(
                array_filter([
                    'Looks and sizes are left out.',
                    self::hasFormulas($workbook->sheet($sheet)->cells) ? 'Formulas become their results.' : null,
                    $others > 0
                        ? ($others === 1 ? 'The other sheet is left out.' : "The $others other sheets are left out.")
                        : null,
                ]),
            ),
        };
    }

    /** Whether pages of any sheet have a colour that one of some rules says. */
    private static function colours(Workbook $workbook, string ...$rules): bool
    {
        foreach ($workbook->sheets as $sheet) {
            $page = SheetPages::rules($sheet);
            foreach ($rules as $rule) {
                if ($page->text($rule) !== 'none') {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  callable(Look): bool  $what */
    private static function says(Workbook $workbook, callable $what): bool
    {
        foreach ($workbook->sheets as $sheet) {
            $parts = $sheet->stylebook === null ? [] : array_map($sheet->stylebook->part(...), Part::cases());
            foreach ([...$parts, ...array_map(fn ($rule) => $rule->look, $sheet->rules)] as $look) {
                if ($what($look)) {
                    return true;
                }
            }
        }

        return array_filter($workbook->looks->all(), $what) !== [];
    }

    /** @param  callable(Condition): bool  $what */
    private static function wears(Workbook $workbook, callable $what): bool
    {
        foreach ($workbook->sheets as $sheet) {
            foreach ($sheet->conditions() as $condition) {
                if ($what($condition)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether checks or conditional looks of any sheet reach farther than an ods follows them. */
    private static function reachesFar(Workbook $workbook): bool
    {
        foreach ($workbook->sheets as $sheet) {
            $ranges = array_map(fn (Condition $one) => $one->where->ranges($sheet->reading), $sheet->conditions());
            $checked = array_map(fn (EntryCheck $one) => $one->where->ranges($sheet->reading), $sheet->entries());
            $all = array_merge(...$ranges, ...$checked);
            if ($all !== [] && ! (new Reached($all, ...Extent::of($sheet)))->isWhole) {
                return true;
            }
        }

        return false;
    }

    private static function isGuarded(Workbook $workbook): bool
    {
        return array_filter($workbook->sheets, fn (Worksheet $sheet) => $sheet->setup->tab->protected || $sheet->entries() !== []) !== [];
    }

    private static function hasPassword(Workbook $workbook): bool
    {
        $passwords = array_map(fn (Worksheet $sheet) => $sheet->setup->tab->protected ? $sheet->aspect(Protection::class)->password : null,
            $workbook->sheets);

        return array_filter([...$passwords, $workbook->guard?->password],
            fn (?Password $password) => $password !== null && $password->forOds() === null) !== [];
    }

    private static function cutsTables(Workbook $workbook): bool
    {
        foreach ($workbook->sheets as $sheet) {
            foreach ($sheet->moves as $move) {
                if ($move instanceof Shift && ! $move->rows) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether formulas name columns of tables, or look into other workbooks. */
    private static function saysBrackets(Workbook $workbook, bool $tables): bool
    {
        $scope = $workbook->scope();
        foreach ($workbook->sheets as $number => $sheet) {
            foreach (FormulaRuns::of($sheet->cells) as $run) {
                if (
                    str_contains($run->formula, '[') &&
                    (WithoutTables::of($run->formula, $scope, $number, $run->first, $run->column) !== null) === $tables
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function hasFormulas(Sheet ...$sheets): bool
    {
        foreach ($sheets as $sheet) {
            foreach ($sheet->formulas() as $row) {
                if ($row !== []) {
                    return true;
                }
            }
        }

        return false;
    }
}
