<?php

declare(strict_types=1);

namespace Rilvet\Guard;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/** What a sheet is for, as a person said it; where nobody did it is read from what it holds. */
final readonly class SheetRole implements Aspect
{
    /**
     * @param  string  $purpose  in a person's own words, for the sheet of contents
     * @param  bool  $isMade  the sheet is made here, and made anew when it is asked for again: a sheet of looks or of contents
     */
    public function __construct(public ?Role $role = null, public string $purpose = '', public bool $isMade = false)
    {
    }

    public static function name(): string
    {
        return 'role';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var array{role?: string, purpose?: string, made?: bool} $data */
        $data = is_array($data) ? $data : [];

        return new self(Role::tryFrom($data['role'] ?? ''), $data['purpose'] ?? '', $data['made'] ?? false);
    }

    /** @return array<string, string|bool>|null */
    public function toJson(): ?array
    {
        $says = array_filter(['role' => $this->role->value ?? '', 'purpose' => $this->purpose], fn (string $text) => $text !== '')
            + ($this->isMade ? ['made' => true] : []);

        return $says === [] ? null : $says;
    }

    public function moved(Shift|RowOrder $move): static
    {
        return $this;
    }
}
