<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\Layer;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Worksheet;

/** What becomes of the hand touches of a sheet that is put into a stylebook. */
final readonly class TouchesOver
{
    private const OF_STYLEBOOK = [Layer::Ground, Layer::Part, Layer::Kind, Layer::Stripes];

    /**
     * @param  bool  $said  those that the stylebook says something of anyway go
     * @param  list<Facet>  $facets  of these all go
     */
    private function __construct(private bool $said, private array $facets)
    {
    }

    public static function keep(): self
    {
        return new self(false, []);
    }

    public static function dropSaid(): self
    {
        return new self(true, []);
    }

    public static function drop(Facet ...$facets): self
    {
        return new self(false, array_values($facets));
    }

    public static function dropAll(): self
    {
        return self::drop(...Facet::cases());
    }

    public function keepsAll(): bool
    {
        return ! $this->said && $this->facets === [];
    }

    /** @param  Worksheet  $sheet  dressed already */
    public function on(Worksheet $sheet, LookBook $looks): Worksheet
    {
        if ($this->keepsAll() || $sheet->hand->isEmpty()) {
            return $sheet;
        }
        $tables = $this->said ? self::byColumn($sheet) : [];
        $dressed = new DressedSheet($sheet, $looks);
        $ground = $sheet->stylebook->ground ?? Look::none();
        $hand = new LookMap;
        foreach ($sheet->hand->runs() as $column => $runs) {
            $stretches = $tables[$column] ?? [];
            $next = 0;
            foreach ($runs as [$first, $last, $touch]) {
                $row = $first;
                // Touches and stretches both go down the column: what lies above a touch lies above those that follow it.
                while (isset($stretches[$next]) && $stretches[$next][1] < $first) {
                    $next++;
                }
                for ($at = $next; isset($stretches[$at]) && $stretches[$at][0] <= $last; $at++) {
                    [$from, $to] = [max($stretches[$at][0], $row), min($stretches[$at][1], $last)];
                    $from === $row || $this->put($hand, $row, $from - 1, $column, $touch, $ground, $looks);
                    $this->put($hand, $from, $to, $column, $touch, self::says($dressed->at($from, $column), $sheet), $looks);
                    $row = $to + 1;
                }
                $row > $last || $this->put($hand, $row, $last, $column, $touch, $ground, $looks);
            }
        }

        return $sheet->touched($hand);
    }

    private function put(LookMap $hand, int $first, int $last, int $column, int $touch, Look $says, LookBook $looks): void
    {
        $left = $looks->look($touch);
        $left = $this->said ? $left->without(...$says->attributes()) : $left->without(...self::attributes($this->facets));
        $left->isEmpty() || $hand->appendRun($first, $last, $column, $looks->number($left));
    }

    /** What the stylebook says of a cell, whatever it says. */
    private static function says(ResolvedLook $worn, Worksheet $sheet): Look
    {
        $says = Look::none();
        foreach ($worn->entries as $entry) {
            $says = in_array($entry->layer, self::OF_STYLEBOOK, true) ? $says->under($entry->look) : $says;
        }
        $isStriped = $sheet->stylebook?->stripes !== null && in_array($worn->part, [Part::Body, Part::RowLabel], true);

        // Of stripes every other row says a fill, and the others say that they have none.
        return $isStriped ? $says->under(Look::of([Attribute::Fill->value => 'none'])) : $says;
    }

    /** @return array<int, list<array{int, int}>> first and last row of the runs of all tables, in their order, by column with touches */
    private static function byColumn(Worksheet $sheet): array
    {
        $columns = array_keys($sheet->hand->runs());
        $found = [];
        $tables = $sheet->reading->tables;
        usort($tables, fn (TableReading $one, TableReading $other) => $one->range->top <=> $other->range->top);
        foreach ($tables as $table) {
            foreach ($columns as $column) {
                if (! $table->range->hasColumn($column)) {
                    continue;
                }
                foreach ($table->runs as $run) {
                    $run->part === null || $found[$column][] = [$run->first, $run->last];
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<Facet>  $facets
     * @return list<Attribute>
     */
    private static function attributes(array $facets): array
    {
        return array_values(array_filter(Attribute::cases(), fn (Attribute $one) => in_array($one->facet(), $facets, true)));
    }

    /** Cells of a sheet that have a hand touch, and where the first of them stand. */
    public static function count(Worksheet $sheet): int
    {
        $cells = 0;
        foreach ($sheet->hand->runs() as $runs) {
            foreach ($runs as [$first, $last]) {
                // A look for a whole column is counted as far as there is something in it.
                $cells += min($last, max($first, $sheet->cells->rows())) - $first + 1;
            }
        }

        return $cells;
    }

    /** @return list<string> stretches of touched cells, as addresses; the first of them */
    public static function places(Worksheet $sheet, int $most): array
    {
        $places = [];
        foreach ($sheet->hand->runs() as $column => $runs) {
            foreach ($runs as [$first, $last]) {
                $places[] = (string) Range::of($first, $column, min($last, max($first, $sheet->cells->rows())), $column);
                if (count($places) >= $most) {
                    return $places;
                }
            }
        }

        return $places;
    }
}
