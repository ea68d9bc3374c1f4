<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Condition\Around;
use Rilvet\Condition\Verdict;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Cell;
use Rilvet\Grid\FilledRows;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Edge;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Ruler;
use Rilvet\Measure\Shown;
use Rilvet\Measure\Turned;
use Rilvet\Text\Fonts;
use Rilvet\Work\Merges;
use Rilvet\Work\Worksheet;

/** Makes windows of a sheet. */
final class Painter
{
    private readonly DressedSheet $dressed;

    private readonly Lines $lines;

    private readonly Merges $merges;

    private readonly Ruler $ruler;

    private readonly Spans $spans;

    /** @var array<int|string, int> worn look, with the ink that its number format asks for, to index in the window */
    private array $indexes = [];

    /** @var list<WindowLook> */
    private array $looks = [];

    /** @var array<int, array{bool, bool}> how texts of what is worn take room, by its number */
    private array $ways = [];

    /** @var array<int, bool> whether what is worn has a fill, by its number */
    private array $filled = [];

    public function __construct(
        private readonly Worksheet $sheet,
        LookBook $looks,
        Fonts $fonts,
        private readonly bool $from1904 = false,
        ?Around $around = null,
    ) {
        $this->dressed = new DressedSheet($sheet, $looks, $around);
        $this->merges = new Merges($sheet->setup->merges);
        $this->lines = new Lines($sheet, $this->dressed, $this->merges);
        $this->ruler = new Ruler($fonts);
        $this->spans = new Spans($sheet, $this->dressed);
    }

    /** @param  int  $number of the sheet, handed through */
    public function paint(int $number, Range $range): Window
    {
        $this->indexes = [];
        $this->looks = [];
        $setup = $this->sheet->setup;
        $cells = [];
        $merges = array_values(array_filter($setup->merges, fn (Range $merge) => $merge->meets($range)));
        $isMerged = $merges !== [];
        $folded = array_filter(
            array_combine(
                range($range->left, $range->right),
                array_map($setup->sizes->hidesColumn(...), range($range->left, $range->right)),
            ),
        );
        $judges = $this->dressed->judges();
        $verdicts = [];
        $rows = $this->rows($range);
        if ($judges !== null) {
            $rows = iterator_to_array($rows);
            $judges->hold($rows);
            $verdicts = $judges->held($range->left, $range->right);
        }
        foreach ($rows as $row => $values) {
            foreach ($this->dressed->stretch($row, $range->left, $range->right)[1] as $column => $worn) {
                $cell = $values[$column - 1] ?? Cell::blank();
                $verdict = $verdicts[$column][$row] ?? null;
                $worn = $verdict === null ? $worn : $this->dressed->wearing($worn, $verdict);
                // What stands in a hidden column must not show at the edge of its neighbour.
                if (isset($folded[$column]) && ($cell->isBlank() || $this->merges->at($row, $column) === null)) {
                    continue;
                }
                $filled = $this->filled[$worn->number] ??= ! in_array($worn->look->text(Attribute::Fill), ['', 'none'], true);
                if (! $filled && $cell->isBlank() && $verdict?->mark === null) {
                    continue;
                }
                $hidden = $isMerged && $this->merges->hides($row, $column);
                if ($hidden && ! $filled) {
                    continue;
                }
                $cells[] = $this->cell($hidden ? Cell::blank() : $cell,
                    $worn, $row, $column, $values, $hidden ? null : $verdict);
            }
        }
        $this->dressed->judges()?->keep();

        return new Window(
            $number, $range->top, $range->left,
            array_map($setup->sizes->heightOf(...), range($range->top, $range->bottom)),
            array_map($setup->sizes->widthOf(...), range($range->left, $range->right)),
            $cells, $this->looks, $this->lines->of($range),
            array_map(fn (Range $merge) => [$merge->top, $merge->left, $merge->bottom, $merge->right], $merges),
        );
    }

    /** The filled cells of the first rows, without their fills and lines: for what looks at texts alone. */
    public function texts(int $number, int $rows): Window
    {
        $this->indexes = $this->looks = [];
        $cells = [];
        foreach ($this->dressed->held(FilledRows::of($this->sheet->cells)) as $row => $values) {
            if ($row > $rows) {
                break;
            }
            foreach ($values as $index => $cell) {
                if (! $cell->isBlank() && ! $this->merges->hides($row, $index + 1)) {
                    $worn = $this->dressed->holding($this->dressed->at($row, $index + 1), $row, $index + 1, $cell);
                    $cells[] = $this->cell($cell, $worn, $row, $index + 1, $values);
                }
            }
        }

        return new Window($number, 1, 1, [], [], $cells, $this->looks, [], []);
    }

    /** @return iterable<int, list<Cell>> rows of the range, also those below the last that holds anything */
    private function rows(Range $range): iterable
    {
        $last = $this->sheet->cells->rows();
        yield from $this->sheet->cells->read($range->top, min($range->bottom, $last));
        for ($row = max($range->top, $last + 1); $row <= $range->bottom; $row++) {
            yield $row => [];
        }
    }

    /** @param  list<Cell>  $values of the whole row */
    private function cell(Cell $cell, ResolvedLook $worn, int $row, int $column, array $values, ?Verdict $verdict = null): WindowCell
    {
        $merge = $this->merges->at($row, $column);
        $shown = Shown::of($cell, $worn, $this->from1904, $this->sheet->setup->opening->rightToLeft);
        if ($verdict?->hidesText === true) {
            $shown = $shown->silent();
        }
        $text = $shown->formatted->text;
        $pieces = $shown->formatted->pieces();
        $from = $column;
        $to = $merge->right ?? $column;
        $scale = 1.0;
        if ($text !== '' && $merge === null) {
            [$shrinks, $reaches] = $this->ways[$worn->number] ??= self::ways($worn->look);
            if ($worn->horizontal === 'span') {
                $to = $this->spans->end($row, $column, $values);
            } elseif ($shrinks) {
                $scale = $this->shrunk($text, $worn->look, $column);
            } elseif ($reaches && $cell->isText()) {
                [$from, $to] = $this->reach($text, $worn->look, $this->along($shown->align), $column, $values);
            } elseif ($cell->isNumber() && ! $this->fits($text, $worn->look, $column) || ! $shown->formatted->fits) {
                // Figures are never cut: where they do not fit, marks stand instead.
                $text = str_repeat('#', max(1, intdiv($this->sheet->setup->sizes->widthOf($column) - Ruler::PADDING, 7)));
                $pieces = null;
            }
        }

        return new WindowCell(
            $row,
            $column,
            $pieces[1] ?? ($text === $shown->formatted->text ? $shown->formatted->marked : $text),
            $this->index($worn, $shown->formatted->ink, $scale),
            $shown->align,
            $pieces[0] ?? null,
            $from,
            $to,
            $verdict?->bar,
            $verdict?->mark === null ? null : new WindowMark($verdict->mark[0]->value, $verdict->mark[1]),
        );
    }

    /** @return array{bool, bool} whether texts shrink to fit, and whether they reach over blank neighbours */
    private static function ways(Look $look): array
    {
        $wraps = $look->is(Attribute::Wrap);

        return [! $wraps && $look->is(Attribute::Shrink), ! $wraps && ! $look->is(Attribute::Clip)];
    }

    /** The side of the lower columns is called left: on a sheet that runs from right to left it is at the right. */
    private function along(string $align): string
    {
        return $this->sheet->setup->opening->rightToLeft ? ['left' => 'right', 'right' => 'left'][$align] ?? $align : $align;
    }

    /**
     * How far a text reaches over blank neighbours.
     *
     * @param  list<Cell>  $values
     * @return array{int, int} first and last column
     */
    private function reach(string $text, Look $look, string $align, int $column, array $values): array
    {
        $need = $this->ruler->width($text, $look) + Ruler::PADDING - $this->sheet->setup->sizes->widthOf($column);
        $from = $to = $column;
        $right = $align === 'left' ? $need
            : ($align === 'center' ? intdiv($need + 1, 2) : 0);
        $left = $align === 'right' ? $need
            : ($align === 'center' ? intdiv($need + 1, 2) : 0);
        while ($right > 0 && ($values[$to] ?? Cell::blank())->isBlank() && $to < $column + 60) {
            $to++;
            $right -= $this->sheet->setup->sizes->widthOf($to);
        }
        while ($left > 0 && $from > 1 && ($values[$from - 2] ?? Cell::blank())->isBlank()) {
            $from--;
            $left -= $this->sheet->setup->sizes->widthOf($from);
        }

        return [$from, $to];
    }

    /** How much smaller a text is set so that it fits its cell. */
    private function shrunk(string $text, Look $look, int $column): float
    {
        $room = max(1, $this->sheet->setup->sizes->widthOf($column) - Ruler::PADDING);
        $need = $this->ruler->width($text, $look);

        return $need <= $room ? 1.0 : max(0.1, floor($room / $need * 50) / 50);
    }

    private function fits(string $text, Look $look, int $column): bool
    {
        return $this->ruler->width($text, $look) <= $this->sheet->setup->sizes->widthOf($column) - 4;
    }

    /**
     * @param  string|null  $ink  what the number format asks for, in the place of the look's own
     * @param  float  $scale  of a text that is shrunk to fit
     */
    private function index(ResolvedLook $worn, ?string $ink, float $scale): int
    {
        $key = $ink === null && $scale === 1.0 ? $worn->number : "$worn->number.$ink.$scale";
        if (! isset($this->indexes[$key])) {
            $this->indexes[$key] = count($this->looks);
            $look = $worn->look;
            $fill = $look->text(Attribute::Fill);
            $this->looks[] = new WindowLook(
                $this->ruler->family($look),
                round(Ruler::px($look) * $scale, 3),
                $look->is(Attribute::Bold),
                $look->is(Attribute::Italic),
                $look->text(Attribute::Underline, 'none'),
                $look->is(Attribute::Strike),
                $look->text(Attribute::Script, 'none'),
                $ink ?? $look->text(Attribute::Ink, '#000000'),
                $fill === '' || $fill === 'none' ? null : $fill,
                $look->text(Attribute::Vertical, 'bottom'),
                (int) $look->number(Attribute::Indent),
                Turned::wraps($look),
                (int) $look->number(Attribute::Rotation),
            );
        }

        return $this->indexes[$key];
    }
}
