<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** core/ knows no framework, no database, no interface; and its rooms build on each other in one direction. */
final class RoomsTest extends TestCase
{
    /** What each room may use besides itself. A room that is not named may use all of core. */
    private const MAY_USE = [
        'Grid' => [],
        'Colour' => [],
        'Text' => [],
        'Number' => ['Grid'],
        'Look' => ['Grid', 'Colour', 'Number'],
        'Intake' => ['Grid', 'Number'],
        'Reading' => ['Grid', 'Number', 'Intake'],
        'Stylebook' => ['Grid', 'Colour', 'Number', 'Look', 'Reading'],
        'Formula' => ['Grid'],
        'Work' => ['Grid', 'Formula', 'Number', 'Look', 'Intake', 'Reading', 'Stylebook'],
    ];

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $root = dirname(__DIR__, 2).'/core';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                yield substr($file->getPathname(), strlen($root) + 1) => [$file->getPathname()];
            }
        }
    }

    #[DataProvider('files')]
    public function test_it_uses_only_what_its_room_may_use(string $path): void
    {
        $code = (string) file_get_contents($path);
        preg_match('/^namespace Rilvet(?:\\\\(\w+))?/m', $code, $own);
        preg_match_all('/^use ([\w\\\\]+)/m', $code, $uses);
        $room = $own[1] ?? '';
        foreach ($uses[1] as $use) {
            self::assertDoesNotMatchRegularExpression('/^(?:App|Illuminate|Symfony|Laravel|PhpOffice|ZipStream|Database)\\\\/', $use);
            if (isset(self::MAY_USE[$room]) && preg_match('/^Rilvet\\\\(\w+)\\\\/', $use, $other) === 1 && $other[1] !== $room) {
                self::assertContains($other[1], self::MAY_USE[$room], "$room uses $use");
            }
        }
        self::assertDoesNotMatchRegularExpression('/\b(?:DB::|Route::|request\(|config\(|storage_path\(|\$_(?:GET|POST|SERVER|FILES)\b)/', $code);
    }
}
