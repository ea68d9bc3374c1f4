<?php

declare(strict_types=1);

namespace Rilvet\Xlsx\Frame;

use DOMElement;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Grid\Aspect;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Package\PackageXml;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\BookSheet;
use Rilvet\Xlsx\ConditionsIn;
use Rilvet\Xlsx\ConditionsOut;
use Rilvet\Xlsx\SheetSkeleton;
use Rilvet\Xlsx\StripeConditions;

/**
 * Conditional looks (18.3.1.18): those that say what they said stay as they are, byte by byte where all do; the others are
 * taken out, and new ones put in, with priorities by their order.
 *
 * @phpstan-import-type Condition from StripeConditions as Stripes
 */
final class ConditionsPiece extends FramePiece
{
    public static function read(SheetSkeleton $frame, BookSheet $from, Book $book): Aspect
    {
        return $book->conditionsIn()->of($frame->root);
    }

    public static function tail(SheetSkeleton $frame, Framed $now): bool
    {
        $there = [];
        foreach ($now->conditions?->of($frame->root)->all ?? [] as $condition) {
            $there[$condition->id] = $condition;
        }
        $wanted = self::wanted($now->sheet);
        // What came with the file and was never read here is left as it is.
        if (! $now->sheet->aspect(Conditions::class)->isRead) {
            if ($wanted === [] && $now->stripes === []) {
                return false;
            }
            $there = [];
        }
        $staying = [];
        foreach ($wanted as $index => [$condition, $ranges]) {
            $came = $condition->came === null ? null : $there[$condition->came] ?? null;
            if ($came !== null && $came->key() === $condition->key() && implode(' ', $came->where->cells) === implode(' ', $ranges)) {
                $staying[(string) $condition->came] = $index;
            }
        }
        if (count($staying) === count($wanted) && array_keys($staying) === array_keys($there) && $now->stripes === []) {
            return false;
        }
        $elements = ConditionsIn::elements($frame->root);
        self::takeOut($elements, array_keys(array_diff_key($there, $staying)));
        $isOrdered = array_keys($staying) === array_values(array_intersect(array_keys($there), array_keys($staying)));
        if (count($staying) < count($wanted) || ! $isOrdered || $now->stripes !== []) {
            self::putIn($frame, $now, $elements, $wanted, $staying);
        }
        self::sweep($frame->root);

        return true;
    }

    /** @return list<array{Condition, non-empty-list<Range>}> those that hold somewhere, in their order */
    private static function wanted(Worksheet $sheet): array
    {
        $wanted = [];
        foreach ($sheet->conditions() as $condition) {
            $ranges = $condition->isOn ? $condition->where->ranges($sheet->reading) : [];
            if ($ranges !== []) {
                $wanted[] = [$condition, $ranges];
            }
        }

        return $wanted;
    }

    /**
     * @param  array<string, array{DOMElement, DOMElement, bool}>  $elements
     * @param  list<string>  $leaving
     */
    private static function takeOut(array $elements, array $leaving): void
    {
        $links = [];
        foreach ($leaving as $came) {
            [, $rule, $isMore] = $elements[$came];
            $link = $isMore ? null : ConditionsIn::link($rule);
            $rule->remove();
            $link === null || $links[$link] = true;
        }
        // What the list at the end says more of them goes along.
        foreach ($links === [] ? [] : $elements as [, $rule, $isMore]) {
            $isMore && isset($links[$rule->getAttribute('id')]) && $rule->remove();
        }
    }

    /**
     * @param  array<string, array{DOMElement, DOMElement, bool}>  $elements  as they came
     * @param  list<array{Condition, non-empty-list<Range>}>  $wanted
     * @param  array<string, int>  $staying  places among those that are wanted, by where they came from
     */
    private static function putIn(SheetSkeleton $frame, Framed $now, array $elements, array $wanted, array $staying): void
    {
        $out = new ConditionsOut($now->styles, ConditionsIn::names($elements));
        $came = array_flip($staying);
        $xml = '';
        foreach ($wanted as $index => [$condition, $ranges]) {
            if (isset($came[$index])) {
                $elements[$came[$index]][1]->setAttribute('priority', (string) ($index + 1));
            } else {
                $xml .= $out->one($condition, $ranges, $index + 1);
            }
        }
        // Those that are kept unread come last.
        $next = count($wanted);
        foreach ($elements as $place => [, $rule, $isMore]) {
            if (! isset($staying[$place]) && $rule->parentNode !== null && $rule->hasAttribute('priority')) {
                $rule->setAttribute('priority', (string) ++$next);
            }
        }
        $frame->insert($xml.self::stripes($now, $next), 'conditionalFormatting');
        if ($out->extension !== '') {
            $frame->fill($frame->element('extLst') ?? $frame->put('extLst'), $out->extensionXml());
        }
    }

    /** Stripes lie below all that is said of values. */
    private static function stripes(Framed $now, int $priority): string
    {
        $xml = '';
        foreach ($now->stripes as $stripes) {
            $rules = '';
            foreach ($stripes['rules'] as $rule) {
                $priority++;
                $format = $now->styles->differential(Look::filled($rule['fill']));
                $rules .= "<cfRule type=\"expression\" dxfId=\"$format\" priority=\"$priority\"><formula>"
                    .htmlspecialchars($rule['formula'], ENT_XML1 | ENT_NOQUOTES).'</formula></cfRule>';
            }
            $xml .= $rules === '' ? '' : "<conditionalFormatting sqref=\"{$stripes['range']}\">$rules</conditionalFormatting>";
        }

        return $xml;
    }

    /** Groups and lists in which nothing is left. */
    private static function sweep(DOMElement $root): void
    {
        foreach (PackageXml::children($root, 'conditionalFormatting') as $group) {
            PackageXml::children($group, 'cfRule') === [] && $group->remove();
        }
        $list = PackageXml::child($root, 'extLst');
        foreach ($list === null ? [] : PackageXml::children($list, 'ext') as $extension) {
            foreach (PackageXml::children($extension, 'conditionalFormattings') as $groups) {
                foreach (PackageXml::children($groups, 'conditionalFormatting') as $group) {
                    PackageXml::children($group, 'cfRule') === [] && $group->remove();
                }
                if (PackageXml::children($groups, 'conditionalFormatting') === []) {
                    $extension->remove();
                }
            }
        }
        $list === null || PackageXml::children($list, 'ext') !== [] || $list->remove();
    }
}
