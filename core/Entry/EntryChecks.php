<?php

declare(strict_types=1);

namespace Rilvet\Entry;

use Rilvet\Entry\Exception\EntryIsWrong;
use Rilvet\Grid\FollowsNames;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/**
 * The checks on entry of a sheet. A cell is under one of them: the first whose place it is in.
 *
 * @phpstan-import-type EntryData from EntryCheck
 */
final readonly class EntryChecks implements FollowsNames
{
    /** Of a sheet: as many as the files that are met say (common practice, 65,534). */
    public const MOST = 65_534;

    /**
     * @param  list<EntryCheck>  $all
     * @param  int  $kept  of the file that are kept as they are, unread
     * @param  bool  $isRead  those of the file that it came with are among them, or were taken out; else they are left as they are
     */
    public function __construct(public array $all = [], public int $kept = 0, public bool $isRead = false)
    {
    }

    public static function name(): string
    {
        return 'entries';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var array{all?: list<EntryData>, kept?: int, read?: bool} $data */
        $data = is_array($data) ? $data : [];

        return new self(array_map(EntryCheck::of(...), $data['all'] ?? []), $data['kept'] ?? 0, $data['read'] ?? false);
    }

    /** @return array{all: list<EntryData>, kept?: int, read?: bool}|null */
    public function toJson(): ?array
    {
        return $this->all === [] && ! $this->isRead ? null
            : ['all' => array_map(fn (EntryCheck $one) => $one->toArray(), $this->all)] + ($this->kept === 0 ? [] : ['kept' => $this->kept])
                + ($this->isRead ? ['read' => true] : []);
    }

    public function moved(Shift|RowOrder $move): static
    {
        return $this->all === [] ? $this
            : $this->holding(array_values(array_filter(array_map(fn (EntryCheck $one) => $one->moved($move), $this->all))));
    }

    public function following(callable $change): static
    {
        $names = fn (EntryCheck $one) => array_filter($one->of, fn (string $formula) => str_contains($formula, '!')) !== [];
        $all = array_map(fn (EntryCheck $one) => $names($one) ? $one->saying($change) : $one, $this->all);

        return $all === $this->all ? $this : $this->holding($all);
    }

    public function looksAway(array $names): bool
    {
        foreach ($this->all as $one) {
            foreach ($one->of as $formula) {
                $plain = (string) preg_replace('/"[^"]*"/', '', $formula);
                if (str_contains($plain, '!') || ($names !== [] && preg_match('/[\p{L}_][\p{L}\p{N}_.]*(?![\p{L}\p{N}_.(])/u',
                    $plain) === 1)) {
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
        foreach ($this->all as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }

        return null;
    }

    /** With a check in the place of the one of its name, or before all others. */
    public function with(EntryCheck $check): self
    {
        $all = array_map(fn (EntryCheck $one) => $one->id === $check->id ? $check : $one, $this->all);

        return $this->holding($this->one($check->id) === null ? [$check, ...$all] : $all);
    }

    public function without(string ...$ids): self
    {
        return $this->holding(array_values(array_filter($this->all, fn (EntryCheck $one) => ! in_array($one->id, $ids, true))));
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
