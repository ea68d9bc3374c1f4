<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\SetCondition;
use Rilvet\Condition\Condition;
use Rilvet\Grid\MemoryBlockStore;
use Tests\AtWork;
use Tests\HandMade;

/**
 * Conditional looks of a package that carries an extension list: what is set there is read back as it was meant, and the rule
 * that stands in the list already stays byte by byte.
 */
final class ExtensionConditionsTest extends TestCase
{
    /** Namespaces are taken from the package, whatever they are called there. */
    private const NAMES = 'xmlns:x14="urn:conditions" xmlns:xm="urn:formulas"';

    private const KEPT = '<x14:conditionalFormatting><x14:cfRule type="cellIs" priority="1" operator="greaterThan" '
        .'id="{00000000-0001-0000-0000-000000000001}"><xm:f>One!$A$1</xm:f><x14:dxf><font><b/></font></x14:dxf></x14:cfRule>'
        .'<xm:sqref>A1:A9</xm:sqref></x14:conditionalFormatting>';

    private static function package(): AtWork
    {
        $parts = HandMade::parts('<row r="1"><c r="A1"><v>4</v></c><c r="B1"><v>-2</v></c></row>');
        $parts['xl/worksheets/sheet1.xml'] = str_replace('</worksheet>', '<extLst><ext '.self::NAMES
            .' uri="{78C0D931-6437-407d-A8EE-F0AAD7539E65}"><x14:conditionalFormattings>'.self::KEPT
            .'</x14:conditionalFormattings></ext></extLst></worksheet>', $parts['xl/worksheets/sheet1.xml']);

        return AtWork::on($parts);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function conditions(): iterable
    {
        $always = ['test' => ['is' => 'always'], 'where' => ['cells' => 'B1:B9']];
        $point = fn (string $at, string $value = '') => ['at' => $at] + ($value === '' ? [] : ['value' => $value]);
        yield 'a formula that looks at a sheet by its name' => [['test' => ['is' => 'formula', 'of' => ['One!$A$1>B1']],
            'where' => ['cells' => 'B1:B9'], 'look' => ['ink' => '#9B2335', 'bold' => true]]];
        yield 'a value of another sheet, that stops' => [['test' => ['is' => 'below', 'of' => ['One!$A$1']], 'stops' => true,
            'where' => ['cells' => 'B1:B9'], 'look' => ['fill' => '#E7D7A8', 'italic' => true]]];
        yield 'a value of its own' => [['test' => ['is' => 'between', 'of' => ['1', '3']], 'where' => ['cells' => 'B1:B9 D1:D9'],
            'look' => ['fill' => '#E7D7A8']]];
        yield 'a bar below nought' => [['bar' => ['from' => $point('auto'), 'to' => $point('auto'), 'colour' => '#8FA6BF',
            'below' => '#C98A6B', 'axis' => 'middle', 'axisColour' => '#101010']] + $always];
        yield 'a bar that grows from the right, with a border' => [['bar' => ['from' => $point('number', '-5'),
            'to' => $point('percentile', '90'), 'colour' => '#8FA6BF', 'below' => '#8FA6BF', 'axis' => 'none',
            'axisColour' => '#000000', 'border' => '#334455', 'mirrored' => true]] + $always];
        yield 'a bar without its text' => [['bar' => ['from' => $point('least'), 'to' => $point('greatest'), 'colour' => '#8FA6BF',
            'below' => '#C98A6B', 'axis' => 'none', 'axisColour' => '#000000', 'hidesText' => true]] + $always];
        yield 'marks of a newer set' => [['marks' => ['set' => '3Stars', 'points' => [$point('percent', '0'), $point('percent', '30'),
            $point('number', '7') + ['above' => true]]]] + $always];
        yield 'boxes, reversed, without their text' => [['marks' => ['set' => '5Boxes', 'points' => [$point('percent', '0'),
            $point('percent', '20'), $point('percentile', '40'), $point('formula', '$A$1'), $point('percent', '80')],
            'reversed' => true, 'hidesText' => true]] + $always];
        yield 'marks put together' => [['marks' => ['set' => '3Flags', 'points' => [$point('percent', '0'), $point('percent', '33'),
            $point('percent', '67')], 'own' => [null, ['3Signs', 1], ['4RedToBlack', 3]]]] + $always];
        yield 'marks of the standard' => [['marks' => ['set' => '4Rating', 'points' => [$point('percent', '0'), $point('percent', '25'),
            $point('percent', '50'), $point('percent', '75')]]] + $always];
        yield 'a scale' => [['scale' => [['colour' => '#FFFFFF', 'point' => $point('least')], ['colour' => '#FFE08A',
            'point' => $point('formula', '$A$1')], ['colour' => '#8E5A8A', 'point' => $point('greatest')]]] + $always];
    }

    /** @param  array<string, mixed>  $data */
    #[DataProvider('conditions')]
    public function test_what_is_set_is_read_back_and_what_was_there_stays(array $data): void
    {
        $condition = Condition::of(['id' => 'n1'] + $data);
        $work = self::package()->do(new SetCondition(1, $condition));
        $parts = $work->written();
        $xml = $parts['xl/worksheets/sheet1.xml'];
        // The new one goes before the one that was there.
        self::assertStringContainsString(str_replace('priority="1"', 'priority="2"', self::KEPT), $xml);
        $path = AtWork::zipped($parts);
        $read = (new Opening(fn () => new MemoryBlockStore))->open($path, 'a.xlsx')->sheet(1)->conditions();
        unlink($path);
        self::assertCount(2, $read);
        self::assertSame($condition->key(), $read[0]->key());
        self::assertSame(implode(' ', $condition->where->cells), implode(' ', $read[0]->where->cells));
        self::assertSame(['One!$A$1'], $read[1]->formulas());
        // Written once more, nothing changes; taken back, the part is the one that came.
        self::assertSame($xml, AtWork::at(AtWork::zipped($parts))->written()['xl/worksheets/sheet1.xml']);
        self::assertSame(self::package()->written()['xl/worksheets/sheet1.xml'], $work->undo()->written()['xl/worksheets/sheet1.xml']);
    }
}
