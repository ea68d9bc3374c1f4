<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\CellIsWrong;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Entry\EntryJudges;
use Rilvet\Entry\Exception\EntryIsNotAllowed;
use Rilvet\Entry\Severity;
use Rilvet\Formula\Syntax;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Intake\Tokeniser;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Number\FormatClass;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Aspect\PivotRows;
use Rilvet\Work\FileHints;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Types texts into cells: an act on data, named as such. A text that reads as a number, in the format that the cell has,
 * becomes one: 3 in a percent cell is 3 %. An apostrophe in front keeps any text a text.
 */
final readonly class EditCells implements Joins
{
    /** A sheet of at most so many rows is read anew after an edit. */
    private const READ_ANEW = 5_000;

    /** Cells of them. */
    private const CELLS_ANEW = 100_000;

    /** Cells up to which only checks that may hold on them are read. */
    private const FEW = 50;

    /**
     * @param  array<int, array<int, string|Cell>>  $texts as typed, or as another cell holds it; by row, then by column
     * @param  bool  $keep  what a check only warns of is kept
     * @param  bool  $asReader  locked cells stay as they are, though the sheet is not protected yet
     */
    public function __construct(private int $sheet, private array $texts, private bool $keep = true, private bool $asReader = false)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        $dressed = new DressedSheet($sheet, $workbook->looks);
        $this->asReader ? Targets::unlocked($sheet, $dressed, $this->texts) : Targets::enter($sheet, $dressed, $this->texts);
        $edits = [];
        $hand = null;
        foreach ($this->texts as $row => $cells) {
            foreach ($cells as $column => $text) {
                if ($text instanceof Cell) {
                    $edits[$row][$column] = self::staying($text, $sheet, $column);

                    continue;
                }
                if (mb_strlen($text) > Tokeniser::CELL) {
                    throw CellIsWrong::tooLong(Address::columnName($column).$row, mb_strlen($text));
                }
                $text = str_replace("\r\n", "\n", $text);
                $code = $dressed->at($row, $column)->look->text(Attribute::Number);
                [$cell, $wanted] = $this->read($workbook, $sheet, $row, $column, $text, $code);
                $edits[$row][$column] = $cell;
                if ($cell->formula !== null && FormatClass::of($code) === FormatClass::General) {
                    $wanted = FormulaFormat::of(
                        $cell->formula,
                        fn (int $at, int $beside) => $dressed->at($at, $beside)->look->text(Attribute::Number),
                    );
                }
                if ($wanted !== null) {
                    $hand ??= clone $sheet->hand;
                    $hand->map(
                        Range::of($row, $column, $row, $column),
                        fn (int $old) => $workbook->looks->number(
                            $workbook->looks->look($old)->under(Look::of([Attribute::Number->value => $wanted])),
                        ),
                    );
                }
            }
        }
        $cells = new EditedSheet($sheet->cells, $edits);
        $isAnew = $cells->rows() <= self::READ_ANEW && $cells->rows() * $cells->columns() <= self::CELLS_ANEW;
        $hints = FileHints::of($sheet, $workbook, $this->sheet);
        $sheet = $sheet->readAs($isAnew
            ? $sheet->aspect(PivotRows::class)->over(Finder::read(SheetFacts::of($cells, $hints))) : $sheet->found, $cells, $sheet->typing);
        $sheet = $isAnew ? ReadAnew::columns($sheet, $workbook, $this->sheet) : $sheet;
        $after = $workbook->withSheet($this->sheet, $hand === null ? $sheet : $sheet->touched($hand));
        $this->check($after, $edits);

        return $after;
    }

    /**
     * What was typed has to be allowed where it stands; what is pasted or cleared is not asked (common practice).
     *
     * @param  array<int, array<int, Cell>>  $edits
     *
     * @throws EntryIsNotAllowed
     */
    private function check(Workbook $after, array $edits): void
    {
        $sheet = $after->sheet($this->sheet);
        $typed = [];
        foreach ($edits as $row => $cells) {
            foreach (array_keys($cells) as $column) {
                is_string($this->texts[$row][$column]) && $typed[] = [$row, $column];
            }
        }
        $checks = $typed === [] ? []
            : (count($typed) > self::FEW ? $sheet->entries() : $sheet->entriesNear($typed));
        if ($checks === []) {
            return;
        }
        $judges = new EntryJudges($checks, $sheet->reading, $sheet->cells, $after->around($this->sheet));
        foreach ($edits as $row => $cells) {
            foreach ($cells as $column => $cell) {
                $isTyped = is_string($this->texts[$row][$column]);
                $judge = $isTyped && $cell->formula === null ? $judges->at($row, $column) : null;
                if ($judge === null || $judge->check->severity === Severity::Note || ($this->keep && $judge->check->severity
                    !== Severity::Stop) || $judge->allows($row, $column, $cell)) {
                    continue;
                }
                $kind = $sheet->reading->tableAt($row, $column)?->column($column)?->kind;

                throw EntryIsNotAllowed::at(Address::columnName($column).$row, $judge->check, $judge->wanted($kind));
            }
        }
    }

    public function joinsBy(): string
    {
        return "edit $this->sheet ".(int) $this->keep.(int) $this->asReader;
    }

    public function joined(array $others): Act
    {
        $texts = $this->texts;
        foreach ($others as $other) {
            foreach ($other instanceof self ? $other->texts : [] as $row => $cells) {
                $texts[$row] = $cells + ($texts[$row] ?? []);
            }
        }

        return new self($this->sheet, $texts, $this->keep, $this->asReader);
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet)->typing(RangeSet::around($this->texts))->sizing();
    }

    public function words(Workbook $workbook): string
    {
        $count = array_sum(array_map(count(...), $this->texts));
        $row = (int) array_key_first($this->texts);

        if ($count !== 1) {
            return "Data: $count cells typed";
        }
        $column = (int) array_key_first($this->texts[$row]);
        $text = $this->texts[$row][$column];
        $sheet = $workbook->sheet($this->sheet);
        $as = is_string($text)
            ? $this->read(
                $workbook,
                $sheet,
                $row,
                $column,
                $text,
                (new DressedSheet($sheet, $workbook->looks))->at($row, $column)->look->text(Attribute::Number),
            )[2]
            : null;

        return 'Data: '.Address::columnName($column).$row.' typed'.($as === null ? '' : ", read as $as");
    }

    /** @return array{Cell, string|null, string|null} the cell, a number format that it needs, what it was read as */
    private function read(Workbook $workbook, Worksheet $sheet, int $row, int $column, string $text, string $code): array
    {
        if (str_starts_with($text, '=') && strlen($text) > 1) {
            $fault = Syntax::fault(substr($text, 1));

            return $fault === null
                ? [Cell::formula(substr($text, 1), null), null, null]
                : throw CellIsWrong::formula(Address::columnName($column).$row, substr($text, 1), $fault);
        }
        if ($sheet->typing !== null) {
            // What the column of a text file reads, it goes on reading; names and codes stay texts.
            $kind = $sheet->reading->tableAt($row, $column)?->column($column)?->kind;
            $cell = $sheet->typing->cell($column, $text);
            if (! is_string($cell->value) || ($kind !== null && $kind->isWordy() && ! str_starts_with($text, "'"))) {
                return [$cell, null, null];
            }
        }
        $value = TypedValue::of($text, $code, self::order($sheet, $code), $sheet->typing?->decimal() ?? '.', $workbook->from1904);

        return [self::staying($value->cell, $sheet, $column), $value->format, $value->as];
    }

    /** A text that the column of a text file would read as something else stays a text. */
    private static function staying(Cell $cell, Worksheet $sheet, int $column): Cell
    {
        return is_string($cell->value) &&
            $cell->formula === null &&
            $sheet->typing !== null &&
            ! is_string($sheet->typing->cell($column, $cell->value)->value)
            ? Cell::kept($cell->value)
            : $cell;
    }

    /** Whether days or months come first in dates around here. */
    private static function order(Worksheet $sheet, string $code): string
    {
        if (
            FormatClass::of($code)->isTemporal() &&
            preg_match('/[dm]/i', (string) preg_replace('/\[[^\]]*\]|"[^"]*"/', '', $code), $found) === 1
        ) {
            return strtolower($found[0]) === 'm' ? 'mdy' : 'dmy';
        }

        return $sheet->typing?->order() ?? 'dmy';
    }
}
