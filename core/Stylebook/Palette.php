<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Exception\ColourIsWrong;
use Rilvet\Stylebook\Exception\StylebookIsWrong;

/** Named colours of a stylebook. Looks name them as "@name", so that changing one changes all that wear it. */
final readonly class Palette
{
    /** Colours of a palette; a person chooses from some dozens. */
    public const MOST = 200;

    /** @param  array<string, string>  $colours name to "#RRGGBB" */
    private function __construct(public array $colours)
    {
    }

    /** @param  array<array-key, mixed>  $colours */
    public static function of(array $colours): self
    {
        if (count($colours) > self::MOST) {
            throw StylebookIsWrong::because('palette', sprintf('at most %d colours are taken.', self::MOST));
        }
        $checked = [];
        foreach ($colours as $name => $hex) {
            if (! is_string($hex) || preg_match('/^\p{L}[\p{L}\p{N} _\-]{0,39}$/u', (string) $name) !== 1) {
                throw StylebookIsWrong::because("palette.$name", 'a name and a colour such as #3F2F55 are wanted.');
            }
            try {
                $checked[(string) $name] = Colour::hex($hex)->toHex();
            } catch (ColourIsWrong $refusal) {
                throw StylebookIsWrong::because("palette.$name", $refusal->getMessage());
            }
        }

        return new self($checked);
    }

    /**
     * Puts colours in the place of their names, and computes "auto" ink: the most readable of the palette's ink,
     * near-black and white on the look's fill.
     *
     * @param  array<array-key, mixed>  $values  a look as written in a stylebook
     * @return array<string, mixed>
     */
    public function resolve(array $values, string $where): array
    {
        $resolved = [];
        foreach ($values as $name => $value) {
            $resolved[(string) $name] = is_string($value)
                ? (string) preg_replace_callback(
                    '/@(\p{L}[\p{L}\p{N} _\-]*)$/u',
                    fn (array $found) => $this->colours[$found[1]] ??
                        throw StylebookIsWrong::because($where, "no colour is named \"{$found[1]}\"."),
                    $value,
                )
                : $value;
        }
        if (($resolved['ink'] ?? null) === 'auto') {
            $fill = $resolved['fill'] ?? 'none';
            $paper = Colour::hex(is_string($fill) && $fill !== 'none' ? $fill : '#FFFFFF');
            $resolved['ink'] = $this->readableInk($paper)->toHex();
        }

        return $resolved;
    }

    /** The most readable ink on a fill: the palette's own, white or near-black. */
    public function readableInk(Colour $paper): Colour
    {
        return $paper->readableInk([Colour::hex($this->colours['ink'] ?? '#222222'), Colour::hex('#FFFFFF'), Colour::hex('#111111')]);
    }
}
