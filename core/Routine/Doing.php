<?php

declare(strict_types=1);

namespace Rilvet\Routine;

/** What a step can do, and how its place is said to the act that does it. */
enum Doing
{
    /** On cells of a sheet. */
    case Cells;

    /** On a sheet as a whole. */
    case Sheet;

    /** On a table, with the columns of it. */
    case Table;

    /** On columns, or on rows of a part. */
    case Lines;

    /** A rule that says itself where it holds. */
    case Rule;

    /** On the workbook. */
    case Book;

    /** What no act of its own does. */
    case Own;

    public const ALL = [
        'dress' => self::Sheet, 'format' => self::Cells, 'formatHeaded' => self::Sheet, 'wipe' => self::Cells, 'borders' => self::Cells,
        'family' => self::Sheet, 'merge' => self::Cells, 'split' => self::Cells, 'layNamed' => self::Cells, 'stripe' => self::Cells,
        'convert' => self::Cells, 'sort' => self::Table, 'share' => self::Table, 'equal' => self::Lines, 'resize' => self::Lines,
        'hide' => self::Lines, 'fitCut' => self::Sheet, 'opening' => self::Sheet, 'headings' => self::Sheet, 'sameWidth' => self::Sheet,
        'sheet' => self::Sheet, 'setCondition' => self::Rule, 'setEntry' => self::Rule, 'gatherConditions' => self::Sheet,
        'mark' => self::Sheet, 'sayEntries' => self::Cells, 'guardFormulas' => self::Sheet, 'protect' => self::Sheet, 'role' => self::Sheet,
        'followRoles' => self::Book, 'addSheet' => self::Book, 'rewriteHeads' => self::Sheet, 'pages' => self::Sheet,
        'bringIn' => self::Own, 'rename' => self::Own, 'fix' => self::Own, 'handOver' => self::Own,
    ];
}
