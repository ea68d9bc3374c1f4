<?php

declare(strict_types=1);

namespace App\Bench;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Throwable;

/**
 * What was worked out of workbooks and can be again: kept for a day on the disk of this server, as far as there is room. A
 * window reads two pieces of it, so that they are plain files, without a store that announces what is read. Nothing depends on
 * its being kept: where the disk is full, it is not.
 */
final class WorkedOut
{
    /** Seconds for which a piece is kept after it was written. */
    private const SECONDS = 86_400;

    /** Bytes that are kept, all in all. */
    private const MOST = 512 * 1024 * 1024;

    /** One in so many pieces that are written has all of them looked through. */
    private const SELDOM = 500;

    public static function get(string $key): ?string
    {
        $data = @file_get_contents(self::path($key));

        return $data === false ? null : $data;
    }

    /** What was put serialized; null where it is not kept, or where another version of the code has kept it. */
    public static function value(string $key): mixed
    {
        $data = self::get($key);
        try {
            $value = $data === null ? false : unserialize($data);

            return $value === false ? null : $value;
        } catch (Throwable) {
            return null;
        }
    }

    public static function put(string $key, string $data): void
    {
        random_int(1, self::SELDOM) === 1 && self::sweep();
        $path = self::path($key);
        // Who reads it meanwhile sees all of the one before or all of this.
        $half = $path.'.'.bin2hex(random_bytes(6));
        is_dir(dirname($path)) || @mkdir(dirname($path), 0755, true);
        if (@file_put_contents($half, $data) !== strlen($data) || ! @rename($half, $path)) {
            @unlink($half);
        }
    }

    /**
     * What is a day old goes, and the oldest of the rest as far as there is too much of it.
     *
     * @param  int  $most  bytes that may stay
     */
    public static function sweep(int $most = self::MOST): void
    {
        $kept = [];
        foreach (self::files() as $file) {
            // Another process may have taken it away meanwhile.
            $time = @$file->getMTime();
            if ($time === false || $time < time() - self::SECONDS) {
                @unlink($file->getPathname());
            } else {
                $kept[$file->getPathname()] = [$time, (int) @$file->getSize()];
            }
        }
        asort($kept);
        $all = array_sum(array_column($kept, 1));
        foreach ($kept as $path => [, $size]) {
            if ($all <= $most) {
                break;
            }
            @unlink($path);
            $all -= $size;
        }
    }

    /** Nothing is known any more: numbers of workbooks that are gone may come again. */
    public static function forget(): void
    {
        foreach (self::files() as $file) {
            @unlink($file->getPathname());
        }
    }

    /** @return iterable<SplFileInfo> */
    private static function files(): iterable
    {
        if (! is_dir(self::folder())) {
            return;
        }
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::folder(), FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof SplFileInfo) {
                yield $file;
            }
        }
    }

    private static function folder(): string
    {
        return storage_path('framework/worked-out');
    }

    private static function path(string $key): string
    {
        $hash = hash('xxh128', $key);

        return self::folder().'/'.substr($hash, 0, 2)."/$hash";
    }
}
