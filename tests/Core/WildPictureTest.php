<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use PhpOffice\PhpSpreadsheet\Writer\Ods;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\TestWith;
use Rilvet\Act\BringAnew;
use Rilvet\Act\Dress;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Compare\Comparison;
use Rilvet\Compare\Difference;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Learn\Learner;
use Rilvet\Learn\Rule;
use Rilvet\Look\LookBook;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Paper\PageLayout;
use Rilvet\Paper\PagePainter;
use Rilvet\Paper\SvgCanvas;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\PartRange;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\TableReading;
use Rilvet\Refusal;
use Rilvet\Renew\NewData;
use Rilvet\Stylebook\Builtin;
use Rilvet\Text\Fonts;
use Rilvet\Work\SheetDocuments;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\WildBook;
use Tests\WildSheet;

/**
 * Some two hundred small sheets of all shapes, read, dressed, looked over, changed and written: whoever changes a rule of the
 * reading or a limit of a check sees in the difference on which sheets that tells.
 */
final class WildPictureTest extends PictureCase
{
    private static function open(int $seed): Workbook
    {
        $path = sys_get_temp_dir().'/rilvet-wild-'.getmypid().'.csv';
        file_put_contents($path, WildSheet::csv($seed));
        try {
            return (new Opening(fn () => new MemoryBlockStore))->open($path, 'wild.csv');
        } finally {
            unlink($path);
        }
    }

    public function test_how_wild_sheets_are_read(): void
    {
        $lines = [];
        for ($seed = 1; $seed <= 120; $seed++) {
            $workbook = self::open($seed);
            foreach ($workbook->sheets as $sheet) {
                $lines[] = "#$seed ".Picture::sum(Picture::reading($workbook));
                foreach ($sheet->reading->tables as $table) {
                    $lines[] = "  $table->range ".implode(', ', array_map(fn (PartRange $part) => "{$part->part->value} {$part->range}",
                        $table->parts()));
                    $lines[] = '    '.implode(', ', array_map(
                        fn (ColumnReading $column) => "{$column->kind->value} {$column->role->value} $column->decimals", $table->columns));
                }
            }
        }
        $this->assertPicture('wild.read', $lines);
    }

    public function test_what_is_found_in_wild_sheets(): void
    {
        $lines = [];
        $books = Builtin::all();
        for ($seed = 401; $seed <= 440; $seed++) {
            $workbook = self::open($seed);
            $lines[] = "#$seed";
            $deeds = array_values(Deeds::all($workbook));
            foreach ([null, new Dress([1], $books[$seed % count($books)]), $deeds[$seed % count($deeds)]] as $act) {
                try {
                    $workbook = $act === null ? $workbook : $this->done($act, $workbook);
                } catch (Refusal $refusal) {
                    $lines[] = '  refused: '.$refusal->getMessage();
                }
                $all = Checks::on($workbook, Checks::all());
                $found = array_map(fn (Finding $one) => "  $one->check $one->range $one->count {$one->mend?->words}", $all);
                array_push($lines, ...array_values(array_diff($found, $lines)));
                $lines[] = '  '.Picture::sum(array_map(fn (Finding $one) => $one->key(), $all));
            }
        }
        $this->assertPicture('wild.found', $lines);
    }

    public function test_what_each_act_makes_of_wild_sheets(): void
    {
        $lines = [];
        $books = Builtin::all();
        foreach ([601, 604, 607, 611, 613] as $seed) {
            $workbook = self::open($seed);
            if ($workbook->sheet(1)->reading->tables === []) {
                continue;
            }
            $dressed = $this->done(new Dress([1], $books[$seed % count($books)]), $workbook);
            foreach (Deeds::all($dressed) as $name => $act) {
                $said = $this->outcome($act, $dressed);
                $lines[] = "#$seed $name: ".trim($said[0]).' '.Picture::sum($said);
            }
        }
        $this->assertPicture('wild.acts', $lines);
    }

    public function test_how_wild_sheets_look_and_what_is_said_of_them(): void
    {
        $lines = [];
        $books = Builtin::all();
        for ($seed = 701; $seed <= 720; $seed++) {
            $workbook = $this->done(new Dress([1], $books[$seed % count($books)]), self::open($seed));
            $lines[] = "#$seed ".Picture::sum(Picture::windows($workbook)).' '.Picture::sum(Picture::said($workbook));
        }
        $this->assertPicture('wild.looks', $lines);
    }

    public function test_what_is_written_of_wild_sheets(): void
    {
        $lines = [];
        $books = Builtin::all();
        for ($seed = 801; $seed <= 806; $seed++) {
            $workbook = $this->done(new Dress([1], $books[$seed % count($books)]), self::open($seed));
            $lines[] = "#$seed";
            foreach (['xlsx', 'ods', 'html', 'csv'] as $ending) {
                array_push($lines, ...array_map(fn (string $line) => "  $ending $line", $this->written($ending, $workbook, null)));
            }
        }
        $this->assertPicture('wild.written', $lines);
    }

    /** @return array{Workbook, string} of a file of another library, and where it stands */
    private static function book(int $seed, string $ending): array
    {
        $path = sys_get_temp_dir().'/rilvet-wild-'.getmypid()."-$seed.$ending";
        ($ending === 'xlsx' ? new Xlsx(WildBook::of($seed)) : new Ods(WildBook::of($seed)))->save($path);

        return [(new Opening(fn () => new MemoryBlockStore))->open($path, "wild.$ending"), $path];
    }

    #[TestWith(['xlsx', 901])]
    #[TestWith(['ods', 951])]
    public function test_what_comes_in_with_files_of_another_library(string $ending, int $first): void
    {
        $lines = [];
        for ($seed = $first; $seed < $first + 8; $seed++) {
            [$workbook, $path] = self::book($seed, $ending);
            unlink($path);
            $lines[] = "#$seed ".Picture::sum(Picture::reading($workbook)).' '.Picture::sum(Picture::windows($workbook)).' '
                .Picture::sum(Picture::said($workbook));
            foreach ($workbook->sheets as $number => $sheet) {
                $documents = array_diff_key((new SheetDocuments($sheet))->all(), ['found' => 0, 'typing' => 0]);
                ksort($documents);
                foreach ($documents as $name => $document) {
                    $json = (string) json_encode($document, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
                    $lines[] = "  $number $name ".(strlen($json) < 160 ? $json : Picture::sum([$json]));
                }
            }
            foreach (Checks::on($workbook, Checks::all()) as $one) {
                $lines[] = "  $one->check $one->range $one->count";
            }
        }
        $this->assertPicture("wild.$ending", $lines);
    }

    #[TestWith(['xlsx', 1_001])]
    #[TestWith(['ods', 1_051])]
    public function test_what_goes_back_into_files_of_another_library(string $ending, int $first): void
    {
        $lines = [];
        $books = Builtin::all();
        for ($seed = $first; $seed < $first + 4; $seed++) {
            [$workbook, $path] = self::book($seed, $ending);
            $deeds = Deeds::all($workbook) + ['dressed' => new Dress(array_keys($workbook->sheets), $books[$seed % count($books)])];
            $names = array_keys($deeds);
            for ($turn = 0; $turn < 8; $turn++) {
                $name = $names[($seed * 8 + $turn) * 7 % count($names)];
                try {
                    $lines[] = "#$seed $name";
                    $written = $this->written($ending, $this->done($deeds[$name], $workbook), $ending === 'xlsx' ? $path : null);
                    array_push($lines, ...array_map(fn (string $line) => "  $line", $written));
                } catch (Refusal $refusal) {
                    $lines[] = '  refused: '.$refusal->getMessage();
                }
            }
            unlink($path);
        }
        $this->assertPicture("wild.back.$ending", $lines);
    }

    public function test_the_pages_of_files_of_another_library(): void
    {
        $lines = [];
        for ($seed = 1_101; $seed <= 1_105; $seed++) {
            [$workbook, $path] = self::book($seed, 'xlsx');
            unlink($path);
            foreach ($workbook->sheets as $number => $sheet) {
                // As the file says, and each of them on small pages of several kinds.
                foreach ([null, ['paper' => 'A6', 'wide' => 0, 'turn' => 'upright', 'scale' => 130, 'numbers' => true, 'gridlines' => true],
                    ['paper' => 'A5', 'order' => 'across', 'wide' => 1, 'least' => 6, 'mono' => true, 'errors' => 'dashes']] as $says) {
                    $paged = $says === null ? $sheet : $sheet->withAspects(new PageSetup(PageRules::none(), PageRules::of($says)));
                    $layout = PageLayout::of($paged, $workbook->looks);
                    $drawn = [];
                    for ($page = 1; $page <= min(6, $layout->pages()); $page++) {
                        $canvas = new SvgCanvas($layout->width, $layout->height);
                        (new PagePainter($paged, $workbook->looks, Fonts::shipped(), $workbook->from1904, null, $layout))->paint(
                            $layout->page($page), $canvas, ['page' => (string) $page, 'pages' => (string) $layout->pages()], $page === 1,
                        );
                        $drawn[] = Picture::sum([$canvas->svg()]);
                    }
                    $lines[] = "#$seed $number {$layout->pages()} ".implode(' ', $drawn);
                }
            }
        }
        $this->assertPicture('wild.pages', $lines);
    }

    public function test_what_is_learned_of_files_of_another_library_and_how_they_compare(): void
    {
        $lines = [];
        $before = null;
        for ($seed = 1_151; $seed <= 1_160; $seed++) {
            [$workbook, $path] = self::book($seed, 'xlsx');
            unlink($path);
            try {
                $learned = Learner::of([[$workbook, array_keys($workbook->sheets)]], 'Wild');
                $lines[] = "#$seed ".Picture::sum([$learned->stylebook->toJson()]);
                array_push($lines, ...array_map(fn (Rule $rule) => "  $rule->where ".json_encode($rule->value, JSON_UNESCAPED_UNICODE)
                    ." $rule->cells of $rule->all", $learned->rules));
            } catch (Refusal $refusal) {
                $lines[] = "#$seed {$refusal->getMessage()}";
            }
            if ($before !== null) {
                $beside = new Comparison($before, 1, $workbook, 1);
                array_push($lines, ...array_map(fn (Difference $one) => "  beside: $one->facet $one->part $one->count $one->words",
                    $beside->differences));
            }
            $before = $workbook;
        }
        $this->assertPicture('wild.learned', $lines);
    }

    public function test_newer_data_in_wild_tables(): void
    {
        $lines = [];
        for ($seed = 1_246; $seed <= 1_270; $seed++) {
            $workbook = self::open($seed);
            if ($seed > 1_260) {
                [$workbook, $path] = self::book($seed, 'xlsx');
                unlink($path);
            }
            $table = $workbook->sheet(1)->reading->tables[0] ?? null;
            if ($table === null) {
                continue;
            }
            $rows = self::renewed($workbook, $table, $seed);
            $cells = MemorySheet::of('Newer', $rows);
            $newer = new Workbook('Newer', [1 => new Worksheet($cells, 'Newer', Finder::read(SheetFacts::of($cells)))], new LookBook);
            try {
                $act = new BringAnew(1, $table->range->top, $table->range->left, NewData::of($newer, 1));
                $lines[] = "#$seed ".$act->plan($workbook)->words();
                array_push($lines, ...$this->outcome($act, $workbook));
            } catch (Refusal $refusal) {
                $lines[] = "#$seed refused: ".$refusal->getMessage();
            }
        }
        $this->assertPicture('wild.newer', $lines);
    }

    /**
     * The same table with rows that came, went, and were changed, and of some a column more.
     *
     * @return list<list<bool|float|int|string|null>>
     */
    private static function renewed(Workbook $workbook, TableReading $table, int $seed): array
    {
        $rows = [];
        mt_srand($seed);
        foreach ($workbook->sheet(1)->cells->read($table->range->top, $table->range->bottom) as $row => $cells) {
            $isBody = $table->runAt($row)?->part === Part::Body;
            $cells = array_slice($cells, $table->range->left - 1, $table->range->columns());
            $values = array_map(fn (Cell $cell) => $cell->value, $cells);
            $isBody && mt_rand(1, 4) === 1 && $values[mt_rand(0, count($values) - 1)] = mt_rand(1, 99);
            $more = $seed % 3 === 0
                ? [$isBody ? mt_rand(1, 9) : ($table->runAt($row)?->part === Part::Heading ? 'More' : null)]
                : [];
            $isBody && mt_rand(1, 5) === 1 || $rows[] = [...$values, ...$more];
            $isBody && mt_rand(1, 5) === 1 && $rows[] = [...array_slice($values, 0, -1), 'late '.$row];
        }
        mt_srand();

        return $rows;
    }
}
