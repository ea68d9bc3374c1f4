<?php

declare(strict_types=1);

namespace App\Files;

use Rilvet\Fit\GrownRows;
use Rilvet\Grid\Address;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\BlockStore;
use Rilvet\Intake\Dialect;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Intake\Survey;
use Rilvet\Intake\Tokeniser;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Ods\OdsBook;
use Rilvet\Ods\StyleMaps;
use Rilvet\Ods\Table\TablePieces;
use Rilvet\Package\PackageLimits;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\AsItCame;
use Rilvet\Work\Aspect\PivotRows;
use Rilvet\Work\FileHints;
use Rilvet\Work\Opening as SheetOpening;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Stretches;
use Rilvet\Work\Tab;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\Pivot;

/** Opens a file as a workbook: cells into row blocks, what came with it as layer 1, and a first reading of every sheet. */
final class Opening
{
    /** @var list<string> */
    private array $notices = [];

    /**
     * @param  callable(int): BlockStore  $stores  gives the store of the sheet with that number, from 1
     * @param  (callable(int): void)|null  $progress  told the number of rows done
     */
    public function __construct(
        private $stores,
        private readonly Limits $limits = new Limits,
        private $progress = null,
    ) {
    }

    /**
     * @param  string  $name  the file's own name; its ending helps to tell what it is
     * @param  Dialect|null  $dialect  for delimited text; found by itself where null
     *
     * @throws FileIsWrong
     */
    public function open(string $path, string $name, ?Dialect $dialect = null): Workbook
    {
        $size = filesize($path);
        if ($size === false || $size === 0) {
            throw FileIsWrong::empty();
        }
        if ($size > $this->limits->bytes) {
            throw FileIsWrong::package(
                sprintf(
                    'The file has %s MB; at most %s MB are taken. Split it, or raise the limit in the configuration.',
                    number_format($size / 1048576),
                    number_format($this->limits->bytes / 1048576),
                ),
            );
        }
        $kind = FileKind::of($path, $name);
        $title = self::title($name);
        if ($kind === FileKind::Delimited) {
            return $this->delimited($path, $title, $dialect);
        }
        $stream = fopen($path, 'rb');
        if ($stream === false) {
            throw FileIsWrong::package('The file cannot be read.');
        }
        try {
            return $kind === FileKind::Xlsx ? $this->xlsx($stream, $title) : $this->ods($stream, $title);
        } finally {
            fclose($stream);
        }
    }

    /** @return list<string> what a person should know about the file that was opened last */
    public function notices(): array
    {
        return $this->notices;
    }

    /** The file's name without folder and ending, fit to be a workbook's name. */
    public static function title(string $name): string
    {
        $title = trim((string) preg_replace('/[\x00-\x1F]/', '', pathinfo($name, PATHINFO_FILENAME)));

        return $title === '' ? 'Table' : mb_substr($title, 0, 120);
    }

    private function delimited(string $path, string $title, ?Dialect $dialect): Workbook
    {
        $stream = fopen($path, 'rb');
        if ($stream === false) {
            throw FileIsWrong::package('The file cannot be read.');
        }
        try {
            $dialect ??= Dialect::detect($stream);
            rewind($stream);
            $store = ($this->stores)(1);
            $survey = new Survey($store, $this->limits->cells);
            $survey->take(Tokeniser::ofStream($stream, $dialect)->rows(), $this->progress);
        } finally {
            fclose($stream);
        }
        $typing = $survey->typing($dialect->delimiter);
        $name = self::sheetName($title, []);
        $cells = new BlockSheet($name, $survey->rows(), $survey->columns(), $store, $typing);
        $looks = new LookBook;
        $hints = new FileHints(new LookMap, $looks, new Setup, $typing);
        $reading = Finder::read(new SheetFacts($cells, $survey->signatures(), $hints, $survey->longest()));
        $setup = self::roughWidths($survey->longest());

        $sheet = new Worksheet($cells, $name, $reading, typing: $typing, came: $setup);
        $workbook = new Workbook($title, [1 => $sheet], $looks);

        return $workbook->withSheet(1, GrownRows::seen($sheet, $workbook));
    }

    /** @param  resource  $stream */
    private function ods($stream, string $title): Workbook
    {
        $book = new OdsBook($stream, new PackageLimits($this->limits->entries, $this->limits->expanded, $this->limits->ratio));
        $looks = new LookBook;
        $views = $book->views();
        $sheets = [];
        $names = [];
        foreach ($book->tables() as $table) {
            $number = count($sheets) + 1;
            $name = self::sheetName($table->name, $names);
            $names[] = $name;
            $intake = new SheetIntake($name, ($this->stores)($number), $this->limits, $this->progress);
            /** @var array<string, int> $numbers */
            $numbers = [];
            $numberOf = function (string $style) use ($book, $looks, &$numbers): int {
                return $numbers[$style] ??= $style === '' ? 0 : $looks->number($book->styles->look($style));
            };
            $maps = new StyleMaps($book->styles);
            foreach ($table->rows() as [$first, $count, $stored, $styles]) {
                $maps->row($first, $first + $count - 1, $styles);
                $worn = array_map($numberOf, $styles);
                if ($stored === []) {
                    $worn === [] || $intake->wear($first, $first + $count - 1, $worn);

                    continue;
                }
                for ($row = $first; $row < $first + $count; $row++) {
                    $intake->row($row, $stored, $worn, null);
                }
            }
            $below = array_map($numberOf, $table->below());
            array_filter($below) === [] || $intake->wear($intake->rows() + 1, Address::ROWS, $below);
            [$isShown, $colour, $isMirrored] = $book->styles->table($table->style);
            $view = $views[$table->name] ?? ['freezeRow' => 0, 'freezeColumn' => 0, 'gridlines' => true, 'zoom' => 100];
            $there = fn (int $row) => $row <= $intake->rows();
            $sizes = new Sizes(
                $table->widths, array_filter($table->heights, $there, ARRAY_FILTER_USE_KEY),
                $table->hiddenColumns, array_values(array_filter($table->hiddenRows, $there)),
                fixedRows: Stretches::of(array_filter($table->fixed, $there, ARRAY_FILTER_USE_KEY)),
            );
            $opening = new SheetOpening(
                $view['freezeRow'],
                $view['freezeColumn'],
                $view['gridlines'],
                $view['zoom'],
                rightToLeft: $isMirrored,
            );
            $tab = new Tab($colour, $isShown ? 'visible' : 'hidden', $table->isProtected);
            $sheets[$number] = $intake->sheet(new Setup($sizes, $opening, $table->merges, $tab), $looks)
                ->withAspects(...TablePieces::read($book, $table, $maps));
        }
        if ($sheets === []) {
            throw FileIsWrong::package('There is no worksheet in the workbook.');
        }
        $said = array_map(fn (string $what, int $count) => "$what ($count)", array_keys($book->holds()), $book->holds());
        $this->notices =
            $said === []
                ? []
                : [
                    'The file holds '.
                    implode(', ', $said).
                    ', which a hand-over does not carry. The file you brought in stays as it is.',
                ];

        return new Workbook($title, $sheets, $looks, $book->from1904, $book->names, guard: $book->guard);
    }

    /** @param  resource  $stream */
    private function xlsx($stream, string $title): Workbook
    {
        $book = new Book($stream, new PackageLimits($this->limits->entries, $this->limits->expanded, $this->limits->ratio));
        $looks = new LookBook;
        $formats = $book->formats->looks();
        $numbers = array_map($looks->number(...), $formats);
        $codes = array_map(fn (Look $look) => $look->text(Attribute::Number), $formats);
        $digit = $book->digit();
        $sheets = [];
        $names = [];
        $tables = $book->tables();
        foreach ($book->sheets as $found) {
            $number = count($sheets) + 1;
            $name = self::sheetName($found->name, $names);
            $names[] = $name;
            $intake = new SheetIntake($name, ($this->stores)($number), $this->limits, $this->progress);
            $rows = new IncomingRows($book, $found, $codes, $numbers);
            foreach ($rows->read() as $row => [$stored, $styles, $signature]) {
                $intake->row($row, $stored, $styles, $signature);
            }
            $rows->below($intake);
            $setup = $rows->setup($digit, $intake->columns());
            $sheet = $intake->sheet($setup, $looks, FileHints::said($tables, $number), $rows->filter());
            $sheet = self::pivoted($sheet, $book->pivots($found))->withAspects(...$rows->aspects());
            $sheet = $rows->grown($sheet, new Workbook($title, [$number => $sheet], $looks, $book->from1904()));
            $sheets[$number] = AsItCame::remembered($sheet);
        }
        $this->notices = self::told($book);

        return new Workbook($title, $sheets, $looks, $book->from1904(), $book->names(), $tables, ! $book->asksForResults(),
            guard: $book->guard());
    }

    /**
     * What a pivot table says of its rows goes before what they look like.
     *
     * @param  array<string, Pivot>  $pivots
     */
    private static function pivoted(Worksheet $sheet, array $pivots): Worksheet
    {
        if ($pivots === []) {
            return $sheet;
        }
        $rows = new PivotRows(array_values(array_map(fn (Pivot $pivot) => [$pivot->range, $pivot->runs], $pivots)));

        return $sheet->readAs($rows->over($sheet->found), $sheet->cells, $sheet->typing)->withAspects($rows);
    }

    /** @return list<string> */
    private static function told(Book $book): array
    {
        $holds = $book->holds();
        $signed = isset($holds['signatures']);
        unset($holds['signatures']);
        $said = array_map(fn (string $what, int $count) => "$what ($count)", array_keys($holds), $holds);

        return [
            ...$said === []
                ? []
                : [
                    'The file holds '.
                    implode(', ', $said).
                    '. Pictures are seen here, charts and shapes are boxes at their places, the rest is not drawn; a hand-over as xlsx '
                    .'keeps all of it as it is, the other formats do not carry it.',
                ],
            ...$signed ? ['The file is signed. Any change breaks a signature, so a hand-over leaves it out.'] : [],
        ];
    }

    /**
     * A name that a worksheet can have (at most 31 characters, none of \ / ? * [ ] :, common practice), and that no
     * other sheet of the workbook has.
     *
     * @param  list<string>  $taken
     */
    public static function sheetName(string $name, array $taken): string
    {
        $name = trim((string) preg_replace('#[\\\\/?*\[\]:\x00-\x1F]#u', ' ', $name), " '");
        $name = $name === '' ? 'Sheet' : mb_substr($name, 0, 31);
        $candidate = $name;
        $lower = array_map(mb_strtolower(...), $taken);
        for ($number = 2; in_array(mb_strtolower($candidate), $lower, true); $number++) {
            $candidate = mb_substr($name, 0, 31 - strlen(" $number"))." $number";
        }

        return $candidate;
    }

    /**
     * Text brings no widths; a first guess from the longest texts keeps the raw sheet legible.
     *
     * @param  array<int, list<string>>  $longest
     */
    private static function roughWidths(array $longest): Setup
    {
        $widths = [];
        foreach ($longest as $column => $texts) {
            // A title's length says nothing of its column, so the typical one of the longest texts counts.
            $lengths = array_map(mb_strlen(...), $texts);
            $typical = $lengths === [] ? 8 : $lengths[intdiv(count($lengths), 2)];
            $widths[$column] = max(48, min(240, 7 * $typical + 16));
        }

        return new Setup(new Sizes($widths));
    }
}
