<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Records\CellPartRecord;
use App\Http\Records\EntryRecord;
use App\Http\Records\GuardRecord;
use Rilvet\Condition\Written;
use Rilvet\Dressed\CellParts;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Entry\EntryJudges;
use Rilvet\Entry\EntryKind;
use Rilvet\Entry\EntrySentence;
use Rilvet\Grid\Range;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Protection;
use Rilvet\Guard\SheetRole;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Work\RoleReading;
use Rilvet\Work\Workbook;

/** What is entered, chosen and worked out on a sheet, and how that is guarded. */
final class GuardView
{
    /** Checks that are listed, ranges of a part and cells to be walked that are sent. */
    private const LISTED = 200;

    private const RANGES = 3_000;

    private const WALKED = 200;

    /** Seconds for looking at values against their checks. */
    private const SECONDS = 0.5;

    /** @param  Workbook  $workbook  with all of its sheets, since roles look at others */
    public static function of(Workbook $workbook, int $number): GuardRecord
    {
        $sheet = $workbook->sheet($number);
        $role = RoleReading::all($workbook)[$number];
        $cells = new CellParts($sheet, $workbook->looks);
        $all = $sheet->aspect(EntryChecks::class);
        $every = $sheet->entries();
        $ofSheet = $all->count();
        $judges = new EntryJudges($every, $sheet->reading, $sheet->cells, $workbook->around($number));
        [$against, $at, $isAll] = $every === [] ? [0, [], true] : $judges->against(self::SECONDS, self::WALKED);
        [$constants, $constantsAt] = $cells->constants(self::WALKED);
        $protection = $sheet->aspect(Protection::class);
        $own = $sheet->aspect(SheetRole::class);

        return new GuardRecord(
            $number, $role->role->value, $role->why, $role->isSaid, $own->purpose,
            array_map(function (Part $part) use ($cells, $sheet) {
                $ranges = $cells->ranges($part);

                return new CellPartRecord(
                    $part->value, $part->words(), $part->letter(), array_sum(array_map(fn (Range $range) => $range->cells(), $ranges)),
                    array_map(strval(...), array_slice($ranges, 0, self::RANGES)), $sheet->isMarked($part),
                    in_array($part, $sheet->stylebook->marks ?? [], true),
                );
            }, Part::OF_CELLS),
            $constants, array_map(strval(...), $constantsAt),
            array_map(fn (EntryCheck $check, int $place) => self::check($check, $workbook, $number, $judges, $place >= $ofSheet),
                $listed = array_slice($every, 0, self::LISTED), array_keys($listed)),
            max(0, count($every) - self::LISTED), $all->kept, $against, $at, $isAll,
            $sheet->setup->tab->protected, $protection->password !== null,
            array_map(fn (Allowance $one) => $one->value, $protection->allowed),
            $workbook->guard?->isOn === true, $workbook->guard?->password !== null,
        );
    }

    private static function check(EntryCheck $check, Workbook $workbook, int $number, EntryJudges $judges, bool $ofStylebook): EntryRecord
    {
        $sheet = $workbook->sheet($number);
        $judge = $judges->of($check->id);
        $ranges = $check->where->ranges($sheet->reading);
        $kind = match ($check->kind) {
            EntryKind::Date => ColumnKind::Date,
            EntryKind::Time => ColumnKind::Time,
            default => null,
        };
        $where = $check->where;
        $isPlace = $check->kind === EntryKind::List && ! $check->ofColumn && $check->typed() === null;
        [$row, $column] = $ranges === [] ? [1, 1] : EntryCheck::first($ranges);

        return new EntryRecord(
            $check->id, EntrySentence::of($check, $sheet->reading, $workbook->from1904),
            implode(' ', array_slice($ranges, 0, 2_000)), $where->isCells(),
            $where->column === null ? null : (string) $where->column, $where->part?->value, $where->kind?->value, $where->heading,
            $check->kind->value, $check->is->value,
            $check->kind === EntryKind::List ? [] : array_map(fn (string $value) => Written::shown($value, $kind, $workbook->from1904),
                $check->of),
            $check->typed() ?? [], $isPlace ? ($judge?->from($row, $column) ?? ($check->of[0] ?? '')) : null, $check->ofColumn,
            $check->blank, $check->shows,
            $check->promptTitle, $check->prompt, $check->title, $check->message, $check->severity->value,
            $check->isLost() ? 'The cells that it names are gone.' : $judge?->tried(), $ofStylebook,
        );
    }
}
