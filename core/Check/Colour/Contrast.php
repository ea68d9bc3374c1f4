<?php

declare(strict_types=1);

namespace Rilvet\Check\Colour;

use Rilvet\Act\FormatWhere;
use Rilvet\Act\Targets;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Colour\Colour;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Measure\Ruler;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\InkPair;

/** Texts that can hardly be read on what is behind them. */
final readonly class Contrast implements SheetCheck
{
    public function about(): About
    {
        return new About('contrast', 'Texts hard to read on their fill',
            'Many readers cannot read them, and nobody can in the sun or on paper (WCAG 2.2, 1.4.3).', Severity::Wrong, Subject::Colour);
    }

    public function find(Checked $sheet): iterable
    {
        $pair = fn (ResolvedLook $look) => new InkPair($look->look->ink(), $look->look->paper(), [], self::isLarge($look));
        // Ink of the colour of its fill hides what is not for readers.
        $by = fn (ResolvedLook $look) => ($of = $pair($look))->passes() || $of->ratio() < 1.02 ? ''
            : $of->ink->toHex().' on '.$of->fill->toHex().($of->isLarge ? ' large' : '');
        foreach (Seen::by($sheet, $by) as $found) {
            $of = $pair($found['look']);
            $when = Look::of(['ink' => $of->ink->toHex(), 'fill' => $of->fill->toHex()]);
            $better = $of->better();
            $range = Seen::text($found['ranges']);
            $whole = RangeSet::of(...array_map(fn (TableReading $table) => $table->range, $sheet->tables()));
            yield $sheet->finding($this, $range, $found['count'], $of->ink->toHex().' on '.$of->fill->toHex().' is '.
                number_format($of->ratio(), 1).' to 1, '.($of->isLarge ? '3' : '4.5').' to 1 is wanted; '.$better->toHex().
                    ' would be read.',
                ['ink' => $of->ink->toHex(), 'fill' => $of->fill->toHex(), 'ratio' => round($of->ratio(), 2)],
                Mend::looks(new FormatWhere(new Targets([$sheet->number], $whole), $when, Look::of(['ink' => $better->toHex()]))));
        }
    }

    /** 18 pt, or 14 pt and bold (WCAG 2.2, 1.4.3, note 1 of "large scale"). */
    private static function isLarge(ResolvedLook $look): bool
    {
        $size = $look->look->number(Attribute::Size, Ruler::SIZE);

        return $size >= 18 || ($size >= 14 && $look->look->is(Attribute::Bold));
    }
}
