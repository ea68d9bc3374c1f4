<?php

declare(strict_types=1);

namespace App\Calculation;

use PhpOffice\PhpSpreadsheet\Shared\Date;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Rilvet\Formula\Calculator;
use Rilvet\Formula\Meaning;
use Rilvet\Formula\OutOfTime;
use Rilvet\Formula\Reference;
use Rilvet\Formula\References;
use Rilvet\Formula\Values;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Throwable;

/** What formulas give, by the calculation engine of the general-purpose spreadsheet library. */
final class LibraryCalculator implements Calculator
{
    /** Functions that tell of the machine, reach outside of the workbook, or look at more than values: they keep what they gave. */
    private const REFUSED = [
        'INFO',
        'CELL',
        'WEBSERVICE',
        'RTD',
        'CALL',
        'REGISTER',
        'SQL',
        'LET',
        'LAMBDA',
        'GETPIVOTDATA',
        'FORMULATEXT',
        'ISFORMULA',
        'SHEET',
        'SHEETS',
        'AGGREGATE',
        'INDIRECT',
        'OFFSET',
        'HYPERLINK',
    ];

    /** Functions to which blank cells at the end of a range say nothing. */
    private const BLIND_TO_BLANKS = [
        'SUM',
        'AVERAGE',
        'COUNT',
        'COUNTA',
        'MIN',
        'MAX',
        'MEDIAN',
        'LARGE',
        'SMALL',
        'PRODUCT',
        'STDEV',
        'STDEVP',
        'VAR',
        'VARP',
        'SUMIF',
        'SUMIFS',
        'COUNTIF',
        'COUNTIFS',
        'AVERAGEIF',
        'AVERAGEIFS',
        'VLOOKUP',
        'MATCH',
        'XLOOKUP',
        'SUBTOTAL',
        'SUMPRODUCT',
        'IF',
        'IFERROR',
        'IFNA',
        'ROUND',
        'ROUNDUP',
        'ROUNDDOWN',
        'ABS',
        'INT',
        'AND',
        'OR',
        'NOT',
        'TRUE',
        'FALSE',
    ];

    /** Functions that a calculation here takes part in, besides what the library has. */
    private const PLAIN = ['TRUE', 'FALSE', 'IF'];

    /** Cells of a range that is handed to the library as one. */
    private const LARGEST = 2_000_000;

    private Spreadsheet $book;

    private Engine $engine;

    /** @var array<string, bool> */
    private array $known = [];

    public function __construct()
    {
        $this->clear();
    }

    public function begin(bool $from1904): void
    {
        $this->clear();
        // Names of methods mean the same in small letters.
        Date::setexcelcalendar($from1904 ? Date::CALENDAR_MAC_1904 : Date::CALENDAR_WINDOWS_1900);
        $this->book->setexcelcalendar($from1904 ? Date::CALENDAR_MAC_1904 : Date::CALENDAR_WINDOWS_1900);
    }

    public function knows(Meaning $meaning): bool
    {
        foreach ($meaning->calls as $name => $_) {
            $name = (string) $name;
            $this->known[$name] ??=
                in_array($name, self::PLAIN, true) ||
                (! in_array($name, self::REFUSED, true) && ! str_starts_with($name, 'CUBE') && $this->engine->isImplemented($name));
            if (! $this->known[$name]) {
                return false;
            }
        }

        return true;
    }

    public function calculate(string $text, Meaning $meaning, int $sheet, int $row, int $column, Values $values): ?Cell
    {
        if ($meaning->isForeign || ! $this->knows($meaning)) {
            return null;
        }
        $this->engine->values = $values;
        foreach ($meaning->references as $reference) {
            $cells = $reference->range->cells();
            if (
                ($cells > Engine::FILLED && ! self::mayLeaveOutBlanks($text, $meaning)) ||
                ($cells > self::LARGEST && $reference->range->rows() < Address::ROWS && $reference->range->columns() < Address::COLUMNS)
            ) {
                return null;
            }
        }
        $this->makeSingles($text, $sheet);
        $sums = isset($meaning->calls['SUBTOTAL']);
        if (
            $sums &&
            array_intersect($values->hiding, [
                $sheet,
                ...array_map(fn (Reference $reference) => $reference->sheet, $meaning->references),
            ]) !== []
        ) {
            // Which rows count depends on what hides them, and that is not known here.
            return null;
        }
        $values->forgetSubtotals();
        // The library lets go of a cell as it takes the next, so the one that is calculated comes last.
        $cell = $this->sheet($sheet)->getCell([$column, $row]);
        try {
            $value = $this->engine->calculateFormula('='.$text, $cell->getCoordinate(), $cell);
        } catch (OutOfTime $late) {
            throw $late;
        } catch (Throwable $fault) {
            // The library wraps what is thrown within it.
            $values->hurry();

            return null;
        }

        return $sums && $values->sawSubtotals() ? null : self::cell($value);
    }

    /** Whether blank cells below the last row make no difference to any of its functions. */
    private static function mayLeaveOutBlanks(string $text, Meaning $meaning): bool
    {
        return array_diff(array_keys($meaning->calls), self::BLIND_TO_BLANKS) === [] && preg_match('/"(?:<>|"|=")/', $text) !== 1;
    }

    /** The library looks at a single cell only where it has one there. */
    private function makeSingles(string $text, int $sheet): void
    {
        preg_match_all(References::PIECES, $text, $pieces, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
        foreach ($pieces as $piece) {
            if (isset($piece['c1'], $piece['r1']) && ! isset($piece['c2'])) {
                $this->sheet(isset($piece['sheet']) ? (int) substr($piece['sheet'], 1, -1) : $sheet)->getCell(
                    str_replace('$', '', strtoupper($piece['c1'].$piece['r1'])),
                );
            }
        }
    }

    private static function cell(mixed $value): ?Cell
    {
        while (is_array($value) && count($value) === 1) {
            $value = reset($value);
        }
        if (is_array($value)) {
            return null;
        }
        if (is_string($value) && preg_match('/^#(?:NULL!|DIV\/0!|VALUE!|REF!|NAME\?|NUM!|N\/A)$/', $value) === 1) {
            // A name that the library does not know is no result.
            return $value === '#NAME?' ? null : Cell::error($value);
        }
        if (is_float($value)) {
            if (! is_finite($value)) {
                return Cell::error('#NUM!');
            }
            $value = floor($value) === $value && abs($value) < 1e15 ? (int) $value : $value;
        }

        // A reference to a blank cell gives zero (18.17.2).
        return Cell::of(is_scalar($value) ? $value : 0);
    }

    private function sheet(int $number): Worksheet
    {
        return $this->book->getSheetByName("S$number") ?? $this->book->addSheet(new Worksheet($this->book, "S$number"));
    }

    private function clear(): void
    {
        $this->book = new Spreadsheet;
        $this->book->removeSheetByIndex(0);
        $this->engine = new Engine($this->book);
        $this->engine->setSuppressFormulaErrors(true);
    }
}
