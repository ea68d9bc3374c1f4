<?php

declare(strict_types=1);

namespace App\Wire;

use Rilvet\Act\Act;
use Rilvet\Refusal;

/**
 * An act as the browser asks for it: its name there (NAME), the TypeScript type of its arguments (ARGUMENTS), and how it is
 * made of them. To add one is to write a class and to name it in {@see Wiring}.
 */
interface WiredAct
{
    /** @throws Refusal which names the argument that is wrong */
    public function act(Arguments $given): Act;
}
