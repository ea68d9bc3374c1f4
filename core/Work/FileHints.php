<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Formula\TableRange;
use Rilvet\Grid\Range;
use Rilvet\Intake\SheetTyping;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\FormatHints;
use Rilvet\Reading\SaidTable;
use Rilvet\Work\Aspect\Filter;

/** What the looks that came with a file, and the typing of its text, tell a reading. */
final readonly class FileHints implements FormatHints
{
    /** @param  list<SaidTable>  $tables  of the sheet */
    public function __construct(
        private LookMap $file,
        private LookBook $looks,
        private Setup $setup,
        private ?SheetTyping $typing = null,
        private array $tables = [],
    ) {
    }

    public static function of(Worksheet $sheet, Workbook $workbook, int $number): self
    {
        $tables = self::filtered(self::said($workbook->tables, $number), $sheet->aspect(Filter::class)->range);

        return new self($sheet->file, $workbook->looks, $sheet->came, $sheet->typing, $tables);
    }

    /**
     * @param  array<string, TableRange>  $tables
     * @param  int  $sheet  its number
     * @return list<SaidTable>
     */
    public static function said(array $tables, int $sheet): array
    {
        $said = [];
        foreach ($tables as $table) {
            if ($table->sheet === $sheet) {
                $said[] = new SaidTable($table->range, $table->heads, $table->totals);
            }
        }

        return $said;
    }

    /**
     * Cells that are filtered are as good as named, where the file names no table there.
     *
     * @param  list<SaidTable>  $tables
     * @return list<SaidTable>
     */
    public static function filtered(array $tables, ?Range $filter): array
    {
        $isNamed = $filter !== null && array_filter($tables, fn (SaidTable $table) => $table->range->meets($filter)) !== [];

        return $filter === null || $isNamed || $filter->rows() < 2 ? $tables : [...$tables, new SaidTable($filter, 1, 0)];
    }

    public function frozen(): int
    {
        return $this->setup->opening->freezeRow;
    }

    public function numberFormat(int $row, int $column): ?string
    {
        $code = $this->looks->look($this->file->at($row, $column))->text(Attribute::Number);

        return $code !== '' ? $code : $this->typing->columns[$column]->format ?? null;
    }

    public function isStrong(int $row, int $column): bool
    {
        $look = $this->looks->look($this->file->at($row, $column));

        return $look->is(Attribute::Bold) || ! in_array($look->text(Attribute::Fill), ['', 'none', '#FFFFFF'], true);
    }

    public function merges(): array
    {
        return $this->setup->merges;
    }

    public function tables(): array
    {
        return $this->tables;
    }
}
