<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Stylebook\KindRule;

/** The format code that a rule comes to for a column (ISO/IEC 29500-1 18.8.31). */
final class KindRuleTest extends TestCase
{
    private const FIGURES = '#,##0{places}';

    /** @return array<string, array{array<string, mixed>, array<string, mixed>, bool, bool, string}> rule, column, signed, total, code */
    public static function codes(): array
    {
        $money = ['decimals' => 2, 'unit' => '£', 'grouped' => true];

        return [
            'the sign in every cell' => [['sign' => 'every'], $money, false, false, '"£"* #,##0.00;"£"* -#,##0.00'],
            'in the first row alone' => [['sign' => 'first'], $money, true, false, '"£"* #,##0.00;"£"* -#,##0.00'],
            'and not below it' => [['sign' => 'first'], $money, false, false, '#,##0.00'],
            'in the heading alone' => [['sign' => 'heading'], $money, true, false, '#,##0.00'],
            'nowhere' => [['sign' => 'none'], $money, true, false, '#,##0.00'],
            'no unit, no sign' => [['sign' => 'every'], ['decimals' => 1], true, false, '#,##0.0'],
            'as many places as it has' => [['most' => 4], ['decimals' => 3], false, false, '#,##0.000'],
            'no more than most' => [['most' => 2], ['decimals' => 3], false, false, '#,##0.00'],
            'no fewer than least' => [['least' => 2, 'most' => 4], ['decimals' => 0], false, false, '#,##0.00'],
            'least goes before most' => [['least' => 3, 'most' => 2], ['decimals' => 0], false, false, '#,##0.000'],
            'none at all' => [['most' => 0], ['decimals' => 2], false, false, '#,##0'],
            'totals have more' => [['most' => 2, 'totals' => 1], ['decimals' => 2], false, true, '#,##0.000'],
            'and the body does not' => [['most' => 2, 'totals' => 1], ['decimals' => 2], false, false, '#,##0.00'],
            'ten places are the most' => [['least' => 9, 'totals' => 6], ['decimals' => 0], false, true, '#,##0.0000000000'],
            'in thousands' => [['scale' => 3, 'least' => 1], ['decimals' => 2], false, false, '#,##0.0,'],
            'in millions' => [['scale' => 6, 'least' => 0], ['decimals' => 2], false, false, '#,##0,,'],
            'not grouped' => [[], ['decimals' => 0, 'grouped' => false], false, false, '0'],
            'brackets, with a sign' => [
                ['accounting' => true, 'sign' => 'every'], $money, false, false, '"£"* #,##0.00_);"£"* (#,##0.00);"£"* "–"_)',
            ],
            'brackets, without one' => [['accounting' => true, 'sign' => 'none'], $money, false, false, '#,##0.00_);(#,##0.00);"–"_)'],
            'a fixed code stays' => [['pattern' => 'dd mmm yyyy'], ['decimals' => 0], false, false, 'dd mmm yyyy'],
            'a code with a currency of its own is given none' => [['pattern' => '[$€] #,##0{places}'], $money, true, false,
                '[$€] #,##0.00'],
            'quotes in a unit do no harm' => [['sign' => 'every'], ['decimals' => 0, 'unit' => 'a"b\\'], false, false,
                '"ab"* #,##0;"ab"* -#,##0'],
        ];
    }

    /**
     * @param  array<string, mixed>  $rule
     * @param  array<string, mixed>  $column
     */
    #[DataProvider('codes')]
    public function test_a_rule_comes_to_a_code(array $rule, array $column, bool $signed, bool $total, string $code): void
    {
        $rule = new KindRule(...['place' => Look::none(), 'pattern' => self::FIGURES, ...$rule]);
        $column = new ColumnReading(2, 'Worth', ColumnKind::Amount, 1.0, ...['grouped' => true, ...$column]);
        self::assertSame($code, $rule->look($column, $signed, $total)->text(Attribute::Number));
    }

    /** The unit is a line of its own below the heading's text, which is not touched; the scale is said with it. */
    public function test_headings_say_unit_and_scale_where_the_figures_do_not(): void
    {
        $column = new ColumnReading(2, 'Worth', ColumnKind::Amount, 1.0, decimals: 2, unit: '£');
        $says = fn (array $rule) => (new KindRule(...['place' => Look::none(), 'pattern' => self::FIGURES, ...$rule]))
            ->headingLook($column);
        foreach (
            [
                [['sign' => 'heading'], "@\"\n£\""], [['sign' => 'heading', 'scale' => 3], "@\"\n£ thousand\""],
                [['sign' => 'every', 'scale' => 6], "@\"\nmillion\""], [['sign' => 'every'], ''], [['sign' => 'heading',
                    'pattern' => null], ''],
            ] as [$rule, $code]
        ) {
            $look = $says($rule);
            self::assertSame($code, $look->text(Attribute::Number), (string) json_encode($rule));
            self::assertSame($code !== '', $look->is(Attribute::Wrap), 'two lines need room for two');
        }
        $plain = new ColumnReading(2, 'Bags', ColumnKind::Integer, 1.0);
        self::assertTrue((new KindRule(Look::none(), self::FIGURES, 'heading'))->headingLook($plain)->isEmpty(), 'no unit, nothing to say');
    }

    public function test_a_rule_without_a_number_gives_its_place_alone(): void
    {
        $rule = new KindRule(Look::of(['horizontal' => 'center']));
        self::assertSame(['horizontal' => 'center'], $rule->look(new ColumnReading(1, 'x', ColumnKind::Code, 1.0), true)->toArray());
    }
}
