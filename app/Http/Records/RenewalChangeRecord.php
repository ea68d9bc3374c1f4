<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Measure\Shown;
use Rilvet\Renew\Plan;

/**
 * A cell of a table that new data says otherwise.
 *
 * @phpstan-import-type Value from Plan
 */
final readonly class RenewalChangeRecord
{
    /**
     * @param  string  $key  what tells its row apart
     * @param  int  $row  as the table stands now
     */
    public function __construct(public string $key, public int $row, public string $heading, public string $was, public string $is)
    {
    }

    /**
     * As the sheet would show it.
     *
     * @param  array{key: string, row: int, column: int, heading: string, was: Value, is: Value}  $change
     */
    public static function of(array $change, DressedSheet $dressed, bool $from1904): self
    {
        $worn = $dressed->at($change['row'], $change['column']);
        $text = fn (null|bool|int|float|string $value) => mb_strimwidth(Shown::of(Cell::of($value), $worn, $from1904)->formatted->text, 0,
            120, '…');

        return new self($change['key'], $change['row'], $change['heading'], $text($change['was']), $text($change['is']));
    }
}
