<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Paper\Printed;
use Rilvet\Refusal;
use Rilvet\Work\Worksheet;

/** What is printed of a sheet and what is repeated on every page, as the defined names that say so (ISO/IEC 29500-1 18.2.5). */
final class PrintTitles
{
    public const TITLES = '_xlnm.Print_Titles';

    public const AREA = '_xlnm.Print_Area';

    /** What is repeated on every page. */
    public static function of(Worksheet $sheet, Printed $pages): string
    {
        [$rows, $columns] = $pages->titles($sheet);
        $quoted = self::quoted($sheet->name);

        return implode(',', array_filter([
            $columns === null ? '' : "$quoted!\$".Address::columnName($columns[0]).':$'.Address::columnName($columns[1]),
            $rows === null ? '' : "$quoted!\$$rows[0]:\$$rows[1]",
        ]));
    }

    /** @param  list<Range>  $areas */
    public static function area(Worksheet $sheet, array $areas): string
    {
        $quoted = self::quoted($sheet->name);

        return implode(',', array_map(fn (Range $range) => "$quoted!\$".Address::columnName($range->left)."\$$range->top:\$"
            .Address::columnName($range->right)."\$$range->bottom", $areas));
    }

    /**
     * What such a name says, as page rules; null where it is said in a way that is not known here.
     *
     * @return array<string, string>|null
     */
    public static function rules(string $name, string $refers): ?array
    {
        $says = [];
        $areas = [];
        $sheet = "(?:'(?:[^']|'')+'|[^!',]+)!";
        foreach (preg_split("/,(?=(?:[^']*'[^']*')*[^']*$)/", trim($refers, ' ()')) ?: [] as $piece) {
            $piece = (string) preg_replace("/^$sheet/u", '', trim($piece));
            if (preg_match('/^\$?(\d{1,7}):\$?(\d{1,7})$/', $piece, $found) === 1) {
                $says['titleRows'] = "$found[1]:$found[2]";
            } elseif (preg_match('/^\$?([A-Z]{1,3}):\$?([A-Z]{1,3})$/i', $piece, $found) === 1) {
                $says['titleColumns'] = Place::column($found[1]).':'.Place::column($found[2]);
            } else {
                try {
                    $areas[] = (string) Range::parse(str_replace('$', '', $piece));
                } catch (Refusal) {
                    return null;
                }
            }
        }
        if ($name === self::AREA) {
            // Whole columns or rows as an area are all of what stands in them.
            return $areas === [] || count($areas) > 100 || isset($says['titleRows']) || isset($says['titleColumns']) ? null
                : ['area' => implode(',', $areas)];
        }

        return $areas === [] && $says !== [] ? $says : null;
    }

    private static function quoted(string $sheet): string
    {
        return "'".str_replace("'", "''", $sheet)."'";
    }
}
