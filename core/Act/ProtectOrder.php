<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Guard\Exception\GuardIsWrong;
use Rilvet\Guard\OrderGuard;
use Rilvet\Guard\Password;
use Rilvet\Work\Workbook;

/** Protects the order of the sheets of a workbook, or lifts that. */
final readonly class ProtectOrder implements Act
{
    /**
     * @param  Password|null  $password  of the protection that is set, hashed already
     * @param  string  $given  of the one that is lifted
     */
    public function __construct(private bool $protect, private ?Password $password, private string $given = '')
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $own = $workbook->guard?->password;
        $own === null || $own->isVerifiedBy($this->given, 'the order of the sheets')
            || throw GuardIsWrong::wrongPassword('the order of the sheets');

        return $workbook->ordering(new OrderGuard($this->protect, $this->protect ? $this->password : null));
    }

    public function reach(): Reach
    {
        return Reach::whole();
    }

    public function words(Workbook $workbook): string
    {
        return $this->protect ? 'Order of the sheets protected' : 'Order of the sheets no longer protected';
    }
}
