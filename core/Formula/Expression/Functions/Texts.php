<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression\Functions;

use Closure;
use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Criterion;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\Scalars;

/** Functions of texts (ISO/IEC 29500-1 18.17.7). */
final class Texts
{
    /** Characters that a cell can hold (common practice). */
    private const LONGEST = 32_767;

    /** @return array<string, array{int, int, Closure}> */
    public static function all(): array
    {
        $joined = [1, 255, function (At $at, Node ...$of) {
            $text = '';
            foreach ($of as $node) {
                foreach ($node->grid($at) as $line) {
                    foreach ($line as $value) {
                        $piece = Scalars::text($value);
                        if ($piece instanceof Fault) {
                            return $piece;
                        }
                        $text .= $piece;
                    }
                }
            }

            return strlen($text) > 4 * self::LONGEST ? Fault::value() : $text;
        }];

        return [
            'LEN' => self::of(1, 1, fn (string $text) => mb_strlen($text)),
            'UPPER' => self::of(1, 1, mb_strtoupper(...)),
            'LOWER' => self::of(1, 1, mb_strtolower(...)),
            'PROPER' => self::of(1, 1, fn (string $text) => mb_convert_case($text, MB_CASE_TITLE)),
            'TRIM' => self::of(1, 1, fn (string $text) => trim((string) preg_replace('/ {2,}/', ' ', $text), ' ')),
            'LEFT' => self::of(1, 2, fn (string $text, ?string $count = null) => self::cut($text, 0, $count ?? '1')),
            'RIGHT' => self::of(1, 2, fn (string $text, ?string $count = null) => self::last($text, $count ?? '1')),
            'MID' => self::of(3, 3, fn (string $text, string $from, string $count) => is_numeric($from) && $from >= 1
                ? self::cut($text, (int) $from - 1, $count) : Fault::value()),
            'EXACT' => self::of(2, 2, fn (string $one, string $other) => $one === $other),
            'FIND' => self::of(2, 3, function (string $what, string $in, ?string $from = null) {
                $start = max(1, (int) ($from ?? '1'));
                $at = $start > mb_strlen($in) + 1 ? false : mb_strpos($in, $what, $start - 1);

                return $at === false ? Fault::value() : $at + 1;
            }),
            'SEARCH' => self::of(2, 3, self::searched(...)),
            'SUBSTITUTE' => self::of(3, 3, fn (string $text, string $old, string $new) => $old === '' ? $text : str_replace($old, $new,
                $text)),
            'REPT' => self::of(2, 2, fn (string $text, string $count) => is_numeric($count) && $count >= 0
                && (int) $count * mb_strlen($text) <= self::LONGEST ? str_repeat($text, (int) $count) : Fault::value()),
            'CODE' => self::of(1, 1, fn (string $text) => $text === '' ? Fault::value() : mb_ord(mb_substr($text, 0, 1))),
            'CHAR' => self::of(1, 1, fn (string $code) => is_numeric($code) && $code >= 1 && $code < 256 ? mb_chr((int) $code)
                : Fault::value()),
            'CONCATENATE' => $joined, 'CONCAT' => $joined,
            'VALUE' => [1, 1, fn (At $at, Node $of) => Scalars::number($of->value($at))],
        ];
    }

    /** @return array{int, int, Closure} */
    private static function of(int $least, int $most, callable $does): array
    {
        return [$least, $most, function (At $at, Node ...$of) use ($does) {
            $texts = [];
            foreach ($of as $node) {
                $text = Scalars::text($node->value($at));
                if ($text instanceof Fault) {
                    return $text;
                }
                $texts[] = $text;
            }

            return $does(...$texts);
        }];
    }

    private static function cut(string $text, int $from, string $count): string|Fault
    {
        return is_numeric($count) && $count >= 0 ? mb_substr($text, $from, (int) $count) : Fault::value();
    }

    private static function last(string $text, string $count): string|Fault
    {
        if (! is_numeric($count) || $count < 0) {
            return Fault::value();
        }

        return (int) $count === 0 ? '' : mb_substr($text, -min((int) $count, max(1, mb_strlen($text))));
    }

    private static function searched(string $what, string $in, ?string $from = null): int|Fault
    {
        $start = max(1, (int) ($from ?? '1'));
        $found = preg_match('/'.Criterion::pattern($what).'/siu', mb_substr($in, $start - 1), $match, PREG_OFFSET_CAPTURE);

        return $found === 1 ? $start + mb_strlen(substr(mb_substr($in, $start - 1), 0, $match[0][1])) : Fault::value();
    }
}
