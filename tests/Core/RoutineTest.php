<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Calculation\LibraryCalculator;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Guard\Protection;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Routine\Alternatives;
use Rilvet\Routine\Doing;
use Rilvet\Routine\Note;
use Rilvet\Routine\Place;
use Rilvet\Routine\Replay;
use Rilvet\Routine\Routine;
use Rilvet\Routine\RoutineIsWrong;
use Rilvet\Routine\Schema;
use Rilvet\Routine\Step;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Routines: what an address means, where that is on another sheet, and what their files say. */
final class RoutineTest extends TestCase
{
    private const MAY = [['Orders in May'], [], ['Order', 'Tree', 'Count', 'Worth'], ['A1', 'Oak', 3, 1.5], ['A2', 'Ash', 4, 2.5],
        ['A3', 'Elm', 5, 3.5], ['Total', null, 12, 7.5]];

    /** The same table, longer, lower, and with its columns in another order. */
    private const JUNE = [['Orders in June'], ['with thanks'], [], ['Worth', 'Order', 'Tax', 'Count'], [1.5, 'B1', 0.1, 3], [2.5,
        'B2', 0.2, 4],
        [3.5, 'B3', 0.3, 5], [4.5, 'B4', 0.4, 6], [5.5, 'B5', 0.5, 7], [17.5, 'Total', 1.5, 25]];

    /** @param  string|null  $there  where it is in June; null where it is not there */
    #[DataProvider('places')]
    public function test_an_address_is_said_by_what_stands_there_and_found_elsewhere(string $cells, string $words, bool $isSure,
        ?string $there): void
    {
        [$place, $sure] = Place::of(self::sheet(self::MAY), RangeSet::parse($cells));
        self::assertSame([$words, $isSure], [$place->words(), $sure]);
        self::assertEquals($place, Place::fromArray(json_decode((string) json_encode($place->toArray()), true)));
        if ($sure) {
            $isWhole = str_ends_with($cells, '1048576');
            $isWhole || self::assertSame($cells, (string) $place->on(self::sheet(self::MAY)), 'it means these cells and no others');
        }
        if ($there === null) {
            $this->expectException(RoutineIsWrong::class);
        }
        self::assertSame($there, (string) $place->on(self::sheet(self::JUNE)));
    }

    /** What one of two tables has and the other has not is no place, and none that is asked for. */
    public function test_cells_of_two_tables_are_said_though_these_share_nothing(): void
    {
        $both = self::sheet([['Tree', 'Share'], ['Oak', 3], ['Ash', 4], ['Elm', 5], [], [], ['Orders in May'], [], ['Order', 'Worth'],
            ['A1', 1.5], ['A2', 2.5], ['A3', 3.5]]);
        self::assertCount(2, $both->reading->tables);
        [$place, $isSure] = Place::of($both, RangeSet::parse('B1:B4,A7:B7'));
        self::assertSame(['Body', false], [$place->words(), $isSure]);
    }

    /** @return iterable<string, array{string, string, bool, string|null}> */
    public static function places(): iterable
    {
        yield 'headings' => ['A3:D3', 'Column headings', true, 'A4:D4'];
        yield 'the total' => ['A7:D7', 'Total', true, 'A10:D10'];
        yield 'a column of the body' => ['D4:D6', 'Body of Worth', true, 'A5:A9'];
        yield 'row labels, which June does not begin with' => ['A4:B6', 'Row labels', true, null];
        yield 'one column of them' => ['A4:A6', 'Body of Order', true, 'B5:B9'];
        yield 'a whole column' => ['D1:D1048576', 'Worth', true, 'A1:A10'];
        yield 'one heading' => ['C3', 'Column headings of Count', true, 'D4'];
        yield 'some of the body' => ['C5', 'Body of Count', false, 'D5:D9'];
        yield 'a column that June does not have' => ['B4:B6', 'Body of Tree', true, null];
        yield 'beside the table' => ['H20:H21', 'H20:H21', false, 'H20:H21'];
    }

    public function test_a_routine_says_and_reads_the_same(): void
    {
        $routine = Routine::fromArray(['rilvet' => 'routine 1', 'name' => ' Monthly ', 'steps' => [
            ['do' => 'bringIn', 'with' => ['key' => ['Order']]], ['do' => 'sort', 'with' => ['keys' => [['Worth', true], ['Order',
                false]]]],
            ['do' => 'dress', 'with' => ['stylebook' => 'River ledger', 'clean' => true]],
            ['do' => 'format', 'at' => ['part' => 'body', 'headings' => ['Worth']], 'sheets' => ['May'],
                'with' => ['look' => ['bold' => true]]],
            ['do' => 'fix', 'with' => ['checks' => ['cut-texts']]], ['do' => 'handOver', 'with' => ['as' => 'ods']],
        ]]);
        self::assertSame(['Bring newer data in, rows told apart by Order', 'Sort by Worth, greatest first, then Order',
            'Dress in River ledger, start clean', 'Body of Worth: Bold, May', 'Mend: texts and figures that are cut', 'Hand over as ods'],
            array_map(fn (Step $step) => $step->words(), $routine->steps));
        self::assertSame(['Monthly', true, 'ods'], [$routine->name, $routine->wantsData(), $routine->handsOver()]);
        self::assertEquals($routine, Routine::fromJson($routine->json()));
    }

    public function test_what_an_unsure_place_may_mean_is_offered(): void
    {
        $step = new Step('format', new Place(\Rilvet\Reading\Part::Body, ['Count']), ['May'], [], false, 'C5');
        $words = array_map(fn (Step $one) => [$one->at?->words(), $one->sheets === null], Alternatives::of($step));
        foreach ([['Body of Count', true], ['Body', true], ['Count', true], ['C5', false]] as $wanted) {
            self::assertContains($wanted, $words);
        }
        self::assertFalse(Alternatives::of($step)[0]->isSure, 'as it is first');
        self::assertTrue(Alternatives::of($step)[1]->isSure);
    }

    /**
     * The schema is sound by the official meta-schema (JSON Schema, draft 2020-12), and of one mind with the code that reads routines,
     * on sound and on spoilt ones.
     */
    public function test_the_schema_says_what_the_code_reads(): void
    {
        $schema = json_decode(Schema::json());
        $validator = new Validator;
        $validator->resolver()?->registerRaw(Schema::json(), Schema::ID);
        self::assertSame('https://json-schema.org/draft/2020-12/schema', $schema->{'$schema'});
        self::assertSame(array_keys(Doing::ALL), $schema->{'$defs'}->step->properties->do->enum);
        self::assertStringEqualsFile(dirname(__DIR__, 2).'/docs/routine.schema.json', Schema::json());
        mt_srand(12);
        $sound = ['rilvet' => 'routine 1', 'name' => 'N', 'steps' => [['do' => 'format', 'at' => ['part' => 'body',
            'headings' => ['A'], 'table' => 2],
            'sheets' => ['S'], 'with' => ['look' => []]], ['do' => 'dress']]];
        $both = [0, 0];
        for ($turn = 0; $turn < 600; $turn++) {
            $data = $turn === 0 ? $sound : self::spoilt($sound);
            $isBySchema = $validator->validate(json_decode((string) json_encode($data)), Schema::ID)->isValid();
            try {
                Routine::fromJson((string) json_encode($data));
                $isByCode = true;
            } catch (RoutineIsWrong) {
                $isByCode = false;
            }
            // A list where an object is wanted is one and the same to PHP where it is blank.
            self::assertSame($isBySchema, $isByCode, (string) json_encode($data));
            $both[$isByCode ? 1 : 0]++;
        }
        self::assertGreaterThan(50, min($both), 'sound and spoilt ones were among them');
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function spoilt(array $data): array
    {
        $values = ['', 'x', 7, -1, true, ['a' => 1], ['S', 'T'], 'body', 'routine 1', 'A1:B2', 'format'];
        $value = $values[mt_rand(0, count($values) - 1)];
        match (mt_rand(0, 11)) {
            0 => $data['name'] = $value,
            1 => $data['rilvet'] = $value,
            2 => $data['steps'][0]['do'] = $value,
            3 => $data['steps'][0]['at'] = ['part' => $value],
            4 => $data['steps'][0]['at']['headings'] = $value,
            5 => $data['steps'][0]['at']['table'] = $value,
            6 => $data['steps'][0]['sheets'] = $value,
            7 => $data['steps'][1]['at'] = ['kind' => $value],
            8 => $data['strange'] = $value,
            9 => $data['steps'][1]['more'] = $value,
            10 => $data['about'] = 'about it',
            default => $data['steps'][0]['at']['cells'] = $value,
        };

        return $data;
    }

    /** @param  array<string, mixed>  $data */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_named_with_its_step(string $message, array $data): void
    {
        $this->expectException(RoutineIsWrong::class);
        $this->expectExceptionMessage($message);
        Routine::fromArray($data + ['rilvet' => 'routine 1', 'name' => 'N', 'steps' => [['do' => 'dress']]]);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function wrong(): iterable
    {
        yield 'no steps' => ['at least one step', ['steps' => []]];
        yield 'something unknown to do' => ['Step 2: there is nothing called "explode"', ['steps' => [['do' => 'dress'],
            ['do' => 'explode']]]];
        yield 'a place that is none' => ['Step 1: This is no routine: part of a place', ['steps' => [['do' => 'format',
            'at' => ['part' => 'roof']]]]];
        yield 'a name too long' => ['a name of at most 80', ['name' => str_repeat('n', 81)]];
        yield 'a stylebook that is none' => ['the stylebook "S" it brings along', ['stylebooks' => ['S' => ['name' => 7]]]];
        yield 'another version' => ['has to be "routine 1"', ['rilvet' => 'routine 9']];
    }

    /** @param  list<list<mixed>>  $rows */
    private static function sheet(array $rows): Worksheet
    {
        $cells = MemorySheet::of('S', $rows);

        return new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)));
    }

    /** What is found in a workbook is looked for once, and mended on each sheet; a sheet that refuses is named. */
    public function test_findings_of_all_sheets_are_mended_by_one_step(): void
    {
        $sheets = [];
        foreach ([1 => 'May', 2 => 'June', 3 => 'July'] as $number => $name) {
            $cells = MemorySheet::of($name, [['Order', 'Customer'], ['A1', 'Wick Farm '], ['A2', 'Wick Farm'],
                ['A3', 'Mossdale']]);
            $sheets[$number] = new Worksheet($cells, $name, Finder::read(SheetFacts::of($cells)));
        }
        $sheets[2] = $sheets[2]->protecting(true, new Protection);
        $routine = new Routine('Mend', [new Step('fix', null, null, ['checks' => ['stray-spaces']])]);
        $replay = new Replay($routine, [1, 2, 3], fn () => [], new Pipeline(new Recalculate(new LibraryCalculator)));
        $after = $replay->on(new Workbook('Book', $sheets, new LookBook));
        $says = fn (int $number) => array_map(fn (array $row) => $row[1]->text(),
            array_slice([...$after->sheet($number)->cells->read(1, 4)], 1));
        self::assertSame([['Wick Farm', 'Wick Farm', 'Mossdale'], ['Wick Farm ', 'Wick Farm', 'Mossdale'],
            ['Wick Farm', 'Wick Farm', 'Mossdale']], [$says(1), $says(2), $says(3)]);
        self::assertSame(['June'], array_map(fn (Note $note) => $note->sheet, $replay->notes));
    }

    public function test_a_column_is_called_otherwise_wherever_its_heading_stands(): void
    {
        $named = fn (string $name, array $rows) => self::sheet($rows)->arranged($name, 'visible', null);
        $book = new Workbook('Book', [1 => $named('May', self::MAY), 2 => $named('June', self::JUNE),
            3 => $named('Trees', [['Tree'], ['Oak']])],
            new LookBook);
        $run = function (Step ...$steps) use ($book): array {
            $replay = new Replay(new Routine('Names', array_values($steps)), [1, 2, 3], fn () => [],
                new Pipeline(new Recalculate(new LibraryCalculator)));
            $after = $replay->on($book);
            $heads = fn (int $number, int $row) => array_map(fn ($cell) => $cell->text(), [...$after->sheet($number)->cells->read($row,
                $row)][0]);

            return [$heads(1, 3), $heads(2, 4), $replay];
        };
        [$may, $june, $replay] = $run(new Step('rename', null, null, ['heading' => 'Count', 'to' => 'How many']));
        self::assertSame([['Order', 'Tree', 'How many', 'Worth'], ['Worth', 'Order', 'Tax', 'How many']], [$may, $june]);
        self::assertSame([['Trees'], 1], [array_map(fn (Note $note) => $note->sheet, $replay->notes), count($replay->done)]);
        self::assertSame('Routine Names, 1 step not done', $replay->words($book));
        // A heading is a text, and no formula.
        [$may] = $run(new Step('rename', null, null, ['heading' => 'Count', 'to' => '=1+1']));
        self::assertSame('=1+1', $may[2]);
        [, , $replay] = $run(new Step('rename', null, null, ['heading' => 'Weight', 'to' => 'x']), new Step('handOver', null, null,
            ['as' => 'xlsx']));
        self::assertCount(3, $replay->notes);
        self::assertSame([[], true], [$replay->done, $replay->reach()->isOfData]);
        [, , $replay] = $run(new Step('rename', null, ['Nowhere'], ['heading' => 'Count', 'to' => 'x']));
        self::assertSame([1, null], [$replay->notes[0]->step, $replay->notes[0]->sheet]);
        [, , $replay] = $run(new Step('bringIn'));
        self::assertCount(1, $replay->notes, 'newer data goes to one table, and there is none');
        self::assertFalse((new Replay(new Routine('Looks', [new Step('dress')]), [1], fn () => [],
            new Pipeline(new Recalculate(new LibraryCalculator))))->reach()->isOfData);
    }
}
