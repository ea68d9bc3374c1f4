<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Measure\Length;
use Rilvet\Work\Sizes;

/** What the attributes of a row say of its height and of whether it is hidden (18.3.1.73). */
final readonly class RowSize
{
    /** @var array<int, int> rows that were sized by hand, as keys */
    private array $held;

    /** @param  array<int, int>  $followed  rows that follow what they hold, as keys */
    public function __construct(private Sizes $sizes, private array $followed)
    {
        $this->held = array_flip($sizes->heldRows);
    }

    /** Attributes of a row with the height and the visibility that are set. */
    public function on(int $row, string $attributes): string
    {
        $hidden = $this->sizes->hidesRow($row);
        $wanted = $this->sizes->heights[$row] ?? $this->sizes->height;
        if (strpbrk($attributes, 'h') === false) {
            // Nearly all rows say nothing of their size.
            if (! $hidden && $wanted === $this->sizes->height && ! isset($this->held[$row])) {
                return $attributes;
            }
        }
        $had = preg_match('~\sht="([\d.]+)"~', $attributes, $found) === 1 ? max(1, (int) round((float) $found[1] * 96 / 72)) : null;
        // A row that was given the usual height by hand says so, or it would be as high as what it holds wants.
        $isUnsaid = $had === null && isset($this->held[$row]);
        if ($isUnsaid || ($had ?? $this->sizes->height) !== $wanted) {
            $attributes =
                preg_replace('~\s(?:ht|customHeight)="[^"]*"~', '', $attributes).
                ' ht="'.
                Length::points($wanted).
                '"'.
                (isset($this->followed[$row]) ? '' : ' customHeight="1"');
        }
        $isHidden = preg_match('~\shidden="(?:1|true)"~', $attributes) === 1;
        if ($isHidden !== $hidden) {
            $attributes = preg_replace('~\shidden="[^"]*"~', '', $attributes).($hidden ? ' hidden="1"' : '');
        }

        return $attributes;
    }
}
