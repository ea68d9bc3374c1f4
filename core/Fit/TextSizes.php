<?php

declare(strict_types=1);

namespace Rilvet\Fit;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Measure\Lines;
use Rilvet\Measure\Ruler;
use Rilvet\Measure\Shown;
use Rilvet\Text\Fonts;
use Rilvet\Work\Merges;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** How much room the texts of a dressed sheet take, as they are shown, in px. */
final class TextSizes
{
    /** Room at both ends of a turned text, px, so that it keeps off the lines above and below. */
    private const TURNED = 6;

    public readonly DressedSheet $dressed;

    public readonly Merges $merges;

    public readonly Ruler $ruler;

    /** @var array<int, array{int, int, bool}> line height, rotation and wrap, by number of what is worn */
    private array $settings = [];

    private readonly bool $from1904;

    public function __construct(Worksheet $sheet, Workbook $workbook, Fonts $fonts)
    {
        $this->dressed = new DressedSheet($sheet, $workbook->looks);
        $this->merges = new Merges($sheet->setup->merges);
        $this->ruler = new Ruler($fonts);
        $this->from1904 = $workbook->from1904;
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
     */
    public function rowHeight(int $row, array $cells, int $left, int $right, callable $width): int
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
            $text = $cell->isBlank() ? '' : $this->text($cell, $worn);
            $height = max(
                $height,
                match (true) {
                    $text === '' || $this->merges->at($row, $column)?->rows() > 1 => $line,
                    $turn === Look::STACKED => $line * mb_strlen($text),
                    // The box of a turned line: its length and its height, each by its share.
                    $turn !== 0 => (int) ceil(
                        sin(deg2rad(abs($turn))) * $this->ruler->width($text, $look) + cos(deg2rad(abs($turn))) * $line,
                    ) + self::TURNED,
                    default => $line *
                        Lines::count($text, $width($column) - Ruler::PADDING, fn (string $words) => $this->ruler->advances($words, $look)),
                },
            );
        }

        return $height;
    }

    /** The width of a text's box as it is turned: its length and its height, each by its share. */
    public function turnedWidth(string $text, Look $look): int
    {
        $turn = (int) $look->number(Attribute::Rotation);
        $line = $turn === 0 ? 0 : $this->ruler->lineHeight($look);

        return match ($turn) {
            0 => $this->ruler->width($text, $look),
            Look::STACKED => $line,
            default => (int) ceil(cos(deg2rad(abs($turn))) * $this->ruler->width($text, $look) + sin(deg2rad(abs($turn))) * $line),
        };
    }

    /** px of the longest word, of a text that may break between its words. */
    public function longestWord(string $text, Look $look): int
    {
        return max(array_map(fn (string $word) => $this->ruler->width($word, $look), preg_split('/\s+/', trim($text)) ?: ['']));
    }
}
