<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Condition\DrawnBar;
use Rilvet\Condition\Shape;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Look\Edge;
use Rilvet\Look\Look;
use Rilvet\Measure\Ruler;
use Rilvet\Measure\Shown;
use Rilvet\Number\Formatted;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Text\Fonts;
use Rilvet\Window\Edges;
use Rilvet\Window\Spans;
use Rilvet\Work\Merges;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * One self-contained html file without script: a table a sheet, headings as th with scope, looks as classes. Numbers carry
 * their value in a data element, so that the file can be read back. The markup is well-formed xml as well.
 */
final class HtmlWriter implements WorkbookWriter
{
    private Faces $faces;

    /** @var array<string, string> classes of the cells of a sheet, by what they and their neighbours wear */
    private array $known = [];

    /** How the sheets print. */
    private string $pages = '';

    private bool $hasMarks = false;

    /** @var array<string, string> rules to class names */
    private array $classes = [];

    public function write(Workbook $workbook, string $path, ?callable $progress = null): void
    {
        Safely::to($path, function (string $unfinished) use ($workbook, $progress) {
            $body = tmpfile();
            $out = fopen($unfinished, 'wb');
            assert($body !== false && $out !== false);
            $this->classes = [];
            $this->pages = PrintedPage::COMMON."\n";
            $this->hasMarks = false;
            $this->faces = new Faces(Fonts::shipped());
            foreach ($workbook->sheets as $number => $sheet) {
                if ($sheet->setup->tab->state === 'visible' || count($workbook->sheets) === 1) {
                    $this->sheet($number, $sheet, $workbook, $body, $progress);
                }
            }
            fwrite(
                $out,
                "<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\"/><meta http-equiv=\"Content-Security-Policy\" "
                ."content=\"default-src 'none'; style-src 'unsafe-inline'; font-src data:\"/><title>".
                    self::escape($workbook->name).
                    "</title><style>\n".
                    'body{margin:24px;background:#fff;color:#222}h2{font:600 15px '
                    .'sans-serif}.scroll{overflow:auto}table{border-collapse:collapse;width:max-content;margin-bottom:32px}th,'
                    .'td{padding:2px 4px;overflow:hidden;text-overflow:clip;white-space:pre;font-weight:400;'
                    .'text-align:left}.a{display:flex;justify-content:space-between}.a i{font-style:inherit}'
                    .($this->hasMarks ? '.m{float:left;width:12px;height:12px;margin:2px 4px 0 0}' : '')."\n",
            );
            foreach ($this->faces->rules() as $rule) {
                fwrite($out, $rule);
            }
            foreach ($this->classes as $rules => $name) {
                fwrite($out, ".$name{{$rules}}\n");
            }
            fwrite($out, $this->pages);
            fwrite($out, "</style></head><body>\n");
            rewind($body);
            stream_copy_to_stream($body, $out);
            fwrite($out, "</body></html>\n");
            fclose($body);
            fclose($out);
        });
    }

    public function prove(Workbook $workbook, string $path, ?callable $progress = null): Proof
    {
        return HtmlProof::of($workbook, $path, $progress);
    }

    /**
     * @param  resource  $out
     * @param  (callable(int): void)|null  $progress
     */
    private function sheet(int $number, Worksheet $sheet, Workbook $workbook, $out, ?callable $progress): void
    {
        $lines = new DressedRows($sheet, $workbook->looks, $workbook->around($number));
        $judges = $lines->dressed->judges();
        $edges = new Edges($lines->dressed);
        $merges = new Merges($sheet->setup->merges);
        $spans = new Spans($sheet, $lines->dressed);
        $columns = $lines->columns();
        fwrite(
            $out,
            "<section class=\"sheet$number\"><h2>".
                self::escape($sheet->name).
                "</h2>\n<div class=\"scroll\" tabindex=\"0\"><table".
                ($sheet->setup->opening->rightToLeft ? ' dir="rtl"' : '').
                '><colgroup>',
        );
        for ($column = 1; $column <= $columns; $column++) {
            fwrite(
                $out,
                '<col style="'.
                    ($sheet->setup->sizes->hidesColumn($column) ? 'visibility:collapse;' : '').
                    'width:'.
                    $sheet->setup->sizes->widthOf($column).
                    'px"/>',
            );
        }
        fwrite($out, "</colgroup>\n");
        $this->known = [];
        $page = PrintedPage::of($workbook, $sheet, "sheet$number");
        $this->pages .= $page->rules."\n";
        $row = 0;
        /** @var array<int, array<int, ResolvedLook>> $looks */
        $looks = [[], self::worn($lines, 1, $columns + 1)];
        foreach ($lines->dressed->held($lines->read()) as $row => $cells) {
            $line = '';
            $last = $cells === [] && $lines->isBare($row, []) ? 0 : $lines->columnsOf(count($cells), $columns);
            $looks = [-1 => $looks[0], $looks[1], self::worn($lines, $row + 1, $columns + 1)];
            for ($column = 1; $column <= $last; $column = $end + 1) {
                $end = $column;
                if ($merges->hides($row, $column)) {
                    continue;
                }
                $merge = $merges->at($row, $column);
                // What is spanned over blank cells is one cell of the page, so that a group is over its columns there too.
                $end = $merge->right ?? (($cells[$column - 1] ?? Cell::blank())->isBlank() ? $column : $spans->end($row, $column, $cells));
                $line .= $this->cell(
                    $sheet,
                    $workbook,
                    $lines,
                    $edges,
                    $looks,
                    $row,
                    $column,
                    $cells[$column - 1] ?? Cell::blank(),
                    ($cells[$end] ?? Cell::blank())->isBlank(),
                    $end - $column + 1,
                    $merge?->rows() ?? 1,
                );
            }
            fwrite(
                $out,
                $page->before($row).
                    '<tr'.
                    ($page->startsPage($row) ? ' class="pb"' : '').
                    ($sheet->setup->sizes->hidesRow($row) ? ' hidden="hidden"' : '').
                    ' style="height:'.
                    $sheet->setup->sizes->heightOf($row).
                    "px\">$line</tr>".
                    $page->after($row).
                    "\n",
            );
            if ($progress !== null && $row % 64 === 0) {
                $progress($row);
            }
        }
        $judges?->keep();
        fwrite($out, $page->end($row)."</table></div></section>\n");
    }

    /**
     * What a row wears, as far as its edges go: by its values only where conditions say anything of edges.
     *
     * @return array<int, ResolvedLook>
     */
    private static function worn(DressedRows $lines, int $row, int $columns): array
    {
        $looks = $lines->dressed->stretch($row, 1, $columns)[1];
        if ($lines->dressed->judges()?->haveEdges !== true) {
            return $looks;
        }
        $cells = [];
        foreach ($lines->sheet->cells->read($row, $row) as $cells) {
            break;
        }
        foreach ($looks as $column => $look) {
            $looks[$column] = $lines->dressed->holding($look, $row, $column, $cells[$column - 1] ?? Cell::blank());
        }

        return $looks;
    }

    /**
     * @param  array<int, array<int, ResolvedLook>>  $looks  by column, of the row above (-1), the row itself (0) and the one below (1)
     * @param  bool  $beside  the cell at its right is blank, so that a text may reach over it
     * @param  int  $columns  that it takes
     * @param  int  $rows  that it takes
     */
    private function cell(
        Worksheet $sheet,
        Workbook $workbook,
        DressedRows $lines,
        Edges $edges,
        array $looks,
        int $row,
        int $column,
        Cell $cell,
        bool $beside,
        int $columns,
        int $rows,
    ): string {
        $judges = $lines->dressed->judges();
        $verdict = $judges?->at($row, $column, $cell);
        $worn = $verdict === null || $judges->haveEdges ? $looks[0][$column] : $lines->dressed->wearing($looks[0][$column], $verdict);
        $shown = Shown::of($cell, $worn, $workbook->from1904, $sheet->setup->opening->rightToLeft);
        $shown = $verdict?->hidesText === true ? $shown->silent() : $shown;
        [$tag, $scope] = self::element($sheet->reading->tableAt($row, $column), $row, $column);
        $pieces = $shown->formatted->pieces();
        $text =
            $pieces === null
                ? self::escape($shown->formatted->text)
                : '<span class="a"><i>'.self::escape(Formatted::readable($pieces[0])).'</i><i>'
                    .self::escape(Formatted::readable($pieces[1])).'</i></span>';
        $content = $cell->isNumber()
            ? '<data value="'.json_encode($cell->value).'">'.$text.'</data>'
            : ($cell->isText() && $shown->formatted->text !== HtmlProof::plain($cell->text())
                ? '<data value="'.
                    strtr(self::escape($cell->text()), ["\n" => '&#10;', "\t" => '&#9;']).
                    '" class="t">'.
                    $text.
                    '</data>'
                : $text);
        $this->faces->use($worn->look, $shown->formatted->text);
        $reach = $cell->isText() && ! $worn->look->is(Attribute::Wrap) && $columns * $rows === 1 && $beside ? ';overflow:visible' : '';
        // Columns grow for figures that need more room where they are read, never for texts.
        $reach .= $cell->isText() && $columns === 1 ? ';max-width:0' : '';
        $above = $looks[-1][$column] ?? null;
        $below = $rows === 1 ? $looks[1][$column] : $lines->dressed->at($row + $rows, $column);
        $under = $rows === 1 ? $worn : $lines->dressed->at($row + $rows - 1, $column);
        $left = $looks[0][$column - 1] ?? null;
        $right = $looks[0][$column + $columns] ?? $lines->dressed->at($row, $column + $columns);
        $end = $columns === 1 ? $worn : $looks[0][$column + $columns - 1] ?? $lines->dressed->at($row, $column + $columns - 1);
        [$before, $after] = $sheet->setup->opening->rightToLeft ? ['right', 'left'] : ['left', 'right'];
        // A sheet has few kinds of cells; what each is, with all that it meets, is said once.
        $class = $this->known[
            "{$worn->number}.".
                ($above->number ?? '').
                ".{$below->number}.{$under->number}.".
                ($left->number ?? '').
                ".{$right->number}.{$end->number}.$shown->align.{$shown->formatted->ink}$reach"
        ] ??= $this->className(
            $this->rules($worn->look, $shown, [
                'top' => $edges->over($above, $worn),
                $before => $edges->beside($left, $worn),
                'bottom' => $edges->over($under, $below),
                $after => $edges->beside($end, $right),
            ]).$reach,
        );

        return "<$tag".
            ($scope === null || $cell->isBlank() ? '' : " scope=\"$scope\"").
            " class=\"$class\" data-c=\"$column\"".
            ($columns > 1 ? " colspan=\"$columns\"" : '').
            ($rows > 1 ? " rowspan=\"$rows\"" : '').
            ($verdict?->bar === null ? '' : self::bar($verdict->bar)).
            '>'.($verdict?->mark === null ? '' : $this->mark(...$verdict->mark))."$content</$tag>";
    }

    /** A bar behind the text, and where bars below and above nought meet. */
    private static function bar(DrawnBar $bar): string
    {
        [$start, $end] = [round(100 * $bar->start, 2), round(100 * $bar->end, 2)];
        $to = $bar->isGradient ? $bar->colour.'40' : $bar->colour;
        $axis = $bar->axis === null ? '' : sprintf(
            'linear-gradient(to right,transparent %1$s%%,%2$s %1$s%%,%2$s calc(%1$s%% + 1px),transparent calc(%1$s%% + 1px)),',
            round(100 * $bar->axis, 2), $bar->axisColour ?? '#000000',
        );

        $stops = "transparent $start%,$bar->colour $start%,$to $end%,transparent $end%";

        return " style=\"background-image:{$axis}linear-gradient(to right,$stops)\"";
    }

    private function mark(Shape $shape, string $colour): string
    {
        $this->hasMarks = true;
        $path = "<path fill-rule=\"evenodd\" fill=\"$colour\" d=\"{$shape->path()}\"/>";

        return "<svg class=\"m\" role=\"img\" aria-label=\"{$shape->words()}\" viewBox=\"0 0 12 12\">$path</svg>";
    }

    /** @return array{string, string|null} the element and its scope */
    private static function element(?TableReading $table, int $row, int $column): array
    {
        return match ($table?->partAt($row, $column)) {
            Part::Heading => ['th', $table->runAt($row)?->part === Part::Heading ? 'col' : 'row'],
            Part::ColumnGroup => ['th', 'colgroup'],
            Part::RowLabel => ['th', 'row'],
            Part::RowGroup => ['th', 'rowgroup'],
            Part::Total, Part::Subtotal => $table->column($column)?->role === ColumnRole::Label ? ['th', 'row'] : ['td', null],
            default => ['td', null],
        };
    }

    /** @param  array<string, Edge|null>  $edges by side */
    private function rules(Look $look, Shown $shown, array $edges): string
    {
        $fill = $look->text(Attribute::Fill, 'none');
        $lines = array_filter([
            $look->text(Attribute::Underline, 'none') !== 'none' ? 'underline' : '',
            $look->is(Attribute::Strike) ? 'line-through' : '',
        ]);
        $rules =
            'font:'.
            ($look->is(Attribute::Italic) ? 'italic ' : '').
            ($look->is(Attribute::Bold) ? '700 ' : '400 ').
            round(Ruler::px($look), 2).
            'px '.
            $this->faces->families($look).
            ';color:'.
            ($shown->formatted->ink ?? $look->text(Attribute::Ink, '#000000')).
            ";text-align:{$shown->align};vertical-align:".
            match ($look->text(Attribute::Vertical, 'bottom')) {
                'top' => 'top',
                'center' => 'middle',
                default => 'bottom',
            }.
            ($fill === 'none' ? '' : ";background:$fill").
            ($look->is(Attribute::Wrap) ? ';white-space:pre-wrap' : '').
            ($look->number(Attribute::Indent) > 0
                ? ';padding-'.($shown->align === 'right' ? 'right' : 'left').':'.(4 + 9 * $look->number(Attribute::Indent)).'px'
                : '').
            ($lines === []
                ? ''
                : ';text-decoration:'.implode(' ', $lines).($look->text(Attribute::Underline) === 'double' ? ' double' : ''));
        foreach ($edges as $side => $edge) {
            $rules .= $edge === null ? '' : ";border-$side:{$edge->line->width()}px {$edge->line->stroke()} {$edge->colour}";
        }

        return $rules;
    }

    private function className(string $rules): string
    {
        return $this->classes[$rules] ??= 'l'.base_convert((string) count($this->classes), 10, 36);
    }

    private static function escape(string $text): string
    {
        return strtr(HtmlProof::plain($text), ['&' => '&amp;', '<' => '&lt;', '>' => '&gt;', '"' => '&quot;', "\r" => '&#13;']);
    }
}
