<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use PhpOffice\PhpSpreadsheet\Writer\Ods;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\TestWith;
use Rilvet\Act\Dress;
use Rilvet\Check\Checks;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\SheetDocuments;
use Tests\BentPackage;
use Tests\WildBook;

/**
 * Packages of another library with a few words changed: what is known of them and what goes back is the same as before the code was
 * changed, and whatever they say, they are refused in words or proven when they are written.
 */
final class BentPictureTest extends ManyPicturesCase
{
    /** @var array<string, list<string>> */
    private static array $good = [];

    public static function tearDownAfterClass(): void
    {
        array_map(unlink(...), array_merge(...array_values(self::$good)));
        self::$good = [];
    }

    private static function good(string $ending, int $seed): string
    {
        for ($at = count(self::$good[$ending] ?? []); $at < 8; $at++) {
            $path = sys_get_temp_dir().'/rilvet-good-'.getmypid()."-$at.$ending";
            ($ending === 'xlsx' ? new Xlsx(WildBook::of(3_001 + $at)) : new Ods(WildBook::of(3_101 + $at)))->save($path);
            self::$good[$ending][] = $path;
        }

        return self::$good[$ending][$seed % 8];
    }

    #[TestWith(['xlsx', 30_001, 30])]
    #[TestWith(['ods', 31_001, 20])]
    public function test_what_bent_packages_say_and_what_goes_back(string $ending, int $first, int $count): void
    {
        $books = Builtin::all();
        $this->many("bent.$ending", $first, $count, function (int $seed) use ($ending, $books): string {
            $path = sys_get_temp_dir().'/rilvet-bent-'.getmypid().".$ending";
            $did = BentPackage::of(self::good($ending, $seed), $path, $seed);
            try {
                $workbook = (new Opening(fn () => new MemoryBlockStore))->open($path, "bent.$ending");
                $said = [$did, Picture::sum(Picture::reading($workbook)), Picture::sum(Picture::windows($workbook))];
                foreach ($workbook->sheets as $sheet) {
                    $said[] = self::json(array_diff_key((new SheetDocuments($sheet))->all(), ['found' => 0, 'typing' => 0]));
                }
                foreach ($seed % 4 === 0 ? Checks::on($workbook, Checks::all()) : [] as $one) {
                    $said[] = "$one->check $one->range $one->count";
                }
                $deeds = Deeds::all($workbook) + ['dressed' => new Dress(array_keys($workbook->sheets), $books[$seed % count($books)])];
                $name = array_keys($deeds)[$seed * 7 % count($deeds)];
                $after = $this->done($deeds[$name], $workbook);

                return implode("\n", [...$said, $name, ...$this->written($ending, $after, $ending === 'xlsx' ? $path : null)]);
            } catch (Refusal $refusal) {
                return implode("\n", [...$said ?? [$did], 'refused: '.$refusal->getMessage()]);
            } finally {
                unlink($path);
            }
        });
    }
}
