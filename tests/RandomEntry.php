<?php

declare(strict_types=1);

namespace Tests;

use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryKind;
use Rilvet\Entry\Severity;

/** Checks on entry of all kinds by chance: of the generator that PHP seeds with mt_srand(). */
final class RandomEntry
{
    /** @param  string  $cells  where it holds */
    public static function of(string $id, string $cells): EntryCheck
    {
        $kind = self::pick(EntryKind::cases());
        $is = self::pick(EntryCheck::OPERATORS);
        $value = fn (int $of) => match ($kind) {
            EntryKind::Decimal => self::pick([(string) (mt_rand(-900, 900) / 4), '-0.5', '$B$3*2']),
            EntryKind::Date => self::pick([(string) mt_rand(45_000, 47_000), 'TODAY()', '$C$2']),
            EntryKind::Time => self::pick(['0.25', '0.5', (string) (mt_rand(0, 96) / 96)]),
            EntryKind::Length => (string) mt_rand(0, 12),
            default => self::pick([(string) mt_rand(-9, 90), '$B$2', 'SUM($B$2:$B$4)']),
        };
        $of = match ($kind) {
            EntryKind::Any => [],
            EntryKind::List => [self::pick(['"yes,no"', '"a & b,<c>,d ""e"""', '"1,2,3"', '$A$2:$A$5', '"one"'])],
            EntryKind::Formula => [self::pick(['B2>A2', 'LEN(B2)<4', 'AND(ISNUMBER(B2),B2<>"x")', 'COUNTIF($B$2:$B$9,B2)=1'])],
            default => array_map($value, range(1, (int) $is->operands())),
        };
        $text = fn (int $most) => self::one(2) ? '' : mb_substr(self::pick(['Say it', '< & > "quoted"', "two\nlines",
            str_repeat('long ', 60), 'größer']), 0, $most);

        return EntryCheck::of(['id' => $id, 'kind' => $kind->value, 'where' => ['cells' => $cells], 'is' => $is->value,
            'of' => $of, 'blank' => self::one(2), 'shows' => $kind !== EntryKind::List || ! self::one(4),
            'promptTitle' => $text(EntryCheck::TITLE), 'prompt' => $text(EntryCheck::TEXT)] + ($kind === EntryKind::Any ? [] : [
                'title' => $text(EntryCheck::TITLE), 'message' => $text(EntryCheck::TEXT),
                'severity' => self::pick(Severity::cases())->value,
            ]));
    }

    private static function one(int $in): bool
    {
        return mt_rand(1, $in) === 1;
    }

    /**
     * @template T
     *
     * @param  non-empty-array<T>  $of
     * @return T
     */
    private static function pick(array $of): mixed
    {
        return array_values($of)[mt_rand(0, count($of) - 1)];
    }
}
