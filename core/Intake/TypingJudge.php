<?php

declare(strict_types=1);

namespace Rilvet\Intake;

/**
 * Decides how each column's text is typed, from the shapes of the whole column, never from one cell.
 *
 * Codes stay text: leading zeros, more than 15 digits, letters mixed with digits. A column whose decimal sign nothing
 * decides follows the other columns of the file; a date order that nothing decides is marked as unsure.
 */
final class TypingJudge
{
    /** Figures in groups of thousands that tell what their sign is. */
    private const PARTED = 5;

    /** @var array<string, int> evidence for "." and "," as decimal sign in the whole file */
    private array $signs = ['.' => 0, ',' => 0];

    /** @param  string  $usual  the decimal sign where nothing in the file tells it */
    private function __construct(private readonly string $usual)
    {
    }

    /**
     * @param  array<int, ColumnSurvey>  $columns by column number
     * @param  string  $delimiter  between the fields of the file
     */
    public static function decide(array $columns, string $delimiter = ','): SheetTyping
    {
        // Fields are parted by semicolons where the comma is the decimal sign (common practice).
        $judge = new self($delimiter === ';' ? ',' : '.');
        foreach ($columns as $survey) {
            $sign = self::decimalSign($survey);
            if ($sign !== null) {
                $judge->signs[$sign]++;
            }
        }

        return new SheetTyping(array_map($judge->column(...), $columns));
    }

    private function column(ColumnSurvey $survey): ColumnTyping
    {
        $weights = ['n' => 0, 'd' => 0, 'h' => 0, 't' => $survey->rest, 'code' => 0];
        $currencies = [];
        $percent = 0;
        foreach ($survey->shapes as $shape => $count) {
            $shape = (string) $shape;
            $lexeme = Lexeme::of($shape);
            if ($lexeme === Lexeme::Number) {
                $weights['n'] += $count;
                $currency = NumberText::parts($shape)['currency'] ?? '';
                if ($currency !== '') {
                    $currencies[$currency] = ($currencies[$currency] ?? 0) + $count;
                }
                $percent += str_contains($shape, '%') ? $count : 0;
            } elseif ($lexeme === Lexeme::Date || $lexeme === Lexeme::Time) {
                $weights[$lexeme->value] += $count;
            } elseif ($lexeme === Lexeme::Text) {
                $weights['code'] += $count;
            }
        }
        $most = max($weights['n'], $weights['d'], $weights['h']);
        if ($most === 0) {
            return ColumnTyping::text('words');
        }
        if ($weights['d'] === $most) {
            return self::date($survey);
        }
        if ($weights['h'] === $most) {
            return new ColumnTyping(TypingKind::Time, format: $survey->hoursBeyondDay ? '[h]:mm' : 'hh:mm', why: 'times');
        }
        if ($survey->longDigits > 0) {
            return ColumnTyping::text('more than 15 digits');
        }
        if ($survey->leadingZeros > 0) {
            return ColumnTyping::text('leading zeros');
        }
        if ($weights['code'] >= max(2, $weights['n'] * 0.4)) {
            return ColumnTyping::text('letters and digits mixed');
        }
        $sign = self::decimalSign($survey);
        $unsure = $sign === null && self::ambiguous($survey);
        $sign ??= match ($this->signs[','] <=> $this->signs['.']) {
            1 => ',',
            -1 => '.',
            default => self::groupedBy($survey) ?? $this->usual,
        };
        arsort($currencies);
        $unit = $currencies === [] ? null : (string) array_key_first($currencies);

        return new ColumnTyping(
            TypingKind::Number,
            decimal: $sign,
            unsure: $unsure && $this->signs[$sign] === 0,
            percent: $percent > $weights['n'] / 2,
            unit: $unit,
            why: $unit !== null && count($currencies) > 1 ? 'figures with several currencies' : 'figures',
        );
    }

    private static function date(ColumnSurvey $survey): ColumnTyping
    {
        [$first, $second] = $survey->dateFields;
        $point = preg_match('/^9{1,2}\./m', implode("\n", array_map(strval(...), array_keys($survey->shapes)))) === 1;
        $timed = preg_match('/9:99/', implode("\n", array_map(strval(...), array_keys($survey->shapes)))) === 1;
        $format = $timed ? 'yyyy-mm-dd hh:mm' : 'yyyy-mm-dd';
        [$order, $unsure, $why] = match (true) {
            $first === 0 => ['ymd', false, 'dates with the year or the month named'],
            $first > 12 => ['dmy', $second > 12, 'a first figure over 12'],
            $second > 12 => ['mdy', false, 'a second figure over 12'],
            // Dates with points are written day first wherever they are in use (common practice).
            $point => ['dmy', false, 'dates with points'],
            default => ['dmy', true, 'nothing tells day from month'],
        };

        return new ColumnTyping(TypingKind::Date, order: $order, unsure: $unsure, format: $format, why: $why);
    }

    /** What the shapes prove about the decimal sign; null where they prove nothing. */
    private static function decimalSign(ColumnSurvey $survey): ?string
    {
        $point = $survey->zeroPoint;
        $comma = $survey->zeroComma;
        foreach ($survey->shapes as $shape => $count) {
            $digits = NumberText::parts((string) $shape)['digits'] ?? '';
            $signs = (string) preg_replace('/[^.,]/', '', $digits);
            if ($signs === '') {
                continue;
            }
            $last = $signs[-1];
            $other = $last === '.' ? ',' : '.';
            // A sign that occurs twice groups thousands, so the other one is the decimal sign.
            if (substr_count($signs, $last) > 1) {
                ${$other === '.' ? 'point' : 'comma'} += $count;
            } elseif (
                str_contains($signs, $other) ||
                preg_match('/[.,]9{3}$/', $digits) !== 1 ||
                preg_match('/^9{4,}[.,]|^[.,]|[ \'’]9{3}[.,]/', $digits) === 1
            ) {
                ${$last === '.' ? 'point' : 'comma'} += $count;
            }
        }

        return $point === $comma ? null
            : ($point > $comma ? '.' : ',');
    }

    /**
     * Where each figure of a column is parted before its last three digits or not at all, and they are of several lengths, the sign
     * parts thousands: measures of three places are hardly written without a zero before some of them.
     *
     * @return string|null the decimal sign, which is the other one
     */
    private static function groupedBy(ColumnSurvey $survey): ?string
    {
        $lengths = $signs = [];
        $parted = 0;
        foreach ($survey->shapes as $shape => $count) {
            $digits = NumberText::parts((string) $shape)['digits'] ?? '';
            if (preg_match('/^(9{1,3})(?:([.,])9{3})?$/', $digits, $found) !== 1) {
                if ($digits !== '') {
                    return null;
                }

                continue;
            }
            $lengths[strlen($digits)] = true;
            if (isset($found[2])) {
                $signs[$found[2]] = true;
                $parted += $count;
            }
        }

        return count($signs) === 1 && count($lengths) > 1 && $parted >= self::PARTED && $survey->zeroPoint + $survey->zeroComma === 0
            ? (isset($signs['.']) ? ',' : '.')
            : null;
    }

    private static function ambiguous(ColumnSurvey $survey): bool
    {
        foreach ($survey->shapes as $shape => $count) {
            if (preg_match('/^\D*9{1,3}[.,]9{3}\D*$/', (string) $shape) === 1) {
                return true;
            }
        }

        return false;
    }
}
