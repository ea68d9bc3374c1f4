<?php

declare(strict_types=1);

namespace Rilvet\Intake;

use Rilvet\Intake\Exception\FileIsWrong;

/**
 * The character encoding of a text file.
 *
 * Byte-order marks: Unicode, chapter 23.8. Without one, valid UTF-8 is taken as UTF-8, and anything else as Windows-1252,
 * unless it holds bytes that Windows-1252 does not define (81, 8D, 8F, 90, 9D) or control bytes.
 */
enum Encoding: string
{
    case Utf8 = 'UTF-8';
    case Utf8Marked = 'UTF-8 with mark';
    case Utf16Le = 'UTF-16LE';
    case Utf16Be = 'UTF-16BE';
    case Windows1252 = 'Windows-1252';

    private const CHUNK = 1 << 18;

    /**
     * Reads the whole stream once, in chunks, and rewinds it.
     *
     * @param  resource  $stream
     *
     * @throws FileIsWrong when it is empty or no text
     */
    public static function detect($stream): self
    {
        rewind($stream);
        $head = (string) fread($stream, self::CHUNK);
        if ($head === '') {
            throw FileIsWrong::empty();
        }
        $marked = match (true) {
            str_starts_with($head, "\xEF\xBB\xBF") => self::Utf8Marked,
            str_starts_with($head, "\xFF\xFE") => self::Utf16Le,
            str_starts_with($head, "\xFE\xFF") => self::Utf16Be,
            default => self::unmarkedUtf16($head),
        };
        if ($marked !== null) {
            rewind($stream);

            return $marked;
        }
        $utf8 = true;
        $tail = '';
        $offset = 0;
        for ($chunk = $head; $chunk !== ''; $chunk = (string) fread($stream, self::CHUNK)) {
            if (preg_match('/[\x00-\x08\x0E-\x1A\x1C-\x1F\x7F]/', $chunk, $found, PREG_OFFSET_CAPTURE) === 1) {
                throw FileIsWrong::notText($offset + $found[0][1]);
            }
            if ($utf8) {
                [$whole, $tail] = self::wholeCharacters($tail.$chunk);
                $utf8 = mb_check_encoding($whole, 'UTF-8');
            }
            $offset += strlen($chunk);
        }
        rewind($stream);
        if ($utf8 && $tail === '') {
            return self::Utf8;
        }
        for ($at = 0; ($chunk = (string) fread($stream, self::CHUNK)) !== ''; $at += strlen($chunk)) {
            if (preg_match('/[\x81\x8D\x8F\x90\x9D]/', $chunk, $found, PREG_OFFSET_CAPTURE) === 1) {
                throw FileIsWrong::notText($at + $found[0][1]);
            }
        }
        rewind($stream);

        return self::Windows1252;
    }

    /** The bytes of the byte-order mark, which are no part of the first cell. */
    public function mark(): string
    {
        return match ($this) {
            self::Utf8, self::Utf8Marked => "\xEF\xBB\xBF",
            self::Utf16Le => "\xFF\xFE",
            self::Utf16Be => "\xFE\xFF",
            self::Windows1252 => '',
        };
    }

    /**
     * Splits bytes before a character that is cut in the middle.
     *
     * @return array{string, string} whole characters, and the rest
     */
    public function split(string $bytes): array
    {
        if ($this === self::Windows1252) {
            return [$bytes, ''];
        }
        if ($this === self::Utf8 || $this === self::Utf8Marked) {
            return self::wholeCharacters($bytes);
        }
        $keep = strlen($bytes) - strlen($bytes) % 2;
        if ($keep >= 2) {
            $high = ord($bytes[$this === self::Utf16Le ? $keep - 1 : $keep - 2]);
            $keep -= $high >= 0xD8 && $high <= 0xDB ? 2 : 0;
        }

        return [substr($bytes, 0, $keep), substr($bytes, $keep)];
    }

    /** UTF-8 text of whole characters, or null where the bytes are not valid. */
    public function decode(string $bytes): ?string
    {
        if ($this === self::Utf8 || $this === self::Utf8Marked) {
            return mb_check_encoding($bytes, 'UTF-8') ? $bytes : null;
        }
        if (! mb_check_encoding($bytes, $this->value)) {
            return null;
        }

        return mb_convert_encoding($bytes, 'UTF-8', $this->value) ?: '';
    }

    private static function unmarkedUtf16(string $head): ?self
    {
        $sample = substr($head, 0, 4000);
        $pairs = max(1, intdiv(strlen($sample), 2));
        $zeros = [0, 0];
        for ($i = 0, $end = strlen($sample); $i < $end; $i++) {
            $zeros[$i % 2] += $sample[$i] === "\0" ? 1 : 0;
        }

        return match (true) {
            $zeros[1] / $pairs > 0.6 && $zeros[0] === 0 => self::Utf16Le,
            $zeros[0] / $pairs > 0.6 && $zeros[1] === 0 => self::Utf16Be,
            default => null,
        };
    }

    /** @return array{string, string} */
    private static function wholeCharacters(string $bytes): array
    {
        $length = strlen($bytes);
        for ($back = 1; $back <= min(3, $length); $back++) {
            $byte = ord($bytes[$length - $back]);
            if ($byte < 0x80) {
                break;
            }
            if ($byte >= 0xC0) {
                $need = $byte >= 0xF0 ? 4
                    : ($byte >= 0xE0 ? 3 : 2);

                return $need > $back ? [substr($bytes, 0, $length - $back), substr($bytes, $length - $back)] : [$bytes, ''];
            }
        }

        return [$bytes, ''];
    }
}
