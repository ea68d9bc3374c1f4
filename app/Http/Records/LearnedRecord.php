<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Learn\Learned;
use Rilvet\Learn\Rule;
use Rilvet\Stylebook\Comparison;

/** What was learned, rule by rule, before it is kept; or kept, then with its id. */
final readonly class LearnedRecord
{
    /** @param  list<LearnedRuleRecord>  $rules */
    public function __construct(public ?int $id, public string $name, public array $rules)
    {
    }

    public static function of(Learned $learned, ?int $id): self
    {
        $said = fn (Rule $rule) => is_bool($rule->value)
            ? ($rule->value ? 'yes' : 'no')
            : ($rule->value === '' ? 'nothing'
            : (string) $rule->value);

        return new self($id, $learned->stylebook->name, array_map(fn (Rule $rule) => new LearnedRuleRecord(
            $rule->where, Comparison::words(explode('.', $rule->where)), $said($rule), $rule->evidence(), $rule->cells < $rule->all,
        ), $learned->rules));
    }
}
