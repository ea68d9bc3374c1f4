<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Grid\Range;
use Rilvet\Reading\Part;

/** Alternating row colours that came out of step. */
final readonly class BrokenStripes implements SheetCheck
{
    public function about(): About
    {
        return new About('broken-stripes', 'Stripes out of step',
            'Rows that were sorted or put in took their colour along, and the eye no longer follows.', Severity::Look, Subject::Place);
    }

    private const ROWS = 500;

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->tables() as $table) {
            $body = $table->bodyRange();
            $column = ($table->lastLabelColumn() ?? $table->range->left - 1) + 1;
            if ($body === null || $body->rows() < 6 || $column > $table->range->right || $sheet->sheet->stylebook?->stripes !== null) {
                continue;
            }
            $fills = [];
            for ($row = $body->top; $row <= min($body->bottom, $body->top + self::ROWS); $row++) {
                if ($table->runAt($row)?->part === Part::Body && ! $sheet->sheet->setup->sizes->hidesRow($row)) {
                    $fills[$row] = $sheet->dressed()->at($row, $column)->look->paper()->toHex();
                }
            }
            $broken = self::broken($fills);
            if ($broken !== []) {
                yield $sheet->finding($this, implode(', ', array_map(fn (int $row) => (string) Range::of($row, $table->range->left, $row,
                    $table->range->right), array_slice($broken, 0, Places::NAMED))), count($broken), 'The colours of '.
                        number_format(count($fills)).
                    ' rows take turns, but for '.number_format(count($broken)).'.');
            }
        }
    }

    /**
     * @param  array<int, string>  $fills  by row
     * @return list<int> rows of the colour of the row above; none where colours do not take turns in most rows
     */
    private static function broken(array $fills): array
    {
        if (count(array_unique($fills)) !== 2) {
            return [];
        }
        $same = [];
        $last = null;
        foreach ($fills as $row => $fill) {
            $fill === $last && $same[] = $row;
            $last = $fill;
        }

        return count($same) * 4 <= count($fills) ? $same : [];
    }
}
