<?php

declare(strict_types=1);

namespace Rilvet\Dressed\Layers;

use Rilvet\Dressed\Layer;
use Rilvet\Dressed\LayerEntry;
use Rilvet\Dressed\LayerSource;
use Rilvet\Dressed\Place;
use Rilvet\Intake\ColumnTyping;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Work\Worksheet;

/** What came with the file: looks of cells, and of text files the formats of what their columns were read as. */
final class FileLayer implements LayerSource
{
    /** Places that a share shows at most. */
    private const PLACES = 4;

    /** @var array<int, Look> by column */
    private array $typed = [];

    public function __construct(private readonly Worksheet $sheet, private readonly LookBook $looks)
    {
    }

    public function layer(): Layer
    {
        return Layer::File;
    }

    public function entries(Place $place): array
    {
        $typed = $this->typed($place->column);
        $came = $place->file === 0 ? null : new LayerEntry(Layer::File, $this->looks->look($place->file));

        return [...($typed->isEmpty() ? [] : [new LayerEntry(Layer::File, $typed)]),
            ...($came === null ? [] : [$came])];
    }

    /** Text that was typed carries the format of what it was read as, so that a date never shows as a count of days. */
    public function typed(int $column): Look
    {
        return $this->typed[$column] ??= $this->typedOf($column, $this->sheet->typing->columns[$column] ?? null);
    }

    private function typedOf(int $column, ?ColumnTyping $typing): Look
    {
        $code = match (true) {
            $typing === null => null,
            $typing->format !== null => $typing->format,
            $typing->percent => '0'.$this->percentPlaces($column).'%',
            $typing->unit !== null => '"'.str_replace(['"', '\\'], '', $typing->unit).'"#,##0.00',
            default => null,
        };

        return $code === null ? Look::none() : Look::of([Attribute::Number->value => $code]);
    }

    /** As many places as the shares of a column need, the same for each. */
    private function percentPlaces(int $column): string
    {
        foreach ($this->sheet->reading->tables as $table) {
            $places = $table->column($column)?->decimals;
            if ($places !== null) {
                return $places > 0 ? '.'.str_repeat('0', min(self::PLACES, $places)) : '';
            }
        }

        return '';
    }
}
