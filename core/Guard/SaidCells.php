<?php

declare(strict_types=1);

namespace Rilvet\Guard;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Exception\GuardIsWrong;
use Rilvet\Reading\Part;

/**
 * What a person said of entry, choice and formula cells on one sheet: which of them show their look, and which cells are
 * entries, or are none, whatever was found.
 */
final readonly class SaidCells implements Aspect
{
    /** Ranges that may be said of one sheet. */
    public const RANGES = 2_000;

    /**
     * @param  list<Part>  $marked  whose looks are seen here; those of the stylebook's own list are seen everywhere
     * @param  list<Range>  $entries
     * @param  list<Range>  $plain  no entries, though they look as if
     */
    public function __construct(public array $marked = [], public array $entries = [], public array $plain = [])
    {
    }

    public static function name(): string
    {
        return 'said_cells';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var array{marked?: list<string>, entries?: list<string>, plain?: list<string>} $data */
        $data = is_array($data) ? $data : [];

        return new self(
            array_values(array_filter(array_map(Part::tryFrom(...), $data['marked'] ?? []))),
            array_map(Range::parse(...), $data['entries'] ?? []), array_map(Range::parse(...), $data['plain'] ?? []),
        );
    }

    /** @return array<string, list<string>>|null */
    public function toJson(): ?array
    {
        $says = array_filter([
            'marked' => array_map(fn (Part $part) => $part->value, $this->marked),
            'entries' => array_map(strval(...), $this->entries),
            'plain' => array_map(strval(...), $this->plain),
        ]);

        return $says === [] ? null : $says;
    }

    public function moved(Shift|RowOrder $move): static
    {
        $follow = function (array $ranges) use ($move): array {
            /** @var list<Range> $ranges */
            $moved = [];
            foreach ($ranges as $range) {
                array_push($moved, ...($move instanceof RowOrder ? $move->ranges($range) : array_filter([$move->range($range)])));
            }

            return $moved;
        };

        return new self($this->marked, $follow($this->entries), $follow($this->plain));
    }

    public function marking(Part $part, bool $is): self
    {
        $others = array_values(array_filter($this->marked, fn (Part $one) => $one !== $part));

        return new self($is ? [...$others, $part] : $others, $this->entries, $this->plain);
    }

    /**
     * The cells of some ranges are entries, are none, or are what they are found to be.
     *
     * @param  list<Range>  $ranges
     * @param  bool|null  $are  null for what is found
     */
    public function saying(array $ranges, ?bool $are): self
    {
        [$entries, $plain] = [RangeSet::of(...$this->entries), RangeSet::of(...$this->plain)];
        foreach ($ranges as $range) {
            [$entries, $plain] = [$entries->without($range), $plain->without($range)];
        }
        [$entries, $plain] = [$entries->all(), $plain->all()];
        $said = new self($this->marked, $are === true ? [...$entries, ...$ranges] : $entries,
            $are === false ? [...$plain, ...$ranges] : $plain);
        count($said->entries) + count($said->plain) <= self::RANGES || throw GuardIsWrong::tooManyRanges(self::RANGES);

        return $said;
    }
}
