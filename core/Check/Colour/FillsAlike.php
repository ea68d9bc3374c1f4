<?php

declare(strict_types=1);

namespace Rilvet\Check\Colour;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Colour\Colour;
use Rilvet\Colour\Dichromacy;
use Rilvet\Colour\Difference;
use Rilvet\Dressed\Layer;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Look\Attribute;

/** Fills that some readers cannot tell apart. */
final readonly class FillsAlike implements SheetCheck
{
    public function about(): About
    {
        return new About('fills-alike', 'Fills that look alike to some',
            'One man in twelve sees red and green otherwise; what only a colour says is lost to him (WCAG 2.2, 1.4.1).',
            Severity::Note, Subject::Colour);
    }

    public function find(Checked $sheet): iterable
    {
        $found = Seen::by($sheet, fn (ResolvedLook $look) => in_array($look->from(Attribute::Fill),
            [Layer::File, Layer::Hand], true)
            ? $look->look->paper()->toHex() : '', isAround: false);
        $fills = array_slice(array_map(strval(...), array_keys($found)), 0, 20);
        foreach ($fills as $at => $one) {
            foreach (array_slice($fills, $at + 1) as $other) {
                [$first, $second] = [Colour::hex($one), Colour::hex($other)];
                if (Difference::ciede2000($first, $second) < 12) {
                    continue;
                }
                foreach (Dichromacy::cases() as $eye) {
                    if (Difference::ciede2000($eye->seen($first), $eye->seen($second)) < 4) {
                        yield $sheet->finding($this, Seen::text([...$found[$one]['ranges'], ...$found[$other]['ranges']]),
                            $found[$one]['count'] + $found[$other]['count'], "$one and $other look the same with ".$eye->words().'.');

                        continue 2;
                    }
                }
            }
        }
    }
}
