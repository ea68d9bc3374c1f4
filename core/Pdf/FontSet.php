<?php

declare(strict_types=1);

namespace Rilvet\Pdf;

use Normalizer;
use Rilvet\Paper\TextStyle;
use Rilvet\Text\Fonts;

/** The faces of a document, each in the pieces that are used. */
final class FontSet
{
    /** The shipped family of the most alphabets, for letters that a face does not have. */
    private const OTHER = 'Arimo';

    /** What stands for a character that no shipped font has. */
    private const MISSING = 0x25A1;

    /** Characters that are not drawn: soft hyphen, joiners, marks of direction. */
    private const SILENT = '/[\x{00}-\x{1F}\x{AD}\x{200B}-\x{200F}\x{202A}-\x{202E}\x{2060}\x{2066}-\x{2069}\x{FEFF}\x{FE0F}]/u';

    /** Texts whose codes are kept in mind. */
    private const KEPT = 2_000;

    /** @var array<string, FontPiece> by path */
    private array $pieces = [];

    /** @var array<string, array<int, FontPiece>> which piece has a character, by the name of the face */
    private array $where = [];

    /** @var array<string, string> names of faces */
    private array $names = [];

    /** @var array<string, array{FontPiece, string, array<string, string>}> letters by face, and how content says them */
    private array $plain = [];

    /** @var array<string, array{list<array{FontPiece, string}>, bool}> */
    private array $memo = [];

    /** @var array<int, true> characters that no font has */
    private array $missing = [];

    public function __construct(private readonly Fonts $fonts, private readonly PdfFile $file)
    {
    }

    /**
     * A text in pieces of one font each.
     *
     * @return array{list<array{FontPiece, string}>, bool} font and codes; whether they say the text as it is
     */
    public function codes(string $text, string $family, bool $bold, bool $italic): array
    {
        $face = $this->names["$family|$bold|$italic"] ??= Fonts::fileName($family, $bold, $italic);
        // Nearly all texts are of letters that were met before, all of one piece.
        $plain = $this->plain[$face] ?? null;
        if ($plain !== null && strspn($text, $plain[1]) === strlen($text)) {
            return [[[$plain[0], strtr($text, $plain[2])]], true];
        }
        if (isset($this->memo["$face|$text"])) {
            return $this->memo["$face|$text"];
        }
        $said = $text;
        $isAsIs = true;
        if (preg_match('/[^\x20-\x7E]/', $text) === 1) {
            $normal = Normalizer::normalize($text);
            $text = Direction::visual((string) preg_replace(self::SILENT, '', is_string($normal) ? $normal : $text));
            $isAsIs = $text === $said;
        }
        $runs = [];
        foreach (mb_str_split($text) as $char) {
            $point = (int) mb_ord($char);
            $piece = $this->where[$face][$point] ??= $this->piece($face, $family, $bold, $italic, $point);
            if (! $piece->has($point)) {
                $this->missing[$point] = true;
                $point = self::MISSING;
                $isAsIs = false;
            }
            $point < 0x7F && $this->plain($face, $piece, $char);
            $last = count($runs) - 1;
            if ($last >= 0 && $runs[$last][0] === $piece) {
                $runs[$last][1] .= $piece->code($point);
            } else {
                $runs[] = [$piece, $piece->code($point)];
            }
        }
        count($this->memo) < self::KEPT || $this->memo = [];

        return $this->memo["$face|$said"] = [$runs, $isAsIs];
    }

    /** Remembers a letter of the piece that has most of them. */
    private function plain(string $face, FontPiece $piece, string $char): void
    {
        $plain = $this->plain[$face] ?? [$piece, '', []];
        if ($plain[0] === $piece && ! isset($plain[2][$char])) {
            $this->plain[$face] = [$piece, $plain[1].$char, [$char => $piece->code(ord($char))] + $plain[2]];
        }
    }

    /** How wide a text is, px. */
    public function width(string $text, TextStyle $style): float
    {
        return $this->fonts->face($style->family, $style->bold, $style->italic)->advances($text, $style->size);
    }

    /** @return list<string> characters that no shipped font has, each once */
    public function missing(): array
    {
        return array_map(fn (int $point) => (string) mb_chr($point), array_keys($this->missing));
    }

    /** @return array<string, FontPiece> all that are used, by the name that content says */
    public function used(): array
    {
        $used = [];
        foreach ($this->pieces as $piece) {
            $used[$piece->name] = $piece;
        }

        return $used;
    }

    /** The piece that has a character: of the face, else of the symbols, where the last resort is too. */
    private function piece(string $face, string $family, bool $bold, bool $italic, int $point): FontPiece
    {
        $found = null;
        foreach ($this->of($face, $family, $bold, $italic, [$point]) as $piece) {
            $found = $piece->has($point) ? $piece : $found;
        }
        foreach ($found === null ? $this->of('', self::OTHER, $bold, $italic, [$point]) : [] as $piece) {
            $found = $piece->has($point) ? $piece : $found;
        }
        foreach ($found === null ? $this->of('', Fonts::SYMBOLS, false, false, [$point]) : [] as $piece) {
            $found = $piece->has($point) ? $piece : $found;
        }
        if ($found !== null) {
            return $found;
        }
        foreach ($this->of('', Fonts::SYMBOLS, false, false, [self::MISSING]) as $piece) {
            if ($piece->has(self::MISSING)) {
                return $piece;
            }
        }
        throw new \RuntimeException('The symbols that are shipped have no square.');
    }

    /**
     * @param  list<int>  $points
     * @return list<FontPiece>
     */
    private function of(string $face, string $family, bool $bold, bool $italic, array $points): array
    {
        $found = [];
        foreach ($this->fonts->outlines($family, $bold, $italic, $points) as $path) {
            $found[] = $this->pieces[$path] ??= new FontPiece('F'.(count($this->pieces) + 1), $this->file->reserve(), $path,
                str_replace(' ', '', ucwords(str_replace('-', ' ', basename($path, '.ttf')))));
        }

        return $found;
    }
}
