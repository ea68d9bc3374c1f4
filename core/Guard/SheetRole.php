<?php

declare(strict_types=1);

namespace Rilvet\Guard;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/** What a sheet is for, as a person said it; where nobody did it is read from what it holds. */
final readonly class SheetRole implements Aspect
{
    /** @param  string  $purpose  in a person's own words, for the sheet of contents */
    public function __construct(public ?Role $role = null, public string $purpose = '')
    {
    }

    public static function name(): string
    {
        return 'role';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var array{role?: string, purpose?: string} $data */
        $data = is_array($data) ? $data : [];

        return new self(Role::tryFrom($data['role'] ?? ''), $data['purpose'] ?? '');
    }

    /** @return array<string, string>|null */
    public function toJson(): ?array
    {
        $says = array_filter(['role' => $this->role->value ?? '', 'purpose' => $this->purpose], fn (string $text) => $text !== '');

        return $says === [] ? null : $says;
    }

    public function moved(Shift|RowOrder $move): static
    {
        return $this;
    }
}
