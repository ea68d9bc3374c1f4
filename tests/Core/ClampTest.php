<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Clamp;

final class ClampTest extends TestCase
{
    public function test_a_number_is_held_between_two_others(): void
    {
        self::assertSame([3, 3, 4, 5, 5], array_map(fn (int $value) => Clamp::of($value, 3, 5), [2, 3, 4, 5, 6]));
        self::assertSame([-1.0, 0.25, 1.0], array_map(fn (float $value) => Clamp::of($value, -1.0, 1.0), [-INF, 0.25, 1.5]));
    }
}
