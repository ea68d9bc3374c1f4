<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;

final class TokenController
{
    /** Gives the page a new token, in its cookie: what was asked for with one that has run out (419) is asked for again with it. */
    public function __invoke(): Response
    {
        return response()->noContent();
    }
}
