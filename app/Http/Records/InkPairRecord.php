<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\InkPair;

/** An ink on a fill, how well it reads, and the nearest ink that reads well. */
final readonly class InkPairRecord
{
    /** @param  list<string>  $where  in words */
    public function __construct(
        public string $ink,
        public string $fill,
        public float $ratio,
        public float $wanted,
        public bool $passes,
        public string $better,
        public array $where,
    ) {
    }

    public static function of(InkPair $pair): self
    {
        return new self(
            $pair->ink->toHex(), $pair->fill->toHex(), floor($pair->ratio() * 10) / 10, $pair->wanted(), $pair->passes(),
            $pair->better()->toHex(),
            array_map(self::words(...), $pair->where),
        );
    }

    private static function words(string $where): string
    {
        [$group, $name] = explode('.', $where, 2);

        return match ($group) {
            'parts' => Part::from($name)->words(),
            'kinds' => ColumnKind::from($name)->ofMany(),
            default => $name,
        };
    }
}
