<?php

declare(strict_types=1);

namespace Rilvet\Entry;

use Rilvet\Entry\Exception\EntryIsWrong;
use Rilvet\Formula\References;
use Rilvet\Grid\FollowsNames;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/**
 * The checks on entry of a sheet. A cell is under one of them: the first whose place it is in.
 *
 * @phpstan-import-type EntryData from EntryCheck
 */
final class EntryChecks implements FollowsNames
{
    /** Of a sheet: as many as the files that are met say (common practice, 65,534). */
    public const MOST = 65_534;

    /** @var list<EntryCheck>|null null until they are asked for: a sheet may have tens of thousands, and most requests ask for none */
    private ?array $all;

    /**
     * @param  list<EntryCheck>  $all
     * @param  int  $kept  of the file that are kept as they are, unread
     * @param  bool  $isRead  those of the file that it came with are among them, or were taken out; else they are left as they are
     * @param  list<EntryData>  $stored  in the place of all: as they were stored
     */
    public function __construct(
        array $all = [],
        public readonly int $kept = 0,
        public readonly bool $isRead = false,
        private readonly array $stored = [],
    ) {
        $this->all = $stored === [] ? $all : null;
    }

    /** @return list<EntryCheck> */
    public function all(): array
    {
        return $this->all ??= array_map(EntryCheck::of(...), $this->stored);
    }

    public function count(): int
    {
        return $this->all === null ? count($this->stored) : count($this->all);
    }

    /**
     * Those that may hold on one of some cells, in their order, without reading the others.
     *
     * @param  list<array{int, int}>  $cells  rows and columns
     * @return list<EntryCheck>
     */
    public function near(array $cells): array
    {
        if ($this->all !== null) {
            return $this->all;
        }
        $near = [];
        foreach ($this->stored as $data) {
            $isNear = ! isset($data['where']['cells']);
            foreach ($isNear ? [] : explode(' ', $data['where']['cells']) as $text) {
                $range = Range::parse($text);
                foreach ($cells as [$row, $column]) {
                    $isNear = $isNear || $range->contains($row, $column);
                }
            }
            if ($isNear) {
                $near[] = EntryCheck::of($data);
            }
        }

        return $near;
    }

    /**
     * Ranges that checks on cells name, without reading the checks.
     *
     * @param  bool  $choices  of those alone that offer choices
     * @return array{list<string>, list<EntryCheck>} ranges as texts, at most so many; checks that hold on a column or a part
     */
    public function places(bool $choices, int $most): array
    {
        [$texts, $others] = [[], []];
        foreach ($this->all === null ? $this->stored : array_map(fn (EntryCheck $one) => $one->toArray(), $this->all) as $data) {
            if ($choices && ($data['kind'] !== EntryKind::List->value || ($data['shows'] ?? true) === false)) {
                continue;
            }
            if (isset($data['where']['cells'])) {
                array_push($texts, ...explode(' ', $data['where']['cells']));
            } else {
                $others[] = EntryCheck::of($data);
            }
            if (count($texts) >= $most) {
                break;
            }
        }

        return [array_slice($texts, 0, $most), $others];
    }

    public static function name(): string
    {
        return 'entries';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var array{all?: list<EntryData>, kept?: int, read?: bool} $data */
        $data = is_array($data) ? $data : [];

        return new self([], $data['kept'] ?? 0, $data['read'] ?? false, $data['all'] ?? []);
    }

    /** @return array{all: list<EntryData>, kept?: int, read?: bool}|null */
    public function toJson(): ?array
    {
        if ($this->count() === 0 && ! $this->isRead) {
            return null;
        }
        $all = $this->all === null ? $this->stored : array_map(fn (EntryCheck $one) => $one->toArray(), $this->all);

        return ['all' => $all] + ($this->kept === 0 ? [] : ['kept' => $this->kept])
            + ($this->isRead ? ['read' => true] : []);
    }

    public function moved(Shift|RowOrder $move): static
    {
        return $this->count() === 0 ? $this
            : $this->holding(array_values(array_filter(array_map(fn (EntryCheck $one) => $one->moved($move), $this->all()))));
    }

    public function following(callable $change): static
    {
        $names = fn (EntryCheck $one) => array_filter($one->of, fn (string $formula) => str_contains($formula, '!')) !== [];
        $all = array_map(fn (EntryCheck $one) => $names($one) ? $one->saying($change) : $one, $this->all());

        return $all === $this->all() ? $this : $this->holding($all);
    }

    public function looksAway(array $names): bool
    {
        foreach ($this->all ?? $this->stored as $one) {
            foreach ($one instanceof EntryCheck ? $one->of : $one['of'] ?? [] as $formula) {
                if (References::mayLookAway($formula, $names)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  list<EntryCheck>  $all */
    public function holding(array $all): self
    {
        count($all) <= self::MOST || throw EntryIsWrong::tooMany(self::MOST);

        return new self($all, $this->kept, $this->isRead);
    }

    public function one(string $id): ?EntryCheck
    {
        foreach ($this->all() as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }

        return null;
    }

    /** With a check in the place of the one of its name, or before all others. */
    public function with(EntryCheck $check): self
    {
        $all = array_map(fn (EntryCheck $one) => $one->id === $check->id ? $check : $one, $this->all());

        return $this->holding($this->one($check->id) === null ? [$check, ...$all] : $all);
    }

    public function without(string ...$ids): self
    {
        return $this->holding(array_values(array_filter($this->all(), fn (EntryCheck $one) => ! in_array($one->id, $ids, true))));
    }

    /** A name that none of them has. */
    public function free(): string
    {
        $most = 0;
        foreach ($this->all() as $one) {
            $most = max($most, preg_match('/^n(\d+)$/', $one->id, $found) === 1 ? (int) $found[1] : 0);
        }

        return 'n'.($most + 1);
    }
}
