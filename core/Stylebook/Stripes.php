<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Oklch;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnReading;
use Rilvet\Stylebook\Exception\StylebookIsWrong;

/**
 * Alternating fills of body rows: two or three looks in turn. Headings, groups, subtotals and totals are left out, and hidden
 * rows are not counted.
 */
final readonly class Stripes
{
    /** Characters of a key's heading. */
    public const KEY = 200;

    /** Rows, columns or changes of one band, and before the first. */
    private const MOST = 1_000;

    /** Lightness (OKLCH) from which on a fill is a tint that dark ink reads well on. */
    private const PALE = 0.85;

    private const KEYS = ['by', 'every', 'key', 'fill', 'fills', 'first', 'anew'];

    /**
     * @param  int  $every  rows, or columns, of one band
     * @param  non-empty-list<Look>  $looks  of the bands, in turn; one that says no fill leaves the body as it is
     * @param  string|null  $key  heading of the column whose changes count
     * @param  int  $first  row of the body, or column of the table, that the first band begins at, from 1
     * @param  bool  $anew  begun anew below each row group and subtotal
     */
    public function __construct(
        public int $every,
        public array $looks,
        public StripesBy $by = StripesBy::Rows,
        public ?string $key = null,
        public int $first = 1,
        public bool $anew = true,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $says  as a stylebook says it
     *
     * @throws StylebookIsWrong
     */
    public static function of(array $says, Palette $palette): self
    {
        Reader::known($says, self::KEYS, 'stripes');
        $by = StripesBy::tryFrom(is_string($says['by'] ?? 'rows') ? $says['by'] ?? 'rows' : '');
        $by ?? throw StylebookIsWrong::because('stripes.by', 'one of rows, key or columns is wanted.');
        $key = $says['key'] ?? null;
        if ($key !== null && (! is_string($key) || trim($key) === '' || mb_strlen($key) > self::KEY) || ($key === null
            && $by === StripesBy::Key)) {
            throw StylebookIsWrong::because('stripes.key', 'the heading of a column is wanted.');
        }
        $fills = $says['fills'] ?? ['none', $says['fill'] ?? 'none'];
        if (! is_array($fills) || ! array_is_list($fills) || count($fills) < 2 || count($fills) > 3) {
            throw StylebookIsWrong::because('stripes.fills', 'two or three fills are wanted.');
        }

        return new self(
            Reader::whole($says, 'every', 'stripes', 1, self::MOST, 1),
            array_map(fn (mixed $fill) => self::filled($fill, $palette), $fills),
            $by, $key, Reader::whole($says, 'first', 'stripes', 1, self::MOST, 1), Reader::flag($says, 'anew', 'stripes', true),
        );
    }

    /** @return array<string, mixed> as a stylebook says it */
    public function toArray(): array
    {
        return array_filter([
            'by' => $this->by === StripesBy::Rows ? null : $this->by->value, 'every' => $this->every, 'key' => $this->key,
            'fills' => array_map(fn (Look $look) => $look->text(Attribute::Fill, 'none'), $this->looks),
            'first' => $this->first, 'anew' => $this->anew,
        ], fn (mixed $value) => $value !== null);
    }

    /**
     * As a stylebook's file says it: what goes without saying is not said, and colours of the palette are said by their names.
     *
     * @return array<string, mixed>
     */
    public function said(Palette $palette): array
    {
        $fills = array_map(
            fn (Look $look) => Edit::named($palette, Attribute::Fill->value, $look->text(Attribute::Fill, 'none')), $this->looks,
        );
        $isUsual = count($fills) === 2 && $fills[0] === 'none';

        return [
            ...($this->by === StripesBy::Rows ? [] : ['by' => $this->by->value]),
            ...($this->every === 1 ? [] : ['every' => $this->every]),
            ...($this->by === StripesBy::Key ? ['key' => $this->key] : []),
            ...($isUsual ? ['fill' => $fills[1]] : ['fills' => $fills]),
            ...($this->first === 1 ? [] : ['first' => $this->first]),
            ...($this->anew ? [] : ['anew' => false]),
        ];
    }

    /**
     * Fills that a new band is given: the palest colours of the palette, the palest first.
     *
     * @return array{string, string} "#RRGGBB"
     */
    public static function pale(Palette $palette): array
    {
        $light = fn (string $hex) => Oklch::of(Colour::hex($hex))->l;
        $pale = array_values(array_filter(array_unique($palette->colours), fn (string $hex) => $light($hex) >= self::PALE));
        usort($pale, fn (string $one, string $other) => $light($other) <=> $light($one));

        return [$pale[0] ?? '#F2F0EC', $pale[1] ?? '#E4DFEA'];
    }

    /** The look of a band. */
    public function look(int $band): Look
    {
        return $band < 0 ? Look::none() : $this->looks[$band];
    }

    /**
     * @param  int  $position  of a row, or a column, among those that are striped, from 0
     * @return int of the band that it belongs to, from 0; -1 before the first
     */
    public function band(int $position): int
    {
        $from = $position - ($this->first - 1);

        return $from < 0 ? -1 : intdiv($from, $this->every) % count($this->looks);
    }

    public function isKey(?string $heading): bool
    {
        return $this->key !== null && $heading !== null && ColumnReading::plain($heading) === ColumnReading::plain($this->key);
    }

    private static function filled(mixed $fill, Palette $palette): Look
    {
        $look = Reader::lookOf($palette, [Attribute::Fill->value => $fill], 'stripes');

        return $look->text(Attribute::Fill) === 'none' ? Look::none() : $look;
    }
}
