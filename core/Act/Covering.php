<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Range;
use Rilvet\Look\LookBook;
use Rilvet\Work\PartRule;
use Rilvet\Work\Worksheet;

/** What lies above the look of a part on one sheet and says otherwise: hand touches of cells, and rules of the sheet's own. */
final readonly class Covering
{
    /**
     * @param  list<Range>  $touched  cells whose hand touch says otherwise
     * @param  list<PartRule>  $rules  of the sheet that say otherwise
     */
    private function __construct(private PartRule $target, private array $touched, private array $rules)
    {
    }

    /** @param  bool  $rules  rules of the sheet cover too: the look is to be the stylebook's, and not such a rule itself */
    public static function on(Worksheet $sheet, LookBook $looks, PartRule $target, bool $rules): self
    {
        $says = [];
        $touched = [];
        foreach ($sheet->hand->runs() as $column => $touches) {
            foreach ($sheet->reading->tables as $table) {
                foreach ($table->range->hasColumn($column) ? $table->runs : [] as $run) {
                    foreach ($sheet->hand->within($column, $run->first, $run->last) as [$first, $last, $touch]) {
                        $part = $table->partAt($first, $column);
                        $says[$touch] ??= $looks->look($touch)->differsIn($target->look);
                        if ($says[$touch] && $part !== null && $target->isFor($part, $table->column($column))) {
                            $touched[] = Range::of($first, $column, $last, $column);
                        }
                    }
                }
            }
        }
        $covers = $rules ? array_filter($sheet->rules, fn (PartRule $rule) => self::covers($rule, $target)) : [];

        return new self($target, $touched, array_values($covers));
    }

    private static function covers(PartRule $rule, PartRule $target): bool
    {
        $meets = $target->kind === null || $rule->kind === null || $rule->kind === $target->kind;

        return $rule->part === $target->part && $meets && $rule->look->differsIn($target->look);
    }

    /** Cells in which something else is seen than the part's look. */
    public function cells(Worksheet $sheet): int
    {
        if ($this->rules === []) {
            return array_sum(array_map(fn (Range $range) => $range->cells(), $this->touched));
        }
        $cells = 0;
        foreach ($sheet->reading->tables as $table) {
            foreach ($table->parts() as $part) {
                for ($column = $part->range->left; $column <= $part->range->right; $column++) {
                    $cells += $this->target->isFor($part->part, $table->column($column)) ? $part->range->rows() : 0;
                }
            }
        }

        return $cells;
    }

    /** The sheet without what covers, in the attributes that the look says. */
    public function taken(Worksheet $sheet, LookBook $looks): Worksheet
    {
        $attributes = $this->target->look->attributes();
        if ($this->touched !== []) {
            $hand = clone $sheet->hand;
            foreach ($this->touched as $range) {
                $hand->map($range, fn (int $touch) => $looks->number($looks->look($touch)->without(...$attributes)));
            }
            $sheet = $sheet->touched($hand);
        }
        if ($this->rules === []) {
            return $sheet;
        }
        $left = [];
        foreach ($sheet->rules as $rule) {
            $look = in_array($rule, $this->rules, true) ? $rule->look->without(...$attributes) : $rule->look;
            if (! $look->isEmpty()) {
                $left[] = new PartRule($rule->part, $rule->kind, $look, $rule->heading);
            }
        }

        return $sheet->ruled($left);
    }
}
