<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Look\Attribute;

/** Lines that weigh as much as what they part. */
final readonly class HeavyBorders implements SheetCheck
{
    public function about(): About
    {
        return new About('heavy-borders', 'Borders as heavy as the data',
            'Thick lines around every cell are what is seen first.', Severity::Note, Subject::Place);
    }

    private const HEAVY = ['medium', 'thick', 'double'];

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->tables() as $table) {
            $body = $table->bodyRange();
            if ($body === null || $body->rows() < 3) {
                continue;
            }
            $heavy = $all = 0;
            foreach ($table->columns as $column) {
                foreach ($sheet->survey()->column($table, $column->column) as $wear) {
                    $all += $wear->places->count;
                    foreach ([Attribute::Bottom, Attribute::Top] as $side) {
                        if (in_array($wear->look->look->edge($side)?->line->value, self::HEAVY, true)) {
                            $heavy += $wear->places->count;

                            break;
                        }
                    }
                }
            }
            if ($all > 0 && $heavy * 10 >= $all * 8) {
                yield $sheet->finding($this, $body, $heavy, number_format($heavy).' of '.number_format($all).
                    ' cells of the data have thick lines above or below them.');
            }
        }
    }
}
