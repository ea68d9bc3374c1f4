<?php

declare(strict_types=1);

namespace App\Bench;

use Rilvet\Act\Exception\NoSuchLook;
use Rilvet\Act\LookWords;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Stylebook;

/** What a person changes in a stylebook, by the names that the browser sends. */
final class Revision
{
    /** @return array{Stylebook, string, bool} the stylebook, what is said of it, whether sizes are fitted anew */
    public static function of(Stylebook $stylebook, string $act, Arguments $given): array
    {
        switch ($act) {
            case 'format':
                $look = Look::of($given->map('look'));
                $part = $given->part();
                // In body cells of one kind, numbers and placement belong to the kind; all else is the part's.
                $kind = $part === Part::Body && array_diff(array_keys($look->toArray()), [Attribute::Number->value, Attribute::Horizontal->value]) === [] ? $given->kind() : null;
                $sizes = array_intersect(array_keys($look->toArray()), [Attribute::Font->value, Attribute::Size->value, Attribute::Bold->value, Attribute::Wrap->value, Attribute::Number->value]) !== [];

                return [$stylebook->saying($part, $kind, $look), LookWords::of($look).', '.mb_strtolower($part->words()), $sizes];
            case 'keepLook':
                $name = $given->text('name');
                if (! $given->flag('replace') && $stylebook->named($name) !== null) {
                    throw NoSuchLook::taken($name);
                }

                return [$stylebook->naming($name, Look::of($given->map('look'))), "Look \"$name\" kept", false];
            case 'dropLook':
                return [$stylebook->naming($given->text('name'), null), "Look \"{$given->text('name')}\" deleted", false];
            case 'colour':
                return [$stylebook->colouring($given->text('name'), $given->text('hex')), "Colour \"{$given->text('name')}\" named", false];
            default:
                throw ActIsWrong::named("$act everywhere");
        }
    }
}
