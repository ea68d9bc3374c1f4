<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Package\PackageLimits;
use Rilvet\Package\ZipReader;

/**
 * Archives built byte by byte after the published description of the format (APPNOTE.TXT 6.3, sections 4.3 and 4.5), so that
 * each field can be wrong by itself.
 */
final class ZipTest extends TestCase
{
    /** @return iterable<string, array{callable(): string, string}> bytes, words of the refusal */
    public static function faults(): iterable
    {
        yield 'a method that is not known' => [fn () => self::archive(['a.xml' => ['method' => 12]]), 'method 12'];
        yield 'stored with two sizes' => [fn () => self::archive(['a.xml' => ['packed' => 5, 'size' => 6]]), 'says two sizes'];
        yield 'a password' => [fn () => self::archive(['a.xml' => ['flags' => 1]]), 'protected by a password'];
        yield 'a name that leaves' => [fn () => self::archive(['../a.xml' => []]), 'path that leaves it'];
        yield 'a name from the root' => [fn () => self::archive(['/a.xml' => []]), 'path that leaves it'];
        yield 'no name' => [fn () => self::archive(['' => []]), 'path that leaves it'];
        yield 'two of one name but for capitals' => [fn () => self::archive(['a.xml' => [], 'A.xml' => []]), 'twice'];
        yield 'two names of one entry' => [fn () => self::archive(['a.xml' => ['local' => 'b.xml']]), 'has two names'];
        yield 'not where it is said to be' => [fn () => self::archive(['a.xml' => ['offset' => 3]]), 'not where its list says'];
        yield 'more entries than there are' => [fn () => self::archive(['a.xml' => []], ['count' => 2]), 'list of contents'];
        yield 'a list beyond the end' => [fn () => self::archive(['a.xml' => []], ['length' => 9_000]), 'list of contents'];
        yield 'over several disks' => [fn () => self::archive(['a.xml' => []], ['disk' => 1]), 'list of contents'];
        yield 'no list' => [fn () => substr(self::archive(['a.xml' => []]), 0, -23), 'cut off or damaged'];
        yield 'a list that is none' => [fn () => str_replace("PK\x01\x02", 'PKxx', self::archive(['a.xml' => []])), 'an entry of its list'];
        yield 'two entries of the same bytes' => [
            fn () => self::archive(['a.xml' => ['text' => 'plain'], 'b.xml' => ['data' => 'a.xml']]), 'two names',
        ];
        yield 'a large list that is not there' => [fn () => self::archive(['a.xml' => []], ['locator' => 1]), 'list of contents'];
    }

    #[DataProvider('faults')]
    public function test_each_fault_is_refused_by_name(callable $bytes, string $words): void
    {
        $this->expectException(FileIsWrong::class);
        $this->expectExceptionMessage($words);
        self::read($bytes());
    }

    public function test_limits_are_kept_to_the_entry_and_to_the_byte(): void
    {
        $two = self::archive(['a.xml' => ['text' => str_repeat('a', 600)], 'b.xml' => ['text' => str_repeat('b', 400)]]);
        self::assertCount(2, self::read($two, new PackageLimits(2, 1_000))->entries);
        foreach ([[new PackageLimits(1), 'has 2 entries; at most 1'], [new PackageLimits(2, 999),
            'expands to 0 MB; at most 0 MB']] as [$limits, $words]) {
            try {
                self::read($two, $limits);
                self::fail($words);
            } catch (FileIsWrong $wrong) {
                self::assertStringContainsString($words, $wrong->getMessage());
            }
        }
    }

    public function test_an_entry_may_expand_as_often_as_it_is_said_and_no_more(): void
    {
        $times = fn (int $ratio) => self::read(self::archive(['a.xml' => ['text' => str_repeat("\0", 2_000_000), 'method' => 8]]),
            new PackageLimits(ratio: $ratio));
        self::assertSame(2_000_000, strlen($times(1_100)->contents('a.xml')));
        $this->expectExceptionMessage('as zip bombs do');
        $times(400);
    }

    public function test_a_part_that_is_larger_than_its_kind_may_be_is_named_with_both_sizes(): void
    {
        $zip = self::read(self::archive(['a.xml' => ['text' => str_repeat('a', 2_097_152), 'method' => 0]]));
        self::assertSame(2_097_152, strlen($zip->contents('a.xml', 2_097_152)));
        $this->expectExceptionMessage('"a.xml" in the package holds 2 MB; a part of its kind is read up to 1 MB.');
        $zip->contents('a.xml', 1_048_576);
    }

    public function test_what_is_not_there_what_is_damaged_and_what_is_cut_off_are_told_apart(): void
    {
        $packed = (string) gzdeflate(str_repeat('plain words ', 50));
        $faults = [
            'has no part "b.xml"' => fn () => self::read(self::archive(['a.xml' => []]))->contents('b.xml'),
            'not what its checksum says' => fn () => self::read(self::archive(['a.xml' => ['text' => 'plain',
                'crc' => 7]]))->contents('a.xml'),
            'larger than it says' => fn () => self::read(self::archive(['a.xml' => ['raw' => $packed, 'method' => 8, 'size' => 10]]))
                ->contents('a.xml'),
            'cannot be unpacked' => fn () => self::read(self::archive(['a.xml' => ['raw' => "\xFF\xFF".$packed, 'method' => 8,
                'size' => 600]]))
                ->contents('a.xml'),
        ];
        foreach ($faults as $words => $read) {
            try {
                $read();
                self::fail($words);
            } catch (FileIsWrong $wrong) {
                self::assertStringContainsString($words, $wrong->getMessage());
            }
        }
    }

    /** Sizes and places beyond 32 bits stand in an extra field and in a list of their own (APPNOTE 4.5.3, 4.3.14, 4.3.15). */
    public function test_an_archive_of_the_larger_form_is_read(): void
    {
        $zip = self::read(self::archive(['a.xml' => ['text' => 'larger', 'large' => true], 'b\\c.xml' => ['text' => 'folder']],
            ['locator' => 2]));
        self::assertSame(['larger', 'folder'], [$zip->contents('a.xml'), $zip->contents('b/c.xml')]);
        self::assertTrue($zip->has('b/c.xml'));
        self::assertFalse($zip->has('b\\c.xml'));
    }

    public function test_two_parts_may_be_read_in_turn(): void
    {
        [$one, $other] = [random_bytes(300_000), random_bytes(200_000)];
        $zip = self::read(self::archive(['a.bin' => ['text' => $one], 'b.bin' => ['text' => $other]]));
        $read = ['', ''];
        $pieces = [$zip->pieces('a.bin'), $zip->pieces('b.bin')];
        foreach ($pieces[0] as $piece) {
            $read[0] .= $piece;
            if ($pieces[1] instanceof \Generator && $pieces[1]->valid()) {
                $read[1] .= $pieces[1]->current();
                $pieces[1]->next();
            }
        }
        for (; $pieces[1] instanceof \Generator && $pieces[1]->valid(); $pieces[1]->next()) {
            $read[1] .= $pieces[1]->current();
        }
        self::assertSame([hash('xxh3', $one), hash('xxh3', $other)], [hash('xxh3', $read[0]), hash('xxh3', $read[1])]);
    }

    private static function read(string $bytes, PackageLimits $limits = new PackageLimits): ZipReader
    {
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        fwrite($stream, $bytes);

        return ZipReader::of($stream, $limits);
    }

    /**
     * @param  array<string, array<string, mixed>>  $entries  what of an entry is otherwise than it should be
     * @param  array<string, int>  $end  the same of the record at the end; locator 1 says of a larger record that is not there
     */
    private static function archive(array $entries, array $end = []): string
    {
        [$bytes, $list, $places] = ['', '', []];
        foreach ($entries as $name => $says) {
            $name = (string) $name;
            $text = (string) ($says['text'] ?? 'plain');
            $method = $says['method'] ?? 0;
            $raw = (string) ($says['raw'] ?? ($method === 8 ? gzdeflate($text) : $text));
            $places[$name] = strlen($bytes);
            [$crc, $packed, $size] = [$says['crc'] ?? crc32($text), $says['packed'] ?? strlen($raw), $says['size'] ?? strlen($text)];
            $local = (string) ($says['local'] ?? $name);
            $bytes .= "PK\x03\x04".pack('vvvVVVVvv', 20, $says['flags'] ?? 0, $method, 0, $crc, $packed, $size, strlen($local),
                0).$local.$raw;
            $at = isset($says['data']) ? $places[$says['data']] : ($says['offset'] ?? $places[$name]);
            $isLarge = ($says['large'] ?? false) === true;
            // Another field first, which is passed by.
            $extra = $isLarge ? pack('vva2', 0x5455, 2, 'xx').pack('vvPPP', 1, 24, $size, $packed, $at) : '';
            [$packed, $size, $at] = $isLarge ? [0xFFFFFFFF, 0xFFFFFFFF, 0xFFFFFFFF] : [$packed, $size, $at];
            $list .= "PK\x01\x02".pack('vvvvVVVVvvvvvVV', 20, 20, $says['flags'] ?? 0, $method, 0, $crc, $packed, $size, strlen($name),
                strlen($extra), 0, 0, 0, 0, $at).$name.$extra;
        }
        $count = $end['count'] ?? count($entries);
        [$at, $length] = [strlen($bytes), $end['length'] ?? strlen($list)];
        $locator = '';
        if (($end['locator'] ?? 0) === 2) {
            $locator = "PK\x06\x06".pack('PvvVVPPPP', 44, 45, 45, 0, 0, $count, $count, $length, $at);
        }
        $place = strlen($bytes.$list);
        $locator .= isset($end['locator']) ? "PK\x06\x07".pack('VPV', 0, $place, 1) : '';
        [$length, $at] = $locator === '' ? [$length, $at] : [0xFFFFFFFF, 0xFFFFFFFF];

        return $bytes.$list.$locator."PK\x05\x06".pack('vvvvVVv', $end['disk'] ?? 0, 0, $count, $count, $length, $at, 0);
    }
}
