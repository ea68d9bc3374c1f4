<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Look\LookBook;
use Rilvet\Refusal;

/** A workbook at work: its worksheets in order and the looks they use. */
final readonly class Workbook
{
    /**
     * @param  array<int, Worksheet>  $sheets  by the number that acts name them with, in the order of the workbook
     * @param  bool  $from1904  dates count from 1904 (18.2.28)
     * @param  array<string, string>  $names  defined names and what they refer to
     */
    public function __construct(
        public string $name,
        public array $sheets,
        public LookBook $looks,
        public bool $from1904 = false,
        public array $names = [],
    ) {
    }

    /** @throws Refusal when there is no such sheet */
    public function sheet(int $number): Worksheet
    {
        return $this->sheets[$number] ?? throw NoSuchSheet::number($number);
    }

    public function withSheet(int $number, Worksheet $sheet): self
    {
        return new self($this->name, array_replace($this->sheets, [$number => $sheet]), $this->looks, $this->from1904, $this->names);
    }

    /** @param  list<int>  $numbers  of all sheets, in their new order */
    public function ordered(array $numbers): self
    {
        $sheets = [];
        foreach ($numbers as $number) {
            $sheets[$number] = $this->sheet($number);
        }

        return new self($this->name, $sheets, $this->looks, $this->from1904, $this->names);
    }

    /** @param  array<string, string>  $names */
    public function naming(array $names): self
    {
        return new self($this->name, $this->sheets, $this->looks, $this->from1904, $names);
    }

    public function renamed(string $name): self
    {
        return new self($name, $this->sheets, $this->looks, $this->from1904, $this->names);
    }
}
