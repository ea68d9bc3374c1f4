<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Workbook;
use Tests\TestCase;

/** Number formats, column rules and changes of data through the server. */
final class NumbersTest extends TestCase
{
    private const TABLE = "Tree,Seen,Price,Count\nRowan,2026-03-04,£1204.50,7\nAspen,2026-04-05,£96.25,12\nHazel,2026-05-06,£3.20,"
        ."9\nTotal,,£1303.95,28\n";

    public function test_a_cell_tells_what_it_stores_shows_and_could_read_as(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $view = $this->number($workbook, 2, 2);
        $this->assertSame(['2026-03-04', 'yyyy-mm-dd', 'date'], [$view['shown'], $view['code'], $view['choice']['purpose']]);
        $this->assertStringContainsString('a count of days from the end of 1899: day 46,085', $view['explained']);
        $samples = array_column($view['samples'], 'shown', 'name');
        $this->assertSame(['46085', '04 Mar 2026', '46,085'], [$samples['as_it_is'], $samples['date'], $samples['grouped']]);
        $this->assertContains('Wed 4 Mar 2026', array_column($view['patterns'], 'shown'));
        $price = $this->number($workbook, 2, 3);
        $this->assertSame(['£1204.50', 2, 'Price', 1], [$price['shown'], $price['needed'], $price['heading'], $price['alike']]);
        $blank = $this->number($workbook, 40, 9);
        $this->assertSame(['', 'nothing', 'General'], [$blank['stored'], $blank['explained'], $blank['code']]);
    }

    public function test_a_choice_is_a_format_act(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $this->act($workbook, 'format', [
            'ranges' => 'C2:C4',
            'look' => ['number' => ['purpose' => 'money', 'decimals' => 0, 'symbol' => '€', 'place' => 'behind']],
        ]);
        $this->assertSame(
            ['1,205 €', 'money', '€'],
            [
                $this->number($workbook, 2, 3)['shown'],
                $this->number($workbook, 2, 3)['choice']['purpose'],
                $this->number($workbook, 2, 3)['choice']['symbol'],
            ],
        );
        foreach ([['purpose' => 'joy'], ['purpose' => 'money', 'symbol' => '"; "'], ['purpose' => 'plain', 'decimals' => -1]] as $choice) {
            $this->refused($workbook, 'format', ['ranges' => 'C2', 'look' => ['number' => $choice]], 'number format');
        }
        $this->refused($workbook, 'format', ['ranges' => 'C2', 'look' => ['number' => '0"kg']], 'character 2');
    }

    public function test_a_rule_reaches_all_sheets_that_wear_the_stylebook_and_one_undo_takes_it_back(): void
    {
        [$first, $second] = [$this->bringIn('a.csv', self::TABLE), $this->bringIn('b.csv', self::TABLE)];
        foreach ([$first, $second] as $workbook) {
            $this->act($workbook, 'dress', ['stylebook' => 'River ledger']);
        }
        $this->assertSame('first', $this->number($first, 2, 3)['rule']['sign']);
        $before = $this->texts($second);
        $this->act($first, 'rule', [
            'scope' => 'everywhere',
            'kind' => 'amount',
            'rule' => ['sign' => 'heading', 'scale' => 3, 'least' => 2],
        ]);
        foreach ([$first, $second] as $workbook) {
            $texts = $this->texts($workbook);
            $this->assertSame(
                ["Price\n£ thousand", '1.20', '0.10', '0.00', '1.30'],
                [$texts['1.3'], $texts['2.3'], $texts['3.3'], $texts['4.3'], $texts['5.3']],
            );
        }
        $this->refused($first, 'rule', ['scope' => 'everywhere', 'kind' => 'amount', 'rule' => ['scale' => 5]], 'scale takes');
        $this->refused($first, 'rule', ['scope' => 'everywhere', 'kind' => 'magic', 'rule' => []], 'column kind');
        $this->postJson($this->url("workbooks/{$first->id}/undo"), ['revision' => $first->refresh()->revision, 'sheet' => 1])->assertOk();
        $this->assertSame($before, $this->texts($second));
    }

    public function test_columns_of_one_heading_take_a_format_together(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $this->act($workbook, 'formatHeaded', ['sheets' => 'all', 'heading' => 'count', 'look' => ['number' => '0.0']]);
        $texts = $this->texts($workbook);
        $this->assertSame(['Count', '7.0', '12.0', '28.0'], [$texts['1.4'], $texts['2.4'], $texts['3.4'], $texts['5.4']]);
    }

    public function test_a_kept_format_is_offered_with_the_cells_own_value(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger']);
        $this->act($workbook, 'keepNumber', ['scope' => 'everywhere', 'name' => 'Short day', 'code' => 'ddd d mmm']);
        $this->assertSame(
            [['name' => 'Short day', 'words' => 'Short day', 'code' => 'ddd d mmm', 'shown' => 'Wed 4 Mar']],
            $this->number($workbook, 2, 2)['kept'],
        );
        $this->refused($workbook, 'keepNumber', ['scope' => 'everywhere', 'name' => 'Bad', 'code' => '0"'], 'numbers.Bad');
        $this->act($workbook, 'dropNumber', ['scope' => 'everywhere', 'name' => 'Short day']);
        $this->assertSame([], $this->number($workbook, 2, 2)['kept']);
    }

    public function test_a_change_of_data_is_named_in_the_history_and_at_the_hand_over(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $this->act($workbook, 'convert', ['ranges' => 'D2:D5', 'to' => 'hundredths']);
        $this->assertSame(['7%', '28%'], [$this->texts($workbook)['2.4'], $this->texts($workbook)['5.4']]);
        $this->assertSame(
            'Data: divided by a hundred, to percent, D2:D5',
            $this->getJson($this->url("workbooks/{$workbook->id}/history"))->json('0.words'),
        );
        $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), ['format' => 'xlsx'])->assertCreated();
        $this->assertSame([1, 0], [$handover->json('dataActs'), $handover->json('values')]);
        $this->refused($workbook, 'convert', ['ranges' => 'A2', 'to' => 'gold'], 'one of');
        $this->refused($workbook, 'convert', ['ranges' => 'A2', 'to' => 'numbers'], 'no cell there');
        $this->assertSame([], $this->getJson($this->url("workbooks/{$workbook->id}/sheets/1/truths"))->assertOk()->json());
        $this->getJson($this->url("workbooks/{$workbook->id}/sheets/9/truths"))->assertUnprocessable();
    }

    /** @return array<string, mixed> */
    private function number(Workbook $workbook, int $row, int $column): array
    {
        return $this->getJson($this->url("workbooks/{$workbook->id}/sheets/1/number?row=$row&column=$column&alike=1"))->assertOk()->json();
    }
}
