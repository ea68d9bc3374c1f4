<?php

declare(strict_types=1);

namespace Rilvet\Number;

use Rilvet\Clamp;
use Rilvet\Number\Exception\FormatCodeIsWrong;

/**
 * A number format as a person chooses it, and the format code (ISO/IEC 29500-1 18.8.31) that says the same.
 *
 * @phpstan-type ChoiceData array{purpose: string, decimals: int, negative: string, zero: string, symbol: string, place: string,
 *     length: int, pattern: string}
 */
final readonly class NumberChoice
{
    public const NEGATIVE = ['minus', 'brackets', 'red', 'red_brackets'];

    public const ZERO = ['zero', 'dash', 'blank'];

    /** Where a currency sign stands: right before the figures, at the cell's left edge, behind them. */
    public const PLACES = ['before', 'edge', 'behind'];

    private const DASH = '"–"';

    /**
     * @param  int  $decimals  0 to 10
     * @param  int  $length  of a code, in digits, 1 to 20
     * @param  string  $pattern  of dates, times, durations and fractions
     */
    private function __construct(
        public Purpose $purpose,
        public int $decimals = 0,
        public string $negative = 'minus',
        public string $zero = 'zero',
        public string $symbol = '',
        public string $place = 'before',
        public int $length = 5,
        public string $pattern = '',
    ) {
    }

    public static function for(Purpose $purpose, int $decimals = 0, string $symbol = '', string $place = 'before', int $length = 5): self
    {
        return new self(
            $purpose,
            Clamp::of($decimals, 0, 10),
            symbol: $symbol,
            place: $place,
            length: $length,
            pattern: $purpose->patterns()[0] ?? '',
        );
    }

    /**
     * @param  array<string, mixed>  $data  what is not said is as it is by default
     *
     * @throws FormatCodeIsWrong names what is no choice
     */
    public static function of(array $data): self
    {
        $purpose =
            Purpose::tryFrom(is_string($data['purpose'] ?? null) ? $data['purpose'] : '') ?? throw FormatCodeIsWrong::choice('purpose');
        $whole = function (string $name, int $least, int $most, int $else) use ($data): int {
            $value = $data[$name] ?? $else;

            return is_int($value) && $value >= $least && $value <= $most ? $value : throw FormatCodeIsWrong::choice($name);
        };
        $one = function (string $name, array $choices) use ($data): string {
            $value = $data[$name] ?? $choices[0];

            return is_string($value) && in_array($value, $choices, true) ? $value : throw FormatCodeIsWrong::choice($name);
        };
        $symbol = $data['symbol'] ?? '';
        if (! is_string($symbol) || mb_strlen($symbol) > 8 || preg_match('/["\\\\;\[\]\p{C}]/u', $symbol) === 1) {
            throw FormatCodeIsWrong::choice('symbol');
        }
        $pattern = $data['pattern'] ?? '';
        $choice = new self(
            $purpose,
            $whole('decimals', 0, 10, 0),
            $one('negative', self::NEGATIVE),
            $one('zero', self::ZERO),
            $symbol,
            $one('place', self::PLACES),
            $whole('length', 1, 20, 5),
            is_string($pattern) && $pattern !== '' ? $pattern : $purpose->patterns()[0] ?? '',
        );
        NumberFormat::of($choice->code());

        return $choice;
    }

    /** The format code. */
    public function code(): string
    {
        return match ($this->purpose) {
            Purpose::AsItIs => 'General',
            Purpose::Text => '@',
            Purpose::Hidden => ';;;',
            Purpose::Code => str_repeat('0', $this->length),
            Purpose::Date, Purpose::Time, Purpose::DateTime, Purpose::Duration, Purpose::Fraction => $this->pattern,
            Purpose::Scientific => '0'.self::places($this->decimals).'E+00',
            default => $this->sections(),
        };
    }

    /** The choice that a code says, and null where only the code says it. */
    public static function read(string $code): ?self
    {
        if ($code === '' || strcasecmp($code, 'General') === 0) {
            return self::for(Purpose::AsItIs);
        }
        foreach (self::candidates($code) as $choice) {
            if ($choice->code() === $code) {
                return $choice;
            }
        }

        return null;
    }

    /** @return ChoiceData */
    public function toArray(): array
    {
        return [
            'purpose' => $this->purpose->value, 'decimals' => $this->decimals, 'negative' => $this->negative, 'zero' => $this->zero,
            'symbol' => $this->symbol, 'place' => $this->place, 'length' => $this->length, 'pattern' => $this->pattern,
        ];
    }

    private function sections(): string
    {
        $figures = match ($this->purpose) {
            Purpose::Plain => '0'.self::places($this->decimals),
            Purpose::Percent => '0'.self::places($this->decimals).'%',
            Purpose::Thousands => '#,##0'.self::places($this->decimals).',',
            Purpose::Millions => '#,##0'.self::places($this->decimals).',,',
            default => '#,##0'.self::places($this->decimals),
        };
        $brackets = in_array($this->negative, ['brackets', 'red_brackets'], true);
        // A sign that is a word stands apart from the figures.
        $sign =
            $this->symbol === ''
                ? ''
                : '"'.
                    $this->symbol.
                    (preg_match('/\p{L}\.?$/u', $this->symbol) === 1 && $this->place === 'before' ? "\u{A0}" : '').
                    '"';
        [$lead, $tail] = match (true) {
            $this->purpose !== Purpose::Money || $sign === '' => ['', ''],
            $this->place === 'behind' => ['', '" '.$this->symbol.'"'],
            default => [$this->place === 'edge' ? "$sign* " : $sign, ''],
        };
        // A closing bracket takes its room in every section, so that digits stand in line.
        $pad = $brackets ? '_)' : '';
        $edge = $this->place === 'edge' && $lead !== '';
        $ink = str_starts_with($this->negative, 'red') ? '[Red]' : '';
        $negative = $ink.match (true) {
            $brackets => $edge ? "$lead($figures$tail)" : "($lead$figures$tail)",
            $edge => "$lead-$figures$tail",
            default => "-$lead$figures$tail",
        };
        $plain = $lead.$figures.$tail.$pad;
        $zero = match ($this->zero) {
            'dash' => ($edge ? $lead : '').self::DASH.$pad,
            'blank' => '',
            default => null,
        };
        if ($zero !== null) {
            return "$plain;$negative;$zero";
        }

        return $ink === '' && ! $brackets && ! $edge ? $plain : "$plain;$negative";
    }

    /** @return iterable<self> choices whose code may be the one given */
    private static function candidates(string $code): iterable
    {
        foreach (Purpose::cases() as $purpose) {
            if (in_array($code, $purpose->patterns(), true)) {
                yield new self($purpose, pattern: $code);
            }
        }
        $class = FormatClass::of($code);
        if ($class->isTemporal()) {
            yield new self(match ($class) {
                FormatClass::Date => Purpose::Date,
                FormatClass::Time => Purpose::Time,
                FormatClass::DateTime => Purpose::DateTime,
                default => Purpose::Duration,
            }, pattern: $code);
        }
        if (preg_match('~^[#0? ]*[?0#]+/(\d+|[?#0]+)$~', $code) === 1) {
            yield new self(Purpose::Fraction, pattern: $code);
        }
        if (preg_match('/^0{2,20}$/', $code) === 1) {
            yield new self(Purpose::Code, length: strlen($code));
        }
        yield new self(Purpose::Text);
        yield new self(Purpose::Hidden);
        $decimals = preg_match('/0\.(0{1,10})/', $code, $found) === 1 ? strlen($found[1]) : 0;
        yield new self(Purpose::Scientific, $decimals);
        $symbol = FormatClass::currency($code) ?? '';
        foreach ([Purpose::Plain, Purpose::Grouped, Purpose::Percent, Purpose::Thousands, Purpose::Millions, Purpose::Money] as $purpose) {
            foreach (self::NEGATIVE as $negative) {
                foreach (self::ZERO as $zero) {
                    foreach ($purpose === Purpose::Money ? self::PLACES : ['before'] as $place) {
                        yield new self($purpose, $decimals, $negative, $zero, $purpose === Purpose::Money ? $symbol : '', $place);
                    }
                }
            }
        }
    }

    private static function places(int $decimals): string
    {
        return $decimals === 0 ? '' : '.'.str_repeat('0', $decimals);
    }
}
