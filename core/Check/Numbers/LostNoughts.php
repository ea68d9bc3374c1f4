<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Act\Format;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;

/** Codes that lost the noughts they began with. */
final readonly class LostNoughts implements ColumnCheck
{
    public function about(): About
    {
        return new About('lost-noughts', 'Codes that lost their first noughts',
            'They are found nowhere else any more, where they are still written whole.', Severity::Look, Subject::Numbers);
    }

    private const CODES = '/\\b(code|zip|postcode|post code|postal|plz|sku|ean|gtin|isbn|id|account|phone|tel)\\b/i';

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns(true) as [$table, $column, $range, $facts]) {
            $isCode = (bool) preg_match(self::CODES, (string) $column->heading);
            if (! $isCode || $facts->numbers < 5 || $facts->numbers < $facts->filled || array_keys($facts->decimals) !== [0]
                || $facts->formulas !== []) {
                continue;
            }
            // What counts up passes through a power of ten.
            if ($facts->greatest - $facts->least < 20 * $facts->numbers) {
                continue;
            }
            arsort($facts->digits);
            $long = (int) array_key_first($facts->digits);
            $short = array_sum(array_filter($facts->digits, fn (int $digits) => $digits < $long, ARRAY_FILTER_USE_KEY));
            $isPadded = array_filter(array_keys($sheet->survey()->by($table, $column->column,
                fn (ResolvedLook $look) => $look->look->text(Attribute::Number))), fn (string|int $code) => preg_match('/^0{2,}$/',
                    (string) $code) === 1) !== [];
            // Most have one length of four digits or more, some fewer, none more: what counts up has all lengths.
            if ($long >= 4 && $short > 0 && ! $isPadded && array_filter(array_keys($facts->digits),
                fn (int $digits) => $digits > $long) === [] && $facts->numbers * 7 <= $facts->digits[$long] * 10) {
                yield $sheet->finding($this, $range, $short, Checked::called($column).': '.number_format($facts->digits[$long]).
                    " codes have $long digits, ".
                    number_format($short).' fewer: they may have begun with a nought.', ['digits' => $long],
                    Mend::looks(new Format($sheet->targets($range), Look::of(['number' => str_repeat('0', $long)])),
                        'shows noughts again, values stay'));
            }
        }
    }
}
