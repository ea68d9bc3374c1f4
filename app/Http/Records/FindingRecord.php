<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Check\Checks;
use Rilvet\Check\Finding;

/** Something that was found in a workbook. */
final readonly class FindingRecord
{
    /**
     * @param  string  $key  by which it is mended and left
     * @param  string  $subject  the group that it stands in
     * @param  int  $number  of its sheet
     * @param  string  $range  "C2:C41, E5"; blank for the sheet as a whole
     * @param  string|null  $mend  what mending does; null where only a person can tell
     * @param  string|null  $changes  looks, formulas or values
     * @param  string|null  $left  the reason for which it is left; null where it is not
     */
    public function __construct(
        public string $key,
        public string $check,
        public string $title,
        public string $reason,
        public string $subject,
        public string $severity,
        public string $sheet,
        public int $number,
        public string $range,
        public int $count,
        public string $words,
        public ?string $mend,
        public ?string $changes,
        public ?string $left,
    ) {
    }

    public static function of(Finding $finding, ?string $left): self
    {
        $about = Checks::about($finding->check);

        return new self(
            $finding->key(), $finding->check, $about->title ?? $finding->check, $about->reason ?? '', $about->subject->value ?? '',
            $finding->severity->value, $finding->sheet, $finding->number, $finding->range, $finding->count, $finding->words,
            $finding->mend?->words, $finding->mend?->changes->value, $left,
        );
    }
}
