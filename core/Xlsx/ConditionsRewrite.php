<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Condition\Condition;
use Rilvet\Grid\Range;
use Rilvet\Package\PackageXml;
use Rilvet\Work\Worksheet;

/**
 * The conditional looks of a sheet in the package that it came in: those that say what they said stay as they are, byte by
 * byte where all do; the others are taken out, and new ones put in, with priorities by their order.
 */
final readonly class ConditionsRewrite
{
    public function __construct(private Worksheet $sheet, private Book $book, private StylesWriting $styles, private bool $isRead)
    {
    }

    /** @return bool whether anything had to be changed */
    public function on(DOMElement $root): bool
    {
        $now = [];
        foreach ($this->book->conditionsIn()->of($root)->all as $condition) {
            $now[$condition->id] = $condition;
        }
        $wanted = $this->wanted();
        // What came with the file and was never read here is left as it is.
        if (! $this->isRead) {
            if ($wanted === []) {
                return false;
            }
            $now = [];
        }
        $staying = [];
        foreach ($wanted as $index => [$condition, $ranges]) {
            $came = $condition->came === null ? null : $now[$condition->came] ?? null;
            if ($came !== null && $came->key() === $condition->key() && implode(' ', $came->where->cells) === implode(' ', $ranges)) {
                $staying[(string) $condition->came] = $index;
            }
        }
        if (count($staying) === count($wanted) && array_keys($staying) === array_keys($now)) {
            return false;
        }
        $elements = ConditionsIn::elements($root);
        foreach (array_diff_key($now, $staying) as $came => $_) {
            self::takeOut($elements, $came);
        }
        $isOrdered = array_keys($staying) === array_values(array_intersect(array_keys($now), array_keys($staying)));
        if (count($staying) < count($wanted) || ! $isOrdered) {
            $this->putIn($root, $elements, $wanted, $staying);
        }
        self::sweep($root);

        return true;
    }

    /** @return list<array{Condition, non-empty-list<Range>}> those that hold somewhere, in their order */
    private function wanted(): array
    {
        $wanted = [];
        foreach ($this->sheet->conditions() as $condition) {
            $ranges = $condition->isOn ? $condition->where->ranges($this->sheet->reading) : [];
            if ($ranges !== []) {
                $wanted[] = [$condition, $ranges];
            }
        }

        return $wanted;
    }

    /** @param  array<string, array{DOMElement, DOMElement, bool}>  $elements */
    private static function takeOut(array $elements, string $came): void
    {
        [, $rule, $isMore] = $elements[$came];
        $link = $isMore ? null : ConditionsIn::link($rule);
        $rule->remove();
        foreach ($link === null ? [] : $elements as [, $other, $isOfList]) {
            if ($isOfList && $other->getAttribute('id') === $link) {
                $other->remove();
            }
        }
    }

    /**
     * @param  array<string, array{DOMElement, DOMElement, bool}>  $elements  as they came
     * @param  list<array{Condition, non-empty-list<Range>}>  $wanted
     * @param  array<string, int>  $staying  places among those that are wanted, by where they came from
     */
    private function putIn(DOMElement $root, array $elements, array $wanted, array $staying): void
    {
        $out = new ConditionsOut($this->styles, ConditionsIn::names($elements));
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
        foreach (self::nodes($root, $xml) as $node) {
            self::place($root, $node);
        }
        if ($out->extension !== '') {
            $list = PackageXml::child($root, 'extLst') ?? PackageXml::made($root, 'extLst');
            $list->parentNode ?? $root->appendChild($list);
            foreach (self::nodes($root, $out->extensionXml()) as $node) {
                $list->appendChild($node);
            }
        }
    }

    /** @return list<DOMElement> */
    private static function nodes(DOMElement $root, string $xml): array
    {
        if ($xml === '' || $root->ownerDocument === null) {
            return [];
        }
        $tree = PackageXml::tree('<x xmlns="'.$root->namespaceURI."\">$xml</x>", 'conditional formats');
        $nodes = [];
        foreach (PackageXml::root($tree)->childNodes as $child) {
            $node = $root->ownerDocument->importNode($child, true);
            if ($node instanceof DOMElement) {
                $nodes[] = $node;
            }
        }

        return $nodes;
    }

    /** Where the standard wants it: after merges and phonetics, before checks on entry and all that follows (18.3.1.99). */
    private static function place(DOMElement $root, DOMElement $node): void
    {
        $before = null;
        foreach ($root->childNodes as $child) {
            if ($child instanceof DOMElement && ! in_array($child->localName, [...SheetFrame::ORDER, 'phoneticPr',
                'conditionalFormatting'], true)) {
                $before = $child;

                break;
            }
        }
        $root->insertBefore($node, $before);
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
