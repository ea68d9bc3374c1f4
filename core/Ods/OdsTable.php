<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use Generator;
use Rilvet\Clamp;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Guard\Password;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Intake\Tokeniser;
use XMLReader;

/**
 * One table of an ods (ISO/IEC 26300-1, 9), its rows taken one after another.
 *
 * @phpstan-import-type Stored from Cell
 */
final class OdsTable
{
    /** Columns whose looks are kept for rows that are not there yet. */
    private const BELOW = 200;

    /** @var array<int, int> px by column */
    public array $widths = [];

    /** @var array<int, int> px by row */
    public array $heights = [];

    /** @var array<int, true> rows whose height is their own and not what they hold wants, as keys */
    public array $fixed = [];

    /** @var list<int> */
    public array $hiddenColumns = [];

    /** @var list<int> */
    public array $hiddenRows = [];

    /** @var list<Range> */
    public array $merges = [];

    /** @var array<string, list<Range>> cells under a check on entry, by its name */
    public array $checked = [];

    /** @var array<string, array<string, array{int, int}>> rows of them that are still open, by name and columns */
    private array $checking = [];

    /** @var list<array{string, int, int}> those of the row at hand: name, first and last column */
    private array $checkedHere = [];

    /** Ranges of checks that are kept. */
    private const CHECKED = 200_000;

    private int $countChecked = 0;

    /** @var array<int, string> styles of cells that name none, by column */
    private array $defaults = [];

    /** Where its pages end, and what is repeated on them. */
    public readonly PageMarks $marks;

    private int $column = 0;

    private int $depth;

    private bool $isDone;

    /** Cells of filled rows that stand for more than one. */
    private int $repeated = 0;

    /** How many of those a table may have. */
    private const REPEATED = 2_000_000;

    public function __construct(
        private readonly OdsBook $book,
        public readonly string $name,
        public readonly string $style,
        public readonly bool $isProtected,
        bool $isEmpty,
        public readonly ?Password $password = null,
        public readonly string $prints = '',
    ) {
        $this->depth = $book->reader()->depth;
        $this->isDone = $isEmpty;
        $this->marks = new PageMarks;
    }

    /**
     * Rows in their order: the first, how many there are of it, stored cells from column A on, names of their styles.
     *
     * @return Generator<array{int, int, list<Stored>, list<string>}>
     */
    public function rows(): Generator
    {
        $row = 1;
        $reader = $this->book->reader();
        while (! $this->isDone && $this->book->next()) {
            if ($reader->nodeType === XMLReader::END_ELEMENT && $reader->depth === $this->depth) {
                $this->isDone = true;
                break;
            }
            $this->marks->at($reader, $row, $this->column + 1);
            if ($reader->nodeType !== XMLReader::ELEMENT || $reader->namespaceURI !== Ns::TABLE) {
                continue;
            }
            if ($reader->localName === 'table-column') {
                $this->column();
            } elseif ($reader->localName === 'table-row') {
                $count = $this->book->repeated('number-rows-repeated');
                $style = (string) $this->book->attribute('style-name', Ns::TABLE);
                $visibility = $this->book->attribute('visibility', Ns::TABLE);
                $default = (string) $this->book->attribute('default-cell-style-name', Ns::TABLE);
                $this->book->styles->breaksBefore('table-row', $style) && $this->marks->breakAfter(true, $row - 1);
                $this->checkedHere = [];
                [$stored, $styles] = $this->cells($row, $default);
                $this->check($row, min(Address::ROWS, $row + $count - 1));
                $isFilled = $stored !== [];
                $this->repeated += $isFilled ? ($count - 1) * count($stored) : 0;
                if ($this->repeated > self::REPEATED) {
                    throw FileIsWrong::package(
                        sprintf(
                            'The table "%s" repeats filled rows until it has more than %s cells. Such a file is damaged, or made to '
                            .'do harm.',
                            $this->name,
                            number_format(self::REPEATED),
                        ),
                    );
                }
                if ($isFilled && $row + $count - 1 > Address::ROWS) {
                    throw FileIsWrong::package(
                        'A table has a filled row '.number_format($row + $count - 1).'; a worksheet ends at row 1,048,576.',
                    );
                }
                $height = $this->book->styles->size('table-row', $style, 'table-row-properties', 'row-height');
                $isFixed = $height !== null && ! $this->book->styles->isOptimalHeight($style);
                // The rest of a sheet stands there as one row; its height says nothing of a million rows.
                for ($at = $row; $at < $row + ($count > 2_000 && ! $isFilled ? 0 : $count); $at++) {
                    $height === null || $this->heights[$at] = Clamp::of($height, 1, 546);
                    if ($isFixed) {
                        $this->fixed[$at] = true;
                    }
                    if ($visibility === 'collapse' || $visibility === 'filter') {
                        $this->hiddenRows[] = $at;
                    }
                }
                if ($row <= Address::ROWS) {
                    yield [$row, min($count, Address::ROWS - $row + 1), $stored, $styles];
                }
                $row += $count;
            }
        }
    }

    /** Cells of rows that name a check on entry; the same columns of rows below each other are one range. */
    private function check(int $first, int $last): void
    {
        foreach ($this->checkedHere as [$name, $left, $right]) {
            $open = $this->checking[$name]["$left.$right"] ?? null;
            if ($open !== null && $open[1] === $first - 1) {
                $this->checking[$name]["$left.$right"][1] = $last;

                continue;
            }
            $open === null || $this->checked[$name][] = Range::of($open[0], $left, $open[1], $right);
            if (++$this->countChecked <= self::CHECKED) {
                $this->checking[$name]["$left.$right"] = [$first, $last];
            }
        }
    }

    /** @return array<string, list<Range>> cells under a check on entry, by its name; once the rows are taken */
    public function checked(): array
    {
        foreach ($this->checking as $name => $columns) {
            foreach ($columns as $key => [$first, $last]) {
                [$left, $right] = array_map(intval(...), explode('.', $key));
                $this->checked[$name][] = Range::of($first, $left, $last, $right);
            }
        }
        $this->checking = [];

        return $this->checked;
    }

    /** @return list<string> the styles that the first columns have where no cell is */
    public function below(): array
    {
        $styles = [];
        foreach ($this->defaults as $column => $style) {
            if ($column <= self::BELOW) {
                $styles = array_pad($styles, $column - 1, '');
                $styles[] = $style;
            }
        }

        return $styles;
    }

    /** Passes by what was not asked for. */
    public function finish(): void
    {
        foreach ($this->rows() as $row) {
            unset($row);
        }
    }

    private function column(): void
    {
        $count = $this->book->repeated('number-columns-repeated');
        $width = $this->book->styles->size(
            'table-column',
            (string) $this->book->attribute('style-name', Ns::TABLE),
            'table-column-properties',
            'column-width',
        );
        $default = (string) $this->book->attribute('default-cell-style-name', Ns::TABLE);
        $style = (string) $this->book->attribute('style-name', Ns::TABLE);
        $this->book->styles->breaksBefore('table-column', $style) && $this->marks->breakAfter(false, $this->column);
        $isHidden = in_array($this->book->attribute('visibility', Ns::TABLE), ['collapse', 'filter'], true);
        for ($at = $this->column + 1, $last = min($this->column + $count, Address::COLUMNS); $at <= $last; $at++) {
            if ($at - $this->column <= OdsBook::blanks()) {
                $width === null || $this->widths[$at] = Clamp::of($width, 1, 1_790);
                $default === '' || $default === 'Default' || $this->defaults[$at] = $default;
            }
            $isHidden && $this->hiddenColumns[] = $at;
        }
        $this->column += $count;
    }

    /** @return array{list<Stored>, list<string>} */
    private function cells(int $row, string $default): array
    {
        $reader = $this->book->reader();
        $stored = $styles = [];
        if ($reader->isEmptyElement) {
            return [[], []];
        }
        $depth = $reader->depth;
        $blank = 0;
        $blankStyle = '';
        while ($this->book->next() && ! ($reader->nodeType === XMLReader::END_ELEMENT && $reader->depth === $depth)) {
            if ($reader->nodeType !== XMLReader::ELEMENT || ! in_array($reader->localName, ['table-cell', 'covered-table-cell'], true)) {
                continue;
            }
            $said = $this->book->attributes();
            $count = min(max(1, (int) ($said['number-columns-repeated'] ?? 1)), Address::ROWS + 1);
            $style = $said['style-name'] ?? null;
            $isCovered = $reader->localName === 'covered-table-cell';
            [$across, $down] = [max(1, (int) ($said['number-columns-spanned'] ?? 1)), max(1, (int) ($said['number-rows-spanned'] ?? 1))];
            $column = count($stored) + $blank + 1;
            if (isset($said['content-validation-name']) && $column <= Address::COLUMNS) {
                $this->checkedHere[] = [$said['content-validation-name'], $column, min(Address::COLUMNS, $column + $count - 1)];
            }
            if (
                ($across > 1 || $down > 1) &&
                ! $isCovered &&
                $column + $across - 1 <= Address::COLUMNS &&
                $row + $down - 1 <= Address::ROWS
            ) {
                $this->merges[] = Range::of($row, $column, $row + $down - 1, $column + $across - 1);
            }
            $cell = $this->cell($row, $column, $said);
            if (
                ($cell->isBlank() && $style === null && $default === '' && $this->defaults === []) ||
                ($cell->isBlank() && $count > OdsBook::blanks())
            ) {
                $blank += $count;
                $blankStyle = (string) $style;

                continue;
            }
            if (! $cell->isBlank() && $column + $count - 1 > Address::COLUMNS) {
                throw FileIsWrong::package('Row '.number_format($row).' has more than 16,384 columns, and a worksheet holds no more.');
            }
            for (; $blank > 0 && count($stored) < Address::COLUMNS; $blank--) {
                $stored[] = null;
                $styles[] = $blankStyle;
            }
            $blank = 0;
            for ($at = 0; $at < $count && count($stored) < Address::COLUMNS; $at++) {
                $stored[] = $cell->stored();
                $styles[] = $style ?? ($default !== '' ? $default : $this->defaults[$column + $at] ?? '');
            }
        }
        while ($stored !== [] && end($stored) === null) {
            array_pop($stored);
        }

        return [$stored, $styles];
    }

    /** @param  array<string, string>  $said  attributes of the cell */
    private function cell(int $row, int $column, array $said): Cell
    {
        $type = $said['value-type'] ?? '';
        $value = $said['value'] ?? null;
        $written = $said['formula'] ?? '';
        $date = $said['date-value'] ?? null;
        $time = $said['time-value'] ?? null;
        $boolean = $said['boolean-value'] ?? null;
        $string = $said['string-value'] ?? null;
        if ($written === '' && $type === 'float' && is_numeric($value) && is_finite((float) $value)) {
            // Its text is only how it was shown.
            $this->book->pass();

            return Cell::of($value + 0);
        }
        $text = $this->text();
        $formula = $written === '' ? null : OpenFormula::plain($written);
        $error =
            preg_match('~^#(?:NULL!|DIV/0!|VALUE!|REF!|NAME\?|NUM!|N/A)$~', $text) === 1 && ($formula !== null || $written !== '')
                ? $text
                : null;
        $read = match (true) {
            $error !== null => null,
            $type === 'date' && $date !== null => IsoMoments::serial($date, $this->book->from1904) ?? $date,
            $type === 'time' && $time !== null => IsoMoments::days($time) ?? $time,
            $type === 'boolean' => $boolean === 'true',
            in_array($type, ['float', 'percentage', 'currency'], true) => is_numeric($value) && is_finite((float) $value)
                ? $value + 0
                : null,
            $type === 'string' || ($type === '' && $text !== '') => $string ?? $text,
            default => null,
        };
        if (is_string($read) && strlen($read) > Tokeniser::CELL && mb_strlen($read) > Tokeniser::CELL) {
            throw FileIsWrong::cellTooLong($row, $column, mb_strlen($read), Tokeniser::CELL);
        }

        return match (true) {
            $error !== null && $formula === $error => Cell::error($error),
            $formula !== null => Cell::formula($formula, $read, $error),
            default => Cell::of($read),
        };
    }

    /** Paragraphs as lines; runs of blanks and tabs have elements of their own (6.1.3 to 6.1.5). */
    private function text(): string
    {
        $reader = $this->book->reader();
        if ($reader->isEmptyElement) {
            return '';
        }
        $depth = $reader->depth;
        $lines = [];
        $line = null;
        while ($this->book->next()) {
            $type = $reader->nodeType;
            if ($type === XMLReader::END_ELEMENT && $reader->depth === $depth) {
                break;
            }
            if ($type === XMLReader::ELEMENT) {
                $name = $reader->localName;
                $isEmpty = $this->book->isEmpty();
                match ($name) {
                    // Notes and drawings stand in the cell, and are no part of its text.
                    'annotation', 'frame', 'shapes', 'ruby-text', 'note' => $this->book->pass(),
                    'p' => ($line = ''),
                    's' => ($line = $this->longer(
                        $line.str_repeat(' ', Clamp::of((int) ($this->book->attribute('c', Ns::TEXT) ?? 1), 1, 32_767)),
                    )),
                    'tab' => ($line .= "\t"),
                    'line-break' => ($line .= "\n"),
                    default => null,
                };
                if ($name === 'p' && $isEmpty) {
                    $lines[] = '';
                    $line = null;
                }
            } elseif (
                $line !== null &&
                in_array($type, [XMLReader::TEXT, XMLReader::CDATA, XMLReader::SIGNIFICANT_WHITESPACE, XMLReader::WHITESPACE], true)
            ) {
                $piece = $reader->value;
                // Blanks of the xml are one blank (6.1.2); a line feed alone between words is what some writers mean as a line.
                $line .=
                    strpbrk($piece, "\t\r\n") === false && ! str_contains($piece, '  ')
                        ? $piece
                        : preg_replace(['/(?<=\S)\r?\n(?=\S)/', '/[ \t\r]+|\n(?=\s)|(?<=\s)\n/', '/ {2,}/'], ["\n", ' ', ' '], $piece);
            } elseif ($type === XMLReader::END_ELEMENT && $reader->localName === 'p') {
                $lines[] = (string) $line;
                $line = null;
            }
        }

        return implode("\n", $lines);
    }

    /** A text as far as a cell can hold it, without building what it cannot. */
    private function longer(string $text): string
    {
        if (strlen($text) > 4 * Tokeniser::CELL) {
            throw FileIsWrong::package(
                sprintf(
                    'A cell of the table "%s" holds more than %s characters. Shorten it, and bring the file in again.',
                    $this->name,
                    number_format(Tokeniser::CELL),
                ),
            );
        }

        return $text;
    }
}
