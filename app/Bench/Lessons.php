<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Lesson as LessonRow;
use App\Models\Workbook as WorkbookRow;
use Rilvet\Act\ReadAnew;
use Rilvet\Change\Json;
use Rilvet\Reading\Correction\AsLearned;
use Rilvet\Reading\Correction\Correction;
use Rilvet\Reading\Lesson\Headings;
use Rilvet\Reading\Lesson\Lesson;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Learns from what people correct, and reads later tables by it: a lesson for each row of headings.
 *
 * @phpstan-import-type LessonData from Lesson
 */
final class Lessons
{
    /** Tables of a sheet that are known again; a sheet of thousands of them is no form that comes back. */
    private const TABLES = 200;

    /** Takes in what is corrected on a sheet now; what was taken back is forgotten, where it was learned from this workbook. */
    public function learn(WorkbookRow $row, Worksheet $sheet): void
    {
        $taught = LessonRow::query()->where('workbook_id', $row->id)->exists();
        $own = array_values(array_filter($sheet->corrections, fn (Correction $one) => ! $one instanceof AsLearned));
        if ($own === [] && ! $taught) {
            return;
        }
        foreach (array_slice($sheet->reading->tables, 0, self::TABLES) as $table) {
            // What was only learned is not taught on as if it came from here.
            $lesson = Lesson::of($sheet->cells, $table, $own);
            if ($lesson !== null) {
                $isAll = count($own) === count($sheet->corrections);
                $lesson = $isAll ? $lesson : Lesson::of($sheet->cells, $table, $sheet->corrections) ?? $lesson;
                LessonRow::query()->updateOrCreate(['print' => $lesson->print], [
                    'workbook_id' => $row->id, 'from' => mb_substr($row->name, 0, 200), 'data' => Json::of($lesson->toArray()),
                ]);

                continue;
            }
            if ($taught) {
                $prints = array_values(Headings::prints($sheet->cells, $table));
                LessonRow::query()->where('workbook_id', $row->id)->whereIn('print', $prints)->delete();
            }
        }
    }

    /** A workbook that comes, its tables read as those with the same headings were corrected. */
    public function recall(Workbook $workbook): Workbook
    {
        $known = LessonRow::query()->exists();
        foreach ($known ? $workbook->sheets : [] as $number => $sheet) {
            $tables = array_slice($sheet->reading->tables, 0, self::TABLES);
            $prints = array_map(fn (TableReading $table) => Headings::prints($sheet->cells, $table), $tables);
            $all = array_unique(array_merge(...array_map(array_values(...), $prints)));
            $rows = LessonRow::query()->whereIn('print', $all)->get()->keyBy('print');
            $corrections = [];
            foreach ($tables as $at => $table) {
                foreach ($prints[$at] as $head => $print) {
                    $row = $rows->get($print);
                    if ($row !== null) {
                        /** @var LessonData $data */
                        $data = Json::read($row->data);
                        array_push($corrections, ...Lesson::fromArray($print, $data)->on($sheet->cells, $table, $head, $row->from));

                        break;
                    }
                }
            }
            if ($corrections !== []) {
                $workbook = $workbook->withSheet($number, ReadAnew::columns($sheet->withCorrections($corrections), $workbook, $number));
            }
        }

        return $workbook;
    }
}
