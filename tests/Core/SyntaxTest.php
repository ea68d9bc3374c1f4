<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Formula\Syntax;

/** The shape of formulas by ISO/IEC 29500-1 18.17.2: operands, operators, calls, arrays, references. */
final class SyntaxTest extends TestCase
{
    /** @return iterable<array{string}> */
    public static function sound(): iterable
    {
        foreach (
            [
                '1+2*3',
                '-A1%',
                '"a ""b"" c"&B2',
                'SUM(A1:B2 B1:C3)',
                'IF(A1>=2,,"x")',
                "'Beds & rows'!A1+Two!\$B\$3",
                'Lots[[#This Row],[Count]:[Price]]',
                '{1,2;3,-4}',
                'A1#',
                '(A1:B2,C3)',
                '[1]!Other("x")',
                '#REF!+1',
                'Lots!#REF!',
                '1.5E-3^2',
                'NOT(TRUE)<>FALSE',
                'SUM(2:3,A:A)',
                'NOW()',
                '+A1',
                'ÄRGER+Straße.1',
                'A1#/2',
                'IF(A1,)',
                'SUM(,A1)',
                'A1:C3 (B1:B9)',
                'LAMBDA(x,x+1)(2)',
                '#N/A',
                '#GETTING_DATA',
                '1--1',
                'NOT (A1)',
            ] as $formula
        ) {
            yield [$formula];
        }
    }

    #[DataProvider('sound')]
    public function test_sound_formulas_are_taken(string $formula): void
    {
        self::assertNull(Syntax::fault($formula));
    }

    /** @return iterable<array{string, int}> */
    public static function faulty(): iterable
    {
        yield ['', 0];
        yield ['1+', 2];
        yield ['(1', 2];
        yield ['1)', 1];
        yield ['SUM(A1', 6];
        yield ['"open', 0];
        yield ['1 2', 2];
        yield ['*2', 0];
        yield ['A1++', 4];
        yield ['{1,2', 4];
        yield ['{1,2)', 4];
        yield ['äß+)', 3];
        yield ['=A1', 0];
        yield ['A1;B1', 2];
        yield ['SUM(A1+)', 7];
        yield ['IF(A1,B1*,2)', 9];
        yield ['IF(A1,-)', 7];
        yield ['()', 1];
        yield ['5(3)', 1];
        yield ['"a"(1)', 3];
        yield ['#', 0];
        yield ['{1,}', 3];
        yield ['%', 0];
        yield ['(1,)', 3];
    }

    #[DataProvider('faulty')]
    public function test_the_place_of_a_fault_is_told(string $formula, int $place): void
    {
        self::assertSame($place, Syntax::fault($formula));
    }
}
