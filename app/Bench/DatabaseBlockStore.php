<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Support\Facades\DB;
use Rilvet\Formula\FormulaRuns;
use Rilvet\Formula\KeepsFormulas;
use Rilvet\Grid\BlockStore;

/** The row blocks of one sheet in the database. */
final class DatabaseBlockStore implements BlockStore, KeepsFormulas
{
    private const BATCH = 64;

    /** @var array<int, string|null> the blocks read last; a window is often asked for again */
    private array $recent = [];

    /** @var list<array{sheet_id: int, number: int, data: string, formulas: string}> */
    private array $waiting = [];

    public function __construct(private readonly int $sheet)
    {
    }

    public function block(int $number): ?string
    {
        $this->flush();
        if (! array_key_exists($number, $this->recent)) {
            if (count($this->recent) >= 4) {
                unset($this->recent[array_key_first($this->recent)]);
            }
            $data = DB::table('blocks')->where('sheet_id', $this->sheet)->where('number', $number)->value('data');
            $this->recent[$number] = is_string($data) ? $data : null;
        }

        return $this->recent[$number];
    }

    /** Written in batches, so that a large file neither waits for the disk at each block nor holds the database for long. */
    public function put(int $number, string $data): void
    {
        unset($this->recent[$number]);
        $this->waiting[] = ['sheet_id' => $this->sheet, 'number' => $number, 'data' => $data, 'formulas' => FormulaRuns::ofBlock($data)];
        if (count($this->waiting) >= self::BATCH) {
            $this->flush();
        }
    }

    public function formulaRuns(): array
    {
        $this->flush();
        // Blocks from before runs were kept have none yet.
        foreach (DB::table('blocks')->where('sheet_id', $this->sheet)->whereNull('formulas')->pluck('data', 'number') as $number => $data) {
            DB::table('blocks')->where('sheet_id', $this->sheet)->where('number', $number)->update(['formulas' => FormulaRuns::ofBlock(is_string($data) ? $data : '')]);
        }

        /** @var array<int, string> */
        return DB::table('blocks')->where('sheet_id', $this->sheet)->where('formulas', '!=', '[]')->pluck('formulas', 'number')->all();
    }

    public function flush(): void
    {
        if ($this->waiting !== []) {
            DB::table('blocks')->upsert($this->waiting, ['sheet_id', 'number'], ['data', 'formulas']);
            $this->waiting = [];
        }
    }
}
