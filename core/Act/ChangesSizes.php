<?php

declare(strict_types=1);

namespace Rilvet\Act;

/** An act after which texts may need more or less room; what is fitted settles within the same act and the same undo. */
interface ChangesSizes
{
    public function changesSizes(): bool;
}
