<?php

declare(strict_types=1);

namespace Rilvet\Pdf;

/**
 * A pdf that was written here, gone through from its first byte to its last: every object stands where the one before it ended, every
 * stream unpacks, and the table at the end says where the objects are.
 */
final class ReadBack
{
    /** Bytes that stand before a stream at most. */
    private const HEAD = 4_096;

    /**
     * How many pages are in it.
     *
     * @return int|null null where it is not whole
     */
    public static function pages(string $path): ?int
    {
        $file = fopen($path, 'rb');
        if ($file === false || ! str_starts_with((string) fgets($file), '%PDF-')) {
            return null;
        }
        fgets($file);
        try {
            return self::walk($file);
        } finally {
            fclose($file);
        }
    }

    /** @param  resource  $file  behind its first two lines */
    private static function walk($file): ?int
    {
        $pages = 0;
        $at = (int) ftell($file);
        while (fseek($file, $at) === 0 && ($head = (string) fread($file, self::HEAD)) !== '') {
            if (preg_match('/^\d+ 0 obj\n<<(.*?)>>stream\n/s', $head, $found) !== 1 || preg_match('~/Length (\d+)~', $found[1],
                $length) !== 1) {
                return null;
            }
            fseek($file, $at + strlen($found[0]));
            $packed = (string) fread($file, max(1, (int) $length[1]));
            if (strlen($packed) !== (int) $length[1] || fread($file, 18) !== "\nendstream\nendobj\n") {
                return null;
            }
            $data = str_contains($found[1], '/FlateDecode') ? @gzuncompress($packed) : $packed;
            if ($data === false) {
                return null;
            }
            $pages += str_contains($found[1], '/ObjStm') ? substr_count($data, '<</Type/Page/') : 0;
            if (str_contains($found[1], '/Type/XRef')) {
                return stream_get_contents($file) === "startxref\n$at\n%%EOF\n" ? $pages : null;
            }
            $at = (int) ftell($file);
        }

        return null;
    }
}
