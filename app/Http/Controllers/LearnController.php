<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\Drafts;
use App\Bench\Shelf;
use App\Bench\Versions;
use App\Http\Progress;
use App\Http\Records\LearnedRecord;
use App\Http\Records\StrayRecord;
use App\Http\Records\StraysRecord;
use App\Models\Stylebook as StylebookRow;
use App\Models\Workbook as WorkbookRow;
use App\Wire\ActIsWrong;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Rilvet\Act\Dress;
use Rilvet\Learn\Learner;
use Rilvet\Learn\Strays;
use Rilvet\Work\Workbook;

/** Stylebooks from sheets that already look right. */
final class LearnController
{
    /** Workbooks, and places of rules, in one request. */
    private const MOST = 50;

    private const RULES = 2_000;

    public function __construct(private readonly Bench $bench)
    {
    }

    /** Learns a stylebook: shows its rules with their evidence, or keeps it without those that were refused. */
    public function learn(Request $request, Shelf $shelf): JsonResponse
    {
        $from = $this->from($request);
        $without = $request->input('without', []);
        if (! is_array($without) || count($without) > self::RULES || array_filter($without, is_string(...)) !== $without) {
            throw ActIsWrong::argument('without', 'places of rules');
        }
        $name = trim($request->string('name')->toString());
        $title = $from[0][0]->name;
        $progress = Progress::of($request, self::sheets($from));
        $learned = Learner::of(
            $from, $name === '' ? $shelf->free("Looks of $title") : $name, array_values($without), $progress->step(...),
        );
        if (! $request->boolean('keep')) {
            return response()->json(LearnedRecord::of($learned, null));
        }
        $row = $shelf->add($learned->stylebook, "Learned from $title".(count($from) > 1 ? ' and '.(count($from) - 1).' more' : ''));

        return response()->json(LearnedRecord::of($learned, $row->id), 201);
    }

    /** What of sheets does not look as a stylebook says. */
    public function strays(Request $request, int $id): JsonResponse
    {
        $row = StylebookRow::onShelf()->findOrFail($id);
        [$stylebook] = Versions::of(Drafts::of($row)->id ?? $row->id);
        [$strays, $cut] = [[], []];
        $from = $this->from($request);
        $progress = Progress::of($request, self::sheets($from));
        foreach ($from as [$workbook, $sheets]) {
            foreach ($sheets as $sheet) {
                $dressed = (new Dress([$sheet], $stylebook, true))->on($workbook);
                [$found, $unread] = Strays::of($workbook, $dressed, [$sheet]);
                array_push($strays, ...$found);
                array_push($cut, ...$unread);
                $progress->step();
            }
        }

        return response()->json(new StraysRecord(array_map(StrayRecord::of(...), Strays::sorted($strays)), $cut));
    }

    /** How far a request is that was sent under a name. */
    public function progress(string $watch): JsonResponse
    {
        return response()->json(['done' => Progress::done($watch)]);
    }

    /** @param  list<array{Workbook, list<int>}>  $from */
    private static function sheets(array $from): int
    {
        return array_sum(array_map(fn (array $one) => count($one[1]), $from));
    }

    /** @return non-empty-list<array{Workbook, list<int>}> */
    private function from(Request $request): array
    {
        $given = $request->input('from');
        if (! is_array($given) || $given === [] || count($given) > self::MOST) {
            throw ActIsWrong::argument('from', 'a list of at most '.self::MOST.' workbooks, each with its sheets');
        }
        $from = [];
        foreach ($given as $one) {
            $id = is_array($one) ? $one['workbook'] ?? null : null;
            $row = WorkbookRow::onShelf(is_int($id) ? $id : throw ActIsWrong::argument('from', 'ids of workbooks'));
            $said = $one['sheets'] ?? null;
            /** @var list<mixed> $sheets */
            $sheets = $said === 'all' ? $row->sheets()->pluck('number')->all()
                : (is_array($said) ? array_values($said) : []);
            $numbers = array_values(array_unique(array_filter($sheets, is_int(...))));
            if ($numbers === [] || count($numbers) !== count($sheets)) {
                throw ActIsWrong::argument('sheets', 'numbers of sheets, each once, or "all"');
            }
            $from[] = [$this->bench->load($row, $numbers), $numbers];
        }

        return $from;
    }
}
