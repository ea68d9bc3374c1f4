<?php

declare(strict_types=1);

namespace App\Files\Ods;

use App\Files\Writing\DressedRows;
use Rilvet\Condition\AsFormula;
use Rilvet\Condition\Condition;
use Rilvet\Dressed\NamedStyle;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Formula\Scope;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeIndex;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Number\FormatClass;
use Rilvet\Ods\Ns;
use Rilvet\Ods\StyleMaps;
use Rilvet\Ods\StylesXml;
use Rilvet\Ods\Table\TablePieces;
use Rilvet\Ods\Validations;
use Rilvet\Paper\Printed;
use Rilvet\Work\Extent;
use Rilvet\Work\Merges;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\EntriesOut;

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

    private readonly CellContent $content;

    private readonly RangeIndex $checks;

    /** @var list<Range> cells under a check */
    private array $checked = [];

    private readonly DressedRows $lines;

    private readonly Reached $reached;

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
        bool $from1904,
        Scope $scope,
        int $number,
        private readonly Printed $pages,
    ) {
        $this->content = new CellContent($from1904, $scope, $number);
        $this->breaks = array_flip($pages->rows);
        $this->titles = $pages->titles($sheet);
        $this->checks = new RangeIndex;
        foreach (EntriesOut::wanted($sheet) as $index => [$check, $ranges]) {
            $name = "check$number-$index";
            $this->names[$index] = $name;
            $this->validations .= Validations::xml($name, $check, $ranges, $sheet->name, EntriesOut::choices($check, $ranges, $sheet));
            foreach ($ranges as $range) {
                $this->checks->add($index, $range);
                $this->checked[] = $range;
            }
        }
        $this->lines = new DressedRows($sheet, $looks);
        $ranges = $this->checked;
        foreach ($this->lines->dressed->judges()?->all() ?? [] as $judge) {
            array_push($ranges, ...$judge->ranges);
        }
        $this->reached = new Reached($ranges, $this->lines->rows(), $this->lines->columns());
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
                TablePieces::attributes($this->sheet, $this->pages).
                '>'.
                $this->columns(max(1, $columns, $this->reached->columns)),
        );
        [$firstTitle, $lastTitle] = $this->titles[0] ?? [0, 0];
        $blank = 0;
        foreach ($this->lines->stored() as $row => $stored) {
            [$isFirst, $isLast] = [$row === $firstTitle, $row === $lastTitle];
            $isBare = $this->lines->isBare($row, $stored) && $setup->sizes->ownHeight($row) === null && ! $setup->sizes->hidesRow($row)
                && ! isset($this->breaks[$row - 1]) && $this->reached->columnsOf($row) === 0;
            if ($isBare && ! $isFirst && ! $isLast) {
                $blank++;

                continue;
            }
            $this->put($this->blankRows($blank).($isFirst ? '<table:table-header-rows>' : ''));
            $blank = 0;
            $reaches = max($this->lines->columnsOf(count($stored), $columns), $this->reached->columnsOf($row));
            $this->put($this->row($row, $stored, $reaches).($isLast ? '</table:table-header-rows>' : ''));
            if ($progress !== null && $row % 64 === 0) {
                $progress($row);
            }
        }
        $below = $this->below($this->lines->rows(), $progress);
        $this->put(($below === '' ? '' : $this->blankRows($blank).$below).'</table:table>');
    }

    /**
     * Rows below the last that is filled, as far as checks on entry and conditional looks reach.
     *
     * @param  (callable(int): void)|null  $progress  told of each piece: of wide ones a thousand take more than a minute
     */
    private function below(int $last, ?callable $progress): string
    {
        $xml = '';
        foreach ($this->reached->below as $index => [$row, $count]) {
            $xml .= $index === 0 && $row > $last + 1 ? $this->blankRows($row - $last - 1) : '';
            $progress === null || $progress($last);
            $written = $this->row($row, [], $this->reached->columnsOf($row));
            $xml .= $count === 1 ? $written
                : (string) preg_replace('/^<table:table-row/', "$0 table:number-rows-repeated=\"$count\"", $written, 1);
        }

        return $xml;
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
            if (Extent::isWholeColumn($this->sheet, $column)) {
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
            $start = ($isCovered ? '<table:covered-table-cell' : '<table:table-cell')
                .($style === '' ? '' : " table:style-name=\"$style\"");
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
                $this->content->of($value, $class, $row, $index + 1).
                ($isCovered ? '</table:covered-table-cell>' : '</table:table-cell>');
        }
        $xml .= self::blanks($blank, $count);
        $points = round(($setup->sizes->ownHeight($row) ?? $setup->sizes->height) * 0.75, 2);
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
        return $count === 0 ? ''
            : $start.($count === 1 ? '/>' : " table:number-columns-repeated=\"$count\"/>");
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
            $says = StyleMaps::written($judge->condition, AsFormula::of($judge->condition, $judge->ranges));
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
