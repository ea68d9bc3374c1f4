<?php

declare(strict_types=1);

namespace Rilvet\Text;

/**
 * The shipped families and their metrics, from a folder of arrays that the set-up builds from the font files.
 *
 * @phpstan-import-type FaceData from FontMetrics
 */
final class Fonts
{
    public const FAMILIES = ['Carlito', 'Caladea', 'Arimo', 'Tinos', 'Cousine', 'Gelasio', 'IBM Plex Sans', 'IBM Plex Mono'];

    public const SYMBOLS = 'Noto Sans Symbols 2';

    /** px a pt at 96 dpi. */
    public const PX = 96 / 72;

    /** @var array<string, FontMetrics> */
    private array $loaded = [];

    /** @var array<string, string>|null */
    private ?array $aliases = null;

    /** @var array<string, list<array{file: string, ranges: list<array{int, int}>, says: string}>>|null by the name of the face */
    private ?array $pieces = null;

    public function __construct(private readonly string $folder)
    {
    }

    /** The folder that bin/build-metrics writes to. */
    public static function shipped(): self
    {
        static $fonts = null;

        /** @var self */
        return $fonts ??= new self(dirname(__DIR__, 2).'/storage/metrics');
    }

    /** The shipped family that a name is drawn in: itself, its metric-compatible family, or the default. */
    public function drawnAs(string $family): string
    {
        if (in_array($family, self::FAMILIES, true)) {
            return $family;
        }
        if ($this->aliases === null) {
            $file = $this->folder.'/aliases.php';
            /** @var array<string, string> $aliases */
            $aliases = is_file($file) ? require $file : [];
            $this->aliases = $aliases;
        }

        return $this->aliases[mb_strtolower($family)] ?? 'Carlito';
    }

    public function face(string $family, bool $bold = false, bool $italic = false): FontMetrics
    {
        $name = self::fileName($this->drawnAs($family), $bold, $italic);

        return $this->loaded[$name] ??= new FontMetrics($this->load($name), $this->load(self::fileName(self::SYMBOLS, false, false)));
    }

    /**
     * The pieces of a face that some characters are drawn with, as woff2 for a page that carries its fonts; characters that
     * the face does not have are left to the symbols.
     *
     * @param  array<int, true>  $points  code points
     * @return list<array{string, string}> path of the file, and the range of code points that it is for as CSS says it
     */
    public function pieces(string $family, bool $bold, bool $italic, array $points): array
    {
        $name = self::fileName($family === self::SYMBOLS ? $family : $this->drawnAs($family), $bold, $italic);
        if ($this->pieces === null) {
            /** @var array<string, list<array{file: string, ranges: list<array{int, int}>, says: string}>> $pieces */
            $pieces = require "{$this->folder}/pieces.php";
            $this->pieces = $pieces;
        }
        $found = [];
        foreach ($this->pieces[$name] ?? [] as $piece) {
            foreach (array_keys($points) as $point) {
                if (array_filter($piece['ranges'], fn (array $range) => $point >= $range[0] && $point <= $range[1]) !== []) {
                    $found[] = ["{$this->folder}/{$piece['file']}", $piece['says']];

                    break;
                }
            }
        }

        return $found;
    }

    /**
     * The outlines that some characters of a face are drawn with, in the order of its style sheet: of two that have one, the later
     * is taken.
     *
     * @param  list<int>  $points  code points
     * @return list<string> paths
     */
    public function outlines(string $family, bool $bold, bool $italic, array $points): array
    {
        return array_map(fn (array $piece) => substr($piece[0], 0, -strlen('.woff2')).'.ttf',
            $this->pieces($family, $bold, $italic, array_fill_keys($points, true)));
    }

    public static function fileName(string $family, bool $bold, bool $italic): string
    {
        return strtolower(str_replace(' ', '-', $family)).'-'.($bold ? 700 : 400)
            .($italic ? '-italic' : '');
    }

    /** @return FaceData */
    private function load(string $name): array
    {
        /** @var FaceData */
        return require "{$this->folder}/$name.php";
    }
}
