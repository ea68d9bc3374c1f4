<?php

declare(strict_types=1);

namespace Rilvet\Package;

/** One entry of a zip package, as its central directory says it (APPNOTE 4.3.12). Sizes in bytes. */
final readonly class Entry
{
    /**
     * @param  int  $method  0 stored, 8 deflated
     * @param  int  $time  date and time in the form of the format (4.4.6), date in the upper half
     * @param  int  $data  where the entry's bytes begin in the file
     */
    public function __construct(
        public string $name,
        public int $method,
        public int $crc,
        public int $packed,
        public int $size,
        public int $time,
        public int $data,
    ) {
    }
}
