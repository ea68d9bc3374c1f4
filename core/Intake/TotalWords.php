<?php

declare(strict_types=1);

namespace Rilvet\Intake;

/**
 * Words that name a summing row or column, in some twenty languages (from memory; common practice in tables of those languages).
 * The list is open: add a word, and every reading knows it.
 */
final class TotalWords
{
    private const SUBTOTAL = [
        'subtotal', 'sub-total', 'sub total', 'zwischensumme', 'teilsumme', 'sous-total', 'sous total', 'subtotale', 'subtotaal',
        'tussentotaal', 'delsumma', 'delsum', 'deltotal', 'välisumma', 'mezisoučet', 'suma częściowa', 'suma cząstkowa',
        'razem dział', 'parcial', 'total parcial', 'промежуточный итог', 'подытог', 'ara toplam', 'részösszeg', 'μερικό σύνολο',
        '小計', '小计', '소계',
    ];

    private const TOTAL = [
        'total', 'totals', 'grand total', 'overall', 'all', 'sum', 'sums', 'all together', 'altogether', 'together', 'net',
        'carried forward', 'gesamt', 'gesamtsumme', 'gesamtbetrag', 'summe', 'insgesamt', 'zusammen', 'übertrag', 'total général',
        'total general', 'total geral', 'somme', 'ensemble', 'totale', 'totale generale', 'totale complessivo', 'somma',
        'complesso', 'totaal', 'eindtotaal', 'totaal generaal', 'som', 'suma', 'suma total', 'suma ogółem', 'suma końcowa',
        'summa', 'totalt', 'totalsumma', 'samtliga', 'i alt', 'sum total', 'yhteensä', 'kaikki yhteensä', 'kaikkiaan',
        'summa yhteensä', 'razem', 'ogółem', 'łącznie', 'celkem', 'úhrn', 'celkový součet', 'soma', 'balance', 'result',
        'ergebnis', 'résultat', 'resultat', 'surplus', 'deficit', 'saldo', 'überschuss', 'fehlbetrag', 'итого', 'всего',
        'общий итог', 'разом', 'усього', 'toplam', 'genel toplam', 'összesen', 'mindösszesen', 'σύνολο', 'γενικό σύνολο', '合計',
        '総計', '総数', '総額', '計', '总计', '合计', '总数', '總計', '합계', '총계', '계',
    ];

    private const STATISTIC = [
        'mean', 'average', 'avg', 'median', 'minimum', 'min', 'maximum', 'max', 'least', 'greatest', 'lowest', 'highest',
        'std dev', 'standard deviation', 'count', 'durchschnitt', 'mittelwert', 'mittel', 'standardabweichung', 'höchstwert',
        'tiefstwert', 'moyenne', 'médiane', 'écart type', 'écart-type', 'promedio', 'media', 'mediana', 'máximo', 'mínimo',
        'desviación estándar', 'massimo', 'minimo', 'gemiddelde', 'mediaan', 'hoogste', 'laagste', 'medelvärde', 'genomsnitt',
        'högst', 'lägst', 'högsta', 'lägsta', 'gjennomsnitt', 'gennemsnit', 'højeste', 'laveste', 'keskiarvo', 'mediaani',
        'suurin', 'pienin', 'średnia', 'średnio', 'maksimum', 'najwyższa', 'najniższa', 'průměr', 'medián', 'média', 'среднее',
        'в среднем', 'медиана', 'максимум', 'минимум', 'ortalama', 'medyan', 'en yüksek', 'en düşük', 'átlag', 'μέσος όρος', '平均',
        '平均値', '中央値', '最大', '最小', '最大値', '最小値', '平均值', '中位数', '最大值', '最小值', '평균', '최대', '최소',
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
