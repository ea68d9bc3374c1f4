<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\Parser;
use Rilvet\Formula\Scope;
use Rilvet\Formula\Values;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Tests\InLibrary;
use Tests\RandomFormula;

/** Formulas by chance: seen from many cells at once as from each, and against the general-purpose spreadsheet library. */
final class RandomFormulasTest extends TestCase
{
    /**
     * What the library gives otherwise: where numbers of two signs leave no remainder it gives the divisor (nought by ISO/IEC
     * 29500-1 18.17.7.215), and more letters from the right than there are lose one.
     */
    private const OTHERWISE = '~MOD\((?!ROW\(\),[237]\))|RIGHT\(~';

    /**
     * @param  float|null  $number  and text: what stands in the place of some
     * @return list<list<bool|float|int|string|null>>
     */
    private static function rows(?float $number = null, ?string $text = null): array
    {
        mt_srand(7);
        $rows = [];
        for ($row = 0; $row < 30; $row++) {
            $rows[] = [$row % 7 === 3 ? $number : mt_rand(-50, 50) / 4, ['late', 'paid', 'Late', 'sent', $text, 'a*b', '12'][mt_rand(0, 6)],
                45_000 + mt_rand(0, 400), $row % 5 === 0 ? true
                    : ($row % 5 === 1 ? false : mt_rand(0, 9)), "Text $row"];
        }

        return $rows;
    }

    /** @param  list<list<bool|float|int|string|null>>  $rows */
    private static function at(array $rows): At
    {
        $cells = array_map(fn (array $line) => array_map(Cell::of(...), $line), $rows);

        return new At(new Values([1 => new MemorySheet('Data', $cells)], INF), 1, 1, 8, 46_353.5);
    }

    private static function read(string $formula): Node
    {
        return Parser::read($formula, new Scope([1 => 'Data'], [], []), 1, 1, 8);
    }

    private static function formula(): string
    {
        $depth = mt_rand(1, 3);

        return match (mt_rand(1, 3)) {
            1 => RandomFormula::number($depth),
            2 => RandomFormula::text($depth),
            default => RandomFormula::truth($depth),
        };
    }

    public function test_many_cells_at_once_see_what_each_sees(): void
    {
        $at = self::at(self::rows());
        mt_srand(8_101);
        for ($round = 0; $round < 800; $round++) {
            $formula = self::formula();
            $node = self::read($formula);
            foreach ([8, 11] as $column) {
                $rows = array_values(array_filter(range(1, 30), fn () => mt_rand(0, 3) > 0)) ?: [1];
                $each = [];
                foreach ($rows as $row) {
                    $each[$row] = $node->value($at->go($row, $column));
                }
                self::assertSame($each, $at->along($node, $rows, $column), "$formula in column $column");
            }
        }
    }

    public function test_they_give_what_the_library_gives(): void
    {
        // Blank cells compare otherwise there; those are looked at one by one in ExpressionTest.
        $rows = self::rows(2.5, 'none');
        $library = new InLibrary($rows);
        $at = self::at($rows);
        mt_srand(8_102);
        for ($compared = 0; $compared < 2_000;) {
            $formula = self::formula();
            if (preg_match(self::OTHERWISE, $formula) === 1) {
                continue;
            }
            $node = self::read($formula);
            foreach ([1, 4, 12, 29] as $row) {
                $own = $node->value($at->go($row, 8));
                $own = $own instanceof Fault ? $own->code : $own ?? 0;
                $theirs = $library->value($formula, $row);
                if ((is_int($own) || is_float($own)) && (is_int($theirs) || is_float($theirs))) {
                    self::assertEqualsWithDelta($theirs, $own, 1e-9 * max(1.0, abs((float) $own)), "$formula in row $row");
                } else {
                    self::assertSame($theirs, $own, "$formula in row $row");
                }
                $compared++;
            }
        }
    }
}
