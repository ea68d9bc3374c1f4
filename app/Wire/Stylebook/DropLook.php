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

/** Deletes a named look; its wearers get another, keep what it said, or wear it no more. */
final readonly class DropLook implements WiredRevision
{
    public const NAME = 'dropLook';

    public const ARGUMENTS = '{ name: string; instead?: string | null; keep?: boolean }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return $sheet->stylebook === null || $sheet->isOwn($given->text('name'));
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $name = $given->text('name');
        $look = $stylebook->named($name) ?? throw NoSuchLook::named($name, $stylebook->name);
        $other = $given->textOrNull('instead');
        if ($other !== null && ($other === $name || $stylebook->named($other) === null)) {
            throw NoSuchLook::named($other, $stylebook->name);
        }

        return new ReviseStylebook($stylebook->naming($name, null), "Look \"$name\" deleted", false, match (true) {
            $other !== null => WearersOfLook::renamed($name, $other),
            $given->flag('keep') => WearersOfLook::keeping($name, $look),
            default => WearersOfLook::without($name),
        });
    }
}
