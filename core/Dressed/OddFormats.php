<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Number\FormatClass;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Worksheet;

/**
 * Cells that came with a number format of another class than their column's: somebody has said that this one is a share, a
 * date, a duration, a fraction or another currency, and its figure would say another thing in the column's format.
 */
final class OddFormats
{
    private const PARTS = [Part::Body, Part::RowLabel, Part::Subtotal, Part::Total];

    /** @var array<int, int> looks with a number format, by their numbers */
    private array $numbered = [];

    /** @var array<string, string> class of the number formats of a column, by the table's first row and the column */
    private array $usual = [];

    public function __construct(private readonly Worksheet $sheet, private readonly LookBook $looks)
    {
    }

    /** The look that came with a cell, where it says a number format; else 0. */
    public function number(int $look): int
    {
        return $this->numbered[$look] ??= FormatClass::of($this->code($look)) === FormatClass::General ? 0 : $look;
    }

    /** @param  callable(): list<LayerEntry>  $dress  the layers that the cell would wear */
    public function keeps(int $look, TableReading $table, Part $part, int $column, callable $dress): bool
    {
        $class = self::classOf($this->code($look));
        if (
            ! in_array($part, self::PARTS, true) ||
            $class === ($this->usual["{$table->range->top}.$column"] ??= $this->usualClass($table, $column))
        ) {
            return false;
        }
        $dressed = '';
        foreach ($dress() as $entry) {
            $dressed = $entry->look->text(Attribute::Number, $dressed);
        }
        $isPlain = $class === 'plain' && in_array(explode(' ', self::classOf($dressed))[0], ['plain', 'currency'], true);

        return $dressed !== '' &&
            ! $isPlain &&
            ! in_array($class, [self::classOf($dressed), 'currency '.$table->column($column)?->unit], true);
    }

    private function code(int $look): string
    {
        return $this->looks->look($look)->text(Attribute::Number);
    }

    /** What a number format makes of a number; formats of one class say the same thing of it. */
    private static function classOf(string $code): string
    {
        $class = FormatClass::of($code);

        return match ($class) {
            FormatClass::Currency => 'currency '.FormatClass::currency($code),
            FormatClass::General, FormatClass::Number, FormatClass::Text => preg_match(
                '~[?#0]\s*/\s*[?#0-9]~',
                (string) preg_replace('/"[^"]*"|\\\\./', '', $code),
            ) === 1
                ? 'fraction'
                : 'plain',
            default => $class->value,
        };
    }

    /** The class that most cells of a column's body came with. */
    private function usualClass(TableReading $table, int $column): string
    {
        $rows = ['plain' => 0];
        foreach ($table->runs as $run) {
            if ($run->part !== Part::Body) {
                continue;
            }
            $rows['plain'] += $run->last - $run->first + 1;
            foreach ($this->sheet->file->within($column, $run->first, $run->last) as [$first, $last, $look]) {
                $class = self::classOf($this->code($look));
                $rows[$class] = ($rows[$class] ?? 0) + $last - $first + 1;
                $rows['plain'] -= $last - $first + 1;
            }
        }
        arsort($rows);

        return array_key_first($rows);
    }
}
