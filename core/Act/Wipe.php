<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Look\Attribute;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;
use Rilvet\Work\Workbook;

/** Wipes hand touches back to the layers below: one facet or all; or drops what came with the file. */
final readonly class Wipe implements Act
{
    /**
     * @param  Facet|null  $facet  all of them where null
     * @param  bool  $file  what came with the file instead of hand touches
     */
    public function __construct(private Targets $targets, private ?Facet $facet, private bool $file = false)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->targets->on($workbook) as $number => [$sheet, $ranges]) {
            $map = clone ($this->file ? $sheet->file : $sheet->hand);
            $named = clone $sheet->named;
            foreach ($ranges as $range) {
                $map->map($range, fn (int $old) => $workbook->looks->number($this->left($workbook->looks->look($old))));
                $this->file || $this->facet !== null || $named->set($range, 0);
            }
            if ($this->file) {
                $workbook = $workbook->withSheet($number, $sheet->withoutFileLooks($map));

                continue;
            }
            $workbook = $workbook->withSheet($number, $sheet->touched($map)->laid($named, $sheet->wears));
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        $isOfSizes = $this->facet === null || in_array($this->facet, [Facet::Type, Facet::Number, Facet::Place], true);

        return Reach::targets($this->targets)->sizing($isOfSizes);
    }

    public function words(Workbook $workbook): string
    {
        $touches = $this->facet === null ? 'Hand touches wiped' : "Hand touches of {$this->facet->value} wiped";
        $what = $this->file ? 'What came with the file dropped' : $touches;

        return "$what, {$this->targets->words()}";
    }

    private function left(Look $look): Look
    {
        if ($this->facet === null) {
            return Look::none();
        }

        $attributes = array_filter(Attribute::cases(), fn (Attribute $attribute) => $attribute->facet() === $this->facet);

        return $look->without(...array_values($attributes));
    }
}
