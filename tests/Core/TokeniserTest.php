<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Intake\Dialect;
use Rilvet\Intake\Encoding;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Intake\Tokeniser;

/** RFC 4180, section 2, rule by rule; and the csv-spectrum collection of the npm registry, file by file. */
final class TokeniserTest extends TestCase
{
    /** @return iterable<string, array{string, list<list<string>>}> */
    public static function rules(): iterable
    {
        yield 'rule 1: records on lines' => ["aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n", [['aaa', 'bbb', 'ccc'], ['zzz', 'yyy', 'xxx']]];
        yield 'rule 2: no break after the last' => ["aaa,bbb,ccc\r\nzzz,yyy,xxx", [['aaa', 'bbb', 'ccc'], ['zzz', 'yyy', 'xxx']]];
        yield 'rule 4: spaces are part of a field' => [" a , b\r\n", [[' a ', ' b']]];
        yield 'rule 5: quoted and unquoted' => ["\"aaa\",\"bbb\",\"ccc\"\r\nzzz,yyy,xxx", [['aaa', 'bbb', 'ccc'], ['zzz', 'yyy', 'xxx']]];
        yield 'rule 6: line breaks and commas in quotes' => [
            "\"aaa\",\"b\r\nbb\",\"c,c\"\r\nzzz,yyy,xxx",
            [['aaa', "b\nbb", 'c,c'], ['zzz', 'yyy', 'xxx']],
        ];
        yield 'rule 7: doubled quotes' => ['"aaa","b""bb","ccc"', [['aaa', 'b"bb', 'ccc']]];
        yield 'beyond: CR alone' => ["a,b\rc,d\r", [['a', 'b'], ['c', 'd']]];
        yield 'beyond: ragged rows' => ["a,b,c\n1\n1,2,3,4\n", [['a', 'b', 'c'], ['1'], ['1', '2', '3', '4']]];
        yield 'beyond: a quote sign inside' => ["5\" pot,3\n", [['5" pot', '3']]];
        yield 'beyond: empty lines stay' => ["a\n\nb\n", [['a'], [''], ['b']]];
        yield 'beyond: empty last field' => ["a,\"\",\n", [['a', '', '']]];
    }

    /** @param  list<list<string>>  $rows */
    #[DataProvider('rules')]
    public function test_rules(string $text, array $rows): void
    {
        self::assertSame($rows, array_values([...Tokeniser::ofText($text)->rows()]));
    }

    /** Unicode, 23.8: U+FEFF is a byte order mark at the start alone; within a text it is a character, wherever it is cut to be read. */
    public function test_a_mark_is_none_within_a_text(): void
    {
        $mark = "\u{FEFF}";
        $stream = fopen('php://memory', 'r+b');
        assert($stream !== false);
        // A file is read in pieces of 256 KiB.
        fwrite($stream, $mark."aa\n".str_repeat("a\n", (1 << 17) - 3)."{$mark}b\n");
        rewind($stream);
        $rows = array_values([...Tokeniser::ofStream($stream, new Dialect(Encoding::Utf8Marked))->rows()]);
        self::assertSame(['aa', $mark.'b'], [$rows[0][0], $rows[count($rows) - 1][0]]);
    }

    public function test_fields_survive_writing_and_reading_for_a_thousand_random_tables(): void
    {
        mt_srand(4180);
        $alphabet = ['a', '"', ',', "\n", ' ', 'é', '0', ';', "'", '😀', ''];
        for ($round = 0; $round < 1_000; $round++) {
            $rows = [];
            for ($row = mt_rand(1, 5); $row > 0; $row--) {
                $fields = [];
                for ($column = mt_rand(1, 5); $column > 0; $column--) {
                    $field = '';
                    for ($length = mt_rand(0, 6); $length > 0; $length--) {
                        $field .= $alphabet[mt_rand(0, 10)];
                    }
                    $fields[] = $field;
                }
                $rows[] = $fields;
            }
            $text = implode(
                "\r\n",
                array_map(
                    fn (array $fields) => implode(',', array_map(fn (string $field) => '"'.str_replace('"', '""', $field).'"', $fields)),
                    $rows,
                ),
            );
            self::assertSame($rows, array_values([...Tokeniser::ofText($text)->rows()]));
        }
    }

    public function test_chunks_that_cut_characters_and_quotes_change_nothing(): void
    {
        $row = '"é,'.str_repeat('ü', 997)."\",\"line\nbreak\",3\n";
        $count = 0;
        foreach (Tokeniser::ofText(str_repeat($row, 600))->rows() as $fields) {
            self::assertSame(['é,'.str_repeat('ü', 997), "line\nbreak", '3'], $fields);
            $count++;
        }
        self::assertSame(600, $count);
    }

    /** @return iterable<string, array{string}> */
    public static function spectrum(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/node_modules/csv-spectrum/csvs/*.csv') ?: [] as $path) {
            // In this one the collection's own csv and json name different phone numbers.
            if (basename($path) !== 'location_coordinates.csv') {
                yield basename($path, '.csv') => [$path];
            }
        }
    }

    #[DataProvider('spectrum')]
    public function test_csv_spectrum(string $path): void
    {
        $stream = fopen($path, 'rb');
        assert($stream !== false);
        $rows = [...Tokeniser::ofStream($stream, Dialect::detect($stream))->rows()];
        $expected = json_decode((string) file_get_contents(str_replace(['/csvs/', '.csv'], ['/json/', '.json'], $path)), true);
        self::assertIsArray($expected);
        $heading = array_shift($rows);
        // The collection keeps CRLF inside a field; a worksheet's line break is LF alone.
        $normal = array_map(fn (array $record) => array_map(fn (string $text) => str_replace("\r\n", "\n", $text), $record), $expected);
        self::assertSame($normal, array_map(fn (array $row) => array_combine($heading ?? [], $row), array_values($rows)));
    }

    /** @return iterable<string, array{string, Encoding, string}> */
    public static function encodings(): iterable
    {
        $text = "Käse;Grün\n1;2\n";
        yield 'UTF-8' => [$text, Encoding::Utf8, ';'];
        yield 'UTF-8 with mark' => ["\xEF\xBB\xBF".$text, Encoding::Utf8Marked, ';'];
        yield 'UTF-16 little' => ["\xFF\xFE".mb_convert_encoding($text, 'UTF-16LE', 'UTF-8'), Encoding::Utf16Le, ';'];
        yield 'UTF-16 big' => ["\xFE\xFF".mb_convert_encoding($text, 'UTF-16BE', 'UTF-8'), Encoding::Utf16Be, ';'];
        yield 'UTF-16 without mark' => [mb_convert_encoding($text, 'UTF-16LE', 'UTF-8'), Encoding::Utf16Le, ';'];
        yield 'Windows-1252' => [mb_convert_encoding($text, 'Windows-1252', 'UTF-8'), Encoding::Windows1252, ';'];
        yield 'tabs' => ["a\tb,c\n1\t2,5\n3\t4,5\n", Encoding::Utf8, "\t"];
        yield 'bars' => ["a|b\n1|2\n", Encoding::Utf8, '|'];
    }

    #[DataProvider('encodings')]
    public function test_the_dialect_is_found(string $bytes, Encoding $encoding, string $delimiter): void
    {
        $stream = self::stream($bytes);
        $dialect = Dialect::detect($stream);
        self::assertSame($encoding, $dialect->encoding);
        self::assertSame($delimiter, $dialect->delimiter);
        $first = [...Tokeniser::ofStream($stream, $dialect)->rows()][1];
        self::assertCount(2, $first);
        self::assertStringStartsNotWith("\u{FEFF}", $first[0]);
    }

    /** @return iterable<string, array{string, string, list<string>}> text, quote sign, its second row */
    public static function quotes(): iterable
    {
        yield 'thousands in quotes' => ["Tree,Count\nRowan,\"1,954\"\nAspen,\"2,931\"\nHazel,\"3,908\"\n", '"', ['Rowan', '1,954']];
        yield 'single quotes' => ["Tree,Count\nRowan,'1,954'\nAspen,'2,931'\n'Hazel','3,908'\n", "'", ['Rowan', '1,954']];
        yield 'apostrophes before codes' => ["Code;Count\n'0412;1\n'0413;2\n", '"', ["'0412", '1']];
        yield 'apostrophes in quotes' => ["Tree,Word\n\"Rowan\",\"it's, so\"\n\"Ash\",\"'tis, too\"\n", '"', ['Rowan', "it's, so"]];
    }

    /** @param  list<string>  $row */
    #[DataProvider('quotes')]
    public function test_the_quote_sign_is_found(string $text, string $quote, array $row): void
    {
        $stream = self::stream($text);
        $dialect = Dialect::detect($stream);
        self::assertSame($quote, $dialect->quote);
        self::assertSame($row, [...Tokeniser::ofStream($stream, $dialect)->rows()][1]);
    }

    /** @return iterable<string, array{string, Encoding|null, string}> bytes, forced encoding, words of the message */
    public static function wrong(): iterable
    {
        yield 'empty' => ['', null, 'is empty'];
        yield 'binary' => ["\x00\x01\x02\x03PNG", null, 'no text file'];
        yield 'invalid UTF-8 names its line' => ["a,b\n1,2\n3,\xFF\xFF\n", Encoding::Utf8, 'Line 3'];
        yield 'an open quote names its line' => ["a,b\n1,\"2\n3,4\n", Encoding::Utf8, 'line 2 is never closed'];
        yield 'a cell too long names its place' => ['a,'.str_repeat('x', 40_000)."\n", Encoding::Utf8, 'B1 holds 40,000'];
        yield 'a cell of 5 MB' => [str_repeat('x', 5_000_000), Encoding::Utf8, 'at most 32,767'];
        yield 'too many columns' => [str_repeat(',', 16_384), Encoding::Utf8, '16,385 columns'];
    }

    #[DataProvider('wrong')]
    public function test_bad_text_is_refused_with_its_place(string $bytes, ?Encoding $encoding, string $words): void
    {
        $stream = self::stream($bytes);
        $this->expectException(FileIsWrong::class);
        $this->expectExceptionMessage($words);
        $dialect = $encoding === null ? Dialect::detect($stream) : new Dialect($encoding);
        foreach (Tokeniser::ofStream($stream, $dialect)->rows() as $row => $fields) {
            self::assertLessThan(10, $row);
        }
    }

    public function test_a_row_beyond_the_worksheet_is_refused(): void
    {
        $this->expectExceptionMessage('more than 1,048,576 rows');
        iterator_count((fn () => yield from Tokeniser::ofText(str_repeat("1\n", 1_048_577))->rows())());
    }

    /** @return resource */
    private static function stream(string $bytes)
    {
        $stream = fopen('php://memory', 'r+b');
        assert($stream !== false);
        fwrite($stream, $bytes);
        rewind($stream);

        return $stream;
    }
}
