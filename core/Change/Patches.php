<?php

declare(strict_types=1);

namespace Rilvet\Change;

/**
 * Patches as they are stored.
 *
 * @phpstan-import-type CellsData from CellsPatch
 * @phpstan-import-type BlocksData from BlocksPatch
 */
final class Patches
{
    private const VERSION = 'version:';

    /**
     * @param  array{int, string, string, string}  $stored  as {@see Patch::toArray()} gives it
     */
    public static function of(array $stored): Patch
    {
        [$sheet, $what, $before, $after] = $stored;

        return match (true) {
            $sheet !== 0 => self::ofSheet($sheet, $what, $before, $after),
            in_array($what, WorkbookPatch::WHAT, true) => new WorkbookPatch($what, $before, $after),
            $what === 'order' => new SheetsPatch(self::numbers($before), self::numbers($after)),
            str_starts_with($what, self::VERSION) => new StylebookPatch(
                (int) substr($what, strlen(self::VERSION)), (int) $before, (int) $after,
            ),
            default => new OldPatch($stored),
        };
    }

    private static function ofSheet(int $sheet, string $what, string $before, string $after): Patch
    {
        if ($what === 'cells') {
            /** @var CellsData $from */
            $from = Json::read($before);
            /** @var CellsData $to */
            $to = Json::read($after);

            return new CellsPatch($sheet, $from, $to);
        }
        if ($what === 'blocks') {
            /** @var BlocksData $from */
            $from = Json::read($before);
            /** @var BlocksData $to */
            $to = Json::read($after);

            return new BlocksPatch($sheet, $from, $to);
        }

        // Rows that older histories put in or took out were no blocks of their own, and cannot be found again.
        return $what === 'shift' ? new OldPatch([$sheet, $what, $before, $after]) : new AspectPatch($sheet, $what, $before, $after);
    }

    /** @return list<int> */
    private static function numbers(string $json): array
    {
        /** @var list<int> */
        return Json::read($json);
    }
}
