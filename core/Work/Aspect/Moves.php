<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/** Rows and columns put in, taken out or sorted since the sheet came with a package: its other parts have to follow. */
final readonly class Moves implements Aspect
{
    /** @param  list<Shift|RowOrder>  $moves  in their order */
    public function __construct(public array $moves = [])
    {
    }

    public static function name(): string
    {
        return 'moves';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var list<array{0: bool, 1: int, 2: int, 3: bool, 4?: array{int, int, int, int}}|array{'order', int, int, string}>|null $data */
        $moves = [];
        foreach ($data ?? [] as $move) {
            $moves[] = $move[0] === 'order' ? RowOrder::fromArray($move) : Shift::fromArray($move);
        }

        return new self($moves);
    }

    /** @return list<array<mixed>>|null */
    public function toJson(): ?array
    {
        return $this->moves === [] ? null : array_map(fn (Shift|RowOrder $move) => $move->toArray(), $this->moves);
    }

    public function moved(Shift|RowOrder $move): static
    {
        return new self([...$this->moves, $move]);
    }
}
