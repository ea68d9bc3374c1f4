<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Condition\AsFormula;
use Rilvet\Condition\Bar;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Is;
use Rilvet\Condition\Marks;
use Rilvet\Condition\Point;
use Rilvet\Condition\Scale;
use Rilvet\Condition\Test;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;

/**
 * Conditional looks as a worksheet part says them (ISO/IEC 29500-1 18.3.1.10, 18.3.1.18); what the standard has no word for
 * goes into the extension list where the package carries one. Looks that say the same share one differential format.
 */
final class ConditionsOut
{
    private const URI = '{78C0D931-6437-407d-A8EE-F0AAD7539E65}';

    private const LINK = '{B025F937-C7B1-47D3-B67F-A62EFF666E3E}';

    /** Sets of marks that came later than the standard, and those of it that come nearest. */
    private const NEWER = ['3Stars' => '3Signs', '3Triangles' => '3Arrows', '5Boxes' => '5Quarters'];

    /** What of the extension list was written. */
    public string $extension = '';

    /**
     * @param  array{string, string}|null  $names  namespaces of the extension list and of its formulas, as the package says them; without
     *     them all is said in the words of the standard
     */
    public function __construct(private readonly StylesWriting $styles, private readonly ?array $names = null)
    {
    }

    /**
     * One of them.
     *
     * @param  non-empty-list<Range>  $ranges
     * @param  int  $priority  1 for the one that goes before all others
     * @return string what stands among the sheet's own; what goes into the extension list is added to it
     */
    public function one(Condition $condition, array $ranges, int $priority): string
    {
        $where = implode(' ', $ranges);
        [$row, $column] = Condition::first($ranges);
        $cell = Address::columnName($column).$row;
        $stop = $condition->stops ? ' stopIfTrue="1"' : '';
        $test = $condition->test;
        if ($test->is === Is::Always) {
            $rule = $this->shown($condition, $priority, $where);

            return $rule === '' ? '' : "<conditionalFormatting sqref=\"$where\">$rule</conditionalFormatting>";
        }
        [$attributes, $formulas] = self::said($test, $cell);
        if ($this->names !== null && array_filter($formulas, fn (string $formula) => str_contains($formula, '!')) !== []) {
            $id = self::id($priority, 1);
            $this->extension .= '<x14:conditionalFormatting>'
                ."<x14:cfRule$attributes priority=\"$priority\"$stop id=\"$id\">"
                .implode('', array_map(fn (string $formula) => '<xm:f>'.self::text($formula).'</xm:f>', $formulas))
                .'<x14:dxf>'.$this->styles->differentialXml($condition->look).'</x14:dxf></x14:cfRule>'
                ."<xm:sqref>$where</xm:sqref></x14:conditionalFormatting>";

            return '';
        }
        $look = $condition->look->isEmpty() ? '' : ' dxfId="'.$this->styles->differential($condition->look).'"';

        return "<conditionalFormatting sqref=\"$where\"><cfRule$attributes$look priority=\"$priority\"$stop>"
            .implode('', array_map(fn (string $formula) => '<formula>'.self::text($formula).'</formula>', $formulas))
            .'</cfRule></conditionalFormatting>';
    }

    /** Whether the words of the standard alone say it otherwise: newer sets of marks, marks put together, bars below nought. */
    public static function hasNoWord(Condition $condition): bool
    {
        $bar = $condition->bar;
        $marks = $condition->marks;

        return $bar !== null && ($bar->below !== null || $bar->isMirrored || $bar->border !== null)
            || $marks !== null && ($marks->own !== [] || isset(self::NEWER[$marks->set]));
    }

    /** All that was written for the extension list, as its element. */
    public function extensionXml(): string
    {
        return $this->extension === '' ? ''
            : '<ext xmlns:x14="'.($this->names[0] ?? '').'" xmlns:xm="'.($this->names[1] ?? '').'" uri="'.self::URI
            .'"><x14:conditionalFormattings>'.$this->extension.'</x14:conditionalFormattings></ext>';
    }

    /**
     * The kind and its attributes, and the formulas by which programs that go by them alone come to the same.
     *
     * @param  string  $cell  the first one
     * @return array{string, list<string>}
     */
    private static function said(Test $test, string $cell): array
    {
        $of = $test->of;
        $text = $of[0] ?? '';
        $formula = [AsFormula::ofCell($test, $cell) ?? 'FALSE'];
        $compared = fn (string $operator) => [" type=\"cellIs\" operator=\"$operator\"", $of];
        $plain = fn (string $kind) => preg_match('/^"((?:[^"]|"")*)"$/', $text, $found) === 1
            ? " type=\"$kind\" text=\"".self::text(str_replace('""', '"', $found[1])).'"' : " type=\"$kind\"";
        $rank = ' type="top10" rank="'.$test->count.'"'.($test->percent ? ' percent="1"' : '')
            .($test->is === Is::Least ? ' bottom="1"'
            : '');
        $mean = ' type="aboveAverage"'.($test->is === Is::BelowMean ? ' aboveAverage="0"' : '')
            .($test->deviations > 0 ? " stdDev=\"$test->deviations\"" : '')
            .($test->orEqual ? ' equalAverage="1"' : '');

        return match ($test->is) {
            Is::Below => $compared('lessThan'),
            Is::AtMost => $compared('lessThanOrEqual'),
            Is::Equal => $compared('equal'),
            Is::Unequal => $compared('notEqual'),
            Is::Above => $compared('greaterThan'),
            Is::AtLeast => $compared('greaterThanOrEqual'),
            Is::Between => $compared('between'),
            Is::Outside => $compared('notBetween'),
            Is::OneOf => [' type="expression"', $formula],
            Is::Holds => [$plain('containsText').' operator="containsText"', $formula],
            Is::Lacks => [$plain('notContainsText').' operator="notContains"', $formula],
            Is::Begins => [$plain('beginsWith').' operator="beginsWith"', $formula],
            Is::Ends => [$plain('endsWith').' operator="endsWith"', $formula],
            Is::Blank => [' type="containsBlanks"', $formula],
            Is::Filled => [' type="notContainsBlanks"', $formula],
            Is::Error => [' type="containsErrors"', $formula],
            Is::Sound => [' type="notContainsErrors"', $formula],
            Is::Period => [' type="timePeriod" timePeriod="'.($test->period->value ?? 'today').'"', $formula],
            Is::Greatest, Is::Least => [$rank, []],
            Is::AboveMean, Is::BelowMean => [$mean, []],
            Is::Repeated => [' type="duplicateValues"', []],
            Is::Single => [' type="uniqueValues"', []],
            default => [' type="expression"', [$text === '' ? 'FALSE' : $text]],
        };
    }

    private function shown(Condition $condition, int $priority, string $where): string
    {
        return match (true) {
            $condition->scale !== null => "<cfRule type=\"colorScale\" priority=\"$priority\"><colorScale>".self::scale($condition->scale)
                .'</colorScale></cfRule>',
            $condition->bar !== null => $this->bar($condition->bar, $priority, $where),
            $condition->marks !== null => $this->marks($condition->marks, $priority, $where),
            default => '',
        };
    }

    private static function scale(Scale $scale): string
    {
        return implode('', array_map(fn (array $one) => self::point($one[0]), $scale->points))
            .implode('', array_map(fn (array $one) => self::colour('color', $one[1]), $scale->points));
    }

    private function bar(Bar $bar, int $priority, string $where): string
    {
        $isOld = $this->names === null || $bar->below === null && ! $bar->isMirrored && $bar->border === null && $bar->from
            ->at !== 'auto' && $bar->to->at !== 'auto'
            && $bar->isGradient;
        $text = $bar->hidesText ? ' showValue="0"' : '';
        $lengths = $bar->shortest === 10 && $bar->longest === 90 ? '' : " minLength=\"$bar->shortest\" maxLength=\"$bar->longest\"";
        $id = self::id($priority, 2);
        $link = $isOld ? '' : '<extLst><ext xmlns:x14="'.$this->names[0].'" uri="'.self::LINK."\"><x14:id>$id</x14:id></ext></extLst>";
        if (! $isOld) {
            // Bars that only grow from their left end have no axis.
            $axis = $bar->below === null ? 'none' : $bar->axis;
            $attributes = " minLength=\"$bar->shortest\" maxLength=\"$bar->longest\"".($bar->border === null ? '' : ' border="1"')
                .($bar->isGradient ? '' : ' gradient="0"')
                .($bar->isMirrored ? ' direction="rightToLeft"' : '')
                .($axis === 'auto' ? '' : " axisPosition=\"$axis\"").($bar->below === $bar->colour || $bar->below === null
                    ? ' negativeBarColorSameAsPositive="1"' : '').$text;
            $this->extension .= "<x14:conditionalFormatting><x14:cfRule type=\"dataBar\" id=\"$id\"><x14:dataBar$attributes>"
                .self::newPoint($bar->from, true).self::newPoint($bar->to, false)
                .self::colour('x14:fillColor', $bar->colour)
                .($bar->border === null ? '' : self::colour('x14:borderColor', $bar->border))
                .($bar->below === null || $bar->below === $bar->colour ? '' : self::colour('x14:negativeFillColor', $bar->below))
                .($bar->below === null ? '' : self::colour('x14:axisColor', $bar->axisColour ?? '#000000'))
                ."</x14:dataBar></x14:cfRule><xm:sqref>$where</xm:sqref></x14:conditionalFormatting>";
        }
        $old = fn (Point $point, string $auto) => $point->at === 'auto' ? "<cfvo type=\"$auto\"/>" : self::point($point);

        return "<cfRule type=\"dataBar\" priority=\"$priority\"><dataBar$lengths$text>".$old($bar->from, 'min').$old($bar->to, 'max')
            .self::colour('color', $bar->colour)."</dataBar>$link</cfRule>";
    }

    private function marks(Marks $marks, int $priority, string $where): string
    {
        $says = ($marks->hidesText ? ' showValue="0"' : '')
            .($marks->isReversed ? ' reverse="1"' : '');
        if ($this->names === null || ($marks->own === [] && ! isset(self::NEWER[$marks->set]))) {
            $set = self::NEWER[$marks->set] ?? $marks->set;

            return "<cfRule type=\"iconSet\" priority=\"$priority\"><iconSet iconSet=\"$set\"$says>"
                .implode('', array_map(self::point(...), $marks->points)).'</iconSet></cfRule>';
        }
        $own = '';
        foreach ($marks->own as $one) {
            $own .= $one === null ? '<x14:cfIcon iconSet="NoIcons" iconId="0"/>' : "<x14:cfIcon iconSet=\"$one[0]\" iconId=\"$one[1]\"/>";
        }
        $this->extension .= '<x14:conditionalFormatting><x14:cfRule type="iconSet" priority="'.$priority.'" id="'.self::id($priority, 3)
            ."\"><x14:iconSet iconSet=\"$marks->set\"$says".($own === '' ? '' : ' custom="1"').'>'
            .implode('', array_map(fn (Point $point) => self::newPoint($point, true), $marks->points))
            ."$own</x14:iconSet></x14:cfRule><xm:sqref>$where</xm:sqref></x14:conditionalFormatting>";

        return '';
    }

    private static function point(Point $point): string
    {
        $type = match ($point->at) {
            'least', 'auto' => 'min',
            'greatest' => 'max',
            'number' => 'num',
            default => $point->at,
        };

        return "<cfvo type=\"$type\"".($point->value === '' ? '' : ' val="'.self::text($point->value).'"').($point->isAbove
            ? ' gte="0"' : '').'/>';
    }

    private static function newPoint(Point $point, bool $first): string
    {
        $type = match ($point->at) {
            'least' => 'min',
            'greatest' => 'max',
            'number' => 'num',
            'auto' => $first ? 'autoMin' : 'autoMax',
            default => $point->at,
        };

        return "<x14:cfvo type=\"$type\"".($point->isAbove ? ' gte="0"' : '')
            .($point->value === '' ? '/>' : '><xm:f>'.self::text($point->value).'</xm:f></x14:cfvo>');
    }

    private static function colour(string $name, string $colour): string
    {
        return "<$name rgb=\"FF".substr($colour, 1).'"/>';
    }

    /** Identifiers that are the same for the same workbook. */
    private static function id(int $priority, int $kind): string
    {
        return sprintf('{0000000%d-0000-4000-8000-%012X}', $kind, $priority);
    }

    private static function text(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1 | ENT_COMPAT, 'UTF-8');
    }
}
