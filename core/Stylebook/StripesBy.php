<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

/** What stripes change with. */
enum StripesBy: string
{
    /** Every n rows of the body. */
    case Rows = 'rows';

    /** At each change of what a key column holds. */
    case Key = 'key';

    /** Every n columns. */
    case Columns = 'columns';
}
