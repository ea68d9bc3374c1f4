<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Fit\ColumnFit;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Text\Fonts;
use Rilvet\Work\PartRule;
use Rilvet\Work\Workbook;

/** Puts a changed stylebook in the place of the one of the same name, on every sheet of a workbook that wears it. */
final readonly class ReviseStylebook implements Act
{
    /**
     * @param  string|null  $was  its name before, where that is another one
     * @param  PartRule|null  $override  what its wearers say otherwise of a part is taken of them
     * @param  bool  $changesCells  no cell looks otherwise where a colour gets a name
     */
    public function __construct(
        public Stylebook $stylebook,
        public string $said,
        private bool $refit,
        public ?WearersOfLook $wearers = null,
        private ?PartRule $override = null,
        public bool $changesCells = true,
        private ?string $was = null,
    ) {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($workbook->sheets as $number => $sheet) {
            // One that holds a version keeps it.
            if ($sheet->stylebook?->name !== ($this->was ?? $this->stylebook->name) || $sheet->reference?->held !== null) {
                continue;
            }
            $fitted = $sheet->fitted;
            $refit = $this->refit || ! $sheet->isSettled();
            if ($this->override !== null) {
                $sheet = Covering::on($sheet, $workbook->looks, $this->override, true)->taken($sheet, $workbook->looks);
            }
            $sheet = $this->wearers?->on($sheet, $workbook->looks) ?? $sheet;
            $sheet = $sheet->wearing($this->stylebook, $sheet->clean, $sheet->reference);
            $sheet = $sheet->fittedTo($refit ? (new ColumnFit($sheet, $workbook, Fonts::shipped()))->setup() : $fitted);
            $workbook = $workbook->withSheet($number, $sheet);
        }

        return $workbook;
    }

    /** The same, with what its wearers say otherwise of a part taken of them. */
    public function overriding(PartRule $target): self
    {
        return new self($this->stylebook, $this->said, $this->refit, $this->wearers, $target, $this->changesCells, $this->was);
    }

    public function overrides(): bool
    {
        return $this->override !== null;
    }

    public function reach(): Reach
    {
        return Reach::whole();
    }

    public function words(Workbook $workbook): string
    {
        return "{$this->said}, everywhere {$this->stylebook->name} is worn";
    }
}
