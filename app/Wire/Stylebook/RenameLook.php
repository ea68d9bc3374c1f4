<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\Exception\NoSuchLook;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Act\WearersOfLook;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Gives a named look another name. */
final readonly class RenameLook implements WiredRevision
{
    public const NAME = 'renameLook';

    public const ARGUMENTS = '{ name: string; to: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return $sheet->stylebook === null || $sheet->isOwn($given->text('name'));
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        [$name, $to] = [$given->text('name'), trim($given->text('to'))];
        $stylebook->named($name) ?? throw NoSuchLook::named($name, $stylebook->name);
        if ($stylebook->named($to) !== null) {
            throw NoSuchLook::taken($to);
        }
        $words = "Look \"$name\" renamed to \"$to\"";

        return new ReviseStylebook($stylebook->renaming($name, $to), $words, false, WearersOfLook::renamed($name, $to));
    }
}
