<?php

declare(strict_types=1);

namespace Tests\Core;

use Closure;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Sheet;
use Rilvet\Refusal;
use Tests\WildSheet;

/**
 * One rule of the job at a time, in thousands of small cases by chance that often lie right at its limits: sizes that fill a page to
 * the pixel, rows that are equal, values that are the bounds themselves. A line of a picture stands for twenty cases.
 */
abstract class ManyPicturesCase extends PictureCase
{
    private const EACH = 20;

    /** @param  callable(int): string  $case */
    protected function many(string $name, int $first, int $count, callable $case): void
    {
        $lines = [];
        for ($from = $first; $from < $first + $count; $from += self::EACH) {
            $said = [];
            for ($seed = $from; $seed < $from + self::EACH; $seed++) {
                mt_srand($seed);
                $said[] = $case($seed);
            }
            $lines[] = "#$from ".Picture::sum($said);
        }
        mt_srand();
        $this->assertPicture("many.$name", $lines);
    }

    /**
     * @template T
     *
     * @param  non-empty-array<T>  $of
     * @return T
     */
    protected static function pick(array $of): mixed
    {
        return array_values($of)[mt_rand(0, count($of) - 1)];
    }

    protected static function one(int $in): bool
    {
        return mt_rand(1, $in) === 1;
    }

    protected static function json(mixed $of): string
    {
        return (string) json_encode($of, JSON_UNESCAPED_UNICODE | JSON_PARTIAL_OUTPUT_ON_ERROR);
    }

    protected static function tried(Closure $of): mixed
    {
        try {
            return $of();
        } catch (Refusal $refusal) {
            return $refusal->getMessage();
        }
    }

    /** @return list<list<string>> */
    protected static function wild(int $seed): array
    {
        return array_map(fn (string $line) => array_map(strval(...), str_getcsv($line, escape: '')),
            explode("\n", rtrim(WildSheet::csv($seed), "\n")));
    }

    /** @param  list<list<string>>  $rows */
    protected static function typed(array $rows): Sheet
    {
        return MemorySheet::of('Wild', array_map(fn (array $row) => array_map(fn (string $text) => match (true) {
            $text === '' => null,
            is_numeric($text) => $text + 0,
            default => $text,
        }, $row), $rows));
    }
}
