<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Act\RewriteTexts;
use Rilvet\Check\Check;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Places;
use Rilvet\Check\Watch;
use Rilvet\Grid\Range;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;

final class StraySpacesWatch implements Watch
{
    /** Texts of a column that are kept in mind; names of things come again sooner. */
    private const KEPT = 20_000;

    /** @var array<int, ColumnReading> */
    private array $columns = [];

    /** @var array<int, array<string, true>> texts without such spaces, by column */
    private array $plain = [];

    /** @var array<int, array<string, Places>> those with such spaces, by column and by what they are without */
    private array $stray = [];

    /** @var array<int, array<string, array<string, string>>> as they are written, by column and by what they are without */
    private array $written = [];

    public function __construct(private readonly Check $check, private readonly Checked $sheet, private readonly TableReading $table)
    {
        foreach ($table->isTurned() ? [] : $table->columns as $column) {
            $isName = $column->kind->isWordy() && $column->kind !== ColumnKind::LongText;
            if ($isName && ($column->role === ColumnRole::Data || $column->role === ColumnRole::Label)) {
                $this->columns[$column->column] = $column;
                $this->plain[$column->column] = $this->stray[$column->column] = [];
            }
        }
    }

    public function see(int $row, ?Part $part, array $cells): void
    {
        if ($part !== Part::Body) {
            return;
        }
        foreach ($this->columns as $at => $column) {
            $cell = $cells[$at - 1] ?? null;
            if ($cell === null || $cell->formula !== null || ! $cell->isText()) {
                continue;
            }
            $text = $cell->text();
            $isStray = preg_match('/^[\s\x{A0}]|[\s\x{A0}]$|[ \x{A0}]{2}/u', $text) === 1;
            if (! $isStray) {
                count($this->plain[$at]) < self::KEPT && $this->plain[$at][$text] = true;
            } else {
                $plain = preg_replace(['/[ \x{A0}]{2,}/u', '/^[\s\x{A0}]+|[\s\x{A0}]+$/u'], [' ', ''], $text) ?? '';
                if (isset($this->stray[$at][$plain]) || count($this->stray[$at]) < self::KEPT) {
                    ($this->stray[$at][$plain] ??= new Places($at))->add($row);
                    $this->written[$at][$plain][$text] = $plain;
                }
            }
        }
    }

    public function findings(): iterable
    {
        foreach ($this->columns as $at => $column) {
            $met = array_intersect_key($this->stray[$at], $this->plain[$at]);
            if ($met === []) {
                continue;
            }
            $places = Places::together(...array_values($met));
            $first = mb_substr((string) array_key_first($met), 0, 60);
            yield $this->sheet->finding($this->check, $places->text(), $places->count, Checked::called($column).': '.
                number_format($places->count).' '.($places->count === 1 ? 'text differs' : 'texts differ').
                " from others by spaces alone, such as \"$first\".", ['such as' => $first], $this->mend($at, $met, $places->count));
        }
    }

    /** @param  array<string, Places>  $met */
    private function mend(int $column, array $met, int $count): ?Mend
    {
        $texts = array_merge([], ...array_values(array_intersect_key($this->written[$column], $met)));
        $body = $this->table->bodyRange();

        return $body === null || $texts === [] ? null : Mend::values(new RewriteTexts(
            $this->sheet->targets(Range::of($body->top, $column, $body->bottom, $column)), $texts, 'stray spaces taken out'), $count);
    }
}
