<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;

/**
 * Sizes, merged cells, and the way a sheet opens and stands among the others.
 *
 * @phpstan-type SetupData array{widths: array<int, int>, heights: array<int, int>, hiddenColumns: list<int>, hiddenRows: list<int>,
 *     merges: list<string>,
 *     width: int, height: int, freezeRow: int, freezeColumn: int, gridlines: bool, zoom: int, colour: string|null, state: string,
 *     protected: bool,
 *     heldColumns?: list<int>, heldRows?: list<int>, autoColumns?: list<int>, autoRows?: list<int>, firstRow?: int, firstColumn?: int,
 *     fixedRows?: list<array{int, int}>, grown?: array<int, int>, rightToLeft?: bool}
 */
final readonly class Setup
{
    /** @param  list<Range>  $merges */
    public function __construct(
        public Sizes $sizes = new Sizes,
        public Opening $opening = new Opening,
        public array $merges = [],
        public Tab $tab = new Tab,
    ) {
    }

    public function withSizes(Sizes $sizes): self
    {
        return new self($sizes, $this->opening, $this->merges, $this->tab);
    }

    public function withOpening(Opening $opening): self
    {
        return new self($this->sizes, $opening, $this->merges, $this->tab);
    }

    /** @param  list<Range>  $merges */
    public function withMerges(array $merges): self
    {
        return new self($this->sizes, $this->opening, $merges, $this->tab);
    }

    public function withTab(Tab $tab): self
    {
        return new self($this->sizes, $this->opening, $this->merges, $tab);
    }

    public function moved(Shift $shift): self
    {
        $merges = array_filter(array_map($shift->range(...), $this->merges), fn (?Range $merge) => $merge !== null && $merge->cells() > 1);

        return new self($this->sizes->moved($shift), $this->opening->moved($shift), array_values($merges), $this->tab);
    }

    /** @return SetupData */
    public function toArray(): array
    {
        [$sizes, $opening, $tab] = [$this->sizes, $this->opening, $this->tab];

        return [
            'widths' => $sizes->widths,
            'heights' => $sizes->heights,
            'hiddenColumns' => $sizes->hiddenColumns,
            'hiddenRows' => $sizes->hiddenRows,
            'merges' => array_map(strval(...), $this->merges),
            'width' => $sizes->width,
            'height' => $sizes->height,
            'freezeRow' => $opening->freezeRow,
            'freezeColumn' => $opening->freezeColumn,
            'gridlines' => $opening->gridlines,
            'zoom' => $opening->zoom,
            'colour' => $tab->colour,
            'state' => $tab->state,
            'protected' => $tab->protected,
            'heldColumns' => $sizes->heldColumns,
            'heldRows' => $sizes->heldRows,
            'autoColumns' => $sizes->autoColumns,
            'autoRows' => $sizes->autoRows,
            'firstRow' => $opening->firstRow,
            'firstColumn' => $opening->firstColumn,
            // Left out where there is nothing to say, as older workbooks have it: what came is known by its fingerprint.
        ] + array_filter(['fixedRows' => $sizes->fixedRows, 'grown' => $sizes->grown, 'rightToLeft' => $opening->rightToLeft]);
    }

    /** @param  SetupData  $data */
    public static function fromArray(array $data): self
    {
        return new self(
            Sizes::fromArray($data), Opening::fromArray($data), array_map(Range::parse(...), $data['merges']),
            new Tab($data['colour'], $data['state'], $data['protected']),
        );
    }
}
