<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Address;
use Rilvet\Measure\Exception\SizeIsWrong;
use Rilvet\Work\Opening;
use Rilvet\Work\Workbook;

/** How sheets open: what stays in sight, gridlines, zoom. What is null stays as it is. */
final readonly class SetOpening implements Act
{
    /** Frozen parts must leave room for the rest on a screen. */
    private const ROWS = 200;

    private const COLUMNS = 50;

    /**
     * @param  non-empty-list<int>  $sheets
     * @param  int|null  $firstRow  of the first cell that is shown
     * @param  bool  $parts  freezes the headings and row labels of each sheet's first table
     */
    public function __construct(
        private array $sheets,
        private ?int $freezeRow = null,
        private ?int $freezeColumn = null,
        private ?bool $gridlines = null,
        private ?int $zoom = null,
        private bool $parts = false,
        private ?int $firstRow = null,
        private ?int $firstColumn = null,
    ) {
    }

    public function on(Workbook $workbook): Workbook
    {
        if (
            ($this->freezeRow !== null && ($this->freezeRow < 0 || $this->freezeRow > self::ROWS)) ||
            ($this->freezeColumn !== null && ($this->freezeColumn < 0 || $this->freezeColumn > self::COLUMNS))
        ) {
            throw SizeIsWrong::frozen();
        }
        if ($this->zoom !== null && ($this->zoom < 10 || $this->zoom > 400)) {
            throw SizeIsWrong::zoom();
        }
        if (
            ($this->firstRow ?? 1) < 1 ||
            ($this->firstRow ?? 1) > Address::ROWS ||
            ($this->firstColumn ?? 1) < 1 ||
            ($this->firstColumn ?? 1) > Address::COLUMNS
        ) {
            throw SizeIsWrong::firstCell();
        }
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            Targets::open($sheet);
            $now = $sheet->setup->opening;
            $table = $this->parts ? $sheet->reading->tables[0] ?? null : null;
            $freezeRow = $table?->lastHeadRow() ?? ($this->freezeRow ?? $now->freezeRow);
            $freezeColumn = $table?->lastLabelColumn() ?? ($this->freezeColumn ?? $now->freezeColumn);
            $workbook = $workbook->withSheet(
                $number,
                $sheet->opening(
                    new Opening(
                        min(self::ROWS, $freezeRow),
                        min(self::COLUMNS, $freezeColumn),
                        $this->gridlines ?? $now->gridlines,
                        $this->zoom ?? $now->zoom,
                        $this->firstRow ?? $now->firstRow,
                        $this->firstColumn ?? $now->firstColumn,
                        $now->rightToLeft,
                    ),
                ),
            );
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::on(...$this->sheets);
    }

    public function words(Workbook $workbook): string
    {
        $words = array_filter([
            $this->parts ? 'Headings and row labels kept in sight' : null,
            $this->freezeRow === null && $this->freezeColumn === null
                ? null
                : ($this->freezeRow === 0 && $this->freezeColumn === 0
                    ? 'Nothing frozen'
                    : 'Frozen parts'),
            $this->gridlines === null ? null
                : ($this->gridlines ? 'Gridlines shown' : 'Gridlines hidden'),
            $this->zoom === null ? null : "Zoom {$this->zoom} %",
            $this->firstRow === null && $this->firstColumn === null
                ? null
                : 'Opens at '.Address::columnName($this->firstColumn ?? 1).($this->firstRow ?? 1),
        ]);

        return implode(', ', $words).(count($this->sheets) > 1 ? ', '.count($this->sheets).' sheets' : '');
    }
}
