<?php

declare(strict_types=1);

namespace App\Files\Ods;

use App\Files\Writing\DressedRows;
use Rilvet\Condition\Condition;
use Rilvet\Dressed\NamedStyle;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Formula\Scope;
use Rilvet\Formula\WithoutTables;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\RangeIndex;
use Rilvet\Guard\Password;
use Rilvet\Guard\Protection;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Number\FormatClass;
use Rilvet\Number\SerialDate;
use Rilvet\Ods\MasterPages;
use Rilvet\Ods\Ns;
use Rilvet\Ods\OpenFormula;
use Rilvet\Ods\StyleMaps;
use Rilvet\Ods\StylesXml;
use Rilvet\Ods\Validations;
use Rilvet\Paper\Printed;
use Rilvet\Work\Merges;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\ConditionsOut;
use Rilvet\Xlsx\EntriesRewrite;

/**
 * One table of an ods (ISO/IEC 26300-1, 9), written to a stream row by row.
 *
 * @phpstan-import-type Stored from Cell
 */
final class TablePart
{
    /**
     * @var array<int|string, array{string, FormatClass}> name of the style, and what its number format makes of numbers; by
     *     number of what is worn, with the conditions that reach its cells
     */
    private array $worn = [];

    /** Checks on entry, which stand before all tables. */
    public string $validations = '';

    /** @var array<int, string> of checks, by their place */
    private array $names = [];

    private readonly RangeIndex $checks;

    private readonly DressedRows $lines;

    private readonly Merges $merges;

    /** @var array<int, string> styles of whole columns, which somebody gave a look down to the last row */
    private array $defaults = [];

    /** @var array<int, int> rows after which a page ends, as keys */
    private readonly array $breaks;

    /** @var array{array{int, int}|null, array{int, int}|null} rows, and columns, that are repeated on every page */
    private readonly array $titles;

    /** @param  resource  $out */
    public function __construct(
        private readonly Worksheet $sheet,
        LookBook $looks,
        private readonly StylesXml $styles,
        private $out,
        private readonly bool $from1904,
        private readonly Scope $scope,
        private readonly int $number,
        private readonly Printed $pages,
    ) {
        $this->breaks = array_flip($pages->rows);
        $this->titles = $pages->titles($sheet);
        $this->checks = new RangeIndex;
        foreach (EntriesRewrite::wanted($sheet) as $index => [$check, $ranges]) {
            $name = "check$number-$index";
            $this->names[$index] = $name;
            $this->validations .= Validations::xml($name, $check, $ranges, $sheet->name, EntriesRewrite::held($check, $ranges, $sheet));
            foreach ($ranges as $range) {
                $this->checks->add($index, $range);
            }
        }
        $this->lines = new DressedRows($sheet, $looks);
        $this->merges = new Merges($sheet->setup->merges);
    }

    /** @param  (callable(int): void)|null  $progress */
    public function write(?callable $progress): void
    {
        $setup = $this->sheet->setup;
        $columns = $this->lines->columns();
        $table = $this->styles->other(
            'table',
            '<style:table-properties table:display="'.
                ($setup->tab->state === 'visible' ? 'true' : 'false').
                '"'.
                ($setup->tab->colour === null ? '' : ' table:tab-color="'.strtolower($setup->tab->colour).'"').
                ($setup->opening->rightToLeft ? ' style:writing-mode="rl-tb"' : '').
                '/>',
            $this->styles->pages->name($this->pages),
        );
        $this->put(
            '<table:table table:name="'.
                Ns::text($this->sheet->name).
                "\" table:style-name=\"$table\"".
                MasterPages::ranges($this->sheet->name, $this->pages->areas).
                ($setup->tab->protected ? ' table:protected="true"'.self::key($this->sheet->aspect(Protection::class)->password) : '').
                '>'.
                $this->columns(max(1, $columns)),
        );
        [$firstTitle, $lastTitle] = $this->titles[0] ?? [0, 0];
        $blank = 0;
        foreach ($this->lines->stored() as $row => $stored) {
            [$isFirst, $isLast] = [$row === $firstTitle, $row === $lastTitle];
            $isBare = $this->lines->isBare($row, $stored) && ! isset($setup->sizes->heights[$row]) && ! $setup->sizes->hidesRow($row)
                && ! isset($this->breaks[$row - 1]);
            if ($isBare && ! $isFirst && ! $isLast) {
                $blank++;

                continue;
            }
            $this->put($this->blankRows($blank).($isFirst ? '<table:table-header-rows>' : ''));
            $blank = 0;
            $this->put($this->row($row, $stored, $this->lines->columnsOf(count($stored), $columns))
                .($isLast ? '</table:table-header-rows>' : ''));
            if ($progress !== null && $row % 64 === 0) {
                $progress($row);
            }
        }
        $this->put('</table:table>');
    }

    /** The key of a protection that came from an ods; one that was made otherwise has no form there. */
    public static function key(?Password $password): string
    {
        $key = $password?->forOds();
        if ($password === null || $key === null) {
            return '';
        }
        $algorithm = array_search($password->algorithm, Password::ODS, true);

        return $algorithm === false ? '' : ' table:protection-key="'.Ns::text($key)
            ."\" table:protection-key-digest-algorithm=\"$algorithm\"";
    }

    private function put(string $xml): void
    {
        fwrite($this->out, $xml);
    }

    private function blankRows(int $count): string
    {
        return $count === 0 ? '' : "<table:table-row table:number-rows-repeated=\"$count\"><table:table-cell/></table:table-row>";
    }

    private function columns(int $columns): string
    {
        $setup = $this->sheet->setup;
        $xml = '';
        $last = max([$columns, ...array_keys($setup->sizes->widths), ...$setup->sizes->hiddenColumns]);
        for ($column = 1; $column <= $columns; $column++) {
            if ($this->sheet->looksWhole($column)) {
                $this->defaults[$column] = $this->style($this->lines->dressed->at(Address::ROWS, $column))[0];
            }
        }
        $breaks = array_flip($this->pages->columns);
        [$firstTitle, $lastTitle] = $this->titles[1] ?? [0, 0];
        $last = max($last, $lastTitle);
        $key = fn (int $column) => [
            $setup->sizes->widths[$column] ?? $setup->sizes->width,
            $setup->sizes->hidesColumn($column),
            $this->defaults[$column] ?? '',
            isset($breaks[$column - 1]),
            $column >= $firstTitle && $column <= $lastTitle,
        ];
        for ($first = 1; $first <= $last; $first = $end + 1) {
            $says = [$px, $hidden, $default, $isBroken] = $key($first);
            for ($end = $first; $end < $last && ! $isBroken && $key($end + 1) === $says; $end++);
            $style = $this->styles->other(
                'table-column',
                '<style:table-column-properties style:column-width="'.round($px * 0.75, 2).'pt"'
                    .($isBroken ? ' fo:break-before="page"' : '').'/>',
            );
            $xml .= $first === $firstTitle ? '<table:table-header-columns>' : '';
            $xml .=
                "<table:table-column table:style-name=\"$style\"".
                ($end > $first ? ' table:number-columns-repeated="'.($end - $first + 1).'"' : '').
                ($hidden ? ' table:visibility="collapse"' : '').
                ($default === '' ? '' : " table:default-cell-style-name=\"$default\"").
                '/>';
            $xml .= $end === $lastTitle ? '</table:table-header-columns>' : '';
        }

        return $xml;
    }

    /** @param  list<Stored>  $stored */
    private function row(int $row, array $stored, int $columns): string
    {
        $setup = $this->sheet->setup;
        $xml = '';
        $blank = '';
        $count = 0;
        $reach = $this->lines->dressed->judges()?->across($row, $columns) ?? [];
        foreach ($this->lines->dressed->row($row, $columns) as $index => $worn) {
            $maps = $reach[$index + 1] ?? [];
            [$style, $class] = $this->worn[$maps === [] ? $worn->number : "$worn->number|".implode(',', $maps)] ??= $this->style($worn,
                $maps);
            // A cell that says nothing would look as its whole column does.
            $style = $style === '' && isset($this->defaults[$index + 1]) ? 'Default' : $style;
            $value = $stored[$index] ?? null;
            $merge = $this->merges->at($row, $index + 1);
            $isCovered = $merge !== null && ($merge->top !== $row || $merge->left !== $index + 1);
            $start = ($isCovered ? '<table:covered-table-cell' : '<table:table-cell').($style === '' ? '' : " table:style-name=\"$style\"");
            $check = $this->names === [] ? null : $this->checks->first($row, $index + 1);
            $start .= $check === null ? '' : " table:content-validation-name=\"{$this->names[$check]}\"";
            if ($value === null || $value === '') {
                if ($merge === null || $isCovered) {
                    if ($start !== $blank) {
                        $xml .= self::blanks($blank, $count);
                        [$blank, $count] = [$start, 0];
                    }
                    $count++;

                    continue;
                }
                $value = null;
            }
            $xml .= self::blanks($blank, $count);
            [$blank, $count] = ['', 0];
            $xml .=
                $start.
                ($merge === null || $isCovered
                    ? ''
                    : " table:number-columns-spanned=\"{$merge->columns()}\" table:number-rows-spanned=\"{$merge->rows()}\"").
                $this->content($value, $class, $row, $index + 1).
                ($isCovered ? '</table:covered-table-cell>' : '</table:table-cell>');
        }
        $xml .= self::blanks($blank, $count);
        $points = round(($setup->sizes->heights[$row] ?? $setup->sizes->height) * 0.75, 2);
        $isAutomatic = $this->lines->isAutomatic($row) ? 'true' : 'false';
        $says = "style:row-height=\"{$points}pt\" style:use-optimal-row-height=\"$isAutomatic\"";
        $says .= isset($this->breaks[$row - 1]) ? ' fo:break-before="page"' : '';
        $height = $this->styles->other('table-row', "<style:table-row-properties $says/>");

        return "<table:table-row table:style-name=\"$height\"".
            ($setup->sizes->hidesRow($row) ? ' table:visibility="collapse"' : '').
            ($xml === '' ? '><table:table-cell/></table:table-row>' : ">$xml</table:table-row>");
    }

    private static function blanks(string $start, int $count): string
    {
        return $count === 0 ? '' : $start.($count === 1 ? '/>' : " table:number-columns-repeated=\"$count\"/>");
    }

    /** @param  Stored  $value */
    private function content(null|bool|int|float|string|array $value, FormatClass $class, int $row, int $column): string
    {
        $cell = self::carried(Cell::fromStored($value), $this->scope, $this->number, $row, $column);
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
                    \Rilvet\Grid\Address::of($row, $column).
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

    /**
     * @param  list<int>  $conditions  that reach its cells
     * @return array{string, FormatClass}
     */
    private function style(ResolvedLook $worn, array $conditions = []): array
    {
        $class = FormatClass::of($worn->look->text(Attribute::Number));
        $maps = $this->maps($conditions);
        if ($worn->entries === [] && $maps === '') {
            return ['', $class];
        }
        $style = NamedStyle::of($this->sheet, $worn);
        $named = $style === null ? null : $this->styles->named($style->name, $style->look);

        return [$this->styles->cell($worn->look, $named, $maps), $class];
    }

    /**
     * Conditional looks as a style of cells says them; scales, bars and marks have no word there.
     *
     * @param  list<int>  $conditions
     */
    private function maps(array $conditions): string
    {
        $xml = '';
        $judges = $this->lines->dressed->judges()?->all() ?? [];
        foreach ($conditions as $number) {
            $judge = $judges[$number];
            $says = StyleMaps::written($judge->condition, ConditionsOut::asFormula($judge->condition, $judge->ranges));
            if ($says !== null && ! $judge->condition->look->isEmpty()) {
                [$row, $column] = Condition::first($judge->ranges);
                $sheet = "'".str_replace("'", "''", $this->sheet->name)."'";
                $xml .= '<style:map style:condition="'.Ns::text($says).'" style:apply-style-name="'
                    .$this->styles->conditional($judge->condition->look).'" style:base-cell-address="'
                    .Ns::text($sheet.'.'.Address::columnName($column).$row).'"/>';
            }
        }

        return $xml;
    }
}
