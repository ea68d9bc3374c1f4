<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Intake\NumberText;
use Rilvet\Intake\Words;
use Rilvet\Number\FormatClass;

/** The kind of a column, from its body cells alone; a few stray values, dashes and blanks do not change it. */
final class ColumnJudge
{
    private const MONEY = '/\b(?:prices?|costs?|amounts?|fees?|salary|salaries|wages?|pay|revenue|income|turnover|budget|spend|'
        .'spending|expenses?|payments?|invoices?|balances?|charges?|rents?|tax|taxes|vat|net|gross|profit|loss|margin|paid|due|worth|value|'
        .'\w*preis|\w*betrag|\w*kosten|umsatz|prix|montant|coût|precio|importe|prezzo|importo|bedrag|pris|belopp)\b|\p{Sc}|\b(?:GBP|EUR|'
        .'USD|CHF|SEK|NOK|DKK|PLN|CZK|AUD|CAD|JPY|INR)\b/iu';

    /** What is counted, whatever word for money stands beside it. */
    private const COUNT = '/\b(?:number|count|counts|quantity|qty|invoices|bills|receipts|transactions|anzahl|menge|nombre de|número de|'
        .'numero di|aantal|antal|liczba|počet)\b/iu';

    private const SHARE = '/%|\b(?:per\s?cent|percent|percentage|share|rate|ratio|proportion|alive|survival|anteil|quote|taux|part)\b/iu';

    private const IDENTIFIER = '/(?:^|[\s_])(?:id|ids|no|nr|num|number|code|codes|ref|reference|key|zip|zipcode|postcode|plz|phone|tel|'
        .'telephone|sku|isbn|ean|account|invoice no|order no|lot|index|serial|part)\.?$|^#$/iu';

    /** Numbers of accounts and telephones: groups of digits and capitals, the first with a digit. */
    private const GROUPED = '/^(?:\+|(?=\(?\p{Lu}*\d))\(?[\d\p{Lu}]{2,}\)?(?:[ \/-]\(?[\d\p{Lu}]+\)?)+$/u';

    private const YEAR = '/\b(?:year|years|jahr|année|año|anno|jaar|år|rok|vuosi|fy)\b/iu';

    /**
     * @param  list<int>  $rows  body rows to look at
     */
    public static function judge(Region $region, int $column, array $rows, ?string $heading): ColumnReading
    {
        $longest = array_slice($region->facts->longest[$column] ?? [], 0, 3);

        return self::of($region, $column, array_map(fn (int $row) => [$row, $column], $rows), $heading)->withLongest($longest);
    }

    /**
     * What a row of a turned table holds; the number of the row stands in the place of a column's.
     *
     * @param  list<int>  $columns  to look at
     */
    public static function line(Region $region, int $row, array $columns, ?string $heading): ColumnReading
    {
        return self::of($region, $row, array_map(fn (int $column) => [$row, $column], $columns), $heading);
    }

    /** @param  list<array{int, int}>  $places  row and column of the cells to look at */
    private static function of(Region $region, int $at, array $places, ?string $heading): ColumnReading
    {
        $tally = [
            'number' => 0,
            'date' => 0,
            'time' => 0,
            'datetime' => 0,
            'duration' => 0,
            'boolean' => 0,
            'text' => 0,
            'percent' => 0,
            'currency' => 0,
            'first signed' => 0,
            'places' => 0,
        ];
        $texts = [];
        $numbers = [];
        $decimals = 0;
        $twoPlaces = 0;
        $units = [];
        $hints = $region->facts->hints;
        $zeros = $ticks = $absent = $given = 0;
        foreach ($places as [$row, $column]) {
            $cell = $region->cell($row, $column);
            if ($cell->isBlank() || $cell->error !== null) {
                continue;
            }
            if (is_bool($cell->value)) {
                $tally['boolean']++;

                continue;
            }
            $number = $cell->number();
            if ($number === null) {
                $text = trim((string) $cell->value);
                if ($text !== '' && ! Words::isPlaceholder($text)) {
                    $tally['text']++;
                    $texts[] = $text;
                } elseif ($text !== '') {
                    Words::isTick($text) ? $ticks++ : $absent++;
                }

                continue;
            }
            $format = $hints->numberFormat($row, $column);
            $class = FormatClass::of($format);
            if ($class->isTemporal()) {
                $tally[$class === FormatClass::Time && $number >= 1 ? 'duration' : self::temporal($class, $number)]++;

                continue;
            }
            $tally['number']++;
            $numbers[] = $number;
            $places = self::places($number);
            $decimals = max($decimals, $places);
            $shown = $class === FormatClass::Number && preg_match('/0\.(0+)/', (string) $format, $found) === 1 ? strlen($found[1]) : 0;
            $tally['places'] += $shown > 0 ? 1 : 0;
            $given = max($given, $shown);
            $written = $cell->raw === null ? null : NumberText::parts($cell->raw);
            $twoPlaces += $written !== null && preg_match('/[.,]\d\d$/', $written['digits']) === 1 ? 1 : 0;
            $tally['percent'] += $class === FormatClass::Percent || ($written !== null && $written['percent'] === '%') ? 1 : 0;
            $unit = FormatClass::currency($format) ?? ($written !== null && $written['currency'] !== '' ? $written['currency'] : null);
            if ($unit !== null) {
                // The sign of a statement stands in its first row and its totals (common practice).
                $tally['first signed'] += $tally['number'] === 1 ? 1 : 0;
                $tally['currency']++;
                $units[$unit] = ($units[$unit] ?? 0) + 1;
            }
            $zeros += str_starts_with(ltrim($format ?? '', '"'), '00') ? 1 : 0;
        }
        // Whole figures that are shown with places are no counts.
        $decimals = $decimals === 0 && 2 * $tally['places'] > $tally['number'] ? $given : $decimals;
        arsort($units);
        $unit = $units === [] ? null : (string) array_key_first($units);
        [$kind, $confidence] = self::kind($tally, $texts, $numbers, $decimals, $twoPlaces, $zeros, $heading ?? '');
        if ($kind === ColumnKind::None && $ticks > 0 && $absent === 0) {
            [$kind, $confidence] = [ColumnKind::Boolean, 0.8];
        }
        $years = $kind === ColumnKind::Integer && self::years($numbers, $heading ?? '');

        return new ColumnReading(
            $at, $heading, $kind, round($confidence, 2),
            decimals: min($kind === ColumnKind::Percent ? max(0, $decimals - 2) : $decimals, 6),
            unit: $kind === ColumnKind::Amount ? $unit ?? self::unitOf($heading ?? '') : null,
            grouped: ! $years && $kind !== ColumnKind::Code,
        );
    }

    /**
     * @param  array<string, int>  $tally
     * @param  list<string>  $texts
     * @param  list<float>  $numbers
     * @return array{ColumnKind, float}
     */
    private static function kind(
        array $tally,
        array $texts,
        array $numbers,
        int $decimals,
        int $twoPlaces,
        int $zeros,
        string $heading,
    ): array {
        $all =
            $tally['number'] +
            $tally['date'] +
            $tally['time'] +
            $tally['datetime'] +
            $tally['boolean'] +
            $tally['text'] +
            $tally['duration'];
        if ($all === 0) {
            return [ColumnKind::None, 1.0];
        }
        $temporal = $tally['date'] + $tally['time'] + $tally['datetime'] + $tally['duration'];
        $most = max($tally['number'], $temporal, $tally['boolean'], $tally['text']);
        $sure = $most / $all;
        if ($most === $tally['text']) {
            return self::wordy($texts, $heading, $sure);
        }
        if ($most === $tally['boolean']) {
            return [ColumnKind::Boolean, $sure];
        }
        if ($most === $temporal) {
            $kinds = [
                'duration' => ColumnKind::Duration,
                'datetime' => ColumnKind::DateTime,
                'time' => ColumnKind::Time,
                'date' => ColumnKind::Date,
            ];
            foreach ($kinds as $name => $kind) {
                if ($tally[$name] > 0 && ($name === 'duration' || $tally[$name] >= 0.3 * $temporal)) {
                    $spans =
                        $kind === ColumnKind::Time &&
                        self::says('/\b(?:duration|hours|elapsed|length|took|dauer|durée|worked|overtime)\b/iu', $heading);

                    return [$spans ? ColumnKind::Duration : $kind, $sure];
                }
            }
        }

        return self::figures($tally, $numbers, $decimals, $twoPlaces, $zeros, $heading, $sure);
    }

    /**
     * @param  array<string, int>  $tally
     * @param  list<float>  $numbers
     * @return array{ColumnKind, float}
     */
    private static function figures(
        array $tally,
        array $numbers,
        int $decimals,
        int $twoPlaces,
        int $zeros,
        string $heading,
        float $sure,
    ): array {
        $count = max(1, $tally['number']);
        if ($tally['percent'] > 0.5 * $count) {
            return [ColumnKind::Percent, $sure];
        }
        if ($tally['currency'] > 0.5 * $count) {
            return [ColumnKind::Amount, $sure];
        }
        if ($tally['first signed'] > 0 && $tally['places'] > 0.5 * $count) {
            return [ColumnKind::Amount, $sure * 0.9];
        }
        if ($zeros > 0.5 * $count) {
            return [ColumnKind::Code, $sure * 0.9];
        }
        $within = $numbers !== [] && min($numbers) >= -1 && max($numbers) <= 1.5;
        if ($decimals > 0 && $within && self::says(self::SHARE, $heading)) {
            return [ColumnKind::Percent, $sure * 0.8];
        }
        $isCount = $decimals === 0 && $twoPlaces === 0 && self::says(self::COUNT, $heading);
        $money = self::says(self::MONEY, $heading) && ! self::says(self::SHARE, $heading) && ! $isCount;
        if ($money && ($decimals <= 2 || $twoPlaces > 0.8 * $count)) {
            return [ColumnKind::Amount, $sure * ($decimals === 2 || self::says('/\p{Sc}/u', $heading) ? 0.9 : 0.75)];
        }
        if ($decimals > 0 || $twoPlaces > 0) {
            return [ColumnKind::Decimal, $sure * 0.95];
        }
        if (
            $numbers !== [] &&
            self::says(self::IDENTIFIER, $heading) &&
            min($numbers) > 0 &&
            count(array_unique($numbers)) > 0.9 * count($numbers) &&
            ! preg_match('/^(?:number|num|no)\b.+/i', $heading)
        ) {
            return [ColumnKind::Code, $sure * 0.8];
        }

        return [ColumnKind::Integer, $sure * 0.95];
    }

    /**
     * @param  list<string>  $texts
     * @return array{ColumnKind, float}
     */
    private static function wordy(array $texts, string $heading, float $sure): array
    {
        $distinct = array_values(array_unique(array_map(mb_strtolower(...), $texts)));
        $count = count($texts);
        if ($count >= 2 && Words::areYesNo($distinct)) {
            return [ColumnKind::Boolean, $sure * 0.9];
        }
        $lengths = array_map(mb_strlen(...), $texts);
        $mean = array_sum($lengths) / $count;
        $breaks = count(array_filter($texts, fn (string $text) => str_contains($text, "\n")));
        if ($mean > 45 || max([0, ...$lengths]) > 120 && $mean > 25 || $breaks > 0.3 * $count) {
            return [ColumnKind::LongText, $sure * 0.9];
        }
        $codes = count(
            array_filter(
                $texts,
                fn (string $text) => (preg_match('/^(?=.*\d)[\p{L}\d][\p{L}\d\-\/._:]{0,23}$/u', $text) === 1 &&
                    preg_match('/^\p{Ll}/u', $text) !== 1) ||
                    preg_match(self::GROUPED, $text) === 1 ||
                    (preg_match('/^\p{Lu}{2,5}$/u', $text) === 1 && self::says(self::IDENTIFIER, $heading)),
            ),
        );
        $capitals = count(array_filter($texts, fn (string $text) => preg_match('/^[A-Z]{2,4}$/', $text) === 1));
        if ($codes > 0.85 * $count || ($codes > 0.05 * $count && $codes + $capitals > 0.95 * $count && count($distinct) > 0.5 * $count)) {
            return [ColumnKind::Code, $sure * 0.95];
        }
        $few = count($distinct) <= max(2, 0.34 * $count) && count($distinct) <= 60 && $count >= 4;
        if ($capitals > 0.9 * $count && ! $few) {
            return [ColumnKind::Code, $sure * 0.8];
        }
        if ($few && $mean <= 30) {
            return [ColumnKind::Category, $sure * (count($distinct) <= 0.2 * $count ? 0.9 : 0.7)];
        }

        return [ColumnKind::Text, $sure * 0.9];
    }

    private static function temporal(FormatClass $class, float $number): string
    {
        if ($class === FormatClass::DateTime || ($class === FormatClass::Date && floor($number) !== $number)) {
            return 'datetime';
        }

        return match ($class) {
            FormatClass::Time => 'time',
            FormatClass::Duration => 'duration',
            default => 'date',
        };
    }

    /** Decimal places that the number needs, at 15 significant digits. */
    private static function places(float $number): int
    {
        if (floor($number) === $number) {
            return 0;
        }
        $text = rtrim(sprintf('%.10F', (float) sprintf('%.15G', $number)), '0');

        return strlen($text) - (int) strpos($text, '.') - 1;
    }

    /** @param  list<float>  $numbers */
    private static function years(array $numbers, string $heading): bool
    {
        if ($numbers === [] || min($numbers) < 1500 || max($numbers) > 2200) {
            return false;
        }

        return self::says(self::YEAR, $heading) ||
            (min($numbers) >= 1900 && max($numbers) <= 2100 && count($numbers) > 2 && max($numbers) - min($numbers) < 120);
    }

    private static function unitOf(string $heading): ?string
    {
        return preg_match('/\p{Sc}/u', $heading, $found) > 0 ? $found[0] : null;
    }

    private static function says(string $pattern, string $heading): bool
    {
        return preg_match($pattern, $heading) > 0;
    }
}
