<?php

declare(strict_types=1);

namespace Rilvet\Check;

/** A check of what the columns of a sheet hold, counted in one walk through its cells. */
interface ColumnCheck extends SheetCheck
{
}
