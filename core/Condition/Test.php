<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Condition\Exception\ConditionIsWrong;
use Rilvet\Formula\Expression\Parser;

/**
 * What has to be true of a cell.
 *
 * @phpstan-type TestData array{is: string, of?: list<string>, count?: int, percent?: bool, deviations?: int, orEqual?: bool,
 *     period?: string}
 */
final readonly class Test
{
    /** Values of a list. */
    public const VALUES = 200;

    /**
     * @param  list<string>  $of  values as formulas without "=": 0, "late", $B$1, TODAY()
     * @param  int  $count  of the greatest or least, or percent of all
     * @param  int  $deviations  standard deviations from the mean; 0 for the mean itself
     * @param  bool  $orEqual  the mean itself counts
     */
    public function __construct(
        public Is $is,
        public array $of = [],
        public int $count = 10,
        public bool $percent = false,
        public int $deviations = 0,
        public bool $orEqual = false,
        public ?Period $period = null,
    ) {
    }

    public static function always(): self
    {
        return new self(Is::Always);
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws ConditionIsWrong names what is wrong
     */
    public static function of(array $data): self
    {
        $said = $data['is'] ?? null;
        $is = is_string($said) ? Is::tryFrom($said) : null;
        $is ?? throw ConditionIsWrong::because('is', 'one of '.implode(', ', array_column(Is::cases(), 'value')).' is wanted.');
        $of = $data['of'] ?? [];
        if (! is_array($of) || ! array_is_list($of) || array_filter($of, is_string(...)) !== $of) {
            throw ConditionIsWrong::because('of', 'a list of values is wanted, each as a formula.');
        }
        $wanted = $is->operands();
        if (count($of) > self::VALUES || ($wanted !== null && $is !== Is::Unknown && count($of) !== $wanted) || ($wanted === null
            && $of === [])) {
            throw ConditionIsWrong::because('of', $wanted === null ? 'at least one value, and at most '.self::VALUES.', is wanted.'
                : "$wanted ".($wanted === 1 ? 'value is' : 'values are').' wanted.');
        }
        foreach ($of as $value) {
            $value !== '' && strlen($value) <= Parser::LONGEST
                || throw ConditionIsWrong::because('of', 'a value has 1 to '.number_format(Parser::LONGEST).' characters.');
        }
        $period = $data['period'] ?? null;
        $period = is_string($period) ? Period::tryFrom($period) : null;
        if ($is === Is::Period && $period === null) {
            throw ConditionIsWrong::because('period', 'one of '.implode(', ', array_column(Period::cases(), 'value')).' is wanted.');
        }
        $whole = function (string $name, int $least, int $most, int $else) use ($data): int {
            $value = $data[$name] ?? $else;

            return is_int($value) && $value >= $least && $value <= $most
                ? $value : throw ConditionIsWrong::because($name, "a whole number from $least to ".number_format($most).' is wanted.');
        };
        $flag = function (string $name) use ($data): bool {
            $value = $data[$name] ?? false;

            return is_bool($value) ? $value : throw ConditionIsWrong::because($name, 'true or false is wanted.');
        };
        $percent = $flag('percent');

        return new self($is, $of, $whole('count', 1, $percent ? 100 : 1_000, 10), $percent, $whole('deviations', 0, 3, 0),
            $flag('orEqual'), $period);
    }

    /** @return TestData */
    public function toArray(): array
    {
        $isRank = $this->is === Is::Greatest || $this->is === Is::Least;
        $isMean = $this->is === Is::AboveMean || $this->is === Is::BelowMean;

        return ['is' => $this->is->value]
            + ($this->of === [] ? [] : ['of' => $this->of])
            + ($isRank ? ['count' => $this->count] : [])
            + ($isRank && $this->percent ? ['percent' => true] : [])
            + ($isMean && $this->deviations > 0 ? ['deviations' => $this->deviations] : [])
            + ($isMean && $this->orEqual ? ['orEqual' => true] : [])
            + ($this->period === null ? [] : ['period' => $this->period->value]);
    }

    /** Whether it asks what is true of all cells of its ranges together. */
    public function needsFacts(): bool
    {
        return $this->is->needsAll() || $this->is === Is::Always;
    }

    /** @param  list<string>  $of */
    public function saying(array $of): self
    {
        return new self($this->is, $of, $this->count, $this->percent, $this->deviations, $this->orEqual, $this->period);
    }
}
