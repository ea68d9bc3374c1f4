<?php

// Workbooks as packages: read into blocks, dressed and written back, written anew, one look said in the styles alone.
// `php bench/packages.php` measures 50,000 rows by 20 columns; `php bench/packages.php 1000000 10` another size;
// `--peer` adds the general-purpose library in the same run, which takes minutes. Each figure comes from a process of its
// own: seconds, and megabytes resident.
declare(strict_types=1);

use App\Files\Limits;
use App\Files\Opening;
use App\Files\Xlsx\PackageWriter;
use App\Files\Xlsx\XlsxWriter;
use PhpOffice\PhpSpreadsheet\IOFactory;
use Rilvet\Act\Dress;
use Rilvet\Act\Format;
use Rilvet\Act\Targets;
use Rilvet\Grid\Address;
use Rilvet\Grid\BlockStore;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;
use Rilvet\Package\PackedPart;
use Rilvet\Package\ZipReader;
use Rilvet\Package\ZipWriter;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Workbook;
use Tests\HandMade;

require __DIR__.'/../vendor/autoload.php';

/** Half numbers, half texts, of which a fifth are different: as tables are. */
function made(string $path, int $rows, int $columns): void
{
    mt_srand(5);
    $words = ['alder', 'birch', 'rowan', 'willow', 'aspen', 'hazel', 'maple', 'elder', 'thorn', 'gorse'];
    $parts = HandMade::parts('');
    $out = fopen($path, 'w+b');
    assert($out !== false);
    $zip = new ZipWriter($out);
    foreach (array_diff_key($parts, ['xl/sharedStrings.xml' => 1, 'xl/worksheets/sheet1.xml' => 1]) as $name => $xml) {
        $zip->add($name, $xml);
    }
    $texts = [];
    $sheet = new PackedPart(6);
    $sheet->write('<worksheet xmlns="'.HandMade::MAIN.'"><sheetData>');
    for ($row = 1; $row <= $rows; $row++) {
        $xml = "<row r=\"$row\" spans=\"1:$columns\">";
        for ($column = 1; $column <= $columns; $column++) {
            $address = Address::columnName($column).$row;
            if ($row === 1 || $column % 2 === 1) {
                $text = $row === 1 ? "Heading $column" : $words[mt_rand(0, 9)].' '.mt_rand(1, 20_000);
                $number = $texts[$text] ??= count($texts);
                $xml .= "<c r=\"$address\"".($row === 1 ? ' s="1"' : '')." t=\"s\"><v>$number</v></c>";
            } else {
                $xml .=
                    "<c r=\"$address\"".
                    ($column % 6 === 0 ? ' s="2"><v>'.mt_rand(40_000, 46_000) : '><v>'.mt_rand(0, 9_999_999) / 100).
                    '</v></c>';
            }
        }
        $sheet->write("$xml</row>");
    }
    $sheet->write('</sheetData></worksheet>');
    $sheet->end();
    $zip->place('xl/worksheets/sheet1.xml', $sheet);
    $list = new PackedPart(6);
    $list->write('<sst xmlns="'.HandMade::MAIN.'">');
    foreach (array_keys($texts) as $text) {
        $list->write("<si><t>$text</t></si>");
    }
    $list->write('</sst>');
    $list->end();
    $zip->place('xl/sharedStrings.xml', $list);
    $zip->finish();
    fclose($out);
}

/** Blocks in a database file, as the application keeps them. */
function store(): BlockStore
{
    return new class implements BlockStore
    {
        private PDO $pdo;

        public function __construct()
        {
            $this->pdo = new PDO('sqlite:'.tempnam(sys_get_temp_dir(), 'blocks'));
            $this->pdo->exec('pragma journal_mode = off; pragma synchronous = off; create table b (n integer primary key, d blob)');
        }

        public function block(int $number): ?string
        {
            $found = $this->pdo->query("select d from b where n = $number");
            $data = $found === false ? null : $found->fetchColumn();

            return is_string($data) ? $data : null;
        }

        public function put(int $number, string $data): void
        {
            $this->pdo->prepare('insert or replace into b values (?, ?)')->execute([$number, $data]);
        }
    };
}

function opened(string $path): Workbook
{
    return (new Opening(fn (int $sheet) => store(), new Limits(ratio: 1_000, expanded: 8_000_000_000)))->open($path, 'bench.xlsx');
}

if (($argv[1] ?? '') === '--one') {
    [, , $what, $path] = $argv;
    ini_set('memory_limit', '8G');
    $workbook = in_array($what, ['restyle', 'anew', 'styles'], true) ? opened($path) : null;
    if ($workbook !== null && $what !== 'styles') {
        $workbook = (new Dress([1], Builtin::named('River ledger')))->on($workbook);
    }
    if ($workbook !== null && $what === 'styles') {
        $workbook = (new Format(
            new Targets([1], RangeSet::parse('A1:'.Address::columnName($workbook->sheet(1)->cells->columns()).'1')),
            Look::of(['italic' => true]),
        ))->on($workbook);
    }
    gc_collect_cycles();
    @file_put_contents('/proc/self/clear_refs', '5');
    $start = microtime(true);
    match ($what) {
        'unzip' => array_map(function (string $name) use ($path) {
            $stream = fopen($path, 'rb');
            assert($stream !== false);
            foreach (ZipReader::of($stream)->pieces($name) as $piece) {
                unset($piece);
            }
        }, ['xl/worksheets/sheet1.xml', 'xl/sharedStrings.xml']),
        'walk' => (function () use ($path) {
            $reader = new XMLReader;
            $reader->open("zip://$path#xl/worksheets/sheet1.xml", null, LIBXML_PARSEHUGE);
            while ($reader->read());
        })(),
        'read' => opened($path),
        'restyle', 'styles' => (new PackageWriter($path, []))->write($workbook ?? throw new LogicException, "$path.out"),
        'anew' => (new XlsxWriter)->write($workbook ?? throw new LogicException, "$path.out"),
        'peer read' => IOFactory::load($path),
        'peer restyle' => (function () use ($path) {
            $book = IOFactory::load($path);
            $book->getActiveSheet()->getStyle($book->getActiveSheet()->calculateWorksheetDimension())->getFont()->setName('Gelasio');
            IOFactory::createWriter($book, 'Xlsx')->save("$path.out");
        })(),
        default => throw new LogicException($what),
    };
    $seconds = microtime(true) - $start;
    preg_match('/VmHWM:\s+(\d+)/', (string) file_get_contents('/proc/self/status'), $peak);
    echo json_encode([$seconds, (int) (($peak[1] ?? 0) / 1024)]);
    exit;
}

$given = array_values(array_filter(array_slice($argv, 1), fn (string $word) => ctype_digit($word)));
[$rows, $columns] = [(int) ($given[0] ?? 50_000), (int) ($given[1] ?? 20)];
$path = sys_get_temp_dir()."/rilvet-bench-{$rows}x$columns.xlsx";
is_file($path) || made($path, $rows, $columns);
printf("%s rows by %d columns, %.1f MB\n", number_format($rows), $columns, (int) filesize($path) / 1048576);
$list = [
    'unzip' => 'floor: inflated and checked',
    'walk' => 'floor: a bare xml walk over the sheet',
    'read' => 'read into blocks, with its parts and column kinds',
    'restyle' => 'dressed, and written back into its package',
    'anew' => 'written anew',
    'styles' => 'a look that the styles alone say, written back',
];
if (in_array('--peer', $argv, true)) {
    $list += ['peer read' => 'the general-purpose library reads it', 'peer restyle' => 'the same reads it, sets one font, writes it'];
}
foreach ($list as $what => $words) {
    $out = [];
    exec(escapeshellarg(PHP_BINARY).' '.escapeshellarg(__FILE__)." --one '$what' ".escapeshellarg($path), $out);
    $answer = json_decode($out[0] ?? '', true);
    $seconds = is_array($answer) && is_numeric($answer[0]) ? (float) $answer[0] : NAN;
    $peak = is_array($answer) && is_int($answer[1]) ? $answer[1] : 0;
    printf("%-52s %7.2f s %6d MB resident\n", $words, $seconds, $peak);
}
@unlink("$path.out");
array_map(unlink(...), glob(sys_get_temp_dir().'/blocks*') ?: []);
