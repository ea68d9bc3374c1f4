<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Condition\Around;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Entry\EntryJudges;
use Rilvet\Grid\Range;
use Rilvet\Package\PackageXml;
use Rilvet\Work\Worksheet;

/**
 * The checks on entry of a sheet in the package that it came in: those that say what they said stay as they are, byte by byte
 * where all do; the others are taken out, and new ones put in.
 */
final readonly class EntriesRewrite
{
    /** Names of elements that stand before them (18.3.1.99). */
    private const BEFORE = [...SheetFrame::ORDER, 'phoneticPr', 'conditionalFormatting'];

    public function __construct(private Worksheet $sheet)
    {
    }

    /** @return bool whether anything had to be changed */
    public function on(DOMElement $root): bool
    {
        $now = [];
        foreach (EntriesIn::of($root)->all() as $check) {
            $now[$check->id] = $check;
        }
        $checks = $this->sheet->aspect(EntryChecks::class);
        $wanted = self::wanted($this->sheet);
        if (! $checks->isRead) {
            if ($wanted === []) {
                return false;
            }
            $now = [];
        }
        $staying = [];
        foreach ($wanted as $index => [$check, $ranges]) {
            $came = $check->came === null ? null : $now[$check->came] ?? null;
            if ($came !== null && $came->key() === $check->key() && implode(' ', $came->where->cells) === implode(' ', $ranges)) {
                $staying[(string) $check->came] = $index;
            }
        }
        if (count($staying) === count($wanted) && count($staying) === count($now)) {
            return false;
        }
        $elements = EntriesIn::elements($root);
        foreach (array_keys(array_diff_key($now, $staying)) as $came) {
            $elements[$came][0]->remove();
        }
        $xml = '';
        $said = array_flip($staying);
        foreach ($wanted as $index => [$check, $ranges]) {
            $xml .= isset($said[$index]) ? '' : EntriesOut::one($check, $ranges, self::held($check, $ranges, $this->sheet));
        }
        $this->put($root, $xml);
        self::sweep($root);

        return true;
    }

    /** @return list<array{EntryCheck, non-empty-list<Range>}> those that hold somewhere */
    public static function wanted(Worksheet $sheet): array
    {
        $wanted = [];
        foreach ($sheet->entries() as $check) {
            $ranges = $check->where->ranges($sheet->reading);
            $ranges === [] || $wanted[] = [$check, $ranges];
        }

        return $wanted;
    }

    /**
     * What the column of a check holds, for a list of that.
     *
     * @param  non-empty-list<Range>  $ranges
     * @return list<string>|null
     */
    public static function held(EntryCheck $check, array $ranges, Worksheet $sheet): ?array
    {
        $around = Around::alone($sheet->cells);
        $judge = $check->ofColumn ? (new EntryJudges([$check], $sheet->reading, $sheet->cells, $around))->of($check->id) : null;

        return $judge === null ? null : array_map(fn (bool|int|float|string $value) => is_bool($value) ? ($value ? 'TRUE' : 'FALSE')
            : (string) $value, $judge->choices($ranges[0]->top, $ranges[0]->left));
    }

    private function put(DOMElement $root, string $xml): void
    {
        if ($xml === '' || $root->ownerDocument === null) {
            return;
        }
        $group = PackageXml::child($root, 'dataValidations');
        if ($group === null) {
            $group = $root->ownerDocument->createElementNS((string) $root->namespaceURI, $root->prefix === '' ? 'dataValidations'
                : "$root->prefix:dataValidations");
            assert($group instanceof DOMElement);
            $before = null;
            foreach ($root->childNodes as $child) {
                if ($child instanceof DOMElement && ! in_array($child->localName, self::BEFORE, true)) {
                    $before = $child;

                    break;
                }
            }
            $root->insertBefore($group, $before);
        }
        $tree = PackageXml::tree('<x xmlns="'.$root->namespaceURI."\">$xml</x>", 'data validations');
        foreach (iterator_to_array(PackageXml::root($tree)->childNodes) as $child) {
            $group->appendChild($root->ownerDocument->importNode($child, true));
        }
    }

    /** Groups in which nothing is left; how many there are is said anew. */
    private static function sweep(DOMElement $root): void
    {
        foreach (PackageXml::children($root, 'dataValidations') as $group) {
            $count = count(PackageXml::children($group, 'dataValidation'));
            $count === 0 ? $group->remove() : $group->setAttribute('count', (string) $count);
        }
        $list = PackageXml::child($root, 'extLst');
        foreach ($list === null ? [] : PackageXml::children($list, 'ext') as $extension) {
            foreach (PackageXml::children($extension, 'dataValidations') as $group) {
                $count = count(PackageXml::children($group, 'dataValidation'));
                $count === 0 ? $extension->remove() : $group->setAttribute('count', (string) $count);
            }
        }
        $list === null || PackageXml::children($list, 'ext') !== [] || $list->remove();
    }
}
