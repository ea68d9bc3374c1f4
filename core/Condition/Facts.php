<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Functions\Figures;
use Rilvet\Formula\Expression\Scalars;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;

/**
 * What is true of all cells of some ranges together: ranks, means, percentiles, and which values stand more than once.
 * Worked out once, and kept with the cells where their store can.
 */
final class Facts
{
    /** Bytes of a value's fingerprint in a list of them. */
    private const HASH = 8;

    /** @var array<string, list<float>> numbers in their order, by ranges */
    private array $sorted = [];

    /** @var array<string, list<float>>|null small facts that are kept, by what they are of */
    private ?array $known = null;

    /** @var array<string, string> fingerprints in their order */
    private array $sets = [];

    private bool $isNew = false;

    private readonly ?KeepsFacts $store;

    private readonly string $state;

    public function __construct(private readonly Sheet $cells)
    {
        $beneath = $cells;
        $edits = [];
        for (; $beneath instanceof EditedSheet; $beneath = $beneath->beneath) {
            $edits[] = $beneath->edits;
        }
        $store = $beneath instanceof BlockSheet ? $beneath->store() : null;
        $this->store = $store instanceof KeepsFacts ? $store : null;
        $this->state = $this->store === null ? '' : hash('xxh128', serialize($edits).serialize($beneath instanceof BlockSheet
            ? $beneath->typing() : null));
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<float> mean, standard deviation of a sample (common practice), count
     */
    public function mean(array $ranges): array
    {
        return $this->fact('mean', $ranges, function () use ($ranges) {
            $numbers = $this->sorted($ranges);
            $spread = Figures::spread($numbers, 1, true);

            return [$numbers === [] ? 0.0 : array_sum($numbers) / count($numbers), $spread instanceof Fault ? 0.0 : $spread,
                (float) count($numbers)];
        });
    }

    /**
     * From which value on a number is among the greatest or the least.
     *
     * @param  list<Range>  $ranges
     * @return list<float> nothing where there are no numbers
     */
    public function rank(array $ranges, int $count, bool $percent, bool $least): array
    {
        return $this->fact("rank $count ".($percent ? '%' : '').($least ? '-' : '+'), $ranges, function () use ($ranges, $count,
            $percent, $least) {
            $numbers = $this->sorted($ranges);
            $all = count($numbers);
            // Of few cells one at least is among them (common practice).
            $most = min($all, $percent ? max(1, intdiv($all * $count, 100)) : $count);

            return $most < 1 ? [] : array_slice($numbers, $least ? $most - 1 : $all - $most, 1);
        });
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<float> the least and the greatest; nothing where there are no numbers
     */
    public function ends(array $ranges): array
    {
        return $this->fact('ends', $ranges, function () use ($ranges) {
            $numbers = $this->sorted($ranges);

            return $numbers === [] ? [] : [$numbers[0], $numbers[count($numbers) - 1]];
        });
    }

    /**
     * @param  list<Range>  $ranges
     * @param  float  $share  0 to 1
     */
    public function percentile(array $ranges, float $share): ?float
    {
        return $this->fact("percentile $share", $ranges, function () use ($ranges, $share) {
            $found = Figures::percentile($this->sorted($ranges), $share);

            return $found instanceof Fault ? [] : [$found];
        })[0] ?? null;
    }

    /**
     * Whether a value stands more than once.
     *
     * @param  list<Range>  $ranges
     */
    public function isRepeated(array $ranges, bool|int|float|string $value): bool
    {
        return self::holds($this->repeated($ranges), self::print($value));
    }

    /** What is known and was not before is kept. */
    public function keep(): void
    {
        if ($this->isNew && $this->store !== null && $this->known !== null) {
            $this->store->keepFact($this->state, serialize($this->known));
            $this->isNew = false;
        }
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<float>|null what was found out before
     */
    public function known(string $what, array $ranges): ?array
    {
        $this->load();

        return $this->known["$what|".self::key($ranges)] ?? null;
    }

    /**
     * @param  list<Range>  $ranges
     * @param  list<float>  $fact
     */
    public function know(string $what, array $ranges, array $fact): void
    {
        $this->load();
        $this->known["$what|".self::key($ranges)] = $fact;
        $this->isNew = true;
    }

    /**
     * @param  list<Range>  $ranges
     * @param  callable(): list<float>  $make
     * @return list<float>
     */
    private function fact(string $what, array $ranges, callable $make): array
    {
        $this->load();
        $key = "$what|".self::key($ranges);
        if (! isset($this->known[$key])) {
            $this->known[$key] = $make();
            $this->isNew = true;
        }

        return $this->known[$key];
    }

    private function load(): void
    {
        if ($this->known === null) {
            $kept = $this->store?->fact($this->state);
            /** @var array<string, list<float>>|false $known */
            $known = $kept === null ? [] : unserialize($kept, ['allowed_classes' => false]);
            $this->known = $known === false ? [] : $known;
        }
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<float> the least first
     */
    private function sorted(array $ranges): array
    {
        $key = self::key($ranges);
        if (! isset($this->sorted[$key])) {
            $numbers = [];
            foreach ($this->read($ranges) as $cell) {
                if ($cell->error === null && (is_int($cell->value) || is_float($cell->value))) {
                    $numbers[] = (float) $cell->value;
                }
            }
            sort($numbers);
            $this->sorted[$key] = $numbers;
        }

        return $this->sorted[$key];
    }

    /**
     * Fingerprints of the values that stand more than once, in their order, one behind the other.
     *
     * @param  list<Range>  $ranges
     */
    private function repeated(array $ranges): string
    {
        $key = 'repeated|'.self::key($ranges);
        if (! isset($this->sets[$key])) {
            $kept = $this->store?->fact("$this->state|$key");
            if ($kept === null) {
                $seen = $twice = [];
                foreach ($this->read($ranges) as $cell) {
                    if ($cell->value !== null && $cell->value !== '' && $cell->error === null) {
                        $print = self::print($cell->value);
                        if (isset($seen[$print])) {
                            $twice[$print] = true;
                        }
                        $seen[$print] = true;
                    }
                }
                $prints = array_map(strval(...), array_keys($twice));
                sort($prints, SORT_STRING);
                $kept = implode('', $prints);
                $this->store?->keepFact("$this->state|$key", $kept);
            }
            $this->sets[$key] = $kept;
        }

        return $this->sets[$key];
    }

    /**
     * @param  list<Range>  $ranges
     * @return iterable<Cell>
     */
    private function read(array $ranges): iterable
    {
        foreach ($ranges as $range) {
            $right = min($range->right, $this->cells->columns());
            foreach ($range->left > $right ? [] : $this->cells->read($range->top, min($range->bottom, $this->cells->rows()),
                $range->left, $right) as $cells) {
                for ($column = $range->left; $column <= $right; $column++) {
                    yield $cells[$column - 1];
                }
            }
        }
    }

    /** @param  list<Range>  $ranges */
    private static function key(array $ranges): string
    {
        $text = implode(' ', $ranges);

        return strlen($text) < 64 ? $text : hash('xxh128', $text);
    }

    /** Capitals make no difference, nor does it whether figures are a number or a text (as functions that count see it). */
    private static function print(bool|int|float|string $value): string
    {
        $plain = match (true) {
            is_bool($value) => $value ? 'b1' : 'b0',
            is_string($value) && ! is_numeric($value) => 't'.Scalars::plain($value),
            default => 'n'.sprintf('%.14e', (float) $value),
        };

        return hash('xxh3', $plain, true);
    }

    private static function holds(string $prints, string $print): bool
    {
        [$low, $high] = [0, intdiv(strlen($prints), self::HASH) - 1];
        while ($low <= $high) {
            $middle = intdiv($low + $high, 2);
            $order = strcmp(substr($prints, $middle * self::HASH, self::HASH), $print);
            if ($order === 0) {
                return true;
            }
            $order < 0 ? $low = $middle + 1 : $high = $middle - 1;
        }

        return false;
    }
}
