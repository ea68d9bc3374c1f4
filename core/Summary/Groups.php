<?php

declare(strict_types=1);

namespace Rilvet\Summary;

use Collator;

/** The groups that the values of one column come into, found while the rows are gone through. */
final class Groups
{
    private const MONTHS = ['', 'Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

    /** Characters of a criterion in a formula (common practice of calculating programs). */
    private const CRITERION = 255;

    /** Day of 1 January 1970 where days count from 1900 (ISO/IEC 29500-1 18.17.4.1). */
    private const UNIX = 25_569;

    private const FROM_1904 = 1_462;

    /** @var array<string, Group> by key */
    private array $groups = [];

    /** @var array<string|int, string> key by what a cell holds */
    private array $known = [];

    public function __construct(private readonly Field $field, private readonly bool $from1904)
    {
    }

    /** The key of the group that a value belongs to. */
    public function key(null|bool|int|float|string $value): string
    {
        $at = match (true) {
            is_string($value) => "s$value",
            $value === true => 'bt',
            $value === false => 'bf',
            $value === null => 'n',
            default => "f$value",
        };

        return $this->known[$at] ??= $this->found($value)->key;
    }

    private function found(null|bool|int|float|string $value): Group
    {
        $group = $this->group($value);
        // The first that was met gives its name: capitals make no other group, as they make none to formulas.
        $this->groups[$group->key] ??= $group;

        return $group;
    }

    public function count(): int
    {
        return count($this->groups);
    }

    /** @return list<Group> in order: figures and days by what they are, texts by the collation of English (UTS 10), blank ones last */
    public function ordered(): array
    {
        $collator = new Collator('en');
        $groups = array_values($this->groups);
        usort($groups, function (Group $one, Group $other) use ($collator): int {
            $rank = fn (Group $group) => $group->key === '' ? 2
                : (is_string($group->order) ? 1 : 0);

            return $rank($one) <=> $rank($other) ?: (is_string($one->order) && is_string($other->order)
                ? (int) $collator->compare($one->order, $other->order) : $one->order <=> $other->order);
        });

        return $groups;
    }

    private function group(null|bool|int|float|string $value): Group
    {
        if ($value === null || $value === '') {
            return new Group('', null, '', ['"="']);
        }
        $isNumber = is_int($value) || is_float($value);
        if ($this->field->by === Grouping::Band && $isNumber) {
            return $this->band((float) $value);
        }
        if ($this->field->by->isOfDates() && $isNumber) {
            return $this->period((float) $value);
        }
        if (is_bool($value)) {
            $word = $value ? 'true' : 'false';

            return new Group($word, $value, $word, [strtoupper($word)]);
        }
        if ($isNumber) {
            $plain = Field::plain((float) $value);

            return new Group("n$plain", $value, $value, [$plain]);
        }
        $literal = '"='.str_replace(['~', '*', '?', '"'], ['~~', '~*', '~?', '""'], $value).'"';

        return new Group('s'.str_replace("\0", ' ', mb_strtolower($value)), $value, $value,
            strlen($literal) > self::CRITERION ? null : [$literal]);
    }

    private function band(float $value): Group
    {
        $size = $this->field->size;
        $from = floor($value / $size) * $size;
        [$low, $high] = [Field::plain($from), Field::plain($from + $size)];

        return new Group("n$low", "$low to under $high", $from, ["\">=$low\"", "\"<$high\""]);
    }

    private function period(float $serial): Group
    {
        $days = (int) floor($serial) + ($this->from1904 ? self::FROM_1904 : 0) - self::UNIX;
        [$year, $month] = array_map(intval(...), explode('-', gmdate('Y-n', $days * 86_400)));
        [$label, $first, $months] = match ($this->field->by) {
            Grouping::Year => [(string) $year, 1, 12],
            Grouping::Quarter => ['Q'.intdiv($month + 2, 3)." $year", 3 * intdiv($month - 1, 3) + 1, 3],
            default => [self::MONTHS[$month]." $year", $month, 1],
        };

        return new Group('d'.sprintf('%05d-%02d', $year, $first), $label, $year * 12 + $first,
            ["\">=\"&DATE($year,$first,1)", '"<"&DATE('.$year.','.($first + $months).',1)']);
    }
}
