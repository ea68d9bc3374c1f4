<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Support\Facades\DB;
use Rilvet\Formula\Unsettled;
use Rilvet\Grid\BlockIndex;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Intake\SheetTyping;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Correction\Corrections;
use Rilvet\Reading\Reading;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\PartRule;
use Rilvet\Work\Setup;
use Rilvet\Work\Worksheet;

/**
 * Sheets from and to their stored documents.
 *
 * @phpstan-import-type ReadingData from Reading
 * @phpstan-import-type SetupData from Setup
 * @phpstan-import-type Runs from LookMap
 * @phpstan-import-type BlockRun from BlockIndex
 */
final class Documents
{
    public static function load(\App\Models\Sheet $row): Worksheet
    {
        /** @var array<string, string> $stored */
        $stored = DB::table('documents')->where('sheet_id', $row->id)->pluck('data', 'name')->all();
        $data = array_map(fn (string $json): mixed => json_decode($json, true, 64, JSON_THROW_ON_ERROR), $stored);
        /** @var array<int, array<string, bool|string>>|null $typed */
        $typed = $data['typing'] ?? null;
        $typing = $typed === null ? null : SheetTyping::fromArray($typed);
        /** @var array{stylebook: array<string, mixed>, clean: bool}|null $dress */
        $dress = $data['dress'] ?? null;
        /** @var ReadingData $found */
        $found = $data['found'];
        /** @var list<array<string, mixed>> $corrections */
        $corrections = $data['corrections'] ?? [];
        /** @var SetupData $setup */
        $setup = $data['setup'];
        /** @var SetupData|null $fitted */
        $fitted = $data['fitted'] ?? null;
        /** @var array{file?: Runs, named?: Runs, hand?: Runs, rules?: list<array{part: string, kind: string|null, look: array<string, bool|int|float|string>, heading?: string}>, wears?: list<string>, joins?: array<string, string>|null, results?: array{waiting: list<string>, kept: list<string>, circles?: list<string>}|null, origin?: string|null, moves?: list<array{bool, int, int, bool}|array{'order', int, int, string}>|null} $data */

        return new Worksheet(
            new BlockSheet($row->name, $row->rows, $row->columns, new DatabaseBlockStore($row->id), $typing, self::index($row)),
            $row->name,
            Reading::fromArray($found),
            array_map(Corrections::of(...), $corrections),
            $typing,
            $dress === null ? null : Stylebook::of($dress['stylebook']),
            $dress['clean'] ?? false,
            Setup::fromArray($setup),
            $fitted === null ? null : Setup::fromArray($fitted),
            new LookMap($data['file'] ?? []),
            new LookMap($data['named'] ?? []),
            new LookMap($data['hand'] ?? []),
            array_map(PartRule::fromArray(...), $data['rules'] ?? []),
            $data['wears'] ?? [],
            $data['joins'] ?? [],
            $data['origin'] ?? null,
            array_map(fn (array $move) => $move[0] === 'order' ? RowOrder::fromArray($move) : new Shift(...$move), $data['moves'] ?? []),
            Unsettled::fromArray($data['results'] ?? null),
        );
    }

    public static function index(\App\Models\Sheet $row): BlockIndex
    {
        /** @var list<BlockRun>|null $runs */
        $runs = $row->blocks === null ? null : json_decode($row->blocks, true, 4, JSON_THROW_ON_ERROR);

        return BlockIndex::fromArray($runs);
    }

    /** Stores all documents of a new sheet. */
    public static function create(int $sheet, Worksheet $worksheet): void
    {
        foreach (Worksheet::DOCUMENTS as $name) {
            self::put($sheet, $name, json_encode($worksheet->document($name), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION));
        }
    }

    public static function put(int $sheet, string $name, string $json): void
    {
        DB::table('documents')->upsert([['sheet_id' => $sheet, 'name' => $name, 'data' => $json]], ['sheet_id', 'name'], ['data']);
    }
}
