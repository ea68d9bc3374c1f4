<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Bench\Shelf;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\Dress;

/** Puts sheets into a stylebook, or takes it off. */
final readonly class DressSheets implements WiredAct
{
    public const NAME = 'dress';

    public const ARGUMENTS = 'OnSheets & { stylebook: string | null; clean: boolean }';

    public function __construct(private Shelf $shelf)
    {
    }

    public function act(Arguments $given): Act
    {
        $name = $given->textOrNull('stylebook');

        return new Dress($given->sheets(), $name === null ? null : $this->shelf->stylebook($name), $given->flag('clean'));
    }
}
