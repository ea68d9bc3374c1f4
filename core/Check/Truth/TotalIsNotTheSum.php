<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\RowCheck;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Check\Watch;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;

/** A total that was typed, and is near the sum of its column without being it. */
final readonly class TotalIsNotTheSum implements RowCheck
{
    public function about(): About
    {
        return new About('total-not-the-sum', 'Totals that do not add up',
            'A total that was typed does not follow its figures: it says what they once were.', Severity::Wrong, Subject::Truth);
    }

    public function watch(Checked $sheet, ?TableReading $table): ?Watch
    {
        $row = $table === null ? null : self::totalRow($table);

        return $table === null || $row === null ? null : new TotalWatch($this, $sheet, $table, $row);
    }

    /** The one row that totals the whole body; null where there are parts of totals, several of them, or none below the body. */
    public static function totalRow(TableReading $table): ?int
    {
        $row = null;
        foreach ($table->runs as $run) {
            if ($run->part === Part::Subtotal || ($run->part === Part::Total && ($row !== null || $run->first !== $run->last))) {
                return null;
            }
            $row = $run->part === Part::Total ? $run->first : $row;
            if ($row !== null && $run->part === Part::Body) {
                return null;
            }
        }

        return $table->isTurned() ? null : $row;
    }
}
