<?php

declare(strict_types=1);

namespace App\CommandLine;

use JsonSerializable;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** A sheet whose reading is too weak to dress it in silence. */
final readonly class Doubt implements JsonSerializable
{
    /** @param  TableReading|null  $table  the weakest; null where none was read */
    private function __construct(private Worksheet $sheet, private ?TableReading $table, private float $sure)
    {
    }

    /**
     * @param  float  $sure  confidence from which on a table counts as read, 0 to 1
     * @return array<int, self> by the number of the sheet
     */
    public static function of(Workbook $workbook, float $sure): array
    {
        $doubts = [];
        foreach ($workbook->sheets as $number => $sheet) {
            $weakest = null;
            foreach ($sheet->reading->tables as $table) {
                $weakest = $weakest === null || $table->confidence < $weakest->confidence ? $table : $weakest;
            }
            if ($weakest === null ? $sheet->cells->rows() > 0 : $weakest->confidence < $sure) {
                $doubts[$number] = new self($sheet, $weakest, $sure);
            }
        }

        return $doubts;
    }

    public function words(): string
    {
        $of = "the sheet \"{$this->sheet->name}\" is left as it came: ";

        return $of.($this->table === null
            ? 'no table was read on it'
            : sprintf(
                'its table at %s is read at %d %%, below %d %%',
                $this->table->range,
                100 * $this->table->confidence,
                100 * $this->sure,
            ));
    }

    /** @return array{sheet: string, table: string|null, confidence: float|null} */
    public function jsonSerialize(): array
    {
        return [
            'sheet' => $this->sheet->name,
            'table' => $this->table === null ? null : (string) $this->table->range,
            'confidence' => $this->table?->confidence,
        ];
    }
}
