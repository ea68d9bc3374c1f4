<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Reading\ColumnKind;
use Rilvet\Stylebook\KindRule;

/** The number rule of a column kind, as the stylebook says it. */
final readonly class ColumnRuleView
{
    public function __construct(
        public string $kind,
        public string $sign,
        public int $scale,
        public bool $accounting,
        public int $least,
        public int $most,
        public int $totals,
    ) {
    }

    public static function of(ColumnKind $kind, KindRule $rule): self
    {
        return new self($kind->value, $rule->sign, $rule->scale, $rule->accounting, $rule->least, $rule->most, $rule->totals);
    }
}
