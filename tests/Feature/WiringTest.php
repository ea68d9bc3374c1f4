<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Routine;
use App\Models\Workbook;
use App\Wire\Wiring;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Every act that the browser can ask for, through HTTP: what is tried is what is done, and what is wrong is named. */
final class WiringTest extends TestCase
{
    private const TABLE = "Tree,Found on,Count,Worth\nRowan,2026-03-01,3,4.25\nAspen,2026-03-02,4,2.5\nHazel,2026-03-05,5,1\nAll,,"
        ."12,7.75\n";

    /** What is in sight in these tests. */
    private const SIGHT = [
        'windows' => [['top' => 1, 'left' => 1, 'bottom' => 24, 'right' => 8], ['top' => 25, 'left' => 1, 'bottom' => 40, 'right' => 8]],
        'ranges' => 'B2:C4', 'row' => 2, 'column' => 2, 'number' => true, 'figures' => true,
    ];

    /** @return array<string, array{string, array<string, mixed>}> by a word for each, one or more of every act */
    public static function acts(): array
    {
        $chosen = ['ranges' => 'B2:C4'];
        $columns = ['axis' => 'columns', 'spans' => [[1, 2]]];

        return [
            'dress' => ['dress', ['stylebook' => 'River ledger', 'clean' => false]],
            'correct' => [
                'correct',
                ['correction' => ['type' => 'rows', 'row' => 1, 'column' => 1, 'first' => 4, 'last' => 4, 'part' => 'subtotal']],
            ],
            'forget' => ['forget', []],
            'type' => ['type', ['column' => 3, 'kind' => 'text']],
            'rename' => ['rename', ['name' => 'Trees of the park']],
            'format' => ['format', $chosen + ['look' => ['bold' => true, 'fill' => '#FFE08A', 'number' => '0.0']]],
            'format a part' => ['format', ['scope' => 'here', 'part' => 'body', 'kind' => 'decimal', 'look' => ['italic' => true]]],
            'formatHeaded' => ['formatHeaded', ['heading' => 'Worth', 'look' => ['number' => '#,##0.000']]],
            'wipe' => ['wipe', $chosen + ['facet' => 'type']],
            'borders' => ['borders', $chosen + ['sides' => ['top' => 'thin #2A2230', 'horizontal' => 'dotted #2A2230']]],
            'family' => ['family', ['hex' => '#1F5F8B']],
            'merge' => ['merge', ['ranges' => 'A7:C7']],
            'merge with texts' => ['merge', ['ranges' => 'A2:D2', 'mode' => 'join']],
            'split' => ['split', ['ranges' => 'A1:D9']],
            'lay' => ['lay', ['ranges' => 'A1', 'block' => [[['bold' => true], ['fill' => '#EEFFEE']]], 'widths' => [90, 120]]],
            'layNamed' => ['layNamed', $chosen + ['name' => 'Kept']],
            'lay with conditional looks' => ['lay', ['ranges' => 'C2:C4', 'block' => [[['bold' => true]]], 'from' => 'D2', 'conditions' => [
                '{"id":"n1","test":{"is":"above","of":["C2"]},"where":{"cells":"A1"},"look":{"italic":true}}']]],
            'setCondition' => ['setCondition', ['id' => null, 'where' => ['column' => 'D1'], 'kind' => 'decimal',
                'test' => ['is' => 'below', 'values' => ['3']], 'look' => ['bold' => true, 'ink' => '#9B2335'], 'stops' => true]],
            'setCondition, a scale' => ['setCondition', ['id' => null, 'where' => ['cells' => 'C2:C4'], 'test' => ['is' => 'always'],
                'scaled' => [['colour' => '#FFFFFF', 'point' => ['at' => 'least']], ['colour' => '#8E5A8A',
                    'point' => ['at' => 'greatest']]]]],
            'setCondition, a bar' => ['setCondition', ['id' => null, 'where' => ['part' => 'body', 'kind' => 'integer'],
                'test' => ['is' => 'always'], 'bar' => ['colour' => '#D8CFE0']]],
            'setCondition, marks' => ['setCondition', ['id' => null, 'where' => ['cells' => 'C2:D4'], 'test' => ['is' => 'always'],
                'marks' => ['set' => '3Arrows']]],
            'arrangeConditions' => ['arrangeConditions', ['ids' => ['n1'], 'what' => 'move', 'to' => 0]],
            'arrangeConditions, off' => ['arrangeConditions', ['ids' => ['n1', 'n2'], 'what' => 'off']],
            'arrangeConditions, out' => ['arrangeConditions', ['ids' => ['n2'], 'what' => 'drop']],
            'gatherConditions' => ['gatherConditions', ['sheets' => [1], 'idle' => true]],
            'mark' => ['mark', ['part' => 'formula_cell', 'on' => true, 'sheets' => [1]]],
            'sayEntries' => ['sayEntries', $chosen + ['as' => 'entry']],
            'sayEntries, none' => ['sayEntries', $chosen + ['as' => 'none']],
            'guardFormulas' => ['guardFormulas', ['sheets' => [1]]],
            'protect' => ['protect', ['allowed' => ['goToLocked', 'sort'], 'password' => 'Osier 7', 'sheets' => [1]]],
            'unprotect' => ['unprotect', ['password' => 'Osier 7']],
            'protectOrder' => ['protectOrder', ['on' => true, 'password' => 'Osier 7']],
            'setEntry' => ['setEntry', ['id' => null, 'where' => ['cells' => 'A2:A4'], 'kind' => 'list', 'choices' => ['Oak', 'Yew'],
                'promptTitle' => 'Tree', 'prompt' => 'As the label says', 'title' => 'No tree', 'message' => 'Choose one',
                'severity' => 'warning', 'blank' => false]],
            'setEntry, a number' => ['setEntry', ['id' => null, 'where' => ['column' => 'C2'], 'kind' => 'whole', 'is' => 'between',
                'values' => ['1', '9']]],
            'setEntry, from cells' => ['setEntry', ['id' => null, 'where' => ['cells' => 'D2:D4'], 'kind' => 'list', 'from' => 'A2:A4',
                'shows' => false]],
            'dropEntries' => ['dropEntries', ['ids' => ['n1']]],
            'role' => ['role', ['role' => 'entry', 'purpose' => 'To be filled in', 'sheets' => [1]]],
            'followRoles' => ['followRoles', ['sheets' => [1], 'order' => true]],
            'addSheet' => ['addSheet', ['of' => 'looks']],
            'addSheet, contents' => ['addSheet', ['of' => 'contents']],
            'mend' => ['mend', ['keys' => ['found']]],
            'leave' => ['leave', ['keys' => ['found'], 'reason' => 'as it is meant']],
            'pages' => ['pages', ['says' => ['paper' => 'A5', 'top' => 20, 'footer' => ['right' => '{page}']]]],
            'breakPage' => ['breakPage', ['axis' => 'rows', 'from' => null, 'to' => 3]],
            'freeBreaks' => ['freeBreaks', ['sheets' => 'all']],
            'bringAnew' => ['bringAnew', ['row' => 1, 'column' => 1, 'from' => 'newer', 'fromSheet' => 1, 'key' => ['Tree'],
                'pairs' => [[4, 4]], 'without' => [], 'keepGone' => false, 'keepChanged' => false, 'below' => false]],
            'summarise' => ['summarise', ['anew' => false, 'of' => ['sheet' => 1, 'rows' => [['heading' => 'Tree']], 'values' => [
                ['heading' => 'Count'], ['heading' => null, 'figure' => 'count', 'share' => 'whole']]]]],
            'replay' => ['replay', ['routine' => 'kept', 'from' => 'newer']],
            'rewriteHeads' => ['rewriteHeads', ['part' => 'heading', 'to' => 'capitals', 'sheets' => [1]]],
            'name' => ['name', ['name' => 'Counts', 'ranges' => 'C2:C4']],
            'edit' => ['edit', ['cells' => [[2, 1, 'Black poplar by the old ferry'], [3, 3, '=C2*2']]]],
            'clear' => ['clear', ['ranges' => 'C3']],
            'convert' => ['convert', ['ranges' => 'A6:A6', 'to' => 'numbers']],
            'paste' => ['paste', ['row' => 7, 'column' => 1, 'text' => "Oak\t2026-04-01\t7\t1.5"]],
            'paste of cells' => [
                'paste',
                ['row' => 3, 'column' => 1, 'cells' => [['Yew', 46_000]], 'looks' => [[['bold' => true], ['number' => 'yyyy-mm-dd']]]],
            ],
            'sort' => ['sort', ['row' => 2, 'column' => 1, 'keys' => [[4, false], [1, true]]]],
            'move' => ['move', ['axis' => 'rows', 'at' => 3, 'count' => 2, 'in' => true]],
            'move out' => ['move', ['axis' => 'columns', 'at' => 2, 'count' => 1, 'in' => false]],
            'spacer' => ['spacer', ['axis' => 'columns', 'at' => 2, 'in' => true]],
            'fitCut' => ['fitCut', []],
            'equal' => ['equal', $columns],
            'share' => ['share', ['axis' => 'columns', 'row' => 2, 'column' => 1, 'size' => '300 px']],
            'resize' => ['resize', $columns + ['size' => '140 px']],
            'stripe' => ['stripe', ['ranges' => 'B2:D5', 'stripes' => ['every' => 2, 'fills' => ['none', '#EEF4EE']], 'key' => 2]],
            'stripe by a key' => ['stripe', ['ranges' => 'A2:D5', 'stripes' => ['by' => 'key', 'fill' => '#EEF4EE'], 'key' => 1]],
            'resize to fit' => ['resize', ['axis' => 'rows', 'spans' => [[1, 4]]]],
            'hide' => ['hide', ['axis' => 'rows', 'spans' => [[3, 3]]]],
            'opening' => ['opening', ['freezeRow' => 1, 'freezeColumn' => 1, 'gridlines' => false, 'zoom' => 130]],
            'headings' => ['headings', ['how' => 'wrap']],
            'sameWidth' => ['sameWidth', ['axis' => 'columns', 'heading' => 'Worth', 'size' => '77 px']],
            'sheet' => ['sheet', ['name' => 'Park', 'colour' => '#5C2B57']],
            'order' => ['order', ['to' => 1]],
        ];
    }

    /** @return array<string, array{string, array<string, mixed>}> one of every change of a stylebook */
    public static function revisions(): array
    {
        return [
            'format' => ['format', ['part' => 'heading', 'kind' => null, 'look' => ['fill' => '#224466']]],
            'family' => ['family', ['hex' => '#1F5F8B']],
            'keepLook' => ['keepLook', ['ranges' => 'B2', 'name' => 'Late']],
            'renameLook' => ['renameLook', ['name' => 'Kept', 'to' => 'Put by']],
            'dropLook' => ['dropLook', ['name' => 'Kept', 'keep' => true]],
            'colour' => ['colour', ['name' => 'Moss', 'hex' => '#44AA44']],
            'dropColour' => ['dropColour', ['name' => 'River']],
            'rule' => ['rule', ['kind' => 'decimal', 'rule' => ['least' => 3]]],
            'keepNumber' => ['keepNumber', ['name' => 'Tonnes', 'code' => '0.0 "t"']],
            'dropNumber' => ['dropNumber', ['name' => 'Tonnes']],
            'frame' => ['frame', ['edge' => 'medium #3F2F55']],
            'renameNumber' => ['renameNumber', ['name' => 'Tonnes', 'to' => 'Loads']],
            'fit' => ['fit', ['fit' => ['least' => 60], 'opens' => ['zoom' => 115]]],
            'say' => ['say', ['part' => 'total', 'kind' => null, 'look' => ['fill' => '#3F2F55', 'top' => 'thick #3B2A4A']]],
            'say of a kind' => ['say', ['part' => 'body', 'kind' => 'date', 'look' => ['ink' => '#224466', 'number' => 'yyyy-mm-dd']]],
            'ground' => ['ground', ['look' => ['font' => 'Liberation Sans', 'size' => 12]]],
            'stripes' => ['stripes', ['stripes' => ['by' => 'key', 'key' => 'Tree', 'fills' => ['none', '@mist', '#DDEEFF']]]],
            'unsay' => ['unsay', ['part' => 'heading', 'kind' => null, 'attributes' => ['fill', 'ink']]],
            'unsay of a kind' => ['unsay', ['part' => 'body', 'kind' => 'date', 'attributes' => ['number']]],
            'scale' => ['scale', ['size' => 12.5]],
            'renameColour' => ['renameColour', ['name' => 'band', 'to' => 'Deep water']],
            'replaceColour' => ['replaceColour', ['name' => 'band', 'by' => 'deep']],
            'orderColours' => ['orderColours', ['names' => ['River', 'mist', 'band', 'deep', 'ink', 'shore', 'stone', 'brass']]],
            'palette' => ['palette', ['hex' => '#1F5F8B']],
            'mendInk' => ['mendInk', ['ink' => '#6B6273', 'fill' => '#FFFFFF']],
            'call' => ['call', ['name' => 'House ledger', 'about' => 'For all lists of the house.']],
            'keepCondition' => ['keepCondition', ['id' => null, 'where' => ['part' => 'body', 'kind' => 'decimal'], 'kind' => 'decimal',
                'test' => ['is' => 'below', 'values' => ['3']], 'look' => ['bold' => true, 'fill' => '#445566']]],
            'arrangeCondition' => ['arrangeCondition', ['id' => 'c1', 'what' => 'off']],
            'mark' => ['mark', ['part' => 'entry_cell', 'on' => true]],
            'headsSay' => ['headsSay', ['part' => 'formula_cell', 'says' => 'worked out']],
            'casesOf' => ['casesOf', ['part' => 'heading', 'to' => 'capitals']],
            'pages' => ['pages', ['says' => ['paper' => 'A3', 'colour' => '#FFF6DF', 'each' => true]]],
            'roleRule' => ['roleRule', ['role' => 'entry', 'rule' => ['colour' => '#224466', 'protected' => false]]],
            'keepEntry' => ['keepEntry', ['id' => null, 'where' => ['part' => 'body', 'heading' => 'Tree'], 'kind' => 'list',
                'choices' => ['Oak', 'Yew'], 'prompt' => 'As the label says']],
            'dropEntry' => ['dropEntry', ['id' => 'e1']],
            'widthUnder' => ['widthUnder', ['axis' => 'columns', 'heading' => 'Worth', 'size' => '90 px']],
        ];
    }

    public function test_every_act_and_every_revision_is_tried_here(): void
    {
        $names = fn (array $classes) => array_map(fn (string $class) => $class::NAME, $classes);
        $tried = fn (array $cases) => array_values(array_unique(array_column($cases, 0)));
        $this->assertEqualsCanonicalizing($names(Wiring::ACTS), $tried(self::acts()));
        $this->assertEqualsCanonicalizing($names(Wiring::REVISIONS), $tried(self::revisions()));
    }

    /** @param  array<string, mixed>  $arguments */
    #[DataProvider('acts')]
    public function test_what_is_tried_is_what_is_done_and_its_undo_leaves_nothing(string $act, array $arguments): void
    {
        $workbook = $this->park($act);
        $arguments = $this->found($workbook, $arguments);
        $before = $this->state();
        $tried = $this->ask($workbook, $act, $arguments, ['preview' => true])->assertOk();
        $this->assertSame($before, $this->state(), 'a trial leaves nothing');
        $done = $this->ask($workbook, $act, $arguments)->assertOk();
        $this->assertSame($tried->json('sheet'), $done->json('sheet'));
        $this->assertSame($tried->json('sight.windows'), $done->json('sight.windows'));
        $this->assertSame($tried->json('sight.number'), $done->json('sight.number'));
        // What is asked for by itself afterwards says the same as the answer did.
        $sheet = "workbooks/{$workbook->id}/sheets/1";
        $this->assertSame($done->json('sight.windows.0'), $this->get($this->url("$sheet/window?top=1&left=1&bottom=24&right=8"))->json());
        $this->assertSame($done->json('sight.selection'), $this->get($this->url("$sheet/inspection?row=2&column=2&ranges=B2:C4"))->json());
        $this->assertSame($done->json('sight.number'), $this->get($this->url("$sheet/number?row=2&column=2"))->json());
        $figures = $this->get($this->url("$sheet/figures?ranges=B2:C4"))->json();
        // Looks change no sum, so only an act on data brings new ones along.
        $isOfData = DB::table('sheets')->where('number', 1)->where('data_revision', $workbook->refresh()->revision)->exists();
        $this->assertSame($isOfData ? $figures : null, $done->json('sight.figures'));
        $this->assertSame($done->json('sheet'), $this->get($this->url($sheet))->json());
        $this->undo($workbook);
        $this->assertSame($before, $this->state());
    }

    /** @param  array<string, mixed>  $arguments */
    #[DataProvider('revisions')]
    public function test_a_change_of_the_stylebook_is_undone_as_if_it_had_never_been(string $act, array $arguments): void
    {
        $workbook = $this->park('revision');
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger', 'clean' => false]);
        foreach (
            [
                'keepLook' => ['ranges' => 'A1', 'name' => 'Kept'],
                'keepNumber' => ['name' => 'Tonnes', 'code' => '0 "t"'],
                'colour' => ['name' => 'River', 'hex' => '#335577'],
                'keepCondition' => self::revisions()['keepCondition'][1],
                'keepEntry' => self::revisions()['keepEntry'][1],
            ] as $name => $first
        ) {
            $name === $act || $this->act($workbook, $name, $first + ['scope' => 'everywhere']);
        }
        $before = $this->state();
        $tried = $this->ask($workbook, $act, $arguments + ['scope' => 'everywhere'], ['preview' => true])->assertOk();
        $this->assertSame($before, $this->state(), 'a trial leaves nothing');
        $done = $this->ask($workbook, $act, $arguments + ['scope' => 'everywhere'])->assertOk();
        $this->assertSame($done->json('sight.windows'), $tried->json('sight.windows'), 'what is tried is what is done');
        $this->assertNotSame($before, $this->state());
        $this->assertSame($done->json('sheet'), $this->get($this->url("workbooks/{$workbook->id}/sheets/1"))->json());
        $this->assertSame(
            $done->json('sight.windows.0'),
            $this->get($this->url("workbooks/{$workbook->id}/sheets/1/window?top=1&left=1&bottom=24&right=8"))->json(),
        );
        $this->undo($workbook);
        $this->assertSame($before, $this->state());
    }

    /** @param  array<string, mixed>  $arguments */
    #[DataProvider('acts')]
    public function test_an_argument_of_a_wrong_kind_is_refused_in_words_and_nothing_changes(string $act, array $arguments): void
    {
        $this->assertRefusesWhatIsWrong($act, $arguments);
    }

    /** @param  array<string, mixed>  $arguments */
    #[DataProvider('revisions')]
    public function test_a_revision_with_an_argument_of_a_wrong_kind_is_refused_too(string $act, array $arguments): void
    {
        $this->assertRefusesWhatIsWrong($act, $arguments + ['scope' => 'everywhere']);
    }

    public function test_a_sight_that_is_none_is_refused(): void
    {
        $workbook = $this->park('format');
        $window = ['top' => 1, 'left' => 1, 'bottom' => 5, 'right' => 5];
        foreach (
            [
                ['windows' => 'all'],
                ['windows' => [[1, 2]]],
                ['windows' => array_fill(0, 25, $window)],
                ['windows' => [['top' => 0] + $window]],
            ] as $sight
        ) {
            $this->ask($workbook, 'rename', ['name' => 'Other'], ['sight' => $sight, 'preview' => true])->assertUnprocessable();
        }
    }

    /** @param  array<string, mixed>  $arguments */
    private function assertRefusesWhatIsWrong(string $act, array $arguments): void
    {
        $workbook = $this->park($act);
        $arguments = $this->found($workbook, $arguments);
        ($arguments['scope'] ?? null) === 'everywhere' && $this->act($workbook, 'dress', ['stylebook' => 'River ledger', 'clean' => false]);
        $before = $this->state();
        $wrongs = [null, true, -7, 1.5, 'zzz', [], [[]], [[null]], ['a' => ['b' => 'c']], str_repeat('9', 30_000), 1 << 40];
        foreach (array_diff(array_keys($arguments), ['scope']) as $name) {
            // Seven of the eleven for each, others for another one: each kind goes to some hundred and fifty arguments.
            $first = crc32("$act $name") % count($wrongs);
            foreach (array_slice([...$wrongs, ...$wrongs], $first, 7) as $wrong) {
                $written = self::rowsWritten();
                $answer = $this->ask($workbook, $act, [$name => $wrong] + $arguments);
                // Where nothing at all was written there is nothing to compare.
                $isWritten = $written === null || $written !== self::rowsWritten();
                $said =
                    "$act: $name = ".
                    substr((string) json_encode($wrong), 0, 40).
                    ' gave '.
                    $answer->status().
                    ': '.
                    substr($answer->content() ?: '', 0, 300);
                $this->assertContains($answer->status(), [200, 422], $said);
                if ($answer->status() === 422) {
                    $this->assertNotSame('', (string) $answer->json('message'), $said);
                    ! $isWritten || $this->assertSame($before, $this->state(), $said);
                } elseif ($isWritten && $answer->json('bench.undo') !== null && $this->state() !== $before) {
                    $this->undo($workbook);
                    $before = $this->state();
                }
            }
        }
    }

    /**
     * What is mended and left is named by what is found there.
     *
     * @param  array<string, mixed>  $arguments
     * @return array<string, mixed>
     */
    private function found(Workbook $workbook, array $arguments): array
    {
        if (($arguments['from'] ?? null) === 'newer') {
            $arguments['from'] = Workbook::query()->where('name', 'newer')->value('id');
        }
        if (($arguments['routine'] ?? null) === 'kept') {
            $arguments['routine'] = Routine::query()->value('id');
        }
        if (($arguments['keys'] ?? null) !== ['found']) {
            return $arguments;
        }
        $found = $this->get($this->url("workbooks/$workbook->id/findings"))->json('findings');
        $one = collect((array) $found)->firstWhere('check', 'mixed-alignment');

        return ['keys' => [$one['key']]] + $arguments;
    }

    /** A table with what an act needs to have something to do. */
    private function park(string $act): Workbook
    {
        if ($act === 'forget') {
            $this->act($this->bringIn('taught.csv', self::TABLE), ...self::acts()['correct']);
        }
        if ($act === 'bringAnew' || $act === 'replay') {
            $this->bringIn('newer.csv',
                "Tree,Found on,Count,Worth\nRowan,2026-03-01,30,4.25\nWillow,2026-03-09,7,1.5\nHazel,2026-03-05,5,1\n");
            $this->postJson($this->url('routines'), ['name' => 'Each month', 'steps' => [
                ['do' => 'bringIn', 'with' => ['key' => ['Tree']]], ['do' => 'dress', 'with' => ['stylebook' => 'River ledger']],
                ['do' => 'format', 'at' => ['part' => 'body', 'headings' => ['Worth']], 'with' => ['look' => ['bold' => true]]],
            ]])->assertCreated();
        }
        $workbook = $this->bringIn('park.csv', self::TABLE);
        match ($act) {
            'layNamed' => $this->act($workbook, 'keepLook', ['scope' => 'everywhere', 'name' => 'Kept', 'ranges' => 'A1']),
            'wipe' => $this->act($workbook, 'format', ['ranges' => 'A1:C3', 'look' => ['bold' => true, 'fill' => '#FFE08A']]),
            'split' => $this->act($workbook, 'merge', ['ranges' => 'A2:D2', 'mode' => 'join']),
            'convert' => $this->act($workbook, 'edit', ['cells' => [[6, 1, "'12"]]]),
            'unprotect' => $this->act($workbook, 'protect', ['allowed' => [], 'password' => 'Osier 7']),
            'dropEntries' => $this->act($workbook, 'setEntry', self::acts()['setEntry'][1]),
            'arrangeConditions', 'gatherConditions' => $this->conditioned($workbook),
            'mend', 'leave' => $this->act($workbook, 'format', ['ranges' => 'B3', 'look' => ['horizontal' => 'center']]),
            default => null,
        };

        return $workbook;
    }

    /** The same look while the same is true, on two ranges. */
    private function conditioned(Workbook $workbook): void
    {
        foreach (['C2:C3', 'C4'] as $cells) {
            $this->act($workbook, 'setCondition', ['id' => null, 'where' => ['cells' => $cells], 'test' => ['is' => 'above',
                'values' => ['3']],
                'look' => ['bold' => true]]);
        }
    }

    /**
     * @param  array<string, mixed>  $arguments
     * @param  array<string, mixed>  $more
     * @return TestResponse<Response>
     */
    private function ask(Workbook $workbook, string $act, array $arguments, array $more = []): TestResponse
    {
        $revision = $workbook->refresh()->revision;

        return $this->postJson(
            $this->url("workbooks/{$workbook->id}/acts"),
            $more + ['act' => $act, 'revision' => $revision, 'sheet' => 1, 'arguments' => $arguments, 'sight' => self::SIGHT],
        );
    }

    /** How many rows were ever written by this connection; null where the database does not count them. */
    private static function rowsWritten(): ?int
    {
        return DB::getDriverName() === 'sqlite' ? (int) DB::scalar('select total_changes()') : null;
    }

    /** @return list<string> everything that is stored of workbooks but for the count of revisions, a line each */
    private function state(): array
    {
        $rows = [
            ...DB::table('workbooks')
                ->orderBy('id')
                ->get(['name', 'names', 'own', 'guard'])
                ->all(),
            ...DB::table('sheets')
                ->where('gone', false)
                ->orderBy('id')
                ->get(['number', 'place', 'name', 'rows', 'columns', 'state', 'tab', 'protected', 'stylebook_id', 'held',
                    'measure', 'blocks'])
                ->all(),
            // A sheet that a step back took out is kept for a step on.
            ...DB::table('documents')->whereIn('sheet_id', DB::table('sheets')->where('gone', false)->select('id'))
                ->orderBy('sheet_id')->orderBy('name')->get()->all(),
            ...DB::table('stylebooks')->orderBy('name')->get(['name', 'version'])->all(),
        ];

        return [...array_map(fn (object $row) => (string) json_encode($row), $rows), ...$this->cells()];
    }

    /** @return list<string> what the blocks hold that the sheets stand on at present */
    private function cells(): array
    {
        $held = [];
        foreach (Workbook::query()->orderBy('id')->get() as $row) {
            foreach (app(\App\Bench\Bench::class)->whole($row)->sheets as $sheet) {
                foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $at => $cells) {
                    $held[] = "{$row->id}.$at ".json_encode(array_map(fn ($cell) => $cell->stored(), $cells));
                }
            }
        }

        return $held;
    }
}
