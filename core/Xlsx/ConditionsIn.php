<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Clamp;
use Rilvet\Condition\Bar;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Is;
use Rilvet\Condition\Marks;
use Rilvet\Condition\MarkSet;
use Rilvet\Condition\MeantByFormula;
use Rilvet\Condition\Period;
use Rilvet\Condition\Point;
use Rilvet\Condition\Scale;
use Rilvet\Condition\Test;
use Rilvet\Condition\Where;
use Rilvet\Formula\Expression\Parser;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Package\PackageXml;
use Rilvet\Refusal;

/**
 * The conditional formats of a worksheet part (ISO/IEC 29500-1 18.3.1.18, 18.3.1.10), with what newer files say of them in
 * their extension list, in the order of their priorities. What is not understood is named, and stays in the file.
 */
final class ConditionsIn
{
    /** Ranges of all of them together. */
    private const RANGES = 400_000;

    private int $ranges = 0;

    /** @var array<string, DOMElement> rules of the extension list that say more of one before, by their identifier */
    private array $more = [];

    /** @param  list<Look>  $differential  looks by the number of the differential format (18.8.15) */
    public function __construct(private readonly array $differential, private readonly CellFormats $formats,
        private readonly ThemeColours $colours)
    {
    }

    public function of(DOMElement $root): Conditions
    {
        $found = [];
        $elements = self::elements($root);
        if (count($elements) > Conditions::MOST) {
            return new Conditions([], count($elements), true);
        }
        foreach ($elements as $came => [$group, $rule, $isMore]) {
            if ($isMore && $rule->getAttribute('id') !== '') {
                $this->more[$rule->getAttribute('id')] = $rule;
            }
        }
        $linked = [];
        $kept = 0;
        foreach ($elements as $came => [$group, $rule, $isMore]) {
            if ($isMore && isset($linked[$rule->getAttribute('id')])) {
                continue;
            }
            $also = $isMore ? null : self::link($rule);
            if ($also !== null && isset($this->more[$also])) {
                $linked[$also] = true;
            }
            $where = $this->where($isMore ? PackageXml::child($group, 'sqref')->textContent ?? '' : $group->getAttribute('sqref'));
            $condition = $where === null ? null
                : $this->one($came, $rule, $where, $isMore, $also === null ? null
                : $this->more[$also] ?? null);
            $condition === null ? $kept++ : $found[] = [(int) $rule->getAttribute('priority'), count($found), $condition];
        }
        usort($found, fn (array $one, array $other) => [$one[0], $one[1]] <=> [$other[0], $other[1]]);

        return $found === [] && $kept === 0 ? new Conditions : new Conditions(array_column($found, 2), $kept, true);
    }

    /** @return array<string, array{DOMElement, DOMElement, bool}> group, rule, of the extension list; by where each stands */
    public static function elements(DOMElement $root): array
    {
        $all = [];
        foreach (PackageXml::children($root, 'conditionalFormatting') as $group) {
            foreach (PackageXml::children($group, 'cfRule') as $rule) {
                $all['f'.count($all)] = [$group, $rule, false];
            }
        }
        $count = count($all);
        $list = PackageXml::child($root, 'extLst');
        foreach ($list === null ? [] : PackageXml::children($list, 'ext') as $extension) {
            foreach (PackageXml::children($extension, 'conditionalFormattings') as $groups) {
                foreach (PackageXml::children($groups, 'conditionalFormatting') as $group) {
                    foreach (PackageXml::children($group, 'cfRule') as $rule) {
                        $all['x'.(count($all) - $count)] = [$group, $rule, true];
                    }
                }
            }
        }

        return $all;
    }

    /**
     * Namespaces of the extension list and of its formulas, as the package says them.
     *
     * @param  array<string, array{DOMElement, DOMElement, bool}>  $elements
     * @return array{string, string}|null
     */
    public static function names(array $elements): ?array
    {
        foreach ($elements as [$group, $rule, $isMore]) {
            $ranges = $isMore ? PackageXml::child($group, 'sqref') : null;
            if ($ranges !== null) {
                return [(string) $rule->namespaceURI, (string) $ranges->namespaceURI];
            }
        }

        return null;
    }

    /** The identifier of a rule of the extension list that says more of this one. */
    public static function link(DOMElement $rule): ?string
    {
        $list = PackageXml::child($rule, 'extLst');
        foreach ($list === null ? [] : PackageXml::children($list, 'ext') as $extension) {
            $id = PackageXml::child($extension, 'id');
            if ($id !== null) {
                return trim($id->textContent);
            }
        }

        return null;
    }

    private function where(string $ranges): ?Where
    {
        $found = [];
        foreach (preg_split('/\s+/', trim($ranges)) ?: [] as $text) {
            try {
                $found[] = Range::parse($text);
            } catch (Refusal) {
                return null;
            }
            if (++$this->ranges > self::RANGES) {
                return null;
            }
        }

        return $found === [] ? null : Where::cells($found);
    }

    /** @param  DOMElement|null  $more  what the extension list says of it */
    private function one(string $came, DOMElement $rule, Where $where, bool $isMore, ?DOMElement $more): ?Condition
    {
        [$row, $column] = Condition::first($where->cells === [] ? [Range::of(1, 1, 1, 1)] : $where->cells);
        try {
            [$scale, $bar, $marks] = [$this->scale($rule), $this->bar($rule, $more), $this->marks($rule)];
            $isShown = $scale !== null || $bar !== null || $marks !== null;

            return new Condition(
                $came, $isShown ? Test::always() : $this->test($rule, $row, $column), $where,
                $isShown ? Look::none() : $this->look($rule, $isMore), $scale, $bar, $marks,
                PackageXml::isOn($rule, 'stopIfTrue'), came: $came,
            );
        } catch (Refusal) {
            return null;
        }
    }

    private function look(DOMElement $rule, bool $isMore): Look
    {
        $own = $isMore ? PackageXml::child($rule, 'dxf') : null;

        return $own !== null ? $this->formats->differential($own)
            : ($rule->hasAttribute('dxfId') ? $this->differential[(int) $rule->getAttribute('dxfId')] ?? Look::none() : Look::none());
    }

    private function test(DOMElement $rule, int $row, int $column): Test
    {
        $formulas = array_map(fn (DOMElement $formula) => trim($formula->textContent),
            [...PackageXml::children($rule, 'formula'), ...PackageXml::children($rule, 'f')]);
        foreach ($formulas as $formula) {
            if ($formula === '' || strlen($formula) > Parser::LONGEST) {
                return new Test(Is::Unknown);
            }
        }
        $type = $rule->getAttribute('type');
        if ($type === 'cellIs') {
            $is = match ($rule->getAttribute('operator')) {
                'lessThan' => Is::Below,
                'lessThanOrEqual' => Is::AtMost,
                'equal' => Is::Equal,
                'notEqual' => Is::Unequal,
                'greaterThan' => Is::Above,
                'greaterThanOrEqual' => Is::AtLeast,
                'between' => Is::Between,
                'notBetween' => Is::Outside,
                default => Is::Unknown,
            };

            return count($formulas) >= (int) $is->operands() ? new Test($is, array_slice($formulas, 0, (int) $is->operands()))
                : new Test(Is::Unknown);
        }
        $count = $rule->hasAttribute('rank') ? (int) $rule->getAttribute('rank') : 10;
        $percent = PackageXml::isOn($rule, 'percent');
        $period = Period::tryFrom($rule->getAttribute('timePeriod'));
        $isAbove = PackageXml::isOn($rule, 'aboveAverage', true);

        return match ($type) {
            'expression' => ! isset($formulas[0]) ? new Test(Is::Unknown)
                : MeantByFormula::oneOf($formulas[0], Address::columnName($column).$row) ?? new Test(Is::Formula, [$formulas[0]]),
            'containsText' => $this->text($rule, Is::Holds, $formulas),
            'notContainsText' => $this->text($rule, Is::Lacks, $formulas),
            'beginsWith' => $this->text($rule, Is::Begins, $formulas),
            'endsWith' => $this->text($rule, Is::Ends, $formulas),
            'containsBlanks' => new Test(Is::Blank),
            'notContainsBlanks' => new Test(Is::Filled),
            'containsErrors' => new Test(Is::Error),
            'notContainsErrors' => new Test(Is::Sound),
            'timePeriod' => $period === null ? new Test(Is::Unknown) : new Test(Is::Period, period: $period),
            'top10' => new Test(PackageXml::isOn($rule, 'bottom') ? Is::Least : Is::Greatest, [],
                Clamp::of($count, 1, $percent ? 100 : 1_000), $percent),
            'aboveAverage' => new Test($isAbove ? Is::AboveMean : Is::BelowMean,
                deviations: Clamp::of((int) $rule->getAttribute('stdDev'), 0, 3), orEqual: PackageXml::isOn($rule, 'equalAverage')),
            'duplicateValues' => new Test(Is::Repeated),
            'uniqueValues' => new Test(Is::Single),
            default => new Test(Is::Unknown),
        };
    }

    /**
     * What is looked for: the formula says it, as those that write it do; a text beside it is for people.
     *
     * @param  list<string>  $formulas
     */
    private function text(DOMElement $rule, Is $is, array $formulas): Test
    {
        $cell = '\$?[A-Z]{1,3}\$?\d{1,7}';
        $pattern = match ($is) {
            Is::Holds => "/^NOT\(ISERROR\(SEARCH\((.+),$cell\)\)\)$/is",
            Is::Lacks => "/^ISERROR\(SEARCH\((.+),$cell\)\)$/is",
            Is::Begins => "/^LEFT\($cell,(?:LEN\(.+\)|\d+)\)=(.+)$/is",
            default => "/^RIGHT\($cell,(?:LEN\(.+\)|\d+)\)=(.+)$/is",
        };
        if (preg_match($pattern, $formulas[0] ?? '', $found) === 1) {
            return new Test($is, [$found[1]]);
        }
        $text = $rule->getAttribute('text');

        return $text === ''
            ? (isset($formulas[0]) ? new Test(Is::Formula, [$formulas[0]]) : new Test(Is::Unknown))
            : new Test($is, ['"'.str_replace('"', '""', $text).'"']);
    }

    private function scale(DOMElement $rule): ?Scale
    {
        $element = PackageXml::child($rule, 'colorScale');
        if ($element === null) {
            return null;
        }
        $points = $this->points($element);
        $colours = array_map(fn (DOMElement $colour) => $this->colours->of($colour) ?? '#FFFFFF', PackageXml::children($element, 'color'));

        return Scale::of(array_map(fn (Point $point, ?string $colour) => ['point' => $point->toArray(), 'colour' => $colour ?? '#FFFFFF'],
            $points, array_slice($colours, 0, count($points))));
    }

    /** @param  DOMElement|null  $more  with the axis, the direction and the colours below nought */
    private function bar(DOMElement $rule, ?DOMElement $more): ?Bar
    {
        $element = PackageXml::child($rule, 'dataBar');
        if ($element === null) {
            return null;
        }
        $newer = $more === null ? null : PackageXml::child($more, 'dataBar');
        $said = $newer ?? $element;
        $isNewer = $newer !== null || PackageXml::child($element, 'fillColor') !== null;
        $points = $this->points($said);
        if (count($points) < 2) {
            $points = $this->points($element);
        }
        if (count($points) < 2) {
            return null;
        }
        $colour = fn (string $name) => ($child = PackageXml::child($said, $name)) === null ? null : $this->colours->of($child);
        $fill = $colour('fillColor') ?? $this->colours->of(PackageXml::child($element, 'color')) ?? '#8FA6BF';
        $length = fn (string $name, int $else) => $said->hasAttribute($name) ? Clamp::of((int) $said->getAttribute($name), 0, 100) : $else;
        $is = fn (string $name, bool $else) => PackageXml::isOn($said, $name, $else);
        $below = $isNewer
            ? ($is('negativeBarColorSameAsPositive', false) ? $fill : $colour('negativeFillColor') ?? $fill)
            : null;

        return new Bar(
            $points[0], $points[1], $fill, $below,
            match ($said->getAttribute('axisPosition')) {
                'middle' => 'middle',
                'none' => 'none',
                default => 'auto',
            },
            $colour('axisColor'), $is('border', false) ? $colour('borderColor') : null,
            // Without the extension, the least value has a tenth of the width, and the greatest nine (18.3.1.28).
            $length('minLength', $isNewer ? 0 : 10),
            $length('maxLength', $isNewer ? 100 : 90), $is('gradient', true),
            ! PackageXml::isOn($element, 'showValue', true) || ! PackageXml::isOn($said, 'showValue', true),
            $said->getAttribute('direction') === 'rightToLeft',
        );
    }

    private function marks(DOMElement $rule): ?Marks
    {
        $element = PackageXml::child($rule, 'iconSet');
        if ($element === null) {
            return null;
        }
        $own = [];
        foreach (PackageXml::children($element, 'cfIcon') as $icon) {
            $set = $icon->getAttribute('iconSet');
            $own[] = isset(MarkSet::named($set)[(int) $icon->getAttribute('iconId')]) ? [$set, (int) $icon->getAttribute('iconId')] : null;
        }

        return Marks::of([
            'set' => $element->getAttribute('iconSet') ?: '3TrafficLights1',
            'points' => array_map(fn (Point $point) => $point->toArray(), $this->points($element)),
            'reversed' => PackageXml::isOn($element, 'reverse'),
            'hidesText' => ! PackageXml::isOn($element, 'showValue', true), 'own' => $own,
        ]);
    }

    /** @return list<Point> */
    private function points(DOMElement $element): array
    {
        $points = [];
        foreach (PackageXml::children($element, 'cfvo') as $point) {
            $value = $point->getAttribute('val') !== '' ? $point->getAttribute('val') : trim(PackageXml::child($point,
                'f')->textContent ?? '');
            $at = match ($point->getAttribute('type')) {
                'min' => 'least',
                'max' => 'greatest',
                'num' => 'number',
                'percent' => 'percent',
                'percentile' => 'percentile',
                'autoMin', 'autoMax' => 'auto',
                default => 'formula',
            };
            $points[] = Point::of(['at' => $at, 'value' => $value === '' && $at !== 'least' ? '0' : $value,
                'above' => ! PackageXml::isOn($point, 'gte', true)], 'cfvo');
        }

        return $points;
    }
}
