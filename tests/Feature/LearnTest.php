<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\Nursery;
use App\Models\Stylebook;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Rilvet\Stylebook\Builtin;
use Tests\TestCase;

/** A stylebook is learned from a workbook on the Bench, stands on the shelf, and dresses others. */
final class LearnTest extends TestCase
{
    public function test_a_design_becomes_a_stylebook_that_dresses_others(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'site');
        (new Xlsx((new Nursery)->site()))->save($path);
        $site = $this->bringIn('Hollin Lane.xlsx', (string) file_get_contents($path));
        unlink($path);
        $this->assertStringContainsString('fills on', (string) $this->get($this->url("workbooks/$site->id/sheets/1"))->json('design'));
        $learned = $this->postJson($this->url("workbooks/$site->id/learn"), ['sheets' => [1]])->assertCreated();
        $this->assertSame('Looks of Hollin Lane', $learned->json('name'));
        $this->assertGreaterThan(10, $learned->json('rules'));
        $names = array_column($this->get($this->url('shelf'))->json('stylebooks'), 'name');
        $this->assertContains('Looks of Hollin Lane', $names);
        $other = $this->bringIn('other.csv', "Tree,Count\nRowan,3\nAspen,4\nHazel,5\nElm,7\nOak,8\n");
        $this->act($other, 'dress', ['stylebook' => 'Looks of Hollin Lane', 'clean' => false]);
        $heading = $this->get($this->url("workbooks/$other->id/sheets/1/inspection?row=1&column=1&ranges=A1"))->assertOk();
        $this->assertStringContainsString('Looks of Hollin Lane', $heading->content() ?: '');
        // The same again stands beside it under a name of its own.
        $again = $this->postJson($this->url("workbooks/$site->id/learn"), ['sheets' => 'all'])->assertCreated();
        $this->assertSame('Looks of Hollin Lane 2', $again->json('name'));
        $this->assertSame(1, $site->refresh()->revision, 'nothing of the workbook changes');
    }

    public function test_what_there_is_nothing_to_learn_from_is_said(): void
    {
        $plain = $this->bringIn('plain.csv', "Tree,Count\nRowan,3\nAspen,4\nHazel,5\n");
        $this->assertNull($this->get($this->url("workbooks/$plain->id/sheets/1"))->json('design'));
        $this->postJson($this->url("workbooks/$plain->id/learn"), ['sheets' => [1]])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'There is nothing to learn from in this workbook: no table was read whose cells wear a look.');
        foreach ([null, [], 'some', [0], [7], ['1'], [[1]], 1] as $sheets) {
            $status = $this->postJson($this->url("workbooks/$plain->id/learn"), ['sheets' => $sheets])->status();
            $this->assertContains($status, [404, 422], (string) json_encode($sheets));
        }
        $this->postJson($this->url('workbooks/999/learn'), ['sheets' => [1]])->assertNotFound();
        $this->assertSame(count(Builtin::all()), Stylebook::query()->count(), 'none but those that come with Rilvet');
    }
}
