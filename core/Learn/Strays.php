<?php

declare(strict_types=1);

namespace Rilvet\Learn;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Workbook;

/** Cells that do not look as a stylebook says: what dressing their sheets in it would change, before it is done. */
final class Strays
{
    /** What a look says by not saying it. */
    private const USUAL = [
        'bold' => false, 'italic' => false, 'strike' => false, 'wrap' => false, 'fill' => 'none', 'underline' => 'none', 'indent' => 0,
        'rotation' => 0, 'script' => 'none',
    ];

    /** What is seen of a cell, and what a reader takes for a fault where cells of one part differ in it. */
    private const SEEN = [
        Attribute::Font, Attribute::Size, Attribute::Bold, Attribute::Italic, Attribute::Underline, Attribute::Strike, Attribute::Ink,
        Attribute::Fill, Attribute::Number, Attribute::Horizontal,
    ];

    /** Cells of a sheet that are looked at. */
    private const CELLS = 60_000;

    /** Places that are named of each kind. */
    private const NAMED = 20;

    /**
     * @param  Workbook  $dressed  the same, with those sheets dressed in the stylebook
     * @param  list<int>  $sheets
     * @return array{list<Stray>, list<string>} what strays, the most cells first; names of sheets that were not looked at to their end
     */
    public static function of(Workbook $workbook, Workbook $dressed, array $sheets): array
    {
        [$found, $cut] = [[], []];
        foreach ($sheets as $number) {
            $sheet = $workbook->sheet($number);
            $before = new DressedSheet($sheet, $workbook->looks);
            $after = new DressedSheet($dressed->sheet($number), $dressed->looks);
            $left = self::CELLS;
            foreach ($sheet->reading->tables as $table) {
                foreach (self::differences($sheet->cells->read($table->range->top, $table->range->bottom), $table, $before, $after,
                    $left) as [$key, $place]) {
                    [$part, $attribute] = $key;
                    $at = "$number.$part.$attribute";
                    $found[$at] ??= ['sheet' => $number, 'name' => $sheet->name, 'part' => $part, 'attribute' => $attribute,
                        'cells' => 0, 'places' => []];
                    $found[$at]['cells']++;
                    if (count($found[$at]['places']) < self::NAMED) {
                        $found[$at]['places'][] = $place;
                    }
                }
            }
            if ($left < 0) {
                $cut[] = $sheet->name;
            }
        }
        $strays = array_map(fn (array $one) => new Stray(...$one), array_values($found));

        return [self::sorted($strays), $cut];
    }

    /**
     * @param  list<Stray>  $strays
     * @return list<Stray> the most cells first
     */
    public static function sorted(array $strays): array
    {
        usort($strays, fn (Stray $one, Stray $other) => $other->cells <=> $one->cells);

        return $strays;
    }

    /**
     * @param  iterable<int, list<Cell>>  $rows
     * @return iterable<array{array{string, string}, string}> part and attribute, address
     */
    private static function differences(iterable $rows, TableReading $table, DressedSheet $before, DressedSheet $after,
        int &$left): iterable
    {
        foreach ($rows as $row => $cells) {
            foreach ($cells as $at => $cell) {
                $part = $cell->isBlank() ? null : $table->partAt($row, $at + 1);
                if ($part === null) {
                    continue;
                }
                if ($left-- < 1) {
                    return;
                }
                [$was, $is] = [$before->at($row, $at + 1), $after->at($row, $at + 1)];
                foreach ($was->look->key() === $is->look->key() ? [] : self::SEEN as $attribute) {
                    if (self::value($was->look, $attribute) !== self::value($is->look, $attribute)) {
                        yield [[$part->value, $attribute->value], Address::columnName($at + 1).$row];
                    }
                }
            }
        }
    }

    private static function value(Look $look, Attribute $attribute): bool|int|float|string
    {
        $value = $look->get($attribute) ?? self::USUAL[$attribute->value] ?? '';

        // A sign of a currency is the same with quotes around it.
        return $attribute === Attribute::Number && is_string($value) ? str_replace('"', '', $value) : $value;
    }
}
