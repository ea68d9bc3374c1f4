<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Support\Facades\DB;
use Rilvet\Change\Json;
use Rilvet\Feature\Features;
use Rilvet\Grid\BlockIndex;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\BlockStore;
use Rilvet\Intake\SheetTyping;
use Rilvet\Reading\Correction\Corrections;
use Rilvet\Reading\Reading;
use Rilvet\Stylebook\StylebookReference;
use Rilvet\Work\Aspects;
use Rilvet\Work\Setup;
use Rilvet\Work\SheetDocuments;
use Rilvet\Work\Worksheet;

/**
 * Sheets from and to their stored documents.
 *
 * @phpstan-import-type ReadingData from Reading
 * @phpstan-import-type SetupData from Setup
 * @phpstan-import-type BlockRun from BlockIndex
 */
final class Documents
{
    public static function load(\App\Models\Sheet $row): Worksheet
    {
        /** @var array<string, string> $stored */
        $stored = DB::table('documents')->where('sheet_id', $row->id)->pluck('data', 'name')->all();

        return self::build($stored, $row->name, $row->rows, $row->columns, new DatabaseBlockStore($row->id, $row->data_revision),
            self::index($row));
    }

    /** @param  array<string, string>  $stored  documents as JSON, by name */
    public static function build(array $stored, string $name, int $rows, int $columns, BlockStore $blocks, BlockIndex $index): Worksheet
    {
        $data = array_map(Json::read(...), $stored);
        /** @var array<int, array<string, bool|string>>|null $typed */
        $typed = $data['typing'] ?? null;
        $typing = $typed === null ? null : SheetTyping::fromArray($typed);
        /** @var array{stylebook: int, held: int|null, clean: bool}|null $dress */
        $dress = $data['dress'] ?? null;
        $reference = $dress === null ? null : new StylebookReference($dress['stylebook'], $dress['held']);
        /** @var ReadingData $found */
        $found = $data['found'];
        /** @var list<array<string, mixed>> $corrections */
        $corrections = $data['corrections'] ?? [];
        /** @var SetupData $setup */
        $setup = $data['setup'];
        /** @var SetupData|null $fitted */
        $fitted = $data['fitted'] ?? null;
        /** @var array{measure?: string} $said */
        $said = $data['fitted'] ?? [];

        return new Worksheet(
            new BlockSheet($name, $rows, $columns, $blocks, $typing, $index),
            $name,
            Reading::fromArray($found),
            array_map(Corrections::stored(...), $corrections),
            $typing,
            $reference === null ? null : Versions::referred($reference),
            $dress['clean'] ?? false,
            Setup::fromArray($setup),
            $fitted === null ? null : Setup::fromArray($fitted),
            aspects: self::aspects($data),
            reference: $reference,
            measure: $said['measure'] ?? null,
        );
    }

    /** @param  array<string, mixed>  $data  by the names of documents */
    private static function aspects(array $data): Aspects
    {
        $held = [];
        foreach ($data as $name => $json) {
            $class = $json === null ? null : Features::named($name);
            if ($class !== null) {
                $held[] = $class::fromJson($json);
            }
        }

        return Aspects::of(...$held);
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
        foreach ((new SheetDocuments($worksheet))->all() as $name => $document) {
            self::put($sheet, $name, Json::of($document));
        }
    }

    public static function put(int $sheet, string $name, string $json): void
    {
        // What says nothing is not there.
        if ($json === 'null') {
            DB::table('documents')->where('sheet_id', $sheet)->where('name', $name)->delete();

            return;
        }
        DB::table('documents')->upsert([['sheet_id' => $sheet, 'name' => $name, 'data' => $json]], ['sheet_id', 'name'], ['data']);
    }
}
