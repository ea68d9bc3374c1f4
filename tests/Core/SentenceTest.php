<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Routine\Doing;
use Rilvet\Routine\Step;

/** Steps of a routine, as a person reads them. */
final class SentenceTest extends TestCase
{
    /** @return iterable<int, array{string, array<string, mixed>}> */
    public static function steps(): iterable
    {
        foreach ([
            ['Take the stylebook off', ['do' => 'dress', 'with' => ['stylebook' => null]]],
            ['Dress in River ledger', ['do' => 'dress', 'with' => ['stylebook' => 'River ledger', 'clean' => false]]],
            ['Dress in River ledger, start clean', ['do' => 'dress', 'with' => ['stylebook' => 'River ledger', 'clean' => true]]],
            ['Dress in River ledger, May, June', ['do' => 'dress', 'with' => ['stylebook' => 'River ledger'], 'sheets' => ['May', 'June']]],
            ['Body of Worth: Bold', ['do' => 'format', 'at' => ['part' => 'body', 'headings' => ['Worth']],
                'with' => ['look' => ['bold' => true]]]],
            ['The sheet: no look', ['do' => 'format', 'with' => ['look' => []]]],
            ['The sheet: a look', ['do' => 'format', 'with' => ['look' => 'bold']]],
            ['The sheet: a number format', ['do' => 'format', 'with' => ['look' => ['number' => ['style' => 'amount']]]]],
            ['Body of amounts: Bold', ['do' => 'format', 'with' => ['scope' => 'here', 'part' => 'body', 'kind' => 'amount',
                'look' => ['bold' => true]]]],
            ['Total: Bold', ['do' => 'format', 'with' => ['scope' => 'here', 'part' => 'total', 'look' => ['bold' => true]]]],
            ['B2:C4: Bold', ['do' => 'format', 'at' => ['cells' => 'B2:C4'], 'with' => ['scope' => 'cells', 'part' => 'body',
                'look' => ['bold' => true]]]],
            ['Worth: Italic', ['do' => 'formatHeaded', 'with' => ['heading' => 'Worth', 'look' => ['italic' => true]]]],
            ['Total: wipe what was given by hand', ['do' => 'wipe', 'at' => ['part' => 'total']]],
            ['Total: wipe borders', ['do' => 'wipe', 'at' => ['part' => 'total'], 'with' => ['facet' => 'borders']]],
            ['Total: borders top, bottom', ['do' => 'borders', 'at' => ['part' => 'total'], 'with' => ['sides' => ['top' => 'thin',
                'bottom' => 'double']]]],
            ['Total: borders ', ['do' => 'borders', 'at' => ['part' => 'total'], 'with' => ['sides' => 'top']]],
            ['Colour family of #224466', ['do' => 'family', 'with' => ['hex' => '#224466']]],
            ['A1:C1: merge', ['do' => 'merge', 'at' => ['cells' => 'A1:C1']]],
            ['A1:C1: split what is merged', ['do' => 'split', 'at' => ['cells' => 'A1:C1']]],
            ['A1:C1: look Check', ['do' => 'layNamed', 'at' => ['cells' => 'A1:C1'], 'with' => ['name' => 'Check']]],
            ['Body: stripes', ['do' => 'stripe', 'at' => ['part' => 'body'], 'with' => ['stripes' => ['by' => 'rows']]]],
            ['Body: no stripes', ['do' => 'stripe', 'at' => ['part' => 'body'], 'with' => ['stripes' => null]]],
            ['Count: turn texts into numbers', ['do' => 'convert', 'at' => ['headings' => ['Count']], 'with' => ['to' => 'numbers']]],
            ['Sort by Worth, greatest first, then Tree', ['do' => 'sort', 'with' => ['keys' => [['Worth', true], ['Tree', false]]]]],
            ['Sort by Tree', ['do' => 'sort', 'with' => ['keys' => [['Tree'], [3, true], 'Worth']]]],
            ['Share a width of 600 among the columns', ['do' => 'share', 'with' => ['size' => 600]]],
            ['Count: one width', ['do' => 'equal', 'at' => ['headings' => ['Count']]]],
            ['Count: fit', ['do' => 'resize', 'at' => ['headings' => ['Count']], 'with' => ['axis' => 'columns']]],
            ['Count: width 90', ['do' => 'resize', 'at' => ['headings' => ['Count']], 'with' => ['axis' => 'columns', 'size' => 90]]],
            ['Total: height 30', ['do' => 'resize', 'at' => ['part' => 'total'], 'with' => ['axis' => 'rows', 'size' => 30]]],
            ['Count: hide', ['do' => 'hide', 'at' => ['headings' => ['Count']]]],
            ['Count: show', ['do' => 'hide', 'at' => ['headings' => ['Count']], 'with' => ['show' => true]]],
            ['Fit the texts that are cut', ['do' => 'fitCut']],
            ['How it opens: freeze row 3, gridlines, no first screen', ['do' => 'opening', 'with' => ['freezeRow' => 3,
                'gridlines' => true, 'firstScreen' => false]]],
            ['Headings: turned', ['do' => 'headings', 'with' => ['how' => 'turned']]],
            ['Worth: width 80', ['do' => 'sameWidth', 'with' => ['heading' => 'Worth', 'size' => 80]]],
            ['Arrange the sheet: name May, hidden', ['do' => 'sheet', 'with' => ['name' => 'May', 'hidden' => true]]],
            ['Worth: a look while something is true', ['do' => 'setCondition', 'with' => ['where' => ['heading' => 'Worth']]]],
            ['Amounts: a look while something is true', ['do' => 'setCondition', 'with' => ['where' => ['kind' => 'amount',
                'part' => 'body']]]],
            ['Total: what may be entered', ['do' => 'setEntry', 'with' => ['where' => ['part' => 'total']]]],
            ['The tables: what may be entered', ['do' => 'setEntry', 'with' => ['where' => ['part' => 'roof']]]],
            ['The tables: a look while something is true', ['do' => 'setCondition']],
            ['Gather looks that say the same', ['do' => 'gatherConditions']],
            ['Mark entry cells', ['do' => 'mark', 'with' => ['part' => 'entry_cell', 'on' => true]]],
            ['Mark formula cells', ['do' => 'mark', 'with' => ['part' => 'formula_cell']]],
            ['No longer mark choice cells', ['do' => 'mark', 'with' => ['part' => 'choice_cell', 'on' => false]]],
            ['Count: cells to be filled in', ['do' => 'sayEntries', 'at' => ['headings' => ['Count']], 'with' => ['as' => 'entry']]],
            ['Count: no cells to be filled in', ['do' => 'sayEntries', 'at' => ['headings' => ['Count']], 'with' => ['as' => 'plain']]],
            ['Lock formulas, open entries', ['do' => 'guardFormulas']],
            ['Protect the sheet', ['do' => 'protect']],
            ['The sheet is for entry', ['do' => 'role', 'with' => ['role' => 'entry']]],
            ['The sheet is for what is read of it', ['do' => 'role']],
            ['Arrange the sheets by what they are for', ['do' => 'followRoles']],
            ['Add or renew the sheet of looks', ['do' => 'addSheet', 'with' => ['of' => 'looks']]],
            ['Column headings in sentence case', ['do' => 'rewriteHeads', 'with' => ['part' => 'heading', 'to' => 'sentence case']]],
            ['Headings in sentence case', ['do' => 'rewriteHeads', 'with' => ['to' => 'sentence case']]],
            ['On paper: paper A4, turned, no head', ['do' => 'pages', 'with' => ['says' => ['paper' => 'A4', 'turn' => 'turned',
                'head' => false]]]],
            ['On paper: ', ['do' => 'pages', 'with' => ['says' => 'A4']]],
            ['Bring newer data in', ['do' => 'bringIn', 'with' => ['key' => []]]],
            ['Bring newer data in, rows told apart by Order and Tree', ['do' => 'bringIn', 'with' => ['key' => ['Order', 'Tree', 7]]]],
            ['Call the column Count How many', ['do' => 'rename', 'with' => ['heading' => 'Count', 'to' => 'How many']]],
            ['Mend: all that can be', ['do' => 'fix']],
            ['Mend: something else', ['do' => 'fix', 'with' => ['checks' => ['something else', 4]]]],
            ['Hand over as xlsx', ['do' => 'handOver', 'with' => ['as' => 'xlsx']]],
        ] as $index => [$words, $step]) {
            yield $index => [$words, $step];
        }
    }

    /** @param  array<string, mixed>  $step */
    #[DataProvider('steps')]
    public function test_a_step_is_a_sentence(string $words, array $step): void
    {
        self::assertSame($words, Step::fromArray($step, 'steps')->words());
    }

    public function test_each_thing_that_can_be_done_has_its_sentence(): void
    {
        $tried = array_unique(array_map(fn (array $one) => $one[1]['do'], iterator_to_array(self::steps())));
        self::assertSame([], array_diff(array_keys(Doing::ALL), $tried));
        foreach (array_keys(Doing::ALL) as $does) {
            self::assertNotSame(ucfirst($does), (new Step($does))->words(), 'the name of a step is no sentence');
        }
    }
}
