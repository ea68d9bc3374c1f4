<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Formula\References;
use Rilvet\Intake\Exception\FileIsWrong;

/** Formulas that are written once and shared by many cells: each is said anew for its place (ISO/IEC 29500-1, 18.3.1.40). */
final class SharedFormulas
{
    /** Bytes that long formulas come to which are written once and shared by many cells. */
    private const BYTES = 6 * 1_048_576;

    /** Bytes of a formula that is not long. */
    private const SHORT = 256;

    private int $bytes = 0;

    /** @var array<int, array{string, int, int}> text, row, column by the number of the group */
    private array $shared = [];

    public function __construct(private readonly string $part)
    {
    }

    /**
     * The formula that a cell of a group has; the first of a group says it for all.
     *
     * @param  string  $attributes  of the formula element
     */
    public function formula(string $attributes, string $text, int $row, int $column): ?string
    {
        if (! str_contains($attributes, 't="')) {
            return $text === '' ? null : $text;
        }
        if (str_contains($attributes, 't="shared"') && preg_match('~\ssi="(\d+)"~', $attributes, $group) === 1) {
            if ($text !== '') {
                $this->shared[(int) $group[1]] = [$text, $row, $column];

                return $text;
            }
            [$first, $firstRow, $firstColumn] = $this->shared[(int) $group[1]] ?? [null, 0, 0];

            $this->bytes += max(0, strlen((string) $first) - self::SHORT);
            if ($this->bytes > self::BYTES) {
                throw FileIsWrong::package(
                    sprintf(
                        '"%s" shares formulas that come to more than %d MB. Such a file is damaged, or made to do harm.',
                        $this->part,
                        self::BYTES / 1_048_576,
                    ),
                );
            }

            return $first === null ? null : References::translated($first, $row - $firstRow, $column - $firstColumn);
        }

        // A table of what-if values has arguments and no formula of its own (18.3.1.40).
        return $text === '' || str_contains($attributes, 't="dataTable"') ? null : $text;
    }
}
