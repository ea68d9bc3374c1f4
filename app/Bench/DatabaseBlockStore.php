<?php

declare(strict_types=1);

namespace App\Bench;

use App\Database\Bytes;
use Illuminate\Support\Facades\DB;
use Rilvet\Condition\KeepsFacts;
use Rilvet\Formula\FormulaRuns;
use Rilvet\Formula\KeepsFormulas;
use Rilvet\Grid\BlockStore;
use Rilvet\Grid\KeepsFigures;

/** The row blocks of one sheet in the database. */
final class DatabaseBlockStore implements BlockStore, KeepsFacts, KeepsFigures, KeepsFormulas
{
    private const BATCH = 64;

    /** @var array<int, string|null> the blocks read last; a window is often asked for again */
    private array $recent = [];

    /** @var array<int, array{string, string}>|null what was worked out of blocks and with what, by number */
    private ?array $figures = null;

    /** @var list<array{sheet_id: int, number: int, data: string, formulas: string}> */
    private array $waiting = [];

    /** Bytes up to which a fact is kept together with others, and of all of those. */
    private const SMALL = 32_768;

    private const TOGETHER = 131_072;

    /** @var array<string, string>|null those of this revision that were asked for, by what they say and of which columns */
    private ?array $facts = null;

    /** Bytes of them, with what they are known by. */
    private int $together = 0;

    private bool $areFactsNew = false;

    /** @param  int|null  $revision  of the data; where it is known, what was worked out of all cells is kept until the next */
    public function __construct(private readonly int $sheet, private readonly ?int $revision = null)
    {
    }

    public function fact(string $key, array $columns): ?string
    {
        if ($this->revision === null) {
            return null;
        }
        $name = $key.'|'.implode(',', $columns);
        if (isset($this->facts()[$name])) {
            return $this->facts()[$name];
        }
        $kept = WorkedOut::get($this->factKey($key, $columns));
        $kept === null || $this->together($name, $kept);

        return $kept;
    }

    public function keepFact(string $key, array $columns, string $data): void
    {
        if ($this->revision !== null) {
            WorkedOut::put($this->factKey($key, $columns), $data);
            $this->together($key.'|'.implode(',', $columns), $data);
        }
    }

    public function keepTogether(): void
    {
        if ($this->areFactsNew) {
            WorkedOut::put("facts.$this->sheet.$this->revision", serialize($this->facts));
            $this->areFactsNew = false;
        }
    }

    /** @return array<string, string> those of this revision that are kept together */
    private function facts(): array
    {
        if ($this->facts === null) {
            $together = WorkedOut::get("facts.$this->sheet.$this->revision");
            $read = $together === null ? [] : @unserialize($together, ['allowed_classes' => false]);
            /** @var array<string, string> $facts */
            $facts = is_array($read) ? $read : [];
            $this->facts = $facts;
            foreach ($this->facts as $name => $data) {
                $this->together += strlen($name) + strlen($data);
            }
        }

        return $this->facts;
    }

    private function together(string $name, string $data): void
    {
        $size = strlen($name) + strlen($data);
        if (strlen($data) <= self::SMALL && ! isset($this->facts()[$name]) && $this->together + $size <= self::TOGETHER) {
            $this->facts[$name] = $data;
            $this->together += $size;
            $this->areFactsNew = true;
        }
    }

    /** @param  list<int>  $columns */
    private function factKey(string $key, array $columns): string
    {
        // Of one revision the stamps stand still.
        $name = 'stamp '.implode(',', $columns);
        $stamp = $this->facts()[$name] ?? null;
        if ($stamp === null) {
            $stamp = (string) ColumnStamps::last($this->sheet, (int) $this->revision, $columns);
            $this->together($name, $stamp);
        }

        return "facts.$this->sheet.$stamp.".hash('xxh128', $key.implode(',', $columns));
    }

    public function block(int $number): ?string
    {
        $this->flush();
        if (! array_key_exists($number, $this->recent)) {
            if (count($this->recent) >= 4) {
                unset($this->recent[array_key_first($this->recent)]);
            }
            $data = DB::table('blocks')->where('sheet_id', $this->sheet)->where('number', $number)->value('data');
            $this->recent[$number] = $data === null ? null : Bytes::out($data);
        }

        return $this->recent[$number];
    }

    /**
     * Written in batches, so that a large file neither waits for the disk at each block nor holds the database for long.
     *
     * @param  string|null  $formulas  the runs of its formulas, where they are known already
     */
    public function put(int $number, string $data, ?string $formulas = null): void
    {
        unset($this->recent[$number]);
        $this->waiting[] = [
            'sheet_id' => $this->sheet,
            'number' => $number,
            'data' => $data,
            'formulas' => $formulas ?? FormulaRuns::ofBlock($data),
        ];
        if (count($this->waiting) >= self::BATCH) {
            $this->flush();
        }
    }

    public function formulaRuns(): array
    {
        $this->flush();
        // Blocks from before runs were kept have none yet.
        foreach (DB::table('blocks')->where('sheet_id', $this->sheet)->whereNull('formulas')->pluck('data', 'number') as $number => $data) {
            DB::table('blocks')
                ->where('sheet_id', $this->sheet)
                ->where('number', $number)
                ->update(['formulas' => FormulaRuns::ofBlock(Bytes::out($data))]);
        }

        /** @var array<int, string> */
        return DB::table('blocks')->where('sheet_id', $this->sheet)->where('formulas', '!=', '[]')->pluck('formulas', 'number')->all();
    }

    public function figures(int $number, string $key): ?string
    {
        $this->flush();
        if ($this->figures === null) {
            $this->figures = [];
            foreach (
                DB::table('blocks')
                    ->where('sheet_id', $this->sheet)
                    ->whereNotNull('figures')
                    ->select(['number', 'data', 'figures'])
                    ->cursor() as $row
            ) {
                assert(is_string($row->figures) && is_numeric($row->number));
                // Worked out of other data than the block holds now, it says nothing.
                [$sum, $with, $json] = explode("\n", $row->figures, 3) + ['', '', ''];
                if ($sum === self::sum(Bytes::out($row->data))) {
                    $this->figures[(int) $row->number] = [$with, $json];
                }
            }
        }
        [$with, $json] = $this->figures[$number] ?? ['', ''];

        return $with === $key && $json !== '' ? $json : null;
    }

    public function keepFigures(int $number, string $key, string $json): void
    {
        $data = $this->block($number);
        if ($data !== null) {
            DB::table('blocks')
                ->where('sheet_id', $this->sheet)
                ->where('number', $number)
                ->update(['figures' => self::sum($data)."\n$key\n$json"]);
        }
    }

    private static function sum(string $data): string
    {
        return hash('xxh64', $data);
    }

    public function flush(): void
    {
        if ($this->waiting !== []) {
            $rows = array_map(fn (array $row) => ['data' => Bytes::in($row['data'])] + $row, $this->waiting);
            DB::table('blocks')->upsert($rows, ['sheet_id', 'number'], ['data', 'formulas']);
            $this->waiting = [];
        }
    }
}
