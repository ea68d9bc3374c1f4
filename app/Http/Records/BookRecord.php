<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Bench\Drafts;
use App\Jobs\SettleSizes;
use App\Models\Sheet;
use App\Models\Stylebook as StylebookRow;
use App\Models\StylebookVersion;
use Illuminate\Database\Eloquent\Builder;

/** A stylebook with its versions and its wearers, and the draft in which it is changed. */
final readonly class BookRecord
{
    /** Versions, and wearers, that are listed. */
    private const LISTED = 500;

    private const OTHERS = 100;

    /**
     * @param  int|null  $specimen  the workbook in which the draft is seen
     * @param  int|null  $base  the version that the draft began with
     * @param  list<DifferenceRecord>  $changes  since that one
     * @param  list<VersionRecord>  $versions  the newest first
     * @param  list<WearerRecord>  $worn
     * @param  list<WearerRecord>  $could  other sheets that it can be seen on
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
        public array $could,
        public int $sheets,
        public int $waiting,
    ) {
    }

    public static function of(StylebookRow $row): self
    {
        $draft = Drafts::of($row);
        $wearers = Sheet::wearing($row->id);
        /** @var array<int, int> $waiting */
        $waiting = SettleSizes::waiting($row->id)->pluck('id', 'id')->all();

        return new self(
            $row->id, $row->name, $row->version,
            $draft === null ? null : Drafts::specimen($draft)->id,
            $draft?->base,
            array_map(DifferenceRecord::of(...), Drafts::changes($row, $draft)),
            self::versions($row),
            self::sheets((clone $wearers)->limit(self::LISTED), $waiting),
            self::sheets(Sheet::query()->where('gone', false)->where('state', 'visible')->where('rows', '>', 0)
                ->where(fn (Builder $other) => $other->whereNull('stylebook_id')->orWhere('stylebook_id', '!=', $row->id))
                ->whereHas('workbook', fn (Builder $shelf) => $shelf->whereNull('specimen_of')->where('revision', '>', 0))
                ->limit(self::OTHERS), []),
            $wearers->count(), count($waiting),
        );
    }

    /**
     * @param  Builder<Sheet>  $sheets
     * @param  array<int, int>  $waiting  by the id of a sheet
     * @return list<WearerRecord>
     */
    private static function sheets(Builder $sheets, array $waiting): array
    {
        return array_values($sheets->with('workbook')->orderBy('workbook_id')->orderBy('place')->get()->map(
            fn (Sheet $sheet) => new WearerRecord(
                $sheet->workbook_id, $sheet->workbook->name, $sheet->number, $sheet->name, $sheet->held, ! isset($waiting[$sheet->id]),
            ),
        )->all());
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
