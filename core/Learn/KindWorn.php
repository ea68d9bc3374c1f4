<?php

declare(strict_types=1);

namespace Rilvet\Learn;

use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;

/** What cells of a column kind wear, and how many of them wear it. */
final class KindWorn
{
    public int $cells = 0;

    /**
     * @param  bool  $isNumber  they are figures of the kind
     * @param  bool  $isFirst  they stand in the first row of the body
     */
    public function __construct(
        public readonly ColumnKind $kind,
        public readonly Look $look,
        public readonly bool $isNumber,
        public readonly bool $isFirst,
        public readonly Part $part,
    ) {
    }
}
