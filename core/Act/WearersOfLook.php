<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Work\Worksheet;

/** What becomes of the cells that wear a named look when it gets another name, or is deleted. */
final readonly class WearersOfLook
{
    private function __construct(public string $name, private ?string $to, private ?Look $kept)
    {
    }

    /** They wear the look of the other name from now on. */
    public static function renamed(string $name, string $to): self
    {
        return new self($name, $to, null);
    }

    /** They keep what the look said, as hand touches under those that they have. */
    public static function keeping(string $name, Look $look): self
    {
        return new self($name, null, $look);
    }

    /** They fall back to the layer below. */
    public static function without(string $name): self
    {
        return new self($name, null, null);
    }

    public function on(Worksheet $sheet, LookBook $looks): Worksheet
    {
        $at = array_search($this->name, $sheet->wears, true);
        if ($at === false) {
            return $sheet;
        }
        $other = $this->to === null ? false : array_search($this->to, $sheet->wears, true);
        $wears = $sheet->wears;
        if ($this->to !== null && $other === false) {
            $wears[$at] = $this->to;

            return $sheet->laid($sheet->named, array_values($wears));
        }
        $named = clone $sheet->named;
        $hand = clone $sheet->hand;
        foreach ($sheet->named->ranges($at + 1) as $range) {
            $named->set($range, $other === false ? 0 : $other + 1);
            if ($this->kept !== null) {
                $hand->map($range, fn (int $old) => $looks->number($this->kept->under($looks->look($old))));
            }
        }

        return $sheet->laid($named, $wears)->touched($hand);
    }
}
