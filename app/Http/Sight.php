<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Records\SelectionRecord;
use App\Http\Records\SightRecord;
use App\Models\Workbook as WorkbookRow;
use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use Illuminate\Http\Request;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Text\Fonts;
use Rilvet\Window\Figures;
use Rilvet\Window\NumberView;
use Rilvet\Window\Painter;
use Rilvet\Window\Window;
use Rilvet\Work\Workbook;

/** What a person has in sight: windows of the sheet, and what the tray and the foot line show of the selection. */
final readonly class Sight
{
    /** Rows and columns of a window at most. */
    private const ROWS = 200;

    private const COLUMNS = 100;

    /** Windows at most: frozen parts and the edges of tiles cut a screen into some. */
    private const WINDOWS = 24;

    /** @param  array<array-key, mixed>  $given */
    private function __construct(private array $given)
    {
    }

    public static function of(Request $request): self
    {
        $given = $request->input('sight', []);

        return new self(is_array($given) ? $given : throw ActIsWrong::argument('sight', 'windows and a selection'));
    }

    public function on(WorkbookRow $row, Workbook $workbook, int $number): SightRecord
    {
        $ranges = $this->given['ranges'] ?? null;
        $place = $this->place();
        $selected = is_string($ranges) && $place !== null ? Arguments::ranges($ranges) : null;
        $says = fn (string $what) => ($this->given[$what] ?? false) === true;

        return new SightRecord(
            $this->windows($workbook, $number),
            $selected === null ? null : SelectionRecord::of($row, $workbook, $number, $selected, $place),
            $place !== null && $says('number') ? NumberView::of($workbook, $number, $place->row, $place->column) : null,
            $selected !== null && $says('figures') && self::isOfData($row, $number)
                ? Figures::atHand($workbook->sheet($number)->cells, $selected)
                : null,
        );
    }

    /** Looks change no sum: figures stand until cells are changed. */
    private static function isOfData(WorkbookRow $row, int $number): bool
    {
        return $row->sheets()->where('number', $number)->where('data_revision', '>=', $row->revision)->exists();
    }

    public static function paint(Workbook $workbook, int $number, Range $range): Window
    {
        return (new Painter($workbook->sheet($number), $workbook->looks, Fonts::shipped(), $workbook->from1904,
            $workbook->around($number)))->paint($number, $range);
    }

    /**
     * A window that is asked for, as large as windows get.
     *
     * @param  array<array-key, mixed>  $given  top, left, bottom and right
     */
    public static function rectangle(array $given): ?Range
    {
        $sides = [];
        foreach (['top', 'left', 'bottom', 'right'] as $side) {
            $at = $given[$side] ?? null;
            if (! is_int($at) && (! is_string($at) || ! ctype_digit($at) || strlen($at) > 8)) {
                return null;
            }
            $sides[] = (int) $at;
        }
        [$top, $left, $bottom, $right] = $sides;

        return Range::of($top, $left, min($bottom, $top + self::ROWS - 1), min($right, $left + self::COLUMNS - 1));
    }

    /** @return list<Window> */
    private function windows(Workbook $workbook, int $number): array
    {
        $given = $this->given['windows'] ?? [];
        if (! is_array($given) || count($given) > self::WINDOWS) {
            throw ActIsWrong::argument('windows', 'a list of at most '.self::WINDOWS.' windows');
        }
        $painter = new Painter($workbook->sheet($number), $workbook->looks, Fonts::shipped(), $workbook->from1904,
            $workbook->around($number));
        $windows = [];
        foreach ($given as $window) {
            $range = is_array($window) ? self::rectangle($window) : null;
            $windows[] = $painter->paint($number, $range ?? throw ActIsWrong::argument('windows', 'top, left, bottom and right of each'));
        }

        return $windows;
    }

    private function place(): ?Address
    {
        $row = $this->given['row'] ?? null;
        $column = $this->given['column'] ?? null;

        return is_int($row) && is_int($column) ? Address::of($row, $column) : null;
    }
}
