<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Models\Workbook;
use Rilvet\Colour\Colour;
use Rilvet\Colour\Starting;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Stylebook\Palette;
use Rilvet\Work\Worksheet;

/** Colours at hand: those of the stylebook or some to begin with, those that a person named, and those in use. */
final readonly class PaletteRecord
{
    /** Colours of other workbooks that are offered. */
    private const OTHERS = 24;

    /** Workbooks that are looked into for them, the last changed first. */
    private const BOOKS = 40;

    /**
     * @param  list<SwatchGroup>  $groups
     * @param  list<string>  $used
     * @param  string  $joins  where a colour goes that gets a name here
     */
    public function __construct(public array $groups, public array $used, public string $joins)
    {
    }

    public static function list(Workbook $row, Worksheet $sheet, LookBook $looks): self
    {
        $stylebook = $sheet->stylebook;
        $own = $sheet->own->palette->colours ?? [];
        $groups = [];
        if ($stylebook !== null && $stylebook->palette->colours !== []) {
            $groups[] = SwatchGroup::of($stylebook->name, $stylebook->palette->colours);
        }
        $groups[] = SwatchGroup::of('Named in this workbook', $own, true);
        $groups[] = SwatchGroup::of('Named in other workbooks', self::elsewhere($row, $own));
        if ($stylebook === null || $stylebook->palette->colours === []) {
            $groups[] = SwatchGroup::of('To begin with', array_map(fn (Colour $colour) => $colour->toHex(), Starting::colours()));
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

        return new self(
            array_values(array_filter($groups, fn (SwatchGroup $group) => $group->swatches !== [])),
            array_slice(array_map(strval(...), array_keys($used)), 0, 24),
            $stylebook === null ? 'the named colours of this workbook' : "the palette of {$stylebook->name}",
        );
    }

    /**
     * @param  array<string, string>  $own
     * @return array<string, string>
     */
    private static function elsewhere(Workbook $row, array $own): array
    {
        $colours = [];
        $others = Workbook::query()->whereKeyNot($row->id)->where('own', 'like', '%"palette":{%');
        foreach ($others->latest('updated_at')->limit(self::BOOKS)->pluck('own') as $json) {
            $other = is_string($json) ? json_decode($json, true) : [];
            $palette = is_array($other) ? $other['palette'] ?? [] : [];
            // The palette alone is read: it is asked for with every selection.
            $colours += Palette::of(is_array($palette) ? $palette : [])->colours;
        }

        return array_slice(array_diff($colours, $own), 0, self::OTHERS);
    }
}
