<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Guard\Role;
use Rilvet\Look\Attribute;
use Rilvet\Stylebook\Exception\StylebookIsWrong;

/** What follows from what a sheet is for: its colour, whether it is seen and protected at hand-over, how it opens. */
final readonly class RoleRule
{
    /**
     * @param  string|null  $colour  "#RRGGBB" of its tab; null for none
     * @param  bool|null  $gridlines  null leaves them as they are
     * @param  int|null  $zoom  percent; null leaves it as it is
     */
    public function __construct(
        public ?string $colour = null,
        public bool $isHidden = false,
        public bool $isProtected = false,
        public ?bool $gridlines = null,
        public ?int $zoom = null,
    ) {
    }

    /** Where no stylebook says otherwise: supporting sheets are hidden, sheets to be filled in are protected. */
    public static function usual(Role $role): self
    {
        return new self($role->colour(), $role->isSupport(), $role === Role::Entry);
    }

    public static function of(Role $role, mixed $says, Palette $palette): self
    {
        $where = "roles.$role->value";
        is_array($says) || throw StylebookIsWrong::because($where, 'a rule is wanted.');
        Reader::known($says, ['colour', 'hidden', 'protected', 'gridlines', 'zoom'], $where);
        $usual = self::usual($role);
        $colour = $says['colour'] ?? null;
        $colour === null || is_string($colour) || throw StylebookIsWrong::because("$where.colour", 'a colour is wanted.');

        return new self(
            match ($colour) {
                null => $usual->colour,
                'none' => null,
                default => Reader::lookOf($palette, ['fill' => $colour], "$where.colour")->text(Attribute::Fill),
            },
            Reader::flag($says, 'hidden', $where, $usual->isHidden),
            Reader::flag($says, 'protected', $where, $usual->isProtected),
            isset($says['gridlines']) ? Reader::flag($says, 'gridlines', $where, true) : null,
            isset($says['zoom']) ? Reader::whole($says, 'zoom', $where, 10, 400, 100) : null,
        );
    }
}
