<?php

declare(strict_types=1);

namespace Rilvet\Paper;

/**
 * What a page is drawn on. Lengths are px at 96 dpi from the upper left corner, y downwards; colours "#RRGGBB". What is not
 * within a paragraph or a cell of a row is furniture, and is not read aloud.
 */
interface Canvas
{
    public function fill(float $x, float $y, float $width, float $height, string $colour): void;

    /** @param  list<float>  $dashes  lengths drawn and left out, in turn; none for a whole line */
    public function stroke(float $x1, float $y1, float $x2, float $y2, float $width, string $colour, array $dashes = []): void;

    /** @param  string  $path  outline in the words of SVG (M, L, H, V, A, Z), in units of a square of 12 by 12 */
    public function shape(string $path, float $x, float $y, float $size, string $colour): void;

    /** @param  float  $y  of the baseline */
    public function text(float $x, float $y, string $text, TextStyle $style): void;

    /** What is drawn until {@see leave()} is seen only within a rectangle. */
    public function clip(float $x, float $y, float $width, float $height): void;

    /** What is drawn until {@see leave()} has its origin at a point, and is turned clockwise. */
    public function turn(float $x, float $y, float $degrees): void;

    public function leave(): void;

    /** A row of a table begins; what is drawn between {@see cell()} and {@see done()} is what a cell of it says. */
    public function row(TableRow $row): void;

    public function cell(int $column): void;

    /** A heading ("H1") or a paragraph ("P") outside of tables. */
    public function paragraph(string $role): void;

    public function done(): void;
}
