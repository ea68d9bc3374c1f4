<?php

declare(strict_types=1);

namespace Rilvet\Package;

use RuntimeException;

/**
 * Writes a zip archive (APPNOTE 6.3) to a stream: parts that were packed before, and entries of another archive as they are
 * packed there. New entries carry one fixed time, so that the same parts give the same bytes. Sizes beyond 4 GB and
 * more than 65,535 entries are written as zip64 (4.3.14, 4.5.3).
 */
final class ZipWriter
{
    /** 1 January 2000, 0:00. */
    private const TIME = ((20 << 9) | (1 << 5) | 1) << 16;

    private const MOST = 0xFFFFFFFF;

    /** @var list<array{name: string, method: int, time: int, crc: int, packed: int, size: int, offset: int}> */
    private array $entries = [];

    private int $offset = 0;

    /** @param  resource  $out */
    public function __construct(private $out)
    {
    }

    /** @param  int  $level  of deflate; 0 stores the bytes as they are */
    public function add(string $name, string $bytes, int $level = 6): void
    {
        $packed = $level === 0 ? $bytes : (string) gzdeflate($bytes, $level);
        $entry = [
            'name' => $name,
            'method' => $level === 0 ? 0 : 8,
            'time' => self::TIME,
            'crc' => crc32($bytes),
            'packed' => strlen($packed),
            'size' => strlen($bytes),
            'offset' => $this->offset,
        ];
        $this->put(self::local($entry, false).$packed);
        $this->entries[] = $entry;
    }

    /** A part that was packed before. */
    public function place(string $name, PackedPart $part): void
    {
        $this->enter(
            [
                'name' => $name,
                'method' => 8,
                'time' => self::TIME,
                'crc' => $part->crc,
                'packed' => $part->packed,
                'size' => $part->size,
                'offset' => $this->offset,
            ],
            $part->pieces(),
        );
    }

    /** An entry of another archive, byte for byte as it is packed there. */
    public function copy(ZipReader $from, Entry $entry): void
    {
        $this->enter(
            [
                'name' => $entry->name,
                'method' => $entry->method,
                'time' => $entry->time,
                'crc' => $entry->crc,
                'packed' => $entry->packed,
                'size' => $entry->size,
                'offset' => $this->offset,
            ],
            $from->packed($entry),
        );
    }

    public function finish(): void
    {
        $start = $this->offset;
        foreach ($this->entries as $entry) {
            $this->put(self::central($entry));
        }
        $length = $this->offset - $start;
        $count = count($this->entries);
        if ($count >= 0xFFFF || $start + $length >= self::MOST) {
            $this->put(
                "PK\x06\x06".
                    pack('PvvVVPPPP', 44, 45, 45, 0, 0, $count, $count, $length, $start).
                    pack('a4VPV', "PK\x06\x07", 0, $start + $length, 1),
            );
        }
        $this->put(
            pack(
                'a4vvvvVVv',
                "PK\x05\x06",
                0,
                0,
                min($count, 0xFFFF),
                min($count, 0xFFFF),
                min($length, self::MOST),
                min($start, self::MOST),
                0,
            ),
        );
    }

    /**
     * @param  array{name: string, method: int, time: int, crc: int, packed: int, size: int, offset: int}  $entry
     * @param  iterable<string>  $pieces
     */
    private function enter(array $entry, iterable $pieces): void
    {
        $this->put(self::local($entry, $entry['size'] >= self::MOST || $entry['packed'] >= self::MOST));
        foreach ($pieces as $piece) {
            $this->put($piece);
        }
        $this->entries[] = $entry;
    }

    private function put(string $bytes): void
    {
        if ($bytes !== '' && fwrite($this->out, $bytes) !== strlen($bytes)) {
            throw new RuntimeException('The file cannot be written; the disk may be full.');
        }
        $this->offset += strlen($bytes);
    }

    /**
     * @param  array{name: string, method: int, time: int, crc: int, packed: int, size: int, offset: int}  $entry
     * @param  bool  $room  sizes stand in an extra field of 8 bytes each
     */
    private static function local(array $entry, bool $room): string
    {
        // Bit 11: names are UTF-8.
        return pack(
            'a4vvvVVVVvv',
            "PK\x03\x04",
            $room ? 45 : 20,
            0x0800,
            $entry['method'],
            $entry['time'],
            $entry['crc'],
            $room ? self::MOST : $entry['packed'],
            $room ? self::MOST : $entry['size'],
            strlen($entry['name']),
            $room ? 20 : 0,
        ).
            $entry['name'].
            ($room ? pack('vvPP', 1, 16, $entry['size'], $entry['packed']) : '');
    }

    /** @param  array{name: string, method: int, time: int, crc: int, packed: int, size: int, offset: int}  $entry */
    private static function central(array $entry): string
    {
        $large = array_filter([$entry['size'], $entry['packed'], $entry['offset']], fn (int $value) => $value >= self::MOST) !== [];
        $extra = $large ? pack('vvPPP', 1, 24, $entry['size'], $entry['packed'], $entry['offset']) : '';
        $say = fn (int $value) => $large ? self::MOST : $value;

        return pack(
            'a4vvvvVVVVvvvvvVV',
            "PK\x01\x02",
            45,
            $large ? 45 : 20,
            0x0800,
            $entry['method'],
            $entry['time'],
            $entry['crc'],
            $say($entry['packed']),
            $say($entry['size']),
            strlen($entry['name']),
            strlen($extra),
            0,
            0,
            0,
            0,
            $say($entry['offset']),
        ).
            $entry['name'].
            $extra;
    }
}
