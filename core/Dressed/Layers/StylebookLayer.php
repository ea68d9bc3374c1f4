<?php

declare(strict_types=1);

namespace Rilvet\Dressed\Layers;

use Rilvet\Dressed\Frames;
use Rilvet\Dressed\Layer;
use Rilvet\Dressed\LayerEntry;
use Rilvet\Dressed\LayerSource;
use Rilvet\Dressed\Place;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Stylebook;

/** What the stylebook says: its ground, and of tables their parts, column kinds and stripes. */
final readonly class StylebookLayer implements LayerSource
{
    private const OF_COLUMNS = [Part::Heading, Part::RowLabel, Part::Body, Part::Subtotal, Part::Total];

    public function __construct(private Stylebook $stylebook, private LookBook $looks)
    {
    }

    public function layer(): Layer
    {
        return Layer::Ground;
    }

    public function entries(Place $place): array
    {
        if ($place->part === null) {
            return [new LayerEntry(Layer::Ground, $this->stylebook->ground)];
        }
        $dress = $this->dress($place->part, $place);
        if ($place->odd === 0) {
            return $dress;
        }
        // The cell's own number format is kept, whatever the stylebook says of its column.
        $kept = new LayerEntry(Layer::File, $this->looks->look($place->odd)->only(Attribute::Number));

        return [
            $kept,
            ...array_map(fn (LayerEntry $entry) => new LayerEntry($entry->layer, $entry->look->without(Attribute::Number)), $dress),
        ];
    }

    /** @return list<LayerEntry> */
    public function dress(Part $part, Place $place): array
    {
        $look = $this->stylebook->part($part);
        if ($part === Part::ColumnGroup && ! $place->isGrouped) {
            $look = $look->under(Look::of([Attribute::Horizontal->value => 'center']));
        }
        // The bottom line's rules belong to rows; a total that is a column is told by its weight alone.
        if ($place->isAcross) {
            $look = $this->stylebook->across();
        }
        // The rule under headings stands beside those at the left.
        if ($place->isAtLeft) {
            $rule = $look->text(Attribute::Bottom);
            $beside = $rule === '' ? Look::none() : Look::of([Attribute::Right->value => $rule]);
            // They stand on the line of what they name.
            $line = $this->stylebook->part(Part::Body)->only(Attribute::Vertical);
            $look = $look->without(Attribute::Top, Attribute::Bottom, Attribute::Vertical)->under($beside)->under($line);
        }
        $entries = [new LayerEntry(Layer::Ground, $this->stylebook->ground), new LayerEntry(Layer::Part, $look)];
        if ($place->sides !== '') {
            $sides = array_map(fn (string $side) => Frames::SIDES[$side], str_split($place->sides));
            $entries[] = new LayerEntry(Layer::Part, $this->stylebook->frame->only(...$sides));
        }
        $kind = $place->reading === null ? null : $this->kind($part, $place, $place->reading);
        if ($kind !== null) {
            $entries[] = new LayerEntry(Layer::Kind, $kind);
        }
        $stripe = $place->band === null ? null : $this->stylebook->stripes?->look($place->band);
        if ($stripe !== null && ! $stripe->isEmpty()) {
            $entries[] = new LayerEntry(Layer::Stripes, $stripe);
        } elseif ($stripe !== null && $look->text(Attribute::Fill) === '' && $this->isFilled($place->file)) {
            // A fill that came with the file would stand in the stripes where the body says none of its own.
            $entries[] = new LayerEntry(Layer::Stripes, Look::of([Attribute::Fill->value => 'none']));
        }

        if ($place->shows !== null) {
            $entries[] = new LayerEntry(Layer::Kind, $this->shown($place->shows, $entries));
        }

        return $entries;
    }

    /**
     * A text as a format that shows it and nothing else; what is said below it stays.
     *
     * @param  list<LayerEntry>  $entries
     */
    private function shown(string $text, array $entries): Look
    {
        $code = '';
        foreach ($entries as $entry) {
            $code = $entry->look->text(Attribute::Number, $code);
        }
        $below = preg_match('/^@"(\n.*)"$/su', $code, $found) === 1 ? $found[1] : '';
        $quoted = implode('"\\""', explode('"', $text.$below));

        return Look::of([Attribute::Number->value => ";;;\"$quoted\""]);
    }

    private function isFilled(int $look): bool
    {
        return $look !== 0 && ! in_array($this->looks->look($look)->text(Attribute::Fill), ['', 'none'], true);
    }

    private function kind(Part $part, Place $place, ColumnReading $column): ?Look
    {
        $isSum = $part === Part::Subtotal || ($part === Part::Total && ! $place->isAcross);
        if ($isSum && $column->role === ColumnRole::Label && ! ($place->isCoded && $column->kind === ColumnKind::Code)) {
            // The name of a total reads like text, whatever its column holds; a code that stands there stays one.
            return Look::of([Attribute::Horizontal->value => 'left']);
        }
        if (! in_array($part, self::OF_COLUMNS, true)) {
            return null;
        }
        $rule = $this->stylebook->kind($column->kind);
        $kind = $rule->look($column, $place->isSigned, $isSum);
        if ($part !== Part::Heading) {
            return $kind;
        }

        // Headings stand as their columns do, and the last of them says the unit where the rule wants it there.
        $says = $place->isLowest ? $rule->headingLook($column) : Look::none();

        return $this->saying($says, $place)->under($kind->only(Attribute::Horizontal));
    }

    /** A heading says below its name what the cells of its column are: as a display, its text stays. */
    private function saying(Look $says, Place $place): Look
    {
        $words = $place->below === null ? '' : $this->stylebook->heads[$place->below->value] ?? '';
        if ($words === '') {
            return $says;
        }
        $unit = preg_match('/^@"\n(.*)"$/su', $says->text(Attribute::Number), $found) === 1 ? $found[1].' · ' : '';

        return $says->under(Look::of([Attribute::Number->value => "@\"\n$unit$words\"", Attribute::Wrap->value => true]));
    }
}
