<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Intake\Encoding;
use Rilvet\Intake\Exception\FileIsWrong;

/** Texts in pieces: whatever the cut, no character is lost and none is taken apart (forms of encoding: Unicode, chapter 3.9). */
final class EncodingTest extends TestCase
{
    // Characters of one to four bytes, one beyond the first plane, and marks that are put together.
    private const TEXT = "aé€😀z\u{0301}Ω\u{10FFFF}\u{FFFD}b";

    /** @return iterable<string, array{Encoding}> */
    public static function encodings(): iterable
    {
        foreach ([Encoding::Utf8, Encoding::Utf8Marked, Encoding::Utf16Le, Encoding::Utf16Be] as $encoding) {
            yield $encoding->value => [$encoding];
        }
    }

    #[DataProvider('encodings')]
    public function test_a_cut_anywhere_loses_nothing(Encoding $encoding): void
    {
        $isWide = $encoding === Encoding::Utf16Le || $encoding === Encoding::Utf16Be;
        $bytes = $isWide ? mb_convert_encoding(self::TEXT, $encoding->value, 'UTF-8') : self::TEXT;
        for ($cut = 0; $cut <= strlen($bytes); $cut++) {
            [$whole, $rest] = $encoding->split(substr($bytes, 0, $cut));
            self::assertSame(substr($bytes, 0, $cut), $whole.$rest);
            self::assertLessThan(4, strlen($rest), "cut at $cut");
            self::assertNotNull($encoding->decode($whole), "cut at $cut");
            self::assertSame(self::TEXT, $encoding->decode($whole).$encoding->decode($rest.substr($bytes, $cut)), "cut at $cut");
        }
        self::assertNull($encoding->decode($isWide ? substr($bytes, 0, -1) : "a\xC3"));
        foreach (mb_str_split(self::TEXT) as $char) {
            $one = $isWide ? mb_convert_encoding($char, $encoding->value, 'UTF-8') : $char;
            self::assertSame([$one, ''], $encoding->split($one), 'a character that is whole is not held back');
        }
    }

    public function test_of_a_code_page_each_byte_is_a_character(): void
    {
        self::assertSame(["a\xE9\x80", ''], Encoding::Windows1252->split("a\xE9\x80"));
        // Windows code page 1252: 0x80 is the euro sign.
        self::assertSame('aé€', Encoding::Windows1252->decode("a\xE9\x80"));
    }

    public function test_an_encoding_is_told_by_its_mark_or_by_its_bytes(): void
    {
        $long = str_repeat('a', 300_000);
        foreach ([
            [Encoding::Utf8, 'plain'], [Encoding::Utf8, "é\n"], [Encoding::Utf8Marked, "\xEF\xBB\xBFa"],
            [Encoding::Utf16Le, "\xFF\xFEa\0"], [Encoding::Utf16Be, "\xFE\xFF\0a"], [Encoding::Utf16Le, "a\0;\0b\0\n\0"],
            [Encoding::Utf16Be, "\0a\0;\0b\0\n"], [Encoding::Windows1252, "caf\xE9"], [Encoding::Utf8, "{$long}é"],
            // A character that is cut at the end of the file is none, and neither is a byte far below.
            [Encoding::Windows1252, "{$long}\xC3"], [Encoding::Windows1252, "$long\xE9$long"],
        ] as [$encoding, $bytes]) {
            self::assertSame($encoding, Encoding::detect(self::stream($bytes)), substr($bytes, 0, 20));
        }
        foreach (['', "{$long}\xE9\x81"] as $bytes) {
            try {
                Encoding::detect(self::stream($bytes));
                self::fail('taken');
            } catch (FileIsWrong $wrong) {
                self::assertNotSame('', $wrong->getMessage());
            }
        }
    }

    /** @return resource */
    private static function stream(string $bytes)
    {
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        fwrite($stream, $bytes);

        return $stream;
    }
}
