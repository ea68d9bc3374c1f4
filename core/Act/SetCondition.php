<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Exception\ConditionIsWrong;
use Rilvet\Condition\Judges;
use Rilvet\Condition\Sentence;
use Rilvet\Work\Workbook;

/** Sets a conditional look on a sheet: a new one before all others, or in the place of the one of its name. */
final readonly class SetCondition implements Act
{
    /** @param  Condition  $condition  its name is that of the one that is changed, or "new" */
    public function __construct(private int $sheet, private Condition $condition)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        Targets::open($sheet);
        $all = $sheet->aspect(Conditions::class);
        $old = $all->one($this->condition->id);
        $condition = $old === null ? $this->condition->named($all->free()) : $this->condition->named($old->id, $old->came);
        self::check($condition, $workbook, $this->sheet);

        return $workbook->withSheet($this->sheet, $sheet->withAspects($all->with($condition)));
    }

    /** What a person sets has to be understood; what a file says otherwise is kept. */
    private static function check(Condition $condition, Workbook $workbook, int $number): void
    {
        $sheet = $workbook->sheet($number);
        $judges = new Judges([$condition->turned(true)], $sheet->reading, $sheet->cells, $workbook->around($number));
        foreach ($judges->all() as $judge) {
            $why = $judge->tried();
            $why === null || throw ConditionIsWrong::formula($why);
        }
        $condition->isLost() && throw ConditionIsWrong::lost();
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet);
    }

    public function words(Workbook $workbook): string
    {
        $sheet = $workbook->sheet($this->sheet);

        return 'Conditional look: '.Sentence::of($this->condition, $sheet->reading, $workbook->from1904).", $sheet->name";
    }
}
