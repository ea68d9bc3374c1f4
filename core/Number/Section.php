<?php

declare(strict_types=1);

namespace Rilvet\Number;

use Rilvet\Number\Exception\FormatCodeIsWrong;

/** One of the up to four sections of a format code (ISO/IEC 29500-1 18.8.31), as tokens. */
final readonly class Section
{
    private const INKS = [
        'black' => '#000000', 'blue' => '#0000FF', 'cyan' => '#00FFFF', 'green' => '#00FF00', 'magenta' => '#FF00FF',
        'red' => '#FF0000', 'white' => '#FFFFFF', 'yellow' => '#FFFF00',
    ];

    /**
     * @param  list<Token>  $tokens
     * @param  array{string, float}|null  $condition  operator and limit
     */
    private function __construct(
        public array $tokens,
        public ?string $ink,
        public ?array $condition,
        public bool $isDate,
        public ?string $locale,
    ) {
    }

    /** @throws FormatCodeIsWrong */
    public static function parse(string $code, string $whole, int $offset): self
    {
        $tokens = [];
        $ink = null;
        $condition = null;
        $locale = null;
        $isDate = false;
        $chars = mb_str_split($code);
        $count = count($chars);
        for ($i = 0; $i < $count; $i++) {
            $char = $chars[$i];
            $rest = implode('', array_slice($chars, $i, 12));
            if ($char === '"') {
                $end = array_search('"', array_slice($chars, $i + 1), true);
                if ($end === false) {
                    throw FormatCodeIsWrong::at($whole, $offset + $i + 1, 'the quotation mark is not closed');
                }
                $tokens[] = new Token('literal', implode('', array_slice($chars, $i + 1, $end)));
                $i += $end + 1;
            } elseif ($char === '[') {
                $end = array_search(']', array_slice($chars, $i + 1), true);
                if ($end === false) {
                    throw FormatCodeIsWrong::at($whole, $offset + $i + 1, 'the bracket is not closed');
                }
                $inside = implode('', array_slice($chars, $i + 1, $end));
                if (preg_match('/^(h+|m+|s+)$/i', $inside) === 1) {
                    $tokens[] = new Token('date', '['.strtolower($inside).']');
                    $isDate = true;
                } elseif (str_starts_with($inside, '$')) {
                    [$sign, $tag] = array_pad(explode('-', substr($inside, 1), 2), 2, '');
                    if ($sign !== '') {
                        $tokens[] = new Token('literal', $sign);
                    }
                    $locale = Locales::of($tag) ?? $locale;
                } elseif (preg_match('/^\s*(<=|>=|<>|=|<|>)\s*(-?\d+(?:\.\d+)?(?:E[+-]?\d+)?)\s*$/i', $inside, $found) === 1) {
                    $condition = [$found[1], (float) $found[2]];
                } else {
                    $ink = self::INKS[strtolower($inside)] ?? $ink;
                    if (
                        ! isset(self::INKS[strtolower($inside)]) &&
                        preg_match('/^colou?r ?\d{1,2}$/i', $inside) !== 1 &&
                        preg_match('/^DBNum\d$/i', $inside) !== 1
                    ) {
                        throw FormatCodeIsWrong::at(
                            $whole,
                            $offset + $i + 1,
                            "\"[$inside]\" is no colour, condition, elapsed time or locale",
                        );
                    }
                }
                $i += $end + 1;
            } elseif ($char === '\\' || $char === '_' || $char === '*') {
                if ($i + 1 >= $count) {
                    throw FormatCodeIsWrong::at($whole, $offset + $i + 1, "a character must follow \"$char\"");
                }
                $tokens[] = new Token(
                    ['\\' => 'literal', '_' => 'pad', '*' => 'fill'][$char],
                    ['\\' => '', '_' => Formatted::PAD, '*' => Formatted::FILL][$char].$chars[++$i],
                );
            } elseif (preg_match('/^General/i', $rest) === 1) {
                $tokens[] = new Token('general', 'General');
                $i += 6;
            } elseif (preg_match('#^(AM/PM|A/P)#i', $rest, $found) === 1) {
                // "a/p" shows its letters as they are written.
                $tokens[] = new Token('date', strlen($found[1]) === 3 ? $found[1] : strtoupper($found[1]));
                $isDate = true;
                $i += strlen($found[1]) - 1;
            } elseif (
                preg_match('/^E[+\-][0#?]/i', $rest) === 1 &&
                in_array('digit', array_map(fn (Token $token) => $token->kind, $tokens), true)
            ) {
                $tokens[] = new Token('exponent', $chars[$i + 1]);
                $i++;
            } elseif (preg_match('/^(y+|m+|d+|h+|s+|e+|b+|g+)/i', $rest, $found) === 1) {
                $tokens[] = new Token('date', strtolower($found[1]));
                $isDate = true;
                $i += strlen($found[1]) - 1;
            } else {
                $kind = match ($char) {
                    '0', '#', '?' => 'digit',
                    '.' => 'point',
                    ',' => 'comma',
                    '%' => 'percent',
                    '/' => 'slash',
                    '@' => 'text',
                    default => 'literal',
                };
                $tokens[] = new Token($kind, $char);
            }
        }

        return new self($tokens, $ink, $condition, $isDate, $locale);
    }

    public function has(string $kind): bool
    {
        foreach ($this->tokens as $token) {
            if ($token->kind === $kind) {
                return true;
            }
        }

        return false;
    }

    /** Whether its condition lets negative numbers through and no others. */
    public function isForNegatives(): bool
    {
        return $this->condition !== null &&
            $this->condition[1] <= 0 &&
            ($this->condition[0] === '<' || ($this->condition[1] < 0 && in_array($this->condition[0], ['<=', '='], true)));
    }

    public function accepts(float $value): bool
    {
        if ($this->condition === null) {
            return true;
        }
        [$operator, $limit] = $this->condition;

        return match ($operator) {
            '<' => $value < $limit,
            '<=' => $value <= $limit,
            '>' => $value > $limit,
            '>=' => $value >= $limit,
            '<>' => $value !== $limit,
            default => $value === $limit,
        };
    }
}
