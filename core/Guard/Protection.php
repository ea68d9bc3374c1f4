<?php

declare(strict_types=1);

namespace Rilvet\Guard;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/**
 * What is allowed on a sheet while it is protected, and the password that lifts it; that it is protected stands with its tab.
 * A rail against mistakes, not a lock against thieves: the cells can be read by anybody who has the file.
 *
 * @phpstan-import-type PasswordData from Password
 */
final readonly class Protection implements Aspect
{
    /** What is allowed where nobody says otherwise: to go anywhere. */
    public const USUAL = [Allowance::SelectLocked, Allowance::SelectUnlocked];

    /**
     * @param  list<Allowance>  $allowed
     * @param  bool  $isSaid  a person said it here; else it is as the file has it
     */
    public function __construct(public array $allowed = self::USUAL, public ?Password $password = null, public bool $isSaid = false)
    {
    }

    public static function name(): string
    {
        return 'protection';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var array{allowed?: list<string>, password?: PasswordData, said?: bool} $data */
        $data = is_array($data) ? $data : [];

        return new self(
            isset($data['allowed']) ? array_values(array_filter(array_map(Allowance::tryFrom(...), $data['allowed']))) : self::USUAL,
            Password::fromArray($data['password'] ?? null), $data['said'] ?? false,
        );
    }

    /** @return array{allowed?: list<string>, password?: PasswordData, said?: bool}|null */
    public function toJson(): ?array
    {
        $says = ($this->allowed === self::USUAL ? [] : ['allowed' => array_map(fn (Allowance $one) => $one->value, $this->allowed)])
            + ($this->password === null ? [] : ['password' => $this->password->toArray()])
            + ($this->isSaid ? ['said' => true] : []);

        return $says === [] ? null : $says;
    }

    public function moved(Shift|RowOrder $move): static
    {
        return $this;
    }

    /** Whether it allows the same to the same people. */
    public function isAs(self $other): bool
    {
        return $this->allowed === $other->allowed && $this->password?->toArray() === $other->password?->toArray();
    }

    public function allows(Allowance $what): bool
    {
        return in_array($what, $this->allowed, true);
    }
}
