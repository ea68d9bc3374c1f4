<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Work\Workbook;
use ZipArchive;

/** A folder for the files of a test class, and programs that write and read them independently of what is tested. */
trait FolderOfFiles
{
    private static string $folder;

    public static function setUpBeforeClass(): void
    {
        self::$folder = sys_get_temp_dir().'/files-'.getmypid().'-'.hash('crc32b', self::class);
        @mkdir(self::$folder);
        self::written();
    }

    public static function tearDownAfterClass(): void
    {
        array_map(unlink(...), (array) glob(self::$folder.'/*'));
        rmdir(self::$folder);
    }

    /** Writes what all tests of the class begin from. */
    abstract private static function written(): void;

    private static function ran(string $program, string $script, string ...$arguments): string
    {
        $said = array_map(escapeshellarg(...), [$program, __DIR__."/$script", ...$arguments]);
        $complaints = self::$folder.'/complaints.txt';
        exec(implode(' ', $said).' 2>'.escapeshellarg($complaints), $out, $code);
        self::assertSame(0, $code, implode("\n", $out)."\n".file_get_contents($complaints));

        return implode("\n", $out);
    }

    private static function open(string $name): Workbook
    {
        return (new Opening(fn () => new MemoryBlockStore))->open(self::$folder."/$name", $name);
    }

    /** A file with other xml in the place of its first sheet, opened. */
    private static function spoiled(string $from, string $name, callable $spoil): Workbook
    {
        copy(self::$folder."/$from", self::$folder."/$name");
        $zip = new ZipArchive;
        $zip->open(self::$folder."/$name");
        $part = 'xl/worksheets/sheet1.xml';
        $zip->addFromString($part, $spoil((string) $zip->getFromName($part)));
        $zip->close();

        return self::open($name);
    }

    private static function part(string $name, string $part): string
    {
        $zip = new ZipArchive;
        $zip->open(self::$folder."/$name");
        $xml = (string) $zip->getFromName($part);
        $zip->close();

        return $xml;
    }
}
