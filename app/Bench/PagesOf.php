<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Sheet as SheetRow;
use App\Models\Workbook as WorkbookRow;
use Rilvet\Paper\Fields;
use Rilvet\Paper\PageLayout;
use Rilvet\Paper\PagePainter;
use Rilvet\Paper\PageSpot;
use Rilvet\Paper\SvgCanvas;
use Rilvet\Text\Fonts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** The pages of a sheet on the Bench: laid out once, and kept until anything of the sheet changes. */
final readonly class PagesOf
{
    /** Another one when pages come out otherwise of the same sheet. */
    private const VERSION = 3;

    public PagePainter $painter;

    private function __construct(private WorkbookRow $row, private Workbook $workbook, private int $number, public PageLayout $layout)
    {
        $this->painter = new PagePainter($this->sheet(), $workbook->looks, Fonts::shipped(), $workbook->from1904,
            $workbook->around($number),
            $layout);
    }

    public static function of(Bench $bench, WorkbookRow $row, int $number): self
    {
        $key = self::key($row, $number);
        $workbook = $bench->settled($row, [$number]);

        return new self($row, $workbook, $number, self::known($key) ?? self::laidOut($key, $workbook, $number));
    }

    /** How many pages a sheet takes, without painting any. */
    public static function count(Bench $bench, WorkbookRow $row, int $number): int
    {
        $key = self::key($row, $number);

        return (self::known($key) ?? self::laidOut($key, $bench->settled($row, [$number]), $number))->pages();
    }

    /** What the layout is known by; asked for before the sheet is read. */
    private static function key(WorkbookRow $row, int $number): string
    {
        $sheet = SheetRow::query()->where('workbook_id', $row->id)->where('number', $number)->with('stylebook')->first();

        return 'pages.'.self::VERSION.".$row->id.$number.".($sheet === null ? '' : $sheet->seen());
    }

    private static function known(string $key): ?PageLayout
    {
        $known = WorkedOut::value($key);

        return $known instanceof PageLayout ? $known : null;
    }

    private static function laidOut(string $key, Workbook $workbook, int $number): PageLayout
    {
        $layout = PageLayout::of($workbook->sheet($number), $workbook->looks);
        WorkedOut::put($key, serialize($layout));

        return $layout;
    }

    public function sheet(): Worksheet
    {
        return $this->workbook->sheet($this->number);
    }

    public function svg(PageSpot $page): string
    {
        $canvas = new SvgCanvas($this->layout->width, $this->layout->height, "p$page->number-");
        $fields = (new Fields($this->workbook, $this->row->source, time()))->of($this->sheet(), $page->number, $this->layout->pages());
        $this->painter->paint($page, $canvas, $fields, $page->number === 1);

        return $canvas->svg();
    }
}
