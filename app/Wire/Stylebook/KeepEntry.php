<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\GivenEntry;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntrySentence;
use Rilvet\Reading\Reading;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\EntryRules;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Keeps what may be entered into parts, wherever the stylebook is worn. */
final readonly class KeepEntry implements WiredRevision
{
    public const NAME = 'keepEntry';

    public const ARGUMENTS = 'GivenEntry';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $check = GivenEntry::of($given);
        $names = array_map(fn (EntryCheck $one) => $one->id, $stylebook->entries);
        $name = in_array($check->id, $names, true) ? $check->id : EntryRules::free($stylebook);
        $rule = array_diff_key($check->toArray(), ['id' => 0, 'came' => 0]);

        return new ReviseStylebook(Edit::put($stylebook, ['entries', $name], $rule), 'Check on entry: '
            .EntrySentence::of($check, Reading::none()), false);
    }
}
