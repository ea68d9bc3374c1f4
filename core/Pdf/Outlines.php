<?php

declare(strict_types=1);

namespace Rilvet\Pdf;

use RuntimeException;

/** The outlines of a font (ISO/IEC 14496-22, glyf): those that a document needs, in a font file of their own. */
final class Outlines
{
    /** Flags of a part of a composed glyph (glyf, "Composite glyph description"). */
    private const WORDS = 0x0001;

    private const SCALE = 0x0008;

    private const MORE = 0x0020;

    private const TWO_SCALES = 0x0040;

    private const MATRIX = 0x0080;

    /** @var array<string, string> */
    private array $tables = [];

    /** @var list<int> where glyphs begin */
    private readonly array $places;

    private readonly int $metrics;

    public function __construct(private readonly string $file)
    {
        $count = $this->number('n', $file, 4);
        for ($at = 0; $at < $count; $at++) {
            $entry = substr($file, 12 + 16 * $at, 16);
            $this->tables[substr($entry, 0, 4)] = substr($file, $this->number('N', $entry, 8), $this->number('N', $entry, 12));
        }
        $isLong = $this->number('n', $this->table('head'), 50) === 1;
        /** @var list<int> $places */
        $places = array_values((array) unpack($isLong ? 'N*' : 'n*', $this->table('loca')));
        $this->places = $isLong ? $places : array_map(fn (int $place) => 2 * $place, $places);
        $this->metrics = $this->number('n', $this->table('hhea'), 34);
    }

    public function unitsPerEm(): int
    {
        return $this->number('n', $this->table('head'), 18);
    }

    /** @return array{int, int, int, int} the box around all glyphs, in units of the font */
    public function box(): array
    {
        $head = $this->table('head');

        return [$this->signed($head, 36), $this->signed($head, 38), $this->signed($head, 40), $this->signed($head, 42)];
    }

    /** @return array{int, int} ascent and descent, in units of the font */
    public function heights(): array
    {
        return [$this->signed($this->table('hhea'), 4), $this->signed($this->table('hhea'), 6)];
    }

    /** Degrees that the letters lean, less than 0 to the right. */
    public function angle(): float
    {
        return isset($this->tables['post']) ? $this->signed($this->tables['post'], 4) : 0.0;
    }

    public function advance(int $glyph): int
    {
        return $this->number('n', $this->table('hmtx'), 4 * min($glyph, $this->metrics - 1));
    }

    /**
     * A font file with nothing but some glyphs, numbered anew.
     *
     * @param  list<int>  $glyphs  from number 1 on; number 0 is what stands for a missing one
     */
    public function subset(array $glyphs): string
    {
        $order = [0, ...$glyphs];
        $data = '';
        $places = [];
        $metrics = '';
        $known = array_flip($order);
        for ($at = 0; $at < count($order); $at++) {
            $glyph = $this->glyph($order[$at]);
            if ($glyph !== '' && $this->signed($glyph, 0) < 0) {
                $glyph = $this->composed($glyph, $order, $known);
            }
            $places[] = strlen($data);
            $data .= $glyph.str_repeat("\0", (4 - strlen($glyph) % 4) % 4);
            $metrics .= substr($this->table('hmtx'), 4 * min($order[$at], $this->metrics - 1), 2).$this->bearing($order[$at]);
        }
        $places[] = strlen($data);
        $count = count($order);
        $head = $this->table('head');
        // Places are long ones now; the sum over the file is set to nothing, since it is another file.
        $head = substr($head, 0, 8)."\0\0\0\0".substr($head, 12, 38).pack('n', 1).substr($head, 52);

        return self::file([
            'glyf' => $data, 'loca' => pack('N*', ...$places), 'head' => $head, 'hmtx' => $metrics,
            'hhea' => substr($this->table('hhea'), 0, 34).pack('n', $count),
            'maxp' => substr($this->table('maxp'), 0, 4).pack('n', $count).substr($this->table('maxp'), 6),
        ] + array_intersect_key($this->tables, ['cvt ' => 1, 'fpgm' => 1, 'prep' => 1]));
    }

    /**
     * A font file of tables, in the order of their names.
     *
     * @param  array<string, string>  $tables
     */
    public static function file(array $tables): string
    {
        ksort($tables);
        $count = count($tables);
        $power = 2 ** (int) floor(log($count, 2));
        $head = pack('Nnnnn', 0x00010000, $count, 16 * $power, (int) log($power, 2), 16 * ($count - $power));
        $at = 12 + 16 * $count;
        $body = '';
        foreach ($tables as $tag => $data) {
            $padded = $data.str_repeat("\0", (4 - strlen($data) % 4) % 4);
            $sum = 0;
            foreach ((array) unpack('N*', $padded) as $word) {
                $sum = ($sum + (is_int($word) ? $word : 0)) & 0xFFFFFFFF;
            }
            $head .= str_pad($tag, 4).pack('NNN', $sum, $at + strlen($body), strlen($data));
            $body .= $padded;
        }

        return $head.$body;
    }

    private function glyph(int $glyph): string
    {
        $from = $this->places[$glyph] ?? 0;

        return substr($this->table('glyf'), $from, max(0, ($this->places[$glyph + 1] ?? $from) - $from));
    }

    private function bearing(int $glyph): string
    {
        $at = $glyph < $this->metrics ? 4 * $glyph + 2 : 4 * $this->metrics + 2 * ($glyph - $this->metrics);

        return str_pad(substr($this->table('hmtx'), $at, 2), 2, "\0");
    }

    /**
     * A glyph that is made of others, which come along.
     *
     * @param  list<int>  $order
     * @param  array<int, int>  $known
     */
    private function composed(string $glyph, array &$order, array &$known): string
    {
        $at = 10;
        do {
            $flags = $this->number('n', $glyph, $at);
            $part = $this->number('n', $glyph, $at + 2);
            if (! isset($known[$part])) {
                $known[$part] = count($order);
                $order[] = $part;
            }
            $glyph = substr_replace($glyph, pack('n', $known[$part]), $at + 2, 2);
            $at += 4 + ($flags & self::WORDS ? 4 : 2)
                + ($flags & self::SCALE ? 2
                : ($flags & self::TWO_SCALES ? 4
                : ($flags & self::MATRIX ? 8 : 0)));
        } while ($flags & self::MORE && $at + 4 <= strlen($glyph));

        return $glyph;
    }

    private function table(string $tag): string
    {
        return $this->tables[$tag] ?? throw new RuntimeException("A font that is shipped has no table \"$tag\".");
    }

    private function number(string $format, string $data, int $at): int
    {
        $found = unpack($format, $data, $at);
        $value = $found === false ? 0 : $found[1] ?? 0;

        return is_int($value) ? $value : 0;
    }

    private function signed(string $data, int $at): int
    {
        $value = $this->number('n', $data, $at);

        return $value >= 0x8000 ? $value - 0x10000 : $value;
    }
}
