<?php

declare(strict_types=1);

namespace Rilvet\Summary;

/** A figure of a column, for each group. */
final readonly class Value
{
    /** @param  string|null  $heading  null counts rows */
    public function __construct(public ?string $heading, public Figure $figure = Figure::Sum, public Share $share = Share::None)
    {
    }

    /** @throws SummaryIsWrong */
    public static function fromArray(mixed $data): self
    {
        is_array($data) || throw SummaryIsWrong::says('a value is a column and what is worked out of it');
        [$heading, $works, $of] = [$data['heading'] ?? null, $data['figure'] ?? 'sum', $data['share'] ?? 'none'];
        $heading === null || (is_string($heading) && trim($heading) !== '' && mb_strlen($heading) <= Summary::LONGEST)
            || throw SummaryIsWrong::says('a value is a column and what is worked out of it');
        $figure = is_string($works) ? Figure::tryFrom($works) : null;
        $share = is_string($of) ? Share::tryFrom($of) : null;
        $figure !== null && $share !== null
            || throw SummaryIsWrong::says('a value is a sum, count, mean, least or greatest, and a share of none, row, column or whole');
        $heading !== null || $figure === Figure::Count || throw SummaryIsWrong::says('only counting goes without a column');
        $share === Share::None || $figure === Figure::Sum || $figure === Figure::Count
            || throw SummaryIsWrong::says('only sums and counts have shares');

        return new self(is_string($heading) ? trim($heading) : null, $figure, $share);
    }

    /** @return array<string, string|null> ready for JSON */
    public function toArray(): array
    {
        return ['heading' => $this->heading, 'figure' => $this->figure->value, 'share' => $this->share->value];
    }

    /** "Worth", "Mean of Worth", "Rows", "Worth, share". */
    public function words(): string
    {
        $words = match (true) {
            $this->heading === null => 'Rows',
            $this->figure === Figure::Sum => $this->heading,
            default => "{$this->figure->words()} of $this->heading",
        };

        return $words.($this->share === Share::None ? '' : ', share');
    }
}
