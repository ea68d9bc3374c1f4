<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Stylebook;

/**
 * The looks of a stylebook in the definition of a pivot table (18.10.1.35, areas: 18.3.1.68), so that they stand after it was
 * refreshed elsewhere. All else of the definition stays as the bytes that it was.
 */
final readonly class PivotFormats
{
    /** Elements that stand before the formats, the last first (18.10.1.73). */
    private const BEFORE = ['dataFields', 'pageFields', 'colItems', 'colFields', 'rowItems', 'rowFields', 'pivotFields', 'location'];

    /** What names of several values are called in references (18.3.1.70). */
    private const VALUES = '4294967294';

    /** @param  callable(Look): int  $differential  number of a differential format */
    public function __construct(private Pivot $pivot, private Stylebook $stylebook, private mixed $differential)
    {
    }

    public function on(string $xml): string
    {
        $prefix = preg_match('~<((?:[A-Za-z_][\w.\-]*:)?)pivotTableDefinition[\s>]~', $xml, $found) === 1 ? $found[1] : '';
        $formats = [];
        foreach ($this->areas() as [$look, $area]) {
            if (! $look->isEmpty()) {
                $area = preg_replace('~<(/?)(?=[a-z])~', "<$1$prefix", $area);
                $formats[] = [$area, "<{$prefix}format dxfId=\"".($this->differential)($look)."\">$area</{$prefix}format>"];
            }
        }
        // What was said of the same area before, by an earlier writing or by hand, lies below what is said now: it is taken out.
        foreach ($formats as [$area]) {
            $xml = (string) preg_replace("~<{$prefix}format\\s[^<>]*>".preg_quote((string) $area, '~')."</{$prefix}format>~", '', $xml);
        }
        $made = implode('', array_column($formats, 1));
        $count = substr_count($xml, "<{$prefix}format ") + count($formats);
        if ($made === '') {
            return $xml;
        }
        if (preg_match("~<{$prefix}formats\\b[^>]*/>~", $xml) === 1) {
            return (string) preg_replace("~<{$prefix}formats\\b[^>]*/>~",
                "<{$prefix}formats count=\"$count\">$made</{$prefix}formats>", $xml, 1);
        }
        if (str_contains($xml, "</{$prefix}formats>")) {
            $xml = str_replace("</{$prefix}formats>", "$made</{$prefix}formats>", $xml);

            return (string) preg_replace("~<{$prefix}formats\\b[^>]*>~", "<{$prefix}formats count=\"$count\">", $xml, 1);
        }
        foreach (self::BEFORE as $name) {
            if (preg_match("~</$prefix$name>|<$prefix$name\\b[^<>]*/>~", $xml, $found, PREG_OFFSET_CAPTURE) === 1) {
                $at = $found[0][1] + strlen($found[0][0]);

                return substr($xml, 0, $at)."<{$prefix}formats count=\"$count\">$made</{$prefix}formats>".substr($xml, $at);
            }
        }

        return $xml;
    }

    /** @return list<array{Look, string}> looks and areas, the widest first: later ones lie over them */
    private function areas(): array
    {
        $of = fn (Part $part) => self::plain($this->stylebook->part($part));
        $labels = 'dataOnly="0" labelOnly="1" outline="0" fieldPosition="0"';
        $reference = fn (int|string $field,
            string $more = '') => "<references count=\"1\"><reference field=\"$field\" count=\"0\"$more/></references>";
        $areas = [[self::plain($this->stylebook->ground), '<pivotArea type="all" dataOnly="0" outline="0" fieldPosition="0"/>'],
            [$of(Part::Body), '<pivotArea outline="0" collapsedLevelsAreSubtotals="1" fieldPosition="0"/>']];
        foreach ($this->pivot->rowFields as $at => $field) {
            $isInner = $at === count($this->pivot->rowFields) - 1;
            $areas[] = [$of($isInner ? Part::RowLabel : Part::RowGroup), "<pivotArea $labels>".$reference($field).'</pivotArea>'];
            $isInner || $areas[] = [$of(Part::Subtotal), '<pivotArea dataOnly="0" outline="0" fieldPosition="0">'
                .$reference($field, ' defaultSubtotal="1"').'</pivotArea>'];
        }
        $heading = $of(Part::Heading);
        $areas[] = [$heading, "<pivotArea type=\"origin\" $labels/>"];
        $areas[] = [$heading, "<pivotArea type=\"topRight\" $labels/>"];
        foreach (['axisRow' => $this->pivot->rowFields, 'axisCol' => $this->pivot->columnFields] as $axis => $fields) {
            foreach ($fields as $at => $field) {
                $areas[] = [$heading,
                    "<pivotArea field=\"$field\" type=\"button\" dataOnly=\"0\" labelOnly=\"1\" outline=\"0\" axis=\"$axis\" "
                    ."fieldPosition=\"$at\"/>"];
            }
        }
        foreach ($this->pivot->columnFields as $field) {
            $areas[] = [$heading, "<pivotArea $labels>".$reference($field).'</pivotArea>'];
        }
        if ($this->pivot->values > 1) {
            $areas[] = [$heading, "<pivotArea $labels>".$reference(self::VALUES).'</pivotArea>'];
        }
        $total = $of(Part::Total);
        $areas[] = [$total, '<pivotArea dataOnly="0" grandCol="1" outline="0" fieldPosition="0"/>'];
        $areas[] = [$total, '<pivotArea dataOnly="0" grandRow="1" outline="0" fieldPosition="0"/>'];

        return $areas;
    }

    /** Number formats belong to the fields that are worked out, and guarding to cells. */
    private static function plain(Look $look): Look
    {
        return $look->without(Attribute::Number, Attribute::Locked, Attribute::Concealed);
    }
}
