<?php

declare(strict_types=1);

namespace App\CommandLine;

use RuntimeException;

/** The command was called wrongly. */
final class Usage extends RuntimeException
{
}
