<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Window\Inspection;

/** What the tray shows of a selection, and what is at hand for it. */
final readonly class SelectionRecord
{
    /**
     * @param  int  $sheets  that wear the stylebook of this one
     * @param  list<string>  $looks  names of the looks that can be laid here
     */
    public function __construct(
        public Inspection $inspection,
        public int $sheets,
        public int $workbooks,
        public PaletteRecord $palette,
        public array $looks,
    ) {
    }
}
