<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\CellIsWrong;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Intake\DateText;
use Rilvet\Intake\NumberText;
use Rilvet\Intake\Tokeniser;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Number\FormatClass;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Cascade;
use Rilvet\Work\FileHints;
use Rilvet\Work\Workbook;

/**
 * Types texts into cells: an act on data, named as such. A text that reads as a number, in the format that the cell has,
 * becomes one: 3 in a percent cell is 3 %. An apostrophe in front keeps any text a text.
 */
final readonly class EditCells implements Act, ChangesSizes, EditsCells
{
    /** A sheet of at most so many rows is read anew after an edit. */
    private const READ_ANEW = 5_000;

    /** @param  array<int, array<int, string|Cell>>  $texts as typed, or as another cell holds it; by row, then by column */
    public function __construct(private int $sheet, private array $texts)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        Targets::open($sheet);
        $cascade = new Cascade($sheet, $workbook->looks);
        $edits = [];
        $hand = null;
        foreach ($this->texts as $row => $cells) {
            foreach ($cells as $column => $text) {
                if ($text instanceof Cell) {
                    $edits[$row][$column] = $text;

                    continue;
                }
                if (mb_strlen($text) > Tokeniser::CELL) {
                    throw CellIsWrong::tooLong(Address::columnName($column).$row, mb_strlen($text));
                }
                $text = str_replace("\r\n", "\n", $text);
                $code = $cascade->at($row, $column)->look->text(Attribute::Number);
                $edits[$row][$column] = $cell = $sheet->typing !== null && ! str_starts_with($text, '=') ? Cell::of($text) : self::cell($text, $code);
                $wanted = $cell->formula !== null && FormatClass::of($code) === FormatClass::General
                    ? FormulaFormat::of($cell->formula, fn (int $at, int $beside) => $cascade->at($at, $beside)->look->text(Attribute::Number))
                    : null;
                if ($wanted !== null) {
                    $hand ??= clone $sheet->hand;
                    $hand->map(Range::of($row, $column, $row, $column), fn (int $old) => $workbook->looks->number($workbook->looks->look($old)->under(Look::of([Attribute::Number->value => $wanted]))));
                }
            }
        }
        $cells = new EditedSheet($sheet->cells, $edits);
        $found = $cells->rows() <= self::READ_ANEW
            ? Finder::read(SheetFacts::of($cells, new FileHints($sheet->file, $workbook->looks, $sheet->came, $sheet->typing)))
            : $sheet->found;

        $sheet = $sheet->readAs($found, $cells, $sheet->typing);

        return $workbook->withSheet($this->sheet, $hand === null ? $sheet : $sheet->touched($hand));
    }

    public function editedCells(): array
    {
        return [$this->sheet => RangeSet::around($this->texts)];
    }

    public function changesSizes(): bool
    {
        return true;
    }

    public function words(Workbook $workbook): string
    {
        $count = array_sum(array_map(count(...), $this->texts));
        $row = (int) array_key_first($this->texts);

        return $count === 1 ? 'Data: '.Address::columnName((int) array_key_first($this->texts[$row])).$row.' typed' : "Data: $count cells typed";
    }

    private static function cell(string $text, string $format): Cell
    {
        if (str_starts_with($text, "'")) {
            return Cell::of(substr($text, 1));
        }
        if (str_starts_with($text, '=') && strlen($text) > 1) {
            return Cell::formula(substr($text, 1), null);
        }
        $class = FormatClass::of($format);
        if ($class === FormatClass::Text) {
            return Cell::of($text);
        }
        $upper = strtoupper(trim($text));
        if ($upper === 'TRUE' || $upper === 'FALSE') {
            return Cell::of($upper === 'TRUE');
        }
        // Leading zeros and long digits are codes, typed by hand or not.
        $isCode = preg_match('/^0\d+$|^\d{16,}$/', trim($text)) === 1;
        $number = $isCode ? null : NumberText::parse($text, '.');
        if ($number !== null) {
            return Cell::of($class === FormatClass::Percent && ! str_contains($text, '%') ? $number / 100 : $number);
        }

        return Cell::of(DateText::time($text) ?? DateText::parse($text, 'dmy') ?? $text);
    }
}
