<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;

/** What was found when a written file was read back: cells compared, and how many differ. */
final class Proof
{
    public int $cells = 0;

    public int $values = 0;

    public int $formulas = 0;

    /** Formulas that give something else than the file did in which they came. */
    public int $results = 0;

    /** @var list<string> the first of them */
    public array $resultPlaces = [];

    /** @var list<string> the first places that differ */
    public array $places = [];

    public function compare(string $sheet, int $row, int $column, Cell $meant, Cell $found): void
    {
        if ($meant->isBlank() && $found->isBlank()) {
            return;
        }
        $this->cells++;
        $value = $meant->sameDataAs($found) || $meant->formula !== null && $meant->value === null && $meant->error === null;
        $formula = $meant->sameFormulaAs($found);
        $this->values += $value ? 0 : 1;
        $this->formulas += $formula ? 0 : 1;
        if ((! $value || ! $formula) && count($this->places) < 10) {
            $this->places[] = "$sheet!".Address::columnName($column).$row;
        }
    }

    public function holds(): bool
    {
        return $this->values === 0 && $this->formulas === 0;
    }
}
