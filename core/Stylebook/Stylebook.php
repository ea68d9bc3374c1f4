<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use JsonException;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Part;
use Rilvet\Refusal;
use Rilvet\Stylebook\Exception\StylebookIsWrong;

/**
 * Palette, one look a part, number rules a column kind, stripes, fit and page rules. One stylebook dresses any number of
 * sheets and workbooks. Written as JSON; what is written is kept, so that export gives back what was imported.
 */
final readonly class Stylebook
{
    private const KEYS = [
        'rilvet',
        'name',
        'about',
        'palette',
        'ground',
        'parts',
        'kinds',
        'stripes',
        'fit',
        'page',
        'opens',
        'looks',
        'numbers',
    ];

    /**
     * @param  array<string, Look>  $parts  by Part value
     * @param  array<string, KindRule>  $kinds  by ColumnKind value
     * @param  array<string, Look>  $looks  named looks
     * @param  array<string, string>  $numbers  named number formats, by name
     * @param  array<string, mixed>  $source  the JSON as it was written
     */
    private function __construct(
        public string $name,
        public string $about,
        public Palette $palette,
        public Look $ground,
        private array $parts,
        private array $kinds,
        public ?Stripes $stripes,
        public FitRules $fit,
        public bool $gridlines,
        public bool $freeze,
        public ?int $zoom,
        public array $looks,
        public array $numbers,
        private array $source,
    ) {
    }

    /** The named looks and colours of a workbook itself, which no sheet has to wear a stylebook for. */
    public static function own(): self
    {
        return self::of(['name' => 'This workbook']);
    }

    /** @throws StylebookIsWrong names the place in the JSON and what is wrong there */
    public static function fromJson(string $json): self
    {
        if (strlen($json) > 1_000_000) {
            throw StylebookIsWrong::because('the file', 'it is larger than a stylebook can be (1 MB).');
        }
        try {
            $data = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $exception) {
            throw StylebookIsWrong::because('the file', 'it is no JSON ('.$exception->getMessage().').');
        }

        return is_array($data) ? self::of($data) : throw StylebookIsWrong::because('the file', 'an object is wanted.');
    }

    /** @param  array<array-key, mixed>  $data */
    public static function of(array $data): self
    {
        foreach (array_keys($data) as $key) {
            if (! in_array($key, self::KEYS, true)) {
                throw StylebookIsWrong::because((string) $key, 'no such rule.');
            }
        }
        $name = $data['name'] ?? null;
        if (! is_string($name) || trim($name) === '' || mb_strlen($name) > 60) {
            throw StylebookIsWrong::because('name', 'a name of 1 to 60 characters is wanted.');
        }
        $palette = Palette::of(self::map($data, 'palette'));
        $parts = [];
        foreach (self::map($data, 'parts') as $part => $look) {
            Part::tryFrom((string) $part) ?? throw StylebookIsWrong::because("parts.$part", 'no such part.');
            $parts[(string) $part] = self::lookOf($palette, $look, "parts.$part");
        }
        $kinds = [];
        foreach (self::map($data, 'kinds') as $kind => $rule) {
            ColumnKind::tryFrom((string) $kind) ?? throw StylebookIsWrong::because("kinds.$kind", 'no such column kind.');
            $kinds[(string) $kind] = self::ruleOf($palette, $rule, "kinds.$kind");
        }
        $looks = [];
        foreach (self::map($data, 'looks') as $called => $look) {
            $looks[self::lookName((string) $called)] = self::lookOf($palette, $look, "looks.$called");
        }
        $numbers = [];
        foreach (self::map($data, 'numbers') as $called => $code) {
            $numbers[self::lookName((string) $called)] = self::lookOf($palette, ['number' => $code], "numbers.$called")->text(
                Attribute::Number,
            );
        }
        $stripes = self::map($data, 'stripes');
        $opens = self::map($data, 'opens');
        /** @var array<string, mixed> $data */

        return new self(
            trim($name),
            is_string($data['about'] ?? null) ? $data['about'] : '',
            $palette,
            self::lookOf($palette, $data['ground'] ?? [], 'ground'),
            $parts,
            $kinds,
            $stripes === [] ? null : Stripes::of($stripes, $palette),
            self::fitOf(self::map($data, 'fit')),
            ($opens['gridlines'] ?? false) === true,
            ($opens['freeze'] ?? true) === true,
            isset($opens['zoom']) ? self::whole($opens, 'zoom', 'opens', 10, 400, 100) : null,
            $looks,
            $numbers,
            $data,
        );
    }

    public function part(Part $part): Look
    {
        return $this->parts[$part->value] ?? ($part === Part::RowLabel ? $this->parts['body'] ?? Look::none() : Look::none());
    }

    public function named(string $name): ?Look
    {
        return $this->looks[$name] ?? null;
    }

    /** The stylebook with more said of a part, or of a column kind where one is given. */
    public function saying(Part $part, ?ColumnKind $kind, Look $look): self
    {
        $data = $this->source;
        [$group, $name] = $kind === null ? ['parts', $part->value] : ['kinds', $kind->value];
        $old = self::map(self::map($data, $group), $name);
        $says = $look->toArray();
        foreach ($says as $attribute => $value) {
            $says[$attribute] = Edit::named($this->palette, $attribute, $value);
        }
        $data[$group] = array_replace(self::map($data, $group), [$name => array_replace($old, $says)]);

        return self::of($data);
    }

    /**
     * The stylebook with another rule for a column kind. A fixed format code gives way to a pattern that the rule can fill.
     *
     * @param  array<string, mixed>  $rule  sign, scale, accounting, least, most, totals
     */
    public function ruling(ColumnKind $kind, array $rule): self
    {
        $data = $this->source;
        $old = self::map(self::map($data, 'kinds'), $kind->value);
        $pattern = $old['number'] ?? '';
        $old['number'] =
            is_string($pattern) && str_contains($pattern, '{places}')
                ? $pattern
                : ($kind === ColumnKind::Percent
                    ? '0{places}%'
                    : '#,##0{places}');
        $data['kinds'] =
            [$kind->value => array_intersect_key($rule, array_flip(['sign', 'scale', 'accounting', 'least', 'most', 'totals'])) + $old] +
            self::map($data, 'kinds');

        return self::of($data);
    }

    /** The stylebook with a number format kept under a name, or taken out where the code is null. */
    public function numbering(string $name, ?string $code): self
    {
        $data = $this->source;
        $numbers = self::map($data, 'numbers');
        unset($numbers[$name]);
        $data['numbers'] = $code === null ? $numbers : $numbers + [self::lookName($name) => $code];

        return self::of($data);
    }

    /** The stylebook with a named look set, or taken out where the look is null. */
    public function naming(string $name, ?Look $look): self
    {
        $data = $this->source;
        $looks = self::map($data, 'looks');
        unset($looks[$name]);
        $data['looks'] = $look === null ? $looks : $looks + [self::lookName($name) => $look->toArray()];

        return self::of($data);
    }

    /** The stylebook with a named look under another name, written as it was: colours of the palette stay named. */
    public function renaming(string $name, string $to): self
    {
        $data = $this->source;
        $looks = [];
        foreach (self::map($data, 'looks') as $called => $look) {
            $looks[$called === $name ? self::lookName($to) : $called] = $look;
        }
        $data['looks'] = $looks;

        return self::of($data);
    }

    /** The stylebook with a colour added to its palette, or changed there. */
    public function colouring(string $name, string $hex): self
    {
        $data = $this->source;
        $data['palette'] = array_replace(self::map($data, 'palette'), [$name => $hex]);

        return self::of($data);
    }

    /** The stylebook without a colour of its palette; looks that say it keep it from being taken out. */
    public function uncolouring(string $name): self
    {
        $data = $this->source;
        $data['palette'] = array_diff_key(self::map($data, 'palette'), [$name => true]);

        return self::of($data);
    }

    /** The stylebook with its stripes in another fill; where it has none, the body takes it. */
    public function striping(Look $look): self
    {
        if ($this->stripes === null) {
            return $this->saying(Part::Body, null, $look);
        }
        $data = $this->source;
        $fill = Edit::named($this->palette, Attribute::Fill->value, $look->text(Attribute::Fill));
        $stripes = self::map($data, 'stripes');
        // Where more than one band is filled, the last takes the new fill.
        $fills = is_array($stripes['fills'] ?? null) ? ['fills' => [...array_slice($stripes['fills'], 0, -1), $fill]] : ['fill' => $fill];
        $data['stripes'] = $fills + $stripes;

        return self::of($data);
    }

    /**
     * The stylebook with other rules of fitting and opening; what is not said stays.
     *
     * @param  array<string, mixed>  $fit  least, greatest, air, rowAir, headingAir, titleAir, rowLeast
     * @param  array<string, mixed>  $opens  gridlines, freeze, zoom
     */
    public function fitting(array $fit, array $opens): self
    {
        $data = $this->source;
        $data['fit'] = $fit + self::map($data, 'fit');
        $data['opens'] = $opens + self::map($data, 'opens');

        return self::of($data);
    }

    /** The stylebook with one width for all columns of a heading; null lets them follow what they hold. */
    public function widening(string $heading, ?int $px): self
    {
        $data = $this->source;
        $fit = self::map($data, 'fit');
        $widths = array_diff_key(self::map($fit, 'widths'), [ColumnReading::plain($heading) => true]);
        $fit['widths'] = $px === null ? $widths : [ColumnReading::plain($heading) => $px] + $widths;
        $data['fit'] = $fit;

        return self::of($data);
    }

    public function kind(ColumnKind $kind): KindRule
    {
        return $this->kinds[$kind->value] ?? new KindRule(Look::none());
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->source;
    }

    public function toJson(): string
    {
        return json_encode($this->source, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    private static function lookName(string $name): string
    {
        if (
            preg_match('/^[\p{L}\p{N}][\p{L}\p{N} _\-.,&()]{0,59}$/u', $name) !== 1 ||
            preg_match('/^\$?[A-Za-z]{1,3}\$?\d{1,7}$/', $name) === 1
        ) {
            throw StylebookIsWrong::because(
                "looks.$name",
                'a name of 1 to 60 letters and figures is wanted, and none that reads like a cell address.',
            );
        }

        return $name;
    }

    private static function lookOf(Palette $palette, mixed $values, string $where): Look
    {
        if (! is_array($values)) {
            throw StylebookIsWrong::because($where, 'a look is wanted.');
        }
        try {
            return Look::of($palette->resolve($values, $where));
        } catch (StylebookIsWrong $refusal) {
            throw $refusal;
        } catch (Refusal $refusal) {
            throw StylebookIsWrong::because($where, $refusal->getMessage());
        }
    }

    private static function ruleOf(Palette $palette, mixed $rule, string $where): KindRule
    {
        if (! is_array($rule)) {
            throw StylebookIsWrong::because($where, 'a rule is wanted.');
        }
        $pattern = $rule['number'] ?? null;
        $sign = $rule['sign'] ?? 'first';
        $scale = $rule['scale'] ?? 0;
        $accounting = $rule['accounting'] ?? false;
        if (
            ($pattern !== null && ! is_string($pattern)) ||
            ! in_array($sign, KindRule::SIGNS, true) ||
            ! in_array($scale, [0, 3, 6], true) ||
            ! is_bool($accounting)
        ) {
            throw StylebookIsWrong::because(
                $where,
                'number takes a format code, sign takes every, first, heading or none, scale takes 0, 3 or 6, accounting takes true '
                .'or false.',
            );
        }
        if ($pattern !== null && preg_match('/[{}]/', str_replace('{places}', '', $pattern)) === 1) {
            throw StylebookIsWrong::because("$where.number", 'what stands in braces is {places}, and nothing else.');
        }
        if ($pattern !== null) {
            self::lookOf($palette, ['number' => str_replace('{places}', '', $pattern)], $where);
        }

        return new KindRule(
            self::lookOf(
                $palette,
                array_diff_key($rule, array_flip(['number', 'sign', 'least', 'most', 'scale', 'accounting', 'totals'])),
                $where,
            ),
            $pattern,
            $sign,
            self::whole($rule, 'least', $where, 0, 10, 0),
            self::whole($rule, 'most', $where, 0, 10, 4),
            $scale,
            $accounting,
            self::whole($rule, 'totals', $where, 0, 6, 0),
        );
    }

    /** @param  array<array-key, mixed>  $values */
    private static function fitOf(array $values): FitRules
    {
        $default = new FitRules;
        $widths = [];
        foreach (self::map($values, 'widths') as $heading => $width) {
            $widths[ColumnReading::plain((string) $heading)] =
                is_int($width) && $width >= 4 && $width <= 1790
                    ? $width
                    : throw StylebookIsWrong::because("fit.widths.$heading", 'a whole number from 4 to 1790 (px) is wanted.');
        }
        $least = self::whole($values, 'least', 'fit', 5, 1000, $default->least);
        if ($least > self::whole($values, 'greatest', 'fit', 20, 1790, $default->greatest)) {
            throw StylebookIsWrong::because('fit.least', 'it is more than the greatest width.');
        }

        return new FitRules(
            $least,
            self::whole($values, 'greatest', 'fit', 20, 1790, $default->greatest),
            self::whole($values, 'air', 'fit', 0, 100, $default->air),
            self::whole($values, 'rowAir', 'fit', 0, 100, $default->rowAir),
            self::whole($values, 'headingAir', 'fit', 0, 100, $default->headingAir),
            self::whole($values, 'titleAir', 'fit', 0, 100, $default->titleAir),
            self::whole($values, 'rowLeast', 'fit', 0, 500, $default->rowLeast),
            $widths,
        );
    }

    /** @param  array<array-key, mixed>  $values */
    private static function whole(array $values, string $key, string $where, int $least, int $most, int $else): int
    {
        $value = $values[$key] ?? $else;

        return is_int($value) && $value >= $least && $value <= $most
            ? $value
            : throw StylebookIsWrong::because("$where.$key", "a whole number from $least to $most is wanted.");
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private static function map(array $data, string $key): array
    {
        $value = $data[$key] ?? [];

        return is_array($value) ? $value : throw StylebookIsWrong::because($key, 'an object is wanted.');
    }
}
