<?php

declare(strict_types=1);

namespace Rilvet;

use RuntimeException;

/**
 * Something that a person asked for and that cannot be done. The message is written for that person:
 * what is wrong, where, and what to do. It never carries markup, a path on the server or a stack trace.
 */
abstract class Refusal extends RuntimeException
{
}
