<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rilvet\Compare\Lines;

/** Rows of two sheets that are the same ones find each other. */
final class LinesTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<array{int, int, int}>}> one letter a line */
    public static function pairs(): iterable
    {
        yield 'the same' => ['abcdef', 'abcdef', [[1, 1, 6]]];
        yield 'nothing beside something' => ['', 'abc', []];
        yield 'one put in' => ['abcdef', 'abXcdef', [[1, 1, 2], [3, 4, 4]]];
        yield 'one taken out' => ['abcdef', 'abdef', [[1, 1, 2], [4, 3, 3]]];
        yield 'one changed' => ['abcdef', 'abXdef', [[1, 1, 6]]];
        yield 'first and last changed' => ['abcdef', 'XbcdeY', [[1, 1, 6]]];
        yield 'of many alike one less' => ['aaaa', 'aaa', [[1, 1, 3]]];
        yield 'put in among many alike' => ['aabaa', 'aabXaa', [[1, 1, 3], [4, 5, 2]]];
        yield 'the halves changed places' => ['abcxyz', 'xyzabc', [[4, 1, 3]]];
        yield 'nothing in common, as many' => ['abc', 'xyz', [[1, 1, 3]]];
        yield 'nothing in common, more' => ['abc', 'vwxyz', []];
    }

    /** @param  list<array{int, int, int}>  $runs */
    #[DataProvider('pairs')]
    public function test_lines_that_hold_the_same_stand_for_each_other(string $left, string $right, array $runs): void
    {
        $of = fn (string $text) => $text === '' ? [] : str_split($text);
        self::assertSame($runs, Lines::match($of($left), $of($right)));
    }

    public function test_lines_that_changed_are_known_by_their_names(): void
    {
        $left = ['osier 1', 'alder 2', 'aspen 3', 'yew 4'];
        $right = ['osier 9', 'rowan 5', 'alder 8', 'aspen 3', 'yew 7'];
        $name = fn (string $line) => explode(' ', $line)[0];
        self::assertSame([[1, 1, 1], [2, 3, 3]], Lines::match($left, $right, array_map($name, $left), array_map($name, $right)));
        self::assertSame([[3, 4, 2]], array_slice(Lines::match($left, $right), -1), 'without names only what stands the same');
    }

    /** A law, with a fixed seed: what is matched is the same line, in order, each once; and of a few edits most lines are found again. */
    public function test_lines_of_edited_sheets_are_found_again(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($trial = 0; $trial < 60; $trial++) {
            $left = array_map(fn () => 'r'.$random->getInt(1, 60), range(1, 120));
            $right = $left;
            $edits = $random->getInt(0, 6);
            for ($edit = 0; $edit < $edits; $edit++) {
                $at = $random->getInt(0, count($right) - 1);
                match ($random->getInt(0, 2)) {
                    0 => array_splice($right, $at, 0, ["new $edit"]),
                    1 => array_splice($right, $at, 1),
                    default => $right[$at] = "changed $edit",
                };
            }
            [$a, $c, $same] = [0, 0, 0];
            foreach (Lines::match($left, array_values($right)) as [$first, $beside, $count]) {
                self::assertGreaterThan($a, $first);
                self::assertGreaterThan($c, $beside);
                for ($at = 0; $at < $count; $at++) {
                    $same += $left[$first + $at - 1] === $right[$beside + $at - 1] ? 1 : 0;
                }
                [$a, $c] = [$first + $count - 1, $beside + $count - 1];
            }
            self::assertGreaterThanOrEqual(120 - 4 * $edits, $same, "of 120 lines after $edits edits");
        }
    }

    public function test_hundreds_of_thousands_of_lines_take_moments(): void
    {
        $left = array_map(fn (int $row) => "row $row", range(1, 200_000));
        $right = $left;
        array_splice($right, 50_000, 0, ['one', 'two']);
        array_splice($right, 150_000, 3);
        self::assertSame([[1, 1, 50_000], [50_001, 50_003, 99_998], [150_002, 150_001, 49_999]], Lines::match($left, $right));
        $same = array_fill(0, 200_000, 'x');
        self::assertSame([[1, 1, 199_999]], Lines::match($same, array_slice($same, 1)));
    }
}
