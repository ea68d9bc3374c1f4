<?php

declare(strict_types=1);

namespace Rilvet\Learn;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Difference;

/** Colours that were met, those that hardly differ taken for one, each with a name by what it is for. */
final class Colours
{
    /** Colours nearer to each other than this cannot be told apart (CIEDE2000, one unit: common practice). */
    private const NEAR = 1.0;

    /** @var array<string, string> hex by name */
    public array $palette = [];

    /** @var array<string, string> name by hex */
    private array $names = [];

    /** The value with its colours named; a colour that is met first gives its name. */
    public function named(string $value, string $for): string
    {
        return (string) preg_replace_callback(
            '/#[0-9A-Fa-f]{6}\b/',
            fn (array $found) => '@'.$this->name(strtoupper($found[0]), $for),
            $value,
        );
    }

    private function name(string $hex, string $for): string
    {
        if (isset($this->names[$hex])) {
            return $this->names[$hex];
        }
        foreach ($this->palette as $name => $known) {
            if (Difference::ciede2000(Colour::hex($hex), Colour::hex($known)) < self::NEAR) {
                return $this->names[$hex] = $name;
            }
        }
        for ($name = $for, $count = 2; isset($this->palette[$name]); $count++) {
            $name = "$for-$count";
        }
        $this->palette[$name] = $hex;

        return $this->names[$hex] = $name;
    }
}
