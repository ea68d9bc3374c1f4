<?php

declare(strict_types=1);

namespace App\Files\Xlsx;

use App\Files\Writing\Proof;
use App\Files\Writing\Safely;
use App\Files\Writing\WorkbookWriter;
use Rilvet\Work\Workbook;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\BookRewrite;
use RuntimeException;

/** Writes a workbook that came as xlsx back into its own package, in which all stays that Rilvet did not change. */
final class PackageWriter implements WorkbookWriter
{
    private ?BookRewrite $rewrite = null;

    /**
     * @param  string  $source  path of the package as it came
     * @param  list<int>|null  $edited  numbers of the sheets in which cells were changed; null where nobody knows
     */
    public function __construct(private readonly string $source, private readonly ?array $edited = null)
    {
    }

    public function write(Workbook $workbook, string $path, ?callable $progress = null): void
    {
        Safely::to($path, function (string $unfinished) use ($workbook, $progress) {
            $stream = fopen($this->source, 'rb') ?: throw new RuntimeException('The package as it came is not there.');
            $out = fopen($unfinished, 'w+b') ?: throw new RuntimeException('The file cannot be written.');
            try {
                $this->rewrite = new BookRewrite(new Book($stream), $workbook, $this->edited);
                $this->rewrite->write($out, $progress);
            } finally {
                fclose($stream);
                fclose($out);
            }
        });
    }

    public function prove(Workbook $workbook, string $path, ?callable $progress = null): Proof
    {
        $proof = XlsxProof::of($workbook, $path, $progress);
        $proof->results = $this->rewrite->countResults ?? 0;
        $proof->resultPlaces = array_slice($this->rewrite->results ?? [], 0, 100);

        return $proof;
    }
}
