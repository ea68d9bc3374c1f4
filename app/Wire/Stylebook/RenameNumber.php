<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Gives a number format that is kept another name. */
final readonly class RenameNumber implements WiredRevision
{
    public const NAME = 'renameNumber';

    public const ARGUMENTS = '{ name: string; to: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        [$name, $to] = [$given->text('name'), trim($given->text('to'))];
        $code = $stylebook->numbers[$name] ?? throw StylebookIsWrong::because("numbers.$name", 'there is no such number format.');
        if (isset($stylebook->numbers[$to])) {
            throw StylebookIsWrong::because("numbers.$to", 'a number format has this name already.');
        }
        $words = "Number format \"$name\" renamed to \"$to\"";

        return new ReviseStylebook($stylebook->numbering($name, null)->numbering($to, $code), $words, false, changesCells: false);
    }
}
