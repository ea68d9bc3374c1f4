<?php

declare(strict_types=1);

namespace App\Bench;

use Rilvet\Act\Dress;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Text\Fonts;
use Rilvet\Window\Painter;
use Rilvet\Window\Window;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** A small made-up table that wears a stylebook. */
final class Specimen
{
    public static function window(Stylebook $stylebook): Window
    {
        $cells = MemorySheet::of('Specimen', [
            ['Seed store', null, null, null],
            ['Species', 'Bags', 'Price', 'Worth'],
            ['Silver birch', 12, 4.5, 54.0],
            ['Rowan', 30, 3.25, 97.5],
            ['Osier', 8, 2.75, 22.0],
            ['Aspen', 14, 6.5, 91.0],
            ['All seed', 64, null, 264.5],
        ]);
        $workbook = new Workbook('Specimen', [1 => new Worksheet($cells, 'Specimen', Finder::read(SheetFacts::of($cells)))], new LookBook);
        $sheet = (new Dress([1], $stylebook))->on($workbook)->sheet(1);

        return (new Painter($sheet, $workbook->looks, Fonts::shipped()))->paint(1, Range::of(1, 1, 7, 4));
    }
}
