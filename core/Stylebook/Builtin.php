<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Stylebook\Exception\StylebookIsWrong;

/** The stylebooks that come with Rilvet. */
final class Builtin
{
    private const FILES = [
        'river-ledger', 'plain-rule', 'long-list', 'clear-account', 'bed-calendar', 'weather-book', 'market-board', 'open-form',
        'night-heads', 'thin-ink',
    ];

    /** @return list<Stylebook> */
    public static function all(): array
    {
        static $all = null;

        /** @var list<Stylebook> */
        return $all ??= array_map(self::read(...), self::FILES);
    }

    private static function read(string $file): Stylebook
    {
        return Stylebook::fromJson((string) file_get_contents(__DIR__."/builtin/$file.json"));
    }

    /** What a new one begins with: what every table needs to be read. */
    public static function blank(): Stylebook
    {
        return self::read('blank');
    }

    /** @throws StylebookIsWrong */
    public static function named(string $name): Stylebook
    {
        foreach (self::all() as $stylebook) {
            if (mb_strtolower($stylebook->name) === mb_strtolower(trim($name))) {
                return $stylebook;
            }
        }
        throw StylebookIsWrong::unknown($name);
    }
}
