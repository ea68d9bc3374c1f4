<?php

declare(strict_types=1);

namespace Rilvet\Page;

use JsonSerializable;
use Rilvet\Grid\RangeSet;
use Rilvet\Page\Exception\PageIsWrong;
use Rilvet\Refusal;

/**
 * What is said of pages: by a file, a stylebook, or a person of one sheet. What is not said is left to the layer below.
 *
 * Lengths are mm, type sizes pt, scales percent; "wide" and "tall" are pages, 0 for as many as it takes, and where both are 0
 * the scale is in force.
 *
 * @phpstan-type Said bool|int|float|string|array<string, string>
 */
final readonly class PageRules implements JsonSerializable
{
    private const MOST_MARGIN = 250.0;

    /** What each rule takes; an array lists the words, or the least and the greatest number. */
    public const RULES = [
        'paper' => 'paper', 'turn' => ['upright', 'turned', 'better'],
        'top' => 'mm', 'right' => 'mm', 'bottom' => 'mm', 'left' => 'mm', 'head' => 'mm', 'foot' => 'mm',
        'across' => 'flag', 'down' => 'flag',
        'scale' => [10, 400], 'wide' => [0, 1_000], 'tall' => [0, 10_000], 'least' => [1, 20],
        'order' => ['down', 'across'], 'prints' => ['sheet', 'tables'], 'area' => 'area', 'titleRows' => 'lines', 'titleColumns' => 'lines',
        'gridlines' => 'flag', 'numbers' => 'flag', 'mono' => 'flag',
        'colour' => 'colour', 'band' => 'colour', 'errors' => ['shown', 'blank', 'dashes', 'na'],
        'heads' => 'flag', 'labels' => 'flag', 'keep' => 'flag', 'each' => 'flag',
        'header' => 'places', 'footer' => 'places', 'firstHeader' => 'places', 'firstFooter' => 'places',
        'evenHeader' => 'places', 'evenFooter' => 'places',
    ];

    /** What is in force where nobody says anything. */
    public const USUAL = [
        'paper' => 'A4', 'turn' => 'better', 'top' => 15.0, 'right' => 15.0, 'bottom' => 15.0, 'left' => 15.0, 'head' => 7.0, 'foot' => 7.0,
        'across' => false, 'down' => false, 'scale' => 100, 'wide' => 1, 'tall' => 0, 'least' => 8, 'order' => 'down', 'prints' => 'sheet',
        'area' => '', 'gridlines' => false, 'numbers' => false, 'mono' => false, 'colour' => 'none', 'band' => 'none', 'errors' => 'shown',
        'heads' => true, 'labels' => true, 'keep' => true, 'each' => false, 'header' => [], 'footer' => ['right' => '{page} of {pages}'],
    ];

    /** Rules that are words. */
    public const WRITTEN = ['header', 'footer', 'firstHeader', 'firstFooter', 'evenHeader', 'evenFooter'];

    /** What holds of a sheet whose file says nothing (ISO/IEC 29500-1 18.3.1.63; the margins are common practice). */
    public const OF_FILE = [
        'turn' => 'upright', 'top' => 19.1, 'right' => 17.8, 'bottom' => 19.1, 'left' => 17.8, 'head' => 7.6, 'foot' => 7.6,
        'scale' => 100, 'wide' => 0, 'tall' => 0, 'least' => 1, 'heads' => false, 'labels' => false, 'keep' => false, 'footer' => [],
    ];

    /** @param  array<string, Said>  $says */
    private function __construct(public array $says = [])
    {
    }

    public static function none(): self
    {
        return new self;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  (callable(string): string)|null  $colour  what a named colour is
     *
     * @throws PageIsWrong
     */
    public static function of(array $data, ?callable $colour = null): self
    {
        $says = [];
        foreach ($data as $rule => $value) {
            $takes = self::RULES[$rule] ?? throw PageIsWrong::at((string) $rule, 'there is no such rule.');
            if ($value !== null) {
                $says[(string) $rule] = self::read((string) $rule, $takes, $value, $colour);
            }
        }

        return new self($says);
    }

    /**
     * What a file says, as far as it can be: what is wrong there is as if it were not said.
     *
     * @param  array<array-key, mixed>  $data
     */
    public static function ofFile(array $data): self
    {
        $all = self::none();
        foreach ($data as $rule => $value) {
            try {
                $all = self::of([$rule => $value])->over($all);
            } catch (PageIsWrong) {
                // A file from elsewhere is brought in all the same.
            }
        }

        return $all;
    }

    /**
     * @param  string|list<string|int>  $takes
     * @param  (callable(string): string)|null  $colour
     * @return Said
     */
    private static function read(string $rule, string|array $takes, mixed $value, ?callable $colour): bool|int|float|string|array
    {
        if (is_array($takes) && is_int($takes[0])) {
            return is_int($value) && $value >= $takes[0] && $value <= $takes[1] ? $value
                : throw PageIsWrong::at($rule, "a whole number from $takes[0] to $takes[1] is wanted.");
        }
        if (is_array($takes)) {
            return is_string($value) && in_array($value, $takes, true) ? $value
                : throw PageIsWrong::at($rule, 'one of '.implode(', ', $takes).' is wanted.');
        }

        return match ($takes) {
            'flag' => is_bool($value) ? $value : throw PageIsWrong::at($rule, 'true or false is wanted.'),
            'mm' => (is_int($value) || is_float($value)) && $value >= 0 && $value <= self::MOST_MARGIN ? round((float) $value, 1)
                : throw PageIsWrong::at($rule, 'a length from 0 to '.self::MOST_MARGIN.' mm is wanted.'),
            'paper' => PaperSize::of(is_string($value) ? $value : '')->name,
            'colour' => self::colour($rule, $value, $colour),
            'area' => self::area($value),
            'lines' => is_string($value) && preg_match('/^(\d{1,7}:\d{1,7})?$/', $value) === 1 ? $value
                : throw PageIsWrong::at($rule, 'the first and the last are wanted, such as 1:3.'),
            default => HeadFoot::of($value, $rule)->toArray(),
        };
    }

    /** @param  (callable(string): string)|null  $named */
    private static function colour(string $rule, mixed $value, ?callable $named): string
    {
        if (is_string($value) && $named !== null && str_starts_with($value, '@')) {
            $value = $named($value);
        }

        return is_string($value) && preg_match('/^(none|#[0-9A-Fa-f]{6})$/D', $value) === 1
            ? ($value === 'none' ? 'none' : strtoupper($value))
            : throw PageIsWrong::at($rule, 'a colour such as #FFF6DF is wanted, or none.');
    }

    private static function area(mixed $value): string
    {
        is_string($value) || throw PageIsWrong::at('area', 'cells such as A1:F40 are wanted.');
        if (trim($value) === '') {
            return '';
        }
        try {
            $ranges = iterator_to_array(RangeSet::parse(str_replace(['$', ' '], '', $value)), false);
        } catch (Refusal $refusal) {
            throw PageIsWrong::at('area', $refusal->getMessage());
        }
        count($ranges) <= 100 || throw PageIsWrong::at('area', 'at most 100 stretches of cells can be printed.');

        return implode(',', array_map(strval(...), $ranges));
    }

    public function isEmpty(): bool
    {
        return $this->says === [];
    }

    public function has(string $rule): bool
    {
        return isset($this->says[$rule]);
    }

    /** With what is in force where nobody says anything. */
    public function whole(): self
    {
        return new self($this->says + self::USUAL);
    }

    /** @return array<string, Said> */
    public function jsonSerialize(): array
    {
        return $this->says;
    }

    /** Laid over those of the layer below. */
    public function over(self $below): self
    {
        return new self($this->says + $below->says);
    }

    /** @param  list<string>  $rules */
    public function without(array $rules): self
    {
        return new self(array_diff_key($this->says, array_flip($rules)));
    }

    public function text(string $rule): string
    {
        $value = $this->says[$rule] ?? self::USUAL[$rule] ?? '';

        return is_string($value) ? $value : '';
    }

    public function number(string $rule): float
    {
        $value = $this->says[$rule] ?? self::USUAL[$rule] ?? 0;

        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }

    public function flag(string $rule): bool
    {
        return ($this->says[$rule] ?? self::USUAL[$rule] ?? false) === true;
    }

    /** @return array{int, int}|null first and last row, or column, of those that are said to repeat */
    public function lines(string $rule): ?array
    {
        $ends = explode(':', $this->text($rule));

        return count($ends) === 2 ? [min((int) $ends[0], (int) $ends[1]), max((int) $ends[0], (int) $ends[1])] : null;
    }

    public function places(string $rule): HeadFoot
    {
        $value = $this->says[$rule] ?? self::USUAL[$rule] ?? [];

        return is_array($value) ? new HeadFoot($value['left'] ?? '', $value['centre'] ?? '', $value['right'] ?? '') : new HeadFoot;
    }
}
