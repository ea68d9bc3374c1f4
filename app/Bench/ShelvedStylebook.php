<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Stylebook as StylebookRow;
use Rilvet\Stylebook\Stylebook;

/** A stylebook as it stands on the shelf. */
final readonly class ShelvedStylebook
{
    public function __construct(public Stylebook $stylebook, public StylebookRow $row, public bool $isBuiltin)
    {
    }
}
