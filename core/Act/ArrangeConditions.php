<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Clamp;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Exception\ConditionIsWrong;
use Rilvet\Work\Workbook;

/** Takes conditional looks out, turns one on or off, or moves one to another place in their order. */
final readonly class ArrangeConditions implements Act
{
    /** Taken out in one act; named one by one. */
    public const MOST = 70_000;

    /**
     * @param  non-empty-list<string>  $ids
     * @param  'drop'|'on'|'off'|'move'  $what
     * @param  int  $to  the place that the first of them is moved to, from 0
     */
    public function __construct(private int $sheet, private array $ids, private string $what, private int $to = 0)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        Targets::open($sheet);
        $all = $sheet->aspect(Conditions::class)->all;
        $named = array_flip($this->ids);
        $found = array_filter($all, fn (Condition $one) => isset($named[$one->id]));
        if (count($found) < count($named)) {
            throw ConditionIsWrong::noSuch($this->ids[0]);
        }
        $rest = array_values(array_filter($all, fn (Condition $one) => ! isset($named[$one->id])));
        if ($this->what === 'move') {
            array_splice($rest, Clamp::of($this->to, 0, count($rest)), 0, array_values($found));
        }

        return $workbook->withSheet($this->sheet, $sheet->conditioned(match ($this->what) {
            'drop', 'move' => $rest,
            default => array_map(fn (Condition $one) => isset($named[$one->id]) ? $one->turned($this->what === 'on') : $one, $all),
        }));
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet);
    }

    public function words(Workbook $workbook): string
    {
        $what = count($this->ids) === 1 ? 'Conditional look' : number_format(count($this->ids)).' conditional looks';

        return "$what ".match ($this->what) {
            'drop' => 'taken out',
            'on' => 'turned on',
            'off' => 'turned off',
            'move' => 'moved to place '.($this->to + 1),
        }.", {$workbook->sheet($this->sheet)->name}";
    }
}
