<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Workbook as WorkbookRow;
use App\Wire\ActIsWrong;
use Rilvet\Work\Workbook;

/**
 * A sheet that stands at one side: as it is ("5.1": workbook and sheet), as it was after a step of its history ("5.1@120", 0 for as
 * it came), or in a version of a stylebook ("5.1^3:2": stylebook and version).
 */
final readonly class SideOf
{
    private function __construct(public Workbook $workbook, public int $number, public int $id, public bool $isOfData)
    {
    }

    /** @throws ActIsWrong */
    public static function said(string $name, string $text, Bench $bench): self
    {
        if (preg_match('/^(\d{1,9})\.(\d{1,6})(?:@(\d{1,12})|\^(\d{1,9}):(\d{1,6}))?$/', $text, $said) !== 1) {
            throw ActIsWrong::argument($name,
                'a workbook and a sheet, with a step of its history (5.1@120) or a version of a stylebook (5.1^3:2)');
        }
        $row = WorkbookRow::onShelf((int) $said[1]);
        $number = (int) $said[2];
        if (isset($said[4], $said[5])) {
            [$stylebook] = Versions::of((int) $said[4], (int) $said[5]);

            return new self($bench->wearing($row, $number, $stylebook), $number, $row->id, false);
        }
        if (! isset($said[3])) {
            return new self($bench->load($row, [$number]), $number, $row->id, false);
        }
        $past = PastWorkbook::after($row, $number, (int) $said[3]);

        return new self($past->made($bench), $number, $row->id, $past->isOfData);
    }
}
