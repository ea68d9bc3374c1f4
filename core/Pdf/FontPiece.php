<?php

declare(strict_types=1);

namespace Rilvet\Pdf;

/** A piece of a face in a document: the characters of it that are used, numbered as they come. */
final class FontPiece
{
    /** @var array<int, int> numbers by code point */
    private array $used = [];

    /** @var array<int, int> numbers of glyphs by code point */
    private readonly array $glyphs;

    private ?Outlines $outlines = null;

    /**
     * @param  string  $name  by which content speaks of it
     * @param  string  $path  of the outlines
     * @param  string  $called  the name of the face
     */
    public function __construct(
        public readonly string $name,
        public readonly int $number,
        private readonly string $path,
        private readonly string $called,
    ) {
        /** @var array<int, int> $glyphs */
        $glyphs = require substr($path, 0, -4).'.glyphs.php';
        $this->glyphs = $glyphs;
    }

    public function has(int $point): bool
    {
        return isset($this->glyphs[$point]);
    }

    /** How content says a character. */
    public function code(int $point): string
    {
        return sprintf('%04X', $this->used[$point] ??= count($this->used) + 1);
    }

    public function isUsed(): bool
    {
        return $this->used !== [];
    }

    public function write(PdfFile $file): void
    {
        $outlines = $this->outlines ??= new Outlines((string) file_get_contents($this->path));
        $points = array_keys($this->used);
        $glyphs = array_map(fn (int $point) => $this->glyphs[$point], $points);
        $unit = 1000 / $outlines->unitsPerEm();
        // Six letters say that it is a part of the face (9.6.4); which ones is made of what is in it.
        $letters = strtoupper(strtr(substr(hash('md5', implode(',', $points)), 0, 6), '0123456789', 'ghijklmnop'));
        $called = "$letters+$this->called";
        [$within, $about, $data, $unicode] = [$file->reserve(), $file->reserve(), $file->reserve(), $file->reserve()];
        $widths = implode(' ', array_map(fn (int $glyph) => (string) round($outlines->advance($glyph) * $unit, 2), $glyphs));
        $file->put($this->number, "<</Type/Font/Subtype/Type0/BaseFont/$called/Encoding/Identity-H/DescendantFonts[$within 0 R]"
            ."/ToUnicode $unicode 0 R>>");
        $file->put($within, "<</Type/Font/Subtype/CIDFontType2/BaseFont/$called/CIDSystemInfo<</Registry(Adobe)/Ordering(Identity)"
            ."/Supplement 0>>/FontDescriptor $about 0 R/CIDToGIDMap/Identity/DW 1000/W[1[$widths]]>>");
        $box = implode(' ', array_map(fn (int $side) => (string) round($side * $unit), $outlines->box()));
        [$ascent, $descent] = array_map(fn (int $height) => (string) round($height * $unit), $outlines->heights());
        $file->put($about, "<</Type/FontDescriptor/FontName/$called/Flags 4/FontBBox[$box]/ItalicAngle ".round($outlines->angle(), 1)
            ."/Ascent $ascent/Descent $descent/CapHeight $ascent/StemV 80/FontFile2 $data 0 R>>");
        $subset = $outlines->subset($glyphs);
        $file->stream($data, $subset, '/Length1 '.strlen($subset));
        $file->stream($unicode, self::unicode($points));
    }

    /**
     * What each number means, so that text can be taken out again (9.10.3).
     *
     * @param  list<int>  $points
     */
    private static function unicode(array $points): string
    {
        $map = "/CIDInit /ProcSet findresource begin\n12 dict begin\nbegincmap\n"
            .'/CIDSystemInfo <</Registry (Adobe) /Ordering (UCS) /Supplement 0>> def'
            ."\n/CMapName /Adobe-Identity-UCS def\n/CMapType 2 def\n1 begincodespacerange\n<0000> <FFFF>\nendcodespacerange\n";
        foreach (array_chunk($points, 100, true) as $some) {
            $map .= count($some)." beginbfchar\n";
            foreach ($some as $at => $point) {
                $means = bin2hex(mb_convert_encoding((string) mb_chr($point, 'UTF-8'), 'UTF-16BE', 'UTF-8'));
                $map .= sprintf("<%04X> <%s>\n", $at + 1, strtoupper($means));
            }
            $map .= "endbfchar\n";
        }

        return $map."endcmap\nCMapName currentdict /CMap defineresource pop\nend\nend\n";
    }
}
