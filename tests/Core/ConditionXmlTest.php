<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use DOMElement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Condition;
use Rilvet\Look\Look;
use Rilvet\Xlsx\CellFormats;
use Rilvet\Xlsx\ConditionsIn;
use Rilvet\Xlsx\ThemeColours;

/** Rules of conditional formatting, attribute by attribute (ISO/IEC 29500-1 18.3.1.10, 18.3.1.16, 18.3.1.28, 18.3.1.49, 18.3.1.11). */
final class ConditionXmlTest extends TestCase
{
    private static function root(string $inner): DOMElement
    {
        $tree = new DOMDocument;
        $tree->loadXML('<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" xmlns:x="urn:more">'
            ."$inner</worksheet>");
        assert($tree->documentElement !== null);

        return $tree->documentElement;
    }

    /** @return list<array<string, mixed>> */
    private static function read(string $xml): array
    {
        $colours = new ThemeColours(null, null);
        $in = new ConditionsIn([Look::of(['bold' => true])], new CellFormats(self::root(''), $colours), $colours);

        return array_map(fn (Condition $one) => array_diff_key($one->toArray(), ['id' => 0, 'came' => 0, 'where' => 0]),
            $in->of(self::root($xml))->all);
    }

    /** @return iterable<array{string, string, string|null}> attributes and inner xml of a rule; what it says, null for one that is kept */
    public static function rules(): iterable
    {
        foreach (['lessThan' => 'below', 'lessThanOrEqual' => 'atMost', 'equal' => 'equal', 'notEqual' => 'unequal',
            'greaterThan' => 'above', 'greaterThanOrEqual' => 'atLeast'] as $operator => $is) {
            yield ["type=\"cellIs\" operator=\"$operator\"", '<formula>7</formula>', "{\"test\":{\"is\":\"$is\",\"of\":[\"7\"]}}"];
        }
        $long = str_repeat('1', 8_192);
        yield ['type="expression"', "<formula>$long</formula>", "{\"test\":{\"is\":\"formula\",\"of\":[\"$long\"]}}"];
        yield ['type="expression"', "<formula>{$long}1</formula>", '{"test":{"is":"unknown"}}'];
        yield [
            'type="cellIs" operator="between"',
            '<formula>1</formula><formula>2</formula>',
            '{"test":{"is":"between","of":["1","2"]}}',
        ];
        yield [
            'type="cellIs" operator="notBetween"',
            '<formula>1</formula><formula>2</formula>',
            '{"test":{"is":"outside","of":["1","2"]}}',
        ];
        yield [
            'type="cellIs" operator="between"',
            '<formula>1</formula>',
            '{"test":{"is":"unknown"}}',
        ];
        yield [
            'type="cellIs" operator="equal"',
            '<formula>1</formula><formula>2</formula>',
            '{"test":{"is":"equal","of":["1"]}}',
        ];
        yield [
            'type="cellIs" operator="like"',
            '<formula>1</formula>',
            '{"test":{"is":"unknown"}}',
        ];
        yield [
            'type="expression"',
            '',
            '{"test":{"is":"unknown"}}',
        ];
        yield [
            'type="expression"',
            '<formula>A1>1</formula>',
            '{"test":{"is":"formula","of":["A1>1"]}}',
        ];
        yield [
            'type="expression" stopIfTrue="1"',
            '<formula>A1>1</formula>',
            '{"test":{"is":"formula","of":["A1>1"]},"stops":true}',
        ];
        yield [
            'type="expression"',
            '<formula></formula>',
            '{"test":{"is":"unknown"}}',
        ];
        yield [
            'type="top10"',
            '',
            '{"test":{"is":"greatest","count":10}}',
        ];
        yield [
            'type="top10" rank="3"',
            '',
            '{"test":{"is":"greatest","count":3}}',
        ];
        yield [
            'type="top10" rank="0"',
            '',
            '{"test":{"is":"greatest","count":1}}',
        ];
        yield [
            'type="top10" rank="1001"',
            '',
            '{"test":{"is":"greatest","count":1000}}',
        ];
        yield [
            'type="top10" rank="101" percent="1"',
            '',
            '{"test":{"is":"greatest","count":100,"percent":true}}',
        ];
        yield [
            'type="top10" rank="3" bottom="1"',
            '',
            '{"test":{"is":"least","count":3}}',
        ];
        yield [
            'type="aboveAverage"',
            '',
            '{"test":{"is":"aboveMean"}}',
        ];
        yield [
            'type="aboveAverage" aboveAverage="0"',
            '',
            '{"test":{"is":"belowMean"}}',
        ];
        yield [
            'type="aboveAverage" aboveAverage="1" equalAverage="1"',
            '',
            '{"test":{"is":"aboveMean","orEqual":true}}',
        ];
        yield [
            'type="aboveAverage" stdDev="2"',
            '',
            '{"test":{"is":"aboveMean","deviations":2}}',
        ];
        yield [
            'type="aboveAverage" stdDev="4"',
            '',
            '{"test":{"is":"aboveMean","deviations":3}}',
        ];
        yield [
            'type="timePeriod" timePeriod="lastWeek"',
            '',
            '{"test":{"is":"period","period":"lastWeek"}}',
        ];
        yield [
            'type="timePeriod" timePeriod="never"',
            '',
            '{"test":{"is":"unknown"}}',
        ];
        yield [
            'type="duplicateValues"',
            '',
            '{"test":{"is":"repeated"}}',
        ];
        yield [
            'type="uniqueValues" dxfId="0"',
            '',
            '{"test":{"is":"single"},"look":{"bold":true}}',
        ];
        yield [
            'type="uniqueValues" dxfId="7"',
            '',
            '{"test":{"is":"single"}}',
        ];
        yield [
            'type="odd"',
            '',
            '{"test":{"is":"unknown"}}',
        ];
        yield [
            'type="containsText" text="x&quot;y"',
            '',
            '{"test":{"is":"holds","of":["\\"x\\"\\"y\\""]}}',
        ];
        yield [
            'type="containsText" text="x"',
            '<formula>NOT(ISERROR(SEARCH("late",A1)))</formula>',
            '{"test":{"is":"holds","of":["\\"late\\""]}}',
        ];
        yield [
            'type="containsText"',
            '<formula>LEN(A1)>1</formula>',
            '{"test":{"is":"formula","of":["LEN(A1)>1"]}}',
        ];
        yield [
            'type="containsText"',
            '',
            '{"test":{"is":"unknown"}}',
        ];
        yield [
            'type="notContainsText"',
            '<formula>ISERROR(SEARCH("late",A1))</formula>',
            '{"test":{"is":"lacks","of":["\\"late\\""]}}',
        ];
        yield [
            'type="beginsWith"',
            '<formula>LEFT(A1,LEN("ab"))="ab"</formula>',
            '{"test":{"is":"begins","of":["\\"ab\\""]}}',
        ];
        yield [
            'type="beginsWith"',
            '<formula>LEFT(A1,2)="ab"</formula>',
            '{"test":{"is":"begins","of":["\\"ab\\""]}}',
        ];
        yield [
            'type="endsWith"',
            '<formula>RIGHT($A$1,2)="ab"</formula>',
            '{"test":{"is":"ends","of":["\\"ab\\""]}}',
        ];
        yield [
            'type="containsBlanks"',
            '',
            '{"test":{"is":"blank"}}',
        ];
        yield [
            'type="notContainsBlanks"',
            '',
            '{"test":{"is":"filled"}}',
        ];
        yield [
            'type="containsErrors"',
            '',
            '{"test":{"is":"error"}}',
        ];
        yield [
            'type="notContainsErrors"',
            '',
            '{"test":{"is":"sound"}}',
        ];
        yield [
            'type="colorScale"',
            '<colorScale><cfvo type="min"/><cfvo type="max"/><color rgb="FFFF0000"/><color rgb="FF00FF00"/></colorScale>',
            '{"test":{"is":"always"},"scale":[{"colour":"#FF0000","point":{"at":"least"}},{"colour":"#00FF00",'
            .'"point":{"at":"greatest"}}]}',
        ];
        yield [
            'type="colorScale"',
            '<colorScale><cfvo type="num" val="1"/><cfvo type="percentile" val="50"/><cfvo type="formula" val="B1" gte="0"/>'
            .'<color rgb="FFFF0000"/><color indexed="5"/><color auto="1"/></colorScale>',
            '{"test":{"is":"always"},"scale":[{"colour":"#FF0000","point":{"at":"number","value":"1"}},{"colour":"#FFFF00",'
            .'"point":{"at":"percentile","value":"50"}},{"colour":"#FFFFFF","point":{"at":"formula","value":"B1","above":true}}]}',
        ];
        yield [
            'type="colorScale"',
            '<colorScale><cfvo type="min"/><color rgb="FFFF0000"/></colorScale>',
            null,
        ];
        yield [
            'type="dataBar"',
            '<dataBar><cfvo type="min"/><cfvo type="max"/><color rgb="FF638EC6"/></dataBar>',
            '{"test":{"is":"always"},"bar":{"from":{"at":"least"},"to":{"at":"greatest"},"colour":"#638EC6","shortest":10,'
            .'"longest":90,"gradient":true}}',
        ];
        yield [
            'type="dataBar"',
            '<dataBar minLength="0" maxLength="100" showValue="0"><cfvo type="num" val="0"/><cfvo type="percent" val="90"/>'
            .'<color rgb="FF638EC6"/></dataBar>',
            '{"test":{"is":"always"},"bar":{"from":{"at":"number","value":"0"},"to":{"at":"percent","value":"90"},'
            .'"colour":"#638EC6","gradient":true,"hidesText":true}}',
        ];
        yield [
            'type="dataBar"',
            '<dataBar minLength="-1" maxLength="101" showValue="1"><cfvo type="min"/><cfvo type="max"/></dataBar>',
            '{"test":{"is":"always"},"bar":{"from":{"at":"least"},"to":{"at":"greatest"},"colour":"#8FA6BF","gradient":true}}',
        ];
        yield [
            'type="dataBar"',
            '<dataBar><cfvo type="min"/><color rgb="FF638EC6"/></dataBar>',
            '{"test":{"is":"unknown"}}',
        ];
        yield [
            'type="iconSet"',
            '<iconSet><cfvo type="percent" val="0"/><cfvo type="percent" val="33"/><cfvo type="percent" val="67"/></iconSet>',
            '{"test":{"is":"always"},"marks":{"set":"3TrafficLights1","points":[{"at":"percent","value":"0"},{"at":"percent",'
            .'"value":"33"},{"at":"percent","value":"67"}]}}',
        ];
        yield [
            'type="iconSet"',
            '<iconSet iconSet="4Rating" reverse="1" showValue="0"><cfvo type="percent" val="0"/><cfvo type="num" val="33" gte="0"/>'
            .'<cfvo type="percent" val="67"/><cfvo type="percent" val="80"/></iconSet>',
            '{"test":{"is":"always"},"marks":{"set":"4Rating","points":[{"at":"percent","value":"0"},{"at":"number","value":"33",'
            .'"above":true},{"at":"percent","value":"67"},{"at":"percent","value":"80"}],"reversed":true,"hidesText":true}}',
        ];
        yield [
            'type="iconSet"',
            '<iconSet iconSet="3Flags"><cfvo type="percent" val="0"/></iconSet>',
            null,
        ];
        yield [
            'type="iconSet"',
            '<iconSet iconSet="Odd"><cfvo type="percent" val="0"/></iconSet>',
            null,
        ];
    }

    #[DataProvider('rules')]
    public function test_a_rule_says(string $attributes, string $inner, ?string $says): void
    {
        self::assertSame($says === null ? [] : [json_decode($says, true)], self::read('<conditionalFormatting sqref="A1:A9">'
            ."<cfRule $attributes priority=\"1\">$inner</cfRule></conditionalFormatting>"));
    }

    /** @return iterable<array{string, string}> what the extension list says of a bar, and what it is then */
    public static function bars(): iterable
    {
        yield [
            '<x:dataBar/>',
            '{"from":{"at":"least"},"to":{"at":"greatest"},"colour":"#638EC6","below":"#638EC6","gradient":true}',
        ];
        yield [
            '<x:dataBar><x:cfvo type="autoMin"/><x:cfvo type="autoMax"/></x:dataBar>',
            '{"from":{"at":"auto"},"to":{"at":"auto"},"colour":"#638EC6","below":"#638EC6","gradient":true}',
        ];
        yield [
            '<x:dataBar gradient="0" border="1" direction="rightToLeft" axisPosition="middle" negativeBarColorSameAsPositive="1">'
            .'<x:cfvo type="autoMin"/><x:cfvo type="autoMax"/><x:fillColor rgb="FF112233"/><x:borderColor rgb="FF445566"/>'
            .'<x:negativeFillColor rgb="FFAABBCC"/><x:axisColor rgb="FF000000"/></x:dataBar>',
            '{"from":{"at":"auto"},"to":{"at":"auto"},"colour":"#112233","below":"#112233","axis":"middle","axisColour":"#000000",'
            .'"border":"#445566","mirrored":true}',
        ];
        yield [
            '<x:dataBar axisPosition="none" showValue="0" minLength="5" maxLength="95"><x:cfvo type="num"><x:f>3</x:f></x:cfvo>'
            .'<x:cfvo type="max"/><x:fillColor rgb="FF112233"/><x:borderColor rgb="FF445566"/>'
            .'<x:negativeFillColor rgb="FFAABBCC"/></x:dataBar>',
            '{"from":{"at":"number","value":"3"},"to":{"at":"greatest"},"colour":"#112233","below":"#AABBCC","axis":"none",'
            .'"shortest":5,"longest":95,"gradient":true,"hidesText":true}',
        ];
    }

    #[DataProvider('bars')]
    public function test_the_extension_list_says_more_of_a_bar(string $more, string $bar): void
    {
        $rule = '<cfRule type="dataBar" priority="1"><dataBar><cfvo type="min"/><cfvo type="max"/><color rgb="FF638EC6"/></dataBar>'
            .'<extLst><ext><x:id> {A} </x:id></ext></extLst></cfRule>';
        $found = self::read("<conditionalFormatting sqref=\"A1:A9\">$rule</conditionalFormatting><extLst><ext><x:conditionalFormattings>"
            ."<x:conditionalFormatting><x:cfRule type=\"dataBar\" id=\"{A}\">$more</x:cfRule><x:sqref>A1:A9</x:sqref>"
            .'</x:conditionalFormatting></x:conditionalFormattings></ext></extLst>');
        self::assertCount(1, $found, 'both are one');
        self::assertSame(json_decode($bar, true), $found[0]['bar'] ?? null);
    }

    public function test_rules_stand_in_the_order_of_their_priorities_and_those_without_cells_are_kept(): void
    {
        $colours = new ThemeColours(null, null);
        $in = new ConditionsIn([], new CellFormats(self::root(''), $colours), $colours);
        $rule = fn (string $cells, int ...$priorities) => "<conditionalFormatting sqref=\"$cells\">".implode('', array_map(
            fn (int $one) => "<cfRule type=\"containsBlanks\" priority=\"$one\"/>", $priorities)).'</conditionalFormatting>';
        $found = $in->of(self::root($rule('A1:A9 C1', 3, 1).$rule('B1', 2, 3).$rule('', 4).$rule('A0', 5)));
        self::assertSame(['f1 A1:A9 C1', 'f2 B1', 'f0 A1:A9 C1', 'f3 B1'],
            array_map(fn (Condition $one) => "$one->id ".implode(' ', $one->where->cells), $found->all));
        self::assertSame([2, true], [$found->kept, $found->isRead]);
        self::assertFalse($in->of(self::root(''))->isRead);
    }
}
