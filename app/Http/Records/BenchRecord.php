<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Models\Workbook;

/** A workbook on the Bench. */
final readonly class BenchRecord
{
    /**
     * @param  list<SheetRecord>  $sheets
     * @param  list<string>  $notices
     * @param  list<NameRecord>  $names
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
    ) {
    }

    public static function of(Workbook $row): self
    {
        /** @var list<string> $notices */
        $notices = json_decode($row->notices, true, 4, JSON_THROW_ON_ERROR);

        return new self(
            $row->id, $row->name, $row->revision,
            array_values($row->sheets()->get()->map(SheetRecord::of(...))->all()),
            $row->changes()->where('undone', false)->latest('id')->first(['words'])?->words,
            $row->changes()->where('undone', true)->oldest('id')->first(['words'])?->words,
            $notices,
            NameRecord::list($row),
        );
    }
}
