<?php

declare(strict_types=1);

namespace Bench\Reading;

use Rilvet\Grid\MemorySheet;
use Rilvet\Reading\Clue;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Ground;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\Region;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\Weighing;

/** How well tables are read whose truth is known: the share of filled cells whose part is right. */
final class Examination
{
    /** @var array<string, list<float>> shares by cause, 0..1 */
    public array $scores = [];

    /** Tables whose number on their sheet was right. */
    public int $counted = 0;

    /** @var list<array{float, string, list<string>}> share, which, and what was missed */
    public array $tables = [];

    /** @var list<array{float, bool}> of each row: how sure the reading was, and whether all of its cells were right */
    public array $rows = [];

    /** @var list<array{Ground, list<Clue>, bool}> of each row: by what it was read, and whether all of its cells were right */
    public array $weighed = [];

    /**
     * Tables as they are laid out, and each of them roughened.
     *
     * @param  list<int>  $seeds
     */
    public static function rough(array $seeds, int $each): self
    {
        $layouts = [];
        foreach ($seeds as $seed) {
            foreach ((new Generator)->all($seed, $each) as $number => $layout) {
                mt_srand($seed * 7_919 + $number);
                array_push($layouts, $layout, Rough::of($layout));
            }
        }

        return self::of($layouts);
    }

    /** @var list<array{float, bool}> of each table: how sure the reading was, and whether all of it was right */
    public array $sure = [];

    /** @param  list<Layout>  $layouts */
    public static function of(array $layouts): self
    {
        $examination = new self;
        foreach ($layouts as $number => $layout) {
            $facts = self::facts($layout);
            $reading = Finder::read($facts);
            $examination->add($number, $layout, $reading);
            $examination->weigh($layout, $facts, $reading);
        }

        return $examination;
    }

    public static function facts(Layout $layout): SheetFacts
    {
        $width = max([1, ...array_map(count(...), $layout->rows)]);
        $rows = array_map(fn (array $row) => array_pad($row, $width, null), $layout->rows);

        return SheetFacts::of(MemorySheet::of('Sheet', $rows));
    }

    /** The mean of all shares. */
    public function mean(): float
    {
        $all = array_merge(...array_values($this->scores));

        return $all === [] ? 0.0 : array_sum($all) / count($all);
    }

    public function worst(): float
    {
        return min([1.0, ...array_merge(...array_values($this->scores))]);
    }

    /**
     * Of the rows read with some confidence, how many were right: the two agree where it is calibrated.
     *
     * @param  list<array{float, bool}>  $readings  {@see $rows} or {@see $sure}
     * @return list<array{float, int, float, float}> confidence from which on, how many, their mean confidence, the share that was
     *     right; from the least
     */
    public static function reliability(array $readings): array
    {
        $all = $right = $sum = [];
        foreach ($readings as [$confidence, $isRight]) {
            $bin = (int) floor(10 * min(0.999, $confidence) + 1e-9);
            $all[$bin] = ($all[$bin] ?? 0) + 1;
            $sum[$bin] = ($sum[$bin] ?? 0.0) + $confidence;
            $right[$bin] = ($right[$bin] ?? 0) + ($isRight ? 1 : 0);
        }
        ksort($all);

        return array_map(
            fn (int $bin) => [$bin / 10, $all[$bin], (float) ($sum[$bin] / $all[$bin]), (float) ($right[$bin] / $all[$bin])],
            array_keys($all),
        );
    }

    private function weigh(Layout $layout, SheetFacts $facts, Reading $reading): void
    {
        foreach ($reading->tables as $table) {
            $weighing = new Weighing(new Region($facts, $table->range), $table->runs, $table->columns);
            $isAllRight = true;
            foreach ($table->runs as $run) {
                if ($run->ground === null || $run->ground === Ground::Blank) {
                    continue;
                }
                $clues = $weighing->clues($run);
                for ($row = $run->first; $row <= $run->last; $row++) {
                    $isIn = fn (int $at) => $table->range->contains($row, $at);
                    $truth = array_filter($layout->truth[$row] ?? [], $isIn, ARRAY_FILTER_USE_KEY);
                    if ($truth === []) {
                        continue;
                    }
                    $wrong = array_filter($truth, fn (Part $part, int $at) => $table->partAt($row, $at) !== $part, ARRAY_FILTER_USE_BOTH);
                    $isAllRight = $isAllRight && $wrong === [];
                    $this->weighed[] = [$run->ground, $clues, $wrong === []];
                }
            }
            // Of a letter there is nothing to be right.
            $layout->truth === [] || $this->sure[] = [$table->confidence, $isAllRight];
        }
    }

    private function add(int $number, Layout $layout, Reading $reading): void
    {
        $right = $all = 0;
        $missed = [];
        foreach ($layout->truth as $row => $columns) {
            /** @var array<string, array{float, bool}> $sure  by what was read together */
            $sure = [];
            foreach ($columns as $column => $part) {
                $all++;
                $table = $reading->tableAt($row, $column);
                $read = $table?->partAt($row, $column);
                $run = $table?->runAt($row);
                if ($table !== null && $run !== null) {
                    $of = (string) $table->range;
                    $sure[$of] = [$run->confidence, ($sure[$of][1] ?? true) && $read === $part];
                }
                $right += $read === $part ? 1 : 0;
                if ($read !== $part) {
                    $missed["$row: {$part->value} read as ".($read->value ?? 'nothing')] = true;
                }
            }
            array_push($this->rows, ...array_values($sure));
        }
        $share = $all === 0 ? 1.0 : (float) ($right / $all);
        $this->scores[$layout->cause][] = $share;
        $this->counted += count($reading->tables) === $layout->tables ? 1 : 0;
        $this->tables[] = [$share, "{$layout->cause}, {$layout->language}, number $number", array_slice(array_keys($missed), 0, 4)];
    }
}
