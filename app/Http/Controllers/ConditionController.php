<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Http\ConditionList;
use App\Http\Records\OccurringRecord;
use App\Http\Records\PressRecord;
use App\Http\Records\TrialRecord;
use App\Models\Workbook as WorkbookRow;
use App\Wire\Arguments;
use App\Wire\GivenCondition;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Exception\ConditionIsWrong;
use Rilvet\Condition\Is;
use Rilvet\Condition\Judges;
use Rilvet\Condition\Press;
use Rilvet\Condition\Sentence;
use Rilvet\Condition\Told;
use Rilvet\Condition\Where;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Refusal;
use Rilvet\Work\Worksheet;

/** Looks that cells wear while something is true: the list of them, and one while it is written. */
final class ConditionController
{
    /** Rows in which values are looked for, values that are offered, and seconds for counting. */
    private const ROWS = 20_000;

    private const VALUES = 12;

    private const SECONDS = 0.25;

    public function __construct(private readonly Bench $bench)
    {
    }

    /** All of a workbook, or those of one sheet. */
    public function list(Request $request, int $id): JsonResponse
    {
        $row = WorkbookRow::onShelf($id);
        $sheet = $request->integer('sheet');
        $workbook = $sheet > 0 ? $this->bench->load($row, [$sheet]) : $this->bench->whole($row);

        return response()->json(ConditionList::of($workbook, $sheet > 0 ? [$sheet] : array_keys($workbook->sheets)));
    }

    /** What one would do that is being written: nothing is saved. */
    public function try(Request $request, int $id, int $number): JsonResponse
    {
        $row = WorkbookRow::onShelf($id);
        /** @var array<array-key, mixed> $arguments */
        $arguments = (array) $request->input('condition', []);
        $given = new Arguments($arguments, $number, $row);
        $workbook = $this->bench->load($row, [$number]);
        $sheet = $workbook->sheet($number);
        $where = Where::of($given->map('where'));
        $ranges = $where->ranges($sheet->reading);
        $plain = $ranges === [] ? Look::none() : (new DressedSheet($sheet, $workbook->looks))->at($ranges[0]->top, $ranges[0]->left)->look;
        [$sentence, $worn, $of, $isAll, $why, $told, $contrast] = ['', 0, self::cells($ranges, $sheet), true, null, null, null];
        try {
            $condition = GivenCondition::of($given);
            $sentence = Sentence::of($condition, $sheet->reading, $workbook->from1904);
            $judges = new Judges([$condition], $sheet->reading, $sheet->cells, $workbook->around($number));
            foreach ($judges->all() as $judge) {
                $why = $judge->tried();
                [$worn, $of, $isAll] = $judges->count($judge, self::SECONDS);
            }
            $why = $condition->isLost() ? ConditionIsWrong::lost()->getMessage() : $why;
            $told = Told::by($condition, $plain);
            $contrast = self::contrast($condition, $plain);
        } catch (Refusal $refusal) {
            $why = $refusal->getMessage();
        }

        return response()->json(new TrialRecord(
            $sentence, $worn, $of, $isAll, $request->boolean('values') ? self::values($ranges, $sheet) : [], $contrast, $told,
            array_map(fn (string $name) => new PressRecord($name, Press::look($name, $plain)), Press::KINDS), $why, $plain,
            Press::tints($plain),
        ));
    }

    private static function contrast(Condition $condition, Look $plain): ?float
    {
        if ($condition->test->is === Is::Always) {
            return null;
        }
        $worn = $plain->under($condition->look);

        return round($worn->paper()->contrast($worn->ink()), 1);
    }

    /** @param  list<Range>  $ranges */
    private static function cells(array $ranges, Worksheet $sheet): int
    {
        $cells = 0;
        foreach ($ranges as $range) {
            $rows = min($range->bottom, $sheet->cells->rows()) - $range->top + 1;
            $columns = min($range->right, $sheet->cells->columns()) - $range->left + 1;
            $cells += max(0, $rows) * max(0, $columns);
        }

        return $cells;
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<OccurringRecord>
     */
    private static function values(array $ranges, Worksheet $sheet): array
    {
        $counts = [];
        $rows = 0;
        foreach ($ranges as $range) {
            foreach ($sheet->cells->read($range->top, min($range->bottom, $range->top + self::ROWS - $rows - 1), $range->left,
                $range->left) as $cells) {
                $cell = $cells[$range->left - 1] ?? null;
                if ($cell !== null && ! $cell->isBlank() && $cell->error === null && mb_strlen($cell->text()) <= 60) {
                    $counts[$cell->text()] = ($counts[$cell->text()] ?? 0) + 1;
                }
                $rows++;
            }
            if ($rows >= self::ROWS) {
                break;
            }
        }
        arsort($counts);
        $often = array_slice($counts, 0, self::VALUES, true);

        // Where nearly every value stands but once, none of them is worth offering.
        return count($counts) > max(40, $rows / 2) ? []
            : array_map(fn (int|string $value, int $count) => new OccurringRecord((string) $value, $count), array_keys($often), $often);
    }
}
