<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Cell;
use Rilvet\Grid\FilledRows;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Package\PackedPart;
use Rilvet\Paper\Printed;
use Rilvet\Work\Extent;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\Frame\Framed;

/**
 * Writes a worksheet part as it is, with another format where a cell wears another look, another size where one was set,
 * and another value where one was typed. What is not touched goes through as the bytes that it was; where nothing was, the
 * part is not needed at all.
 *
 * @phpstan-import-type Stored from Cell
 */
final class SheetRewrite
{
    /** Something was written that differs from what was read. */
    public bool $isChanged = false;

    private readonly DressedSheet $dressed;

    private readonly CellLooks $looks;

    private readonly RowReader $reader;

    private readonly int $columns;

    /** A few cells far apart: blank rows and columns between them are not gone through. */
    private readonly bool $isSparse;

    /** The last row to which somebody gave a look. */
    private readonly int $touched;

    private const USUAL = 60;

    /** The last row that is written. */
    private readonly int $last;

    /** @var array<string, string> attributes of a cell with another format, by what they were and the format */
    private array $attributes = [];

    private string $root = '<worksheet>';

    /** What stands around the rows; begun with the first of them. */
    private ?SheetFrame $frame = null;

    /** @var array<string, array<int, string>> attributes of a cell by what they were and the number of what it wears */
    private array $worn = [];

    /** @var array<int, list<string>> letters of the first so many columns */
    private array $lines = [];

    private readonly RowSize $size;

    /** Where no cell was; known with the head of the part. */
    private AbsentCells $absent;

    /** Null where no cell was edited. */
    private readonly ?EditedCells $edited;

    public function __construct(
        private readonly Book $book,
        private readonly BookSheet $from,
        private readonly Worksheet $sheet,
        LookBook $looks,
        private readonly StylesWriting $styles,
        bool $isEdited,
        private readonly Moves $moves = new Moves([], ''),
        private readonly NamedPlaces $places = new NamedPlaces([]),
        private readonly ?Printed $pages = null,
    ) {
        $this->dressed = new DressedSheet($sheet, $looks);
        $this->looks = new CellLooks($sheet, $styles);
        $this->reader = new RowReader($isEdited ? $book->texts() : [], [], $from->part, from1904: $book->from1904());
        $this->isSparse = FilledRows::isSparse($sheet->cells);
        [$this->last, $columns] = Extent::of($sheet);
        [$this->touched, $across] = $sheet->hand->reach();
        $this->columns = $this->isSparse
            ? max([min(self::USUAL, $columns), $across, ...array_map(fn (Range $merge) => $merge->right, $sheet->setup->merges)])
            : $columns;
        $sizes = $sheet->setup->sizes;
        // A fitted sheet holds the heights that it was given (18.3.1.73).
        $this->size = new RowSize($sizes, $sheet->fitted === null ? $sizes->followingRows() : []);
        $this->edited = $isEdited ? new EditedCells($sheet->cells, $this->reader, $from->part) : null;
    }

    /** A formula was written that differs: the order of calculation that the package keeps no longer holds. */
    public function formulasChanged(): bool
    {
        return $this->edited->formulasChanged ?? false;
    }

    /** @return array{int, list<string>} formulas that give something else than they did, and the first of their addresses */
    public function results(): array
    {
        return [$this->edited->countResults ?? 0, $this->edited->results ?? []];
    }

    /** @param  (callable(int): void)|null  $progress  told the number of rows done */
    public function write(PackedPart $out, ?callable $progress = null): void
    {
        $stream = new SheetStream($this->book->package, $this->from->part);
        $next = 1;
        $begun = false;
        $rows = $this->moves->isEmpty()
            ? $stream->rows()
            : (new MovedRows($this->moves, $this->from->part, fn () => $this->root))->of($stream->rows());
        $this->isChanged = ! $this->moves->isEmpty();
        foreach ($rows as $row => [$attributes, $xml]) {
            if (! $begun) {
                $out->write($this->begin($stream->head));
                $begun = true;
            }
            for (; $next < $row; $next++) {
                $out->write($this->missing($next, $this->edited?->at($next)));
            }
            $out->write($this->row($row, $attributes, $xml, $this->edited?->at($row)));
            $next = $row + 1;
            if ($progress !== null && $row % 64 === 0) {
                $progress($row);
            }
        }
        if (! $begun) {
            $out->write($this->begin($stream->head));
        }
        $last = max([$this->last, ...array_keys($this->sheet->setup->sizes->heights)]);
        for (; $next <= $last; $next++) {
            $out->write($this->missing($next, $this->edited?->at($next)));
        }
        $tail = $this->frame?->tail($stream->tail) ?? $stream->tail;
        $this->isChanged = $this->isChanged || $tail !== $stream->tail;
        $out->write($tail);
        $out->end();
    }

    private function begin(string $head): string
    {
        $this->reader->within($head);
        if (preg_match('~<worksheet\b[^>]*>~', $head, $found) === 1) {
            $this->root = $found[0];
        }
        $skeleton = new SheetSkeleton($head, '</sheetData></worksheet>', $this->from->part);
        $had = $skeleton->columnFormats(16_384);
        $formats = [];
        for ($column = 1; $column <= max(200, $this->columns); $column++) {
            $was = $had[$column] ?? RowReader::NONE;
            $formats[$column] = [$was, $this->looks->format($was, $this->dressed->at(1_048_576, $column), $column, isAbsent: true)];
        }
        $has = array_map(fn (array $pair) => $pair[1] ?? 0, $formats) + $had;
        $this->absent = new AbsentCells($this->looks, $this->dressed, $had, $has);
        $formats = array_filter($formats, fn (array $pair) => $pair[0] !== ($pair[1] ?? RowReader::NONE));
        $this->frame = new SheetFrame($this->from->part, new Framed($this->sheet, $this->styles, $this->book->digit(), $this->pages,
            $this->book->colours, $this->book->conditionsIn(), formats: array_map(fn (array $pair) => $pair[1] ?? 0, $formats)),
            $this->moves, $this->places);
        $written = $this->frame->head($head);
        $this->isChanged = $this->isChanged || $written !== $head;

        return $written;
    }

    /**
     * A row that is not in the part.
     *
     * @param  list<Cell>|null  $model
     */
    private function missing(int $row, ?array $model): string
    {
        $xml = $this->isSparse && ($model ?? []) === [] && $row > $this->touched ? '' : $this->cellsOf($row, [], RowReader::NONE, $model);
        $size = $this->size->on($row, '');
        if ($xml === '' && $size === '') {
            return '';
        }
        $this->isChanged = true;

        return "<row r=\"$row\"$size".($xml === '' ? '/>' : ">$xml</row>");
    }

    /** @param  list<Cell>|null  $model */
    private function row(int $row, string $attributes, string $xml, ?array $model): string
    {
        $size = $this->size->on($row, $attributes);
        $own =
            strpbrk($attributes, 's') !== false &&
            preg_match('~\scustomFormat="(?:1|true)"~', $attributes) === 1 &&
            preg_match('~\ss="(\d+)"~', $attributes, $found) === 1
                ? (int) $found[1]
                : RowReader::NONE;
        $count = preg_match_all(RowReader::WHOLE, $xml, $found);
        $isCommon = $count !== false && strlen(implode('', $found[0])) === strlen($xml);
        $written = $isCommon && $model === null ? $this->quick($row, $found[1], $found[2], $found[3]) : null;
        if ($written !== null) {
            $this->isChanged = $this->isChanged || $size !== $attributes || $written !== $xml;

            return "<row$size>$written</row>";
        }
        $cells = ($isCommon ? RowCells::common($found, $this->reader) : null)
            ?? RowCells::odd($row, $xml, $this->root, $this->from->part);
        $written = $this->cellsOf($row, $cells, $own, $model === null ? null : $this->edited?->edits($row, $xml, $model, $this->root));
        if ($written !== $xml) {
            $this->isChanged = true;
            if (count($cells) !== substr_count($written, '<c ')) {
                // Cells were added; how far the row reaches is only a hint, and is left out where it no longer holds (18.3.1.73).
                $size = (string) preg_replace('~\sspans="[^"]*"~', '', $size);
            }
        }
        $this->isChanged = $this->isChanged || $size !== $attributes;

        return "<row$size".($written === '' ? '/>' : ">$written</row>");
    }

    /**
     * A row of which every column has a cell, in order, and none was edited: nearly all rows of a table are such.
     *
     * @param  list<string>  $letters
     * @param  list<string>  $attributes
     * @param  list<string>  $rest
     */
    private function quick(int $row, array $letters, array $attributes, array $rest): ?string
    {
        $count = count($letters);
        if (
            $count === 0 ||
            $count < $this->columns ||
            $letters !== ($this->lines[$count] ??= array_map(Place::letters(...), range(1, $count)))
        ) {
            return null;
        }
        $worn = $this->dressed->row($row, $count);
        $xml = '';
        foreach ($attributes as $index => $had) {
            $number = $worn[$index]->number;
            $now = $this->worn[$had][$number] ?? $this->wears($had, $worn[$index], $index + 1);
            if ($now === null) {
                return null;
            }
            $xml .= "<c r=\"{$letters[$index]}$row\"$now{$rest[$index]}";
        }

        return $xml;
    }

    /** Attributes of a cell for what it wears; null where that depends on more. */
    private function wears(string $had, ResolvedLook $worn, int $column): ?string
    {
        $format = $had === '' ? 0 : $this->reader->format($had);
        if ($format === null || $worn->look->is(Attribute::Clip)) {
            return null;
        }
        $target = $this->looks->format($format, $worn, $column) ?? 0;

        return $this->worn[$had][$worn->number] = $target === $format ? $had : self::wearing($had, $target);
    }

    /**
     * @param  list<array{int, int, string, string}>  $cells
     * @param  int  $own  the format of the row, or NONE
     * @param  list<Cell|null>|null  $model  what cells hold now, by column; null where a cell is as it was
     */
    private function cellsOf(int $row, array $cells, int $own, ?array $model): string
    {
        [$key, $worn] = $this->dressed->stretch($row, 1, $this->columns);
        $blanks = $model === null && $key !== null ? $this->absent->ofRow($own, $key, $worn) : null;
        if ($cells === [] && $blanks !== null) {
            return $blanks === [] ? '' : AbsentCells::placed($row, $blanks);
        }
        $worn = array_values($worn);
        $xml = '';
        $next = 1;
        foreach ($cells as [$column, $format, $text, $attributes]) {
            for (; $next < $column && $blanks !== []; $next++) {
                $xml .= $this->absent->at($row, $next, $own, $worn[$next - 1] ?? null, $model[$next - 1] ?? null);
            }
            $next = $column + 1;
            $wears = $worn[$column - 1] ?? $this->dressed->at($row, $column);
            $edited = $model[$column - 1] ?? null;
            $target =
                $this->looks->format(
                    $format,
                    $wears,
                    $column,
                    $wears->look->is(Attribute::Clip) ? fn () => $edited ?? $this->shown($row, $column, $text) : null,
                ) ?? 0;
            if ($edited !== null) {
                $xml .= CellXml::of(
                    Place::address($row, $column),
                    $target,
                    $edited,
                    $edited->array !== null && preg_match('~\scm="\d+"~', $attributes, $dynamic) === 1 ? $dynamic[0] : '',
                );
            } elseif ($target === $format) {
                $xml .= $text;
            } else {
                $start = strpos($text, '"', 6) + 1;
                $xml .=
                    substr($text, 0, $start).
                    ($this->attributes["$target|$attributes"] ??= self::wearing($attributes, $target)).
                    substr($text, $start + strlen($attributes));
            }
        }
        for ($last = max($this->columns, $model === null ? 0 : count($model)); $next <= $last && $blanks !== []; $next++) {
            $xml .= $this->absent->at($row, $next, $own, $worn[$next - 1] ?? null, $model[$next - 1] ?? null);
        }

        return $xml;
    }

    private function shown(int $row, int $column, string $xml): Cell
    {
        $reader = new RowReader($this->book->texts(), [], $this->from->part, $this->root, $this->book->from1904());
        [$stored] = $reader->cells($row, $xml);

        return Cell::fromStored($stored[$column - 1] ?? null);
    }

    private static function wearing(string $attributes, int $format): string
    {
        $left = (string) preg_replace('~\ss="[^"]*"~', '', $attributes);

        return ($format === 0 ? '' : " s=\"$format\"").$left;
    }
}
