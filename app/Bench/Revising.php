<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Workbook as WorkbookRow;
use App\Wire\Arguments;
use App\Wire\Stylebook\FormatPartEverywhere;
use App\Wire\WiredRevision;
use Rilvet\Act\Exception\NoSuchLook;
use Rilvet\Act\ReviseOwn;
use Rilvet\Look\Look;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Window\Inspector;
use Rilvet\Work\Workbook;

/** Acts on the stylebook itself: its parts and kinds, its named looks, its palette; and on what the workbook has of the last two. */
final readonly class Revising
{
    public function __construct(private Bench $bench)
    {
    }

    /**
     * @param  int  $number  of the sheet in view
     * @return string what was done, in words
     *
     * @throws StaleRevision
     */
    public function revise(WorkbookRow $row, int $number, WiredRevision $wired, Arguments $given): string
    {
        $workbook = $this->bench->load($row, [$number]);
        if ($wired->isOwn($workbook->sheet($number), $given)) {
            return $this->reviseOwn($row, $workbook, $number, $wired, $given);
        }
        $target = $wired instanceof FormatPartEverywhere ? FormatPartEverywhere::target($given) : null;
        $over = $target === null || $given->textOrNull('over') === null ? 'keep' : $given->oneOf('over', ['ask', 'keep', 'override']);

        $override = $over === 'override' ? $target : null;

        return $this->bench->everywhere($row, $number, function (Workbook $workbook) use ($number, $wired, $given, $override) {
            $stylebook = $workbook->sheet($number)->stylebook ?? throw NoSuchLook::noStylebook();
            $revise = $wired->revise($stylebook, $given, fn () => self::selected($workbook, $number, $given->text('ranges')));

            return $override === null ? $revise : $revise->overriding($override);
        }, $over === 'ask' ? $target : null)->said;
    }

    /**
     * What a change of the stylebook would come to on the sheet in view; nothing is saved.
     *
     * @param  int  $number  of the sheet in view
     */
    public function preview(WorkbookRow $row, int $number, WiredRevision $wired, Arguments $given): Workbook
    {
        $workbook = $this->bench->load($row, [$number]);
        $stylebook = $workbook->sheet($number)->stylebook ?? throw NoSuchLook::noStylebook();
        $ranges = $given->textOrNull('ranges') ?? 'A1';
        $act = $wired->revise($stylebook, $given, fn () => self::selected($workbook, $number, $ranges));

        return $this->bench->preview($row, $act, $number)->after;
    }

    private function reviseOwn(WorkbookRow $row, Workbook $workbook, int $number, WiredRevision $wired, Arguments $given): string
    {
        $look = self::selected($workbook, $number, $given->textOrNull('ranges') ?? 'A1');
        $make = fn (Stylebook $own) => $wired->revise($own, $given, fn () => $look);
        $first = $make($workbook->own ?? Stylebook::own());
        /** @var list<int> $all */
        $all = $first->changesCells ? $row->sheets()->pluck('number')->all() : [];
        $act = new ReviseOwn($make, $first->said, $all);
        $this->bench->act($row, $act, $row->revision);

        return $act->words($workbook);
    }

    private static function selected(Workbook $workbook, int $number, string $ranges): Look
    {
        return (new Inspector($workbook->sheet($number), $workbook->looks))->own(Arguments::ranges($ranges));
    }
}
