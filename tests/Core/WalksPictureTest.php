<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use PhpOffice\PhpSpreadsheet\Writer\Ods;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\TestWith;
use Rilvet\Act\Outcome;
use Rilvet\Check\Checks;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Paper\PageLayout;
use Rilvet\Refusal;
use Rilvet\Work\Workbook;
use Tests\RandomDeed;
use Tests\WildBook;
use Tests\WildSheet;

/**
 * Long walks: one act by chance after the other on the same workbook, so that each meets what others have left. What it came to is
 * kept as a picture; whatever is done, its file holds the same values, and an act done twice from the same state changes the same.
 */
final class WalksPictureTest extends PictureCase
{
    private const STEPS = 24;

    #[TestWith(['csv', 2_001, 6])]
    #[TestWith(['ods', 2_101, 3])]
    #[TestWith(['xlsx', 2_201, 3])]
    public function test_what_walks_come_to(string $ending, int $first, int $count): void
    {
        $lines = [];
        for ($seed = $first; $seed < $first + $count; $seed++) {
            $path = sys_get_temp_dir().'/rilvet-walk-'.getmypid().".$ending";
            match ($ending) {
                'csv' => file_put_contents($path, WildSheet::csv($seed)),
                'ods' => (new Ods(WildBook::of($seed)))->save($path),
                default => (new Xlsx(WildBook::of($seed)))->save($path),
            };
            try {
                $lines[] = "#$seed";
                $workbook = (new Opening(fn () => new MemoryBlockStore))->open($path, "walk.$ending");
                mt_srand($seed);
                for ($step = 1; $step <= self::STEPS; $step++) {
                    [$workbook, $said] = $this->step($workbook, "#$seed, step $step");
                    $lines[] = "  $said";
                }
                mt_srand();
                array_push($lines, ...$this->end($workbook, $ending, $path));
            } finally {
                unlink($path);
            }
        }
        $this->assertPicture("walks.$ending", $lines);
    }

    /** @return array{Workbook, string} */
    private function step(Workbook $workbook, string $where): array
    {
        $act = RandomDeed::of($workbook);
        try {
            $outcome = self::pipeline()->run($act, $workbook);
            $change = $outcome->change();
        } catch (Refusal $refusal) {
            return [$workbook, 'refused: '.$refusal->getMessage()];
        }
        self::assertSame(self::changed($outcome), self::changed(self::pipeline()->run($act, $workbook)), $where);

        return [$outcome->after, "{$outcome->words()} ".Picture::sum(self::changed($outcome)).' '
            .Picture::sum(Picture::windows($outcome->after)).($change->isOfData ? ' data' : '')];
    }

    /** @return list<string> */
    private static function changed(Outcome $outcome): array
    {
        $said = [];
        foreach ($outcome->change()->patches as $patch) {
            [$sheet, $what, $before, $after] = $patch->toArray();
            $said[] = "$sheet $what ".($what === 'blocks' ? '' : "$before -> $after");
        }

        return $said;
    }

    /** @return list<string> what is seen, found, printed and written in the end */
    private function end(Workbook $workbook, string $ending, string $path): array
    {
        $lines = ['  said '.Picture::sum(Picture::said($workbook)).' read '.Picture::sum(Picture::reading($workbook))];
        foreach (Checks::on($workbook, Checks::all()) as $finding) {
            $lines[] = "  $finding->check $finding->sheet $finding->range $finding->count";
        }
        foreach ($workbook->sheets as $number => $sheet) {
            $layout = PageLayout::of($sheet, $workbook->looks);
            $lines[] = "  $number prints on {$layout->pages()} pages ".Picture::sum([(string) json_encode($layout)]);
        }
        foreach ($ending === 'xlsx' ? ['xlsx' => $path, 'ods' => null]
            : [$ending === 'csv' ? 'xlsx' : $ending => null] as $to => $from) {
            array_push($lines, ...array_map(fn (string $line) => "  $to $line", $this->written($to, $workbook, $from)));
        }

        return $lines;
    }
}
