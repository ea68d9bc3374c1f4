<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Grid\Cell;

/** Cells as sheet xml (ISO/IEC 29500-1 18.3.1.4). */
final class CellXml
{
    /** What may need another form: markup, characters below the blank, and the first byte of U+FFFE and U+FFFF. */
    private const SPECIAL = "&<>_\xEF\r\x00\x01\x02\x03\x04\x05\x06\x07\x08\x0B\x0C\x0E\x0F"
        ."\x10\x11\x12\x13\x14\x15\x16\x17\x18\x19\x1A\x1B\x1C\x1D\x1E\x1F";

    /** A text in its cell; blanks at its ends and lines are kept where it says so. */
    public static function inline(string $text): string
    {
        // Nearly all texts hold nothing that needs a thought: two looks tell.
        if (
            strpbrk($text, self::SPECIAL."\n") === false &&
            ! str_contains($text, '  ') &&
            $text !== '' &&
            $text[0] > ' ' &&
            $text[-1] > ' '
        ) {
            return "<is><t>$text</t></is></c>";
        }
        $keeps = $text !== '' && ($text[0] <= ' ' || $text[-1] <= ' ' || str_contains($text, "\n") || str_contains($text, '  '));

        return ($keeps ? '<is><t xml:space="preserve">' : '<is><t>').self::text($text).'</t></is></c>';
    }

    /** @param  string  $more  attributes besides the format, with a blank in front of each */
    public static function of(string $address, int $format, Cell $cell, string $more = ''): string
    {
        $start = "<c r=\"$address\"".($format === 0 ? '' : " s=\"$format\"").$more;
        $kind = $cell->array === null ? '' : ' t="array" ref="'.self::text($cell->array).'"';
        $formula = $cell->formula === null ? '' : "<f$kind>".self::text($cell->formula).'</f>';
        $value = $cell->value;

        return match (true) {
            $cell->error !== null => "$start t=\"e\">$formula<v>".self::text($cell->error).'</v></c>',
            is_bool($value) => "$start t=\"b\">$formula<v>".($value ? 1 : 0).'</v></c>',
            is_int($value) => "$start>$formula<v>$value</v></c>",
            is_float($value) => "$start>$formula<v>".json_encode($value).'</v></c>',
            $value === null => $formula === '' ? "$start/>" : "$start>$formula</c>",
            $formula !== '' => "$start t=\"str\">$formula<v>".self::text($value).'</v></c>',
            default => "$start t=\"inlineStr\">".self::inline($value),
        };
    }

    /** Text between two tags; what xml cannot hold is written as _xHHHH_ (22.9.2.19). */
    public static function text(string $text): string
    {
        // Nearly all texts hold nothing that needs a thought: one look tells.
        if (strpbrk($text, self::SPECIAL) === false) {
            return $text;
        }
        if (
            strpbrk(
                $text,
                "_\r\x00\x01\x02\x03\x04\x05\x06\x07\x08\x0B\x0C\x0E\x0F\x10\x11\x12\x13\x14\x15\x16\x17\x18\x19\x1A\x1B\x1C\x1D\x1E\x1F",
            ) !== false ||
            str_contains($text, "\u{FFFE}") ||
            str_contains($text, "\u{FFFF}")
        ) {
            // A text that happens to look like an escape is escaped itself.
            $text = (string) preg_replace('/_(?=x[0-9A-Fa-f]{4}_)/', '_x005F_', $text);
            $text = (string) preg_replace_callback(
                '/[\x00-\x08\x0B-\x1F\x{FFFE}\x{FFFF}]/u',
                fn (array $found) => sprintf('_x%04X_', mb_ord($found[0])),
                $text,
            );
        }

        return strtr($text, ['&' => '&amp;', '<' => '&lt;', '>' => '&gt;']);
    }
}
