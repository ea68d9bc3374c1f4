<?php

declare(strict_types=1);

namespace Rilvet\Look;

/** The looks that are used in a workbook, each once, under a small number. Number 0 is the look that says nothing. */
final class LookBook
{
    /** @var list<Look> */
    private array $looks;

    /** @var array<string, int> */
    private array $numbers = [];

    public function __construct()
    {
        $this->looks = [Look::none()];
        $this->numbers[Look::none()->key()] = 0;
    }

    public function number(Look $look): int
    {
        $key = $look->key();
        if (! isset($this->numbers[$key])) {
            $this->numbers[$key] = count($this->looks);
            $this->looks[] = $look;
        }

        return $this->numbers[$key];
    }

    public function look(int $number): Look
    {
        return $this->looks[$number] ?? Look::none();
    }

    /** @return list<Look> */
    public function all(): array
    {
        return $this->looks;
    }

    /** @param  list<array<string, bool|int|float|string>>  $data the looks from number 0 on */
    public static function fromArray(array $data): self
    {
        $book = new self;
        foreach (array_slice($data, 1) as $values) {
            $book->looks[] = $look = Look::of($values);
            $book->numbers[$look->key()] = count($book->looks) - 1;
        }

        return $book;
    }
}
