<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Workbook;
use Illuminate\Http\Response;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A step whose answer got lost is asked for again under the same name: it is done once, and told so. */
final class StepTest extends TestCase
{
    /** @param  array<string, mixed>  $arguments */
    #[TestWith(['edit', ['cells' => [[2, 2, '7']]]])]
    #[TestWith(['move', ['axis' => 'rows', 'at' => 2, 'count' => 1, 'in' => true]])]
    #[TestWith(['format', ['ranges' => 'A1:B2', 'look' => ['bold' => true]]])]
    public function test_an_act_is_done_once(string $act, array $arguments): void
    {
        $workbook = $this->bringIn('x.csv', "Tree,Count\nOsier,3\nAlder,4\n");
        $step = ['act' => $act, 'revision' => $workbook->revision, 'sheet' => 1, 'arguments' => $arguments];
        $words = $this->send($workbook, 'acts', $step, 'step-number-1')->assertOk()->json('words');
        $revision = $workbook->refresh()->revision;
        $this->send($workbook, 'acts', $step, 'step-number-1')
            ->assertConflict()
            ->assertJson(['done' => true, 'revision' => $revision, 'words' => $words]);
        $this->assertSame([$revision, 1], [$workbook->refresh()->revision, $workbook->changes()->count()]);
    }

    public function test_steps_back_and_forward_are_done_once(): void
    {
        $workbook = $this->bringIn('x.csv', "Tree,Count\nOsier,3\nAlder,4\n");
        $this->act($workbook, 'edit', ['cells' => [[2, 2, '7']]]);
        $this->act($workbook, 'edit', ['cells' => [[3, 2, '8']]]);
        $undone = fn () => $workbook->changes()->where('undone', true)->count();
        foreach ([['undo', [], 1], ['redo', [], 0], ['point', ['change' => 0], 2]] as $number => [$path, $more, $count]) {
            $step = ['revision' => $workbook->refresh()->revision, 'sheet' => 1] + $more;
            $this->send($workbook, $path, $step, "there-and-back-$number")->assertOk();
            $this->send($workbook, $path, $step, "there-and-back-$number")->assertConflict()->assertJson(['done' => true]);
            $this->assertSame($count, $undone(), $path);
        }
    }

    public function test_what_somebody_else_did_is_no_sign_that_it_was_done(): void
    {
        $workbook = $this->bringIn('x.csv', "Tree,Count\nOsier,3\nAlder,4\n");
        $step = ['act' => 'edit', 'revision' => $workbook->revision, 'sheet' => 1, 'arguments' => ['cells' => [[2, 2, '7']]]];
        $this->send($workbook, 'acts', ['arguments' => ['cells' => [[2, 2, '9']]]] + $step, 'another-hand')->assertOk();
        foreach (['step-number-1', 'x', '', str_repeat('long', 40)] as $name) {
            $this->send($workbook, 'acts', $step, $name)->assertConflict()->assertJson(['done' => false]);
        }
        $this->assertSame(1, $workbook->changes()->count());
    }

    public function test_a_step_that_was_refused_may_be_asked_for_again(): void
    {
        $workbook = $this->bringIn('x.csv', "Tree,Count\nOsier,3\nAlder,4\n");
        $step = ['act' => 'edit', 'revision' => $workbook->revision, 'sheet' => 1, 'arguments' => ['cells' => [[2, 2, '=1+']]]];
        $this->send($workbook, 'acts', $step, 'step-number-1')->assertUnprocessable();
        $this->send($workbook, 'acts', ['arguments' => ['cells' => [[2, 2, '=1+1']]]] + $step, 'step-number-1')->assertOk();
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function send(Workbook $workbook, string $path, array $body, string $step): TestResponse
    {
        return $this->postJson($this->url("workbooks/{$workbook->id}/$path"), $body, ['X-Step' => $step]);
    }
}
