<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use RuntimeException;

/** Sheet xml that is legal but not written as it commonly is; a full xml reader takes it. Never leaves the room. */
final class OddShape extends RuntimeException
{
}
