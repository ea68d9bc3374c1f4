<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use DOMElement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\OrderGuard;
use Rilvet\Guard\Password;
use Rilvet\Guard\Protection;
use Rilvet\Xlsx\EntriesIn;
use Rilvet\Xlsx\ProtectionXml;

/** Protection and checks on entry, attribute by attribute (ISO/IEC 29500-1 18.2.29, 18.3.1.32, 18.3.1.85). */
final class GuardXmlTest extends TestCase
{
    private static function element(string $xml): DOMElement
    {
        $tree = new DOMDocument;
        $main = 'xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"';
        $tree->loadXML((string) preg_replace('/^<(\w+)/', "<$1 $main xmlns:x=\"urn:x\"", $xml));
        assert($tree->documentElement !== null);

        return $tree->documentElement;
    }

    public function test_what_a_protected_sheet_allows(): void
    {
        $allowed = fn (string $attributes) => array_map(fn (Allowance $one) => $one->xlsx(),
            ProtectionXml::of(self::element("<sheetProtection sheet=\"1\" $attributes/>"))->allowed);
        self::assertSame(['selectLockedCells', 'selectUnlockedCells'], $allowed(''), 'what is usual');
        self::assertSame([], $allowed('selectLockedCells="1" selectUnlockedCells="true"'));
        self::assertSame(['selectLockedCells', 'selectUnlockedCells', Allowance::DressCells->xlsx(), 'insertRows', 'deleteColumns',
            'sort', 'autoFilter'],
            $allowed(Allowance::DressCells->xlsx().'="0" insertRows="false" deleteColumns="0" sort="0" autoFilter="0" formatRows="1"'));
        self::assertSame(['selectLockedCells', 'selectUnlockedCells'], $allowed('objects="0" scenarios="1"'), 'told where it is not usual');
        foreach (Allowance::cases() as $one) {
            $attributes = ProtectionXml::attributes(new Protection([$one]));
            self::assertSame('1', $attributes['sheet']);
            $isAllowed = ($attributes[$one->xlsx()] ?? ($one->isForbiddenUnsaid() ? '1' : '0')) === '0';
            self::assertTrue($isAllowed, $one->value);
            // All that is said of it is read as what it was.
            $xml = ProtectionXml::xml('sheetProtection', $attributes);
            in_array($one, [Allowance::Objects, Allowance::Scenarios], true)
                || self::assertSame([$one], ProtectionXml::of(self::element($xml))->allowed, $xml);
        }
    }

    public function test_passwords_of_sheets_and_of_their_order(): void
    {
        $password = fn (string $attributes) => ProtectionXml::of(self::element("<sheetProtection sheet=\"1\" $attributes/>"))->password;
        $said = fn (?Password $one) => $one === null ? null : [$one->algorithm, $one->hash, $one->salt, $one->spins];
        self::assertNull($said($password('')));
        self::assertSame([Password::LEGACY, 'CC1A', '', 0], $said($password('password="CC1A"')));
        self::assertSame([Password::LEGACY, 'f', '', 0], $said($password('password="f"')));
        self::assertNull($said($password('password="0000"')), 'none at all (common practice)');
        self::assertNull($said($password('password="CC1AF"')));
        self::assertNull($said($password('password="word"')));
        self::assertSame(['SHA-256', 'aGFzaA==', 'c2FsdA==', 1000],
            $said($password('algorithmName="SHA-256" hashValue="aGFzaA==" saltValue="c2FsdA==" spinCount="1000" password="CC1A"')));
        self::assertSame(['SHA-512', 'aGFzaA==', '', 0], $said($password('hashValue="aGFzaA==" spinCount="many"')));
        self::assertSame(PHP_INT_MAX >> 8, $password('hashValue="aGFzaA==" spinCount="1e30"')?->spins);
        $order = fn (string $attributes) => ProtectionXml::order(self::element("<workbookProtection $attributes/>"));
        self::assertFalse(ProtectionXml::order(null)->isOn);
        self::assertFalse($order('lockWindows="1"')->isOn);
        self::assertFalse($order('lockStructure="0"')->isOn);
        self::assertTrue($order('lockStructure="1"')->isOn);
        self::assertSame(['SHA-512', 'aGFzaA==', 'c2FsdA==', 10], $said($order('lockStructure="true" workbookAlgorithmName="SHA-512"'
            .' workbookHashValue="aGFzaA==" workbookSaltValue="c2FsdA==" workbookSpinCount="10" hashValue="eA=="')->password));
        self::assertSame([Password::LEGACY, 'CC1A', '', 0], $said($order('lockStructure="1" workbookPassword="CC1A"')->password));
        // As they are written.
        self::assertSame(['workbookAlgorithmName' => 'SHA-1', 'workbookHashValue' => 'aGFzaA==', 'workbookSpinCount' => '0',
            'lockStructure' => '1'], ProtectionXml::orderAttributes(new OrderGuard(true, new Password('SHA-1', 'aGFzaA=='))));
        self::assertSame(['workbookPassword' => 'CC1A', 'lockStructure' => '1'],
            ProtectionXml::orderAttributes(new OrderGuard(true, new Password(Password::LEGACY, 'CC1A'))));
        self::assertSame(['lockStructure' => '1'], ProtectionXml::orderAttributes(new OrderGuard(true)));
        self::assertSame('<a b="1&amp;&quot;2"/>', ProtectionXml::xml('a', ['b' => '1&"2']));
    }

    public function test_what_was_said_before_is_taken_back(): void
    {
        $element = self::element('<sheetProtection password="CC1A" hashValue="aGFzaA==" saltValue="c2FsdA==" spinCount="9" sort="0"'
            .' algorithmName="SHA-1" '.Allowance::DressCells->xlsx().'="0"/>');
        ProtectionXml::on($element, new Protection([Allowance::SelectLocked, Allowance::SelectUnlocked, Allowance::Sort]));
        $has = [];
        foreach ($element->attributes as $attribute) {
            $has[$attribute->name] = $attribute->value;
        }
        self::assertSame(['objects' => '1', 'scenarios' => '1', 'sheet' => '1', 'sort' => '0'], self::sorted($has));
    }

    /**
     * @param  array<string, string>  $of
     * @return array<string, string>
     */
    private static function sorted(array $of): array
    {
        ksort($of);

        return $of;
    }

    /**
     * @return iterable<array{string, string, array<string, mixed>|null}> attributes, formulas, what is checked; null for one
     *     that is kept
     */
    public static function entries(): iterable
    {
        $f = fn (string ...$of) => implode('', array_map(fn (string $one, int $at) => '<formula'.($at + 1).">$one</formula".($at + 1).'>',
            array_values($of), array_keys(array_values($of))));
        foreach (['whole', 'decimal', 'date', 'time', 'textLength'] as $type) {
            yield ["type=\"$type\"", $f('1', '2'), ['kind' => $type === 'textLength' ? 'length' : $type, 'is' => 'between',
                'of' => ['1', '2']]];
        }
        foreach (['notBetween' => 'outside', 'equal' => 'equal', 'notEqual' => 'unequal', 'greaterThan' => 'above', 'lessThan' => 'below',
            'greaterThanOrEqual' => 'atLeast', 'lessThanOrEqual' => 'atMost'] as $operator => $is) {
            yield ["type=\"whole\" operator=\"$operator\"", $f('1', '2'), ['is' => $is, 'of' => $is === 'outside' ? ['1', '2'] : ['1']]];
        }
        yield ['type="whole" operator="like"', $f('1'), null];
        yield ['type="odd"', $f('1'), null];
        yield ['type="whole"', $f('1'), null];
        yield ['type="whole" operator="equal"', '', null];
        yield ['', '', ['kind' => 'any', 'severity' => 'stop']];
        yield ['type="custom"', $f('=LEN(A1)&lt;3', '1'), ['kind' => 'formula', 'of' => ['LEN(A1)<3']]];
        yield ['type="list"', $f('"yes,no"'), ['kind' => 'list', 'of' => ['"yes,no"'], 'shows' => true]];
        yield ['type="list"', $f('"6" pot,9"'), ['of' => ['"6"" pot,9"']]];
        yield ['type="list"', $f('"6"" pot,9"'), ['of' => ['"6"" pot,9"']]];
        yield ['type="list"', $f('"a"&amp;"b"'), ['of' => ['"a"&"b"']]];
        yield ['type="list" showDropDown="1"', $f('$F$1:$F$3'), ['of' => ['$F$1:$F$3'], 'shows' => false]];
        yield ['type="whole" allowBlank="1"', $f('1', '2'), ['blank' => true]];
        yield ['type="whole"', $f('1', '2'), ['blank' => false, 'severity' => 'note']];
        yield ['type="whole" showErrorMessage="1"', $f('1', '2'), ['severity' => 'stop']];
        yield ['type="whole" showErrorMessage="true" errorStyle="warning"', $f('1', '2'), ['severity' => 'warning']];
        yield ['type="whole" showErrorMessage="1" errorStyle="information"', $f('1', '2'), ['severity' => 'note']];
        yield ['type="whole" showErrorMessage="0" errorStyle="stop"', $f('1', '2'), ['severity' => 'note']];
        yield ['type="whole" promptTitle="Bags" prompt="How many" errorTitle="No" error="Too many"', $f('1', '2'),
            ['promptTitle' => '', 'prompt' => '', 'title' => 'No', 'message' => 'Too many']];
        yield ['type="whole" showInputMessage="1" promptTitle="Bags" prompt="How many"', $f('1', '2'), ['promptTitle' => 'Bags',
            'prompt' => 'How many']];
    }

    /** @param  array<string, mixed>|null  $says */
    #[DataProvider('entries')]
    public function test_a_check_on_entry(string $attributes, string $formulas, ?array $says): void
    {
        $found = EntriesIn::of(self::element("<worksheet><dataValidations><dataValidation sqref=\"B2:B9 D2\" $attributes>$formulas"
            .'</dataValidation></dataValidations></worksheet>'));
        self::assertSame($says === null ? [0, 1] : [1, 0], [count($found->all()), $found->kept]);
        foreach ($says === null ? [] : $found->all() as $one) {
            self::assertSame('B2:B9 D2', implode(' ', $one->where->cells));
            $is = ['kind' => $one->kind->value, 'is' => $one->is->value, 'of' => $one->of, 'blank' => $one->blank, 'shows' => $one->shows,
                'promptTitle' => $one->promptTitle, 'prompt' => $one->prompt, 'title' => $one->title, 'message' => $one->message,
                'severity' => $one->severity->value];
            self::assertEquals($says, array_intersect_key($is, $says ?? []));
        }
    }

    public function test_checks_of_the_extension_list_stand_behind_the_others_and_those_without_cells_are_kept(): void
    {
        $found = EntriesIn::of(self::element('<worksheet><dataValidations><dataValidation sqref="B2"/><dataValidation sqref="B0"/>'
            .'</dataValidations><extLst><ext><x:dataValidations><x:dataValidation type="list"><x:formula1><x:f>Lists!$A$1:$A$3</x:f>'
            .'</x:formula1><x:sqref>C2:C5</x:sqref></x:dataValidation></x:dataValidations></ext></extLst></worksheet>'));
        self::assertSame([['f0', 'B2'], ['x0', 'C2:C5']], array_map(fn ($one) => [$one->id, implode(' ', $one->where->cells)],
            $found->all()));
        self::assertSame([1, true], [$found->kept, $found->isRead]);
        self::assertSame(['Lists!$A$1:$A$3'], $found->all()[1]->of);
        self::assertFalse(EntriesIn::of(self::element('<worksheet/>'))->isRead);
    }
}
