<?php

declare(strict_types=1);

namespace Rilvet\Entry\Exception;

use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\Severity;
use Rilvet\Refusal;

/** What was typed stands against the check of its cell; said in the words of whoever set the check, where there are any. */
final class EntryIsNotAllowed extends Refusal
{
    /** It may be kept all the same, where the person says so. */
    public readonly bool $mayBeKept;

    private function __construct(string $message, public readonly Severity $severity, public readonly string $cell)
    {
        $this->mayBeKept = $severity !== Severity::Stop;
        parent::__construct($message);
    }

    public static function at(string $cell, EntryCheck $check, string $wanted): self
    {
        $own = trim($check->title.($check->title !== '' && $check->message !== '' ? ': ' : '').$check->message);
        $said = $own === '' ? "Wanted there is $wanted." : $own;

        return new self("$cell: $said".($check->severity === Severity::Stop ? ' Nothing was changed.' : ''), $check->severity, $cell);
    }
}
