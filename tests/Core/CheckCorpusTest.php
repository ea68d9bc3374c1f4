<?php

declare(strict_types=1);

namespace Tests\Core;

use App\CommandLine\Files;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\TestCase;
use Rilvet\Check\Checks;
use Tests\Corpus;

/** What checks find in files with one fault planted into each, and what they leave alone. */
final class CheckCorpusTest extends TestCase
{
    public function test_precision_and_recall_over_the_corpus(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'bed').'.xlsx';
        $right = $sheets = 0;
        $missed = $wrong = [];
        foreach ((new Corpus)->all() as $name => [$bed, $check, $may]) {
            $sheets++;
            (new Xlsx($bed->book))->save($path);
            $bed->book->disconnectWorksheets();
            $found = array_column(array_map(fn ($one) => [$one->check, $one->words], Checks::on(Files::open($path), Checks::all())), 1, 0);
            if ($check !== null) {
                isset($found[$check]) ? $right++ : $missed[] = $name;
            }
            foreach (array_diff_key($found, array_flip([...$may, (string) $check])) as $other => $words) {
                $wrong[] = "$name: $other, $words";
            }
        }
        unlink($path);
        self::assertGreaterThanOrEqual(300, $sheets);
        self::assertGreaterThanOrEqual(0.97, $right / ($right + count($wrong)), implode("\n", $wrong));
        self::assertGreaterThanOrEqual(0.97, $right / ($right + count($missed)), implode("\n", $missed));
    }
}
