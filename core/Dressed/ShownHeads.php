<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Grid\Cell;
use Rilvet\Grid\Sheet;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\LetterCase;

/** Headings and column groups that a stylebook shows in other letters; their texts stay. */
final class ShownHeads
{
    /** Characters of a heading that is shown otherwise: a number format has 255 in all (common practice). */
    private const LONGEST = 100;

    /** Headings of a row: each takes a number format of its own, of which programs hold a few hundred (common practice). */
    private const MOST = 200;

    /** Rows that are kept in mind. */
    private const ROWS = 200;

    /** @var array<int, list<Cell>> by row */
    private array $rows = [];

    /** @param  array<string, LetterCase>  $cases  by Part value */
    public function __construct(private readonly Sheet $cells, private readonly array $cases)
    {
    }

    /** @return string|null null where it is shown as it is written */
    public function shown(Part $part, int $row, int $column): ?string
    {
        $case = $this->cases[$part->value] ?? null;
        if ($case === null) {
            return null;
        }
        if (! isset($this->rows[$row])) {
            $this->rows = count($this->rows) < self::ROWS ? $this->rows : [];
            $this->rows[$row] = [];
            foreach ($this->cells->read($row, $row) as $cells) {
                $this->rows[$row] = count($cells) > self::MOST ? [] : $cells;
            }
        }
        $cell = $this->rows[$row][$column - 1] ?? null;
        $text = $cell?->isText() === true ? $cell->text() : '';
        $shown = mb_strlen($text) > self::LONGEST ? $text : $case->of($text);

        return $shown === $text ? null : $shown;
    }
}
