<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Look\Look;

/** What a cell wears by its conditions. */
final readonly class Verdict
{
    /**
     * @param  list<array{Condition, Look, int}>  $looks  that it wears, each with its place among all conditions from 1; the one that goes
     *     before all others first
     * @param  array{Shape, string}|null  $mark  shape and colour
     * @param  string  $key  the same for the same looks
     */
    public function __construct(
        public array $looks,
        public ?DrawnBar $bar = null,
        public ?array $mark = null,
        public bool $hidesText = false,
        public string $key = '',
    ) {
    }
}
