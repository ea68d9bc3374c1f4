<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\LooksStay;
use Rilvet\Look\Look;
use Rilvet\Look\LookWords;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Work\PartRule;
use Rilvet\Work\Workbook;

/** Gives a look to a part of sheets, or to the columns of a kind in it; a look that says nothing takes the rule back. */
final readonly class FormatPart implements Act
{
    /**
     * @param  non-empty-list<int>  $sheets
     * @param  string|null  $heading  only the columns that are headed so
     * @param  string  $over  what becomes of cells that a hand touch covers: "ask" refuses where there are any, "keep" leaves them,
     *     "override" takes of the touch what would cover
     */
    public function __construct(
        private array $sheets,
        private Part $part,
        private ?ColumnKind $kind,
        private Look $look,
        private ?string $heading = null,
        private string $over = 'keep',
    ) {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            Targets::open($sheet);
            $old = Look::none();
            $rules = [];
            foreach ($sheet->rules as $rule) {
                $rule->sameTarget($this->part, $this->kind, $this->heading) ? $old = $rule->look : $rules[] = $rule;
            }
            if (! $this->look->isEmpty()) {
                $rules[] = new PartRule($this->part, $this->kind, $old->under($this->look), $this->heading);
            }
            $sheet = $sheet->ruled($rules);
            if ($this->over !== 'keep' && ! $this->look->isEmpty()) {
                $covering = Covering::on(
                    $sheet,
                    $workbook->looks,
                    new PartRule($this->part, $this->kind, $this->look, $this->heading),
                    false,
                );
                $cells = $covering->cells($sheet);
                if ($cells > 0 && $this->over === 'ask') {
                    throw LooksStay::on($cells);
                }
                $sheet = $covering->taken($sheet, $workbook->looks);
            }
            $workbook = $workbook->withSheet($number, $sheet);
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::whole(...$this->sheets)->sizing(Settle::depends($this->look) || $this->look->isEmpty());
    }

    public function words(Workbook $workbook): string
    {
        $target =
            mb_strtolower($this->part->words()).
            ($this->kind === null ? '' : " of {$this->kind->value} columns").
            ($this->heading === null ? '' : " headed \"{$this->heading}\"");
        $where = count($this->sheets) === 1 ? $workbook->sheet($this->sheets[0])->name : count($this->sheets).' sheets';

        return ($this->look->isEmpty() ? 'Hand touches wiped' : LookWords::of($this->look)).", $target, $where";
    }
}
