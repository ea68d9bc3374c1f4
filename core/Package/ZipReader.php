<?php

declare(strict_types=1);

namespace Rilvet\Package;

use Rilvet\Intake\Exception\FileIsWrong;

/**
 * A zip archive (APPNOTE 6.3, ISO/IEC 21320-1) read from a stream: entries by name, their bytes inflated piece by piece or
 * as they are packed. Everything that a hostile archive may claim is checked before or while it is read.
 */
final class ZipReader
{
    private const PIECE = 131_072;

    /** @var array<string, Entry> by name, in the order of the archive */
    public readonly array $entries;

    /** @param  resource  $stream  seekable */
    private function __construct(private $stream, PackageLimits $limits)
    {
        $this->entries = $this->directory($limits);
    }

    /**
     * @param  resource  $stream  seekable; stays open
     *
     * @throws FileIsWrong names what is wrong with the archive
     */
    public static function of($stream, PackageLimits $limits = new PackageLimits): self
    {
        return new self($stream, $limits);
    }

    public function has(string $name): bool
    {
        return isset($this->entries[$name]);
    }

    /** The whole of an entry. */
    public function contents(string $name, int $most = 33_554_432): string
    {
        $entry = $this->entries[$name] ?? throw FileIsWrong::package("The package has no part \"$name\".");
        if ($entry->size > $most) {
            throw FileIsWrong::package(
                sprintf(
                    '"%s" in the package holds %s MB; a part of its kind is read up to %s MB.',
                    $name,
                    number_format($entry->size / 1048576),
                    number_format($most / 1048576),
                ),
            );
        }

        return implode('', iterator_to_array($this->pieces($name), false));
    }

    /**
     * The bytes of an entry, inflated piece by piece, with size and checksum checked at the end.
     *
     * @return iterable<string>
     */
    public function pieces(string $name): iterable
    {
        $entry = $this->entries[$name] ?? throw FileIsWrong::package("The package has no part \"$name\".");
        $check = hash_init('crc32b');
        $size = 0;
        foreach ($entry->method === 8 ? $this->inflated($entry) : $this->packed($entry) as $piece) {
            $size += strlen($piece);
            if ($size > $entry->size) {
                throw FileIsWrong::package("\"$name\" in the package is larger than it says. It is not read.");
            }
            hash_update($check, $piece);
            yield $piece;
        }
        if ($size !== $entry->size || hash_final($check) !== sprintf('%08x', $entry->crc)) {
            throw FileIsWrong::package(
                "\"$name\" in the package is damaged: it is not what its checksum says. Fetch or save the file again.",
            );
        }
    }

    /** @return iterable<string> the bytes of an entry as they are packed */
    public function packed(Entry $entry): iterable
    {
        fseek($this->stream, $entry->data);
        for ($left = $entry->packed; $left > 0; $left -= strlen($piece)) {
            $piece = fread($this->stream, max(1, min(self::PIECE, $left)));
            if ($piece === false || $piece === '') {
                throw FileIsWrong::package("\"{$entry->name}\" in the package is cut off. Fetch or save the file again.");
            }
            yield $piece;
            // Another part may have been read meanwhile.
            fseek($this->stream, $entry->data + $entry->packed - $left + strlen($piece));
        }
    }

    /** @return iterable<string> */
    private function inflated(Entry $entry): iterable
    {
        $context = inflate_init(ZLIB_ENCODING_RAW);
        assert($context instanceof \InflateContext);
        foreach ($this->packed($entry) as $piece) {
            // Small steps keep what a piece expands to small as well, whatever its ratio.
            foreach (str_split($piece, 32_768) as $step) {
                $plain = @inflate_add($context, $step);
                if ($plain === false) {
                    throw FileIsWrong::package(
                        "\"{$entry->name}\" in the package is damaged and cannot be unpacked. Fetch or save the file again.",
                    );
                }
                if ($plain !== '') {
                    yield $plain;
                }
            }
        }
    }

    /** @return array<string, Entry> */
    private function directory(PackageLimits $limits): array
    {
        [$count, $offset, $length] = $this->end();
        if ($count > $limits->entries) {
            throw FileIsWrong::package(
                sprintf('The package has %s entries; at most %s are read.', number_format($count), number_format($limits->entries)),
            );
        }
        $directory = $this->at($offset, $length);
        $entries = [];
        $lower = [];
        $expanded = 0;
        for ($at = 0, $index = 0; $index < $count; $index++) {
            if (substr($directory, $at, 4) !== "PK\x01\x02" || strlen($directory) < $at + 46) {
                throw FileIsWrong::package('The package is damaged: an entry of its list cannot be read.');
            }
            /**
             * @var array{flags: int, method: int, time: int, crc: int, packed: int, size: int, name: int, extra: int, comment: int,
             *     offset: int}
             *     $head
             */
            $head =
                unpack('vflags/vmethod/Vtime/Vcrc/Vpacked/Vsize/vname/vextra/vcomment', $directory, $at + 8) +
                (unpack('Voffset', $directory, $at + 42) ?: []);
            // Some writers part folders with a backslash, which the format does not know (APPNOTE 4.4.17.1).
            $written = substr($directory, $at + 46, $head['name']);
            $name = str_replace('\\', '/', $written);
            $extra = substr($directory, $at + 46 + $head['name'], $head['extra']);
            $at += 46 + $head['name'] + $head['extra'] + $head['comment'];
            $head = self::large($head, $extra);
            $this->check($name, $head, $limits);
            if (isset($lower[strtolower($name)])) {
                throw FileIsWrong::package('The package holds "'.self::shown($name).'" twice, so it is not clear which one counts.');
            }
            $lower[strtolower($name)] = true;
            $expanded += $head['size'];
            $entries[$name] = new Entry(
                $name,
                $head['method'],
                $head['crc'],
                $head['packed'],
                $head['size'],
                $head['time'],
                $this->dataOf($written, $head['offset']),
            );
        }
        if ($expanded > $limits->expanded) {
            throw FileIsWrong::package(
                sprintf(
                    'The package expands to %s MB; at most %s MB are read.',
                    number_format($expanded / 1048576),
                    number_format($limits->expanded / 1048576),
                ),
            );
        }
        self::apart($entries);

        return $entries;
    }

    /** @param  array{flags: int, method: int, packed: int, size: int}  $head */
    private function check(string $name, array $head, PackageLimits $limits): void
    {
        $shown = self::shown($name);
        if ($name === '' || str_contains($name, '..') || str_starts_with($name, '/') || str_contains($name, "\0")) {
            throw FileIsWrong::package('The package holds an entry with a path that leaves it. It is not read.');
        }
        if (($head['flags'] & 1) === 1) {
            throw FileIsWrong::package('The package is protected by a password. Save it without one and bring it in again.');
        }
        if ($head['method'] !== 0 && $head['method'] !== 8) {
            throw FileIsWrong::package(
                "\"$shown\" in the package is packed in a way that workbooks do not use (method {$head['method']}). Save the file again.",
            );
        }
        if ($head['size'] > 1_000_000 && $head['size'] > $limits->ratio * max(1, $head['packed'])) {
            throw FileIsWrong::package(
                "\"$shown\" in the package expands more than {$limits->ratio}-fold, as zip bombs do. It is not read.",
            );
        }
        if ($head['method'] === 0 && $head['size'] !== $head['packed']) {
            throw FileIsWrong::package("\"$shown\" in the package says two sizes. It is not read.");
        }
    }

    /** @return array{int, int, int} entries, where their list begins, its length */
    private function end(): array
    {
        fseek($this->stream, 0, SEEK_END);
        $size = (int) ftell($this->stream);
        $from = max(0, $size - 65_557);
        $tail = $this->at($from, $size - $from);
        $at = strrpos($tail, "PK\x05\x06");
        if ($at === false || strlen($tail) < $at + 22) {
            throw FileIsWrong::package(
                'The file is a zip package that is cut off or damaged: its list of contents cannot be read. Fetch or save it again.',
            );
        }
        /** @var array{disk: int, here: int, count: int, length: int, offset: int} $end */
        $end = unpack('vdisk/x2/vhere/vcount/Vlength/Voffset', $tail, $at + 4);
        $locator = $at >= 20 ? substr($tail, $at - 20, 20) : '';
        if (str_starts_with($locator, "PK\x06\x07")) {
            /** @var array{1: int} $place */
            $place = unpack('P', $locator, 8);
            $record = $place[1] >= 0 && $place[1] < $size ? $this->at($place[1], min(56, $size - $place[1])) : '';
            if (strlen($record) < 56 || ! str_starts_with($record, "PK\x06\x06")) {
                throw FileIsWrong::package('The package is damaged: its list of contents cannot be read.');
            }
            /** @var array{count: int, length: int, offset: int} $end */
            $end = unpack('Pcount/Plength/Poffset', $record, 32) + ['disk' => 0];
        }
        if (
            ($end['disk'] ?? 0) !== 0 ||
            $end['offset'] < 0 ||
            $end['length'] < 0 ||
            $size < $end['offset'] + $end['length'] ||
            $end['count'] > intdiv($end['length'], 46)
        ) {
            throw FileIsWrong::package('The package is damaged: its list of contents cannot be read.');
        }

        return [$end['count'], $end['offset'], $end['length']];
    }

    /**
     * Sizes beyond 4 GB stand in an extra field (4.5.3).
     *
     * @param array{flags: int, method: int, time: int, crc: int, packed: int, size: int, name: int, extra: int,
     *     comment: int, offset: int}  $head
     * @return array{flags: int, method: int, time: int, crc: int, packed: int, size: int, name: int, extra: int, comment: int, offset: int}
     */
    private static function large(array $head, string $extra): array
    {
        for ($at = 0; $at + 4 <= strlen($extra); $at += 4 + $field['length']) {
            /** @var array{id: int, length: int} $field */
            $field = unpack('vid/vlength', $extra, $at);
            if ($field['id'] !== 1) {
                continue;
            }
            /** @var list<int> $values */
            $values = array_values(unpack('P*', substr($extra, $at + 4, $field['length'] - $field['length'] % 8)) ?: []);
            foreach (['size', 'packed', 'offset'] as $name) {
                if ($head[$name] === 0xFFFFFFFF && $values !== [] && $values[0] >= 0) {
                    $head[$name] = array_shift($values);
                }
            }
        }

        return $head;
    }

    private function dataOf(string $name, int $offset): int
    {
        $local = $this->at($offset, 30);
        if (strlen($local) < 30 || ! str_starts_with($local, "PK\x03\x04")) {
            throw FileIsWrong::package('The package is damaged: "'.self::shown($name).'" is not where its list says.');
        }
        /** @var array{name: int, extra: int} $lengths */
        $lengths = unpack('vname/vextra', $local, 26);
        if ($this->at($offset + 30, $lengths['name']) !== $name) {
            throw FileIsWrong::package('The package is damaged: "'.self::shown($name).'" has two names.');
        }

        return $offset + 30 + $lengths['name'] + $lengths['extra'];
    }

    /** @param  array<string, Entry>  $entries  refused where two share bytes, as the smallest zip bombs do */
    private static function apart(array $entries): void
    {
        $places = array_map(fn (Entry $entry) => [$entry->data, $entry->data + $entry->packed, $entry->name], array_values($entries));
        sort($places);
        for ($index = 1; $index < count($places); $index++) {
            if ($places[$index][0] < $places[$index - 1][1]) {
                throw FileIsWrong::package(
                    '"'.
                        self::shown($places[$index][2]).
                        '" in the package shares its bytes with another entry, as zip bombs do. It is not read.',
                );
            }
        }
    }

    private function at(int $offset, int $length): string
    {
        if ($length <= 0 || $offset < 0 || fseek($this->stream, $offset) !== 0) {
            return '';
        }

        return (string) stream_get_contents($this->stream, $length);
    }

    private static function shown(string $name): string
    {
        return mb_strimwidth((string) mb_scrub($name), 0, 80, '…');
    }
}
