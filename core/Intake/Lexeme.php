<?php

declare(strict_types=1);

namespace Rilvet\Intake;

/** What the shape of a text says it could be, before its column has decided. Shapes have every digit written as 9. */
enum Lexeme: string
{
    case Blank = '.';
    case Placeholder = '-';
    case Number = 'n';
    case Date = 'd';
    case Time = 'h';
    case Boolean = 'b';
    case Text = 't';
    case TotalWord = 'w';

    /** Digits ("#") with separators, by the shapes that numbers take in tables of several countries (common practice). */
    private const NUMBER = '(?:#{1,3}(?:(?<s>[,.\'’ \x{A0}\x{2009}\x{202F}])###)(?:\g{s}###)*(?:[.,]#+)?|#{1,3}(?:,##)+,###(?:\.#+)?|'
        .'#+(?:[.,]#*)?|[.,]#+)(?:[eE][+\-−]?#{1,3})?';

    private const CURRENCY = '(?:[A-Z]{0,2}\p{Sc}|[A-Z]{3}|kr\.?|zł|Kč|Ft|Fr\.|lei)';

    private const MONTH = '(?<month>\p{L}{3,12}\.?)';

    public static function of(string $shape): self
    {
        $shape = trim($shape);
        if ($shape === '') {
            return self::Blank;
        }
        if (! str_contains($shape, '9')) {
            return self::word($shape);
        }
        if (strlen($shape) > 60) {
            return self::Text;
        }
        if (preg_match(self::numberPattern('9'), $shape) === 1) {
            return self::Number;
        }
        if (
            preg_match(
                '/^(?:[+\-−]?9{1,4}:99(?::99(?:[.,]9+)?)?(?: ?[AaPp]\.?[Mm]\.?)?|9{1,3} ?h(?: ?99? '
                .'?m(?:in)?)?|P(?:9+D)?T(?:9+H)?(?:9+M)?(?:9+S)?)$/',
                $shape,
            ) === 1
        ) {
            return self::Time;
        }
        if (self::isDate($shape)) {
            return self::Date;
        }

        return TotalWords::in($shape) ? self::TotalWord : self::Text;
    }

    /**
     * One pattern for a number with everything that may stand around it: sign, parentheses, currency, percent.
     *
     * @param  string  $digit what stands for one digit: "9" in a shape, "[0-9]" in a text
     */
    public static function numberPattern(string $digit): string
    {
        $sign = '[+\-−–]';
        $currency = self::CURRENCY;

        return '/^(?<open>\()?\s?(?<minus1>'.
            $sign.
            ')?\s?(?<before>'.
            $currency.
            ')?\s?(?<minus2>'.
            $sign.
            ')?\s?(?<digits>'.
            str_replace('#', $digit, self::NUMBER).
            ')\s?(?<percent>[%‰])?(?<minus3>[\-−])?\s?(?<after>'.
            $currency.
            ')?(?<close>\))?$/u';
    }

    private static function word(string $text): self
    {
        if (Words::isPlaceholder($text)) {
            return self::Placeholder;
        }
        $lower = mb_strtolower($text);
        if ($lower === 'true' || $lower === 'false') {
            return self::Boolean;
        }

        return TotalWords::in($text) ? self::TotalWord : self::Text;
    }

    private static function isDate(string $shape): bool
    {
        $time = '(?:[T ,]+99?:99(?::99(?:[.,]9+)?)?(?: ?[AaPp]\.?[Mm]\.?)?(?:Z|[+\-]99:?99)?)?';
        if (
            preg_match(
                '/^(?:\p{L}{2,10}\.?,? )?(?:9999([\-\/.])99?\g1(?:99?)|99?([\-\/.])99?\g2(?:9999|99)|9999-99)'.$time.'$/u',
                $shape,
            ) === 1
        ) {
            return true;
        }
        if (
            preg_match(
                '/^(?:\p{L}{2,10}\.?,? )?(?:99?(?:\.|st|nd|rd|th|º)?[ \-\/](?:de )?'.
                    self::MONTH.
                    '(?: de)?(?:[ \-\/]|, )(?:9999|99))'.
                    $time.
                    '$/u',
                $shape,
                $found,
            ) === 1 ||
            preg_match(
                '/^(?:\p{L}{2,10}\.?,? )?'.self::MONTH.'[ \-\/](?:99?(?:st|nd|rd|th)?,? )?9999'.$time.'$/u',
                $shape,
                $found,
            ) === 1 ||
            preg_match('/^9999[ \-]'.self::MONTH.'[ \-]99?$/u', $shape, $found) === 1
        ) {
            return Words::month($found['month']) !== null;
        }

        return false;
    }
}
