<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\OrderForm;
use App\Models\Workbook;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Tests\TestCase;

/** Entry, choices, protection and roles through HTTP. */
final class GuardTest extends TestCase
{
    private function form(): Workbook
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'form');
        (new Xlsx((new OrderForm)->book()))->save($path);
        $workbook = $this->bringIn('Tree order.xlsx', (string) file_get_contents($path));
        unlink($path);

        return $workbook;
    }

    /** @return array<string, mixed> */
    private function guard(Workbook $workbook, int $sheet = 1): array
    {
        /** @var array<string, mixed> */
        return $this->get($this->url("workbooks/$workbook->id/sheets/$sheet/guard"))->assertOk()->json();
    }

    /** @return array<string, mixed> */
    private function entry(Workbook $workbook, int $row, int $column): array
    {
        /** @var array<string, mixed> */
        return $this->get($this->url("workbooks/$workbook->id/sheets/1/entry?row=$row&column=$column"))->assertOk()->json();
    }

    public function test_what_is_entered_chosen_and_worked_out_is_told(): void
    {
        $form = $this->form();
        $guard = $this->guard($form);
        $this->assertSame('entry', $guard['role']);
        $counts = array_column($guard['parts'], 'count', 'part');
        $this->assertSame(['entry_cell' => 28, 'choice_cell' => 28, 'formula_cell' => 30], $counts);
        $this->assertSame(['Species takes one of Lists!$A$2:$A$9', 'Size takes one of small, large',
            'Count takes a whole number that is between 1 and 5000'], array_column($guard['checks'], 'sentence'));
        $this->assertSame(['calculation', 'lists'], [$this->guard($form, 3)['role'], $this->guard($form, 4)['role']]);
        $this->assertFalse($guard['isProtected']);
        $species = $this->entry($form, 9, 2);
        $this->assertSame(['Alder', 'Aspen', 'Bird cherry', 'Black poplar', 'Crack willow', 'Downy birch', 'Grey sallow', 'Osier'],
            $species['choices']);
        $this->assertSame(['Species', 'As it stands in the list of prices', true],
            [$species['promptTitle'], $species['prompt'], $species['isAllowed']]);
        $detail = $this->get($this->url("workbooks/$form->id/sheets/1"))->json();
        $this->assertSame(['B4:B17', 'C4:C17'], $detail['choices']);
        $this->assertSame(['B4:B17', 'C4:C17', 'D4:D17'], $detail['checked']);
        $this->act($form, 'edit', ['cells' => [[9, 6, '12']]]);
        $this->assertSame([1, ['F9']], [$this->guard($form)['constants'], $this->guard($form)['constantsAt']]);
    }

    public function test_what_is_typed_against_a_check_is_refused_in_its_own_words_and_a_warning_may_be_kept(): void
    {
        $form = $this->form();
        $type = fn (int $column, string $text, array $more = []) => $this->ask($form, ['cells' => [[9, $column, $text]]] + $more);
        $type(4, '2.5')->assertUnprocessable()->assertJson(['message' => 'D9: Count: Whole trees, from 1 to 5,000 Nothing was changed.',
            'entry' => 'D9', 'mayBeKept' => false]);
        $type(2, 'Yew')->assertUnprocessable();
        $type(2, 'osier')->assertOk();
        $this->act($form, 'setEntry', ['id' => null, 'where' => ['cells' => 'D4:D17'], 'kind' => 'whole', 'is' => 'atMost',
            'values' => ['100'], 'severity' => 'warning']);
        $type(4, '101')->assertUnprocessable()->assertJson(['mayBeKept' => true]);
        $type(4, '101', ['keep' => true])->assertOk();
        $guard = $this->guard($form);
        $this->assertSame([3, ['D4', 'D6', 'D9']], [$guard['against'], $guard['againstAt']]);
        // As the reader, what is locked takes nothing though the sheet is not protected yet.
        $this->act($form, 'guardFormulas', []);
        $type(6, '1', ['asReader' => true])->assertUnprocessable();
        $type(4, '7', ['asReader' => true])->assertOk();
    }

    /** @param  array<string, mixed>  $arguments */
    private function ask(Workbook $workbook, array $arguments, string $act = 'edit'): \Illuminate\Testing\TestResponse
    {
        return $this->postJson($this->url("workbooks/$workbook->id/acts"), ['act' => $act, 'sheet' => 1,
            'revision' => $workbook->refresh()->revision, 'arguments' => $arguments]);
    }

    public function test_a_protected_sheet_is_respected_and_lifted_with_its_password_which_is_kept_nowhere(): void
    {
        Log::spy();
        $form = $this->form();
        $this->act($form, 'guardFormulas', []);
        $this->act($form, 'protect', ['allowed' => ['goToOpen', 'sort'], 'password' => 'Grey heron 12']);
        $this->assertTrue($this->get($this->url("workbooks/$form->id"))->json('sheets.0.protected'));
        $guard = $this->guard($form);
        $this->assertSame([true, true, ['goToOpen', 'sort']], [$guard['isProtected'], $guard['hasPassword'], $guard['allowed']]);
        $this->assertTrue($this->entry($form, 9, 6)['isLocked']);
        $this->assertFalse($this->entry($form, 9, 4)['isLocked']);
        $refused = $this->ask($form, ['cells' => [[9, 6, '1']]])->assertUnprocessable();
        $this->assertStringContainsString('F9 is locked', (string) $refused->json('message'));
        $this->ask($form, ['ranges' => 'B4', 'look' => ['bold' => true]], 'format')->assertUnprocessable();
        $this->ask($form, ['cells' => [[9, 4, '7']]])->assertOk();
        $wrong = $this->ask($form, ['password' => 'grey heron 12'], 'unprotect')->assertUnprocessable();
        $this->assertStringNotContainsString('heron', (string) $wrong->json('message'));
        // Not in the database, not in the history, not in the log.
        foreach (['workbooks', 'sheets', 'documents'] as $table) {
            $this->assertStringNotContainsString('heron', DB::table($table)->get()->toJson());
        }
        foreach (DB::table('changes')->pluck('patches') as $patches) {
            $this->assertStringNotContainsString('heron', (string) @gzinflate(is_resource($patches) ? (string) stream_get_contents($patches)
                : $patches));
        }
        Log::shouldNotHaveReceived('error');
        Log::shouldNotHaveReceived('info');
        $this->ask($form, ['password' => 'Grey heron 12'], 'unprotect')->assertOk();
        $this->assertFalse($this->get($this->url("workbooks/$form->id"))->json('sheets.0.protected'));
        $this->postJson($this->url("workbooks/$form->id/undo"), ['revision' => $form->refresh()->revision, 'sheet' => 1])->assertOk();
        $this->assertTrue($this->guard($form)['hasPassword'], 'a step back protects it as it was');
    }

    public function test_the_next_open_cell_is_found_around_the_sheet(): void
    {
        $form = $this->form();
        $next = function (int $row, int $column, bool $back = false) use ($form): array {
            $asked = "workbooks/$form->id/sheets/1/next?row=$row&column=$column".($back ? '&back=1' : '');

            return array_values((array) $this->get($this->url($asked))->assertOk()->json());
        };
        $this->assertSame([0, 0], $next(1, 1), 'nothing is open yet');
        $this->act($form, 'guardFormulas', []);
        $this->assertSame([4, 2], $next(1, 1));
        $this->assertSame([4, 3], $next(4, 2));
        $this->assertSame([5, 2], $next(4, 5));
        $this->assertSame([17, 5], $next(4, 2, true));
        $this->assertSame([4, 2], $next(1_048_576, 16_384));
        $this->get($this->url("workbooks/$form->id/sheets/9/next?row=1&column=1"))->assertUnprocessable();
    }

    public function test_a_form_dresses_a_second_workbook_by_its_stylebook(): void
    {
        $form = $this->form();
        $this->act($form, 'dress', ['stylebook' => 'Plain rule', 'clean' => false, 'sheets' => 'all']);
        $everywhere = fn (string $act, array $arguments) => $this->act($form, $act, $arguments + ['scope' => 'everywhere']);
        $everywhere('mark', ['part' => 'formula_cell', 'on' => true]);
        $everywhere('format', ['part' => 'entry_cell', 'kind' => null, 'look' => ['locked' => false]]);
        $everywhere('format', ['part' => 'choice_cell', 'kind' => null, 'look' => ['locked' => false]]);
        $everywhere('headsSay', ['part' => 'formula_cell', 'says' => 'worked out']);
        $everywhere('keepEntry', ['id' => null, 'where' => ['part' => 'body', 'heading' => 'Status'], 'kind' => 'list',
            'choices' => ['waiting', 'sent', 'paid'], 'prompt' => 'How it stands']);
        $everywhere('roleRule', ['role' => 'entry', 'rule' => ['colour' => '#1F5F8B']]);
        $second = $this->form();
        $this->act($second, 'dress', ['stylebook' => 'Plain rule', 'clean' => false, 'sheets' => 'all']);
        $this->act($second, 'followRoles', ['sheets' => 'all']);
        $guard = $this->guard($second);
        $this->assertTrue($guard['parts'][2]['byStylebook']);
        $this->assertContains('Status takes one of waiting, sent, paid', array_column($guard['checks'], 'sentence'));
        $this->assertSame(['waiting', 'sent', 'paid'], $this->entry($second, 9, 5)['choices']);
        $sheets = $this->get($this->url("workbooks/$second->id"))->json('sheets');
        $hidden = ['hidden', '#8A8192', false];
        $this->assertSame([['visible', '#1F5F8B', true], ['visible', null, false], $hidden, $hidden],
            array_map(fn (array $sheet) => [$sheet['state'], $sheet['tab'], $sheet['protected']], $sheets));
        $window = $this->get($this->url("workbooks/$second->id/sheets/1/window?top=1&left=1&bottom=18&right=7"))->json();
        $fill = function (int $row, int $column) use ($window) {
            foreach ($window['cells'] as $cell) {
                if ([$cell['row'], $cell['column']] === [$row, $column]) {
                    return [$cell['text'], $window['looks'][$cell['look']]['fill'] ?? 'none'];
                }
            }

            return null;
        };
        $this->assertSame('#F0F0F0', $fill(5, 7)[1] ?? '');
        $this->assertSame("Value\nworked out", $fill(3, 7)[0] ?? '');
        $this->assertNotSame('#F0F0F0', $fill(5, 4)[1] ?? '');
    }

    public function test_made_sheets_are_added_undone_and_done_again(): void
    {
        $form = $this->form();
        $this->act($form, 'addSheet', ['of' => 'looks']);
        $this->act($form, 'addSheet', ['of' => 'contents']);
        $names = fn () => array_column($this->get($this->url("workbooks/$form->id"))->json('sheets'), 'name');
        $this->assertSame(['Contents', 'Order', 'Prices', 'Price steps', 'Lists', 'Looks'], $names());
        $step = fn (string $way) => $this->postJson($this->url("workbooks/$form->id/$way"), ['revision' => $form->refresh()->revision,
            'sheet' => 1])->assertOk();
        $step('undo');
        $step('undo');
        $this->assertSame(['Order', 'Prices', 'Price steps', 'Lists'], $names());
        $step('redo');
        $this->assertSame('Looks', $names()[4]);
        // What is made now gets a number that none had before.
        $this->act($form, 'addSheet', ['of' => 'contents']);
        $this->assertSame(array_unique($numbers = DB::table('sheets')->where('workbook_id', $form->id)->pluck('number')->all()), $numbers);
        $second = $this->get($this->url("workbooks/$form->id/sheets/".max($numbers)))->assertOk()->json();
        $this->assertSame('Contents', $second['name']);
    }
}
