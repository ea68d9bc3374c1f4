<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Workbook as WorkbookRow;
use Illuminate\Support\Facades\DB;
use Rilvet\Change\Json;
use Rilvet\Check\Finding;
use Rilvet\Work\Aspect\LeftFindings;

/** What was left of the findings of a workbook. */
final readonly class Left
{
    /** @param  array<int, LeftFindings>  $sheets  by their number */
    private function __construct(private array $sheets)
    {
    }

    public static function of(WorkbookRow $row): self
    {
        $sheets = [];
        $stored = DB::table('documents')->join('sheets', 'sheets.id', '=', 'documents.sheet_id')
            ->where('sheets.workbook_id', $row->id)->where('sheets.gone', false)->where('documents.name', LeftFindings::name())
            ->get(['sheets.number', 'documents.data']);
        foreach ($stored as $one) {
            /** @var object{number: int, data: string} $one */
            $sheets[$one->number] = LeftFindings::fromJson(Json::read($one->data));
        }

        return new self($sheets);
    }

    public function reason(Finding $finding): ?string
    {
        return ($this->sheets[$finding->number] ?? null)?->reason($finding->check, $finding->range, $finding->words);
    }
}
