<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Dichromacy;
use Rilvet\Colour\Oklch;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntrySentence;
use Rilvet\Guard\Role;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookWords;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\InkPairs;
use Rilvet\Stylebook\Palette;
use Rilvet\Stylebook\PaletteCheck;
use Rilvet\Stylebook\Stripes;
use Rilvet\Stylebook\Stylebook;

/** All rules of a stylebook in a few words each, and how its colours do. */
final readonly class RulesRecord
{
    private const RUN = 7;

    private const SIZED = [Part::Title, Part::Heading, Part::Note];

    /**
     * @param  list<ColourRecord>  $palette
     * @param  list<RuleRecord>  $sizes  in pt
     * @param  list<RuleRecord>  $parts
     * @param  list<RuleRecord>  $kinds
     * @param  list<RuleRecord>  $looks
     * @param  list<RuleRecord>  $numbers
     * @param  list<InkPairRecord>  $pairs  the least readable first
     * @param  list<ReaderRecord>  $readers
     * @param  list<string>  $pale  two fills that bands of stripes can begin with
     * @param  list<string>  $marks  entry, choice and formula cells that are marked on every sheet
     * @param  list<RuleRecord>  $heads  what headings say over each of them
     * @param  list<RuleRecord>  $cases  letters that headings and column groups are shown in; empty as they are written
     * @param  list<RuleRecord>  $entries  checks on entry
     * @param  list<RoleRuleRecord>  $roles
     * @param  list<string>  $near  colours that are nearly the same: "mist and shore, 2.1"
     */
    public function __construct(
        public string $name,
        public string $about,
        public string $font,
        public float $size,
        public array $palette,
        public array $sizes,
        public array $parts,
        public array $kinds,
        public ?StripesRecord $stripes,
        public array $pale,
        public FitRulesRecord $fit,
        public array $looks,
        public array $numbers,
        public array $pairs,
        public array $readers,
        public array $near,
        public array $marks,
        public array $heads,
        public array $cases,
        public array $entries,
        public array $roles,
    ) {
    }

    public static function of(Stylebook $stylebook): self
    {
        $ground = $stylebook->ground;
        $size = fn (Look $look) => $ground->under($look)->number(Attribute::Size, 11);
        $sizes = [
            new RuleRecord('ground', 'All cells', (string) $size(Look::none())),
            ...array_map(
                fn (Part $part) => new RuleRecord($part->value, $part->words(), (string) $size($stylebook->part($part))),
                self::SIZED,
            ),
        ];

        return new self(
            $stylebook->name, $stylebook->about, $ground->text(Attribute::Font, 'Carlito'), $size(Look::none()),
            self::palette($stylebook), $sizes,
            array_map(
                fn (Part $part) => new RuleRecord($part->value, $part->words(), self::says($stylebook->part($part)), $part->letter()),
                Part::cases(),
            ),
            array_map(fn (ColumnKind $kind) => new RuleRecord(
                $kind->value, ucfirst($kind->words()), $stylebook->kind($kind)->place->text(Attribute::Horizontal),
            ), ColumnKind::cases()),
            $stylebook->stripes === null ? null : StripesRecord::of($stylebook->stripes), Stripes::pale($stylebook->palette),
            FitRulesRecord::of($stylebook),
            array_map(
                fn (string|int $name, Look $look) => new RuleRecord((string) $name, (string) $name, LookWords::of($look)),
                array_keys($stylebook->looks), array_values($stylebook->looks),
            ),
            array_map(
                fn (string|int $name, string $code) => new RuleRecord((string) $name, (string) $name, $code),
                array_keys($stylebook->numbers), array_values($stylebook->numbers),
            ),
            array_map(InkPairRecord::of(...), InkPairs::of($stylebook)),
            array_map(fn (Dichromacy $reader) => self::reader($stylebook->palette, $reader), Dichromacy::cases()),
            array_map(fn (array $near) => "$near[0] and $near[1], $near[2]", PaletteCheck::near($stylebook->palette)),
            array_map(fn (Part $part) => $part->value, $stylebook->marks),
            array_map(fn (Part $part) => new RuleRecord($part->value, $part->words(), $stylebook->heads[$part->value] ?? ''),
                Part::OF_CELLS),
            array_map(fn (Part $part) => new RuleRecord($part->value, $part->words(), $stylebook->cases[$part->value]->value ?? ''),
                [Part::Heading, Part::ColumnGroup]),
            array_map(fn (EntryCheck $one) => new RuleRecord($one->id, EntrySentence::of($one, Reading::none()), ''), $stylebook->entries),
            array_map(fn (Role $role) => RoleRuleRecord::of($role, $stylebook), Role::cases()),
        );
    }

    /** @return list<ColourRecord> */
    private static function palette(Stylebook $stylebook): array
    {
        $colours = [];
        foreach ($stylebook->palette->colours as $name => $hex) {
            $run = array_map(fn (Colour $colour) => $colour->toHex(), Oklch::run(Colour::hex($hex), self::RUN));
            $colours[] = new ColourRecord((string) $name, $hex, Edit::countUses($stylebook, (string) $name), $run);
        }

        return $colours;
    }

    private static function reader(Palette $palette, Dichromacy $reader): ReaderRecord
    {
        return new ReaderRecord(
            $reader->value, $reader->words(),
            array_values(array_map(fn (string $hex) => $reader->seen(Colour::hex($hex))->toHex(), $palette->colours)),
            array_map(fn (array $pair) => "$pair[0] and $pair[1]", PaletteCheck::alike($palette, $reader)),
        );
    }

    /** The most telling thing that is said of a part, in a word or two. */
    private static function says(Look $look): string
    {
        $words = [
            Attribute::Size->value => $look->number(Attribute::Size) > 0 ? $look->number(Attribute::Size).' pt' : '',
            Attribute::Bold->value => $look->is(Attribute::Bold) ? 'bold' : '',
            Attribute::Italic->value => $look->is(Attribute::Italic) ? 'italic' : '',
            Attribute::Fill->value => in_array($look->text(Attribute::Fill), ['', 'none'], true) ? '' : 'filled',
            Attribute::Bottom->value => in_array($look->text(Attribute::Bottom), ['', 'none'], true) ? '' : 'ruled',
        ];

        return implode(' · ', array_slice(array_filter($words), 0, 2));
    }
}
