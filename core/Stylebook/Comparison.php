<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Guard\Role;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;

/** Two stylebooks beside each other, rule by rule, as they are written: a colour of the palette that changed is one difference. */
final class Comparison
{
    /** Groups of rules, as people call them. */
    private const GROUPS = [
        'name' => 'Name', 'about' => 'About', 'palette' => 'Colour', 'ground' => 'Ground', 'stripes' => 'Stripes', 'frame' => 'Outline',
        'fit' => 'Fit',
        'page' => 'Page', 'opens' => 'Opening', 'looks' => 'Named look', 'numbers' => 'Number format',
        'conditions' => 'Conditional look', 'entries' => 'Check on entry',
    ];

    /** @return list<Difference> in the order of the rules; of each group what both say first, then what only the other says */
    public static function of(Stylebook $before, Stylebook $after): array
    {
        [$old, $new] = [self::flat($before->toArray()), self::flat($after->toArray())];
        $differences = [];
        foreach ($old + $new as $where => [$path]) {
            [$is, $was] = [$new[$where][1] ?? null, $old[$where][1] ?? null];
            if ($is !== $was && ! (is_numeric($is) && is_numeric($was) && (float) $is === (float) $was)) {
                $differences[] = new Difference($where, self::words($path), $was, $is, $path);
            }
        }

        return $differences;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  list<string>  $under
     * @return array<string, array{list<string>, bool|float|int|string}> path and value by the place
     */
    private static function flat(array $data, array $under = []): array
    {
        $flat = [];
        foreach ($data as $key => $value) {
            $path = [...$under, (string) $key];
            if (is_array($value)) {
                $flat += self::flat($value, $path);
            } elseif (is_scalar($value) && $path !== ['rilvet']) {
                $flat[implode('.', $path)] = [$path, $value];
            }
        }

        return $flat;
    }

    /**
     * A place in a stylebook, as people say it: "Column headings, fill".
     *
     * @param  list<string>  $path
     */
    public static function words(array $path): string
    {
        [$group, $name] = [$path[0] ?? '', $path[1] ?? ''];
        $rest = implode(', ', array_slice($path, 2));
        $of = match ($group) {
            'parts' => Part::tryFrom($name)?->words() ?? $name,
            'marks' => (Part::tryFrom($name)?->words() ?? $name).' marked',
            'heads' => 'Headings over '.mb_strtolower(Part::tryFrom($name)?->words() ?? $name),
            'cases' => 'Letters of '.mb_strtolower(Part::tryFrom($name)?->words() ?? $name),
            'roles' => 'Role '.(Role::tryFrom($name)?->words() ?? $name),
            'kinds' => ColumnKind::tryFrom($name)?->ofMany() ?? $name,
            'ground', 'stripes', 'page', 'opens', 'fit' => self::GROUPS[$group].($name === '' ? '' : ", $name"),
            default => trim((self::GROUPS[$group] ?? $group)." $name"),
        };

        return $rest === '' ? $of : "$of, $rest";
    }
}
