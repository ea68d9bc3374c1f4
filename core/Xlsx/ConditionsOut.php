<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Condition\Bar;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Is;
use Rilvet\Condition\Marks;
use Rilvet\Condition\Period;
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
        [$attributes, $formulas] = self::said($test, $cell, implode(',', array_map(self::fixed(...), $ranges)));
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
     * @param  string  $all  all cells, fixed
     * @return array{string, list<string>}
     */
    private static function said(Test $test, string $cell, string $all): array
    {
        $of = $test->of;
        $text = $of[0] ?? '';
        $compared = fn (string $operator) => [" type=\"cellIs\" operator=\"$operator\"", $of];
        $plain = fn (string $kind) => preg_match('/^"((?:[^"]|"")*)"$/', $text, $found) === 1
            ? " type=\"$kind\" text=\"".self::text(str_replace('""', '"', $found[1])).'"' : " type=\"$kind\"";
        $rank = ' type="top10" rank="'.$test->count.'"'.($test->percent ? ' percent="1"' : '').($test->is === Is::Least ? ' bottom="1"'
            : '');
        $mean = ' type="aboveAverage"'.($test->is === Is::BelowMean ? ' aboveAverage="0"' : '')
            .($test->deviations > 0 ? " stdDev=\"$test->deviations\"" : '').($test->orEqual ? ' equalAverage="1"' : '');

        return match ($test->is) {
            Is::Below => $compared('lessThan'),
            Is::AtMost => $compared('lessThanOrEqual'),
            Is::Equal => $compared('equal'),
            Is::Unequal => $compared('notEqual'),
            Is::Above => $compared('greaterThan'),
            Is::AtLeast => $compared('greaterThanOrEqual'),
            Is::Between => $compared('between'),
            Is::Outside => $compared('notBetween'),
            Is::OneOf => [' type="expression"', [self::any($cell, $of)]],
            Is::Holds => [$plain('containsText').' operator="containsText"', ["NOT(ISERROR(SEARCH($text,$cell)))"]],
            Is::Lacks => [$plain('notContainsText').' operator="notContains"', ["ISERROR(SEARCH($text,$cell))"]],
            Is::Begins => [$plain('beginsWith').' operator="beginsWith"', ["LEFT($cell,LEN($text))=$text"]],
            Is::Ends => [$plain('endsWith').' operator="endsWith"', ["RIGHT($cell,LEN($text))=$text"]],
            Is::Blank => [' type="containsBlanks"', ["LEN(TRIM($cell))=0"]],
            Is::Filled => [' type="notContainsBlanks"', ["LEN(TRIM($cell))>0"]],
            Is::Error => [' type="containsErrors"', ["ISERROR($cell)"]],
            Is::Sound => [' type="notContainsErrors"', ["NOT(ISERROR($cell))"]],
            Is::Period => [' type="timePeriod" timePeriod="'.($test->period->value ?? 'today').'"',
                [self::period($test->period ?? Period::Today,
                    $cell)]],
            Is::Greatest, Is::Least => [$rank, []],
            Is::AboveMean, Is::BelowMean => [$mean, []],
            Is::Repeated => [' type="duplicateValues"', []],
            Is::Single => [' type="uniqueValues"', []],
            default => [' type="expression"', [$text === '' ? 'FALSE' : $text]],
        };
    }

    /**
     * Whether a condition is true of a cell, as a formula: for formats that know nothing but formulas.
     *
     * @param  non-empty-list<Range>  $ranges
     */
    public static function asFormula(Condition $condition, array $ranges): ?string
    {
        [$row, $column] = Condition::first($ranges);
        $cell = Address::columnName($column).$row;
        $test = $condition->test;
        $of = $test->of;
        $all = count($ranges) === 1 ? self::fixed($ranges[0]) : null;
        $sign = ['below' => '<', 'atMost' => '<=', 'equal' => '=', 'unequal' => '<>', 'above' => '>',
            'atLeast' => '>='][$test->is->value] ?? null;
        if ($sign !== null) {
            return "$cell$sign$of[0]";
        }
        if ($test->is->needsAll() && $all === null) {
            return null;
        }
        $place = $test->percent ? "MAX(1,INT(COUNT($all)*$test->count/100))" : "MIN($test->count,COUNT($all))";
        $from = $test->deviations > 0 ? "AVERAGE($all)".($test->is === Is::AboveMean ? '+' : '-')."$test->deviations*STDEV($all)"
            : "SUMIF($all,\"<1E+300\")/COUNT($all)";
        $orEqual = $test->orEqual ? '=' : '';
        // A blank cell counts as nought to a function that counts, and a text that begins with a sign as a comparison.
        $often = "COUNTIF($all,IF(ISNUMBER($cell),$cell,\"=\"&$cell))";

        return match ($test->is) {
            Is::Between => "AND($cell>=MIN($of[0],$of[1]),$cell<=MAX($of[0],$of[1]))",
            Is::Outside => "OR($cell<MIN($of[0],$of[1]),$cell>MAX($of[0],$of[1]))",
            Is::Greatest => "AND(ISNUMBER($cell),$cell>=LARGE($all,$place))",
            Is::Least => "AND(ISNUMBER($cell),$cell<=SMALL($all,$place))",
            Is::AboveMean => "AND(ISNUMBER($cell),$cell>$orEqual$from)",
            Is::BelowMean => "AND(ISNUMBER($cell),$cell<$orEqual$from)",
            Is::Repeated => "AND($cell<>\"\",$often>1)",
            Is::Single => "AND($cell<>\"\",$often=1)",
            Is::Always, Is::Unknown => null,
            default => self::said($test, $cell, '')[1][0] ?? null,
        };
    }

    private static function fixed(Range $range): string
    {
        return '$'.Address::columnName($range->left).'$'.$range->top.':$'.Address::columnName($range->right).'$'.$range->bottom;
    }

    /** @param  list<string>  $of */
    private static function any(string $cell, array $of): string
    {
        $each = array_map(fn (string $value) => "$cell=$value", $of);
        $any = count($each) === 1 ? $each[0] : 'OR('.implode(',', $each).')';
        // A blank cell is nought, and a text without letters, to a formula; it is none of the values here.
        $mayBeBlank = array_filter($of, fn (string $value) => ! is_numeric($value) && $value[0] !== '"' || $value === '""'
            || is_numeric($value) && $value == 0) !== [];

        return $mayBeBlank ? "AND(NOT(ISBLANK($cell)),$any)" : $any;
    }

    /** What a stretch of days is as a formula: of serials, weeks from Sunday on (common practice). */
    private static function period(Period $period, string $cell): string
    {
        $month = fn (string $on) => "AND(MONTH($cell)=MONTH(EDATE(TODAY(),$on)),YEAR($cell)=YEAR(EDATE(TODAY(),$on)))";
        $week = fn (string $from, string $to) => "AND(INT($cell)>=TODAY()-WEEKDAY(TODAY())+$from,INT($cell)<=TODAY()-WEEKDAY(TODAY())+$to)";

        return match ($period) {
            Period::Today => "INT($cell)=TODAY()",
            Period::Yesterday => "INT($cell)=TODAY()-1",
            Period::Tomorrow => "INT($cell)=TODAY()+1",
            Period::Last7Days => "AND(TODAY()-INT($cell)<=6,INT($cell)<=TODAY())",
            Period::ThisMonth => $month('0'),
            Period::LastMonth => $month('-1'),
            Period::NextMonth => $month('1'),
            Period::ThisWeek => $week('1', '7'),
            Period::LastWeek => $week('-6', '0'),
            Period::NextWeek => $week('8', '14'),
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
                .($bar->isGradient ? '' : ' gradient="0"').($bar->isMirrored ? ' direction="rightToLeft"' : '')
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
        $says = ($marks->hidesText ? ' showValue="0"' : '').($marks->isReversed ? ' reverse="1"' : '');
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
