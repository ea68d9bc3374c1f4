<?php

declare(strict_types=1);

namespace App\Files;

use Rilvet\Fit\GrownRows;
use Rilvet\Grid\Address;
use Rilvet\Grid\Aspect;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Package\PackageXml;
use Rilvet\Work\Setup;
use Rilvet\Work\Tab;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\BookSheet;
use Rilvet\Xlsx\Frame\FramePieces;
use Rilvet\Xlsx\Place;
use Rilvet\Xlsx\RowReader;
use Rilvet\Xlsx\SheetSkeleton;
use Rilvet\Xlsx\SheetStream;

/**
 * The rows of one worksheet of a package with the looks that their cells wear: their own, else that of their row, else
 * that of their column (ISO/IEC 29500-1 18.3.1.4, 18.3.1.13, 18.3.1.73).
 *
 * @phpstan-import-type Stored from Cell
 */
final class IncomingRows
{
    private readonly SheetStream $stream;

    private ?Range $filter = null;

    /** @var list<Aspect> */
    private array $aspects = [];

    /** @var array<int, float> pt, by row */
    private array $heights = [];

    /** @var array<int, true> rows that say to be as high as the usual, as keys */
    private array $usual = [];

    /** Whether the usual height is the own one of all rows, whatever they hold (18.3.1.81). */
    private bool $isUsual = false;

    /** @var array<int, true> rows whose height is said to be their own, as keys */
    private array $fixed = [];

    /** @var list<int> */
    private array $hidden = [];

    /** @var array<int, int> look of whole columns, by column */
    private array $columnLooks = [];

    /** @var array<string, list<int>> */
    private array $memo = [];

    private int $next = 1;

    /** The last column that the sheet says it uses, as far as that is believed. */
    private int $reach = 0;

    /**
     * @param  list<string>  $codes  number formats by the number of the cell format
     * @param  list<int>  $looks  numbers of looks by the number of the cell format
     */
    public function __construct(
        private readonly Book $book,
        private readonly BookSheet $sheet,
        private readonly array $codes,
        private readonly array $looks,
    ) {
        $this->stream = new SheetStream($book->package, $sheet->part);
    }

    /** @return iterable<int, array{list<Stored>, list<int>, string}> stored cells, looks, signature; by row */
    public function read(): iterable
    {
        $reader = new RowReader($this->book->texts(), $this->codes, $this->sheet->part, from1904: $this->book->from1904());
        $usual = null;
        foreach ($this->stream->rows() as $row => [$attributes, $xml]) {
            $usual ??= $this->begin($reader);
            [$stored, $formats, $signature] = $reader->cells($row, $xml);
            $own = strpbrk($attributes, 'hs') === false ? null : $this->row($row, $attributes, $usual);
            // Rows that are not there wear what their columns do.
            for (; $this->columnLooks !== [] && $this->next < $row; $this->next++) {
                yield $this->next => [[], $this->worn([], null), ''];
            }
            $this->next = $row + 1;
            yield $row => [$stored, $this->worn($formats, $own), $signature];
        }
        $usual ?? $this->begin($reader);
    }

    /** The sheet as it is seen: rows of which nothing is said are as high as what they hold wants. */
    public function grown(Worksheet $sheet, Workbook $workbook): Worksheet
    {
        return GrownRows::seen($sheet, $workbook, $this->usual);
    }

    /** What the columns wear below the last row. */
    public function below(SheetIntake $intake): void
    {
        if ($this->columnLooks !== []) {
            $intake->wear($intake->rows() + 1, Address::ROWS, $this->worn([], null));
        }
    }

    /** @return list<Aspect> what else the sheet brings along; known once the set-up was asked for */
    public function aspects(): array
    {
        return $this->aspects;
    }

    /** What the file filters; known once the set-up was asked for. */
    public function filter(): ?Range
    {
        return $this->filter;
    }

    public function setup(int $digit, int $columns): Setup
    {
        $skeleton = new SheetSkeleton($this->stream->head, $this->stream->tail, $this->sheet->part);

        $this->filter = $skeleton->filter();
        $this->aspects = FramePieces::read($skeleton, $this->sheet, $this->book);
        $fixed = $this->isUsual && $this->next > 1 ? array_fill(1, $this->next - 1, true) : $this->fixed;
        $setup = $skeleton->setup($digit, $columns, $this->heights, $this->hidden, $this->sheet->state, $fixed);

        return $setup->withTab(new Tab($this->book->colours->of($skeleton->tab()), $this->sheet->state, $setup->tab->protected));
    }

    /** @return float the usual height of a row, pt */
    private function begin(RowReader $reader): float
    {
        $reader->within($this->stream->head);
        $skeleton = new SheetSkeleton($this->stream->head, '</sheetData></worksheet>', $this->sheet->part);
        $this->reach =
            preg_match('~:([A-Z]{1,3})\d+$~', $skeleton->element('dimension')?->getAttribute('ref') ?? '', $found) === 1
                ? min(200, Place::column($found[1]))
                : 0;
        foreach ($skeleton->columnFormats(200) as $column => $format) {
            if (($this->looks[$format] ?? 0) > 0) {
                $this->columnLooks[$column] = $this->looks[$format];
            }
        }
        $format = $skeleton->element('sheetFormatPr');
        $this->isUsual = PackageXml::isOn($format, 'customHeight');

        return (float) ($format?->getAttribute('defaultRowHeight') ?: 15);
    }

    /** What a row says of itself; the number of its format where it has one. */
    private function row(int $row, string $attributes, float $usual): ?int
    {
        if (preg_match('~\sht="([\d.]+)"~', $attributes, $height) === 1 && (float) $height[1] > 0) {
            (float) $height[1] === $usual ? $this->usual[$row] = true : $this->heights[$row] = min(409.5, (float) $height[1]);
        }
        if (preg_match('~\scustomHeight="(?:1|true)"~', $attributes) === 1) {
            $this->fixed[$row] = true;
        }
        if (preg_match('~\shidden="(?:1|true)"~', $attributes) === 1) {
            $this->hidden[] = $row;
        }

        return preg_match('~\ss="(\d+)"~', $attributes, $format) === 1 && preg_match('~\scustomFormat="(?:1|true)"~', $attributes) === 1
            ? (int) $format[1]
            : null;
    }

    /**
     * @param  list<int>  $formats
     * @return list<int>
     */
    private function worn(array $formats, ?int $own): array
    {
        // Rows of a table name the same formats again and again.
        return $this->memo[implode(',', $formats)."|$own"] ??= $this->resolved($formats, $own);
    }

    /**
     * @param  list<int>  $formats
     * @return list<int>
     */
    private function resolved(array $formats, ?int $own): array
    {
        if (count($this->memo) > 2_000) {
            $this->memo = [];
        }
        $worn = [];
        foreach ($formats as $index => $format) {
            $worn[] =
                $format === RowReader::NONE
                    ? ($own === null
                        ? $this->columnLooks[$index + 1] ?? 0
                        : $this->looks[$own] ?? 0)
                    : $this->looks[$format] ?? 0;
        }
        for (
            $column = count($formats) + 1, $last = max($own === null ? 0 : $this->reach, (int) array_key_last($this->columnLooks));
            $column <= $last;
            $column++
        ) {
            $worn[] = $own === null ? $this->columnLooks[$column] ?? 0 : $this->looks[$own] ?? 0;
        }

        return $worn;
    }
}
