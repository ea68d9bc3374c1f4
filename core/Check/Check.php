<?php

declare(strict_types=1);

namespace Rilvet\Check;

/** One kind of fault that is looked for. */
interface Check
{
    /** As it stands on the command line and in reports: "number-as-text". */
    public function name(): string;

    /** A few words, as a heading over what it finds. */
    public function title(): string;

    /** Why it matters, in one sentence. */
    public function reason(): string;

    public function severity(): Severity;
}
