<?php

declare(strict_types=1);

namespace Rilvet\Page;

use Rilvet\Page\Exception\PageIsWrong;

/**
 * Sizes of paper in mm, upright: ISO 216 (A and B), ISO 269 (envelopes), North American ones, and any of one's own. The codes
 * are those of ISO/IEC 29500-1 18.3.1.63 (paperSize).
 */
final readonly class PaperSize
{
    /** Width, height in mm and the code of the format, by name. */
    public const ALL = [
        'A2' => [420.0, 594.0, 66], 'A3' => [297.0, 420.0, 8], 'A4' => [210.0, 297.0, 9], 'A5' => [148.0, 210.0, 11],
        'A6' => [105.0, 148.0, 70], 'B4' => [250.0, 353.0, 12], 'B5' => [176.0, 250.0, 13],
        'C4' => [229.0, 324.0, 30], 'C5' => [162.0, 229.0, 28], 'C6' => [114.0, 162.0, 31], 'DL' => [110.0, 220.0, 27],
        'Letter' => [215.9, 279.4, 1], 'Legal' => [215.9, 355.6, 5], 'Tabloid' => [279.4, 431.8, 3], 'Executive' => [184.2, 266.7, 7],
    ];

    /** How it is written, width first, mm. */
    public const OF_OWN = self::SIDE.' x '.self::SIDE.' mm';

    private const SIDE = '(?:[5-9][0-9]|[1-9][0-9]{2}|1[0-9]{3})(?:\.[0-9])?';

    private function __construct(public string $name, public float $width, public float $height)
    {
    }

    /**
     * @param  string  $name  "A4", or "200 x 300 mm"
     *
     * @throws PageIsWrong
     */
    public static function of(string $name): self
    {
        if (isset(self::ALL[$name])) {
            return new self($name, self::ALL[$name][0], self::ALL[$name][1]);
        }
        if (preg_match('/^'.self::OF_OWN.'$/D', $name) === 1) {
            [$width, $height] = array_map(floatval(...), explode(' x ', $name));

            return new self($name, $width, $height);
        }
        $names = implode(', ', array_keys(self::ALL));
        throw PageIsWrong::at('paper', "one of $names is wanted, or \"200 x 300 mm\" with sides from 50 to 1999 mm.");
    }

    /** The name for a code of the format; null for one that is not known here. */
    public static function coded(int $code): ?string
    {
        foreach (self::ALL as $name => $size) {
            if ($size[2] === $code) {
                return $name;
            }
        }

        return null;
    }

    /** The name of paper of a size, with half a mm for rounding. */
    public static function measured(float $width, float $height): string
    {
        foreach (self::ALL as $name => [$across, $along]) {
            if (abs($across - $width) < 0.6 && abs($along - $height) < 0.6) {
                return $name;
            }
        }

        return self::millimetres($width).' x '.self::millimetres($height).' mm';
    }

    /** The code of the format; null for paper of one's own. */
    public function code(): ?int
    {
        return self::ALL[$this->name][2] ?? null;
    }

    public function words(): string
    {
        $sides = self::millimetres($this->width).' × '.self::millimetres($this->height).' mm';

        return isset(self::ALL[$this->name]) ? "$this->name, $sides" : $sides;
    }

    private static function millimetres(float $size): string
    {
        return (string) round($size, 1);
    }
}
