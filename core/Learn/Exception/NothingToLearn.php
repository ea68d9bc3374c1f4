<?php

declare(strict_types=1);

namespace Rilvet\Learn\Exception;

use Rilvet\Refusal;

final class NothingToLearn extends Refusal
{
    public static function from(int $workbooks): self
    {
        $of = $workbooks === 1 ? 'this workbook' : "these $workbooks workbooks";

        return new self("There is nothing to learn from in $of: no table was read whose cells wear a look.");
    }
}
