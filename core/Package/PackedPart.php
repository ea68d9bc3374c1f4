<?php

declare(strict_types=1);

namespace Rilvet\Package;

use DeflateContext;
use HashContext;
use RuntimeException;

/** A part that is packed before it is known whether, and where, it goes into an archive. It waits in a temporary file. */
final class PackedPart
{
    public int $crc = 0;

    public int $size = 0;

    public int $packed = 0;

    private readonly DeflateContext $deflate;

    private readonly HashContext $check;

    /** @var resource */
    private $file;

    private string $waiting = '';

    /** @param  int  $level  of deflate, 1 to 9 */
    public function __construct(int $level = 3)
    {
        $this->deflate = deflate_init(ZLIB_ENCODING_RAW, ['level' => $level]) ?: throw new RuntimeException('Deflate cannot be begun.');
        $this->check = hash_init('crc32b');
        $this->file = tmpfile() ?: throw new RuntimeException('No temporary file can be made.');
    }

    public function write(string $bytes): void
    {
        $this->waiting .= $bytes;
        if (strlen($this->waiting) > 65_536) {
            $this->pack(ZLIB_NO_FLUSH);
        }
    }

    public function end(): void
    {
        $this->pack(ZLIB_FINISH);
        $this->crc = (int) hexdec(hash_final($this->check));
    }

    /** @return iterable<string> as it is packed; once */
    public function pieces(): iterable
    {
        rewind($this->file);
        while (! feof($this->file)) {
            $piece = fread($this->file, 131_072);
            if ($piece !== false && $piece !== '') {
                yield $piece;
            }
        }
        fclose($this->file);
    }

    private function pack(int $how): void
    {
        hash_update($this->check, $this->waiting);
        $this->size += strlen($this->waiting);
        $packed = (string) deflate_add($this->deflate, $this->waiting, $how);
        $this->packed += strlen($packed);
        $this->waiting = '';
        if (fwrite($this->file, $packed) !== strlen($packed)) {
            throw new RuntimeException('The file cannot be written; the disk may be full.');
        }
    }
}
