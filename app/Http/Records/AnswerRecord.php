<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Reading\Correction\RowsAreEach;

/** One of the two readings that are asked about, with the correction that keeps it. */
final readonly class AnswerRecord
{
    /** @param  list<list<bool|int|string|null>>  $rows  first, last, part, whether labelled by codes */
    private function __construct(public string $words, public string $type, public int $row, public int $column, public array $rows)
    {
    }

    public static function of(string $words, RowsAreEach $each): self
    {
        $data = $each->toArray();

        return new self($words, $data['type'], $data['row'], $data['column'], $data['rows']);
    }
}
