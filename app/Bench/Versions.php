<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Stylebook as StylebookRow;
use App\Models\StylebookVersion;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Rilvet\Change\StylebookPatch;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Comparison;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Exception\VersionIsGone;
use Rilvet\Stylebook\Merge;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Stylebook\StylebookReference;

/**
 * Stylebooks and their versions. What was kept is never written over: a change is a version more, and which of them is the
 * newest is said in one place, for every sheet that follows it.
 */
final class Versions
{
    /** Parsed versions that are kept in mind. */
    private const KEPT = 50;

    /** What drafts are called, longer than any name that a person gives. */
    private const DRAFT = '······················· a draft, which nobody sees by its name, of ';

    /** @var array<string, Stylebook> by what their file says */
    private static array $parsed = [];

    /**
     * What a sheet wears.
     *
     * @throws VersionIsGone
     */
    public static function referred(StylebookReference $reference): Stylebook
    {
        return self::of($reference->stylebook, $reference->held)[0];
    }

    /**
     * A version of a stylebook, or its newest.
     *
     * @return array{Stylebook, int} with its number
     *
     * @throws VersionIsGone
     */
    public static function of(int $id, ?int $number = null): array
    {
        $found = DB::table('stylebooks')
            ->leftJoin('stylebook_versions', function (JoinClause $join) use ($number) {
                $join->on('stylebook_versions.stylebook_id', 'stylebooks.id');
                $number === null
                    ? $join->on('stylebook_versions.number', 'stylebooks.version')
                    : $join->where('stylebook_versions.number', $number);
            })
            ->where('stylebooks.id', $id)
            ->first(['stylebook_versions.data', 'stylebook_versions.number']);
        if ($found === null) {
            throw VersionIsGone::stylebook($id);
        }
        if (! is_string($found->data) || ! is_numeric($found->number)) {
            throw VersionIsGone::version($number ?? 0);
        }
        $key = hash('xxh128', $found->data);
        if (! isset(self::$parsed[$key])) {
            self::$parsed = count(self::$parsed) < self::KEPT ? self::$parsed : [];
            self::$parsed[$key] = Stylebook::fromJson($found->data);
        }

        return [self::$parsed[$key], (int) $found->number];
    }

    /**
     * A stylebook of the shelf by its name; one that comes with Rilvet is put there when it is asked for first.
     *
     * @throws StylebookIsWrong
     */
    public static function named(string $name): StylebookRow
    {
        $found = self::standing($name);
        if ($found !== null) {
            return $found;
        }
        $builtin = Builtin::named($name);
        try {
            return self::standing($builtin->name) ?? self::begin($builtin, 'As it comes with Rilvet');
        } catch (StylebookIsWrong $taken) {
            // Somebody else was quicker, and put the same one there.
            return self::standing($builtin->name) ?? throw $taken;
        }
    }

    /** @phpstan-impure */
    private static function standing(string $name): ?StylebookRow
    {
        return StylebookRow::onShelf()->where('name', $name)->first();
    }

    /**
     * Names of the shelf, which another stylebook cannot have.
     *
     * @param  int|null  $but  id of a stylebook that stands there; null for a new one, which has no name of those that come with Rilvet
     * @return list<string> in small letters
     */
    public static function taken(?int $but = null): array
    {
        /** @var list<string> $shelf */
        $shelf = StylebookRow::onShelf()->where('id', '!=', $but ?? 0)->pluck('name')->all();
        $builtin = $but === null ? array_map(fn (Stylebook $one) => $one->name, Builtin::all()) : [];

        return array_map(mb_strtolower(...), [...$shelf, ...$builtin]);
    }

    /**
     * Puts a new stylebook on the shelf.
     *
     * @throws StylebookIsWrong where its name is taken
     */
    public static function begin(Stylebook $stylebook, string $words, ?StylebookRow $draftOf = null): StylebookRow
    {
        $name = $draftOf === null ? $stylebook->name : self::DRAFT.$draftOf->id;
        try {
            return DB::transaction(function () use ($stylebook, $words, $draftOf, $name) {
                $row = StylebookRow::query()->create([
                    'name' => $name, 'version' => 1, 'draft_of' => $draftOf?->id, 'base' => $draftOf?->version, 'gone' => false,
                ]);
                $row->versions()->create(['number' => 1, 'data' => $stylebook->toJson(), 'words' => $words]);

                return $row;
            });
        } catch (UniqueConstraintViolationException) {
            throw StylebookIsWrong::taken($stylebook->name);
        }
    }

    /**
     * A version more, which is the newest now. Inside of a transaction of the caller's.
     *
     * @param  int  $before  the newest, as the caller knows it
     *
     * @throws Outrun where it is another one by now
     */
    public static function keep(int $id, int $before, Stylebook $stylebook, string $words): int
    {
        $number = 1 + self::last($id);
        self::point($id, $before, $number, $stylebook);
        StylebookVersion::query()->create([
            'stylebook_id' => $id, 'number' => $number, 'data' => $stylebook->toJson(), 'words' => mb_substr($words, 0, 250),
        ]);

        return $number;
    }

    /**
     * Steps from one version to another, back or forward. Where somebody went on meanwhile, what the step says goes into what
     * there is now, rule by rule: what the other one changed stays.
     *
     * @throws Outrun
     */
    public static function step(StylebookPatch $patch): void
    {
        $id = $patch->stylebook;
        [$now, $number] = self::of($id);
        if ($number === $patch->before) {
            [$after] = self::of($id, $patch->after);
            self::point($id, $number, $patch->after, $after);
            self::markGone($id, $patch->before, $patch->after < $patch->before);
            self::markGone($id, $patch->after, false);

            return;
        }
        [$before] = self::of($id, $patch->before);
        [$after] = self::of($id, $patch->after);
        $merged = Merge::of($before, $now, $after, false)->merged;
        if (Comparison::of($now, $merged) !== []) {
            self::keep($id, $number, $merged, $patch->after < $patch->before ? 'Taken back from an earlier version' : 'Done again');
        }
    }

    /** @return list<string> the stylebooks that the sheets of a workbook wear, with their versions */
    public static function wornBy(WorkbookRow $row): array
    {
        $worn = [];
        foreach ($row->sheets()->with('stylebook')->get() as $sheet) {
            $stylebook = $sheet->stylebook;
            if ($stylebook !== null) {
                $worn[] = "$stylebook->name, version ".($sheet->held ?? $stylebook->version);
            }
        }

        return array_values(array_unique($worn));
    }

    private static function point(int $id, int $before, int $after, Stylebook $stylebook): void
    {
        $row = StylebookRow::query()->whereKey($id);
        $isDraft = (clone $row)->whereNotNull('draft_of')->exists();
        $done = $row->where('version', $before)->update(
            ['version' => $after, 'turns' => DB::raw('turns + 1')] + ($isDraft ? [] : ['name' => self::free($stylebook->name, $id)]),
        );
        $done === 1 || throw new Outrun;
    }

    /** @throws StylebookIsWrong where another stylebook has the name */
    private static function free(string $name, int $id): string
    {
        return in_array(mb_strtolower($name), self::taken($id), true) ? throw StylebookIsWrong::taken($name) : $name;
    }

    private static function markGone(int $id, int $number, bool $gone): void
    {
        StylebookVersion::query()->where('stylebook_id', $id)->where('number', $number)->update(['gone' => $gone]);
    }

    private static function last(int $id): int
    {
        $last = StylebookVersion::query()->where('stylebook_id', $id)->max('number');

        return is_int($last) ? $last : 0;
    }
}
