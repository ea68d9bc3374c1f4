<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Records\ConditionRecord;
use App\Http\Records\ConditionsRecord;
use App\Http\Records\PiecesRecord;
use App\Http\Records\ScalePointRecord;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Gathering;
use Rilvet\Condition\Judge;
use Rilvet\Condition\Judges;
use Rilvet\Condition\MarkSet;
use Rilvet\Condition\Sentence;
use Rilvet\Condition\Told;
use Rilvet\Condition\Trouble;
use Rilvet\Condition\Where;
use Rilvet\Condition\Written;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Reading;
use Rilvet\Window\WindowMark;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** The list of conditional looks that a person manages. */
final class ConditionList
{
    /** That are listed; of more the first, and how many there are. */
    private const LISTED = 400;

    /** That are looked at for what is wrong with them. */
    private const LOOKED = 4_000;

    /** Seconds for counting cells, all in all. */
    private const SECONDS = 0.8;

    /** @param  list<int>  $numbers  of sheets */
    public static function of(Workbook $workbook, array $numbers): ConditionsRecord
    {
        $records = $pieces = [];
        $more = $kept = 0;
        $end = microtime(true) + self::SECONDS;
        foreach ($numbers as $number) {
            $sheet = $workbook->sheet($number);
            $own = $sheet->aspect(Conditions::class);
            $kept += $own->kept;
            $all = $sheet->conditions();
            $rules = count($own->all) < 2 ? count($own->all) : count(Gathering::of($own->all));
            if ($rules < count($own->all)) {
                $pieces[] = new PiecesRecord($number, $sheet->name, count($own->all), $rules);
            }
            $listed = array_slice($all, 0, max(0, self::LISTED - count($records)));
            $more += count($all) - count($listed);
            array_push($records, ...self::sheet($workbook, $number, $sheet, $listed, $end));
        }

        return new ConditionsRecord($records, $pieces, $more, $kept);
    }

    /**
     * @param  list<Condition>  $listed
     * @return list<ConditionRecord>
     */
    private static function sheet(Workbook $workbook, int $number, Worksheet $sheet, array $listed, float $end): array
    {
        if ($listed === []) {
            return [];
        }
        $looked = array_slice($sheet->conditions(), 0, self::LOOKED);
        $judges = new Judges($looked, $sheet->reading, $sheet->cells, $workbook->around($number));
        $dressed = new DressedSheet($sheet, $workbook->looks);
        $troubles = Trouble::all($looked, $judges->all(), $sheet->cells);
        $held = [];
        foreach ($judges->all() as $judge) {
            $held[$judge->condition->id] = $judge;
        }
        $records = [];
        $ofSheet = count($sheet->aspect(Conditions::class)->all);
        foreach ($listed as $index => $condition) {
            $judge = $held[$condition->id] ?? null;
            $left = $end - microtime(true);
            [$worn, , $isAll] = $judge === null ? [0, 0, true]
                : ($left > 0 ? $judges->count($judge, $left / 2) : [0, 0, false]);
            $first = $judge->ranges[0] ?? null;
            $plain = $first === null ? Look::none() : $dressed->at($first->top, $first->left)->look;
            $records[] = self::record(
                $condition, $workbook, $number, $sheet, $index, $judge, $troubles[$condition->id] ?? null, $worn, $isAll, $plain,
                $index >= $ofSheet,
            );
        }
        $judges->keep();

        return $records;
    }

    private static function record(
        Condition $condition, Workbook $workbook, int $number, Worksheet $sheet, int $index, ?Judge $judge, ?Trouble $trouble, int $worn,
        bool $isAll, Look $plain, bool $ofStylebook,
    ): ConditionRecord {
        $where = $condition->where;
        $test = $condition->test;
        $kind = self::kind($where, $sheet->reading);
        $set = $condition->marks->set ?? null;
        $wrong = $trouble === null ? null
            : $trouble->words().($trouble === Trouble::Unread ? " {$judge?->why}" : '');

        return new ConditionRecord(
            $condition->id, $number, $sheet->name, $index + 1, Sentence::of($condition, $sheet->reading, $workbook->from1904),
            Sentence::subject($where, $sheet->reading), self::where($where, $ofStylebook, $sheet),
            implode(' ', array_slice($where->ranges($sheet->reading), 0, 2_000)), $where->isCells(),
            $where->column === null ? null : (string) $where->column,
            $where->part?->value, $where->kind?->value, $where->heading, $test->is->value,
            array_map(fn (string $value) => Written::shown($value, $kind, $workbook->from1904), $test->of), $test->count, $test->percent,
            $test->deviations, $test->orEqual, $test->period?->value, $condition->look,
            array_map(fn (array $one) => new ScalePointRecord($one[0]->at, $one[0]->value, $one[1]), $condition->scale->points ?? []),
            $condition->bar?->colour, $condition->bar?->below, $set,
            array_map(fn (array $mark) => new WindowMark($mark[0]->value, $mark[1]), $set === null ? [] : MarkSet::named($set)),
            $condition->stops, $condition->isOn, $worn, $isAll, Sentence::cost($condition, count($judge->ranges ?? [])),
            $wrong, $trouble?->isIdle() ?? false,
            Told::by($condition, $plain), $ofStylebook,
        );
    }

    private static function where(Where $where, bool $ofStylebook, Worksheet $sheet): string
    {
        return match (true) {
            $ofStylebook => $sheet->stylebook->name ?? '',
            $where->column !== null => 'this table',
            $where->part !== null => 'every table here',
            default => $where->words(),
        };
    }

    private static function kind(Where $where, Reading $reading): ?ColumnKind
    {
        $cell = $where->column === null
            ? ($where->cells === [] ? null : [$where->cells[0]->top, $where->cells[0]->left])
            : [$where->column->row, $where->column->column];

        return $where->kind ?? ($cell === null ? null : $reading->tableAt($cell[0], $cell[1])?->readingOf($cell[0], $cell[1])?->kind);
    }
}
