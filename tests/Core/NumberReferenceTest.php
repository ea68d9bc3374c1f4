<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Number\NumberFormat;

/**
 * Thousands of codes by values, with a fixed seed, against a general-purpose reference implementation of these codes from
 * the npm registry (it says of itself: ECMA-376 format codes, the same text as ISO/IEC 29500-1 18.8.30 and 18.8.31).
 * Each difference is judged in number-differences.json, with the section of the standard beside it.
 */
final class NumberReferenceTest extends TestCase
{
    private const PAIRS = 6_000;

    public function test_texts_are_those_of_the_reference_or_the_difference_is_judged(): void
    {
        mt_srand(18_831);
        $pairs = [];
        while (count($pairs) < self::PAIRS) {
            $pairs[] = [$code = self::code(), self::value($code)];
        }
        $theirs = self::reference($pairs);
        /** @var list<array{code: string, when?: string, verdict: string, section: string}> $judged */
        $judged = json_decode((string) file_get_contents(__DIR__.'/number-differences.json'), true, 8, JSON_THROW_ON_ERROR);
        $unexplained = [];
        $explained = 0;
        foreach ($pairs as $index => [$code, $value]) {
            $shown = NumberFormat::of($code)->number((float) $value);
            $ours = $shown->fits ? self::spaces($shown->text) : null;
            $reference = $theirs[$index] === '' && $ours === null ? null : self::spaces((string) $theirs[$index]);
            if ($ours === $reference) {
                continue;
            }
            foreach ($judged as $difference) {
                if (
                    preg_match("\u{1}{$difference['code']}\u{1}u", $code) === 1 &&
                    (! isset($difference['when']) || preg_match("\u{1}{$difference['when']}\u{1}", "$value -> $reference") === 1)
                ) {
                    $explained++;

                    continue 2;
                }
            }
            $unexplained[] = "$code of $value: ours \"$ours\", theirs \"$reference\"";
        }
        self::assertSame([], array_slice($unexplained, 0, 60), count($unexplained).' unexplained');
        self::assertLessThan(0.005 * self::PAIRS, $explained);
    }

    /** Spaces of other widths are spaces. */
    private static function spaces(string $text): string
    {
        return (string) preg_replace('/[\x{A0}\x{2007}\x{2002}\x{2003}\x{2009}]/u', ' ', $text);
    }

    private static function code(): string
    {
        $signed = fn (string $body) => self::pick(
            $body,
            $body,
            $body,
            "$body;-$body",
            "$body;($body)",
            "$body;($body);\"-\"",
            "$body;-$body;0;@",
            "[Red]$body;[Blue]-$body",
            "[>=100]$body;[<0]-$body;0.0",
        );

        return match (mt_rand(0, 19)) {
            0, 1, 2, 3, 4, 5, 6, 7, 8 => $signed(self::digits()),
            9, 10 => self::pick('0', '0.0', '0.00', '##0.0', '0.###', '#').self::pick('E+00', 'E+0', 'E-00', 'E+000'),
            11 => self::pick('# ?/?', '# ??/??', '?/?', '??/??', '# ?/4', '# ?/8', '# ??/16', '# ?/10', '0 ?/?', '# ???/???'),
            12, 13 => self::date(),
            14, 15 => self::clock(),
            16, 17 => self::date().' '.self::clock(),
            default => self::pick(
                'General',
                '@',
                '0;;',
                ';;;',
                '"x"',
                '0" of 5"',
                '_(#,##0_)',
                '_(* #,##0.00_);_(* (#,##0.00);_(* "-"??_)',
                '000-00-0000',
                '(000) 000',
                '[$€-407] 0',
                '0 [$kr-41D]',
                '[$CHF] #,##0.00',
                '\$0.00',
                '[<1]0.00;[<10]0.0;0',
                '[=1]"one";[=2]"two";0',
                '0.00_ ;[Red]-0.00_ ',
            ),
        };
    }

    private static function digits(): string
    {
        return self::pick('0', '#', '#,##0', '0,000', '000', '#,###', '??0')
            .self::pick('', '', '.0', '.00', '.000', '.0#', '.##', '.??', '.0000')
            .self::pick('', '', '', ',', ',,', '%', ' "kg"', '\x');
    }

    private static function date(): string
    {
        $parts = str_split(self::pick('ymd', 'dmy', 'mdy', 'dm', 'my', 'y', 'm', 'd'));

        return implode(self::pick('-', '/', ' ', '. '), array_map(fn (string $part) => match ($part) {
            'y' => self::pick('yy', 'yyyy'),
            'm' => self::pick('m', 'mm', 'mmm', 'mmmm', 'mmmmm'),
            default => self::pick('d', 'dd', 'ddd', 'dddd'),
        }, $parts));
    }

    private static function clock(): string
    {
        return self::pick(
            'h:mm',
            'hh:mm',
            'h:mm:ss',
            'hh:mm:ss',
            'h:mm AM/PM',
            'hh:mm:ss A/P',
            'mm:ss',
            'mm:ss.0',
            'h:mm:ss.00',
            'hh:mm:ss.000',
            '[h]:mm',
            '[h]:mm:ss',
            '[hh]:mm',
            '[mm]:ss',
            '[m]',
            '[s]',
            '[ss].00',
            'h',
            's',
        );
    }

    /** Values that the code may well meet: money and counts, or days. */
    private static function value(string $code): float|int
    {
        $isDay = preg_match('/[ydhsm]/', $code) === 1 && ! str_contains($code, 'General');

        return match (mt_rand(0, 5)) {
            0 => $isDay ? mt_rand(0, 70) : mt_rand(-1_000, 1_000),
            1 => $isDay ? mt_rand(0, 2_958_465) : mt_rand(-99_999_999, 99_999_999) / 100,
            2 => $isDay ? mt_rand(0, 86_400) / 86_400 : mt_rand(-1_000_000, 1_000_000) / 1_000_000,
            3 => $isDay ? mt_rand(0, 50_000) + mt_rand(0, 86_399_999) / 86_400_000 : mt_rand(-99, 99) / 8,
            4 => $isDay
                ? mt_rand(30_000, 50_000) + mt_rand(0, 1_439) / 1_440
                : self::pick(
                    0,
                    1,
                    -1,
                    0.5,
                    -0.5,
                    0.005,
                    1.005,
                    2.675,
                    1234567.891,
                    1e10,
                    1.5e-7,
                    123456789012,
                    0.1 + 0.2,
                    999.995,
                    99.5,
                    -0.4,
                ),
            default => $isDay ? mt_rand(36_000, 46_000) : mt_rand(0, 1_000_000_000) / 1_000,
        };
    }

    /**
     * @template T
     *
     * @param  T  ...$all
     * @return T
     */
    private static function pick(mixed ...$all): mixed
    {
        return $all[mt_rand(0, count($all) - 1)];
    }

    /**
     * @param  list<array{string, float|int}>  $pairs
     * @return list<string|null>
     */
    private static function reference(array $pairs): array
    {
        $process = proc_open(['node', __DIR__.'/number-reference.mjs'], [0 => ['pipe', 'r'], 1 => ['pipe', 'w']], $pipes);
        assert($process !== false);
        fwrite($pipes[0], json_encode($pairs, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        /** @var list<string|null> $texts */
        $texts = json_decode((string) stream_get_contents($pipes[1]), true, 4, JSON_THROW_ON_ERROR);
        proc_close($process);

        return $texts;
    }
}
