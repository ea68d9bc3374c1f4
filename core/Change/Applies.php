<?php

declare(strict_types=1);

namespace Rilvet\Change;

/** Where changes are kept: each kind of patch has its own way in. */
interface Applies
{
    public function aspect(AspectPatch $patch): void;

    public function cells(CellsPatch $patch): void;

    public function blocks(BlocksPatch $patch): void;

    public function workbook(WorkbookPatch $patch): void;

    public function sheets(SheetsPatch $patch): void;

    public function stylebook(StylebookPatch $patch): void;
}
