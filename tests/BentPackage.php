<?php

declare(strict_types=1);

namespace Tests;

use ZipArchive;

/**
 * A good package with a few words of its xml changed by chance: numbers at their limits, words of other places, attributes and
 * elements that are gone, doubled or swapped, other texts. It stays well-formed; what it says may be anything. The same for the
 * same seed.
 */
final class BentPackage
{
    private const NUMBERS = ['0', '1', '2', '-1', '7', '63', '64', '255', '16384', '16385', '1048576', '1048577',
        '4294967295', '0.5', '1e3', ''];

    private const TEXTS = ['', '0', '-1', '1.5', '1e999', 'TRUE', '#N/A', 'A1', 'A1:XFD1048576', '$B$2:B$9', 'Nowhere!C3', 'SUM(A1:A9)',
        'IF(A1>0,"a","b")', '"yes,no"', '1/0', '(', 'General', 'yyyy-mm-dd', 'Tree & bed', '2026-02-30', '  ', 'ÄÖ'];

    /** @param  list<string>  $changes  what was done, for whoever looks for a fault */
    private function __construct(public array $changes = [])
    {
    }

    /** Writes the bent package beside the good one; what was changed is given back. */
    public static function of(string $good, string $to, int $seed): string
    {
        mt_srand($seed);
        copy($good, $to);
        $zip = new ZipArchive;
        $zip->open($to);
        $parts = [];
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $name = (string) $zip->getNameIndex($at);
            if (preg_match('/\.(xml|rels|vml)$/', $name) === 1 && preg_match('~theme|docProps|meta\.xml~', $name) === 0) {
                $parts[$name] = (string) $zip->getFromIndex($at);
            }
        }
        $bent = new self;
        // Sheets and styles say the most.
        $weighty = array_values(preg_grep('/sheet|styles|content|workbook/', array_keys($parts)) ?: []);
        for ($count = mt_rand(1, 4); $count > 0; $count--) {
            $name = mt_rand(1, 5) > 1 && $weighty !== [] ? $weighty[mt_rand(0, count($weighty) - 1)] : array_rand($parts);
            $parts[$name] = $bent->bend($name, $parts[$name]);
        }
        foreach ($parts as $name => $xml) {
            $zip->addFromString($name, $xml);
        }
        $zip->close();
        mt_srand();

        return implode('; ', $bent->changes);
    }

    private function bend(string $part, string $all): string
    {
        $start = str_starts_with($all, '<?') ? (int) strpos($all, '?>') + 2 : 0;
        [$declaration, $xml] = [substr($all, 0, $start), substr($all, $start)];
        [$what, $pattern] = [
            ['number', '~(?<=\s)[\w:]+="(?=-?[\d.]+"[^<]*>)~'], ['number', '~(?<=\s)[\w:]+="(?=-?[\d.]+"[^<]*>)~'],
            ['word', '~(?<=\s)(?!xmlns)[\w:]+="(?=[a-zA-Z$][^"]*"[^<]*>)~'], ['drop', '~\s(?!xmlns)[\w:]+="[^"]*"(?=[^<]*>)~'],
            ['cut', '~<[\w:]+(?: [^<>]*)?/>~'], ['twice', '~<[\w:]+(?: [^<>]*)?/>~'],
            ['swap', '~(<[\w:]+(?: [^<>]*)?/>)(<[\w:]+(?: [^<>]*)?/>)~'],
            ['text', '~(?<=>)[^<>]+(?=</)~'], ['text', '~(?<=>)[^<>]+(?=</)~'],
        ][mt_rand(0, 8)];
        $count = preg_match_all($pattern, $xml, $found, PREG_OFFSET_CAPTURE);
        if ($count === false || $count === 0) {
            return $all;
        }
        [$text, $at] = $found[0][mt_rand(0, $count - 1)];
        $after = substr($xml, $at + strlen($text));
        $new = match ($what) {
            'number' => $text.self::NUMBERS[mt_rand(0, count(self::NUMBERS) - 1)],
            'word' => $text.$this->other($xml, $text),
            'drop', 'cut' => '',
            'twice' => $text.$text,
            'swap' => (string) preg_replace('~^(<[^<>]*/>)(<[^<>]*/>)$~', '$2$1', $text),
            default => htmlspecialchars(self::TEXTS[mt_rand(0, count(self::TEXTS) - 1)], ENT_XML1 | ENT_NOQUOTES),
        };
        if ($what === 'number' || $what === 'word') {
            $after = substr($after, (int) strpos($after, '"'));
        }
        $this->changes[] = "$part: $what ".substr($text, 0, 80).' -> '.substr($new, 0, 80);

        return $declaration.substr($xml, 0, $at).$new.$after;
    }

    /** What the same attribute says somewhere else, or a word that no standard knows. */
    private function other(string $xml, string $attribute): string
    {
        $count = preg_match_all('~\s'.preg_quote($attribute, '~').'([^"]*)"~', $xml, $found);

        return $count === false || $count === 0 || mt_rand(1, 6) === 1 ? 'nonsense' : $found[1][mt_rand(0, $count - 1)];
    }
}
