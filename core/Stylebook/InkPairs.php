<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Colour\Colour;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;

/** Every pair of ink and fill that the rules of a stylebook bring together, the least readable first. */
final class InkPairs
{
    /** Large is what is 18 pt, or 14 pt and bold (WCAG 2.2, "large scale"). */
    private const LARGE = 18.0;

    private const LARGE_BOLD = 14.0;

    /** Sizes where a stylebook says none. */
    private const SIZE = 11.0;

    private const OF_COLUMNS = [Part::RowLabel, Part::Body, Part::Subtotal, Part::Total];

    /** @return list<InkPair> */
    public static function of(Stylebook $stylebook): array
    {
        $pairs = [];
        $add = function (Look $look, string $where) use (&$pairs) {
            $ink = Colour::hex($look->text(Attribute::Ink, '#000000'));
            $fill = $look->text(Attribute::Fill, 'none');
            $fill = Colour::hex($fill === 'none' ? '#FFFFFF' : $fill);
            $size = $look->number(Attribute::Size, self::SIZE);
            $isLarge = $size >= self::LARGE || ($size >= self::LARGE_BOLD && $look->is(Attribute::Bold));
            $key = $ink->toHex().$fill->toHex();
            [$where, $isLarge] = isset($pairs[$key])
                ? [[...$pairs[$key]->where, $where], $pairs[$key]->isLarge && $isLarge]
                : [[$where], $isLarge];
            $pairs[$key] = new InkPair($ink, $fill, array_values(array_unique($where)), $isLarge);
        };
        foreach (Part::cases() as $part) {
            $look = $stylebook->ground->under($stylebook->part($part));
            $add($look, "parts.$part->value");
            foreach (self::fills($stylebook, $part) as $fill) {
                $add($look->under($fill), "parts.$part->value");
            }
            foreach (in_array($part, self::OF_COLUMNS, true) ? ColumnKind::cases() : [] as $kind) {
                $own = $stylebook->kind($kind)->place->only(Attribute::Ink, Attribute::Fill);
                $own->isEmpty() || $add($look->under($own), "kinds.$kind->value");
            }
        }
        // A total that is a column runs through the stripes of the body.
        foreach ([Look::none(), ...self::fills($stylebook, Part::Body)] as $fill) {
            $add($stylebook->ground->under($stylebook->across())->under($fill), 'parts.total');
        }
        foreach ($stylebook->looks as $name => $look) {
            $own = $look->only(Attribute::Ink, Attribute::Fill, Attribute::Size, Attribute::Bold);
            $own->isEmpty() || $add($stylebook->ground->under($stylebook->part(Part::Body))->under($own), "looks.$name");
        }
        $pairs = array_values($pairs);
        usort($pairs, fn (InkPair $one, InkPair $other) => $one->ratio() / $one->wanted() <=> $other->ratio() / $other->wanted());

        return $pairs;
    }

    /**
     * The stylebook with the ink of a pair mended where it is said: the colour of the palette where all that wears it can still
     * be read then, else the rule alone.
     */
    public static function mended(Stylebook $stylebook, InkPair $pair): Stylebook
    {
        $better = $pair->better()->toHex();
        foreach ($stylebook->palette->colours as $name => $hex) {
            if ($hex === $pair->ink->toHex() && self::says($stylebook, $pair->where, "@$name")) {
                $changed = $stylebook->colouring((string) $name, $better);
                if (self::failing($changed) < self::failing($stylebook)) {
                    return $changed;
                }
            }
        }
        foreach ($pair->where as $where) {
            [$group, $name] = explode('.', $where, 2);
            $stylebook = Edit::put($stylebook, [$group, $name, Attribute::Ink->value], $better);
        }

        return $stylebook;
    }

    private static function failing(Stylebook $stylebook): int
    {
        return count(array_filter(self::of($stylebook), fn (InkPair $pair) => ! $pair->passes()));
    }

    /** @param  list<string>  $where */
    private static function says(Stylebook $stylebook, array $where, string $ink): bool
    {
        $source = $stylebook->toArray();
        foreach ([['ground'], ...array_map(fn (string $place) => explode('.', $place, 2), $where)] as $path) {
            $look = array_reduce($path, fn (mixed $data, string $key) => is_array($data) ? $data[$key] ?? null : null, $source);
            if (is_array($look) && ($look[Attribute::Ink->value] ?? null) === $ink) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Look> fills of stripes that the texts of a part stand on */
    private static function fills(Stylebook $stylebook, Part $part): array
    {
        return $part === Part::Body || $part === Part::RowLabel ? $stylebook->stripes->looks ?? [] : [];
    }
}
