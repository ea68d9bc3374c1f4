<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Workbook;
use Illuminate\Support\Facades\File;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Rilvet\Work\Aspect\LeftFindings;
use Tests\Bed;
use Tests\Corpus;
use Tests\TestCase;

/** Findings through HTTP: looked for, mended, left, reported. */
final class FindingsTest extends TestCase
{
    /** @param  \Closure(Bed): mixed  ...$plants */
    private function workbook(string $shape, \Closure ...$plants): Workbook
    {
        $bed = (new Corpus)->bed($shape, 14);
        foreach ($plants as $plant) {
            $plant($bed);
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'bed');
        (new Xlsx($bed->book))->save($path);
        $workbook = $this->bringIn('Beds.xlsx', (string) file_get_contents($path));
        unlink($path);

        return $workbook;
    }

    /** @return array<string, array<string, mixed>> by the name of the check */
    private function found(Workbook $workbook): array
    {
        $record = $this->get($this->url("workbooks/$workbook->id/findings"))->assertOk()->json();
        $this->assertSame($record['sheets'], $record['looked']);

        return array_column($record['findings'], null, 'check');
    }

    public function test_what_is_found_is_mended_as_one_step_and_comes_back_with_its_undo(): void
    {
        $workbook = $this->workbook('orders',
            fn (Bed $bed) => $bed->sheet->getStyle($bed->at('day', 3))->getNumberFormat()->setFormatCode('dd/mm/yyyy'),
            fn (Bed $bed) => $bed->sheet->setCellValue($bed->at('formula', 4), 12));
        $found = $this->found($workbook);
        $this->assertSame(['constant-among-formulas', 'mixed-formats'], array_keys($found));
        $day = $found['mixed-formats'];
        $this->assertSame(['worth a look', 'Numbers', 'C5', 'looks', 'changes no value', null],
            [$day['severity'], $day['subject'], $day['range'], $day['changes'], $day['mend'], $day['left']]);
        // Tried first: nothing is kept.
        $tried = $this->postJson($this->url("workbooks/$workbook->id/acts"), ['act' => 'mend', 'preview' => true, 'sheet' => 1,
            'arguments' => ['keys' => [$day['key']]], 'sight' => ['windows' => [['top' => 5, 'left' => 3, 'bottom' => 5,
                'right' => 3]]]])->assertOk();
        $this->assertMatchesRegularExpression('/^\d{4}-\d\d-\d\d$/', $tried->json('sight.windows.0.cells.0.text'));
        $this->assertArrayHasKey('mixed-formats', $this->found($workbook));
        $this->act($workbook, 'mend', ['keys' => [$day['key'], $found['constant-among-formulas']['key']]]);
        $this->assertSame([], $this->found($workbook->refresh()));
        $this->assertSame('Data: mended 2 findings', $this->get($this->url("workbooks/$workbook->id/history"))->json('0.words'));
        $this->postJson($this->url("workbooks/$workbook->id/undo"), ['revision' => $workbook->refresh()->revision,
            'sheet' => 1])->assertOk();
        $this->assertSame(array_keys($found), array_keys($this->found($workbook)));
    }

    public function test_what_has_changed_since_is_refused_and_nothing_is_lost(): void
    {
        $workbook = $this->workbook('orders', fn (Bed $bed) => $bed->sheet->setCellValue($bed->at('formula', 4), 12));
        $key = $this->found($workbook)['constant-among-formulas']['key'];
        $revision = $workbook->revision;
        $this->act($workbook, 'edit', ['cells' => [[6, 6, '=D6*E6']]]);
        $mend = fn (array $keys, int $at) => $this->postJson($this->url("workbooks/$workbook->id/acts"),
            ['act' => 'mend', 'sheet' => 1, 'revision' => $at, 'arguments' => ['keys' => $keys]]);
        $mend([$key], $revision)->assertUnprocessable()->assertJsonPath('message', fn (string $says) => str_contains($says,
            'not there any more'));
        foreach ([[], ['nonsense'], array_fill(0, 5_001, 'x'), [17], 'all'] as $keys) {
            $mend((array) $keys, $workbook->refresh()->revision)->assertUnprocessable();
        }
        $this->postJson($this->url("workbooks/$workbook->id/acts"), ['act' => 'mend', 'sheet' => 1, 'revision' => 1,
            'arguments' => ['keys' => 'all']])
            ->assertUnprocessable();
        $this->assertSame(2, $workbook->refresh()->revision);
    }

    public function test_two_people_who_mend_at_once_do_it_once(): void
    {
        $workbook = $this->workbook('orders', fn (Bed $bed) => $bed->sheet->setCellValue($bed->at('formula', 4), 12));
        $key = $this->found($workbook)['constant-among-formulas']['key'];
        $send = fn () => $this->postJson($this->url("workbooks/$workbook->id/acts"),
            ['act' => 'mend', 'sheet' => 1, 'revision' => 1, 'arguments' => ['keys' => [$key]]]);
        $send()->assertOk();
        $send()->assertUnprocessable();
        $this->assertSame(2, $workbook->refresh()->revision);
    }

    public function test_a_protected_sheet_is_not_mended_and_says_why(): void
    {
        $workbook = $this->workbook('orders',
            fn (Bed $bed) => $bed->sheet->getStyle($bed->at('day', 3))->getNumberFormat()->setFormatCode('dd/mm/yyyy'),
            fn (Bed $bed) => $bed->sheet->getProtection()->setSheet(true));
        $key = $this->found($workbook)['mixed-formats']['key'];
        $this->postJson($this->url("workbooks/$workbook->id/acts"), ['act' => 'mend', 'sheet' => 1, 'revision' => 1,
            'arguments' => ['keys' => [$key]]])
            ->assertUnprocessable()->assertJsonPath('message', fn (string $says) => str_contains($says, 'protected'));
    }

    public function test_mends_that_fight_each_other_leave_what_the_first_has_done(): void
    {
        // One name has a space behind it, and is spelled in two ways: both mends say what the same cell becomes.
        $workbook = $this->workbook('people', function (Bed $bed) {
            foreach (['Ash Ltd', 'Ash Ltd', 'Ash Ltd ', 'Ash Ltd.', 'Ash Ltd'] as $row => $name) {
                $bed->sheet->setCellValue($bed->at('group', $row), $name);
            }
        });
        $found = $this->found($workbook);
        $this->assertSame(['spelled-twice', 'stray-spaces'], array_keys($found));
        $this->act($workbook, 'mend', ['keys' => array_column($found, 'key')]);
        $this->assertSame([], $this->found($workbook));
    }

    public function test_what_is_left_keeps_its_reason_until_its_cause_changes(): void
    {
        $workbook = $this->workbook('orders', fn (Bed $bed) => $bed->sheet->getStyle($bed->at('day',
            3))->getNumberFormat()->setFormatCode('dd/mm/yyyy'));
        $day = $this->found($workbook)['mixed-formats'];
        $acts = $this->url("workbooks/$workbook->id/acts");
        $leave = fn (?string $reason, ?string $key = null) => $this->postJson($acts, ['act' => 'leave', 'sheet' => 1,
            'revision' => $workbook->refresh()->revision, 'arguments' => ['keys' => [$key ?? $day['key']], 'reason' => $reason]]);
        $leave('  ')->assertUnprocessable();
        $leave(str_repeat('x', 501))->assertUnprocessable();
        $leave('<b>as the customer writes it</b>')->assertOk();
        $this->assertSame('<b>as the customer writes it</b>', $this->found($workbook)['mixed-formats']['left']);
        // Rows above move it, and it is still the same.
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 1, 'count' => 2, 'in' => true]);
        $moved = $this->found($workbook)['mixed-formats'];
        $this->assertSame(['C7', '<b>as the customer writes it</b>'], [$moved['range'], $moved['left']]);
        $html = (string) $this->get($this->url("workbooks/$workbook->id/findings/report?as=html"))->assertOk()->getContent();
        $this->assertStringContainsString('Left: &lt;b&gt;as the customer writes it', $html);
        $this->assertStringNotContainsString('<b>as', $html);
        $json = $this->get($this->url("workbooks/$workbook->id/findings/report?as=json"))->assertOk()->json('files.0.findings.0');
        $this->assertSame(['mixed-formats', '<b>as the customer writes it</b>'], [$json['check'], $json['left']]);
        $this->assertStringStartsWith("file,sheet,range,severity,check,what,count,mend,changes,left because\r\n",
            (string) $this->get($this->url("workbooks/$workbook->id/findings/report?as=csv"))->assertOk()->getContent());
        $this->get($this->url("workbooks/$workbook->id/findings/report?as=exe"))->assertUnprocessable();
        // Another cell like it is another cause.
        $this->act($workbook, 'format', ['ranges' => 'C9', 'look' => ['number' => 'dd/mm/yyyy']]);
        $this->assertNull($this->found($workbook)['mixed-formats']['left']);
        $this->postJson($this->url("workbooks/$workbook->id/undo"), ['revision' => $workbook->refresh()->revision,
            'sheet' => 1])->assertOk();
        $leave(null, $moved['key'])->assertOk();
        $this->assertNull($this->found($workbook)['mixed-formats']['left']);
    }

    public function test_thousands_of_a_kind_are_counted_and_not_listed(): void
    {
        $lines = ['Lot,Tree,Price'];
        for ($row = 1; $row <= 20_000; $row++) {
            $lines[] = "L$row,".['Osier', 'Osier '][$row % 2].",$row";
        }
        $workbook = $this->bringIn('Long.csv', implode("\n", $lines));
        $answer = $this->get($this->url("workbooks/$workbook->id/findings"));
        $this->assertLessThan(100_000, strlen((string) $answer->getContent()));
        $spaces = collect((array) $answer->json('findings'))->firstWhere('check', 'stray-spaces');
        $this->assertSame([10_000, 50], [$spaces['count'], substr_count((string) $spaces['range'], ',') + 1]);
        $this->act($workbook, 'mend', ['keys' => [$spaces['key']]]);
        $this->assertArrayNotHasKey('stray-spaces', $this->found($workbook));
        $this->assertSame('Osier', $this->get($this->url("workbooks/$workbook->id/sheets/1/content?row=20000&column=2"))->json('text'));
    }

    public function test_what_another_version_of_the_code_has_kept_is_not_taken(): void
    {
        $workbook = $this->workbook('orders', fn (Bed $bed) => $bed->sheet->setCellValue($bed->at('formula', 4), 12));
        $this->assertCount(1, $this->found($workbook));
        $kept = File::allFiles(storage_path('framework/worked-out'));
        $this->assertGreaterThanOrEqual(3, count($kept));
        foreach (['garbage', serialize([new \stdClass]), serialize('x'), serialize(new \stdClass), 'O:12:"Rilvet\\Gone":0:{}',
            'a:1:{i:0;O:11:"Rilvet\\Gone":0:{}}'] as $packed) {
            foreach ($kept as $file) {
                file_put_contents($file->getPathname(), $packed);
            }
            $this->assertSame(['constant-among-formulas'], array_keys($this->found($workbook)), $packed);
        }
        $this->assertSame([], LeftFindings::fromJson('nonsense')->all);
        $this->assertSame([], LeftFindings::fromJson([['', 1, 2], 7, [null]])->all);
    }
}
