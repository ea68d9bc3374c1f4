<?php

declare(strict_types=1);

namespace App\Bench;

use Rilvet\Stylebook\Difference;
use Rilvet\Stylebook\Merge;
use RuntimeException;

/** Somebody kept another version of a stylebook while it was being changed here. */
final class WentOn extends RuntimeException
{
    public function __construct(public readonly int $version, public readonly Merge $merge)
    {
        parent::__construct("Version $version was kept while you worked. Nothing of either is lost: choose how they come together.");
    }

    /** @return array{version: int, theirs: list<string>, mine: list<string>, both: list<string>} */
    public function toArray(): array
    {
        return [
            'version' => $this->version, 'theirs' => self::said($this->merge->theirs), 'mine' => self::said($this->merge->mine),
            'both' => array_map(
                fn (Difference $one) => "$one->words: ".Difference::shown($one->before).' there, '.Difference::shown($one->after).' here',
                $this->merge->both,
            ),
        ];
    }

    /**
     * @param  list<Difference>  $changes
     * @return list<string>
     */
    private static function said(array $changes): array
    {
        return array_map(fn (Difference $one) => $one->said(), $changes);
    }
}
