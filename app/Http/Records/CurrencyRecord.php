<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A currency as it is written where it is paid with. */
final readonly class CurrencyRecord
{
    /** @param  string  $place  of the sign: before or behind */
    public function __construct(
        public string $code,
        public string $symbol,
        public string $place,
        public int $decimals,
        public string $region,
    ) {
    }
}
