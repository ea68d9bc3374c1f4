<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use JsonException;
use Rilvet\Condition\Condition;
use Rilvet\Entry\EntryCheck;
use Rilvet\Guard\Role;
use Rilvet\Look\Attribute;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;
use Rilvet\Page\PageRules;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Exception\StylebookIsWrong;

/**
 * Palette, one look a part, number rules a column kind, stripes, fit and page rules. One stylebook dresses any number of
 * sheets and workbooks. Written as JSON; what is written is kept, so that export gives back what was imported.
 */
final readonly class Stylebook
{
    /** Characters of what is said about it. */
    public const ABOUT = 500;

    private const FORMAT = 'stylebook 1';

    private const KEYS = [
        'rilvet',
        'name',
        'about',
        'palette',
        'ground',
        'parts',
        'kinds',
        'stripes',
        'frame',
        'fit',
        'page',
        'opens',
        'looks',
        'numbers',
        'conditions',
        'marks',
        'heads',
        'cases',
        'roles',
        'entries',
    ];

    /**
     * @param  array<string, Look>  $parts  by Part value
     * @param  array<string, KindRule>  $kinds  by ColumnKind value
     * @param  Look  $frame  the edges of a table, all four
     * @param  array<string, Look>  $looks  named looks
     * @param  array<string, string>  $numbers  named number formats, by name
     * @param  list<Condition>  $conditions  conditional looks of parts; the first goes before the others
     * @param  list<Part>  $marks  entry, choice and formula cells whose looks are seen on every sheet
     * @param  array<string, string>  $heads  what the heading of a column of single cells says below its name, by Part value
     * @param  array<string, LetterCase>  $cases  how headings and column groups are shown, by Part value
     * @param  array<string, RoleRule>  $roles  by Role value
     * @param  list<EntryCheck>  $entries  checks on entry of parts; the first goes before the others
     * @param  PageRules  $page  how its sheets go to paper
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
        public Look $frame,
        public FitRules $fit,
        public bool $gridlines,
        public bool $freeze,
        public ?int $zoom,
        public array $looks,
        public array $numbers,
        public array $conditions,
        public array $marks,
        public array $heads,
        public array $cases,
        private array $roles,
        public array $entries,
        public PageRules $page,
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
        $palette = Palette::of(Reader::map($data, 'palette'));
        $parts = [];
        foreach (Reader::map($data, 'parts') as $part => $look) {
            Part::tryFrom((string) $part) ?? throw StylebookIsWrong::because("parts.$part", 'no such part.');
            $parts[(string) $part] = Reader::lookOf($palette, $look, "parts.$part");
        }
        $kinds = [];
        foreach (Reader::map($data, 'kinds') as $kind => $rule) {
            ColumnKind::tryFrom((string) $kind) ?? throw StylebookIsWrong::because("kinds.$kind", 'no such column kind.');
            $kinds[(string) $kind] = Reader::ruleOf($palette, $rule, "kinds.$kind");
        }
        $looks = [];
        foreach (Reader::map($data, 'looks') as $called => $look) {
            $looks[Reader::lookName((string) $called)] = Reader::lookOf($palette, $look, "looks.$called");
        }
        $numbers = [];
        foreach (Reader::map($data, 'numbers') as $called => $code) {
            is_string($code) || throw StylebookIsWrong::because("numbers.$called", 'a format code is wanted.');
            $numbers[Reader::lookName((string) $called)] = Reader::lookOf($palette, ['number' => $code], "numbers.$called")->text(
                Attribute::Number,
            );
        }
        $stripes = Reader::map($data, 'stripes');
        $opens = Reader::map($data, 'opens');
        Reader::known($opens, ['gridlines', 'freeze', 'zoom'], 'opens');
        $about = $data['about'] ?? '';
        if (! is_string($about) || mb_strlen($about) > self::ABOUT) {
            throw StylebookIsWrong::because('about', 'a text of at most '.self::ABOUT.' characters is wanted.');
        }
        if (! in_array($data['rilvet'] ?? self::FORMAT, [self::FORMAT], true)) {
            throw StylebookIsWrong::because('rilvet', 'only "'.self::FORMAT.'" is understood.');
        }
        /** @var array<string, mixed> $data */

        return new self(
            trim($name),
            $about,
            $palette,
            Reader::lookOf($palette, $data['ground'] ?? [], 'ground'),
            $parts,
            $kinds,
            $stripes === [] ? null : Stripes::of($stripes, $palette),
            Reader::frameOf($palette, $data['frame'] ?? null),
            Reader::fitOf(Reader::map($data, 'fit')),
            Reader::flag($opens, 'gridlines', 'opens', false),
            Reader::flag($opens, 'freeze', 'opens', true),
            isset($opens['zoom']) ? Reader::whole($opens, 'zoom', 'opens', 10, 400, 100) : null,
            $looks,
            $numbers,
            ConditionRules::of(Reader::map($data, 'conditions'), $palette),
            Reader::marksOf(Reader::map($data, 'marks')),
            Reader::headsOf(Reader::map($data, 'heads')),
            Reader::casesOf(Reader::map($data, 'cases')),
            Reader::rolesOf(Reader::map($data, 'roles'), $palette),
            EntryRules::of(Reader::map($data, 'entries')),
            Reader::pageOf(Reader::map($data, 'page'), $palette),
            $data,
        );
    }

    public function part(Part $part): Look
    {
        return $this->parts[$part->value] ?? ($part === Part::RowLabel ? $this->parts['body'] ?? Look::none() : Look::none());
    }

    /** What of single cells is seen where it is wished: what the stylebook says of them, else a quiet fill. */
    public function cell(Part $part): Look
    {
        $says = $this->part($part);

        return $says->isEmpty() ? self::usual($part) : $says;
    }

    /** How entry, choice and formula cells are told where nothing is said of them. */
    public static function usual(Part $part): Look
    {
        return Look::of(match ($part) {
            Part::EntryCell => ['fill' => '#FFF6DF'],
            Part::ChoiceCell => ['fill' => '#E6F0F4'],
            Part::FormulaCell => ['fill' => '#EFEDE8'],
            default => [],
        });
    }

    /** The stylebook with the looks of some single cells seen on every sheet, or not. */
    public function marking(Part $part, bool $is): self
    {
        $data = $this->source;
        $marks = array_diff_key(Reader::map($data, 'marks'), [$part->value => true]);
        $data['marks'] = $is ? $marks + [$part->value => true] : $marks;

        return self::of($data);
    }

    /**
     * A total that is a column: the body, with the weight of the total. Its rules belong to rows, and an ink that is made for a fill
     * goes with it.
     */
    public function across(): Look
    {
        $total = $this->part(Part::Total);
        $isFilled = ! in_array($total->text(Attribute::Fill), ['', 'none'], true);
        $weight = $total->without(Attribute::Top, Attribute::Bottom, Attribute::Fill);

        return $this->part(Part::Body)->under($isFilled ? $weight->without(Attribute::Ink) : $weight);
    }

    public function role(Role $role): RoleRule
    {
        return $this->roles[$role->value] ?? RoleRule::usual($role);
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
        $old = Reader::map(Reader::map($data, $group), $name);
        $says = $look->toArray();
        foreach ($says as $attribute => $value) {
            $says[$attribute] = Edit::named($this->palette, $attribute, $value);
        }
        $data[$group] = array_replace(Reader::map($data, $group), [$name => array_replace($old, $says)]);
        // What is said of single cells is meant to be seen.
        $isSeen = $kind === null && $part->isOfCells()
            && ! $look->facet(Facet::Type, Facet::Fill, Facet::Borders, Facet::Place, Facet::Number)->isEmpty();

        return $isSeen ? self::of($data)->marking($part, true) : self::of($data);
    }

    /**
     * The stylebook with another rule for a column kind. A fixed format code gives way to a pattern that the rule can fill.
     *
     * @param  array<string, mixed>  $rule  sign, scale, accounting, least, most, totals
     */
    public function ruling(ColumnKind $kind, array $rule): self
    {
        $data = $this->source;
        $old = Reader::map(Reader::map($data, 'kinds'), $kind->value);
        $pattern = $old['number'] ?? '';
        $old['number'] =
            is_string($pattern) && str_contains($pattern, '{places}')
                ? $pattern
                : ($kind === ColumnKind::Percent
                    ? '0{places}%'
                    : '#,##0{places}');
        $data['kinds'] =
            [$kind->value => array_intersect_key($rule, array_flip(['sign', 'scale', 'accounting', 'least', 'most', 'totals'])) + $old] +
            Reader::map($data, 'kinds');

        return self::of($data);
    }

    /** The stylebook with a number format kept under a name, or taken out where the code is null. */
    public function numbering(string $name, ?string $code): self
    {
        $data = $this->source;
        $numbers = Reader::map($data, 'numbers');
        unset($numbers[$name]);
        $data['numbers'] = $code === null ? $numbers : $numbers + [Reader::lookName($name) => $code];

        return self::of($data);
    }

    /** The stylebook with a named look set, or taken out where the look is null. */
    public function naming(string $name, ?Look $look): self
    {
        $data = $this->source;
        $looks = Reader::map($data, 'looks');
        unset($looks[$name]);
        $data['looks'] = $look === null ? $looks : $looks + [Reader::lookName($name) => $look->toArray()];

        return self::of($data);
    }

    /** The stylebook with a named look under another name, written as it was: colours of the palette stay named. */
    public function renaming(string $name, string $to): self
    {
        $data = $this->source;
        $looks = [];
        foreach (Reader::map($data, 'looks') as $called => $look) {
            $looks[$called === $name ? Reader::lookName($to) : $called] = $look;
        }
        $data['looks'] = $looks;

        return self::of($data);
    }

    /** The stylebook with a colour added to its palette, or changed there. */
    public function colouring(string $name, string $hex): self
    {
        $data = $this->source;
        $data['palette'] = array_replace(Reader::map($data, 'palette'), [$name => $hex]);

        return self::of($data);
    }

    /** The stylebook without a colour of its palette; looks that say it keep it from being taken out. */
    public function uncolouring(string $name): self
    {
        $data = $this->source;
        $data['palette'] = array_diff_key(Reader::map($data, 'palette'), [$name => true]);

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
        $stripes = Reader::map($data, 'stripes');
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
        $data['fit'] = $fit + Reader::map($data, 'fit');
        $data['opens'] = $opens + Reader::map($data, 'opens');

        return self::of($data);
    }

    /**
     * The stylebook with other rules of pages; what is null is no longer said.
     *
     * @param  array<string, mixed>  $page
     */
    public function paging(array $page): self
    {
        $data = $this->source;
        $data['page'] = array_filter($page + Reader::map($data, 'page'), fn (mixed $value) => $value !== null);

        return self::of($data);
    }

    /** The stylebook with one width for all columns of a heading; null lets them follow what they hold. */
    public function widening(string $heading, ?int $px): self
    {
        $data = $this->source;
        $fit = Reader::map($data, 'fit');
        $widths = array_diff_key(Reader::map($fit, 'widths'), [ColumnReading::plain($heading) => true]);
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

    /**
     * A rule that says nothing yet is an object all the same.
     *
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private static function objects(array $data): array
    {
        return array_map(fn (mixed $one) => $one === [] ? (object) []
            : (is_array($one) ? self::objects($one) : $one), $data);
    }

    public function toJson(): string
    {
        return json_encode(self::objects($this->source),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }
}
