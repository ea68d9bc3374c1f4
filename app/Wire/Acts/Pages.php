<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\SayPages;
use Rilvet\Page\PageRules;

/** Says how sheets go to paper; null takes a rule back. */
final readonly class Pages implements WiredAct
{
    public const NAME = 'pages';

    public const ARGUMENTS = 'OnSheets & { says: GivenPage }';

    public function act(Arguments $given): Act
    {
        $says = $given->map('says');
        $back = array_values(array_filter(array_keys($says), fn (string $rule) => $says[$rule] === null));

        return new SayPages($given->sheets(), PageRules::of($says), $back);
    }
}
