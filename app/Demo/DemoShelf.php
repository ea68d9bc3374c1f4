<?php

declare(strict_types=1);

namespace App\Demo;

use App\Bench\Bench;
use App\Bench\Versions;
use App\Jobs\BringIn;
use App\Models\Import;
use App\Models\Workbook;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Ods;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Rilvet\Act\Dress;
use Rilvet\Stylebook\Worn;

/** Fills an empty shelf with the demo, through the same way in that a person's files take, and leaves raw files to drop. */
final readonly class DemoShelf
{
    public function __construct(private Bench $bench)
    {
    }

    /** @return bool false where workbooks stand on the shelf already */
    public function fill(string $folder): bool
    {
        $this->files($folder);
        if (Workbook::query()->where('revision', '>', 0)->exists()) {
            return false;
        }
        $this->bringIn("$folder/Frost log.tsv");
        $this->dress($this->bringIn("$folder/Spring orders.csv"), 'Long list');
        $this->bringIn("$folder/Hollin Lane site.xlsx");
        $this->dress($this->bringIn("$folder/Nursery year.xlsx"), 'River ledger');

        return true;
    }

    private function files(string $folder): void
    {
        is_dir($folder) || mkdir($folder, 0755, true);
        if (is_file("$folder/Hollin Lane site.ods")) {
            return;
        }
        $nursery = new Nursery;
        self::save($nursery->year(), "$folder/Nursery year.xlsx");
        $site = $nursery->site();
        self::save($site, "$folder/Hollin Lane site.xlsx");
        file_put_contents("$folder/Spring orders.csv", $nursery->spring());
        file_put_contents("$folder/Frost log.tsv", $nursery->frost());
        (new Ods($site))->save("$folder/Hollin Lane site.ods");
    }

    private static function save(Spreadsheet $book, string $path): void
    {
        (new Xlsx($book))->save($path);
    }

    private function bringIn(string $path): Workbook
    {
        $import = Import::query()->create([
            'name' => basename($path),
            'kind' => str_ends_with($path, 'xlsx') ? 'xlsx' : 'delimited',
            'status' => 'queued',
            'bytes' => (int) filesize($path),
            'dialect' => null,
            'progress' => 0,
            'message' => null,
            'workbook_id' => null,
        ]);
        $import->file()->take($path);
        BringIn::dispatchSync($import->id);

        return Workbook::query()->findOrFail($import->refresh()->workbook_id);
    }

    private function dress(Workbook $workbook, string $stylebook): void
    {
        /** @var list<int> $numbers */
        $numbers = $workbook->sheets()->pluck('number')->all();
        $worn = new Worn(Versions::named($stylebook)->id);
        $this->bench->act($workbook, new Dress($numbers, Versions::worn($worn), worn: $worn), $workbook->revision);
    }
}
