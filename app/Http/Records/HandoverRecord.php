<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A file on its way out, and its proof; of a pdf, cells are its pages. */
final readonly class HandoverRecord
{
    /**
     * @param  int  $results  formulas that give something else than the file did in which they came
     * @param  list<string>  $resultPlaces  the first of them
     * @param  list<string>  $wore  stylebooks and their versions, such as "River ledger, version 3"
     * @param  list<string>  $missing  characters that no shipped font has, of a pdf
     * @param  int  $notCalculated  formulas that keep a value which may no longer be what they give
     */
    public function __construct(
        public string $id,
        public string $format,
        public string $status,
        public int $progress,
        public ?string $message,
        public ?int $cells,
        public ?int $values,
        public ?int $formulas,
        public int $results,
        public array $resultPlaces,
        public int $notCalculated,
        public int $dataActs,
        public array $wore,
        public array $missing,
    ) {
    }
}
