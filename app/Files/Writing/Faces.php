<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Measure\Ruler;
use Rilvet\Text\Fonts;

/** The faces that a page is drawn in and the characters that each has to have, so that it can carry them: it is measured with them. */
final class Faces
{
    /** @var array<string, array{string, bool, bool}> family, bold, italic */
    private array $faces = [];

    /** @var array<string, array<int, true>> code points, by face */
    private array $points = [];

    public function __construct(private readonly Fonts $fonts)
    {
    }

    public function use(Look $look, string $text): void
    {
        if ($text === '') {
            return;
        }
        $family = $this->fonts->drawnAs($look->text(Attribute::Font, Ruler::FAMILY));
        $bold = $look->is(Attribute::Bold);
        $italic = $look->is(Attribute::Italic);
        $key = Fonts::fileName($family, $bold, $italic);
        if (! isset($this->faces[$key])) {
            $this->faces[$key] = [$family, $bold, $italic];
            // Figures and plain letters stand in the first piece of each face.
            $this->points[$key] = [0x30 => true];
        }
        if (preg_match('/[^\x00-\x7F]/', $text) === 1) {
            foreach (mb_str_split($text) as $character) {
                $this->points[$key][mb_ord($character)] = true;
            }
        }
    }

    /** The families that a look is drawn in, as CSS says them: its own, the one that is carried, symbols. */
    public function families(Look $look): string
    {
        $named = str_replace(["'", '\\'], '', $look->text(Attribute::Font, Ruler::FAMILY));
        $drawn = $this->fonts->drawnAs($named);

        return ($named === $drawn ? '' : "'$named',")."'$drawn','".Fonts::SYMBOLS."',sans-serif";
    }

    /** @return iterable<string> rules of CSS, a piece of a face each */
    public function rules(): iterable
    {
        $all = [];
        foreach ($this->faces as $key => [$family, $bold, $italic]) {
            $all += $this->points[$key];
            yield from $this->face($family, $bold, $italic, $this->points[$key]);
        }
        yield from $this->face(Fonts::SYMBOLS, false, false, array_filter($all, fn (int $point) => $point > 0x2100, ARRAY_FILTER_USE_KEY));
    }

    /**
     * @param  array<int, true>  $points
     * @return iterable<string>
     */
    private function face(string $family, bool $bold, bool $italic, array $points): iterable
    {
        foreach ($this->fonts->pieces($family, $bold, $italic, $points) as [$file, $range]) {
            yield "@font-face{font-family:'$family';font-style:".
                ($italic ? 'italic' : 'normal').
                ';font-weight:'.
                ($bold ? 700 : 400).
                ';src:url(data:font/woff2;base64,'.
                base64_encode((string) file_get_contents($file)).
                ") format('woff2');unicode-range:$range}\n";
        }
    }
}
