<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Change;
use App\Models\Stylebook;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Tests\Corpus;
use Tests\TestCase;

/** Two sheets beside each other through HTTP: points of a history, sheets, workbooks. */
final class SideTest extends TestCase
{
    private function orders(): \App\Models\Workbook
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'bed');
        (new Xlsx((new Corpus)->bed('orders', 12)->book))->save($path);
        $workbook = $this->bringIn('Orders.xlsx', (string) file_get_contents($path));
        unlink($path);

        return $workbook;
    }

    /** What was seen after each of many steps is what is seen of that point later, byte for byte; nothing is written for it. */
    public function test_each_point_of_a_history_looks_as_it_did(): void
    {
        $workbook = $this->orders();
        $stretch = 'top=1&left=1&bottom=20&right=8';
        $window = fn (string $at = '') => $this->get($this->url($at === '' ? "workbooks/$workbook->id/sheets/1/window?$stretch"
            : "side/window?side=$workbook->id.1@$at&$stretch"))->assertOk()->json();
        $sheet = function (string $at = '') use ($workbook) {
            $detail = $this->get($this->url($at === '' ? "workbooks/$workbook->id/sheets/1"
                : "side/sheet?side=$workbook->id.1@$at"))->assertOk()->json();

            return [$detail['widths'], $detail['heights'], $detail['tables'], $detail['wears'], $detail['rows'], $detail['freezeRow']];
        };
        $seen = [0 => [$window(), $sheet()]];
        foreach ([
            ['format', ['ranges' => 'A1:C3', 'look' => ['bold' => true, 'fill' => '#DDEBF7']]],
            ['edit', ['cells' => [[3, 1, 'Changed'], [4, 4, '77']]]],
            ['move', ['axis' => 'rows', 'at' => 3, 'count' => 2, 'in' => true]],
            ['edit', ['cells' => [[3, 1, 'New row'], [25, 2, 'far below']]]],
            ['dress', ['stylebook' => 'River ledger', 'clean' => false]],
            ['sort', ['row' => 6, 'column' => 1, 'keys' => [[4, true]]]],
            ['resize', ['axis' => 'columns', 'spans' => [[2, 2]], 'size' => '180']],
            ['move', ['axis' => 'columns', 'at' => 2, 'count' => 1, 'in' => false]],
            ['opening', ['freezeRow' => 2, 'zoom' => 115]],
        ] as [$act, $arguments]) {
            $this->act($workbook, $act, $arguments);
            $seen[(int) Change::query()->where('workbook_id', $workbook->id)->max('id')] = [$window(), $sheet()];
        }
        $this->assertGreaterThanOrEqual(9, count($seen));
        $revision = $workbook->refresh()->revision;
        foreach ($seen as $at => [$then, $detail]) {
            $this->assertSame($then, $window((string) $at), "window after $at");
            $this->assertSame($detail, $sheet((string) $at), "sheet after $at");
        }
        $this->assertSame($revision, $workbook->refresh()->revision);
    }

    public function test_what_was_done_is_told_by_facet_and_rows_are_matched(): void
    {
        $workbook = $this->orders();
        $this->act($workbook, 'format', ['ranges' => 'A1:F1', 'look' => ['fill' => '#DDEBF7']]);
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 4, 'count' => 1, 'in' => true]);
        $this->act($workbook, 'edit', ['cells' => [[8, 2, 'Somebody else']]]);
        $side = $this->get($this->url("side?left=$workbook->id.1@0&right=$workbook->id.1"))->assertOk()->json();
        $this->assertSame([[1, 1, 3], [4, 5, 11]], $side['rows']);
        $this->assertSame([0, 1], [$side['leftRows'], $side['rightRows']]);
        $told = array_map(fn (array $one) => "{$one['facet']} {$one['part']} {$one['count']} {$one['right'][0]}", $side['differences']);
        $this->assertContains('fill Column headings 6 A1', $told);
        $this->assertContains('values  1 B8', $told);
        $this->assertSame(['B7'], collect($side['differences'])->firstWhere('facet', 'values')['left']);
    }

    public function test_two_workbooks_and_a_page_of_both(): void
    {
        [$one, $other] = [$this->orders(), $this->orders()];
        $this->act($other, 'format', ['ranges' => 'B2:B4', 'look' => ['italic' => true]]);
        $side = $this->get($this->url("side?left=$one->id.1&right=$other->id.1"))->assertOk()->json();
        $this->assertSame([['type', 3]], array_map(fn (array $of) => [$of['facet'], $of['count']], $side['differences']));
        $page = $this->get($this->url("side/file?left=$one->id.1&right=$other->id.1&leftName=<b>&rightName=After"))->assertOk();
        $html = (string) $page->getContent();
        $this->assertStringContainsString('&lt;b&gt;', $html);
        $this->assertStringContainsString('Type, Body: 3 cells', $html);
        $this->assertSame(2, substr_count($html, '<iframe'));
        $this->assertStringNotContainsString('<script', $html);
    }

    public function test_two_versions_of_a_stylebook_on_one_sheet(): void
    {
        $workbook = $this->orders();
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger', 'clean' => false]);
        $this->act($workbook, 'say', ['scope' => 'everywhere', 'part' => 'heading', 'kind' => null, 'look' => ['fill' => '#224466']]);
        $book = Stylebook::query()->where('name', 'River ledger')->firstOrFail();
        $side = $this->get($this->url("side?left=$workbook->id.1^$book->id:1&right=$workbook->id.1^$book->id:2"))->assertOk()->json();
        $this->assertSame([['fill', 'Column headings', 6]], array_map(fn (array $one) => [$one['facet'], $one['part'], $one['count']],
            $side['differences']));
        $this->get($this->url("side/sheet?side=$workbook->id.1^$book->id:2"))->assertOk()->assertJsonPath('wears', 'River ledger');
        foreach (["$workbook->id.1^$book->id:99", "$workbook->id.1^99999:1", "$workbook->id.1^1"] as $wrong) {
            $this->assertContains($this->get($this->url("side/sheet?side=$wrong"))->status(), [404, 422], $wrong);
        }
    }

    public function test_what_is_no_side_is_refused(): void
    {
        $id = $this->orders()->id;
        foreach (["left=$id.1", "left=$id&right=$id.1", "left=$id.1&right=$id.1@x", 'left=;&right=;',
            "left=$id.1@99999999999999&right=$id.1"] as $query) {
            $this->get($this->url("side?$query"))->assertUnprocessable();
        }
        $this->get($this->url("side?left=$id.1&right=999999.1"))->assertNotFound();
        $this->assertContains($this->get($this->url("side?left=$id.1&right=$id.7"))->status(), [404, 422]);
        $this->assertContains($this->get($this->url("side?left=$id.7@0&right=$id.1"))->status(), [404, 422]);
    }
}
