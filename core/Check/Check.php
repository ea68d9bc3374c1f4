<?php

declare(strict_types=1);

namespace Rilvet\Check;

/** One kind of fault that is looked for. */
interface Check
{
    public function about(): About;
}
