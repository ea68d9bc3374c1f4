<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\SheetIsClosed;
use Rilvet\Guard\Protection;
use Rilvet\Guard\Role;
use Rilvet\Stylebook\RoleRule;
use Rilvet\Work\RoleReading;
use Rilvet\Work\Workbook;

/** Colours, hides, protects and opens sheets by what they are for, as their stylebooks say; and puts them in the order of their roles. */
final readonly class FollowRoles implements Act
{
    /** Which come first. */
    private const ORDER = [Role::Contents, Role::Entry, Role::Report, Role::Data, Role::Calculation, Role::Lists, Role::Notes, Role::Looks];

    /** @param  non-empty-list<int>  $sheets */
    public function __construct(private array $sheets, private bool $inOrder = false)
    {
    }

    /** @param  Workbook  $workbook  with all of its sheets */
    public function on(Workbook $workbook): Workbook
    {
        $roles = RoleReading::all($workbook);
        $isLocked = $workbook->guard?->isOn === true;
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            $rule = $sheet->stylebook?->role($roles[$number]->role) ?? RoleRule::usual($roles[$number]->role);
            $others = array_diff_key($workbook->sheets, [$number => 0]);
            $isSeen = array_filter($others, fn ($each) => $each->setup->tab->state === 'visible') !== [];
            $state = match (true) {
                $isLocked => $sheet->setup->tab->state,
                // One sheet at least is seen.
                $rule->isHidden => $isSeen ? 'hidden' : $sheet->setup->tab->state,
                $sheet->setup->tab->state === 'hidden' => 'visible',
                default => $sheet->setup->tab->state,
            };
            $sheet = $sheet->arranged($sheet->name, $state, $rule->colour);
            $opening = $sheet->setup->opening;
            $opening = $rule->gridlines === null ? $opening : $opening->withGridlines($rule->gridlines);
            $opening = $rule->zoom === null ? $opening : $opening->zoomed($rule->zoom);
            $sheet = $opening === $sheet->setup->opening ? $sheet : $sheet->opening($opening);
            $workbook = $workbook->withSheet($number, $sheet);
            if ($rule->isProtected && ! $sheet->setup->tab->protected) {
                $workbook = (new GuardFormulas([$number]))->on($workbook);
                $workbook = (new ProtectSheet([$number], Protection::USUAL, null))->on($workbook);
            }
        }
        if (! $this->inOrder) {
            return $workbook;
        }
        $isLocked && throw SheetIsClosed::order();
        $numbers = array_keys($workbook->sheets);
        $place = fn (int $number) => (int) array_search($roles[$number]->role, self::ORDER, true);
        usort($numbers, fn (int $one, int $other) => $place($one) <=> $place($other));

        return $workbook->ordered($numbers);
    }

    public function reach(): Reach
    {
        return Reach::whole(...$this->sheets)->withFormulas();
    }

    public function words(Workbook $workbook): string
    {
        $where = count($this->sheets) === 1 ? $workbook->sheet($this->sheets[0])->name : count($this->sheets).' sheets';

        return "Arranged by role, $where".($this->inOrder ? ', in order' : '');
    }
}
