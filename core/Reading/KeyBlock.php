<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** Blocks of keys and their values, a line each: what a form says when it is filled in, or what stands over a printed report. */
final class KeyBlock
{
    /** Rows of a block, at the most. */
    private const MOST_ROWS = 200;

    /** Words of keys, as they stand on forms (common practice); in a list of records hardly two of them stand below each other. */
    private const KEYS = '/^(?:name|first name|last name|surname|title|address|street|city|town|postcode|zip|country|region|county|'
        .'phone|telephone|mobile|email|e-mail|web|website|date|time|year|month|week|from|to|start|end|due|place|location|site|area|size|'
        .'units?|status|state|type|kind|category|class|number|no\.?|id|code|ref\.?|reference|version|author|owner|contact|keeper|manager|'
        .'customer|client|supplier|account|order|project|department|team|role|price|amount|total|currency|count|quantity|weight|height|'
        .'length|width|colour|color|language|source|notes?|remarks?|comments?|description|subject|purpose|signature|datum|ort|straße|'
        .'telefon|strasse|betrag|kunde|nummer|anschrift|nom|prénom|adresse|ville|pays|téléphone|montant|client|numéro|nombre|dirección|'
        .'ciudad|teléfono|fecha|importe|indirizzo|città|data|naam|adres|plaats|bedrag)\b/iu';

    /**
     * Whether the rows of a region of two or three columns are keys with their values.
     *
     * @param  list<int>  $rows
     */
    public static function is(Region $region, array $rows): bool
    {
        $range = $region->range;
        $rows = array_values(array_filter($rows, fn (int $row) => ! $region->isBlank($row)));
        $isBlock = in_array($range->columns(), [2, 3], true) && count($rows) > 1 && count($rows) <= self::MOST_ROWS;
        if (! $isBlock || $region->said() !== null) {
            return false;
        }
        $colons = $known = 0;
        foreach ($rows as $at => $row) {
            $text = $region->text($row, $range->left);
            $hasColon = self::hasColon($text);
            $colons += $hasColon ? 1 : 0;
            $known += $hasColon || preg_match(self::KEYS, $text) === 1 ? 1 : 0;
            if ($at === 0 && $known === 0) {
                return false;
            }
        }
        if ($colons >= 2 && $colons >= 0.7 * count($rows)) {
            return self::hasColon($region->text($rows[0], $range->left));
        }

        return $range->columns() === 2 && count($rows) > 2 && $known >= 0.5 * count($rows) && Turned::areNames($region, $rows)
            && self::areOfManyTypes($region, $rows);
    }

    public static function hasColon(string $text): bool
    {
        return preg_match('/[:：]$/u', $text) === 1;
    }

    /**
     * Values of a block are of several types; those of a column, but for its heading, are mostly of one.
     *
     * @param  list<int>  $rows
     */
    private static function areOfManyTypes(Region $region, array $rows): bool
    {
        $tally = [];
        foreach ($rows as $row) {
            $type = Turned::type($region->letters($row)[1], $region->text($row, $region->range->right));
            $tally[$type] = ($tally[$type] ?? 0) + 1;
        }
        unset($tally['.'], $tally['-']);

        // A heading over a column is a single text among figures.
        return count($tally) > 1 && ($tally['t'] ?? 0) !== 1 && max($tally) <= 0.8 * array_sum($tally);
    }
}
