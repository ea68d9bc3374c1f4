<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Look\Look;
use Rilvet\Stylebook\StripesBy;
use Rilvet\Work\Aspect\KeyBands;
use Rilvet\Work\Aspect\LaidStripe;
use Rilvet\Work\Worksheet;

/** Which band of stripes that were laid by hand a cell stands in. */
final readonly class LaidBands
{
    /** @var list<LaidStripe> the last laid first */
    private array $laid;

    private KeyBands $keys;

    private HiddenRows $hidden;

    /** @param  non-empty-list<LaidStripe>  $laid */
    public function __construct(array $laid, Worksheet $sheet)
    {
        $this->laid = array_reverse($laid);
        $this->keys = $sheet->aspect(KeyBands::class);
        $this->hidden = HiddenRows::of($sheet);
    }

    /** @return array{string, Look}|null what is the same for cells of one band, and the band's look */
    public function at(int $row, int $column): ?array
    {
        foreach ($this->laid as $number => $one) {
            if ($one->range->contains($row, $column)) {
                $band = $one->stripes->by === StripesBy::Columns
                    ? $one->stripes->band($column - $one->range->left)
                    : $this->ofRow($one, $row);

                return ["$number.$band", $one->stripes->look($band)];
            }
        }

        return null;
    }

    /** What the rows have in common that are striped alike. */
    public function key(int $row): string
    {
        $key = '';
        foreach ($this->laid as $number => $one) {
            if ($one->range->hasRow($row)) {
                $key .= "|$number".($one->stripes->by === StripesBy::Columns ? '' : '.'.$this->ofRow($one, $row));
            }
        }

        return $key;
    }

    /** The name under which the changes of a key column are kept. */
    public static function place(LaidStripe $one): string
    {
        return "laid $one->range";
    }

    private function ofRow(LaidStripe $one, int $row): int
    {
        return $one->stripes->band($one->stripes->by === StripesBy::Key
            ? max(0, $this->keys->count(self::place($one), $row) - 1)
            : $row - $one->range->top - $this->hidden->between($one->range->top, $row - 1));
    }
}
