<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Look\Attribute;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** How all sheets of a stylebook go to paper; null takes a rule back. */
final readonly class PageRules implements WiredRevision
{
    public const NAME = 'pages';

    public const ARGUMENTS = '{ says: GivenPage }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $says = $given->map('says');
        foreach (['colour', 'band'] as $rule) {
            // A colour of the palette is said by its name, so that it changes with it.
            if (isset($says[$rule]) && $says[$rule] !== 'none') {
                $says[$rule] = Edit::named($stylebook->palette, Attribute::Fill->value, $says[$rule]);
            }
        }

        return new ReviseStylebook($stylebook->paging($says), 'Page rules', false);
    }
}
