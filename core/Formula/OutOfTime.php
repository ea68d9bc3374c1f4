<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use RuntimeException;

/** The time that a calculation may take is over; what is left of it is done later. */
final class OutOfTime extends RuntimeException
{
}
