<?php

declare(strict_types=1);

namespace Rilvet\Check;

use Rilvet\Refusal;

final class FindingIsGone extends Refusal
{
    public static function meanwhile(): self
    {
        return new self('What was found there is not there any more: the sheet has changed since. Nothing was done.');
    }

    public static function notMended(): self
    {
        return new self('That cannot be mended by itself: look at the place, and change what is wrong there.');
    }
}
