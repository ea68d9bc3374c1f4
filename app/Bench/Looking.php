<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Sheet as SheetRow;
use App\Models\Workbook as WorkbookRow;
use Rilvet\Change\Json;
use Rilvet\Check\Checked;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Check\FindingIsGone;
use Rilvet\Check\WalkThrough;
use Rilvet\Entry\EntryChecks;
use Rilvet\Work\SheetDocuments;
use Rilvet\Work\Workbook;

/**
 * Looks workbooks over, a sheet at a time, and keeps what was found until something of the sheet changes: what its cells say
 * stands until they change, what it looks like until anything of it does.
 */
final class Looking
{
    /** Another one when checks find other things in the same sheet. */
    private const VERSION = 1;

    /** Cells from which on what is found at once is told first. */
    private const LARGE = 200_000;

    public function __construct(private readonly Bench $bench)
    {
    }

    /**
     * What is found, as far as that goes in some seconds; one sheet at least is looked over.
     *
     * @param  int  $first  number of the sheet that is looked over before the others; 0 for none
     */
    public function over(WorkbookRow $row, float $seconds = INF, int $first = 0): LookedOver
    {
        $began = microtime(true);
        $rows = $row->sheets()->with('stylebook')->get()->all();
        usort($rows, fn (SheetRow $one, SheetRow $other) => [$one->number !== $first, $one->place] <=> [$other->number !== $first,
            $other->place]);
        $found = [];
        $looked = 0;
        $hasWorked = false;
        $workbook = null;
        $checked = [];
        foreach ($rows as $sheet) {
            $key = self::key('sheet', $sheet);
            $known = self::kept($key);
            if ($known === null && (! $hasWorked || microtime(true) - $began < $seconds)) {
                $hasWorked = true;
                $workbook ??= $this->bench->whole($row);
                $quick = self::key('quick', $sheet);
                if (is_finite($seconds) && $sheet->rows * $sheet->columns > self::LARGE && self::kept($quick) === null) {
                    $known = self::keep($quick, Checks::onSheet(new Checked($workbook, $sheet->number), Checks::quick(), []));
                    $looked--;
                } else {
                    $checked[$sheet->number] = new Checked($workbook, $sheet->number);
                    $known = self::keep($key, self::sheet($checked[$sheet->number], $sheet));
                }
            } elseif ($known === null) {
                $known = self::kept(self::key('quick', $sheet)) ?? [];
                $looked--;
            }
            $looked++;
            $found[$sheet->number] = $known;
        }
        $isWhole = $looked === count($rows);
        $across = $isWhole ? $this->across($row, $rows, $workbook, $checked) : [];

        return new LookedOver(Checks::sorted([...$across, ...array_merge(...array_values($found))]), $looked, count($rows));
    }

    /**
     * What is found in the sheets of several workbooks beside each other.
     *
     * @param  non-empty-list<WorkbookRow>  $rows
     * @return array<int, list<Finding>> by the id of the workbook
     */
    public function series(array $rows): array
    {
        $stamps = array_map(fn (WorkbookRow $row) => implode(' ', array_map(fn (SheetRow $sheet) => "$sheet->id.".
            $sheet->seen(),
            $row->sheets()->with('stylebook')->get()->all())), $rows);
        $key = 'found.series.'.self::VERSION.'.'.hash('xxh128', implode('|', $stamps));
        $known = WorkedOut::value($key);
        if (is_array($known) && ! in_array(null, $kept = array_map(fn (mixed $of) => is_array($of) ? self::findings($of) : null,
            $known), true)) {
            /** @var array<int, list<Finding>> $kept */
            return $kept;
        }
        $sheets = [];
        $found = [];
        foreach ($rows as $row) {
            array_push($sheets, ...Checks::sheets($this->bench->whole($row), (string) $row->id));
            $found[$row->id] = [];
        }
        foreach (Checks::across($sheets, Checks::ofSeries()) as [$sheet, $finding]) {
            $found[(int) $sheet->of][] = $finding;
        }
        WorkedOut::put($key, serialize($found));

        return $found;
    }

    /**
     * Findings of a workbook by their keys, as they are now.
     *
     * @param  list<string>  $keys
     * @param  list<WorkbookRow>  $beside  other workbooks that it was looked at beside
     * @return non-empty-list<Finding>
     *
     * @throws FindingIsGone where one of them is not there any more
     */
    public function named(WorkbookRow $row, array $keys, array $beside = []): array
    {
        $found = [];
        $series = $beside === [] ? [] : $this->series($beside)[$row->id] ?? [];
        foreach ([...$this->over($row)->findings, ...$series] as $finding) {
            in_array($finding->key(), $keys, true) && $found[$finding->key()] = $finding;
        }

        return count($found) < count(array_unique($keys)) || $found === [] ? throw FindingIsGone::meanwhile() : array_values($found);
    }

    /**
     * @param  list<SheetRow>  $rows
     * @param  array<int, Checked>  $checked  by number, as far as they were looked over now
     * @return list<Finding>
     */
    private function across(WorkbookRow $row, array $rows, ?Workbook $workbook, array $checked): array
    {
        $key = 'found.across.'.self::VERSION.".$row->id.".hash('xxh128', implode(' ', array_map(
            fn (SheetRow $sheet) => "$sheet->id.".$sheet->seen(), $rows)));
        $known = self::kept($key);
        if ($known !== null) {
            return $known;
        }
        $workbook ??= $this->bench->whole($row);
        $sheets = array_map(fn (int $number) => $checked[$number] ?? new Checked($workbook, $number), array_keys($workbook->sheets));

        return self::keep($key, array_map(fn (array $one) => $one[1], Checks::across($sheets, Checks::all())));
    }

    /** @return list<Finding> */
    private static function sheet(Checked $sheet, SheetRow $row): array
    {
        // What cells say depends on them, on how they are read, and on what they take.
        $said = (new SheetDocuments($sheet->sheet))->named(...);
        $reading = hash('xxh128', Json::of(array_map($said, ['found', 'corrections', 'typing', EntryChecks::name()])));
        $key = 'found.cells.'.self::VERSION.".$row->id.$row->data_revision.$reading";
        $pass = WorkedOut::value($key);
        if (! $pass instanceof WalkThrough) {
            $pass = WalkThrough::through($sheet, Checks::all());
            WorkedOut::put($key, serialize($pass));
        }

        return Checks::onSheet($sheet->knowing($pass->facts), Checks::all(), $pass->found);
    }

    private static function key(string $what, SheetRow $sheet): string
    {
        return "found.$what.".self::VERSION.".$sheet->id.".$sheet->seen();
    }

    /** @return list<Finding>|null */
    private static function kept(string $key): ?array
    {
        $found = WorkedOut::value($key);

        return is_array($found) ? self::findings($found) : null;
    }

    /**
     * @param  array<array-key, mixed>  $found
     * @return list<Finding>|null null where something else is among them
     */
    private static function findings(array $found): ?array
    {
        $findings = array_values(array_filter($found, fn (mixed $one) => $one instanceof Finding));

        return count($findings) === count($found) ? $findings : null;
    }

    /**
     * @param  list<Finding>  $found
     * @return list<Finding>
     */
    private static function keep(string $key, array $found): array
    {
        WorkedOut::put($key, serialize($found));

        return $found;
    }
}
