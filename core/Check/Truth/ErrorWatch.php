<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\Check;
use Rilvet\Check\Checked;
use Rilvet\Check\Places;
use Rilvet\Check\Watch;
use Rilvet\Grid\Address;
use Rilvet\Reading\Part;

final class ErrorWatch implements Watch
{
    /** @var array<int, Places> by column */
    private array $places = [];

    /** @var array<int, array<string, int>> by column and error value */
    private array $counts = [];

    public function __construct(private readonly Check $check, private readonly Checked $sheet)
    {
    }

    public function see(int $row, ?Part $part, array $cells): void
    {
        foreach ($cells as $at => $cell) {
            if ($cell->error !== null) {
                ($this->places[$at + 1] ??= new Places($at + 1))->add($row);
                $this->counts[$at + 1][$cell->error] = ($this->counts[$at + 1][$cell->error] ?? 0) + 1;
            }
        }
    }

    public function findings(): iterable
    {
        ksort($this->places);
        foreach ($this->places as $column => $places) {
            $given = array_map(fn (string $error, int $count) => number_format($count).' '.($count === 1 ? 'cell gives' : 'cells give').
                " $error", array_keys($this->counts[$column]), $this->counts[$column]);
            yield $this->sheet->finding($this->check, $places->text(), $places->count,
                'Column '.Address::columnName($column).': '.implode(', ', $given).'.', $this->counts[$column]);
        }
    }
}
