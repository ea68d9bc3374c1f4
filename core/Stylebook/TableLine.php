<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Look\Attribute;
use Rilvet\Look\Line;
use Rilvet\Reading\Part;

/** The lines of a table that have names, each an edge of one of its parts (common practice in typesetting tables). */
enum TableLine: string
{
    case UnderHeadings = 'Under the headings';
    case AboveHeadings = 'Above the headings';
    case UnderColumnGroups = 'Under column groups';
    case AboveRowGroups = 'Above row groups';
    case BetweenRows = 'Between rows';
    case BetweenColumns = 'Between columns';
    case AboveSubtotals = 'Above subtotals';
    case Total = 'Total rule, double below';

    public function part(): Part
    {
        return match ($this) {
            self::UnderHeadings, self::AboveHeadings => Part::Heading,
            self::UnderColumnGroups => Part::ColumnGroup,
            self::AboveRowGroups => Part::RowGroup,
            self::BetweenRows, self::BetweenColumns => Part::Body,
            self::AboveSubtotals => Part::Subtotal,
            self::Total => Part::Total,
        };
    }

    /** @return array<string, Line|null> kind of line by the attribute of an edge; null for that of the pen */
    public function sides(): array
    {
        return match ($this) {
            self::UnderHeadings, self::UnderColumnGroups, self::BetweenRows => [Attribute::Bottom->value => null],
            self::AboveHeadings, self::AboveRowGroups, self::AboveSubtotals => [Attribute::Top->value => null],
            self::BetweenColumns => [Attribute::Right->value => null],
            self::Total => [Attribute::Top->value => Line::Thin, Attribute::Bottom->value => Line::Double],
        };
    }
}
