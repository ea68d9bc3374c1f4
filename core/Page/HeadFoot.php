<?php

declare(strict_types=1);

namespace Rilvet\Page;

use Rilvet\Page\Exception\PageIsWrong;

/** What stands above or below a page, in three places; words with fields in braces. */
final readonly class HeadFoot
{
    public const FIELDS = ['page', 'pages', 'date', 'time', 'sheet', 'workbook', 'file', 'title'];

    public const PLACES = ['left', 'centre', 'right'];

    /** Characters of a place. */
    public const LENGTH = 200;

    /** Words with fields; braces stand for nothing else. */
    public const PATTERN = '^(?:[^{}\\x00-\\x08\\x0B-\\x1F]|\\{(?:page|pages|date|time|sheet|workbook|file|title)\\})*$';

    public function __construct(public string $left = '', public string $centre = '', public string $right = '')
    {
    }

    /** @throws PageIsWrong */
    public static function of(mixed $data, string $rule): self
    {
        is_array($data) || throw PageIsWrong::at($rule, 'left, centre and right are wanted.');
        $texts = [];
        foreach ($data as $place => $text) {
            in_array($place, self::PLACES, true) || throw PageIsWrong::at("$rule.$place", 'only left, centre and right are places.');
            is_string($text) && mb_strlen($text) <= self::LENGTH || throw PageIsWrong::at("$rule.$place",
                'a text of at most '.self::LENGTH.' characters is wanted.');
            preg_match('/'.self::PATTERN.'/uD', $text) === 1 || throw PageIsWrong::at("$rule.$place",
                'braces stand around one of {'.implode('}, {', self::FIELDS).'}, and control characters are not taken.');
            $texts[$place] = $text;
        }

        return new self($texts['left'] ?? '', $texts['centre'] ?? '', $texts['right'] ?? '');
    }

    /** A text of a file as far as one can be: a field that would be cut in two is left out. */
    public static function cut(string $text): string
    {
        $text = mb_substr((string) preg_replace('/[\x00-\x08\x0B-\x1F]/', '', $text), 0, self::LENGTH);

        return (string) preg_replace('/\{[^{}]*$/', '', $text);
    }

    public function isEmpty(): bool
    {
        return $this->left.$this->centre.$this->right === '';
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        $texts = ['left' => $this->left, 'centre' => $this->centre, 'right' => $this->right];

        return array_filter($texts, fn (string $text) => $text !== '');
    }

    /**
     * With what the fields stand for.
     *
     * @param  array<string, string>  $fields  by name
     * @return array<string, string> by place, only those that say something
     */
    public function filled(array $fields): array
    {
        $named = [];
        foreach ($fields as $name => $value) {
            $named["{{$name}}"] = $value;
        }

        $filled = array_map(fn (string $text) => strtr($text, $named), $this->toArray());

        return array_filter($filled, fn (string $text) => trim($text) !== '');
    }
}
