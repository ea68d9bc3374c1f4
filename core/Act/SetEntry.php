<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Entry\EntryJudges;
use Rilvet\Entry\EntrySentence;
use Rilvet\Entry\Exception\EntryIsWrong;
use Rilvet\Work\Workbook;

/** Sets a check on entry: a new one before all others, or in the place of the one of its name. */
final readonly class SetEntry implements Act
{
    /** @param  EntryCheck  $check  its name is that of the one that is changed, or "new" */
    public function __construct(private int $sheet, private EntryCheck $check)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        Targets::open($sheet);
        $all = $sheet->aspect(EntryChecks::class);
        $old = $all->one($this->check->id);
        $check = $old === null ? $this->check->named($all->free()) : $this->check->named($old->id, $old->came);
        $check->isLost() && throw EntryIsWrong::gone();
        $judges = new EntryJudges([$check], $sheet->reading, $sheet->cells, $workbook->around($this->sheet));
        $why = $judges->of($check->id)?->tried();
        $why === null || throw EntryIsWrong::because('of', $why);

        return $workbook->withSheet($this->sheet, $sheet->withAspects($all->with($check)));
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        $sheet = $workbook->sheet($this->sheet);

        return 'Check on entry: '.EntrySentence::of($this->check, $sheet->reading, $workbook->from1904).", $sheet->name";
    }
}
