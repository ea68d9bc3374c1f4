<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpToken;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** core/ knows no framework, no database, no interface; and its rooms build on each other in one direction. */
final class RoomsTest extends TestCase
{
    /** What each room may use besides itself, the lower ones first: no room uses one that stands after it. */
    private const MAY_USE = [
        'Grid' => [],
        'Colour' => [],
        'Text' => [],
        'Number' => ['Grid'],
        'Look' => ['Grid', 'Colour', 'Number'],
        'Intake' => ['Grid', 'Number'],
        'Reading' => ['Grid', 'Number', 'Intake'],
        'Formula' => ['Grid'],
        'Condition' => ['Grid', 'Colour', 'Number', 'Look', 'Intake', 'Reading', 'Formula'],
        'Entry' => ['Grid', 'Look', 'Reading', 'Formula', 'Condition'],
        'Guard' => ['Grid', 'Reading'],
        'Page' => ['Grid'],
        'Stylebook' => ['Page', 'Colour', 'Number', 'Look', 'Reading', 'Condition', 'Entry', 'Guard'],
        'Work' => ['Grid', 'Page', 'Formula', 'Condition', 'Entry', 'Guard', 'Number', 'Look', 'Intake', 'Reading', 'Stylebook'],
        'Dressed' => ['Grid', 'Formula', 'Condition', 'Entry', 'Guard', 'Look', 'Number', 'Intake', 'Reading', 'Stylebook', 'Work'],
        'Summary' => ['Grid', 'Formula', 'Reading', 'Work'],
        'Feature' => ['Summary', 'Grid', 'Page', 'Formula', 'Condition', 'Entry', 'Guard', 'Work'],
        'Learn' => ['Grid', 'Colour', 'Look', 'Number', 'Reading', 'Stylebook', 'Work', 'Dressed'],
        'Change' => ['Grid', 'Formula', 'Work'],
        'Measure' => ['Grid', 'Number', 'Look', 'Text', 'Work', 'Dressed'],
        'Fit' => ['Grid', 'Look', 'Reading', 'Stylebook', 'Text', 'Work', 'Dressed', 'Measure'],
        'Window' => ['Grid', 'Colour', 'Condition', 'Entry', 'Guard', 'Number', 'Look', 'Intake', 'Reading', 'Stylebook', 'Text', 'Work',
            'Dressed', 'Measure'],
        'Paper' => ['Grid', 'Page', 'Condition', 'Number', 'Look', 'Reading', 'Text', 'Work', 'Dressed', 'Measure', 'Window'],
        'Pdf' => ['Text', 'Paper'],
        'Renew' => ['Grid', 'Formula', 'Reading', 'Work'],
        'Act' => [
            'Page',
            'Renew',
            'Summary',
            'Grid',
            'Colour',
            'Number',
            'Look',
            'Intake',
            'Reading',
            'Stylebook',
            'Text',
            'Formula',
            'Condition',
            'Entry',
            'Guard',
            'Work',
            'Dressed',
            'Change',
            'Measure',
            'Fit',
            'Window',
        ],
        'Compare' => ['Grid', 'Look', 'Reading', 'Condition', 'Work', 'Dressed'],
        'Check' => ['Grid', 'Colour', 'Number', 'Look', 'Intake', 'Reading', 'Stylebook', 'Formula', 'Condition', 'Entry', 'Guard', 'Text',
            'Work', 'Dressed', 'Measure', 'Fit', 'Window', 'Act', 'Compare', 'Summary'],
        'Routine' => ['Grid', 'Reading', 'Look', 'Stylebook', 'Work', 'Renew', 'Act', 'Check'],
        'Package' => ['Intake'],
        'Xlsx' => ['Grid', 'Colour', 'Condition', 'Entry', 'Guard', 'Number', 'Look', 'Intake', 'Reading', 'Stylebook', 'Text', 'Formula',
            'Work', 'Dressed', 'Measure', 'Package', 'Page', 'Paper'],
        'Ods' => ['Grid', 'Page', 'Paper', 'Condition', 'Entry', 'Guard', 'Formula', 'Number', 'Look', 'Intake', 'Package', 'Work'],
    ];

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $root = dirname(__DIR__, 2).'/core';
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                yield substr($file->getPathname(), strlen($root) + 1) => [$file->getPathname()];
            }
        }
    }

    public function test_every_room_is_named_and_none_uses_one_that_stands_after_it(): void
    {
        $rooms = array_map(basename(...), (array) glob(dirname(__DIR__, 2).'/core/*', GLOB_ONLYDIR));
        self::assertEqualsCanonicalizing($rooms, array_keys(self::MAY_USE));
        $before = [];
        foreach (self::MAY_USE as $room => $others) {
            self::assertSame([], array_values(array_diff($others, $before)), "$room uses what stands after it: a circle could close");
            $before[] = $room;
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
            if ($room !== '' && preg_match('/^Rilvet\\\\(\w+)\\\\/', $use, $other) === 1 && $other[1] !== $room) {
                self::assertContains($other[1], self::MAY_USE[$room], "$room uses $use");
            }
        }
        self::assertDoesNotMatchRegularExpression(
            '/\b(?:DB::|Route::|request\(|config\(|storage_path\(|\$_(?:GET|POST|SERVER|FILES)\b)/',
            $code,
        );
    }

    /** What does not fit on a screen is not read. */
    public function test_no_line_of_php_is_longer_than_140_characters(): void
    {
        $long = [];
        foreach (self::sources('core', 'app', 'tests', 'bench', 'routes') as $name => $code) {
            foreach (explode("\n", $code) as $number => $line) {
                if (mb_strlen(rtrim($line)) > 140) {
                    $long[] = "$name:".($number + 1);
                }
            }
        }
        self::assertSame([], $long);
    }

    /** A choice within a choice is read a line at a time. */
    public function test_no_two_choices_begin_in_one_line(): void
    {
        $found = [];
        foreach (self::sources('core', 'app') as $name => $code) {
            $marks = [];
            $tokens = PhpToken::tokenize($code);
            foreach ($tokens as $at => $token) {
                // A type that may be null has its mark right before it; a choice whose mark begins a line began above it.
                $isChoice = $token->text === '?' && ($tokens[$at + 1] ?? $token)->is(T_WHITESPACE);
                $begins = $isChoice && ! str_contains(($tokens[$at - 1] ?? $token)->text, "\n");
                $begins && $marks[$token->line] = ($marks[$token->line] ?? 0) + 1;
            }
            foreach (array_keys(array_filter($marks, fn (int $count) => $count > 1)) as $line) {
                $found[] = "$name:$line";
            }
        }
        self::assertSame([], $found);
    }

    /** @return iterable<string, string> all of PHP in some folders, by name */
    private static function sources(string ...$folders): iterable
    {
        $root = dirname(__DIR__, 2);
        foreach ($folders as $folder) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder")) as $file) {
                assert($file instanceof SplFileInfo);
                if ($file->getExtension() === 'php') {
                    yield substr($file->getPathname(), strlen($root) + 1) => (string) file_get_contents($file->getPathname());
                }
            }
        }
    }
}
