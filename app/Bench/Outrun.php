<?php

declare(strict_types=1);

namespace App\Bench;

use RuntimeException;

/** Somebody else saved a change of the same workbook while this one was computed. */
final class Outrun extends RuntimeException
{
}
