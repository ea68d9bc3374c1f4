<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Condition\Exception\ConditionIsWrong;
use Rilvet\Formula\References;
use Rilvet\Grid\FollowsNames;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/**
 * The conditional looks of a sheet, in their order: of two that say the same attribute, the first one is seen.
 *
 * @phpstan-import-type ConditionData from Condition
 */
final readonly class Conditions implements FollowsNames
{
    /** Of a sheet; a file that has more of them keeps them as they are. */
    public const MOST = 65_536;

    /**
     * @param  list<Condition>  $all
     * @param  int  $kept  of the file that are kept as they are, unread
     * @param  bool  $isRead  those of the file that it came with are among them, or were taken out; else they are left as they are
     */
    public function __construct(public array $all = [], public int $kept = 0, public bool $isRead = false)
    {
    }

    public static function name(): string
    {
        return 'conditions';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var array{all?: list<ConditionData>, kept?: int, read?: bool} $data */
        $data = is_array($data) ? $data : [];

        return new self(array_map(Condition::of(...), $data['all'] ?? []), $data['kept'] ?? 0, $data['read'] ?? false);
    }

    /** @return array{all: list<ConditionData>, kept?: int, read?: bool}|null */
    public function toJson(): ?array
    {
        return $this->all === [] && ! $this->isRead ? null
            : ['all' => array_map(fn (Condition $one) => $one->toArray(), $this->all)] + ($this->kept === 0 ? []
                : ['kept' => $this->kept]) + ($this->isRead ? ['read' => true] : []);
    }

    public function moved(Shift|RowOrder $move): static
    {
        return $this->all === [] ? $this
            : $this->holding(array_values(array_filter(array_map(fn (Condition $one) => $one->moved($move), $this->all))));
    }

    public function following(callable $change): static
    {
        $names = fn (Condition $one) => array_filter($one->formulas(), fn (string $formula) => str_contains($formula, '!')) !== [];

        return array_filter($this->all, $names) === [] ? $this
            : $this->holding(array_map(fn (Condition $one) => $names($one) ? $one->saying($change) : $one, $this->all));
    }

    public function looksAway(array $names): bool
    {
        foreach ($this->all as $one) {
            foreach ($one->formulas() as $formula) {
                if (References::mayLookAway($formula, $names)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  list<Condition>  $all */
    public function holding(array $all): self
    {
        count($all) <= self::MOST || throw ConditionIsWrong::tooMany(self::MOST);

        return new self($all, $this->kept, $this->isRead);
    }

    public function one(string $id): ?Condition
    {
        foreach ($this->all as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }

        return null;
    }

    /** With a condition in the place of the one of its name, or before all others. */
    public function with(Condition $condition): self
    {
        $all = array_map(fn (Condition $one) => $one->id === $condition->id ? $condition : $one, $this->all);

        return $this->holding($this->one($condition->id) === null ? [$condition, ...$all] : $all);
    }

    public function without(string ...$ids): self
    {
        return $this->holding(array_values(array_filter($this->all, fn (Condition $one) => ! in_array($one->id, $ids, true))));
    }

    /** A name that none of them has. */
    public function free(): string
    {
        $most = 0;
        foreach ($this->all as $one) {
            $most = max($most, preg_match('/^n(\d+)$/', $one->id, $found) === 1 ? (int) $found[1] : 0);
        }

        return 'n'.($most + 1);
    }
}
