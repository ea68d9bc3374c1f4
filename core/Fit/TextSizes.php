<?php

declare(strict_types=1);

namespace Rilvet\Fit;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Measure\Lines;
use Rilvet\Measure\Ruler;
use Rilvet\Measure\Shown;
use Rilvet\Measure\Turned;
use Rilvet\Text\Fonts;
use Rilvet\Work\Merges;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** How much room the texts of a dressed sheet take, as they are shown, in px. */
final class TextSizes
{
    private const FAR = 500;

    public readonly DressedSheet $dressed;

    public readonly Merges $merges;

    public readonly Ruler $ruler;

    /** @var array<int, array{int, int, bool}> line height, rotation and wrap, by number of what is worn */
    private array $settings = [];

    private readonly bool $from1904;

    /** @var array<int, int> rows sized by hand, as keys */
    private readonly array $heldRows;

    public function __construct(private readonly Worksheet $sheet, Workbook $workbook, Fonts $fonts)
    {
        $this->dressed = new DressedSheet($sheet, $workbook->looks);
        $this->merges = new Merges($sheet->setup->merges);
        $this->ruler = new Ruler($fonts);
        $this->from1904 = $workbook->from1904;
        $this->heldRows = array_flip($sheet->setup->sizes->heldRows);
    }

    /** What a cell shows in what it wears. */
    public function text(Cell $cell, ResolvedLook $worn): string
    {
        return Shown::of($cell, $worn, $this->from1904)->formatted->text;
    }

    /**
     * The height that some cells of a row need: wrapped lines, sizes of type, turned text.
     *
     * @param  list<Cell>  $cells  of the row, from its first column
     * @param  callable(int): int  $width  px by column
     * @param  bool  $merged  merged cells want room too
     */
    public function rowHeight(int $row, array $cells, int $left, int $right, callable $width, bool $merged = true): int
    {
        $height = 0;
        for ($column = $left; $column <= $right; $column++) {
            $cell = $cells[$column - 1] ?? Cell::blank();
            if ($cell->isBlank() && $column > $left) {
                continue;
            }
            $worn = $this->dressed->at($row, $column);
            [$line, $turn, $wraps] = $this->settings[$worn->number] ??= [
                $this->ruler->lineHeight($worn->look),
                (int) $worn->look->number(Attribute::Rotation),
                $worn->look->is(Attribute::Wrap),
            ];
            if (! $wraps && $turn === 0) {
                $height = max($height, $line * (is_string($cell->value) ? substr_count($cell->value, "\n") + 1 : 1));

                continue;
            }
            $look = $worn->look;
            $merge = $this->merges->at($row, $column);
            $text = $cell->isBlank() ? '' : $this->text($cell, $worn);
            $height = max(
                $height,
                match (true) {
                    $text === '' || $merge?->rows() > 1 || $merge !== null && ! $merged => $line,
                    $turn === Look::STACKED => Turned::stacked($text, $line, $this->ruler->letterHeight($look))[1],
                    $turn !== 0 => (int) ceil($this->turned($text, $look, $line)[1]) + Turned::PADDING,
                    default => $line *
                        Lines::count(
                            $text,
                            $this->across($column, $merge, $width) - Ruler::PADDING,
                            fn (string $words) => $this->ruler->advances($words, $look),
                        ),
                },
            );
        }

        return $height;
    }

    /**
     * px across a cell, or across the columns that it is merged over.
     *
     * @param  callable(int): int  $width  px by column
     */
    private function across(int $column, ?Range $merge, callable $width): int
    {
        // Beyond so many columns no text wraps.
        $last = min($merge->right ?? $column, $column + self::FAR);
        $px = 0;
        for (; $column <= $last; $column++) {
            $px += $width($column);
        }

        return $px;
    }

    /** The width of a text's box as it is turned, in a row. */
    public function turnedWidth(string $text, Look $look, int $row): int
    {
        $turn = (int) $look->number(Attribute::Rotation);
        if ($turn === 0) {
            return $this->ruler->width($text, $look);
        }
        $line = $this->ruler->lineHeight($look);
        if ($turn === Look::STACKED) {
            return Turned::stacked($text, $line, 0)[0];
        }
        // A row that keeps its height breaks what is longer; others grow with it.
        if (Turned::wraps($look) && $this->keeps($row)) {
            $room = $this->sheet->setup->sizes->heightOf($row) - Turned::PADDING;
            $lines = Lines::count($text, $room, fn (string $words) => $this->ruler->advances($words, $look));

            return (int) ceil(Turned::box($room, $lines * $line, $turn)[0]);
        }

        return (int) ceil($this->turned($text, $look, $line)[0]);
    }

    /** @return array{float, float} px across and down of a text that is slanted or upright, in the lines that were typed */
    private function turned(string $text, Look $look, int $line): array
    {
        return Turned::box(
            $this->ruler->width($text, $look),
            $line * (substr_count($text, "\n") + 1),
            (int) $look->number(Attribute::Rotation),
        );
    }

    /** Whether no fit changes the height of a row: it was sized by hand, or by the file where no stylebook fits. */
    private function keeps(int $row): bool
    {
        $sizes = $this->sheet->setup->sizes;

        return isset($this->heldRows[$row]) || $this->sheet->stylebook === null && $sizes->isFixed($row);
    }

    /** px of the longest word, of a text that may break between its words. */
    public function longestWord(string $text, Look $look): int
    {
        return max(array_map(fn (string $word) => $this->ruler->width($word, $look), preg_split('/\s+/', trim($text)) ?: ['']));
    }
}
