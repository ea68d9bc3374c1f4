<?php

declare(strict_types=1);

namespace Rilvet\Ods;

/**
 * Formulas between the form of the workbook (ISO/IEC 29500-1 18.17) and OpenFormula (ISO/IEC 26300-2): references in
 * brackets with a point before the cell, semicolons between arguments, rows of an array parted by "|".
 */
final class OpenFormula
{
    private const A1 = '~
        (?<text>"(?:[^"]|"")*")
        | (?<error>\#(?:NULL!|DIV/0!|VALUE!|REF!|NAME\?|NUM!|N/A))
        | (?: (?<sheet>\'(?:[^\']|\'\')+\'|[\p{L}_][\p{L}\p{N}_.]*)! )?
          (?: (?<from>\$?[A-Z]{1,3}\$?\d{1,7})(?: : (?<to>\$?[A-Z]{1,3}\$?\d{1,7}) )?
            | (?<left>\$?[A-Z]{1,3}):(?<right>\$?[A-Z]{1,3})
            | (?<top>\$?\d{1,7}):(?<bottom>\$?\d{1,7}) )
          (?![\p{L}\p{N}_.(!])
        | (?<name>[\p{L}_\\\\][\p{L}\p{N}_.\\\\]*)
        | (?<number>\d+(?:\.\d+)?(?:E[+-]?\d+)?)
        | (?<open>\{) | (?<close>\}) | (?<comma>,) | (?<semicolon>;)
    ~xiu';

    /** @param  string  $formula  without "=" */
    public static function of(string $formula): string
    {
        $array = 0;

        return 'of:='.preg_replace_callback(self::A1, function (array $piece) use (&$array) {
            $whole = (string) $piece[0];
            $sheet = isset($piece['sheet']) ? '$'.$piece['sheet'] : '';
            if (isset($piece['open']) || isset($piece['close'])) {
                $array += isset($piece['open']) ? 1 : -1;

                return $whole;
            }

            return match (true) {
                isset($piece['comma']) => ';',
                isset($piece['semicolon']) => $array > 0 ? '|' : ';',
                isset($piece['from']) => '['.$sheet.'.'.$piece['from'].(isset($piece['to']) ? ':.'.$piece['to'] : '').']',
                // Whole columns and rows are written without the other half (5.8 of part 2).
                isset($piece['left'], $piece['right']) => "[$sheet.{$piece['left']}:.{$piece['right']}]",
                isset($piece['top'], $piece['bottom']) => "[$sheet.{$piece['top']}:.{$piece['bottom']}]",
                default => $whole,
            };
        }, $formula, flags: PREG_UNMATCHED_AS_NULL);
    }

    /** @return string|null without "="; null where the formula is of another grammar */
    public static function plain(string $written): ?string
    {
        if (preg_match('/^msoxl:=(.*)$/s', $written, $found) === 1) {
            return $found[1];
        }
        // A formula without a prefix is of the document's own grammar, which is this one (part 1, 19.642).
        if (preg_match('/^(?:(?:of|oooc):)?=(.*)$/s', $written, $found) !== 1) {
            return null;
        }
        $array = 0;

        return preg_replace_callback('~"(?:[^"]|"")*"|\[([^\[\]]*)\]|[{};|]~u', function (array $piece) use (&$array) {
            if (isset($piece[1])) {
                return self::reference($piece[1]);
            }
            $array += ['{' => 1, '}' => -1][$piece[0]] ?? 0;

            return match ($piece[0]) {
                ';' => ',',
                '|' => ';',
                default => $piece[0],
            };
        }, $found[1]);
    }

    /** A range such as "$Sheet.$A$1:.B2" in the workbook's own form. */
    public static function reference(string $written): string
    {
        if (
            preg_match(
                "~^(?:\\$?('(?:[^']|'')+'|[^.'#:]*))?\\.([^:.]+)(?::(?:\\$?(?:'(?:[^']|'')+'|[^.'#:]*))?\\.?([^:.]+))?$~u",
                $written,
                $found,
            ) !== 1
        ) {
            return str_contains($written, '#REF!') ? '#REF!' : $written;
        }
        $sheet =
            $found[1] === ''
                ? ''
                : (preg_match('/^\'|^[\p{L}_][\p{L}\p{N}_.]*$/u', $found[1]) === 1
                        ? $found[1]
                        : "'".str_replace("'", "''", $found[1])."'").'!';

        return $sheet.$found[2].(isset($found[3]) ? ':'.$found[3] : '');
    }
}
