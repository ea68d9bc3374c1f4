<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Models\Lesson;
use Rilvet\Change\Json;

/** What was learned from corrections of a table. */
final readonly class LessonRecord
{
    private function __construct(public int $id, public string $headings, public string $from, public int $corrections)
    {
    }

    public static function of(Lesson $row): self
    {
        /** @var array{headings: list<string>, top: list<mixed>, labels: array<string, mixed>, columns: array<string, mixed>} $data */
        $data = Json::read($row->data);
        $headings = implode(', ', array_filter($data['headings'], fn (string $heading) => $heading !== ''));

        return new self(
            $row->id, mb_strimwidth($headings, 0, 120, '…'), $row->from,
            count($data['top']) + count((array) $data['labels']) + count((array) $data['columns']),
        );
    }
}
