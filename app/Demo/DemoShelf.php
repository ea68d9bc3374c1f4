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
use Rilvet\Act\MarkCells;
use Rilvet\Act\SetCondition;
use Rilvet\Act\SetEntry;
use Rilvet\Condition\Condition;
use Rilvet\Entry\EntryCheck;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\StylebookReference;

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
        $form = $this->bringIn("$folder/Tree order.xlsx");
        $this->guard($form);
        $year = $this->bringIn("$folder/Nursery year.xlsx");
        $this->set($year);
        $this->dress($year->refresh(), 'River ledger');

        return true;
    }

    /** A few conditional looks, said of columns and not of cells: they hold for the orders to come. */
    private function set(Workbook $workbook): void
    {
        foreach ([
            ['Orders', 'Days overdue', ['test' => ['is' => 'above', 'of' => ['330']], 'look' => ['bold' => true, 'ink' => '#8A3324']]],
            ['Orders', 'Status', ['test' => ['is' => 'equal', 'of' => ['"waiting"']], 'look' => ['fill' => '#E9D9B4', 'ink' => '#4A3510']]],
            ['Orders', 'Trees', ['bar' => ['colour' => '#8FB8A8']]],
            ['Germination lab', 'Share up', ['scale' => [['colour' => '#F3E3C3', 'point' => ['at' => 'least']],
                ['colour' => '#FFFFFF', 'point' => ['at' => 'percentile', 'value' => '50']],
                ['colour' => '#A9CDBF', 'point' => ['at' => 'greatest']]]]],
        ] as [$sheet, $heading, $says]) {
            $number = (int) $workbook->sheets()->where('name', $sheet)->firstOrFail()->number;
            $condition = Condition::of(['id' => 'new', 'where' => ['part' => 'body', 'heading' => $heading]] + $says
                + ['test' => ['is' => 'always']]);
            $this->bench->act($workbook->refresh(), new SetCondition($number, $condition), $workbook->revision);
        }
    }

    /** A form whose formulas are told from its entries, locked and not yet protected. */
    private function guard(Workbook $workbook): void
    {
        $this->dress($workbook, 'Open form');
        $status = EntryCheck::of(['id' => 'new', 'kind' => 'list', 'of' => ['"waiting,sent,paid"'], 'where' => ['column' => 'E4'],
            'promptTitle' => 'Status', 'prompt' => 'How the line stands today', 'title' => 'No status',
            'message' => 'Choose one of the list']);
        foreach ([new SetEntry(1, $status), new MarkCells([1], Part::FormulaCell, true), new MarkCells([1], Part::ChoiceCell, true),
            new MarkCells([1], Part::EntryCell, true)] as $act) {
            $this->bench->act($workbook->refresh(), $act, $workbook->revision);
        }
    }

    private function files(string $folder): void
    {
        is_dir($folder) || mkdir($folder, 0755, true);
        if (is_file("$folder/Hollin Lane site.ods") && is_file("$folder/Tree order.xlsx")) {
            return;
        }
        $nursery = new Nursery;
        self::save($nursery->year(), "$folder/Nursery year.xlsx");
        $site = $nursery->site();
        self::save($site, "$folder/Hollin Lane site.xlsx");
        self::save((new OrderForm)->book(), "$folder/Tree order.xlsx");
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
        $reference = new StylebookReference(Versions::named($stylebook)->id);
        $this->bench->act($workbook, new Dress($numbers, Versions::referred($reference), reference: $reference), $workbook->revision);
    }
}
