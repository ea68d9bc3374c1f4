<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Workbook;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Several looks in one request say what each says by itself. */
final class TogetherTest extends TestCase
{
    private const LOOKS = ['sheets/1/window?top=1&left=1&bottom=9&right=4', 'sheets/1/inspection?row=2&column=1&ranges=A2:B3',
        'sheets/1/number?row=2&column=2&alike=0', 'sheets/1/figures?ranges=A1:B9', 'sheets/1/drawings', 'sheets/1/guard',
        'conditions?sheet=1', 'sheets/1/truths', 'sheets/1/cut', 'sheets/1/entry?row=2&column=2'];

    private function table(): Workbook
    {
        return $this->bringIn('Trees.csv', "Tree,Count,Worth\nRowan,3,4.25\nAspen,4,2.5\nHazel,5,1.25\nTotal,12,8.00\n");
    }

    /**
     * @param  list<string>  $reads
     * @return list<array{at: int, status: int, body: mixed}> the lines of the answer
     */
    private function together(Workbook $workbook, array $reads): array
    {
        $answer = $this->get($this->url("workbooks/{$workbook->id}/together?".http_build_query(['read' => $reads])))->assertOk();
        /** @var list<array{at: int, status: int, body: mixed}> $lines */
        $lines = array_map(fn (string $line) => json_decode($line, true, 64, JSON_THROW_ON_ERROR),
            explode("\n", rtrim($answer->streamedContent(), "\n")));

        return $lines;
    }

    public function test_each_is_answered_as_by_itself_in_its_place(): void
    {
        $workbook = $this->table();
        $said = $this->together($workbook, self::LOOKS);
        self::assertSame(array_keys(self::LOOKS), array_column($said, 'at'));
        foreach (self::LOOKS as $at => $look) {
            $alone = $this->getJson($this->url("workbooks/{$workbook->id}/$look"))->assertOk()->json();
            self::assertSame([200, $alone], [$said[$at]['status'], $said[$at]['body']], $look);
        }
    }

    public function test_one_that_is_refused_leaves_the_others(): void
    {
        $workbook = $this->table();
        $said = $this->together($workbook, ['sheets/7/guard', 'sheets/1/figures?ranges=A1', 'sheets/1/window?top=x',
            'sheets/1/figures?ranges=!', 'sheets/1/no-such-look', 'sheets/1/renewal', 'sheets/1/drawings/0']);
        self::assertSame([422, 200, 422, 422, 404, 405, 404], array_column($said, 'status'));
        foreach ($said as ['status' => $status, 'body' => $body]) {
            self::assertTrue($status === 200 || is_array($body) && ($body['message'] ?? '') !== '');
        }
        $none = (new Workbook)->forceFill(['id' => 4_711]);
        self::assertSame([404], array_column($this->together($none, ['sheets/1/guard']), 'status'));
    }

    /** @return iterable<string, array{mixed}> */
    public static function wrong(): iterable
    {
        yield 'nothing' => [null];
        yield 'no list' => ['sheets/1/guard'];
        yield 'an empty list' => [[]];
        yield 'no texts' => [[['sheets/1/guard']]];
        yield 'too many' => [array_fill(0, 41, 'sheets/1/guard')];
        yield 'too long' => [['sheets/1/figures?ranges='.str_repeat('A1,', 2_000)]];
        yield 'another workbook' => [['../2/sheets/1/guard']];
        yield 'another address' => [['together?read[]=sheets/1/guard']];
        yield 'an act' => [['acts']];
        yield 'what settles sizes' => [['sheets/1']];
    }

    #[DataProvider('wrong')]
    public function test_what_is_no_list_of_looks_is_refused(mixed $reads): void
    {
        $workbook = $this->table();
        $answer = $this->getJson($this->url("workbooks/{$workbook->id}/together?".http_build_query(['read' => $reads])));
        self::assertStringContainsString('"read"', (string) $answer->assertStatus(422)->json('message'));
    }

    public function test_the_sheet_is_loaded_once_for_all_of_them(): void
    {
        $workbook = $this->table();
        $documents = 0;
        DB::listen(function ($query) use (&$documents) {
            $documents += (int) str_contains($query->sql, 'from "documents"');
        });
        $this->together($workbook, ['sheets/1/guard', 'sheets/1/inspection?row=2&column=1&ranges=A2', 'sheets/1/figures?ranges=A1:B9']);
        self::assertSame(1, $documents);
        // The next request sees what was done meanwhile.
        $this->act($workbook, 'edit', ['cells' => [[2, 2, '30']]]);
        $said = $this->together($workbook, ['sheets/1/figures?ranges=B2']);
        self::assertSame('30', $said[0]['body']['sum'] ?? null);
    }
}
