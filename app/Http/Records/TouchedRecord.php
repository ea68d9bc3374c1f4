<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Act\TouchesOver;
use Rilvet\Work\Worksheet;

/** Hand touches of a sheet: how many cells have one, and where the first of them stand. */
final readonly class TouchedRecord
{
    private const PLACES = 12;

    /** @param  list<string>  $places */
    public function __construct(public int $number, public string $name, public int $cells, public array $places)
    {
    }

    public static function of(int $number, Worksheet $sheet): self
    {
        return new self($number, $sheet->name, TouchesOver::count($sheet), TouchesOver::places($sheet, self::PLACES));
    }
}
