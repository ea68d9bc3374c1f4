<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Models\Sheet;

/** A sheet in the outline. */
final readonly class SheetRecord
{
    /**
     * @param  int  $dataRevision  of the workbook when cells of the sheet were changed last: sums stand until the next
     * @param  int|null  $holds  the version of the stylebook that it keeps; null where it follows the newest
     * @param  string  $seen  another one when anything of the sheet, or of the stylebook that it follows, was changed: what is seen of it
     *     stands as long
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
        public ?int $holds,
        public string $seen,
    ) {
    }

    public static function of(Sheet $row): self
    {
        return new self(
            $row->number, $row->name, $row->rows, $row->columns, $row->state, $row->tab, $row->protected,
            $row->stylebook?->name, $row->data_revision, $row->held,
            $row->seen(),
        );
    }
}
