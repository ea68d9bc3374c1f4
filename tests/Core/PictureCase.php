<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Calculation\LibraryCalculator;
use App\Files\Writing\Writers;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Refusal;
use Rilvet\Work\Workbook;
use ZipArchive;

/**
 * What things come to, as pictures in words that are kept beside the tests: whatever changes in them shows as a difference of
 * lines, to be looked at. RILVET_WRITE_PICTURES=1 writes them anew.
 */
abstract class PictureCase extends TestCase
{
    private const FOLDER = __DIR__.'/pictures';

    /** @return list<string> */
    protected function outcome(Act $act, Workbook $workbook): array
    {
        try {
            $outcome = self::pipeline()->run($act, $workbook);
            $change = $outcome->change();
        } catch (Refusal $refusal) {
            return ['  refused: '.$refusal->getMessage()];
        }
        $reach = $act->reach();
        $said = [
            '  '.$outcome->words().($change->isOfData ? ' (data)' : ''),
            '  reaches '.
            implode(',', $reach->sheets).
            ($reach->isPlaced ? ' placed' : '').
            ($reach->needsAll ? ' all' : '').
            ($reach->ofSizes ? ' sizes' : ''),
        ];
        foreach ($change->patches as $patch) {
            [$sheet, $what, $before, $after] = $patch->toArray();
            $isMade = $what === 'blocks';
            $said[] =
                "  $sheet $what ".
                ($isMade ? ''
                    : Picture::sum([$before]).' -> '.(strlen($after) < 300 ? $after : Picture::sum([$after])));
        }

        return [
            ...$said,
            '  window '.Picture::sum(Picture::windows($outcome->after)),
            '  read '.Picture::sum(Picture::reading($outcome->after)),
        ];
    }

    protected function done(Act $act, Workbook $workbook): Workbook
    {
        return self::pipeline()->run($act, $workbook)->after;
    }

    protected static function pipeline(): Pipeline
    {
        return new Pipeline(new Recalculate(new LibraryCalculator, 30.0));
    }

    /** @return list<string> the parts of a written file, each with a sum of its bytes; texts line by line */
    protected function written(string $ending, Workbook $workbook, ?string $package): array
    {
        $path = sys_get_temp_dir().'/rilvet-picture-'.getmypid().".$ending";
        $writer = Writers::for($ending, source: $package, edited: null) ?? self::fail("nothing writes $ending");
        $writer->write($workbook, $path);
        self::assertSame([], $writer->prove($workbook, $path)->places, $ending);
        $bytes = (string) file_get_contents($path);
        $lines = [];
        if (str_starts_with($bytes, 'PK')) {
            $zip = new ZipArchive;
            $zip->open($path);
            for ($at = 0; $at < $zip->numFiles; $at++) {
                // The properties of a document say when it was made.
                if (! str_starts_with((string) $zip->getNameIndex($at), 'docProps/')) {
                    $lines[] = $zip->getNameIndex($at).' '.Picture::sum([(string) $zip->getFromIndex($at)]);
                }
            }
            $zip->close();
        } else {
            $lines[] = Picture::sum([$bytes]);
        }
        unlink($path);

        return $lines;
    }

    /** @param  list<string>  $lines */
    protected function assertPicture(string $name, array $lines): void
    {
        $text = implode("\n", $lines)."\n";
        $file = self::FOLDER."/$name.txt";
        if (getenv('RILVET_WRITE_PICTURES') === '1') {
            is_dir(self::FOLDER) || mkdir(self::FOLDER);
            file_put_contents($file, $text);
        }
        self::assertSame(
            (string) file_get_contents($file),
            $text,
            'RILVET_WRITE_PICTURES=1 vendor/bin/phpunit --filter PictureTest writes it anew',
        );
    }
}
