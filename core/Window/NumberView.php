<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Clamp;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Measure\Shown;
use Rilvet\Number\FormatClass;
use Rilvet\Number\NumberChoice;
use Rilvet\Number\NumberFormat;
use Rilvet\Number\Purpose;
use Rilvet\Number\SerialDate;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Part;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What one cell stores, what it shows and by which code, and how it could read, with its own value as the sample. */
final readonly class NumberView
{
    /**
     * @param  string  $stored  the value as it is
     * @param  string  $explained  what the value is, in words
     * @param  string  $code  the format code in force
     * @param  ChosenFormat|null  $choice  null where only the code says it
     * @param  list<NumberSample>  $samples  by purpose
     * @param  list<NumberSample>  $patterns  of the purpose in force
     * @param  list<NumberSample>  $kept  formats that the stylebook keeps under a name
     * @param  int  $needed  the fewest decimals that show every value of the column as it is
     * @param  ColumnRuleView|null  $rule  of the column's kind, where the sheet wears a stylebook
     * @param  string|null  $heading  of the column
     * @param  int  $alike  columns on the sheets of the workbook that are headed the same
     */
    private function __construct(
        public string $stored,
        public string $explained,
        public string $shown,
        public string $code,
        public ?ChosenFormat $choice,
        public array $samples,
        public array $patterns,
        public array $kept,
        public int $needed,
        public ?ColumnRuleView $rule,
        public ?string $heading,
        public int $alike,
    ) {
    }

    /** @param  Workbook  $workbook  with all of its sheets, where columns of one heading are counted */
    public static function of(Workbook $workbook, int $number, int $row, int $column): self
    {
        $sheet = $workbook->sheet($number);
        $cell = Cell::blank();
        foreach ($sheet->cells->read($row, $row) as $cells) {
            $cell = $cells[$column - 1] ?? $cell;
        }
        $worn = (new DressedSheet($sheet, $workbook->looks))->at($row, $column);
        $code = $worn->look->text(Attribute::Number);
        $table = $sheet->reading->tableAt($row, $column);
        $reading = $table?->column($column);
        $isData = in_array($table?->partAt($row, $column), [Part::Body, Part::Total, Part::Subtotal], true);
        $shown = Shown::of($cell, $worn, $workbook->from1904)->formatted;
        $choice = NumberChoice::read($code);
        $show = fn (string $tried) => NumberFormat::of($tried)->show($cell, $workbook->from1904)->text;
        $samples = array_map(function (Purpose $purpose) use ($reading, $code, $show) {
            $tried = self::suggestion($purpose, $reading, $code)->code();

            return new NumberSample($purpose->value, $purpose->words(), $tried, $show($tried));
        }, Purpose::cases());
        $kept = [];
        foreach ($sheet->stylebook->numbers ?? [] as $name => $format) {
            $kept[] = new NumberSample((string) $name, (string) $name, $format, $show($format));
        }
        $heading = $isData ? $reading?->heading : null;

        return new self(
            $cell->text(),
            self::explained($cell, $code, $workbook->from1904),
            $shown->fits ? $shown->text : '####',
            $code === '' ? 'General' : $code,
            $choice === null ? null : ChosenFormat::of($choice),
            $samples,
            array_map(
                fn (string $pattern) => new NumberSample($pattern, $pattern, $pattern, $show($pattern)),
                $choice?->purpose->patterns() ?? [],
            ),
            $kept,
            $reading->decimals ?? 0,
            $isData && $sheet->stylebook !== null && $reading !== null && self::isNumeric($reading->kind)
                ? ColumnRuleView::of($reading->kind, $sheet->stylebook->kind($reading->kind))
                : null,
            $heading,
            $heading === null ? 0 : array_sum(array_map(fn (Worksheet $each) => count(self::headed($each, $heading)), $workbook->sheets)),
        );
    }

    /** What a purpose is tried with first: the column's own decimals and currency. */
    public static function suggestion(Purpose $purpose, ?ColumnReading $reading, string $code): NumberChoice
    {
        $decimals = match ($purpose) {
            Purpose::Money => Clamp::of($reading->decimals ?? 2, 2, 4),
            // Of a share that is no percent yet, two of the places go before the point.
            Purpose::Percent => Clamp::of(($reading->decimals ?? 2) - ($reading?->kind === ColumnKind::Percent ? 0 : 2), 0, 2),
            Purpose::Thousands, Purpose::Millions => 1,
            Purpose::Scientific => 2,
            default => min(4, $reading->decimals ?? 0),
        };

        return NumberChoice::for(
            $purpose,
            $decimals,
            $purpose === Purpose::Money ? FormatClass::currency($code) ?? ($reading->unit ?? '£') : '',
        );
    }

    /** @return list<ColumnReading> */
    public static function headed(Worksheet $sheet, string $heading): array
    {
        $found = [];
        foreach ($sheet->reading->tables as $table) {
            foreach ($table->columns as $column) {
                if ($column->isHeaded($heading)) {
                    $found[] = $column;
                }
            }
        }

        return $found;
    }

    private static function explained(Cell $cell, string $code, bool $from1904): string
    {
        $number = $cell->number();
        $words = match (true) {
            $cell->error !== null => 'an error that a formula gave',
            $cell->isBlank() => 'nothing',
            is_bool($cell->value) => 'true or false',
            $number === null => is_numeric(str_replace([',', ' ', "\u{A0}"], '', $cell->text()))
                ? 'a text that looks like a number'
                : 'a text',
            FormatClass::of($code)->isTemporal() => self::moment($number, $from1904),
            FormatClass::of($code) === FormatClass::Percent => 'a share of one: '.
                NumberFormat::of('General')->number($number * 100)->text.
                ' of a hundred',
            default => 'a number',
        };

        return $cell->formula === null ? $words : "$words, which the formula ={$cell->formula} gave";
    }

    /** Why 13:39 is a fraction and a date a count of days (18.17.4). */
    private static function moment(float $number, bool $from1904): string
    {
        $hours = 24 * ($number - floor($number));
        $clock = sprintf('%d h %d min', (int) floor($hours + 1e-9), (int) round(60 * ($hours - floor($hours + 1e-9))) % 60);
        if ($number >= 0 && $number < 1) {
            return "a fraction of a day: $clock of 24 h";
        }
        if ($number < 0 || $number > SerialDate::LAST) {
            return 'a number that is no day';
        }

        return 'a count of days from '.
            ($from1904 ? '1 January 1904' : 'the end of 1899').
            ': day '.
            number_format(floor($number)).
            ($hours > 1e-9 ? ", and $clock" : '');
    }

    private static function isNumeric(ColumnKind $kind): bool
    {
        return in_array($kind, [ColumnKind::Integer, ColumnKind::Decimal, ColumnKind::Amount, ColumnKind::Percent], true);
    }
}
