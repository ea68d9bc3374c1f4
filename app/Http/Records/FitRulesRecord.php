<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Stylebook\Stylebook;

/** The rules of fitting and opening of a stylebook. Sizes in px, zoom in percent; a zoom of null leaves each sheet its own. */
final readonly class FitRulesRecord
{
    /** @param  list<RuleRecord>  $widths  headings whose columns have one width, in small letters, and the width in px */
    private function __construct(
        public int $least,
        public int $greatest,
        public int $air,
        public int $rowAir,
        public int $headingAir,
        public int $titleAir,
        public int $rowLeast,
        public bool $gridlines,
        public bool $freeze,
        public ?int $zoom,
        public array $widths,
    ) {
    }

    public static function of(Stylebook $stylebook): self
    {
        $fit = $stylebook->fit;

        return new self(
            $fit->least,
            $fit->greatest,
            $fit->air,
            $fit->rowAir,
            $fit->headingAir,
            $fit->titleAir,
            $fit->rowLeast,
            $stylebook->gridlines,
            $stylebook->freeze,
            $stylebook->zoom,
            array_map(
                fn (string|int $heading, int $px) => new RuleRecord((string) $heading, (string) $heading, (string) $px),
                array_keys($fit->widths), array_values($fit->widths),
            ),
        );
    }
}
