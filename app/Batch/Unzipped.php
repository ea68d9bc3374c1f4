<?php

declare(strict_types=1);

namespace App\Batch;

use App\Files\FileKind;
use App\Files\Limits;
use Rilvet\Intake\Exception\FileIsWrong;
use ZipArchive;

/** The files of a zip that a person dropped: those that can be brought in, each under its own name; archives in it stay closed. */
final class Unzipped
{
    /** Files of one archive. */
    private const MOST = 1_000;

    /**
     * @return iterable<string, string> where each was put, by its name; the caller takes it away
     *
     * @throws FileIsWrong
     */
    public static function files(string $path, Limits $limits): iterable
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw FileIsWrong::package('this is no whole zip archive');
        }
        try {
            $names = self::names($zip, $limits);
            foreach ($names as $index => $name) {
                $stream = $zip->getStreamIndex($index);
                $target = (string) tempnam(sys_get_temp_dir(), 'unzip');
                $out = fopen($target, 'wb');
                // What an archive says of its sizes may be wrong: no more than the limit is ever written.
                $copied = $stream === false || $out === false ? false : stream_copy_to_stream($stream, $out, $limits->bytes + 1);
                $out === false || fclose($out);
                if ($copied === false || $copied > $limits->bytes) {
                    @unlink($target);
                    throw FileIsWrong::package("\"$name\" in the archive cannot be read, or is larger than ".
                        number_format($limits->bytes / 1048576).' MB');
                }
                yield $name => $target;
            }
        } finally {
            $zip->close();
        }
    }

    /** @return non-empty-array<int, string> by the index in the archive */
    private static function names(ZipArchive $zip, Limits $limits): array
    {
        $names = [];
        $all = 0;
        for ($index = 0; $index < $zip->numFiles && $index < $limits->entries; $index++) {
            $stat = $zip->statIndex($index);
            $name = $stat === false ? '' : mb_scrub(basename(str_replace('\\', '/', $stat['name'])), 'UTF-8');
            $isHidden = $name === '' || str_starts_with($name, '.') || str_contains((string) $zip->getNameIndex($index), '__MACOSX');
            if ($stat === false || $isHidden || ! in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), FileKind::ENDINGS, true)) {
                continue;
            }
            if ($stat['encryption_method'] !== 0) {
                throw FileIsWrong::package("\"$name\" in the archive wants a password");
            }
            $all += $stat['size'];
            if ($stat['size'] > $limits->bytes || $all > $limits->expanded
                || $stat['size'] > $limits->ratio * max(1_024, $stat['comp_size'])) {
                throw FileIsWrong::package("\"$name\" in the archive would be ".number_format($stat['size'] / 1048576)
                    .' MB of only '.number_format($stat['comp_size'] / 1024).' KB: it is not opened');
            }
            $names[$index] = $name;
            if (count($names) > self::MOST) {
                throw FileIsWrong::package('the archive holds more than '.number_format(self::MOST).' files');
            }
        }

        return $names === [] ? throw FileIsWrong::package('the archive holds no csv, tsv, xlsx or ods file') : $names;
    }
}
