<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use DOMElement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Entry\EntryCheck;
use Rilvet\Grid\Range;
use Rilvet\Ods\CellStyles;
use Rilvet\Ods\Ns;
use Rilvet\Ods\StyleMaps;
use Rilvet\Ods\Validations;
use Rilvet\Package\PackageXml;

/** Checks on entry and conditional looks of an ods, word by word (ISO/IEC 26300-3 9.4.5, 16.3, 19.623). */
final class OdsRulesXmlTest extends TestCase
{
    private static function element(string $attributes, string $inner = ''): DOMElement
    {
        $tree = new DOMDocument;
        $tree->loadXML('<table:content-validation'.Ns::declared('table', 'text')." $attributes>$inner</table:content-validation>");
        assert($tree->documentElement !== null);

        return $tree->documentElement;
    }

    private static function check(string $attributes, string $inner = '', string $cells = 'B3:B9'): ?EntryCheck
    {
        $found = Validations::checks(['v' => self::element($attributes, $inner)], ['v' => [Range::parse($cells)], 'gone' => []]);
        self::assertSame(count($found->all()) === 1 ? 0 : 1, $found->kept);
        self::assertTrue($found->isRead);

        return $found->all()[0] ?? null;
    }

    /** @return iterable<array{string, array{string, string, list<string>}|null}> a condition; kind, comparison and values */
    public static function conditions(): iterable
    {
        yield ['', ['any', 'between', []]];
        foreach (['whole-number' => 'whole', 'decimal-number' => 'decimal', 'date' => 'date', 'time' => 'time'] as $word => $kind) {
            yield ["of:cell-content-is-$word() and cell-content-is-between(1,9)", [$kind, 'between', ['1', '9']]];
            yield ["of:cell-content-is-$word() and cell-content-is-not-between(1;9)", [$kind, 'outside', ['1', '9']]];
            yield ["oooc:cell-content-is-$word() and cell-content()>=7", [$kind, 'atLeast', ['7']]];
        }
        foreach (['<' => 'below', '<=' => 'atMost', '=' => 'equal', '!=' => 'unequal', '<>' => 'unequal', '>' => 'above',
            '>=' => 'atLeast'] as $sign => $is) {
            $xml = htmlspecialchars($sign);
            yield ["of:cell-content-is-whole-number() and cell-content()$xml 7", ['whole', $is, ['7']]];
            yield ["of:cell-content-text-length() $xml 7", ['length', $is, ['7']]];
        }
        yield ['of:cell-content-text-length-is-between(1,9)', ['length', 'between', ['1', '9']]];
        yield ['of:cell-content-text-length-is-not-between(1,9)', ['length', 'outside', ['1', '9']]];
        yield ['of:cell-content-is-date() and cell-content-is-between(DATE(2026;1;1);DATE(2026;12;31))', ['date', 'between',
            ['DATE(2026,1,1)', 'DATE(2026,12,31)']]];
        yield ['of:cell-content-is-date() and cell-content-is-between(1)', null];
        yield ['of:cell-content-is-date() and cell-content-is-between(1,2,3)', null];
        yield ['of:cell-content-is-date()', null];
        yield ['of:cell-content-is-odd() and cell-content()=1', null];
        yield ['of:is-true-formula([.B3]&gt;1)', ['formula', 'between', ['B3>1']]];
        yield ['of:is-true-formula(LEN([.$B$3])&gt;1)', ['formula', 'between', ['LEN($B$3)>1']]];
        yield ['of:cell-content-is-in-list(&quot;yes&quot;;&quot;no&quot;)', ['list', 'between', ['"yes,no"']]];
        yield ['of:cell-content-is-in-list( &quot;6&quot;&quot; pot&quot; ; &quot;9&quot; )', ['list', 'between', ['"6"" pot,9"']]];
        yield ['of:cell-content-is-in-list([.$F$1:.$F$3])', ['list', 'between', ['$F$1:$F$3']]];
        yield ['of:cell-content-is-in-list([$Lists.$A$1:.$A$3])', ['list', 'between', ['Lists!$A$1:$A$3']]];
        yield ['of:cell-content-is-in-list(&quot;'.str_repeat('a', 256).'&quot;)', null];
    }

    /** @param  array{string, string, list<string>}|null  $says */
    #[DataProvider('conditions')]
    public function test_what_is_checked(string $condition, ?array $says): void
    {
        $check = self::check("table:condition=\"$condition\"");
        self::assertSame($says, $check === null ? null : [$check->kind->value, $check->is->value, $check->of]);
    }

    public function test_formulas_are_said_from_the_base_cell(): void
    {
        $formula = fn (string $base, string $cells) => self::check('table:condition="of:is-true-formula([.B3]&gt;[.$C$1])"'
            ." table:base-cell-address=\"$base\"", cells: $cells)?->of;
        self::assertSame(['B3>$C$1'], $formula('Beds.B3', 'B3:B9'));
        self::assertSame(['B4>$C$1'], $formula('Beds.B2', 'B3:B9'));
        self::assertSame(['C3>$C$1'], $formula('Beds.$A$3', 'B3:B9'));
        self::assertSame(['B3>$C$1'], $formula('nowhere', 'B3:B9'));
        self::assertSame(['#REF!>$C$1'], $formula('Beds.B9', 'B3:B5'));
    }

    public function test_what_is_shown_to_who_types(): void
    {
        $message = fn (string $name, string $attributes) => "<table:$name-message $attributes><text:p>Whole <text:s/>bags</text:p>"
            ."<text:p>only</text:p></table:$name-message>";
        $of = fn (string $inner, string $attributes = '') => self::check("table:condition=\"\" $attributes", $inner);
        $shown = $of($message('help', 'table:display="true" table:title="Bags"'));
        self::assertSame(['Bags', "Whole bags\nonly"], [$shown?->promptTitle, $shown?->prompt]);
        $hidden = $of($message('help', 'table:title="Bags"'));
        self::assertSame(['', ''], [$hidden?->promptTitle, $hidden?->prompt]);
        self::assertSame(['', ''], [$of($message('help', 'table:display="false" table:title="Bags"'))?->promptTitle, $of('')?->prompt]);
        $error = $of($message('error', 'table:display="true" table:title="No" table:message-type="warning"'));
        self::assertSame(['No', "Whole bags\nonly", 'warning'], [$error?->title, $error?->message, $error?->severity->value]);
        self::assertSame('stop', $of($message('error', 'table:display="true" table:message-type="stop"'))?->severity->value);
        self::assertSame('note', $of($message('error', 'table:display="true" table:message-type="information"'))?->severity->value);
        self::assertSame('note', $of($message('error', 'table:display="false" table:message-type="stop"'))?->severity->value);
        self::assertSame('stop', $of('')?->severity->value, 'nothing is said of errors');
        self::assertSame([true, true], [$of('')?->blank, $of('')?->shows]);
        self::assertSame([false, false], [($no = $of('', 'table:allow-empty-cell="false" table:display-list="none"'))?->blank,
            $no?->shows]);
        self::assertSame([true, true], [($yes = $of('', 'table:allow-empty-cell="true" table:display-list="unsorted"'))?->blank,
            $yes?->shows]);
    }

    public function test_what_no_cell_says_is_no_check(): void
    {
        $found = Validations::checks(['v' => self::element('table:condition=""')], []);
        self::assertSame([[], 0, false], [$found->all(), $found->kept, $found->isRead]);
        $empty = Validations::checks(['v' => self::element('table:condition=""')], ['v' => []]);
        self::assertSame([[], 1, true], [$empty->all(), $empty->kept, $empty->isRead]);
        $two = Validations::checks(['a' => self::element('table:condition=""'), 'b' => self::element('table:condition=""')],
            ['b' => [Range::parse('A1')], 'a' => [Range::parse('A2'), Range::parse('A3')]]);
        self::assertSame(['n1 A1', 'n2 A2:A3'], array_map(fn (EntryCheck $one) => "$one->id ".implode(' ', $one->where->cells),
            $two->all()));
    }

    /** @return iterable<array{string, array{string, list<string>}|null}> */
    public static function maps(): iterable
    {
        foreach (['<' => 'below', '<=' => 'atMost', '=' => 'equal', '!=' => 'unequal', '>' => 'above', '>=' => 'atLeast'] as $sign => $is) {
            yield ["cell-content()$sign 7", [$is, ['7']]];
        }
        yield ['cell-content-is-between(1,9)', ['between', ['1', '9']]];
        yield ['cell-content-is-not-between(1,9)', ['outside', ['1', '9']]];
        yield ['is-true-formula([.B2]>[.$C$1])', ['formula', ['B2>$C$1']]];
        yield ['value()>7', null];
    }

    /** @param  array{string, list<string>}|null  $says */
    #[DataProvider('maps')]
    public function test_a_style_that_is_mapped_is_a_conditional_look(string $condition, ?array $says): void
    {
        $xml = '<office:styles'.Ns::declared('office', 'style', 'fo').'><style:style style:name="Loud" style:family="table-cell">'
            .'<style:text-properties fo:font-weight="bold"/></style:style><style:style style:name="S" style:family="table-cell">'
            .'<style:map style:condition="'.htmlspecialchars($condition).'" style:apply-style-name="Loud"'
            .' style:base-cell-address="Beds.B2"/></style:style></office:styles>';
        $maps = new StyleMaps(new CellStyles(PackageXml::root(PackageXml::tree($xml, 'styles'))));
        $maps->row(2, 4, ['', 'S']);
        $maps->row(5, 5, ['', '']);
        $maps->row(6, 6, ['', 'S']);
        $found = $maps->conditions();
        self::assertSame($says === null ? [0, 1] : [1, 0], [count($found->all), $found->kept]);
        self::assertTrue($found->isRead);
        foreach ($found->all as $one) {
            self::assertSame($says, [$one->test->is->value, $one->test->of]);
            self::assertSame('B2:B4 B6', implode(' ', $one->where->cells));
            self::assertSame(['bold' => true], $one->look->toArray());
        }
    }
}
