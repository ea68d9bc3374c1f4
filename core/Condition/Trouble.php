<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;

/** What is wrong with conditions that nobody sees, or that no longer mean anything. */
enum Trouble: string
{
    /** Ranges of one that says the same which are looked at. */
    private const BEFORE = 500;

    case Lost = 'lost';
    case Nowhere = 'nowhere';
    case Beyond = 'beyond';
    case Covered = 'covered';
    case Mute = 'mute';
    case Unread = 'unread';

    public function words(): string
    {
        return match ($this) {
            self::Lost => 'It names cells that are gone.',
            self::Nowhere => 'It holds on nothing that was read on this sheet.',
            self::Beyond => 'It stands beyond the data.',
            self::Covered => 'Another one that goes before it says the same here.',
            self::Mute => 'It changes nothing that can be seen.',
            self::Unread => 'It is kept, and not evaluated here.',
        };
    }

    /** Taking it out changes nothing that is seen. */
    public function isIdle(): bool
    {
        return $this !== self::Unread;
    }

    /**
     * @param  list<Judge>  $judges  of all conditions that hold somewhere
     * @param  list<Condition>  $conditions  all of them, in their order
     * @return array<string, self> by the name of the condition
     */
    public static function all(array $conditions, array $judges, Sheet $cells): array
    {
        $found = $held = [];
        /** @var array<string, list<Range>> $seen */
        $seen = [];
        foreach ($judges as $judge) {
            $held[$judge->condition->id] = $judge;
        }
        foreach ($conditions as $condition) {
            $judge = $held[$condition->id] ?? null;
            if (! $condition->isOn) {
                continue;
            }
            $meaning = Gathering::meaning($condition);
            $ranges = $judge->ranges ?? [];
            $trouble = match (true) {
                $condition->isLost() => self::Lost,
                $ranges === [] => self::Nowhere,
                self::isBeyond($ranges, $cells) => self::Beyond,
                self::isCovered($ranges, $seen[$meaning] ?? []) => self::Covered,
                $condition->test->is !== Is::Always && $condition->look->isEmpty() && ! $condition->stops => self::Mute,
                $judge?->tried() !== null => self::Unread,
                default => null,
            };
            $trouble === null || $found[$condition->id] = $trouble;
            $before = $seen[$meaning] ?? [];
            $seen[$meaning] = count($before) > self::BEFORE ? $before : [...$before, ...$ranges];
        }

        return $found;
    }

    /** @param  list<Range>  $ranges */
    private static function isBeyond(array $ranges, Sheet $cells): bool
    {
        return array_filter($ranges, fn (Range $range) => $range->top <= $cells->rows() && $range->left <= $cells->columns()) === [];
    }

    /**
     * @param  list<Range>  $ranges
     * @param  list<Range>  $before
     */
    private static function isCovered(array $ranges, array $before): bool
    {
        foreach ($ranges as $range) {
            $inside = array_filter($before, fn (Range $other) => $other->contains($range->top, $range->left)
                && $other->contains($range->bottom, $range->right));
            if ($inside === []) {
                return false;
            }
        }

        return true;
    }
}
