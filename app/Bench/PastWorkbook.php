<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Sheet as SheetRow;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Support\Facades\DB;
use Rilvet\Change\Applies;
use Rilvet\Change\AspectPatch;
use Rilvet\Change\BlocksPatch;
use Rilvet\Change\CellsPatch;
use Rilvet\Change\Json;
use Rilvet\Change\SheetsPatch;
use Rilvet\Change\StylebookPatch;
use Rilvet\Change\WorkbookPatch;
use Rilvet\Grid\BlockIndex;
use Rilvet\Work\NoSuchSheet;
use Rilvet\Work\Workbook;

/** A sheet of a workbook as it was right after a step of its history: steps are taken back in memory, and nothing is written. */
final class PastWorkbook implements Applies
{
    /** Steps that are taken back at the most. */
    private const STEPS = 2_000;

    /** @var array<string, string> documents by name */
    private array $documents;

    private int $rows;

    private int $columns;

    private BlockIndex $index;

    private readonly OverlaidBlocks $blocks;

    /** @var array<int, int> versions of stylebooks that were the newest then */
    private array $versions = [];

    private ?string $own;

    private string $names;

    /** Cells hold other things than now. */
    public bool $isOfData = false;

    private readonly SheetRow $sheet;

    /** @throws NoSuchSheet */
    private function __construct(private readonly WorkbookRow $row, private readonly int $number)
    {
        $this->sheet = SheetRow::query()->where('workbook_id', $row->id)->where('number',
            $number)->first() ?? throw NoSuchSheet::number($number);
        /** @var array<string, string> $documents */
        $documents = DB::table('documents')->where('sheet_id', $this->sheet->id)->pluck('data', 'name')->all();
        $this->documents = $documents;
        $this->rows = $this->sheet->rows;
        $this->columns = $this->sheet->columns;
        $this->index = Documents::index($this->sheet);
        $this->blocks = new OverlaidBlocks(new DatabaseBlockStore($this->sheet->id));
        $this->own = $row->own;
        $this->names = $row->names;
    }

    /** @param  int  $change  after which it is seen; 0 for as it came */
    public static function after(WorkbookRow $row, int $number, int $change): self
    {
        $past = new self($row, $number);
        $steps = $row->changes()->where('undone', false)->where('id', '>', $change)->latest('id')->limit(self::STEPS)->get();
        foreach ($steps as $step) {
            foreach (Saving::unpack($step)->inverse()->patches as $patch) {
                $patch->applyTo($past);
            }
        }

        return $past;
    }

    public function workbook(WorkbookPatch $patch): void
    {
        match ($patch->what) {
            'own' => $this->own = $patch->after === 'null' ? null : $patch->after,
            'names' => $this->names = $patch->after,
            default => null,
        };
    }

    public function made(Bench $bench): Workbook
    {
        $documents = $this->documents;
        /** @var array{stylebook: int, held: int|null, clean: bool}|null $dress */
        $dress = isset($documents['dress']) ? Json::read($documents['dress']) : null;
        if ($dress !== null && $dress['held'] === null && isset($this->versions[$dress['stylebook']])) {
            $documents['dress'] = Json::of(['held' => $this->versions[$dress['stylebook']]] + $dress);
        }
        $name = isset($documents['name']) ? Json::read($documents['name']) : null;
        $sheet = Documents::build($documents, is_string($name) ? $name : $this->sheet->name, $this->rows, $this->columns, $this->blocks,
            $this->index);

        return $bench->around($this->row, [$this->number => $sheet], $this->own, $this->names);
    }

    public function aspect(AspectPatch $patch): void
    {
        if ($patch->sheet !== $this->number) {
            return;
        }
        if ($patch->after === 'null') {
            unset($this->documents[$patch->aspect]);
        } else {
            $this->documents[$patch->aspect] = $patch->after;
        }
        $this->isOfData = $this->isOfData || in_array($patch->aspect, ['typing', 'moves'], true);
    }

    public function cells(CellsPatch $patch): void
    {
        if ($patch->sheet === $this->number) {
            CellEdits::onto($this->blocks, $this->index, $patch->after);
            [$this->rows, $this->columns] = [$patch->after['rows'], $patch->after['columns']];
            $this->isOfData = true;
        }
    }

    public function blocks(BlocksPatch $patch): void
    {
        if ($patch->sheet === $this->number) {
            $this->index = BlockIndex::fromArray($patch->after['blocks']);
            [$this->rows, $this->columns] = [$patch->after['rows'], $patch->after['columns']];
            $this->isOfData = true;
        }
    }

    public function sheets(SheetsPatch $patch): void
    {
        // Where a sheet stands among the others is not seen on it.
    }

    public function stylebook(StylebookPatch $patch): void
    {
        $this->versions[$patch->stylebook] = $patch->after;
    }
}
