<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\LayStripes;
use Rilvet\Grid\Address;
use Rilvet\Stylebook\Palette;
use Rilvet\Stylebook\Stripes;

/** Lays stripes on the chosen cells, or takes them off. */
final readonly class Stripe implements WiredAct
{
    public const NAME = 'stripe';

    public const ARGUMENTS = 'OnCells & { stripes: Record<string, unknown> | null; key?: number | null }';

    public function act(Arguments $given): Act
    {
        $says = $given->mapOrNull('stripes');
        $key = $given->wholeOrNull('key');
        if ($key !== null && ($key < 1 || $key > Address::COLUMNS)) {
            throw ActIsWrong::argument('key', 'the number of a column');
        }
        // By hand a key is a column, whatever its heading.
        $says = $says !== null && ($says['by'] ?? null) === 'key' ? ['key' => 'column'] + $says : $says;

        return new LayStripes($given->targets(), $says === null ? null : Stripes::of($says, Palette::of([])), $key);
    }
}
