<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\Checked;
use Rilvet\Check\RowCheck;
use Rilvet\Check\Severity;
use Rilvet\Check\Watch;
use Rilvet\Reading\TableReading;

/** Texts of a column that differ from others of it by spaces alone. */
final readonly class StraySpaces implements RowCheck
{
    public function name(): string
    {
        return 'stray-spaces';
    }

    public function title(): string
    {
        return 'Spaces that break matching';
    }

    public function reason(): string
    {
        return 'One thing is counted, filtered and looked up as two.';
    }

    public function severity(): Severity
    {
        return Severity::Look;
    }

    public function watch(Checked $sheet, ?TableReading $table): ?Watch
    {
        return $table === null ? null : new StraySpacesWatch($this, $sheet, $table);
    }
}
