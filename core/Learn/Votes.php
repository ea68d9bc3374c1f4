<?php

declare(strict_types=1);

namespace Rilvet\Learn;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Difference;

/** What cells say of an attribute, how many of them say it, and on how many sheets. */
final class Votes
{
    /** Colours nearer to each other than this are one (CIEDE2000; below 3 they are hardly told apart: common practice). */
    private const NEAR = 3.0;

    /** Colours of a rule that are compared with the one that most cells wear. */
    private const COMPARED = 300;

    /** @var array<string, array<string, array{bool|float|int|string, int}>> value and cells, by the rule's place, then by the value */
    private array $cells = [];

    /** @var array<string, array<string, true>> sheets, by the rule's place */
    private array $sheets = [];

    public function add(string $where, bool|float|int|string $value, string $sheet, int $cells = 1): void
    {
        $key = json_encode($value, JSON_THROW_ON_ERROR);
        $this->cells[$where][$key] ??= [$value, 0];
        $this->cells[$where][$key][1] += $cells;
        $this->sheets[$where][$sheet] = true;
    }

    /** What most cells say, where it is more than half of them. */
    public function rule(string $where): ?Rule
    {
        $most = null;
        $all = 0;
        foreach ($this->cells[$where] ?? [] as $vote) {
            $all += $vote[1];
            $most = $most === null || $vote[1] > $most[1] ? $vote : $most;
        }
        if ($most === null) {
            return null;
        }
        [$value, $cells] = $most;
        // Colours that are nearly the same were meant to be the same.
        foreach (array_slice($this->cells[$where], 0, self::COMPARED) as $vote) {
            $cells += $vote[0] !== $value && self::areNear($vote[0], $value) ? $vote[1] : 0;
        }

        return 2 * $cells <= $all ? null : new Rule($where, $value, $cells, $all, count($this->sheets[$where]));
    }

    /** Colours that were meant to be one. */
    public static function areNear(bool|float|int|string $one, bool|float|int|string $other): bool
    {
        $isColour = fn (mixed $value) => is_string($value) && preg_match('/^#[0-9A-F]{6}$/', $value) === 1;

        return $isColour($one) && $isColour($other)
            && Difference::ciede2000(Colour::hex((string) $one), Colour::hex((string) $other)) < self::NEAR;
    }

    /** @return array<string, int> cells by value, the most first */
    public function all(string $where): array
    {
        $all = [];
        foreach ($this->cells[$where] ?? [] as [$value, $cells]) {
            $all[is_bool($value)
                ? ($value ? 'true' : 'false')
                : (string) $value] = $cells;
        }
        arsort($all);

        return $all;
    }
}
