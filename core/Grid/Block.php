<?php

declare(strict_types=1);

namespace Rilvet\Grid;

use RuntimeException;

/**
 * Some hundred rows by all columns in one compressed string, so that a window of a sheet reads one or two of them.
 *
 * The content is JSON (a list of rows, each a list of stored cells, trailing blanks left out), deflated at level 1:
 * measured as the best trade between size and time for this data.
 *
 * @phpstan-import-type Stored from Cell
 */
final class Block
{
    public const ROWS = 256;

    /** The block that holds a row (rows from 1, blocks from 0). */
    public static function of(int $row): int
    {
        return intdiv($row - 1, self::ROWS);
    }

    public static function firstRow(int $block): int
    {
        return $block * self::ROWS + 1;
    }

    /** @param  list<list<Stored>>  $rows */
    public static function encode(array $rows): string
    {
        $json = json_encode($rows, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);

        return (string) gzdeflate($json, 1);
    }

    /** @return list<list<Stored>> */
    public static function decode(string $data): array
    {
        /** @var list<list<Stored>> */
        return json_decode(self::json($data), true, 16, JSON_THROW_ON_ERROR);
    }

    /**
     * Rows without the blanks at their ends.
     *
     * @param  list<list<Stored>>  $rows
     * @return list<list<Stored>>
     */
    public static function trimmed(array $rows): array
    {
        foreach ($rows as $at => $line) {
            while ($line !== [] && end($line) === null) {
                array_pop($line);
            }
            $rows[$at] = $line;
        }

        return $rows;
    }

    /**
     * One row as its JSON, for what only carries rows about.
     *
     * @param  list<Stored>  $line
     */
    public static function row(array $line): string
    {
        return json_encode($line, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
    }

    /** @return list<Stored> */
    public static function line(string $json): array
    {
        /** @var list<Stored> */
        return json_decode($json, true, 16, JSON_THROW_ON_ERROR);
    }

    /** @param  list<string>  $rows  as {@see row()} gives them */
    public static function ofRows(array $rows): string
    {
        return (string) gzdeflate('['.implode(',', $rows).']', 1);
    }

    /** False only where no cell of the block is a formula; a text may look like one. */
    public static function mayHoldFormulas(string $data): bool
    {
        return str_contains(self::json($data), '{"f":');
    }

    private static function json(string $data): string
    {
        // What it warns of is said in words below.
        $json = @gzinflate($data);

        return $json !== false ? $json : throw new RuntimeException('A row block cannot be read: its data is damaged.');
    }
}
