<?php

declare(strict_types=1);

namespace Rilvet\Intake;

/** Words that name a summing row or column, in several languages. The list is open: add a word, and every reading knows it. */
final class TotalWords
{
    private const SUBTOTAL = [
        'subtotal',
        'sub-total',
        'sub total',
        'zwischensumme',
        'sous-total',
        'sous total',
        'subtotale',
        'tussentotaal',
        'delsumma',
        'delsum',
        'välisumma',
        'mezisoučet',
        'suma częściowa',
        'parcial',
    ];

    private const TOTAL = [
        'total',
        'totals',
        'grand total',
        'overall',
        'all',
        'sum',
        'sums',
        'all together',
        'altogether',
        'together',
        'net',
        'gesamt',
        'gesamtsumme',
        'summe',
        'insgesamt',
        'total général',
        'somme',
        'ensemble',
        'totale',
        'somma',
        'totaal',
        'som',
        'suma',
        'summa',
        'totalt',
        'i alt',
        'yhteensä',
        'razem',
        'ogółem',
        'celkem',
        'soma',
        'balance',
        'result',
        'ergebnis',
        'résultat',
        'resultat',
        'surplus',
        'deficit',
        'saldo',
        'überschuss',
        'итого',
        'всего',
        'toplam',
        '合計',
        '总计',
        '합계',
    ];

    private const STATISTIC = [
        'mean',
        'average',
        'avg',
        'median',
        'minimum',
        'min',
        'maximum',
        'max',
        'least',
        'greatest',
        'lowest',
        'highest',
        'std dev',
        'standard deviation',
        'durchschnitt',
        'mittelwert',
        'mittel',
        'moyenne',
        'médiane',
        'promedio',
        'media',
        'gemiddelde',
        'medelvärde',
        'gjennomsnitt',
        'gennemsnit',
        'keskiarvo',
        'średnia',
        'průměr',
        'média',
        'count',
    ];

    /** The words stand at the start or at the end of a short label: "Total costs", "Upper beds together". */
    public static function in(string $text): bool
    {
        return self::subtotal($text) || self::total($text) || self::statistic($text);
    }

    public static function subtotal(string $text): bool
    {
        return self::match($text, self::SUBTOTAL, 'subtotal');
    }

    public static function total(string $text): bool
    {
        return self::match($text, self::TOTAL, 'total') || preg_match('/^\s*[Σ∑]\s*$/u', $text) === 1;
    }

    /** Mean, least, greatest and their kin. */
    public static function statistic(string $text): bool
    {
        return self::match($text, self::STATISTIC, 'statistic');
    }

    /** @param  list<string>  $words */
    private static function match(string $text, array $words, string $list): bool
    {
        /** @var array<string, string> $patterns */
        static $patterns = [];
        if (strlen($text) > 80) {
            return false;
        }
        $patterns[$list] ??=
            '/^[^\p{L}\p{N}]*(?:(?:'.
            implode('|', array_map(fn (string $word) => preg_quote($word, '/'), $words)).
            ')(?![\p{L}\p{N}\-])(?:\W+[\p{L}\p{N}&()\/]+){0,4}|(?:[\p{L}\p{N}&()\/]+\W+){1,5}(?:'.
            implode('|', array_map(fn (string $word) => preg_quote($word, '/'), $words)).
            '))[^\p{L}\p{N}]*$/iu';

        return preg_match($patterns[$list], $text) === 1;
    }
}
