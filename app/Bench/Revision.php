<?php

declare(strict_types=1);

namespace App\Bench;

use Closure;
use Rilvet\Act\Exception\NoSuchLook;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Act\WearersOfLook;
use Rilvet\Colour\Colour;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookWords;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\ColourFamily;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\PartRule;
use Rilvet\Work\Worksheet;

/** What a person changes in a stylebook, by the names that the browser sends. */
final class Revision
{
    /** Whether an act goes to what the workbook itself has: a colour or look named without a stylebook, or a look that no stylebook holds. */
    public static function isOfOwn(Worksheet $sheet, string $act, Arguments $given): bool
    {
        return match ($act) {
            'colour' => $sheet->stylebook === null,
            'dropColour' => ! isset($sheet->stylebook->palette->colours[$given->text('name')]),
            'keepLook' => $sheet->stylebook === null || ($given->flag('replace') && $sheet->isOwn($given->text('name'))),
            'renameLook', 'dropLook' => $sheet->stylebook === null || $sheet->isOwn($given->text('name')),
            default => false,
        };
    }

    /** The part that a look is given to. */
    public static function target(Arguments $given): PartRule
    {
        $look = $given->lookGiven();
        $part = $given->part();
        // In body cells of one kind, numbers and placement belong to the kind; all else is the part's.
        $isKinds = $part === Part::Body && array_diff(array_keys($look->toArray()), [Attribute::Number->value, Attribute::Horizontal->value]) === [];

        return new PartRule($part, $isKinds ? $given->kind() : null, $look);
    }

    /** @param  Closure(): Look  $selected  the look of the selection */
    public static function of(Stylebook $stylebook, string $act, Arguments $given, Closure $selected): ReviseStylebook
    {
        switch ($act) {
            case 'format':
                $target = self::target($given);
                [$part, $kind, $look] = [$target->part, $target->kind, $target->look];
                $sizes = array_intersect(array_keys($look->toArray()), [Attribute::Font->value, Attribute::Size->value, Attribute::Bold->value, Attribute::Wrap->value, Attribute::Number->value]) !== [];

                return new ReviseStylebook($stylebook->saying($part, $kind, $look), LookWords::of($look).', '.mb_strtolower($part->words()), $sizes);
            case 'keepLook':
                $name = $given->text('name');
                if (! $given->flag('replace') && $stylebook->named($name) !== null) {
                    throw NoSuchLook::taken($name);
                }

                return new ReviseStylebook($stylebook->naming($name, $selected()), "Look \"$name\" kept", false);
            case 'renameLook':
                [$name, $to] = [$given->text('name'), trim($given->text('to'))];
                $stylebook->named($name) ?? throw NoSuchLook::named($name, $stylebook->name);
                if ($stylebook->named($to) !== null) {
                    throw NoSuchLook::taken($to);
                }

                return new ReviseStylebook($stylebook->renaming($name, $to), "Look \"$name\" renamed to \"$to\"", false, WearersOfLook::renamed($name, $to));
            case 'dropLook':
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
            case 'colour':
                return new ReviseStylebook($stylebook->colouring($given->text('name'), $given->text('hex')), "Colour \"{$given->text('name')}\" named", false);
            case 'dropColour':
                return new ReviseStylebook($stylebook->uncolouring($given->text('name')), "Colour \"{$given->text('name')}\" taken out", false);
            case 'rule':
                $kind = $given->kind() ?? throw ActIsWrong::argument('kind', 'a column kind');

                return new ReviseStylebook($stylebook->ruling($kind, $given->map('rule')), "Number rule of {$kind->value} columns", true);
            case 'fit':
                return new ReviseStylebook($stylebook->fitting(
                    array_intersect_key($given->map('fit'), array_flip(['least', 'greatest', 'air', 'rowAir', 'headingAir', 'titleAir', 'rowLeast'])),
                    array_intersect_key($given->map('opens'), array_flip(['gridlines', 'freeze', 'zoom'])),
                ), 'Rules of fitting and opening', true);
            case 'widthUnder':
                $heading = $given->text('heading');

                return new ReviseStylebook($stylebook->widening($heading, $given->size()), $given->size() === null ? "Columns headed \"$heading\" follow what they hold" : "Width {$given->size()} px, columns headed \"$heading\"", true);
            case 'keepNumber':
                return new ReviseStylebook($stylebook->numbering($given->text('name'), $given->text('code')), "Number format \"{$given->text('name')}\" kept", false);
            case 'dropNumber':
                return new ReviseStylebook($stylebook->numbering($given->text('name'), null), "Number format \"{$given->text('name')}\" deleted", false);
            case 'family':
                $family = ColourFamily::of(Colour::hex($given->text('hex')));

                return new ReviseStylebook($family->on($stylebook), "Colour family of {$given->text('hex')}", false);
            default:
                throw ActIsWrong::named("$act everywhere");
        }
    }
}
