<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\AddSheet;
use Rilvet\Guard\Role;

/** Puts a sheet of looks or a sheet of contents into the workbook, or brings the one that is there up to date. */
final readonly class AddASheet implements WiredAct
{
    public const NAME = 'addSheet';

    public const ARGUMENTS = "{ of: 'looks' | 'contents' }";

    public function act(Arguments $given): Act
    {
        return new AddSheet(Role::from($given->oneOf('of', ['looks', 'contents'])), $given->sheet);
    }
}
