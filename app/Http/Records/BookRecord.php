<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Bench\Drafts;
use App\Jobs\SettleSizes;
use App\Models\Sheet;
use App\Models\Stylebook as StylebookRow;
use App\Models\StylebookVersion;

/** A stylebook with its versions and its wearers, and the draft in which it is changed. */
final readonly class BookRecord
{
    /** Versions, and wearers, that are listed. */
    private const LISTED = 500;

    /**
     * @param  int|null  $specimen  the workbook in which the draft is seen
     * @param  int|null  $base  the version that the draft began with
     * @param  list<DifferenceRecord>  $changes  since that one
     * @param  list<VersionRecord>  $versions  the newest first
     * @param  list<WearerRecord>  $worn
     * @param  int  $sheets  that wear it
     * @param  int  $waiting  sheets that the newest version has not fitted yet
     */
    public function __construct(
        public int $id,
        public string $name,
        public int $version,
        public ?int $specimen,
        public ?int $base,
        public array $changes,
        public array $versions,
        public array $worn,
        public int $sheets,
        public int $waiting,
    ) {
    }

    public static function of(StylebookRow $row): self
    {
        $draft = Drafts::of($row);
        $wearers = Sheet::wearing($row->id);
        $waiting = SettleSizes::waiting($row->id)->pluck('id')->flip();

        return new self(
            $row->id, $row->name, $row->version,
            $draft === null ? null : Drafts::specimen($draft)->id,
            $draft?->base,
            array_map(DifferenceRecord::of(...), Drafts::changes($row, $draft)),
            self::versions($row),
            array_values(
                (clone $wearers)->with('workbook')->orderBy('workbook_id')->orderBy('place')->limit(self::LISTED)->get()
                    ->map(fn (Sheet $sheet) => new WearerRecord(
                        $sheet->workbook_id, $sheet->workbook->name, $sheet->number, $sheet->name, $sheet->held, ! isset($waiting[$sheet->id]),
                    ))->all(),
            ),
            $wearers->count(), count($waiting),
        );
    }

    /** @return list<VersionRecord> */
    private static function versions(StylebookRow $row): array
    {
        /** @var array<int, int> $held */
        $held = Sheet::wearing($row->id)->whereNotNull('held')->selectRaw('held, count(*) as sheets')->groupBy('held')
            ->pluck('sheets', 'held')->all();
        // What was taken back is listed where a sheet holds it.
        $versions = $row->versions()
            ->where(fn ($there) => $there->where('gone', false)->orWhereIn('number', array_keys($held)))
            ->latest('number')->limit(self::LISTED)->get(['number', 'words', 'created_at']);

        return array_values($versions->map(fn (StylebookVersion $version) => new VersionRecord(
            $version->number, $version->words, $version->created_at?->diffForHumans() ?? '', $version->number === $row->version,
            $held[$version->number] ?? 0,
        ))->all());
    }
}
