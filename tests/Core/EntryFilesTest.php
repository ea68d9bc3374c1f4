<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Ods\OdsWriter;
use App\Files\Writing\FormatLosses;
use App\Files\Xlsx\PackageWriter;
use App\Files\Xlsx\XlsxWriter;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\AddSheet;
use Rilvet\Act\GuardFormulas;
use Rilvet\Act\LiftProtection;
use Rilvet\Act\MoveCells;
use Rilvet\Act\ProtectOrder;
use Rilvet\Act\ProtectSheet;
use Rilvet\Act\SetEntry;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Entry\EntryJudges;
use Rilvet\Entry\EntrySentence;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Exception\GuardIsWrong;
use Rilvet\Guard\Password;
use Rilvet\Guard\Protection;
use Rilvet\Guard\Role;
use Rilvet\Work\Workbook;
use Tests\Spent;

/**
 * Checks on entry and protection in files: what came is read, what is written is read by others, and what did not change stays
 * as it is, byte by byte.
 */
final class EntryFilesTest extends TestCase
{
    use FolderOfFiles;

    private static function written(): void
    {
        self::ran('/usr/bin/python3', 'write-entries.py', self::$folder.'/form.xlsx');
    }

    /** @return array<string, mixed> */
    private static function python(string $name): array
    {
        return json_decode(self::ran('/usr/bin/python3', 'read-entries.py', self::$folder."/$name"), true);
    }

    /** @return array<string, mixed> */
    private static function npm(string $name): array
    {
        return json_decode(self::ran('node', 'read-entries.mjs', self::$folder."/$name"), true);
    }

    /** @return list<string> */
    private static function sentences(Workbook $workbook): array
    {
        $sheet = $workbook->sheet(1);

        return array_map(fn (EntryCheck $one) => implode(' ', $one->where->ranges($sheet->reading)).': '.EntrySentence::says($one)
            ." ({$one->severity->value}".($one->blank ? '' : ', not blank')
            .($one->shows ? '' : ', not offered').')', $sheet->entries());
    }

    private const SAYS = [
        'B2:B13: takes one of Lists!$A$2:$A$5 (stop, not blank)',
        'C2:C13: takes a whole number that is between 1 and 9 (warning)',
        'D2:D13: takes a number that is at least =$C2 (stop)',
        'E2:E13: takes a date that is below 2027-01-01 (note)',
        'F2:F13: takes a time that is not between 0 and 0.25 (stop)',
        'G2:G13: takes a text whose length is 4 (stop)',
        'H2:H13: takes what makes true =ISTEXT(H2) (stop)',
        'A2:A13: takes anything, and says what is wanted (stop)',
        'J2:J9: takes one of yes, no, say "so" (stop, not offered)',
    ];

    public function test_checks_and_protection_that_came_are_read(): void
    {
        $workbook = self::open('form.xlsx');
        $says = self::sentences($workbook);
        sort($says);
        $wanted = self::SAYS;
        sort($wanted);
        self::assertSame($wanted, $says);
        $status = $workbook->sheet(1)->entries()[0];
        self::assertSame(['Status', "How it stands\nnow", 'No status', 'Choose one of the list'],
            [$status->promptTitle, $status->prompt, $status->title, $status->message]);
        $sheet = $workbook->sheet(1);
        self::assertTrue($sheet->setup->tab->protected);
        $protection = $sheet->aspect(Protection::class);
        self::assertSame([Allowance::SelectUnlocked, Allowance::SizeColumns, Allowance::Sort], $protection->allowed);
        // The library keeps the check sum of older files.
        self::assertSame(Password::LEGACY, $protection->password?->algorithm);
        self::assertTrue($protection->password->isVerifiedBy('Osier 7', 'it'));
        self::assertFalse($workbook->guard?->isOn);
        self::assertFalse($workbook->sheet(2)->setup->tab->protected);
    }

    public function test_what_nobody_touched_stays_byte_by_byte(): void
    {
        (new PackageWriter(self::$folder.'/form.xlsx'))->write(self::open('form.xlsx'), self::$folder.'/same.xlsx');
        self::assertSame(self::part('form.xlsx', 'xl/worksheets/sheet1.xml'), self::part('same.xlsx', 'xl/worksheets/sheet1.xml'));
        self::assertSame(self::part('form.xlsx', 'xl/workbook.xml'), self::part('same.xlsx', 'xl/workbook.xml'));
    }

    private static function changed(): Workbook
    {
        $workbook = (new LiftProtection(1, 'Osier 7'))->on(self::open('form.xlsx'));
        $set = EntryCheck::of(['id' => 'new', 'kind' => 'list', 'of' => ['"north,south & ""west"""'], 'where' => ['cells' => 'K2:K13'],
            'promptTitle' => 'Bed <1>', 'prompt' => "Which\nbed", 'severity' => 'warning']);
        $workbook = (new SetEntry(1, $set))->on($workbook);
        $checks = $workbook->sheet(1)->aspect(EntryChecks::class);
        $workbook = $workbook->withSheet(1, $workbook->sheet(1)->withAspects($checks->without('f1')));
        $workbook = (new GuardFormulas([1]))->on($workbook);
        $workbook = (new ProtectSheet([1], [Allowance::SelectUnlocked, Allowance::Filter], Password::made('Rowan')))->on($workbook);

        return (new ProtectOrder(true, Password::made('Elm')))->on($workbook);
    }

    public function test_what_was_changed_goes_into_the_package_and_all_else_stays(): void
    {
        $workbook = self::changed();
        (new PackageWriter(self::$folder.'/form.xlsx'))->write($workbook, self::$folder.'/changed.xlsx');
        $python = self::python('changed.xlsx');
        $sheet = $python['sheets'][0];
        self::assertCount(9, $sheet['checks']);
        self::assertNotContains('C2:C13', array_column($sheet['checks'], 'sqref'), 'taken out');
        $new = $sheet['checks'][8];
        self::assertSame(['list', 'K2:K13', 'warning', 'Bed <1>', "Which\nbed", ['"north,south & ""west"""']],
            [$new['type'], $new['sqref'], $new['errorStyle'], $new['promptTitle'], $new['prompt'], $new['formulas']]);
        // In the order that the schema wants (18.3.1.99).
        $order = ['sheetProtection', 'dataValidations', 'pageMargins'];
        self::assertSame($order, array_values(array_intersect($sheet['tags'], $order)));
        $protection = $sheet['protection'][0];
        self::assertSame(['SHA-512', '100000', '1', '0', '1'],
            [$protection['algorithmName'], $protection['spinCount'], $protection['sheet'], $protection['autoFilter'],
                $protection['selectLockedCells']]);
        self::assertArrayNotHasKey('sort', $protection, 'what is forbidden unsaid is not said');
        self::assertArrayNotHasKey('password', $protection);
        self::assertSame('1', $python['order'][0]['lockStructure']);
        // Formulas are locked, what is to be chosen or filled in is open; what came open stays so.
        self::assertContains('B2', $sheet['open']);
        self::assertContains('K13', $sheet['open'], 'a choice without a value is open too');
        self::assertSame([], array_values(array_filter($sheet['open'], fn (string $cell) => $cell[0] === 'I')));
        $npm = self::npm('changed.xlsx')['Order form'];
        self::assertSame('list', $npm['checks']['K2']['type']);
        self::assertSame('SHA-512', $npm['protection']['algorithmName']);
        // The spreadsheet library verifies the password that was set.
        $theirs = IOFactory::load(self::$folder.'/changed.xlsx')->getSheet(0);
        self::assertTrue($theirs->getProtection()->verify('Rowan'));
        self::assertFalse($theirs->getProtection()->verify('Osier 7'));
        self::assertSame('"north,south & ""west"""', $theirs->getDataValidation('K5')->getFormula1());
        // It comes back as it was said.
        $again = self::open('changed.xlsx');
        $check = fn (string $says) => $says !== self::SAYS[1];
        $wanted = [...array_filter(self::SAYS, $check), 'K2:K13: takes one of north, south & "west" (warning)'];
        $says = self::sentences($again);
        sort($wanted);
        sort($says);
        self::assertSame($wanted, $says);
        self::assertTrue($again->guard?->isOn);
        self::assertTrue($again->guard->password?->isVerifiedBy('Elm', 'it'));
    }

    public function test_a_new_xlsx_says_the_same(): void
    {
        (new XlsxWriter)->write(self::changed(), self::$folder.'/new.xlsx');
        $sheet = self::python('new.xlsx')['sheets'][0];
        self::assertCount(9, $sheet['checks']);
        self::assertSame('SHA-512', $sheet['protection'][0]['algorithmName']);
        self::assertSame(['sheetProtection', 'dataValidations'], array_values(array_intersect($sheet['tags'],
            ['sheetProtection', 'dataValidations'])));
        self::assertTrue(IOFactory::load(self::$folder.'/new.xlsx')->getSheet(0)->getProtection()->verify('Rowan'));
        self::assertTrue(self::open('new.xlsx')->guard?->isOn);
    }

    public function test_an_ods_says_the_same_in_its_own_words(): void
    {
        $workbook = self::changed();
        (new OdsWriter)->write($workbook, self::$folder.'/form.ods');
        $python = self::python('form.ods');
        self::assertSame('true', $python['book'][0]['structure-protected']);
        self::assertSame('true', $python['tables']['Order form']['protected']);
        self::assertArrayNotHasKey('protection-key', $python['tables']['Order form'], 'a salted hash has no form there');
        self::assertContains('Protected sheets are protected without their passwords, which the format keeps in another form; and what '
            .'they allow is not said.', FormatLosses::of($workbook, 1, 'ods', true, false));
        $conditions = array_column($python['checks'], 'condition');
        foreach (['of:cell-content-is-in-list([$Lists.$A$2:.$A$5])', 'of:cell-content-is-decimal-number() and cell-content()>=[.$C2]',
            'of:cell-content-is-date() and cell-content()<46388', 'of:cell-content-text-length()=4', 'of:is-true-formula(ISTEXT([.H2]))',
            'of:cell-content-is-time() and cell-content-is-not-between(0,0.25)',
            'of:cell-content-is-in-list("yes";"no";"say ""so""")'] as $wanted) {
            self::assertContains($wanted, $conditions);
        }
        self::assertCount(9, $python['tables']['Order form']['checked']);
        $again = self::open('form.ods');
        $says = self::sentences($again);
        $wanted = array_map(fn (string $one) => str_replace('0 and 0.25', '0 and 0.25', $one), [...array_filter(self::SAYS,
            fn (string $one) => $one !== self::SAYS[1]), 'K2:K13: takes one of north, south & "west" (warning)']);
        sort($says);
        sort($wanted);
        self::assertSame($wanted, $says);
        self::assertTrue($again->sheet(1)->setup->tab->protected);
        self::assertTrue($again->guard?->isOn);
        // A key of its own is kept, verified and written again.
        $key = base64_encode(hash('sha256', 'Rowan', true));
        $own = $again->withSheet(1, $again->sheet(1)->protecting(true, new Protection(password: new Password('ods SHA-256', $key))));
        (new OdsWriter)->write($own, self::$folder.'/own.ods');
        self::assertSame($key, self::python('own.ods')['tables']['Order form']['protection-key']);
        $lifted = (new LiftProtection(1, 'Rowan'))->on(self::open('own.ods'));
        self::assertFalse($lifted->sheet(1)->setup->tab->protected);
    }

    public function test_rows_that_come_take_checks_along_in_the_package(): void
    {
        $workbook = (new LiftProtection(1, 'Osier 7'))->on(self::open('form.xlsx'));
        $moved = (new MoveCells(1, new Shift(true, 3, 2, true)))->on($workbook);
        $moved = (new MoveCells(2, new Shift(true, 1, 1, true)))->on($moved);
        (new PackageWriter(self::$folder.'/form.xlsx'))->write($moved, self::$folder.'/moved.xlsx');
        $checks = array_column(self::python('moved.xlsx')['sheets'][0]['checks'], null, 'sqref');
        self::assertSame(['Lists!$A$3:$A$6'], $checks['B2:B15']['formulas']);
        self::assertArrayHasKey('C2:C15', $checks);
        self::assertEqualsCanonicalizing(self::sentences($moved), self::sentences(self::open('moved.xlsx')));
    }

    /** Sheets that are made here come into a package from elsewhere, at their place, and others read them. */
    public function test_a_sheet_of_looks_and_one_of_contents_come_into_the_package(): void
    {
        $workbook = (new AddSheet(Role::Contents, 1))->on((new AddSheet(Role::Looks, 1))->on(self::open('form.xlsx')));
        $names = array_values(array_map(fn ($sheet) => $sheet->name, $workbook->sheets));
        self::assertSame(['Contents', 'Order form', 'Lists', 'Looks'], $names);
        (new PackageWriter(self::$folder.'/form.xlsx'))->write($workbook, self::$folder.'/made.xlsx');
        self::assertSame(['Contents', 'Order form', 'Lists', 'Looks'], array_keys(self::npm('made.xlsx')));
        $theirs = IOFactory::load(self::$folder.'/made.xlsx');
        self::assertSame('Formula cells', (string) $theirs->getSheetByName('Looks')?->getCell('A6')->getValue());
        self::assertSame('FFEFEDE8', $theirs->getSheetByName('Looks')->getStyle('B6')->getFill()->getStartColor()->getARGB());
        self::assertSame('=HYPERLINK("#\'Order form\'!A1","Order form")', $theirs->getSheet(0)->getCell('A4')->getValue());
        self::assertSame('Order form', self::open('made.xlsx')->sheet(2)->name, 'what counts sheets by their place counts them there');
        self::assertTrue((new PackageWriter(self::$folder.'/form.xlsx'))->prove($workbook, self::$folder.'/made.xlsx')->holds());
        // Asked for again, they are brought up to date and no second ones come.
        $again = (new AddSheet(Role::Looks, 1))->on($workbook);
        self::assertSame(array_keys($workbook->sheets), array_keys($again->sheets));
    }

    public function test_a_hostile_file_is_opened_and_its_password_not_worked_out(): void
    {
        $hash = '<sheetProtection sheet="1" algorithmName="SHA-512" hashValue="aGFzaA==" saltValue="c2FsdA==" spinCount="10000000"/>';
        $workbook = self::spoiled('form.xlsx', 'spins.xlsx',
            fn (string $xml) => (string) preg_replace('~<sheetProtection[^>]*/>~', $hash, $xml));
        $start = Spent::now();
        try {
            (new LiftProtection(1, 'Osier 7'))->on($workbook);
            self::fail('refused');
        } catch (GuardIsWrong $refusal) {
            self::assertStringContainsString('10,000,000 times over', $refusal->getMessage());
        }
        self::assertLessThan(2, Spent::now() - $start);
        (new PackageWriter(self::$folder.'/spins.xlsx'))->write($workbook, self::$folder.'/back.xlsx');
        self::assertStringContainsString($hash, self::part('back.xlsx', 'xl/worksheets/sheet1.xml'), 'it goes back as it came');
        $odd = self::spoiled('form.xlsx', 'odd.xlsx', fn (string $xml) => (string) preg_replace('~<sheetProtection[^>]*/>~',
            '<sheetProtection sheet="1" password="ZZZZ" spinCount="-3" sort="perhaps"/>', $xml));
        self::assertNull($odd->sheet(1)->aspect(Protection::class)->password);
    }

    /** More checks than a sheet may have, broken ones and overlapping ones are kept as they are, and hurt nothing. */
    public function test_checks_that_are_too_many_or_broken_stay_in_the_file(): void
    {
        $one = fn (int $row) => "<dataValidation type=\"list\" sqref=\"B$row\"><formula1>\"a,b\"</formula1></dataValidation>";
        $put = fn (string $checks) => fn (string $xml) => (string) preg_replace('~<dataValidations.*</dataValidations>~s',
            "<dataValidations>$checks</dataValidations>", $xml);
        $many = self::spoiled('form.xlsx', 'many.xlsx', $put(implode('', array_map($one, range(1, EntryChecks::MOST + 1)))));
        self::assertSame([[], EntryChecks::MOST + 1], [$many->sheet(1)->entries(), $many->sheet(1)->aspect(EntryChecks::class)->kept]);
        (new PackageWriter(self::$folder.'/many.xlsx'))->write($many, self::$folder.'/back.xlsx');
        self::assertSame(self::part('many.xlsx', 'xl/worksheets/sheet1.xml'), self::part('back.xlsx', 'xl/worksheets/sheet1.xml'));
        $full = self::spoiled('form.xlsx', 'full.xlsx', $put(implode('', array_map($one, range(1, EntryChecks::MOST)))));
        self::assertCount(EntryChecks::MOST, $full->sheet(1)->entries());
        $long = str_repeat('x', 300);
        $broken = self::spoiled('form.xlsx', 'broken.xlsx', $put(
            '<dataValidation type="whole" operator="near" sqref="B2"><formula1>1</formula1>'
            .'</dataValidation><dataValidation type="colour" sqref="B3"/><dataValidation type="list" sqref="B4:"/>'
            ."<dataValidation type=\"any\" prompt=\"$long\" showInputMessage=\"1\" sqref=\"B5\"/><dataValidation sqref=\"\"/>"
            .'<dataValidation type="list" sqref="B6"><formula1>Gone!$A$1:$A$4</formula1></dataValidation>'
            .'<dataValidation type="list" sqref="B6:B8"><formula1>#REF!</formula1></dataValidation>'));
        self::assertSame(5, $broken->sheet(1)->aspect(EntryChecks::class)->kept);
        self::assertCount(2, $broken->sheet(1)->entries());
        self::assertTrue($broken->sheet(1)->entries()[1]->isLost());
        // A list whose cells are gone offers nothing, and takes what is typed.
        $judges = new EntryJudges($broken->sheet(1)->entries(), $broken->sheet(1)->reading, $broken->sheet(1)->cells, $broken->around(1));
        self::assertSame([], $judges->at(6, 2)?->choices(6, 2));
        self::assertTrue($judges->allows(6, 2, Cell::of('anything')));
        self::assertNotNull($judges->at(6, 2)->why);
        $moved = (new MoveCells(1, new Shift(true, 3, 2, true)))->on($broken->withSheet(1, $broken->sheet(1)->protecting(false,
            new Protection)));
        (new PackageWriter(self::$folder.'/broken.xlsx'))->write($moved, self::$folder.'/back.xlsx');
        self::assertCount(2, self::open('back.xlsx')->sheet(1)->entries());
    }
}
