<?php

declare(strict_types=1);

namespace App\Wire;

use App\Models\Workbook;
use Rilvet\Act\Targets;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Intake\ColumnTyping;
use Rilvet\Intake\TypingKind;
use Rilvet\Look\Attribute;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;
use Rilvet\Measure\Length;
use Rilvet\Measure\Ruler;
use Rilvet\Number\NumberChoice;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Text\Fonts;

/** The arguments of an act as they came, read with their types; what is wrong is named. */
final readonly class Arguments
{
    /** Looks of a lifted block. */
    private const LOOKS = 10_000;

    /** Workbooks that are looked at beside each other. */
    public const SERIES = 200;

    /** Findings that are mended or left in one step. */
    private const KEYS = 5_000;

    /**
     * @param  array<array-key, mixed>  $given
     * @param  int  $sheet  number of the sheet in view
     */
    public function __construct(private array $given, public int $sheet, private Workbook $row)
    {
    }

    public function workbook(): Workbook
    {
        return $this->row;
    }

    /** @return non-empty-list<string> of findings */
    public function keys(): array
    {
        $keys = $this->texts('keys');

        return $keys === [] || count($keys) > self::KEYS ? throw ActIsWrong::argument('keys', '1 to '.number_format(self::KEYS).
            ' findings') : $keys;
    }

    /** @return list<Workbook> that a workbook was looked at beside, itself among them */
    public function beside(): array
    {
        $ids = $this->listOrNull('beside') ?? [];
        $whole = array_filter($ids, is_int(...));

        return count($whole) === count($ids) && count($ids) <= self::SERIES ? array_map(Workbook::onShelf(...), array_values($whole))
            : throw ActIsWrong::argument('beside', 'at most '.self::SERIES.' workbooks');
    }

    public function textOrNull(string $name): ?string
    {
        $value = $this->given[$name] ?? null;

        return $value === null || is_string($value) ? $value : throw ActIsWrong::argument($name, 'a text');
    }

    public function text(string $name): string
    {
        return $this->textOrNull($name) ?? throw ActIsWrong::argument($name, 'a text');
    }

    /**
     * @template TChoice of string
     *
     * @param  list<TChoice>  $choices
     * @return TChoice
     */
    public function oneOf(string $name, array $choices): string
    {
        $value = $this->textOrNull($name);

        return $value !== null && in_array($value, $choices, true)
            ? $value
            : throw ActIsWrong::argument($name, 'one of '.implode(', ', $choices));
    }

    public function flag(string $name): bool
    {
        return ($this->given[$name] ?? false) === true;
    }

    /** @return array<string, mixed>|null */
    public function mapOrNull(string $name): ?array
    {
        return ($this->given[$name] ?? null) === null ? null : $this->map($name);
    }

    /** @return list<string> */
    public function texts(string $name): array
    {
        $texts = array_filter($list = $this->list($name), is_string(...));

        return count($texts) === count($list) ? array_values($texts) : throw ActIsWrong::argument($name, 'a list of texts');
    }

    public function number(string $name, float $least, float $most): float
    {
        $value = $this->given[$name] ?? null;

        return (is_int($value) || is_float($value)) && $value >= $least && $value <= $most
            ? (float) $value
            : throw ActIsWrong::argument($name, "a number from $least to $most");
    }

    /** @return array<string, mixed> */
    public function map(string $name): array
    {
        return self::look($this->given[$name] ?? null, $name);
    }

    /** The look of an act; a number format may be said as a choice in the place of a code. */
    public function lookGiven(): Look
    {
        $look = $this->map('look');
        if (is_array($look[Attribute::Number->value] ?? null)) {
            $look[Attribute::Number->value] = NumberChoice::of(self::look($look[Attribute::Number->value], 'number'))->code();
        }

        return Look::of($look);
    }

    /** @return list<mixed> */
    public function list(string $name): array
    {
        $value = $this->given[$name] ?? null;

        return is_array($value) && array_is_list($value) ? $value : throw ActIsWrong::argument($name, 'a list');
    }

    /** @return list<mixed>|null */
    public function listOrNull(string $name): ?array
    {
        return ($this->given[$name] ?? null) === null ? null : $this->list($name);
    }

    /**
     * Cells as they were copied: rows of plain values.
     *
     * @return non-empty-list<list<Cell>>|null
     */
    public function block(string $name): ?array
    {
        $rows = [];
        foreach ($this->listOrNull($name) ?? [] as $values) {
            $cells = [];
            foreach (is_array($values) ? $values : [] as $value) {
                if ($value !== null && ! is_scalar($value) || is_float($value) && ! is_finite($value)) {
                    throw ActIsWrong::argument($name, 'rows of plain values');
                }
                $cells[] = Cell::of($value);
            }
            $rows[] = $cells;
        }

        return $rows === [] ? null : $rows;
    }

    /**
     * Rows of looks, all of one length.
     *
     * @return non-empty-list<non-empty-list<Look>>
     */
    public function looks(string $name): array
    {
        $block = [];
        foreach ($this->list($name) as $row) {
            $looks = [];
            foreach (is_array($row) ? $row : [] as $look) {
                $looks[] = Look::of(self::look($look, $name));
            }
            $looks === [] ? throw ActIsWrong::argument($name, 'rows of looks') : $block[] = $looks;
        }
        $widths = array_unique(array_map(count(...), $block));

        return $block === [] || count($widths) !== 1 || count($block) * $widths[0] > self::LOOKS
            ? throw ActIsWrong::argument($name, 'rows of looks, all of one length, at most '.number_format(self::LOOKS))
            : $block;
    }

    /** @return list<int> in px, of columns that stand beside each other */
    public function widths(): array
    {
        $widths = [];
        foreach ($this->listOrNull('widths') ?? [] as $width) {
            $widths[] =
                is_int($width) && $width >= 0 && $width <= 2_000
                    ? $width
                    : throw ActIsWrong::argument('widths', 'widths from 0 to 2,000 px');
        }

        return $widths;
    }

    public function place(): Address
    {
        $row = $this->given['row'] ?? null;
        $column = $this->given['column'] ?? null;

        return is_int($row) && is_int($column) ? Address::of($row, $column) : throw ActIsWrong::argument('row', 'a row and a column');
    }

    /** @return array<string, mixed> */
    public static function look(mixed $value, string $name = 'look'): array
    {
        if (! is_array($value)) {
            throw ActIsWrong::argument($name, 'a map by name');
        }
        $map = [];
        foreach ($value as $key => $part) {
            $map[(string) $key] = $part;
        }

        return $map;
    }

    /** @return non-empty-list<int> the sheets that an act goes to: those named, all, or the one in view */
    public function sheets(): array
    {
        $sheets = $this->given['sheets'] ?? [$this->sheet];
        if ($sheets === 'all') {
            /** @var list<int> $numbers */
            $numbers = $this->row->sheets()->pluck('number')->all();

            return $numbers === [] ? [$this->sheet] : $numbers;
        }
        $numbers = [];
        foreach (is_array($sheets) ? $sheets : [] as $number) {
            $numbers[] = is_int($number) ? $number : throw ActIsWrong::argument('sheets', 'a list of sheet numbers, or "all"');
        }

        return $numbers === [] ? throw ActIsWrong::argument('sheets', 'at least one sheet') : array_values(array_unique($numbers));
    }

    public function targets(): Targets
    {
        return new Targets($this->sheets(), self::ranges($this->text('ranges')));
    }

    /** A selection such as "B2:D4,F2"; one too long to be taken by hand is refused, never cut. */
    public static function ranges(string $ranges): RangeSet
    {
        return strlen($ranges) > 20_000 ? throw ActIsWrong::argument('ranges', 'at most some thousand ranges') : RangeSet::parse($ranges);
    }

    /** The date system of the workbook. */
    public function from1904(): bool
    {
        return $this->row->from1904;
    }

    public function part(): Part
    {
        return Part::tryFrom($this->text('part')) ?? throw ActIsWrong::argument('part', 'a part of a table');
    }

    public function kind(): ?ColumnKind
    {
        $kind = $this->textOrNull('kind');

        return $kind === null ? null : ColumnKind::tryFrom($kind) ?? throw ActIsWrong::argument('kind', 'a column kind');
    }

    /** @return list<Facet>|null null where it is no list */
    public function facetsOrNull(string $name): ?array
    {
        if (! is_array($this->given[$name] ?? null)) {
            return null;
        }
        $facets = array_map(Facet::tryFrom(...), $this->texts($name));
        $known = array_filter($facets);

        return count($known) === count($facets) ? array_values($known) : throw ActIsWrong::argument($name, 'a list of facets');
    }

    public function facet(): ?Facet
    {
        $facet = $this->textOrNull('facet');

        return $facet === null ? null : Facet::tryFrom($facet) ?? throw ActIsWrong::argument('facet', 'a facet');
    }

    public function column(): int
    {
        $column = $this->given['column'] ?? null;

        return is_int($column) && $column >= 1 && $column <= Address::COLUMNS
            ? $column
            : throw ActIsWrong::argument('column', 'the number of a column');
    }

    /** Whether an act goes to columns; else it goes to rows. */
    public function columns(): bool
    {
        return $this->oneOf('axis', ['columns', 'rows']) === 'columns';
    }

    /** @return non-empty-list<array{int, int}> first and last, of columns or rows */
    public function spans(): array
    {
        $limit = $this->columns() ? Address::COLUMNS : Address::ROWS;
        $spans = [];
        foreach ($this->list('spans') as $span) {
            [$first, $last] = is_array($span) ? array_pad(array_values($span), 2, null) : [null, null];
            if (! is_int($first) || ! is_int($last) || $first < 1 || $last < $first || $last > $limit) {
                throw ActIsWrong::argument('spans', 'first and last of columns or rows of the sheet');
            }
            $spans[] = [$first, $last];
        }

        return $spans === [] ? throw ActIsWrong::argument('spans', 'at least one') : $spans;
    }

    /** A size as a person writes it, in px; null fits. */
    public function size(): ?int
    {
        $size = $this->textOrNull('size');

        return $size === null
            ? null
            : ($this->columns()
                ? Length::width($size, (new Ruler(Fonts::shipped()))->digitWidth(Look::none()))
                : Length::height($size));
    }

    /** @return non-empty-list<array{int, bool}> column, and whether the greatest comes first */
    public function sortKeys(): array
    {
        $keys = [];
        foreach ($this->list('keys') as $key) {
            [$column, $down] = is_array($key) ? array_pad(array_values($key), 2, false) : [null, null];
            $keys[] =
                is_int($column) && $column >= 1 && $column <= Address::COLUMNS && is_bool($down)
                    ? [$column, $down]
                    : throw ActIsWrong::argument('keys', 'columns, each with true where the greatest comes first');
        }

        return $keys === [] || count($keys) > 16 ? throw ActIsWrong::argument('keys', '1 to 16 columns') : $keys;
    }

    public function wholeOrNull(string $name): ?int
    {
        $value = $this->given[$name] ?? null;

        return $value === null || is_int($value) ? $value : throw ActIsWrong::argument($name, 'a whole number');
    }

    public function flagOrNull(string $name): ?bool
    {
        $value = $this->given[$name] ?? null;

        return $value === null || is_bool($value) ? $value : throw ActIsWrong::argument($name, 'true or false');
    }

    public function shift(): Shift
    {
        $at = $this->given['at'] ?? null;
        $count = $this->given['count'] ?? 1;
        if (! is_int($at) || ! is_int($count) || ! in_array($this->text('axis'), ['rows', 'columns'], true)) {
            throw ActIsWrong::argument('at', 'a row or column, with axis and count');
        }

        return new Shift($this->text('axis') === 'rows', $at, $count, $this->flag('in'));
    }

    public function typing(): ColumnTyping
    {
        $kind = TypingKind::tryFrom($this->text('kind'));
        $decimal = $this->textOrNull('decimal') ?? '.';
        $order = $this->textOrNull('order') ?? 'dmy';
        if ($kind === null || ! in_array($decimal, ['.', ','], true) || ! in_array($order, ['dmy', 'mdy', 'ymd'], true)) {
            throw ActIsWrong::argument('type', 'a kind, a decimal sign and an order of day and month');
        }
        $format = match ($kind) {
            TypingKind::Date => 'yyyy-mm-dd',
            TypingKind::Time => 'hh:mm',
            default => null,
        };

        return new ColumnTyping($kind, $decimal, $order, format: $format, why: 'chosen by hand');
    }

    /** @return array<int, array<int, string>> texts as typed, by row, then by column */
    public function cells(): array
    {
        $cells = [];
        foreach ($this->list('cells') as $cell) {
            [$row, $column, $text] = is_array($cell) ? array_pad(array_values($cell), 3, null) : [null, null, null];
            if (! is_int($row) || ! is_int($column) || ! is_string($text)) {
                throw ActIsWrong::argument('cells', 'a list of row, column and text');
            }
            $place = Address::of($row, $column);
            $cells[$place->row][$place->column] = $text;
        }

        return $cells === [] || count($cells) > 5_000 ? throw ActIsWrong::argument('cells', '1 to 5,000 rows of cells') : $cells;
    }
}
