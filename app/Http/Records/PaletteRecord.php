<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Oklch;
use Rilvet\Colour\Starting;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Work\Worksheet;

/** Colours at hand: those of the stylebook, and those that the workbook uses already. */
final readonly class PaletteRecord
{
    /**
     * @param  list<SwatchRecord>  $named
     * @param  list<string>  $used
     * @param  bool  $isOwn  the named colours are the stylebook's; else those to begin with
     */
    public function __construct(public array $named, public array $used, public bool $isOwn)
    {
    }

    public static function list(Worksheet $sheet, LookBook $looks): self
    {
        $named = [];
        $colours = $sheet->stylebook->palette->colours ?? [];
        foreach ($colours === [] ? array_map(fn (Colour $colour) => $colour->toHex(), Starting::colours()) : $colours as $name => $hex) {
            $named[] = new SwatchRecord((string) $name, $hex, array_map(fn (Colour $colour) => $colour->toHex(), Oklch::run(Colour::hex($hex))));
        }
        $used = [];
        foreach ($looks->all() as $look) {
            foreach ([Attribute::Fill, Attribute::Ink] as $attribute) {
                $hex = $look->text($attribute);
                if ($hex !== '' && $hex !== 'none') {
                    $used[$hex] = true;
                }
            }
        }

        return new self($named, array_slice(array_map(strval(...), array_keys($used)), 0, 24), $colours !== []);
    }
}
