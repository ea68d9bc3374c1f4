<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Refusal;

final class TooLargeToShow extends Refusal
{
    public static function of(string $sheet, int $most): self
    {
        return new self("$sheet has more than ".number_format($most).
            ' cells, too many for one page. Hand the workbook over as html instead.');
    }
}
