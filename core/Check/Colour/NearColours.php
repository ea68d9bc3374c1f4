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
use Rilvet\Colour\Difference;
use Rilvet\Dressed\Layer;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\TableReading;

/** Colours that are nearly the same and not quite. */
final readonly class NearColours implements SheetCheck
{
    public function about(): About
    {
        return new About('near-colours', 'Colours that are nearly the same',
            'A reader either does not see the difference, or looks for its meaning.', Severity::Look, Subject::Colour);
    }

    /** CIEDE2000: below it a difference is seen only side by side (common practice). */
    private const NEAR = 3.0;

    private const KINDS = 60;

    public function find(Checked $sheet): iterable
    {
        foreach ([Attribute::Fill, Attribute::Ink] as $attribute) {
            $by = fn (ResolvedLook $look) => in_array($look->from($attribute), [Layer::File, Layer::Hand], true)
                ? ($attribute === Attribute::Fill ? $look->look->paper() : $look->look->ink())->toHex()
                : '';
            $found = Seen::by($sheet, $by);
            uasort($found, fn (array $one, array $other) => $other['count'] <=> $one['count']);
            $colours = array_slice(array_map(strval(...), array_keys($found)), 0, self::KINDS);
            $gone = [];
            foreach ($colours as $at => $usual) {
                foreach (array_slice($colours, $at + 1) as $rare) {
                    $off = Difference::ciede2000(Colour::hex($usual), Colour::hex($rare));
                    if ($off >= self::NEAR || isset($gone[$usual]) || isset($gone[$rare])) {
                        continue;
                    }
                    $gone[$rare] = true;
                    $whole = RangeSet::of(...array_map(fn (TableReading $table) => $table->range, $sheet->tables()));
                    $name = $attribute->value;
                    yield $sheet->finding($this, Seen::text($found[$rare]['ranges']), $found[$rare]['count'],
                        number_format($found[$rare]['count']).' cells have the '.$name." $rare, ".number_format($found[$usual]['count']).
                        " have $usual: they differ by ".number_format($off, 1).' (CIEDE2000).', ['difference' => round($off, 2)],
                        Mend::looks(new FormatWhere(new Targets([$sheet->number], $whole), Look::of([$name => $rare]),
                            Look::of([$name => $usual]))));
                }
            }
        }
    }
}
