<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Is;
use Rilvet\Condition\MeantByFormula;
use Rilvet\Formula\Expression\Parser;
use Rilvet\Grid\Range;

/** Formulas that are a sentence, and those that only look like one. */
final class MeantByFormulaTest extends TestCase
{
    /** @return iterable<string, array{string, string|null}> the formula, seen from B2 to B9, and its kind; null for a formula alone */
    public static function formulas(): iterable
    {
        yield 'blank' => ['LEN(TRIM(B2))=0', 'blank'];
        yield 'blank, of another cell' => ['LEN(TRIM(A2))=0', null];
        yield 'blank, fixed' => ['LEN(TRIM($B2))=0', null];
        yield 'between' => ['AND(B2>=MIN(1,5),B2<=MAX(1,5))', 'between'];
        yield 'between other ends' => ['AND(B2>=MIN(1,5),B2<=MAX(1,6))', null];
        yield 'between what is worked out' => ['AND(B2>=MIN(A2+1,5),B2<=MAX(A2+1,5))', null];
        yield 'outside' => ['OR(B2<MIN("a","b"),B2>MAX("a","b"))', 'outside'];
        yield 'one of one' => ['B2="late"', 'oneOf'];
        yield 'one of none' => ['B2=""', null];
        yield 'one of nought' => ['OR(B2=0,B2=5)', null];
        yield 'one of nought, filled' => ['AND(NOT(ISBLANK(B2)),OR(B2=0,B2=5))', 'oneOf'];
        yield 'one of other cells' => ['OR(B2=1,B3=2)', null];
        yield 'repeated' => ['AND(B2<>"",COUNTIF($B$2:$B$9,IF(ISNUMBER(B2),B2,"="&B2))>1)', 'repeated'];
        yield 'repeated among others' => ['AND(B2<>"",COUNTIF($B$2:$B$8,IF(ISNUMBER(B2),B2,"="&B2))>1)', null];
        yield 'greatest' => ['AND(ISNUMBER(B2),B2>=LARGE($B$2:$B$9,MIN(3,COUNT($B$2:$B$9))))', 'greatest'];
        yield 'greatest of other cells' => ['AND(ISNUMBER(B2),B2>=LARGE($C$2:$C$9,MIN(3,COUNT($C$2:$C$9))))', null];
        yield 'a period' => ['INT(B2)=TODAY()-1', 'period'];
        yield 'no period' => ['INT(B2)=TODAY()-2', null];
        yield 'begins' => ['LEFT(B2,LEN("ab"))="ab"', 'begins'];
        yield 'begins otherwise' => ['LEFT(B2,LEN("ab"))="ac"', null];
        yield 'above the mean' => ['AND(ISNUMBER(B2),B2>SUMIF($B$2:$B$9,"<1E+300")/COUNT($B$2:$B$9))', 'aboveMean'];
        yield 'something else' => ['MOD(ROW(),2)=0', null];
    }

    #[DataProvider('formulas')]
    public function test_only_what_would_be_written_like_that_is_a_sentence(string $formula, ?string $is): void
    {
        self::assertSame($is, MeantByFormula::of($formula, [Range::parse('B2:B9')])?->is->value);
    }

    public function test_long_formulas_are_looked_at_to_their_end(): void
    {
        foreach (['LARGE(', 'AND(ISNUMBER(B2),B2>', 'OR(B2=1,', '"a""', 'STDEV(1)*', 'AND(B2>=MIN(1,5),'] as $piece) {
            $formula = substr(str_repeat($piece, Parser::LONGEST), 0, Parser::LONGEST);
            self::assertNull(MeantByFormula::of($formula, [Range::parse('B2:B9')]), $piece);
        }
        $many = 'OR('.implode(',', array_fill(0, 200, 'B2=1')).')';
        self::assertSame(Is::OneOf, MeantByFormula::of($many, [Range::parse('B2:B9')])?->is);
        self::assertNull(MeantByFormula::of('OR('.implode(',', array_fill(0, 201, 'B2=1')).')', [Range::parse('B2:B9')]));
    }
}
