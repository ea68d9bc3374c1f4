<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\LeaveIsWrong;
use Rilvet\Work\Aspect\LeftFinding;
use Rilvet\Work\Aspect\LeftFindings;
use Rilvet\Work\Workbook;

/** Lets findings be, with a reason that is kept with the workbook, or looks for them again. */
final readonly class LeaveFindings implements Act
{
    /** Letters of a reason. */
    private const REASON = 500;

    /**
     * @param  non-empty-array<int, non-empty-list<LeftFinding>>  $findings  by the number of the sheet
     * @param  bool  $again  they are looked for again
     *
     * @throws LeaveIsWrong
     */
    public function __construct(private array $findings, private bool $again = false)
    {
        foreach ($findings as $some) {
            foreach ($again ? [] : $some as $one) {
                trim($one->reason) !== '' || throw LeaveIsWrong::withoutReason();
                mb_strlen($one->reason) <= self::REASON || throw LeaveIsWrong::tooLong(self::REASON);
            }
        }
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->findings as $number => $some) {
            $sheet = $workbook->sheet($number);
            $left = $sheet->aspect(LeftFindings::class);
            $left = $this->again ? $left->without(...$some) : $left->leaving(...$some);
            count($left->all) <= LeftFindings::MOST || throw LeaveIsWrong::tooMany(LeftFindings::MOST);
            $workbook = $workbook->withSheet($number, $sheet->withAspects($left));
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::whole(...array_keys($this->findings));
    }

    public function words(Workbook $workbook): string
    {
        $count = array_sum(array_map(count(...), $this->findings));
        $what = number_format($count).($count === 1 ? ' finding' : ' findings');

        return $this->again ? "$what looked for again"
            : "$what left as ".($count === 1 ? 'it is' : 'they are');
    }
}
