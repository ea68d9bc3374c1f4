<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Batch\Reported;

/** What became of a file of a batch, or would. */
final readonly class ReportRecord
{
    /**
     * @param  string|null  $output  name of what was written
     * @param  list<string>  $parts
     * @param  list<string>  $doubts
     * @param  list<string>  $done
     * @param  list<string>  $left
     * @param  list<string>  $findings
     */
    public function __construct(
        public ?string $output,
        public ?string $fault,
        public array $parts,
        public array $doubts,
        public array $done,
        public array $left,
        public array $findings,
        public string $words,
    ) {
    }

    public static function of(?string $json): ?self
    {
        /** @var array<string, mixed>|null $data */
        $data = $json === null ? null : json_decode($json, true);
        if ($data === null) {
            return null;
        }
        $one = Reported::fromArray($data);
        $findings = [];
        foreach ($one->findings as $title => $count) {
            $findings[] = "$title: $count";
        }

        return new self($one->output, $one->fault, $one->parts, $one->doubts, $one->done, $one->left, $findings, $one->words());
    }
}
