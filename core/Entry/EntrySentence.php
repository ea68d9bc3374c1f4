<?php

declare(strict_types=1);

namespace Rilvet\Entry;

use Rilvet\Condition\Sentence;
use Rilvet\Condition\Written;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Reading;

/** A check on entry in words: "Status takes one of late, paid". */
final class EntrySentence
{
    public static function of(EntryCheck $check, Reading $reading, bool $from1904 = false): string
    {
        return trim(Sentence::subject($check->where, $reading).' '.self::says($check, $from1904));
    }

    public static function says(EntryCheck $check, bool $from1904 = false): string
    {
        $kind = match ($check->kind) {
            EntryKind::Date => ColumnKind::Date,
            EntryKind::Time => ColumnKind::Time,
            default => null,
        };
        $values = array_map(fn (string $value) => mb_strimwidth(Written::shown($value, $kind, $from1904), 0, 60, '…'), $check->of);
        $typed = $check->typed();

        return match (true) {
            $check->kind === EntryKind::Any => 'takes anything, and says what is wanted',
            $typed !== null => 'takes one of '.implode(', ', array_slice($typed, 0, 6))
                .(count($typed) > 6 ? ' and '.(count($typed) - 6).' more' : ''),
            $check->ofColumn => 'takes one of what it holds',
            $check->kind === EntryKind::List => 'takes one of '.($check->of[0] ?? ''),
            $check->kind === EntryKind::Formula => 'takes what makes true '.($values[0] ?? ''),
            $check->kind === EntryKind::Length => 'takes a text whose length '.$check->is->words().' '.implode(' and ', $values),
            default => 'takes '.$check->kind->words().' that '.$check->is->words().' '.implode(' and ', $values),
        };
    }
}
