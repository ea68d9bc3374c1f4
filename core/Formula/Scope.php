<?php

declare(strict_types=1);

namespace Rilvet\Formula;

/** What the words of a formula mean in a workbook: its sheets, its defined names and its tables. */
final class Scope
{
    /** @var array<string, int> number by the name in lower case */
    private array $sheets = [];

    /** @var array<string, string> what names refer to, by the name in lower case */
    private array $names = [];

    /** @var array<string, TableRange> by the name in lower case */
    private array $tables = [];

    /**
     * @param  array<int, string>  $ordered  names of the sheets by number, in the order of the workbook
     * @param  array<string, string>  $names  what they refer to
     * @param  array<string, TableRange>  $tables
     */
    public function __construct(private readonly array $ordered, array $names, array $tables)
    {
        foreach ($ordered as $number => $name) {
            $this->sheets[mb_strtolower($name)] = $number;
        }
        foreach ($names as $name => $refers) {
            $this->names[mb_strtolower((string) $name)] = ltrim($refers, '=');
        }
        foreach ($tables as $name => $table) {
            $this->tables[mb_strtolower((string) $name)] = $table;
        }
    }

    /** The name of a sheet. */
    public function nameOf(int $sheet): string
    {
        return $this->ordered[$sheet] ?? '';
    }

    public function sheet(string $name): ?int
    {
        return $this->sheets[mb_strtolower($name)] ?? null;
    }

    /**
     * The sheets from one to another, in the order of the workbook (3-D references, 18.17.2.3).
     *
     * @return list<int>
     */
    public function between(string $first, string $last): array
    {
        $order = array_keys($this->ordered);
        $from = array_search($this->sheet($first), $order, true);
        $to = array_search($this->sheet($last), $order, true);

        return $from === false || $to === false ? [] : array_slice($order, min($from, $to), abs($to - $from) + 1);
    }

    public function name(string $name): ?string
    {
        return $this->names[mb_strtolower($name)] ?? null;
    }

    public function table(string $name): ?TableRange
    {
        return $this->tables[mb_strtolower($name)] ?? null;
    }

    /** The table that a cell stands in: inside of it, brackets alone mean its columns. */
    public function tableAt(int $sheet, int $row, int $column): ?TableRange
    {
        foreach ($this->tables as $table) {
            if ($table->sheet === $sheet && $table->range->contains($row, $column)) {
                return $table;
            }
        }

        return null;
    }
}
