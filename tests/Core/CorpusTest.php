<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;

/** The short form of the corpus of broken packages; `php bench/corpus.php 340` runs it in full. */
final class CorpusTest extends TestCase
{
    /** Two of each kind of fault. */
    private const PACKAGES = 38;

    public function test_broken_packages_do_no_harm(): void
    {
        exec(escapeshellarg(PHP_BINARY).' '.escapeshellarg(dirname(__DIR__, 2).'/bench/corpus.php').' '.self::PACKAGES, $out, $code);
        self::assertSame(0, $code, implode("\n", $out));
        self::assertContains(self::PACKAGES.' packages, 0 did harm, 0 files left behind', $out);
        // A corpus that nothing refuses would show nothing.
        self::assertGreaterThan(10, count(array_filter($out, fn (string $line) => preg_match('/ [1-9]\d* refused/', $line) === 1)));
    }
}
