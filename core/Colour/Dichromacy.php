<?php

declare(strict_types=1);

namespace Rilvet\Colour;

/**
 * What a reader sees in whose eyes one kind of cone is missing: Machado, Oliveira and Fernandes, "A physiologically-based model
 * for simulation of color vision deficiency", IEEE Transactions on Visualization and Computer Graphics 15(6), 2009, table 1,
 * severity 1.0; applied to linear light.
 */
enum Dichromacy: string
{
    case Protanopia = 'protanopia';
    case Deuteranopia = 'deuteranopia';
    case Tritanopia = 'tritanopia';

    public function words(): string
    {
        return match ($this) {
            self::Protanopia => 'Seen without red',
            self::Deuteranopia => 'Seen without green',
            self::Tritanopia => 'Seen without blue',
        };
    }

    public function seen(Colour $colour): Colour
    {
        [$r, $g, $b] = $colour->linear();
        [$red, $green, $blue] = array_map(fn (array $row) => $row[0] * $r + $row[1] * $g + $row[2] * $b, $this->matrix());

        return Colour::fromLinear([$red, $green, $blue]);
    }

    /** @return array{array{float, float, float}, array{float, float, float}, array{float, float, float}} */
    public function matrix(): array
    {
        return match ($this) {
            self::Protanopia => [
                [0.152286, 1.052583, -0.204868], [0.114503, 0.786281, 0.099216], [-0.003882, -0.048116, 1.051998],
            ],
            self::Deuteranopia => [
                [0.367322, 0.860646, -0.227968], [0.280085, 0.672501, 0.047413], [-0.011820, 0.042940, 0.968881],
            ],
            self::Tritanopia => [
                [1.255528, -0.076749, -0.178779], [-0.078411, 0.930809, 0.147602], [0.004733, 0.691367, 0.303900],
            ],
        };
    }
}
