<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Workbook;
use Rilvet\Act\Act;
use Rilvet\Act\CorrectReading;
use Rilvet\Act\Dress;
use Rilvet\Act\RenameWorkbook;
use Rilvet\Act\TypeColumn;
use Rilvet\Intake\ColumnTyping;
use Rilvet\Intake\TypingKind;
use Rilvet\Reading\Correction\Corrections;

/** Acts by the names that the browser sends. */
final readonly class Acts
{
    public function __construct(private Shelf $shelf)
    {
    }

    /**
     * @param  int  $sheet  the sheet in view
     * @param  array<array-key, mixed>  $arguments
     * @return array{Act, list<int>} the act and the sheets it touches
     *
     * @throws ActIsWrong
     */
    public function make(string $name, Workbook $row, int $sheet, array $arguments): array
    {
        return match ($name) {
            'dress' => $this->dress($row, $sheet, $arguments),
            'correct' => [new CorrectReading($sheet, Corrections::of((array) ($arguments['correction'] ?? []))), [$sheet]],
            'type' => [$this->type($sheet, $arguments), [$sheet]],
            'rename' => [new RenameWorkbook(is_string($arguments['name'] ?? null) ? $arguments['name'] : ''), []],
            default => throw ActIsWrong::named($name),
        };
    }

    /**
     * @param  array<array-key, mixed>  $arguments
     * @return array{Act, list<int>}
     */
    private function dress(Workbook $row, int $sheet, array $arguments): array
    {
        $sheets = $arguments['sheets'] ?? [$sheet];
        $numbers = [];
        if ($sheets === 'all') {
            /** @var list<int> $numbers */
            $numbers = $row->sheets()->pluck('number')->all();
        } else {
            foreach (is_array($sheets) ? $sheets : [] as $number) {
                $numbers[] = is_int($number) ? $number : throw ActIsWrong::argument('sheets', 'a list of sheet numbers, or "all"');
            }
        }
        $name = $arguments['stylebook'] ?? null;
        if ($name !== null && ! is_string($name)) {
            throw ActIsWrong::argument('stylebook', 'the name of a stylebook, or nothing');
        }
        if ($numbers === []) {
            throw ActIsWrong::argument('sheets', 'at least one sheet');
        }

        return [new Dress($numbers, $name === null ? null : $this->shelf->stylebook($name), ($arguments['clean'] ?? false) === true), $numbers];
    }

    /** @param  array<array-key, mixed>  $arguments */
    private function type(int $sheet, array $arguments): Act
    {
        $column = $arguments['column'] ?? null;
        $kind = is_string($arguments['kind'] ?? null) ? TypingKind::tryFrom($arguments['kind']) : null;
        $decimal = $arguments['decimal'] ?? '.';
        $order = $arguments['order'] ?? 'dmy';
        if (! is_int($column) || $column < 1 || $column > 16384 || $kind === null || ! in_array($decimal, ['.', ','], true) || ! in_array($order, ['dmy', 'mdy', 'ymd'], true)) {
            throw ActIsWrong::argument('type', 'a column, a kind, a decimal sign and an order of day and month');
        }
        $format = match ($kind) {
            TypingKind::Date => 'yyyy-mm-dd',
            TypingKind::Time => 'hh:mm',
            default => null,
        };

        return new TypeColumn($sheet, $column, new ColumnTyping($kind, $decimal, $order, format: $format, why: 'chosen by hand'));
    }
}
