<?php

declare(strict_types=1);

namespace App\Jobs;

use RuntimeException;

/** The person who started a long piece of work has stopped it. */
final class Cancelled extends RuntimeException
{
}
