<?php

declare(strict_types=1);

namespace Rilvet\Formula;

/** Whether a text is put together as a formula is (ISO/IEC 29500-1 18.17.2), without asking what its words mean. */
final class Syntax
{
    /** What a token can be, by the names of the groups. */
    private const KINDS = [
        'blank' => 1,
        'operand' => 1,
        'name' => 1,
        'open' => 1,
        'close' => 1,
        'begin' => 1,
        'end' => 1,
        'part' => 1,
        'after' => 1,
        'between' => 1,
    ];

    private const TOKENS = '~\G(?:
        (?<blank>\s+)
        | (?<operand> "(?:[^"]|"")*" | \#[A-Z][A-Z0-9/_]*[!?]? | (?:\d+(?:\.\d*)?|\.\d+)(?:E[+\-]?\d+)? )
        | (?<name> (?: \'(?:[^\']|\'\')+\'! | (?:\[[^\]]*\])?[^\s"\'()\[\]{},;:=<>+*/^&%!\-]*! )?
            (?: (?:[^\s"\'()\[\]{},;:=<>+*/^&%!\#\-]+
                (?: (?<bracket> \[ (?: [^\[\]\']++ | \'. | (?&bracket) )* \] ) )?) | (?&bracket) | \#REF! ) )
        | (?<open>\() | (?<close>\)) | (?<begin>\{) | (?<end>\})
        | (?<part>[,;])
        | (?<after>[%\#])
        | (?<between><>|<=|>=|[+\-*/^&=<>:])
    )~xiu';

    /**
     * @param  string  $formula  without "="
     * @return int|null how many characters stand before the fault; null where there is none
     */
    public static function fault(string $formula): ?int
    {
        $open = [];
        $wants = true;
        $gap = false;
        $last = '';
        for ($at = 0, $length = strlen($formula); $at < $length; $at += strlen((string) $found[0])) {
            if (preg_match(self::TOKENS, $formula, $found, PREG_UNMATCHED_AS_NULL, $at) !== 1 || $found[0] === '') {
                return self::characters($formula, $at);
            }
            $kind = array_key_first(array_filter(array_intersect_key($found, self::KINDS), fn (?string $text) => $text !== null));
            if ($kind === 'blank') {
                // A blank between two ranges asks for what they have in common.
                $gap = ! $wants;

                continue;
            }
            // An argument of a call may be left out, but not half of one.
            $isLeftOut = end($open) === 'call' && ($last === 'open' || $last === 'part');
            $isWell = match ($kind) {
                'operand', 'begin' => $wants,
                'name' => $wants || $gap,
                'open' => $wants || ($gap ? $last === 'name' : $last === 'name' || $last === 'close'),
                'close' => in_array(end($open), ['(', 'call'], true) && (! $wants || $isLeftOut),
                'end' => end($open) === '{' && ! $wants,
                'part' => $open !== [] && (! $wants || $isLeftOut),
                'after' => ! $wants,
                default => ! $wants || $found[0] === '+' || $found[0] === '-',
            };
            if (! $isWell) {
                return self::characters($formula, $at);
            }
            if ($kind === 'open') {
                $open[] = $wants ? '(' : 'call';
            } elseif ($kind === 'begin') {
                $open[] = '{';
            } elseif ($kind === 'close' || $kind === 'end') {
                array_pop($open);
            }
            $wants = in_array($kind, ['open', 'begin', 'part', 'between'], true);
            $gap = false;
            $last = $kind;
        }

        return $open !== [] || $wants ? mb_strlen($formula) : null;
    }

    private static function characters(string $formula, int $bytes): int
    {
        return mb_strlen(substr($formula, 0, $bytes));
    }
}
