<?php

declare(strict_types=1);

namespace Rilvet\Check\Facts;

use Rilvet\Check\Places;

/** What the body of one column holds, counted. */
final class ColumnFacts
{
    /** Different texts and formulas that are told apart. */
    public const KINDS = 400;

    /** Rows that were counted. */
    public int $rows = 0;

    /** Cells that are not blank. */
    public int $filled = 0;

    public int $numbers = 0;

    public int $texts = 0;

    public float $least = INF;

    public float $greatest = -INF;

    /** @var array<int, int> figures by the decimal places that they have, as they are written without a format */
    public array $decimals = [];

    /** Whole figures that are multiples of a thousand, and not nought. */
    public int $thousands = 0;

    public int $noughts = 0;

    /** Figures beyond -1 to 1. */
    public int $beyondOne = 0;

    /** @var array<int, int> whole positive figures by their number of digits */
    public array $digits = [];

    /** @var array<string, Places>|null texts and where they stand; null where there are too many different ones */
    public ?array $words = [];

    /** @var array<string, Places>|null formulas by how they read from their own row; null where there are too many different ones */
    public ?array $formulas = [];

    /** @var array<string, list<string|int>> their templates */
    public array $templates = [];

    /** Formulas that have lost what they looked at. */
    public ?Places $lost = null;
}
