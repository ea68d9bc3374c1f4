<?php

declare(strict_types=1);

namespace Rilvet\Xlsx\Frame;

use Rilvet\Paper\Printed;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\ConditionsIn;
use Rilvet\Xlsx\StripeConditions;
use Rilvet\Xlsx\StylesWriting;
use Rilvet\Xlsx\ThemeColours;

/**
 * What is written around the rows: the sheet as it is now, and what is needed to read what the frame says of it.
 *
 * @phpstan-import-type Condition from StripeConditions
 */
final readonly class Framed
{
    /**
     * @param  int  $digit  greatest width of a digit in the default type, px (18.3.1.13)
     * @param  Printed|null  $pages  null where nothing is said of how it goes to paper
     * @param  ThemeColours|null  $colours  of the package that the frame is of; null for a new one
     * @param  ConditionsIn|null  $conditions  what reads its conditional formats; null for a new one
     * @param  list<Condition>  $stripes  that are conditional formats
     * @param  array<int, int>  $formats  of whole columns that wear another one than the frame says, by column
     * @param  int  $tables  tables of the format, by the relationships rId1 and on
     */
    public function __construct(
        public Worksheet $sheet,
        public StylesWriting $styles,
        public int $digit,
        public ?Printed $pages = null,
        public ?ThemeColours $colours = null,
        public ?ConditionsIn $conditions = null,
        public array $stripes = [],
        public int $tables = 0,
        public bool $isFirst = false,
        public array $formats = [],
    ) {
    }

    /** Whether the frame is a blank one that nothing was said in before. */
    public function isNew(): bool
    {
        return $this->colours === null;
    }
}
