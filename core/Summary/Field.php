<?php

declare(strict_types=1);

namespace Rilvet\Summary;

/** A column whose values make the groups. */
final readonly class Field
{
    /** @param  float  $size  of a band, in the unit of the column */
    public function __construct(public string $heading, public Grouping $by = Grouping::Value, public float $size = 0)
    {
    }

    /** @throws SummaryIsWrong */
    public static function fromArray(mixed $data): self
    {
        is_array($data) || throw SummaryIsWrong::says('a column to group by is wanted');
        [$heading, $said, $size] = [$data['heading'] ?? null, $data['by'] ?? 'value', $data['size'] ?? 0];
        is_string($heading) && trim($heading) !== '' && mb_strlen($heading) <= Summary::LONGEST
            || throw SummaryIsWrong::says('a column to group by is wanted');
        $by = is_string($said) ? Grouping::tryFrom($said) : null;
        $by ?? throw SummaryIsWrong::says('rows are put together by value, month, quarter, year or band');
        $isSize = (is_int($size) || is_float($size)) && is_finite((float) $size) && $size > 0 && $size < 1e15;
        $by !== Grouping::Band || $isSize || throw SummaryIsWrong::says('a band wants a size above nought');

        return new self(trim($heading), $by, $isSize ? (float) $size : 0.0);
    }

    /** @return array<string, string|float> ready for JSON */
    public function toArray(): array
    {
        return ['heading' => $this->heading, 'by' => $this->by->value] + ($this->size > 0 ? ['size' => $this->size] : []);
    }

    /** "Customer", "Day, by month". */
    public function words(): string
    {
        return $this->heading.match ($this->by) {
            Grouping::Value => '',
            Grouping::Band => ', by '.self::plain($this->size),
            default => ", by {$this->by->value}",
        };
    }

    public static function plain(float $number): string
    {
        return floor($number) === $number && abs($number) < 1e15 ? (string) (int) $number : rtrim(rtrim(sprintf('%.6F', $number),
            '0'), '.');
    }
}
