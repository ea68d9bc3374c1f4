<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Files\PastedTable;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\PasteCells;
use Rilvet\Grid\Cell;

/** Puts cells that were copied here with their values and looks, or a text from elsewhere, typed cell by cell. */
final readonly class Paste implements WiredAct
{
    public const NAME = 'paste';

    public const ARGUMENTS = '{ row: number; column: number; text?: string; html?: string; cells?: unknown[][]; looks?: GivenLook[][] '
        .'| null }';

    public function act(Arguments $given): Act
    {
        $copied = $given->block('cells');
        $cells = $copied ?? PastedTable::rows($given->text('text'), $given->textOrNull('html') ?? '');
        if ($copied === null && (count($cells) > 1 || count($cells[0] ?? []) > 1)) {
            $cells = array_map(fn (array $row) => array_map(self::harmless(...), $row), $cells);
        }

        return new PasteCells($given->sheet, $given->place(), $cells, $given->listOrNull('looks') === null ? null : $given->looks('looks'));
    }

    /** A table from elsewhere brings values: what looks like a formula in it is a text, and never comes to life here. */
    private static function harmless(Cell|string $text): Cell|string
    {
        return is_string($text) && str_starts_with($text, '=') ? "'$text" : $text;
    }
}
