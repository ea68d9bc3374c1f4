<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Grid\Address;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Worksheet;

/** What a reader sees of a sheet before scrolling, on a screen of a common size and at the zoom the sheet opens with. */
final readonly class FirstScreen
{
    /** Screens in px, by what people call them. */
    public const SIZES = ['Small laptop' => [1280, 720], 'Laptop' => [1366, 768], 'Desk screen' => [1920, 1080]];

    /**
     * What a reader's program keeps for itself at the sides (row numbers, scroll bar) and above and below; px, from memory of several
     * programs.
     */
    private const SIDES = 60;

    private const ABOVE_AND_BELOW = 300;

    /**
     * @param  int  $row  last row that is seen whole
     * @param  int  $column  last column that is seen whole
     * @param  int  $columnsOutside  columns of tables that are not seen
     * @param  int  $rowsOutside  rows of tables that are not seen
     */
    private function __construct(
        public string $name,
        public int $width,
        public int $height,
        public int $row,
        public int $column,
        public int $columnsOutside,
        public int $rowsOutside,
    ) {
    }

    /** @return list<self> */
    public static function all(Worksheet $sheet): array
    {
        $screens = [];
        foreach (self::SIZES as $name => [$width, $height]) {
            $screens[] = self::of($sheet, $name, $width, $height);
        }

        return $screens;
    }

    public static function of(Worksheet $sheet, string $name, int $width, int $height): self
    {
        $setup = $sheet->setup;
        $scale = 100 / $setup->opening->zoom;
        $column = self::last(
            $setup->sizes->widthOf(...),
            ($width - self::SIDES) * $scale,
            $setup->opening->freezeColumn,
            $setup->opening->firstColumn,
            Address::COLUMNS,
        );
        $row = self::last(
            $setup->sizes->heightOf(...),
            ($height - self::ABOVE_AND_BELOW) * $scale,
            $setup->opening->freezeRow,
            $setup->opening->firstRow,
            Address::ROWS,
        );
        $tables = $sheet->reading->tables;

        return new self(
            $name, $width, $height, $row, $column,
            self::outside(array_map(fn (TableReading $table) => [$table->range->left, $table->range->right], $tables), $column),
            self::outside(array_map(fn (TableReading $table) => [$table->range->top, $table->range->bottom], $tables), $row),
        );
    }

    /**
     * The last that fits: first what stays in sight, then from the first that is shown.
     *
     * @param  callable(int): int  $size  px
     */
    private static function last(callable $size, float $room, int $frozen, int $first, int $most): int
    {
        for ($index = 1; $index <= $frozen; $index++) {
            $room -= $size($index);
        }
        $index = $from = max($first, $frozen + 1);
        // Hidden ones take no room; beyond the greatest screen there is nothing to ask for.
        for ($steps = 0; $index <= $most && $steps < 4_000; $index++, $steps++) {
            $room -= $size($index);
            if ($room < 0) {
                break;
            }
        }

        // Where not even one more fits, what stays in sight is all that is seen.
        return $index === $from ? $frozen : $index - 1;
    }

    /** @param  list<array{int, int}>  $spans */
    private static function outside(array $spans, int $last): int
    {
        return max([0, ...array_map(fn (array $span) => $span[1] - max($last, $span[0] - 1), $spans)]);
    }
}
