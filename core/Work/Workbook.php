<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Condition\Around;
use Rilvet\Formula\Scope;
use Rilvet\Formula\TableRange;
use Rilvet\Guard\OrderGuard;
use Rilvet\Look\LookBook;
use Rilvet\Refusal;
use Rilvet\Stylebook\Stylebook;

/** A workbook at work: its worksheets in order and the looks they use. */
final readonly class Workbook
{
    /**
     * @param  array<int, Worksheet>  $sheets  by the number that acts name them with, in the order of the workbook
     * @param  bool  $from1904  dates count from 1904 (18.2.28)
     * @param  array<string, string>  $names  defined names and what they refer to
     * @param  array<string, TableRange>  $tables  of the file, by the names that formulas say
     * @param  Stylebook|null  $own  its own named looks and colours
     * @param  array<int, Worksheet>  $beside  sheets that conditions look at, and nothing else
     * @param  OrderGuard|null  $guard  whether the order of its sheets is protected; null where that was never read
     * @param  int  $next  number of the next sheet that is made, where it is more than one beyond those that are loaded
     * @param  bool  $hasResults  the file says what its formulas give; else it asks to be calculated when it is opened (18.2.2)
     */
    public function __construct(
        public string $name,
        public array $sheets,
        public LookBook $looks,
        public bool $from1904 = false,
        public array $names = [],
        public array $tables = [],
        public bool $hasResults = true,
        public ?Stylebook $own = null,
        public array $beside = [],
        public ?OrderGuard $guard = null,
        public int $next = 0,
    ) {
    }

    /** What the words of formulas mean in it. */
    public function scope(): Scope
    {
        return new Scope(array_map(fn (Worksheet $sheet) => $sheet->name, $this->sheets), $this->names, $this->tables);
    }

    /**
     * What conditions of a sheet look at beside it.
     *
     * @param  string|null  $day  "2026-11-27", on which today is; null for the day that it is
     */
    public function around(int $number, ?string $day = null): Around
    {
        $all = $this->sheets + $this->beside;

        return new Around(
            new Scope(array_map(fn (Worksheet $sheet) => $sheet->name, $all), $this->names, $this->tables),
            array_map(fn (Worksheet $sheet) => $sheet->cells, $all), $number, $this->from1904, Around::serial($day, $this->from1904),
        );
    }

    /** @param  array<int, Worksheet>  $sheets  that conditions look at, and no act changes */
    public function standingBeside(array $sheets): self
    {
        return $sheets === [] ? $this : $this->with(beside: $sheets);
    }

    /** @throws Refusal when there is no such sheet */
    public function sheet(int $number): Worksheet
    {
        return $this->sheets[$number] ?? throw NoSuchSheet::number($number);
    }

    /**
     * What belongs to the workbook and to none of its sheets, ready for JSON.
     *
     * @param  'name'|'names'|'own'|'tables'|'guard'  $what
     */
    public function document(string $what): mixed
    {
        return match ($what) {
            'name' => $this->name,
            'names' => (object) $this->names,
            'own' => $this->own?->toArray(),
            'guard' => $this->guard?->toJson(),
            'tables' => (object) array_map(fn (TableRange $table) => $table->toArray(), $this->tables),
        };
    }

    public function withSheet(int $number, Worksheet $sheet): self
    {
        return $this->with(sheets: array_replace($this->sheets, [$number => $sheet]));
    }

    /** The number that a sheet gets which is made now: none that was ever used. */
    public function free(): int
    {
        return max($this->next, 1 + max([0, ...array_keys($this->sheets)]));
    }

    /** With a sheet more, the last of them. */
    public function adding(int $number, Worksheet $sheet): self
    {
        return $this->with(sheets: $this->sheets + [$number => $sheet]);
    }

    /** @param  list<int>  $numbers  of all sheets, in their new order */
    public function ordered(array $numbers): self
    {
        $sheets = [];
        foreach ($numbers as $number) {
            $sheets[$number] = $this->sheet($number);
        }

        return $this->with(sheets: $sheets);
    }

    /** @param  array<string, string>  $names */
    public function naming(array $names): self
    {
        return $this->with(names: $names);
    }

    /**
     * The workbook with other named looks and colours of its own.
     *
     * @param  array<int, Worksheet>  $sheets  as they know them
     */
    public function owning(Stylebook $own, array $sheets): self
    {
        return $this->with(sheets: $sheets, own: $own);
    }

    /** The order of the sheets is protected, or is not. */
    public function ordering(OrderGuard $order): self
    {
        return new self($this->name, $this->sheets, $this->looks, $this->from1904, $this->names, $this->tables, $this->hasResults,
            $this->own, $this->beside, $order, $this->next);
    }

    /** @param  array<string, TableRange>  $tables */
    public function tabled(array $tables): self
    {
        return $this->with(tables: $tables);
    }

    public function renamed(string $name): self
    {
        return $this->with(name: $name);
    }

    /**
     * @param  array<int, Worksheet>|null  $sheets
     * @param  array<string, string>|null  $names
     * @param  array<string, TableRange>|null  $tables
     * @param  array<int, Worksheet>|null  $beside
     */
    private function with(
        ?string $name = null,
        ?array $sheets = null,
        ?array $names = null,
        ?array $tables = null,
        ?Stylebook $own = null,
        ?array $beside = null,
    ): self {
        return new self(
            $name ?? $this->name, $sheets ?? $this->sheets, $this->looks, $this->from1904,
            $names ?? $this->names, $tables ?? $this->tables, $this->hasResults, $own ?? $this->own, $beside ?? $this->beside,
            $this->guard, $this->next,
        );
    }
}
