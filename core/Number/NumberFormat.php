<?php

declare(strict_types=1);

namespace Rilvet\Number;

use Rilvet\Grid\Cell;
use Rilvet\Number\Exception\FormatCodeIsWrong;

/**
 * A number format code by ISO/IEC 29500-1 18.8.30 and 18.8.31, compiled once and kept.
 */
final class NumberFormat
{
    private const LONGEST = 255;

    /** @var array<string, self> */
    private static array $compiled = [];

    /** @var array<int, DigitFormat|DateTimeFormat> by section, made when first wanted */
    private array $writers = [];

    /** How many sections are for numbers; a last one with "@" is for texts, however few there are. */
    private readonly int $numeric;

    /** @param  list<Section>  $sections */
    private function __construct(private readonly array $sections, private readonly bool $conditional)
    {
        $count = count($sections);
        $this->numeric = $count < 4 && $count > 1 && $sections[$count - 1]->has('text') ? $count - 1 : min(3, $count);
    }

    /** @throws FormatCodeIsWrong with the place of the fault */
    public static function of(string $code): self
    {
        return self::$compiled[$code] ??= self::compile($code);
    }

    /** @return non-empty-list<Section> the sections in their order, at most four */
    public function sections(): array
    {
        return $this->sections === [] ? [Section::parse('General', 'General', 0)] : $this->sections;
    }

    /** What a cell shows: text as it is (through the text section), numbers by the section that fits. */
    public function show(Cell $cell, bool $from1904 = false): Formatted
    {
        if ($cell->error !== null) {
            return new Formatted($cell->error);
        }
        if (is_bool($cell->value)) {
            // Booleans go the way of texts; a section that shows nothing hides them.
            return ($this->sections[3] ?? null)?->tokens === [] ? new Formatted('')
                : new Formatted($cell->value ? 'TRUE' : 'FALSE');
        }
        $number = $cell->number();
        if ($number !== null) {
            return $this->number($number, $from1904);
        }

        return $cell->value === null ? new Formatted('') : $this->text((string) $cell->value);
    }

    public function number(float $value, bool $from1904 = false): Formatted
    {
        $at = is_finite($value) ? $this->sectionFor($value) : null;
        if ($at === null) {
            // One condition alone leaves the rest to no format; where several miss a number, no section can show it.
            return $this->numeric === 1 && is_finite($value) ? new Formatted(DigitFormat::general($value)) : new Formatted('', fits: false);
        }
        $section = $this->sections[$at];
        $writer = $this->writers[$at] ??= $section->isDate ? new DateTimeFormat($section) : new DigitFormat($section);
        if ($writer instanceof DateTimeFormat) {
            return $writer->show($value, $from1904);
        }

        // A section for negative numbers alone shows them without their sign; the code says how they look.
        return $writer->show(abs($value), $value < 0 && ($this->conditional ? ! $section->isForNegatives() : $at === 0));
    }

    /** The number that a reader takes from what is shown: rounded to the places that the code shows, and scaled back. */
    public function rounded(float $value): float
    {
        $at = is_finite($value) ? $this->sectionFor($value) : null;
        if ($at === null || $this->sections[$at]->isDate) {
            return $value;
        }
        $writer = $this->writers[$at] ??= new DigitFormat($this->sections[$at]);

        return $writer instanceof DigitFormat ? $writer->rounded($value) : $value;
    }

    private function text(string $text): Formatted
    {
        $section = $this->sections[3] ?? null;
        if ($section === null) {
            $last = $this->sections[count($this->sections) - 1];
            $section = $last->has('text') ? $last : null;
        }
        if ($section === null) {
            return new Formatted($text);
        }
        $shown = '';
        foreach ($section->tokens as $token) {
            $shown .= in_array($token->kind, ['text', 'general'], true) ? $text : $token->text;
        }

        return new Formatted($shown, $section->ink);
    }

    /** @return int|null the index of the section that a number is shown by */
    private function sectionFor(float $value): ?int
    {
        if ($this->conditional) {
            $last = $this->numeric - 1;
            foreach (array_slice($this->sections, 0, $this->numeric) as $at => $section) {
                if ($section->condition !== null ? $section->accepts($value) : ($at === $last || $at === 2 || ($at === 1 && $value < 0))) {
                    return $at;
                }
            }

            return null;
        }
        if ($value > 0 || $this->numeric < 2) {
            return 0;
        }

        return $value < 0 ? 1
            : ($this->numeric > 2 ? 2 : 0);
    }

    private static function compile(string $code): self
    {
        $length = mb_strlen($code);
        if ($length > self::LONGEST) {
            throw FormatCodeIsWrong::tooLong($length);
        }
        $sections = [];
        $start = 0;
        foreach (self::split($code === '' ? 'General' : $code) as $part) {
            $sections[] = Section::parse($part, $code, $start);
            $start += mb_strlen($part) + 1;
        }
        if (count($sections) > 4) {
            throw FormatCodeIsWrong::at($code, $length, 'a code has at most four sections');
        }
        $conditional = array_filter($sections, fn (Section $section) => $section->condition !== null) !== [];

        return new self($sections, $conditional);
    }

    /** @return list<string> split at semicolons that stand outside quotes and brackets */
    private static function split(string $code): array
    {
        $parts = [''];
        $quoted = false;
        $bracketed = false;
        for ($at = 0, $end = strlen($code); $at < $end; $at++) {
            $char = $code[$at];
            $quoted = $char === '"' && ! $bracketed ? ! $quoted : $quoted;
            $bracketed = ! $quoted && ($char === '[' || ($bracketed && $char !== ']'));
            if ($char === ';' && ! $quoted && ! $bracketed) {
                $parts[] = '';

                continue;
            }
            $parts[count($parts) - 1] .= $char;
            if (! $quoted && ! $bracketed && str_contains('\\_*', $char) && $at + 1 < $end) {
                $parts[count($parts) - 1] .= $code[++$at];
            }
        }

        return $parts;
    }
}
