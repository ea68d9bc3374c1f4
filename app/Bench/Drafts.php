<?php

declare(strict_types=1);

namespace App\Bench;

use App\Jobs\SettleSizes;
use App\Models\Sheet;
use App\Models\Stylebook as StylebookRow;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Support\Facades\DB;
use Rilvet\Act\Dress;
use Rilvet\Change\Json;
use Rilvet\Stylebook\Comparison;
use Rilvet\Stylebook\Difference;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Merge;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Stylebook\StylebookReference;

/**
 * A stylebook that is being changed: a draft of it, worn by a specimen of its own, so that changing it goes the way of every
 * other act, with the same undo. Nothing that wears the stylebook changes until the draft is kept as a version.
 */
final readonly class Drafts
{
    /** Differences that a version is called by. */
    private const SAID = 3;

    public function __construct(private Shelf $shelf)
    {
    }

    /** The draft of a stylebook, begun where there is none; one that says nothing new is brought up to the newest version. */
    public function open(StylebookRow $of): StylebookRow
    {
        $draft = self::of($of);
        if ($draft === null) {
            try {
                return DB::transaction(fn () => $this->begin($of));
            } catch (StylebookIsWrong $taken) {
                // Somebody else opened it in the same moment.
                return self::of($of) ?? throw $taken;
            }
        }
        if ($draft->base !== $of->version && self::changes($of, $draft) === []) {
            DB::transaction(fn () => $this->rebase($of, $draft, Versions::of($of->id)[0]));
        }

        return $draft;
    }

    public static function of(StylebookRow $of): ?StylebookRow
    {
        return StylebookRow::query()->where('draft_of', $of->id)->first();
    }

    /** The workbook in which a draft is seen. */
    public static function specimen(StylebookRow $draft): WorkbookRow
    {
        return WorkbookRow::query()->where('specimen_of', $draft->id)->firstOrFail();
    }

    /** @return list<Difference> what the draft says otherwise than the version that it began with */
    public static function changes(StylebookRow $of, ?StylebookRow $draft): array
    {
        return $draft === null ? [] : Comparison::of(Versions::of($of->id, $draft->base)[0], Versions::of($draft->id)[0]);
    }

    /**
     * Keeps the draft as a version.
     *
     * @param  bool|null  $mine  where somebody kept another version meanwhile and both changed a rule, whether the draft's holds;
     *     null asks
     * @return int number of the version
     *
     * @throws WentOn
     * @throws StylebookIsWrong
     */
    public function keep(StylebookRow $of, StylebookRow $draft, ?bool $mine): int
    {
        $changes = self::changes($of, $draft);
        if ($changes === []) {
            throw StylebookIsWrong::because('the draft', 'nothing was changed since version '.$draft->base.'.');
        }
        [$newest, $number] = Versions::of($of->id);
        [$kept] = Versions::of($draft->id);
        if ($number !== $draft->base) {
            $merge = Merge::of(Versions::of($of->id, $draft->base)[0], $newest, $kept, $mine ?? true);
            if ($mine === null) {
                throw new WentOn($number, $merge);
            }
            $kept = $merge->merged;
        }
        self::leaveNone($of, $newest, $kept);
        $words = self::words($changes);

        return DB::transaction(function () use ($of, $draft, $kept, $number, $words) {
            $version = Versions::keep($of->id, $number, $kept, $words);
            $of->refresh();
            $this->rebase($of, $draft, $kept);
            SettleSizes::needed($of->id);

            return $version;
        });
    }

    /**
     * A named look that cells wear does not go under their feet.
     *
     * @throws StylebookIsWrong
     */
    private static function leaveNone(StylebookRow $of, Stylebook $before, Stylebook $after): void
    {
        $worn = null;
        foreach (array_diff_key($before->looks, $after->looks) as $name => $look) {
            $wearers = count(array_filter(
                $worn ??= DB::table('documents')->where('name', 'wears')
                    ->whereIn('sheet_id', Sheet::wearing($of->id)->whereNull('held')->select('id'))->pluck('data')->all(),
                fn (mixed $names) => is_string($names) && in_array((string) $name, (array) Json::read($names), true),
            ));
            if ($wearers > 0) {
                throw StylebookIsWrong::because("looks.$name", ($wearers === 1 ? 'a sheet wears' : "$wearers sheets wear")
                    .' it. Rename or delete it where it is worn, and its wearers go along.');
            }
        }
    }

    /** Gives up what a draft says. */
    public function drop(StylebookRow $draft): void
    {
        DB::transaction(function () use ($draft) {
            self::specimen($draft)->delete();
            $draft->delete();
        });
    }

    /** @param  list<Difference>  $changes */
    public static function words(array $changes): string
    {
        $words = array_values(array_unique(array_map(fn (Difference $one) => $one->words, $changes)));
        $more = count($words) - self::SAID;

        return implode(', ', array_slice($words, 0, self::SAID)).($more > 0 ? " and $more more" : '');
    }

    private function begin(StylebookRow $of): StylebookRow
    {
        [$stylebook] = Versions::of($of->id);
        $draft = Versions::begin($stylebook, 'The draft begins', $of);
        $reference = new StylebookReference($draft->id);
        $workbook = (new Dress([1], $stylebook, true, null, $reference))->on(SpecimenBook::of($stylebook->name));
        $row = $this->shelf->reserve($stylebook->name, 'specimen');
        $row->update(['revision' => 1, 'specimen_of' => $draft->id, 'looks' => json_encode($workbook->looks->all(), JSON_THROW_ON_ERROR)]);
        NewSheet::keep($row, 1, $workbook->sheet(1));

        return $draft;
    }

    /** What the draft begins with is another version from now on. */
    private function rebase(StylebookRow $of, StylebookRow $draft, Stylebook $now): void
    {
        [$said, $number] = Versions::of($draft->id);
        if (Comparison::of($said, $now) !== []) {
            Versions::keep($draft->id, $number, $now, "Brought up to version $of->version");
        }
        $draft->update(['base' => $of->version]);
        self::specimen($draft)->update(['name' => $now->name]);
    }
}
