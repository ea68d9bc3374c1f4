<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class LeaveIsWrong extends Refusal
{
    public static function withoutReason(): self
    {
        return new self('Say why it is left: the reason is kept with the workbook and stands in the report.');
    }

    public static function tooLong(int $most): self
    {
        return new self('The reason is longer than '.number_format($most).' letters. Make it shorter.');
    }

    public static function tooMany(int $most): self
    {
        return new self('At most '.number_format($most).' findings of one sheet can be left. Mend some of them.');
    }
}
