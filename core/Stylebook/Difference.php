<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

/** One rule in which two stylebooks differ. */
final readonly class Difference
{
    /**
     * @param  string  $where  the place in the JSON: "parts.heading.fill"
     * @param  string  $words  the same as people say it: "Column headings, fill"
     * @param  bool|float|int|string|null  $before  null where it says nothing
     * @param  bool|float|int|string|null  $after  null where it says nothing
     * @param  list<string>  $path  the keys that lead to the place; names may have dots in them
     */
    public function __construct(
        public string $where,
        public string $words,
        public bool|float|int|string|null $before,
        public bool|float|int|string|null $after,
        public array $path = [],
    ) {
    }

    /** "Column headings, fill: @band, was #224466". */
    public function said(): string
    {
        [$before, $after] = [self::shown($this->before), self::shown($this->after)];

        return match (true) {
            $this->before === null => "$this->words: $after, said nothing",
            $this->after === null => "$this->words: says nothing, was $before",
            default => "$this->words: $after, was $before",
        };
    }

    public static function shown(bool|float|int|string|null $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            $value === '' => '(blank)',
            default => (string) $value,
        };
    }
}
