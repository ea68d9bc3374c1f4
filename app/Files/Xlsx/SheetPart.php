<?php

declare(strict_types=1);

namespace App\Files\Xlsx;

use App\Files\Writing\DressedRows;
use App\Files\Writing\RowMarks;
use Rilvet\Dressed\NamedStyle;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Length;
use Rilvet\Measure\Ruler;
use Rilvet\Package\PackedPart;
use Rilvet\Paper\Printed;
use Rilvet\Text\Fonts;
use Rilvet\Work\Extent;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\CellXml;
use Rilvet\Xlsx\Frame\Framed;
use Rilvet\Xlsx\SheetFrame;
use Rilvet\Xlsx\StripeConditions;
use Rilvet\Xlsx\StylesWriting;

/**
 * One worksheet part (ISO/IEC 29500-1 18.3.1.99), written to a stream row by row.
 *
 * @phpstan-import-type Stored from Cell
 * @phpstan-import-type Condition from StripeConditions
 */
final class SheetPart
{
    /** @var array<int, int> by number of what is worn */
    private array $formats = [];

    /** @var array<int, int> of whole columns */
    private array $columnFormats = [];

    /** Rows that wear different things which are kept in mind. */
    private const ROWS = 1_000;

    /** @var array<string, list<array{string, string, ResolvedLook|null}>> by what rows have in common */
    private array $rowCells = [];

    private readonly DressedRows $lines;

    private readonly Ruler $ruler;

    /**
     * @param  list<Condition>  $conditions  stripes in the place of fills
     * @param  int  $tables  tables of the format, by the relationships rId1 and on
     */
    public function __construct(
        private readonly Worksheet $sheet,
        LookBook $looks,
        private readonly StylesWriting $styles,
        private readonly PackedPart $out,
        private readonly RowMarks $marks,
        private readonly array $conditions,
        private readonly Printed $pages,
        private readonly int $tables = 0,
    ) {
        $this->lines = new DressedRows($sheet, $looks);
        $this->ruler = new Ruler(Fonts::shipped());
    }

    /** @param  (callable(int): void)|null  $progress */
    public function write(bool $first, ?callable $progress): void
    {
        $setup = $this->sheet->setup;
        $columns = $this->lines->columns();
        $rows = $this->lines->rows();
        $frame = new SheetFrame($this->sheet->name, $this->framed($first, $columns));
        $this->put($frame->first(Xml::MAIN, Xml::RELATIONS,
            'A1'.($rows * $columns > 1 ? ':'.Address::columnName(max(1, $columns)).max(1, $rows) : '')));
        foreach ($this->lines->stored() as $row => $stored) {
            $stored === [] || $this->marks->add($row, $stored);
            if (! $this->lines->isBare($row, $stored) || $setup->sizes->ownHeight($row) !== null || $setup->sizes->hidesRow($row)) {
                $this->put($this->row($row, $stored, $this->lines->columnsOf(count($stored), $columns)));
            }
            if ($progress !== null && $row % 64 === 0) {
                $progress($row);
            }
        }
        $this->put($frame->last());
    }

    private function framed(bool $first, int $columns): Framed
    {
        $formats = [];
        for ($column = 1; $column <= $columns; $column++) {
            $formats[$column] = $this->columnFormat($column);
        }
        $digit = max(1, $this->ruler->digitWidth($this->sheet->stylebook->ground ?? Look::none()));

        return new Framed($this->sheet, $this->styles, $digit, $this->pages, stripes: $this->conditions, tables: $this->tables,
            isFirst: $first, formats: array_filter($formats));
    }

    private function put(string $xml): void
    {
        $this->out->write($xml);
    }

    /** What a whole column wears that somebody gave a look down to the last row of a worksheet; 0 for nothing of its own. */
    private function columnFormat(int $column): int
    {
        if (! Extent::isWholeColumn($this->sheet, $column)) {
            return 0;
        }

        return $this->columnFormats[$column] ??= $this->format($this->lines->dressed->at(Address::ROWS, $column), false);
    }

    /** @param  list<Stored>  $stored */
    private function row(int $row, array $stored, int $columns): string
    {
        $setup = $this->sheet->setup;
        [$key, $looks] = $this->lines->dressed->stretch($row, 1, $columns);
        $cells = $key === null ? $this->cellsOf($looks) : $this->rowCells["$columns|$key"] ??= $this->cellsOf($looks);
        $xml = '';
        foreach ($cells as $index => [$start, $end, $clipped]) {
            $value = $stored[$index] ?? null;
            if ($clipped !== null && is_string($value) && $this->spills($value, $clipped, $index + 1)) {
                $end = $this->end($this->formats[-1 - $clipped->number] ??= $this->format($clipped, true));
            }
            if (is_string($value) && $value !== '') {
                $xml .= $start.$row.$end.' t="inlineStr">'.CellXml::inline($value);
            } elseif (is_int($value)) {
                $xml .= "$start$row$end><v>$value</v></c>";
            } elseif (is_float($value)) {
                $xml .= "$start$row$end><v>".json_encode($value).'</v></c>';
            } elseif ($value === null || $value === '') {
                $xml .= $end === '"'
                    ? ($this->columnFormat($index + 1) > 0 ? "$start$row\" s=\"0\"/>" : '')
                    : "$start$row$end/>";
            } else {
                $xml .= CellXml::of(
                    Address::columnName($index + 1).$row,
                    $this->formats[$looks[$index + 1]->number],
                    Cell::fromStored($value),
                );
            }
        }
        $height = $setup->sizes->ownHeight($row);
        $hidden = $setup->sizes->hidesRow($row);
        if ($xml === '' && $height === null && ! $hidden) {
            return '';
        }

        $size = $height === null ? ''
            : ' ht="'.Length::points($height).'"'.($this->lines->isAutomatic($row) ? '' : ' customHeight="1"');

        return "<row r=\"$row\"$size".($hidden ? ' hidden="1"' : '')
            .($xml === '' ? '/>' : ">$xml</row>");
    }

    /**
     * What the cells of a row have in common with those of all rows that wear the same.
     *
     * @param  array<int, ResolvedLook>  $looks  by column
     * @return list<array{string, string, ResolvedLook|null}> xml before and after the number of the row; what is worn where texts are
     *     cut off
     */
    private function cellsOf(array $looks): array
    {
        if (count($this->rowCells) > self::ROWS) {
            $this->rowCells = [];
        }
        $cells = [];
        foreach ($looks as $column => $worn) {
            $cells[] = [
                '<c r="'.Address::columnName($column),
                $this->end($this->formats[$worn->number] ??= $this->format($worn, false)),
                $worn->look->is(Attribute::Clip) ? $worn : null,
            ];
        }

        return $cells;
    }

    private function end(int $format): string
    {
        return $format === 0 ? '"' : "\" s=\"$format\"";
    }

    private function spills(string $text, ResolvedLook $worn, int $column): bool
    {
        return ! $worn->look->is(Attribute::Wrap) &&
            $this->ruler->width($text, $worn->look) > $this->sheet->setup->sizes->widthOf($column) - Ruler::PADDING;
    }

    /**
     * @param  bool  $clipped  the format has no word for a text that is cut off at the edge, but "fill" shows it just so: once, where
     *     it is longer than its cell (18.18.40)
     */
    private function format(ResolvedLook $worn, bool $clipped): int
    {
        if ($worn->entries === []) {
            return 0;
        }
        $style = NamedStyle::of($this->sheet, $worn);
        $named = $style === null ? null : $this->styles->name($style->name, $style->look);
        $look = $clipped ? $worn->look->under(Look::of(['horizontal' => 'fill'])) : $worn->look;

        return $this->styles->format(0, $this->styles->look(0)->under($look), $named);
    }
}
