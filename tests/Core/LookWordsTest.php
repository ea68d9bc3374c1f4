<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Look\Look;
use Rilvet\Look\LookWords;

/** What the history says of a look: each attribute, on and off. */
final class LookWordsTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function looks(): iterable
    {
        foreach (['bold', 'italic', 'strike', 'wrap', 'shrink', 'locked'] as $name) {
            yield "$name on" => [[$name => true], ucfirst($name)];
            yield "$name off" => [[$name => false], "Not $name"];
        }
        yield 'clip on' => [['clip' => true], 'Cut off at the edge'];
        yield 'clip off' => [['clip' => false], 'Not cut off'];
        yield 'concealed on' => [['concealed' => true], 'Formula hidden'];
        yield 'concealed off' => [['concealed' => false], 'Formula shown'];
        yield 'size' => [['size' => 12.5], '12.5 pt'];
        yield 'font' => [['font' => 'Lato'], 'Font Lato'];
        yield 'ink' => [['ink' => '#123456'], 'Ink #123456'];
        yield 'fill' => [['fill' => '#abcdef'], 'Fill #ABCDEF'];
        yield 'no fill' => [['fill' => 'none'], 'No fill'];
        yield 'right' => [['horizontal' => 'right'], 'Aligned right'];
        yield 'span' => [['horizontal' => 'span'], 'Spanned'];
        yield 'top' => [['vertical' => 'top'], 'Set top'];
        yield 'turned' => [['rotation' => 45], 'Turned 45°'];
        yield 'stacked' => [['rotation' => Look::STACKED], 'Letters stacked'];
        yield 'indent' => [['indent' => 2], 'Indent 2'];
        yield 'double' => [['underline' => 'double'], 'Double underline'];
        yield 'no underline' => [['underline' => 'none'], 'No underline'];
        yield 'super' => [['script' => 'super'], 'Superscript'];
        yield 'no script' => [['script' => 'none'], 'On the line'];
        yield 'number' => [['number' => '0.00'], 'Number format'];
        yield 'no border' => [['top' => 'none'], 'Borders wiped'];
        yield 'border' => [['bottom' => 'thin #112233'], 'Borders'];
        yield 'borders are said once' => [['top' => 'thin #112233', 'bottom' => 'thin #112233'], 'Borders'];
        yield 'three' => [['bold' => true, 'italic' => true, 'size' => 9], '9 pt, bold, italic'];
        yield 'four' => [['bold' => true, 'italic' => true, 'size' => 9, 'wrap' => true], '9 pt, bold and more'];
    }

    /** @param  array<string, mixed>  $look */
    #[DataProvider('looks')]
    public function test_it_is_said_in_words(array $look, string $words): void
    {
        self::assertSame($words, LookWords::of(Look::of($look)));
    }
}
