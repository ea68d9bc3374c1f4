<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;

/** Two stylebooks beside each other, rule by rule, as they are written: a colour of the palette that changed is one difference. */
final class Comparison
{
    /** Groups of rules, as people call them. */
    private const GROUPS = [
        'name' => 'Name', 'about' => 'About', 'palette' => 'Colour', 'ground' => 'Ground', 'stripes' => 'Stripes', 'fit' => 'Fit',
        'page' => 'Page', 'opens' => 'Opening', 'looks' => 'Named look', 'numbers' => 'Number format',
    ];

    /** @return list<Difference> in the order of the rules; of each group what both say first, then what only the other says */
    public static function of(Stylebook $before, Stylebook $after): array
    {
        [$old, $new] = [self::flat($before->toArray()), self::flat($after->toArray())];
        $differences = [];
        foreach ($old + $new as $where => $value) {
            [$is, $was] = [$new[$where] ?? null, $old[$where] ?? null];
            if ($is !== $was && ! (is_numeric($is) && is_numeric($was) && (float) $is === (float) $was)) {
                $differences[] = new Difference($where, self::words($where), $was, $is);
            }
        }

        return $differences;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<string, bool|float|int|string> by the place
     */
    private static function flat(array $data, string $under = ''): array
    {
        $flat = [];
        foreach ($data as $key => $value) {
            $where = $under === '' ? (string) $key : "$under.$key";
            if (is_array($value)) {
                $flat += self::flat($value, $where);
            } elseif (is_scalar($value) && $where !== 'rilvet') {
                $flat[$where] = $value;
            }
        }

        return $flat;
    }

    private static function words(string $where): string
    {
        [$group, $name, $rest] = explode('.', $where, 3) + [1 => '', 2 => ''];
        $of = match ($group) {
            'parts' => Part::tryFrom($name)?->words() ?? $name,
            'kinds' => ColumnKind::tryFrom($name)?->ofMany() ?? $name,
            'ground', 'stripes', 'page', 'opens', 'fit' => self::GROUPS[$group].($name === '' ? '' : ", $name"),
            default => trim((self::GROUPS[$group] ?? $group)." $name"),
        };

        return $rest === '' ? $of : "$of, $rest";
    }
}
