<?php

declare(strict_types=1);

namespace App\Files\Ods;

use Rilvet\Formula\Scope;
use Rilvet\Formula\WithoutTables;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Number\FormatClass;
use Rilvet\Number\SerialDate;
use Rilvet\Ods\Ns;
use Rilvet\Ods\OpenFormula;

/**
 * What a cell of an ods holds (ISO/IEC 26300-1, 9.1.4 and 19.385): its formula, its value by the kind of its format, its text.
 *
 * @phpstan-import-type Stored from Cell
 */
final readonly class CellContent
{
    /** @param  int  $sheet  its number */
    public function __construct(private bool $from1904, private Scope $scope, private int $sheet)
    {
    }

    /** @param  Stored  $value */
    public function of(null|bool|int|float|string|array $value, FormatClass $class, int $row, int $column): string
    {
        $cell = self::carried(Cell::fromStored($value), $this->scope, $this->sheet, $row, $column);
        $formula =
            $cell->formula === null
                ? ($cell->error === null
                    ? ''
                    : ' table:formula="of:='.Ns::text($cell->error).'"')
                : ' table:formula="'.Ns::text(OpenFormula::of($cell->formula)).'"';
        if ($cell->error !== null) {
            return "$formula office:value-type=\"string\" office:string-value=\"\" calcext:value-type=\"error\"><text:p>".
                Ns::text($cell->error).
                '</text:p>';
        }
        $read = $cell->value;

        return $formula.
            match (true) {
                $read === null => '>',
                is_bool($read) => ' office:value-type="boolean" office:boolean-value="'.
                    ($read ? 'true' : 'false').
                    '"><text:p>'.
                    ($read ? 'TRUE' : 'FALSE').
                    '</text:p>',
                is_string($read) => ' office:value-type="string">'.self::paragraphs($read, $row, $column),
                default => $this->number($read, $class).'><text:p>'.json_encode($read).'</text:p>',
            };
    }

    /**
     * A cell as the format can carry it: tables are ranges, an error that is its own formula is an error, and what looks into
     * other workbooks is what it gave last.
     *
     * @param  int  $sheet  its number
     */
    public static function carried(Cell $cell, Scope $scope, int $sheet, int $row, int $column): Cell
    {
        if ($cell->formula === null) {
            return $cell;
        }
        $formula = $cell->formula === $cell->error ? null : WithoutTables::of($cell->formula, $scope, $sheet, $row, $column);

        return match (true) {
            $formula !== null => $cell->saying($formula),
            $cell->error !== null => Cell::error($cell->error),
            default => Cell::of($cell->value),
        };
    }

    /** A number by the kind of its format; a moment that a date cannot say exactly stays a number. */
    private function number(int|float $number, FormatClass $class): string
    {
        $plain =
            ' office:value-type="'.
            ($class === FormatClass::Percent ? 'percentage' : 'float').
            '" office:value="'.
            json_encode($number).
            '"';
        if ($class === FormatClass::Date || $class === FormatClass::DateTime) {
            $seconds = (int) round(((float) $number - floor((float) $number)) * 86_400);
            $day = (int) floor((float) $number);
            if (
                $day < 61 ||
                $day > SerialDate::LAST - ($this->from1904 ? SerialDate::BETWEEN : 0) ||
                $seconds >= 86_400 ||
                (float) $number !== (float) ($day + $seconds / 86_400)
            ) {
                return $plain;
            }
            [$year, $month, $date] = SerialDate::day($day, $this->from1904);

            return sprintf(
                ' office:value-type="date" office:date-value="%04d-%02d-%02d%s"',
                $year,
                $month,
                $date,
                $seconds === 0 ? '' : sprintf('T%02d:%02d:%02d', intdiv($seconds, 3600), intdiv($seconds, 60) % 60, $seconds % 60),
            );
        }
        if ($class === FormatClass::Time || $class === FormatClass::Duration) {
            $seconds = (int) round((float) $number * 86_400);

            return $number < 0 || $seconds / 86_400 !== (float) $number
                ? $plain
                : sprintf(
                    ' office:value-type="time" office:time-value="PT%02dH%02dM%02dS"',
                    intdiv($seconds, 3600),
                    intdiv($seconds, 60) % 60,
                    $seconds % 60,
                );
        }

        return $plain;
    }

    private static function paragraphs(string $text, int $row, int $column): string
    {
        if (preg_match('/[\x00-\x08\x0B-\x1F\x{FFFE}\x{FFFF}]/u', $text) === 1) {
            throw FileIsWrong::package(
                'Cell '.
                    Address::of($row, $column).
                    ' holds a character that xml has no form for. An ods cannot carry it; hand over as xlsx, or take it out.',
            );
        }
        $xml = '';
        foreach (explode("\n", $text) as $line) {
            $line = Ns::text($line);
            if (str_contains($line, '  ') || str_starts_with($line, ' ') || str_ends_with($line, ' ')) {
                $line = (string) preg_replace_callback(
                    '/ {2,}|^ | $/',
                    fn (array $found) => '<text:s text:c="'.strlen($found[0]).'"/>',
                    $line,
                );
            }
            $xml .= '<text:p>'.str_replace('&#9;', '<text:tab/>', $line).'</text:p>';
        }

        return $xml;
    }
}
