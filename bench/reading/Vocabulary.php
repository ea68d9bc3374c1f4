<?php

declare(strict_types=1);

namespace Bench\Reading;

/** Words that tables are written with, in some languages: for the layouts of the examination, from memory. */
final class Vocabulary
{
    /** @var array<string, array<string, string>> by language */
    public const WORDS = [
        'en' => ['total' => 'Total', 'grand' => 'Grand total', 'sub' => 'Subtotal', 'mean' => 'Average', 'median' => 'Median', 'share' => 'Share', 'change' => 'Change', 'of which' => 'of which imported', 'note' => 'Note: provisional figures.', 'source' => 'Source: own survey', 'units' => 'in thousands', 'greatest' => 'Maximum', 'least' => 'Minimum'],
        'de' => ['total' => 'Insgesamt', 'grand' => 'Gesamtsumme', 'sub' => 'Zwischensumme', 'mean' => 'Durchschnitt', 'median' => 'Median', 'share' => 'Anteil', 'change' => 'Veränderung', 'of which' => 'darunter eingeführt', 'note' => 'Anmerkung: vorläufige Werte.', 'source' => 'Quelle: eigene Erhebung', 'units' => 'in Tausend', 'greatest' => 'Maximum', 'least' => 'Minimum'],
        'nl' => ['total' => 'Totaal', 'grand' => 'Eindtotaal', 'sub' => 'Subtotaal', 'mean' => 'Gemiddelde', 'median' => 'Mediaan', 'share' => 'Aandeel', 'change' => 'Verandering', 'of which' => 'waarvan ingevoerd', 'note' => 'Noot: voorlopige cijfers.', 'source' => 'Bron: eigen onderzoek', 'units' => 'in duizenden', 'greatest' => 'Hoogste', 'least' => 'Laagste'],
        'fr' => ['total' => 'Ensemble', 'grand' => 'Total général', 'sub' => 'Sous-total', 'mean' => 'Moyenne', 'median' => 'Médiane', 'share' => 'Part', 'change' => 'Évolution', 'of which' => 'dont importés', 'note' => 'Note : chiffres provisoires.', 'source' => 'Source : enquête propre', 'units' => 'en milliers', 'greatest' => 'Maximum', 'least' => 'Minimum'],
        'es' => ['total' => 'Total', 'grand' => 'Total general', 'sub' => 'Subtotal', 'mean' => 'Promedio', 'median' => 'Mediana', 'share' => 'Proporción', 'change' => 'Variación', 'of which' => 'de los cuales importados', 'note' => 'Nota: datos provisionales.', 'source' => 'Fuente: elaboración propia', 'units' => 'en miles', 'greatest' => 'Máximo', 'least' => 'Mínimo'],
        'it' => ['total' => 'Totale', 'grand' => 'Totale generale', 'sub' => 'Subtotale', 'mean' => 'Media', 'median' => 'Mediana', 'share' => 'Quota', 'change' => 'Variazione', 'of which' => 'di cui importati', 'note' => 'Nota: dati provvisori.', 'source' => 'Fonte: indagine propria', 'units' => 'in migliaia', 'greatest' => 'Massimo', 'least' => 'Minimo'],
        'pl' => ['total' => 'Ogółem', 'grand' => 'Razem', 'sub' => 'Suma częściowa', 'mean' => 'Średnia', 'median' => 'Mediana', 'share' => 'Udział', 'change' => 'Zmiana', 'of which' => 'w tym import', 'note' => 'Uwaga: dane wstępne.', 'source' => 'Źródło: badanie własne', 'units' => 'w tys.', 'greatest' => 'Maksimum', 'least' => 'Minimum'],
        'sv' => ['total' => 'Totalt', 'grand' => 'Summa', 'sub' => 'Delsumma', 'mean' => 'Medelvärde', 'median' => 'Median', 'share' => 'Andel', 'change' => 'Förändring', 'of which' => 'därav import', 'note' => 'Anm.: preliminära siffror.', 'source' => 'Källa: egen undersökning', 'units' => 'i tusental', 'greatest' => 'Högst', 'least' => 'Lägst'],
        'fi' => ['total' => 'Yhteensä', 'grand' => 'Kaikki yhteensä', 'sub' => 'Välisumma', 'mean' => 'Keskiarvo', 'median' => 'Mediaani', 'share' => 'Osuus', 'change' => 'Muutos', 'of which' => 'josta tuontia', 'note' => 'Huom. ennakkotietoja.', 'source' => 'Lähde: oma selvitys', 'units' => 'tuhatta', 'greatest' => 'Suurin', 'least' => 'Pienin'],
        'cs' => ['total' => 'Celkem', 'grand' => 'Celkem', 'sub' => 'Mezisoučet', 'mean' => 'Průměr', 'median' => 'Medián', 'share' => 'Podíl', 'change' => 'Změna', 'of which' => 'z toho dovoz', 'note' => 'Poznámka: předběžné údaje.', 'source' => 'Zdroj: vlastní šetření', 'units' => 'v tisících', 'greatest' => 'Maximum', 'least' => 'Minimum'],
        'ru' => ['total' => 'Всего', 'grand' => 'Итого', 'sub' => 'Промежуточный итог', 'mean' => 'Среднее', 'median' => 'Медиана', 'share' => 'Доля', 'change' => 'Изменение', 'of which' => 'в том числе импорт', 'note' => 'Примечание: предварительные данные.', 'source' => 'Источник: собственный опрос', 'units' => 'тыс.', 'greatest' => 'Максимум', 'least' => 'Минимум'],
        'ja' => ['total' => '総数', 'grand' => '合計', 'sub' => '小計', 'mean' => '平均', 'median' => '中央値', 'share' => '構成比', 'change' => '増減', 'of which' => 'うち輸入', 'note' => '注：速報値。', 'source' => '資料：自己調査', 'units' => '（千）', 'greatest' => '最大', 'least' => '最小'],
        'tr' => ['total' => 'Toplam', 'grand' => 'Genel toplam', 'sub' => 'Ara toplam', 'mean' => 'Ortalama', 'median' => 'Medyan', 'share' => 'Pay', 'change' => 'Değişim', 'of which' => 'ithal olan', 'note' => 'Not: geçici veriler.', 'source' => 'Kaynak: kendi araştırmamız', 'units' => 'bin', 'greatest' => 'En yüksek', 'least' => 'En düşük'],
        'pt' => ['total' => 'Total', 'grand' => 'Total geral', 'sub' => 'Subtotal', 'mean' => 'Média', 'median' => 'Mediana', 'share' => 'Quota', 'change' => 'Variação', 'of which' => 'dos quais importados', 'note' => 'Nota: dados provisórios.', 'source' => 'Fonte: inquérito próprio', 'units' => 'em milhares', 'greatest' => 'Máximo', 'least' => 'Mínimo'],
    ];

    public const NAMES = ['Rowan', 'Aspen', 'Hazel', 'Osier', 'Alder', 'Birch', 'Elm', 'Oak', 'Lime', 'Yew', 'Larch', 'Spruce', 'Juniper', 'Holly', 'Maple', 'Hornbeam', 'Whitebeam', 'Medlar', 'Quince', 'Walnut', 'Sallow', 'Spindle', 'Dogwood', 'Elder', 'Buckthorn', 'Guelder rose', 'Wild service', 'Field maple', 'Grey alder', 'Goat willow'];

    public const GROUPS = ['Upper beds', 'Lower beds', 'Frames', 'River bank', 'Old orchard'];

    public const FIGURES = ['Stock', 'Planted', 'Sold', 'Lost', 'Seedlings', 'Worth', 'Costs', 'Orders', 'Grafts'];
}
