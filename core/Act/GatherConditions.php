<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Condition\Conditions;
use Rilvet\Condition\Gathering;
use Rilvet\Condition\Judges;
use Rilvet\Condition\Trouble;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Gathers the pieces of conditional looks that say the same; those that can never be seen go, where that is asked for. */
final readonly class GatherConditions implements Act
{
    /** @param  non-empty-list<int>  $sheets */
    public function __construct(private array $sheets, private bool $idle = false)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            Targets::open($sheet);
            $all = self::left($sheet, $this->idle, $workbook, $number);
            $gathered = Gathering::of($all);
            $now = $sheet->aspect(Conditions::class)->all;
            $workbook = count($gathered) === count($now) ? $workbook : $workbook->withSheet($number, $sheet->conditioned($gathered));
        }

        return $workbook;
    }

    /** @return list<\Rilvet\Condition\Condition> */
    private static function left(Worksheet $sheet, bool $idle, Workbook $workbook, int $number): array
    {
        $all = $sheet->aspect(Conditions::class)->all;
        if (! $idle) {
            return $all;
        }
        $judges = new Judges($all, $sheet->reading, $sheet->cells, $workbook->around($number));
        $troubles = array_filter(Trouble::all($all, $judges->all(), $sheet->cells), fn (Trouble $trouble) => $trouble->isIdle());

        return array_values(array_filter($all, fn ($one) => ! isset($troubles[$one->id])));
    }

    public function reach(): Reach
    {
        return Reach::on(...$this->sheets);
    }

    public function words(Workbook $workbook): string
    {
        $count = fn (Workbook $of) => array_sum(array_map(fn (int $number) => count($of->sheet($number)->aspect(Conditions::class)->all),
            $this->sheets));
        [$before, $after] = [$count($workbook), $count($this->on($workbook))];

        return number_format($before).' conditional looks gathered into '.number_format($after).', '
            .(count($this->sheets) === 1 ? $workbook->sheet($this->sheets[0])->name : count($this->sheets).' sheets');
    }
}
