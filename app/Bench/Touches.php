<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Support\Facades\DB;
use Rilvet\Act\Reach;
use Rilvet\Grid\RangeSet;

/**
 * What a change touched, as far as an act that was asked for before it can collide with it: cells that were typed over,
 * and sheets whose rows or columns went to other places. Everything else is done on the newest state.
 *
 * @phpstan-type TouchData array{places: list<int>, cells: array<int, string>}
 */
final readonly class Touches
{
    /** So many revisions back an act may have been asked for. */
    private const KEPT = 500;

    /**
     * @param  list<int>  $places  numbers of sheets on which addresses mean other cells now
     * @param  array<int, RangeSet>  $cells  typed over, by the number of their sheet
     */
    private function __construct(public array $places, public array $cells)
    {
    }

    public static function of(Reach $reach): self
    {
        return new self($reach->moved, array_filter($reach->typed, fn (RangeSet $set) => count($set) > 0));
    }

    public static function none(): self
    {
        return new self([], []);
    }

    public static function fromJson(?string $json): self
    {
        /** @var TouchData|null $data */
        $data = $json === null ? null : json_decode($json, true, 8, JSON_THROW_ON_ERROR);

        return $data === null ? new self([], []) : new self($data['places'], array_map(RangeSet::parse(...), $data['cells']));
    }

    public function json(): string
    {
        return json_encode(['places' => $this->places, 'cells' => (object) array_map(strval(...), $this->cells)], JSON_THROW_ON_ERROR);
    }

    public function keep(int $workbook, int $revision): void
    {
        DB::table('revisions')->insert([
            'workbook_id' => $workbook,
            'revision' => $revision,
            'touches' => $this->json(),
            'step' => Step::name(),
        ]);
        DB::table('revisions')
            ->where('workbook_id', $workbook)
            ->where('revision', '<', $revision - self::KEPT)
            ->delete();
    }

    /**
     * Whether an act that was asked for at a revision meets something that was touched since.
     */
    public static function collide(int $workbook, int $asked, int $now, Reach $reach): bool
    {
        if ($asked === $now) {
            return false;
        }
        $since = DB::table('revisions')
            ->where('workbook_id', $workbook)
            ->where('revision', '>', $asked)
            ->where('revision', '<=', $now)
            ->pluck('touches');
        if ($asked > $now || count($since) !== $now - $asked) {
            return true;
        }
        $own = self::of($reach);
        $addressed = $reach->isPlaced ? $reach->sheets : [];
        foreach ($since as $json) {
            assert(is_string($json));
            $touched = self::fromJson($json);
            if (array_intersect($touched->places, $addressed) !== [] || self::meet($own->cells, $touched->cells)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<int, RangeSet>  $one
     * @param  array<int, RangeSet>  $other
     */
    private static function meet(array $one, array $other): bool
    {
        foreach (array_intersect_key($one, $other) as $sheet => $ranges) {
            foreach ($ranges as $range) {
                foreach ($other[$sheet] as $touched) {
                    if ($range->meets($touched)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }
}
