<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Intake\Tokeniser;
use Rilvet\Number\FormatClass;
use Rilvet\Number\SerialDate;
use Rilvet\Package\PackageXml;
use Rilvet\Reading\Signature;

/**
 * Rows of sheet xml as stored cells, numbers of their formats, and signatures. The common shape is taken apart by one
 * expression a row, which has to account for every byte; any other legal row goes through a full xml reader.
 *
 * @phpstan-import-type Stored from Cell
 */
final class RowReader
{
    /** In the place of a format where a row has no cell. */
    public const NONE = -1;

    public const CELL = '~<c r="([A-Z]{1,3})\d{1,7}"([^>]*?)(?:/>|>(?:<f([^>]*?)(?:/>|>([^<]*+)</f>))?(?:<v>([^<]*+)</v>)?(?:<is><t(?: '
        .'xml:space="preserve")?>([^<]*+)</t></is>)?</c>)~';

    /** Cells that hold a plain value or nothing. */
    private const PLAIN = '~<c r="([A-Z]{1,3})\d{1,7}"([^>/]*+)(?:/>|><v>([^<]*+)</v></c>)~';

    /** The same, and texts in their cells: a type other than these is no plain value. */
    private const VALUES = '~<c r="([A-Z]{1,3})\d{1,7}"(?: s="\d{1,6}")?(?:/>|(?: t="(?:inlineStr|n)")?>(?:<v>([^<]*+)</v>|<is><t(?: '
        .'xml:space="preserve")?>([^<]*+)</t></is>)</c>)~';

    /** The same cells with all that follows their attributes as one piece. */
    public const WHOLE = '~<c r="([A-Z]{1,3})\d{1,7}"([^>/]*+)(/>|>(?:<f[^>]*+>(?:[^<]*+</f>)?)?(?:<v>[^<]*+</v>)?(?:<is><t(?: '
        .'xml:space="preserve")?>[^<]*+</t></is>)?</c>)~';

    /** @var array<string, array{int, string}|null> number of the format and type of a cell, by its attributes; null for an odd one */
    private array $kinds = [];

    /** @var array<int, string> */
    private array $textLetters = [];

    /** @var array<int, list<string>> letters of the first so many columns */
    private array $lines = [];

    /** @var array<string, string> */
    private array $words = [];

    /** @var array<int, string> by the number of the format */
    private array $formatLetters = [];

    private readonly SharedFormulas $formulas;

    /**
     * @param  list<string>  $texts  shared by the cells of the workbook
     * @param  list<string|null>  $codes  number formats by the number of the format
     * @param  bool  $from1904  the workbook counts days from 1904, which dates by ISO 8601 do not show
     * @param  string  $root  the start tag of the worksheet, for what has prefixes
     */
    public function __construct(
        private readonly array $texts,
        private readonly array $codes,
        private readonly string $part,
        private string $root = '<worksheet>',
        private readonly bool $from1904 = false,
    ) {
        $this->formulas = new SharedFormulas($part);
    }

    /** @param  string  $head  of the sheet's xml */
    public function within(string $head): void
    {
        if (preg_match('~<worksheet\b[^>]*>~', $head, $found) === 1) {
            $this->root = $found[0];
        }
    }

    /**
     * The cells of a row: stored, from column A on; the numbers of their formats; the row's signature.
     *
     * @return array{list<Stored>, list<int>, string}
     */
    public function cells(int $row, string $xml): array
    {
        if ($xml === '') {
            return [[], [], ''];
        }
        $count = preg_match_all(self::PLAIN, $xml, $found);
        if ($count !== false && strlen(implode('', $found[0])) === strlen($xml)) {
            $line = $this->line($count, $found[1], $found[2], $found[3]);
            if ($line !== null) {
                return $line;
            }
        }
        $count = preg_match_all(self::CELL, $xml, $found);
        if ($count === false || strlen(implode('', $found[0])) !== strlen($xml)) {
            return $this->odd($row, $xml);
        }
        $stored = $formats = [];
        $signature = '';
        $next = 0;
        [, $letters, $attributes, $formulaAttributes, $formulas, $values, $inline] = $found;
        for ($index = 0; $index < $count; $index++) {
            $column = Place::column($letters[$index]);
            [$format, $type] = $this->kinds[$attributes[$index]] ?? $this->kind($attributes[$index]) ?? [null, ''];
            if ($format === null || $column <= $next) {
                return $this->odd($row, $xml);
            }
            for (; $next < $column - 1; $next++) {
                $stored[] = null;
                $formats[] = self::NONE;
                $signature .= '.';
            }
            $next = $column;
            $formats[] = $format;
            $value = $values[$index];
            if ($formulas[$index] === '' && $formulaAttributes[$index] === '') {
                if ($type === 's') {
                    $text = $this->texts[(int) $value] ?? null;
                    if ($value === '' || $text === null || $text === '') {
                        $stored[] = null;
                        $signature .= '.';
                    } else {
                        $stored[] = $text;
                        $signature .= $this->textLetters[(int) $value] ??= Signature::word($text, $this->words);
                    }

                    continue;
                }
                if ($type === '' && is_numeric($value)) {
                    $number = $value + 0;
                    $stored[] = is_float($number) && ! is_finite($number) ? null : $number;
                    $signature .= $this->numberLetter($format);

                    continue;
                }
                if ($type === '' && $value === '') {
                    $stored[] = null;
                    $signature .= '.';

                    continue;
                }
                if ($type === 'inlineStr' && $value === '' && strlen($inline[$index]) <= Tokeniser::CELL) {
                    $text = strpbrk($inline[$index], "&\r_") === false ? $inline[$index] : Text::read($inline[$index]);
                    $stored[] = $text === '' ? null : $text;
                    $signature .= $text === '' ? '.' : Signature::word($text, $this->words);

                    continue;
                }
            }
            $formula =
                $formulas[$index] === '' && $formulaAttributes[$index] === ''
                    ? null
                    : $this->formulas->formula($formulaAttributes[$index], Text::read($formulas[$index]), $row, $column);
            $cell = $this->cell(
                $type,
                $value === ''
                    ? ($type === 'inlineStr' ? Text::read($inline[$index]) : null)
                    : $value,
                $formula,
                $row,
                $column,
                self::filled($formulaAttributes[$index]),
            );
            $stored[] = $cell->stored();
            $signature .= $this->letter($cell, $format);
        }

        return [$stored, $formats, rtrim($signature, '.')];
    }

    /**
     * The cells of a row without formats and signature, for what only compares them.
     *
     * @return list<Stored>
     */
    public function values(int $row, string $xml): array
    {
        $count = (int) preg_match_all(self::VALUES, $xml, $found);
        if (
            $count === 0 ||
            $found[1] !== ($this->lines[$count] ??= array_map(Place::letters(...), range(1, $count))) ||
            strlen(implode('', $found[0])) !== strlen($xml)
        ) {
            return $this->cells($row, $xml)[0];
        }
        [, , $stored, $texts] = $found;
        foreach ($stored as $index => $value) {
            if ($value === '') {
                $text = $texts[$index];
                $stored[$index] = $text === '' ? null
                    : (strpbrk($text, "&\r_") === false ? $text : Text::read($text));
            } elseif (is_numeric($value)) {
                $stored[$index] = $value + 0;
            } else {
                return $this->cells($row, $xml)[0];
            }
        }

        return $stored;
    }

    /**
     * A row of values alone, with a cell in every column: nearly all rows of a table are such.
     *
     * @param  list<string>  $letters
     * @param  list<string>  $attributes
     * @param  list<string>  $values
     * @return array{list<Stored>, list<int>, string}|null
     */
    private function line(int $count, array $letters, array $attributes, array $values): ?array
    {
        if ($letters !== ($this->lines[$count] ??= array_map(Place::letters(...), range(1, $count)))) {
            return null;
        }
        $stored = $formats = [];
        $signature = '';
        foreach ($attributes as $index => $attribute) {
            $kind = $this->kinds[$attribute] ?? $this->kind($attribute);
            if ($kind === null) {
                return null;
            }
            $formats[] = $format = $kind[0];
            $type = $kind[1];
            $value = $values[$index];
            if ($value === '') {
                $stored[] = null;
                $signature .= '.';
            } elseif ($type === 's') {
                $number = (int) $value;
                $text = $this->texts[$number] ?? '';
                if ($text === '') {
                    $stored[] = null;
                    $signature .= '.';
                } else {
                    $stored[] = $text;
                    $signature .= $this->textLetters[$number] ??= Signature::word($text, $this->words);
                }
            } elseif ($type === '' && is_numeric($value)) {
                $number = $value + 0;
                if (is_float($number) && ! is_finite($number)) {
                    return null;
                }
                $stored[] = $number;
                $signature .= $this->formatLetters[$format] ?? $this->numberLetter($format);
            } else {
                return null;
            }
        }

        return [$stored, $formats, rtrim($signature, '.')];
    }

    /** The number of the format that a cell's attributes name; null where they are no common ones. */
    public function format(string $attributes): ?int
    {
        return ($this->kinds[$attributes] ?? $this->kind($attributes))[0] ?? null;
    }

    /** @return array{int, string}|null */
    private function kind(string $attributes): ?array
    {
        if (
            preg_match(
                '~^(?:\s+(?:s="(?<s>\d{1,6})"|t="(?<t>n|s|b|e|str|inlineStr|d)"|cm="\d+"|vm="\d+"|ph="[01]"))*$~',
                $attributes,
                $found,
            ) !== 1
        ) {
            return $this->kinds[$attributes] = null;
        }
        $type = $found['t'] ?? '';

        return $this->kinds[$attributes] = [(int) ($found['s'] ?? 0), $type === 'n' ? '' : $type];
    }

    /** @param  string|null  $value  as it stands in the xml, or the inline text as it reads */
    private function cell(string $type, ?string $value, ?string $formula, int $row, int $column, ?string $array = null): Cell
    {
        $error = null;
        $read = null;
        if ($value !== null) {
            switch ($type) {
                case 's':
                    $read = $this->texts[(int) $value] ?? null;
                    break;
                case 'b':
                    $read = trim($value) === '1' || trim($value) === 'true';
                    break;
                case 'e':
                    $error = Text::read($value);
                    break;
                case 'inlineStr':
                    $read = $value;
                    break;
                case 'str':
                    $read = Text::read($value);
                    break;
                case 'd':
                    $day = self::date($value);
                    $read = $day === null ? $value
                        : $day - ($this->from1904 ? SerialDate::BETWEEN : 0);
                    break;
                default:
                    $read = is_numeric($value) ? $value + 0
                        : ($value === '' ? null : Text::read($value));
            }
        }
        if (is_string($read) && strlen($read) > Tokeniser::CELL && mb_strlen($read) > Tokeniser::CELL) {
            throw FileIsWrong::cellTooLong($row, $column, mb_strlen($read), Tokeniser::CELL);
        }
        if (is_float($read) && ! is_finite($read)) {
            $read = null;
        }

        return match (true) {
            $formula !== null => Cell::formula($formula, $read, $error, $array),
            $error !== null => Cell::error($error),
            default => Cell::of($read),
        };
    }

    /** The range that an array formula fills; null for a plain formula (18.3.1.40). */
    private static function filled(string $attributes): ?string
    {
        return str_contains($attributes, 't="array"') && preg_match('~\sref="([^"]+)"~', $attributes, $range) === 1 ? $range[1] : null;
    }

    /** A date of ISO 8601 as a serial day (18.17.4). */
    private static function date(string $text): ?float
    {
        if (preg_match('/^(\d{4})-(\d\d)-(\d\d)(?:T(\d\d):(\d\d)(?::(\d\d(?:\.\d+)?))?)?/', $text, $found) !== 1) {
            return null;
        }
        $day = SerialDate::of((int) $found[1], (int) $found[2], (int) $found[3]);

        return $day + ((int) ($found[4] ?? 0) * 3600 + (int) ($found[5] ?? 0) * 60 + (float) ($found[6] ?? 0)) / 86_400;
    }

    private function numberLetter(int $format): string
    {
        return $this->formatLetters[$format] ??= match (FormatClass::of($this->codes[$format] ?? null)) {
            FormatClass::Date, FormatClass::DateTime => 'd',
            FormatClass::Time, FormatClass::Duration => 'h',
            default => 'n',
        };
    }

    private function letter(Cell $cell, int $format = 0): string
    {
        return Signature::letter($cell, fn () => $this->codes[$format] ?? null, $this->words);
    }

    /**
     * A row in any other legal shape.
     *
     * @return array{list<Stored>, list<int>, string}
     */
    private function odd(int $row, string $xml): array
    {
        $tree = PackageXml::tree("{$this->root}<row>$xml</row></worksheet>", $this->part);
        $element = PackageXml::child(PackageXml::root($tree), 'row');
        $cells = [];
        $formats = [];
        $next = 1;
        foreach ($element === null ? [] : PackageXml::children($element, 'c') as $c) {
            $column = $c->hasAttribute('r') ? Place::column($c->getAttribute('r')) : $next;
            $next = $column + 1;
            if ($column > Address::COLUMNS) {
                throw FileIsWrong::tooManyColumns($row, $column);
            }
            $cells[$column] = $this->oddCell($c, $row, $column);
            $formats[$column] = max(0, (int) $c->getAttribute('s'));
        }
        $stored = $numbers = [];
        $signature = '';
        for ($column = 1, $last = max([0, ...array_keys($cells)]); $column <= $last; $column++) {
            $cell = $cells[$column] ?? Cell::blank();
            $stored[] = $cell->stored();
            $numbers[] = $formats[$column] ?? self::NONE;
            $signature .= $this->letter($cell, $formats[$column] ?? 0);
        }

        return [$stored, $numbers, rtrim($signature, '.')];
    }

    private function oddCell(DOMElement $c, int $row, int $column): Cell
    {
        $f = PackageXml::child($c, 'f');
        $v = PackageXml::child($c, 'v');
        $is = PackageXml::child($c, 'is');
        $attributes = '';
        foreach (['t', 'si', 'ref'] as $name) {
            $attributes .= $f?->hasAttribute($name) === true ? " $name=\"{$f->getAttribute($name)}\"" : '';
        }
        $formula = $f === null ? null : $this->formulas->formula($attributes, Text::plain($f->textContent), $row, $column);
        $type = $c->getAttribute('t') === 'n' ? '' : $c->getAttribute('t');
        $value = $is !== null && $type === 'inlineStr' ? Text::rich($is) : $v?->textContent;

        return $this->cell(
            $type,
            $type === 'str' || $type === 'e'
                ? ($value === null ? null : htmlspecialchars($value, ENT_XML1))
                : $value,
            $formula,
            $row,
            $column,
            self::filled($attributes),
        );
    }
}
