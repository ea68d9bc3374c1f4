<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Models\Sheet;

/** A sheet in the outline. */
final readonly class SheetRecord
{
    /**
     * @param  int  $dataRevision  of the workbook when cells of the sheet were changed last: sums stand until the next
     * @param  int  $revision  of the workbook when anything of the sheet was changed last: what is seen of it stands until the next
     */
    public function __construct(
        public int $number,
        public string $name,
        public int $rows,
        public int $columns,
        public string $state,
        public ?string $tab,
        public bool $protected,
        public ?string $wears,
        public int $dataRevision,
        public int $revision,
    ) {
    }

    public static function of(Sheet $row): self
    {
        return new self(
            $row->number, $row->name, $row->rows, $row->columns, $row->state, $row->tab, $row->protected, $row->wears,
            $row->data_revision, $row->seen_revision,
        );
    }
}
