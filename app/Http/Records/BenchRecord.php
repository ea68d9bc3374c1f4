<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Models\Stylebook;
use App\Models\Workbook;

/** A workbook on the Bench. */
final readonly class BenchRecord
{
    /**
     * @param  list<SheetRecord>  $sheets
     * @param  list<string>  $notices
     * @param  list<NameRecord>  $names
     * @param  int|null  $book  the stylebook that it is the specimen of
     * @param  string  $stamp  another one when anything was changed, also a stylebook that a sheet follows
     */
    public function __construct(
        public int $id,
        public string $name,
        public int $revision,
        public array $sheets,
        public ?string $undo,
        public ?string $redo,
        public array $notices,
        public array $names,
        public string $stamp,
        public ?int $book,
    ) {
    }

    public static function of(Workbook $row): self
    {
        /** @var list<string> $notices */
        $notices = json_decode($row->notices, true, 4, JSON_THROW_ON_ERROR);

        $sheets = array_values($row->sheets()->with('stylebook')->get()->map(SheetRecord::of(...))->all());

        return new self(
            $row->id, $row->name, $row->revision,
            $sheets,
            $row->changes()->where('undone', false)->latest('id')->first(['words'])?->words,
            $row->changes()->where('undone', true)->oldest('id')->first(['words'])?->words,
            $notices,
            NameRecord::list($row),
            $row->revision.'.'.hash('xxh32', implode(' ', array_map(fn (SheetRecord $sheet) => $sheet->seen, $sheets))),
            $row->specimen_of === null ? null : Stylebook::query()->find($row->specimen_of)?->draft_of,
        );
    }
}
