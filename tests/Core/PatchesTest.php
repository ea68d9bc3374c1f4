<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Change\Applies;
use Rilvet\Change\AspectPatch;
use Rilvet\Change\BlocksPatch;
use Rilvet\Change\CellsPatch;
use Rilvet\Change\HistoryIsOld;
use Rilvet\Change\OldPatch;
use Rilvet\Change\Patch;
use Rilvet\Change\Patches;
use Rilvet\Change\SheetsPatch;
use Rilvet\Change\StylebookPatch;
use Rilvet\Change\WorkbookPatch;

/** Patches as a history stores them: what is read back is what was done, and taken back twice it is done again. */
final class PatchesTest extends TestCase
{
    /** @return iterable<string, array{Patch, string}> a patch, what of a place it asks to be applied */
    public static function patches(): iterable
    {
        yield 'an aspect' => [new AspectPatch(3, 'setup', '{"zoom":100}', 'null'), 'aspect'];
        yield 'cells' => [new CellsPatch(1, ['rows' => 2, 'columns' => 1, 'cells' => [[1, 1, 'a']]], ['rows' => 3, 'columns' => 1,
            'cells' => [[1, 1, 'b'], [3, 1, 4.5]]]), 'cells'];
        yield 'blocks' => [new BlocksPatch(2, ['rows' => 9, 'columns' => 2, 'blocks' => null], ['rows' => 8, 'columns' => 2,
            'blocks' => [[0, 1, 256], [7, 1, 20]]]), 'blocks'];
        yield 'the sheets' => [new SheetsPatch([1, 2, 3], [3, 1]), 'sheets'];
        yield 'a stylebook' => [new StylebookPatch(12, 4, 5), 'stylebook'];
        foreach (WorkbookPatch::WHAT as $what) {
            yield "the workbook's $what" => [new WorkbookPatch($what, '"before"', '"after"'), 'workbook'];
        }
    }

    #[DataProvider('patches')]
    public function test_what_is_stored_is_read_back(Patch $patch, string $asks): void
    {
        $read = Patches::of(json_decode((string) json_encode($patch->toArray()), true));
        self::assertEquals($patch, $read);
        self::assertSame($patch::class, $read::class);
        self::assertEquals($patch, $patch->inverse()->inverse());
        [$sheet, $what, $before, $after] = $patch->toArray();
        self::assertSame([$sheet, $what, $after, $before], $patch->inverse()->toArray());
        $place = $this->createMock(Applies::class);
        foreach (['aspect', 'cells', 'blocks', 'sheets', 'stylebook', 'workbook'] as $each) {
            $place->expects($each === $asks ? self::once() : self::never())->method($each)->with(self::identicalTo($patch));
        }
        $patch->applyTo($place);
    }

    public function test_blocks_that_a_change_made_are_those_that_were_not_there_before(): void
    {
        $state = fn (?array $runs) => ['rows' => 9, 'columns' => 2, 'blocks' => $runs];
        $made = fn (?array $before, ?array $after) => (new BlocksPatch(1, $state($before), $state($after)))->made();
        self::assertSame([7, 8], $made([[0, 3, 256]], [[0, 2, 256], [7, 2, 20]]));
        self::assertSame([1, 2], $made([[0, 1, 256], [7, 2, 20]], [[0, 3, 256]]));
        self::assertSame([], $made([[0, 3, 256]], [[1, 1, 256]]));
        // A long run is that of blocks that a sheet came with.
        self::assertSame([9_000], $made(null, [[0, 5_000, 256], [9_000, 1, 3]]));
        self::assertCount(4_096, $made([[9_000, 1, 3]], [[0, 4_096, 256]]));
        self::assertSame([], $made([[9_000, 1, 3]], [[0, 4_097, 256]]));
        $indexes = (new BlocksPatch(1, $state([[5, 1, 256]]), $state(null)))->indexes();
        self::assertCount(2, $indexes);
        self::assertSame([[5, 1, 256]], $indexes[0]->runs);
    }

    /** @return iterable<string, array{array{int, string, string, string}}> */
    public static function old(): iterable
    {
        yield 'rows put in before blocks had numbers' => [[1, 'shift', '[]', '[]']];
        yield 'something of the workbook that is no more' => [[0, 'stylebook', '{}', '{}']];
    }

    /** @param  array{int, string, string, string}  $stored */
    #[DataProvider('old')]
    public function test_what_an_older_history_says_is_kept_and_told_when_it_is_asked_for(array $stored): void
    {
        $patch = Patches::of($stored);
        self::assertInstanceOf(OldPatch::class, $patch);
        self::assertSame($stored, $patch->inverse()->toArray());
        $this->expectException(HistoryIsOld::class);
        $patch->applyTo($this->createStub(Applies::class));
    }
}
