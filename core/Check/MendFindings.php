<?php

declare(strict_types=1);

namespace Rilvet\Check;

use Rilvet\Act\Act;
use Rilvet\Act\Joins;
use Rilvet\Act\Reach;
use Rilvet\Refusal;
use Rilvet\Work\Workbook;

/**
 * Puts findings right, as one step. Those that cannot be, because one before them has done so already or because their sheet
 * is protected, stay as they are; where that is all of them it is refused.
 */
final class MendFindings implements Act
{
    /** Of those that were mended last; null before. */
    private ?int $done = null;

    /** @param  non-empty-list<Finding>  $findings  each with its mend */
    public function __construct(private readonly array $findings)
    {
    }

    /** @return list<string> names of the checks that found them */
    public function checks(): array
    {
        return array_values(array_unique(array_map(fn (Finding $one) => $one->check, $this->findings)));
    }

    public function on(Workbook $workbook): Workbook
    {
        $refusal = null;
        $done = 0;
        foreach ($this->groups() as $acts) {
            foreach (self::together($acts) as [$act, $count]) {
                try {
                    $workbook = $act->on($workbook);
                    $done += $count;
                    // Done as one; else each is tried by itself.
                    if ($count === count($acts)) {
                        break;
                    }
                } catch (Refusal $why) {
                    $refusal ??= $why;
                }
            }
        }
        $this->done = $done;

        return $done > 0 || $refusal === null ? $workbook : throw $refusal;
    }

    /**
     * Acts that can be done as one, with the others each by itself, in the order of the first of each.
     *
     * @return list<non-empty-list<Act>>
     */
    private function groups(): array
    {
        $groups = [];
        foreach ($this->mends() as $at => $mend) {
            $groups[$mend->act instanceof Joins ? $mend->act->joinsBy() : "#$at"][] = $mend->act;
        }

        return array_values($groups);
    }

    /**
     * @param  non-empty-list<Act>  $acts
     * @return iterable<array{Act, int}> all of them as one, then each; with how many it stands for
     */
    private static function together(array $acts): iterable
    {
        [$first] = $acts;
        if (count($acts) > 1 && $first instanceof Joins) {
            yield [$first->joined(array_slice($acts, 1)), count($acts)];
        }
        foreach ($acts as $act) {
            yield [$act, 1];
        }
    }

    public function reach(): Reach
    {
        $mends = $this->mends();

        return $mends === [] ? Reach::on() : Reach::together(...array_map(fn (Mend $mend) => $mend->act->reach(), $mends));
    }

    public function words(Workbook $workbook): string
    {
        $changes = array_map(fn (Mend $mend) => $mend->changes, $this->mends());
        $what = match (true) {
            in_array(Changes::Values, $changes, true) => 'Data: mended',
            in_array(Changes::Formulas, $changes, true) => 'Formulas: mended',
            default => 'Mended',
        };
        if (count($this->findings) > 1) {
            $all = count($this->findings);
            // What could not be mended with the others is not said to be.
            $of = $this->done === null || $this->done === $all ? '' : number_format($this->done).' of ';

            return "$what $of".number_format($all).' findings';
        }
        [$one] = $this->findings;
        $range = mb_strlen($one->range) > 30 ? mb_substr($one->range, 0, 29).'…' : $one->range;

        return "$what: ".str_replace('-', ' ', $one->check).", $one->sheet".($range === '' ? '' : " $range");
    }

    /** @return list<Mend> those last that move rows, so that all places are where they were found */
    private function mends(): array
    {
        $mends = array_values(array_filter(array_map(fn (Finding $finding) => $finding->mend, $this->findings)));
        $moves = fn (Mend $mend) => (int) ($mend->act->reach()->moved !== []);
        usort($mends, fn (Mend $one, Mend $other) => $moves($one) <=> $moves($other));

        return $mends;
    }
}
