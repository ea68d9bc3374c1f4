<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Grid\Block;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\BlockStore;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\KeepsFigures;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Window\Figures;

/** Sum, mean, least and greatest of what is chosen, against a plain count over the same cells. */
final class FiguresTest extends TestCase
{
    public function test_random_selections_of_blocks_with_typed_cells_are_counted_right(): void
    {
        mt_srand(71);
        $rows = self::rows(700);
        foreach ([new PlainStore, new RememberingStore] as $store) {
            $blocks = self::blocks($rows, $store);
            $edits = [];
            for ($edit = 0; $edit < 60; $edit++) {
                // Some below the last row, and some beyond the last column.
                $edits[mt_rand(1, 720)][mt_rand(1, 7)] = Cell::of([mt_rand(-99, 99), 'typed', null][mt_rand(0, 2)]);
            }
            foreach ([$blocks, new EditedSheet($blocks, $edits), new EditedSheet(new EditedSheet($blocks, [5 => [2 => Cell::of(1_000)]]),
                $edits)] as $sheet) {
                for ($turn = 0; $turn < 40; $turn++) {
                    $ranges = [];
                    for ($piece = mt_rand(1, 3), $top = 1; $piece > 0; $piece--) {
                        [$top, $left] = [$top + mt_rand(0, 250), mt_rand(1, 6)];
                        $bottom = $top + mt_rand(0, 400);
                        $ranges[] = chr(64 + $left).$top.':'.chr(64 + mt_rand($left, 8)).$bottom;
                        $top = $bottom + 1;
                    }
                    $set = RangeSet::parse(implode(',', $ranges));
                    self::assertEquals(self::plain($sheet, $set), Figures::of($sheet, $set), implode(',', $ranges));
                }
            }
        }
    }

    public function test_what_was_worked_out_of_a_block_is_kept_for_what_was_not_typed_over(): void
    {
        $store = new RememberingStore;
        $blocks = self::blocks(self::rows(600), $store);
        Figures::keep($blocks);
        self::assertSame([0, 1, 2], array_keys($store->kept));
        $all = RangeSet::parse('A1:F600');
        $right = Figures::of($blocks, $all);
        $store->reads = [];
        self::assertEquals($right, Figures::of($blocks, $all));
        self::assertSame([], $store->reads, 'no block is read again');
        $typed = new EditedSheet($blocks, [300 => [2 => Cell::of(1_000_000)]]);
        self::assertSame('1,000,000', Figures::of($typed, $all)->greatest);
        self::assertSame([1 => true], $store->reads, 'the one that was typed into');
        $store->reads = [];
        Figures::of($blocks, RangeSet::parse('A1:F300'));
        self::assertSame([1 => true], $store->reads, 'the one that is chosen in part');
    }

    public function test_few_blocks_are_at_hand_and_many_are_asked_for_later(): void
    {
        $store = new PlainStore;
        $blocks = self::blocks(self::rows(Block::ROWS * 9), $store);
        self::assertNotNull(Figures::atHand($blocks, RangeSet::parse('A1:F'.(Block::ROWS * 8))));
        self::assertNull(Figures::atHand($blocks, RangeSet::parse('A1:F'.(Block::ROWS * 8 + 1))));
        self::assertNull(Figures::atHand($blocks, RangeSet::parse('A1:A1048576')), 'one column runs through all of them');
        self::assertEquals(Figures::of($blocks, RangeSet::parse('B2:B9')), Figures::atHand($blocks, RangeSet::parse('B2:B9')));
        $small = MemorySheet::of('S', [[1, 2.5]]);
        self::assertSame(['3.50', '1.75', '1', '2.50'], [($of = Figures::atHand($small, RangeSet::parse('A1:B1')))?->sum, $of?->mean,
            $of?->least,
            $of?->greatest]);
    }

    public function test_nothing_and_texts_alone_have_no_figures(): void
    {
        $none = Figures::of(MemorySheet::of('S', []), RangeSet::parse('A1:B3'));
        self::assertSame([6, 0, 0, null, null], [$none->cells, $none->filled, $none->numbers, $none->sum, $none->least]);
        $texts = Figures::of(MemorySheet::of('S', [['a', 'b'], [null, true]]), RangeSet::parse('A1:B2'));
        self::assertSame([4, 3, 0, null], [$texts->cells, $texts->filled, $texts->numbers, $texts->mean]);
    }

    private static function plain(BlockSheet|EditedSheet $sheet, RangeSet $set): Figures
    {
        [$filled, $numbers] = [0, []];
        foreach ($set as $range) {
            foreach ($sheet->read($range->top, $range->bottom) as $cells) {
                for ($column = $range->left; $column <= $range->right; $column++) {
                    $cell = $cells[$column - 1] ?? Cell::blank();
                    $filled += $cell->stored() === null || $cell->stored() === '' ? 0 : 1;
                    $cell->number() === null ?: $numbers[] = $cell->number();
                }
            }
        }
        $show = fn (float $number) => floor($number) === $number ? number_format($number) : number_format($number, 2);

        return $numbers === [] ? new Figures($set->cells(), $filled, 0, null, null, null, null)
            : new Figures($set->cells(), $filled, count($numbers), $show((float) array_sum($numbers)),
                $show(array_sum($numbers) / count($numbers)),
                $show((float) min($numbers)), $show((float) max($numbers)));
    }

    /** @return list<list<mixed>> */
    private static function rows(int $count): array
    {
        return array_map(fn (int $row) => array_map(fn (int $column) => match (mt_rand(0, 5)) {
            0 => null,
            1 => "text $row",
            2 => ['f' => 'A1*2', 'v' => $row * $column],
            // Quarters add up without a rest.
            default => mt_rand(-400, 400) / 4,
        }, range(1, 6)), range(1, $count));
    }

    /** @param  list<list<mixed>>  $rows */
    private static function blocks(array $rows, BlockStore $store): BlockSheet
    {
        foreach (array_chunk($rows, Block::ROWS) as $number => $some) {
            $store->put($number, Block::encode($some));
        }

        return new BlockSheet('S', count($rows), 6, $store);
    }
}

class PlainStore implements BlockStore
{
    /** @var array<int, string> */
    private array $blocks = [];

    /** @var array<int, true> numbers of blocks that were read */
    public array $reads = [];

    public function block(int $number): ?string
    {
        $this->reads[$number] = true;

        return $this->blocks[$number] ?? null;
    }

    public function put(int $number, string $data): void
    {
        $this->blocks[$number] = $data;
    }
}

final class RememberingStore extends PlainStore implements KeepsFigures
{
    /** @var array<int, array{string, string}> */
    public array $kept = [];

    public function figures(int $number, string $key): ?string
    {
        return ($this->kept[$number][0] ?? null) === $key ? $this->kept[$number][1] : null;
    }

    public function keepFigures(int $number, string $key, string $json): void
    {
        $this->kept[$number] = [$key, $json];
    }
}
