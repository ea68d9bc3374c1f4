<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Condition\Exception\ConditionIsWrong;
use Rilvet\Formula\Expression\Parser;

/**
 * A point of a scale, an end of a bar, a step between marks (ISO/IEC 29500-1 18.3.1.11, 18.18.14).
 *
 * @phpstan-type PointData array{at: string, value?: string, above?: bool}
 */
final readonly class Point
{
    /** "auto" ends a bar at nought or at what is further out; the others are those of the standard. */
    public const KINDS = ['least', 'greatest', 'number', 'percent', 'percentile', 'formula', 'auto'];

    /**
     * @param  string  $value  a formula without "="; nothing for the least and the greatest
     * @param  bool  $isAbove  a mark begins above the point, not with it
     */
    public function __construct(public string $at, public string $value = '', public bool $isAbove = false)
    {
    }

    public static function of(mixed $data, string $where): self
    {
        $at = is_array($data) ? $data['at'] ?? null : null;
        $value = is_array($data) ? $data['value'] ?? '' : '';
        $above = is_array($data) ? $data['above'] ?? false : false;
        if (! is_string($at) || ! in_array($at, self::KINDS, true) || ! is_string($value) || ! is_bool($above)) {
            throw ConditionIsWrong::because($where, 'a point is wanted: at ('.implode(', ', self::KINDS).'), and its value.');
        }
        $isSaid = ! in_array($at, ['least', 'greatest', 'auto'], true);
        if (($isSaid && $value === '') || strlen($value) > Parser::LONGEST) {
            throw ConditionIsWrong::because($where, 'a value is wanted there.');
        }
        if (in_array($at, ['percent', 'percentile'], true) && is_numeric($value) && ($value < 0 || $value > 100)) {
            throw ConditionIsWrong::because($where, 'a number from 0 to 100 is wanted.');
        }

        return new self($at, $isSaid ? $value : '', $above);
    }

    public function words(): string
    {
        return match ($this->at) {
            'least' => 'the least',
            'greatest' => 'the greatest',
            'auto' => 'by itself',
            'percent' => "$this->value percent of the way",
            'percentile' => "the {$this->value}th percentile",
            default => $this->value,
        };
    }

    /** @return PointData */
    public function toArray(): array
    {
        return ['at' => $this->at] + ($this->value === '' ? [] : ['value' => $this->value])
            + ($this->isAbove ? ['above' => true] : []);
    }

    public function saying(string $value): self
    {
        return new self($this->at, $value, $this->isAbove);
    }
}
