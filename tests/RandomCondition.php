<?php

declare(strict_types=1);

namespace Tests;

use Rilvet\Condition\Condition;
use Rilvet\Condition\Is;
use Rilvet\Condition\MarkSet;
use Rilvet\Condition\Period;

/** Conditional looks of all kinds by chance, each with what it can say: of the generator that PHP seeds with mt_srand(). */
final class RandomCondition
{
    /** @param  string  $cells  where it holds */
    public static function of(string $id, string $cells = 'B2:B9'): Condition
    {
        $kinds = array_values(array_filter(Is::cases(), fn (Is $is) => $is !== Is::Unknown));
        $is = self::one(3) ? Is::Always : $kinds[mt_rand(0, count($kinds) - 1)];
        $data = ['id' => $id, 'where' => ['cells' => $cells], 'test' => ['is' => $is->value] + self::test($is)];

        return Condition::of($data + ($is === Is::Always ? self::shown()
            : ['look' => self::look()] + (self::one(4) ? ['stops' => true] : [])));
    }

    private static function one(int $in): bool
    {
        return mt_rand(1, $in) === 1;
    }

    private static function colour(): string
    {
        return sprintf('#%06X', mt_rand(0, 0xFFFFFF));
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private static function pick(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }

    /** @return array<string, mixed> */
    private static function test(Is $is): array
    {
        $value = fn () => self::pick([(string) mt_rand(-9, 300), '"or"', '"a ""b"" & <c>"', '$B$3', 'B2*2', '0.125']);

        return match (true) {
            $is === Is::Between || $is === Is::Outside => ['of' => [(string) mt_rand(-5, 4), (string) mt_rand(5, 90)]],
            $is === Is::OneOf => ['of' => array_map(fn () => self::pick([(string) mt_rand(-2, 2), '"or"', '""', '"a ""b"", & <c>"', '$B$3',
                '0.125']), range(1, mt_rand(1, 4)))],
            $is === Is::Formula => ['of' => [self::pick(['$B2>$B$3', 'AND(B2>0,LEN(A2)<4)', 'MOD(ROW(),2)=0', 'COUNTIF($B$2:$B$9,B2)>1'])]],
            in_array($is, [Is::Holds, Is::Lacks, Is::Begins, Is::Ends], true) => ['of' => [self::pick(['"or"', '"a b"', '"<&"'])]],
            $is === Is::Period => ['period' => self::pick(Period::cases())->value],
            $is === Is::Greatest || $is === Is::Least => ['count' => mt_rand(1, 90), 'percent' => self::one(2)],
            $is === Is::AboveMean || $is === Is::BelowMean => ['deviations' => mt_rand(0, 3)] + (self::one(2) ? ['orEqual' => true] : []),
            $is->operands() === 1 => ['of' => [$value()]],
            default => [],
        };
    }

    /** @return array<string, mixed> */
    private static function shown(): array
    {
        $point = fn (int $at) => self::pick([['at' => 'percent', 'value' => (string) ($at * 30)], ['at' => 'number',
            'value' => (string) ($at * 7)], ['at' => 'percentile', 'value' => (string) ($at * 31 + 1)], ['at' => 'formula',
                'value' => "\$B\$2+$at"]]);
        $end = fn (string $at) => self::one(2) ? ['at' => $at]
            : $point($at === 'least' ? 0 : 3);
        $maybe = fn (string $name, mixed $value) => self::one(2) ? [$name => $value] : [];
        if (self::one(3)) {
            $scale = [['colour' => self::colour(), 'point' => $end('least')]];
            self::one(2) && $scale[] = ['colour' => self::colour(), 'point' => $point(1)];

            return ['scale' => [...$scale, ['colour' => self::colour(), 'point' => $end('greatest')]]];
        }
        if (self::one(2)) {
            $colour = self::colour();

            return ['bar' => ['from' => self::one(2) ? ['at' => 'auto'] : $end('least'),
                'to' => self::one(2) ? ['at' => 'auto']
                : $end('greatest'), 'colour' => $colour] + $maybe('below', self::pick([$colour, self::colour()]))
                + $maybe('axis', self::pick(['middle', 'none'])) + $maybe('border', self::colour()) + $maybe('axisColour', self::colour())
                + $maybe('shortest', mt_rand(1, 20)) + $maybe('longest', mt_rand(60, 99)) + $maybe('gradient', true)
                + $maybe('hidesText', true) + $maybe('mirrored', true)];
        }
        $set = self::pick(MarkSet::NAMES);
        $steps = count(MarkSet::named($set));
        $points = [];
        for ($step = 0; $step < $steps; $step++) {
            $points[] = $step === 0 ? ['at' => 'percent', 'value' => '0'] : $point($step % 4) + $maybe('above', true);
        }

        return ['marks' => ['set' => $set] + $maybe('points', $points) + $maybe('reversed', true) + $maybe('hidesText', true)
            + (self::one(4) ? ['own' => array_map(fn () => self::pick([null, ['3Signs', 1], ['5Boxes', 4]]), range(1, $steps))] : [])];
    }

    /** @return array<string, mixed> */
    private static function look(): array
    {
        $look = ['ink' => self::colour()];
        self::one(2) && $look['bold'] = self::one(2);
        self::one(3) && $look['italic'] = true;
        self::one(3) && $look['fill'] = self::colour();
        self::one(4) && $look['underline'] = self::pick(['single', 'double']);
        self::one(4) && $look['strike'] = true;
        self::one(5) && $look['number'] = self::pick(['0.00', '#,##0 "kg"']);
        self::one(5) && $look['top'] = 'thin '.self::colour();

        return $look;
    }
}
