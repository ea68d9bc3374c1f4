<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Reading\ColumnKind;
use Rilvet\Renew\Plain;
use Rilvet\Summary\Field;

/** Values as they go from newer data into a table, and what tells rows apart. */
final class PlainTest extends TestCase
{
    public function test_values_go_into_a_column_by_its_kind(): void
    {
        $into = fn (?ColumnKind $kind, bool $from1904 = false, bool $to1904 = false) => Plain::into($kind, $from1904, $to1904, false);
        $values = [null, '', 'oak', ' 7 ', true, 7, 7.0, 7.5, 9e15, -3.0];
        self::assertSame([null, null, 'oak', ' 7 ', true, 7, 7, 7.5, 9e15, -3], array_map($into(ColumnKind::Integer)->of(...), $values));
        self::assertSame([null, null, 'oak', ' 7 ', true, 7, 7, 7.5, 9e15, -3], array_map($into(null)->of(...), $values));
        self::assertSame([null, null, 'oak', ' 7 ', true, '7', '7', '7.5', '9000000000000000', '-3'],
            array_map($into(ColumnKind::Code)->of(...), $values), 'numbers are codes there');
        // 1,462 days lie between the two ways in which days are counted.
        foreach ([ColumnKind::Date, ColumnKind::DateTime] as $kind) {
            self::assertSame([1_469, true, 'oak', 1_469.5], array_map($into($kind, true)->of(...), [7, true, 'oak', 7.5]));
            self::assertSame([-1_455, 7, 7], [$into($kind, false, true)->of(7), $into($kind)->of(7), $into($kind, true, true)->of(7)]);
        }
        self::assertSame(7, $into(ColumnKind::Time, true)->of(7), 'times are the same in both');
    }

    public function test_formulas_and_errors_come_as_what_they_gave(): void
    {
        $plain = Plain::into(ColumnKind::Integer, false, false, false);
        self::assertSame([7, 'oak', '#N/A', null], array_map($plain->of(...), [['f' => 'A1', 'v' => 7], ['t' => 'oak'], ['e' => '#N/A'],
            ['f' => 'A1']]));
        self::assertSame(['#N/A', null, null], [$plain->cell(['e' => '#N/A'])->error, $plain->cell(['f' => 'A1', 'v' => 7])->formula,
            $plain->cell('')->value]);
        self::assertTrue($plain->cell(null)->isBlank());
        $typed = Plain::into(ColumnKind::Integer, false, false, true);
        self::assertEquals(['7', 7], [$typed->cell('7')->value, $typed->cell(7)->value]);
        self::assertNotEquals($plain->cell('7'), $typed->cell('7'), 'a text that stays one is told so');
    }

    public function test_what_tells_rows_apart(): void
    {
        self::assertSame(['oak', '', '', 'TRUE', 'FALSE', '7', '7', '7.5', '9000000000000000', '-3', '0', '7', '#N/A'],
            array_map(Plain::key(...),
                [' oak ', '', null, true, false, 7, 7.0, 7.5, 9e15, -3.0, -0.0, ['f' => 'A1', 'v' => 7.0], ['e' => '#N/A']]));
        self::assertSame(['7', '-3', '7.5', '0.125', '0.333333', '999999999999999', '1000000000000000'],
            array_map(Field::plain(...), [7.0, -3.0, 7.5, 0.125, 1 / 3, 999_999_999_999_999.0, 1e15]));
    }
}
