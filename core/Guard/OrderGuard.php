<?php

declare(strict_types=1);

namespace Rilvet\Guard;

/**
 * The order of the sheets of a workbook is protected: none is moved, renamed, hidden, added or taken out (ISO/IEC 29500-1
 * 18.2.29, lockStructure).
 *
 * @phpstan-import-type PasswordData from Password
 */
final readonly class OrderGuard
{
    /** @param  bool  $isOn  false where it is known that it is not protected */
    public function __construct(public bool $isOn = false, public ?Password $password = null)
    {
    }

    public static function fromJson(mixed $data): ?self
    {
        /** @var array{on?: bool, password?: PasswordData}|null $data */
        return is_array($data) ? new self($data['on'] ?? false, Password::fromArray($data['password'] ?? null)) : null;
    }

    /** @return array{on: bool, password?: PasswordData} */
    public function toJson(): array
    {
        return ['on' => $this->isOn] + ($this->password === null ? [] : ['password' => $this->password->toArray()]);
    }
}
