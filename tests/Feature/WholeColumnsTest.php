<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Workbook;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A look that somebody gave to a whole column is there for rows that come later, in each format that has a word for it. */
final class WholeColumnsTest extends TestCase
{
    private const TABLE = "Tree,Count,Bed\nRowan,5,N\nAspen,7,S\nBirch,9,E\n";

    /** @return iterable<string, array{string}> */
    public static function formats(): iterable
    {
        yield 'xlsx' => ['xlsx'];
        yield 'ods' => ['ods'];
    }

    #[DataProvider('formats')]
    public function test_it_goes_out_and_comes_in_again(string $format): void
    {
        $workbook = $this->bringIn('Trees.csv', self::TABLE);
        $this->act($workbook, 'format', ['ranges' => 'B1:B1048576', 'look' => ['fill' => '#FFE08A']]);
        $this->act($workbook, 'format', ['ranges' => 'C1', 'look' => ['bold' => true]]);
        // Wiped in one cell of it: that one has no fill, though its column does.
        $this->act($workbook, 'wipe', ['ranges' => 'B3', 'facet' => null]);
        $again = $this->bringIn("Again.$format", $this->bytes($workbook, $format));
        foreach ([$workbook, $again] as $book) {
            $this->assertSame(
                ['#FFE08A', null, '#FFE08A', '#FFE08A', null],
                array_map(fn (string $cell) => $this->fill($book, $cell), ['B2', 'B3', 'B4', 'B5000', 'C5000']),
            );
        }
        if ($format === 'ods') {
            // And once more, from what came with the file.
            $third = $this->bringIn('Third.ods', $this->bytes($again, 'ods'));
            $this->assertSame(
                ['#FFE08A', null, '#FFE08A'],
                array_map(fn (string $cell) => $this->fill($third, $cell), ['B2', 'B3', 'B5000']),
            );
        }
    }

    public function test_another_library_sees_it(): void
    {
        $workbook = $this->bringIn('Trees.csv', self::TABLE);
        $this->act($workbook, 'format', ['ranges' => 'B1:B1048576', 'look' => ['fill' => '#FFE08A']]);
        $path = (string) tempnam(sys_get_temp_dir(), 'whole').'.ods';
        file_put_contents($path, $this->bytes($workbook, 'ods'));
        $sheet = IOFactory::load($path)->getSheet(0);
        $this->assertSame(
            [5, 'FFE08A'],
            [(int) $sheet->getCell('B2')->getValue(), strtoupper($sheet->getStyle('B2')->getFill()->getStartColor()->getRGB())],
        );
        $this->assertSame(4, $sheet->getHighestDataRow(), 'the look makes no cells');
    }

    private function bytes(Workbook $workbook, string $format): string
    {
        $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), ['format' => $format, 'sheet' => 1])
            ->assertCreated()
            ->json();
        $this->assertSame('done', $handover['status'], (string) $handover['message']);

        return (string) file_get_contents(storage_path("app/handovers/{$handover['id']}.$format"));
    }

    private function fill(Workbook $workbook, string $address): ?string
    {
        [$row, $column] = [(int) substr($address, 1), ord($address[0]) - 64];
        $attributes = $this->get($this->url("workbooks/{$workbook->id}/sheets/1/inspection?ranges=$address&row=$row&column=$column"))
            ->assertOk()
            ->json('inspection.attributes');
        $value = array_column($attributes, 'value', 'name')['fill'];

        return $value === 'none' ? null : $value;
    }
}
