<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Calculation\LibraryCalculator;
use App\Files\Opening;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\Exception\NothingToType;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Act\TypeColumn;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Intake\ColumnTyping;
use Rilvet\Intake\TypingKind;
use Rilvet\Reading\ColumnKind;
use Rilvet\Work\Workbook;
use Tests\AtWork;
use Tests\HandMade;

/** A column of a text file is typed otherwise, or taken back to the text that came: nothing of that is lost on the way. */
final class TypeColumnTest extends TestCase
{
    private const CSV = "Lot;Sown;Price;Share\n00412;05.12.2023;3,40;12%\n00424;09.12.2023;4,85;7%\n00440;08.01.2024;12,00;81%\n";

    private static function open(): Workbook
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'typed');
        file_put_contents($path, self::CSV);
        $workbook = (new Opening(fn () => new MemoryBlockStore))->open($path, 'a.csv');
        unlink($path);

        return $workbook;
    }

    private static function done(Act $act, Workbook $workbook): Workbook
    {
        return (new Pipeline(new Recalculate(new LibraryCalculator, 30.0)))->run($act, $workbook)->after;
    }

    /** @return list<mixed> values of a column below its heading */
    private static function values(Workbook $workbook, int $column): array
    {
        $values = [];
        foreach ($workbook->sheet(1)->cells->read(2, 4) as $cells) {
            $values[] = $cells[$column - 1]->value;
        }

        return $values;
    }

    public function test_figures_with_leading_noughts_stay_texts_until_somebody_types_them(): void
    {
        $workbook = self::open();
        self::assertSame(['00412', '00424', '00440'], self::values($workbook, 1));
        $typed = self::done(new TypeColumn(1, 1, new ColumnTyping(TypingKind::Number)), $workbook);
        self::assertEquals([412, 424, 440], self::values($typed, 1));
        // Taken back, the text is the one that came.
        self::assertSame(['00412', '00424', '00440'], self::values(self::done(new TypeColumn(1, 1, ColumnTyping::text()), $typed), 1));
    }

    public function test_days_are_read_in_the_order_that_is_said(): void
    {
        $workbook = self::open();
        self::assertSame(ColumnKind::Date, $workbook->sheet(1)->reading->tables[0]->column(2)?->kind);
        [$first] = self::values($workbook, 2);
        // 5 December 2023 is day 45,265 (1900 date system, ISO/IEC 29500-1 18.17.4.1); 12 May 2023 is 45,058.
        self::assertEquals(45_265, $first);
        $turned = self::done(new TypeColumn(1, 2, new ColumnTyping(TypingKind::Date, order: 'mdy')), $workbook);
        self::assertEquals(45_058, self::values($turned, 2)[0]);
        $texts = self::done(new TypeColumn(1, 2, ColumnTyping::text()), $workbook);
        self::assertSame(['05.12.2023', '09.12.2023', '08.01.2024'], self::values($texts, 2));
    }

    public function test_a_decimal_sign_that_does_not_fit_leaves_texts(): void
    {
        $workbook = self::open();
        self::assertEquals([3.4, 4.85, 12.0], self::values($workbook, 3));
        $typed = self::done(new TypeColumn(1, 3, new ColumnTyping(TypingKind::Number, '.')), $workbook);
        self::assertSame('3,40', self::values($typed, 3)[0]);
        self::assertEquals([0.12, 0.07, 0.81], self::values($workbook, 4));
    }

    public function test_other_columns_and_what_people_set_stay(): void
    {
        $workbook = self::open();
        $typed = self::done(new TypeColumn(1, 1, new ColumnTyping(TypingKind::Number)), $workbook);
        foreach ([2, 3, 4] as $column) {
            self::assertSame(self::values($workbook, $column), self::values($typed, $column));
        }
        self::assertEquals($workbook->sheet(1)->hand, $typed->sheet(1)->hand);
        self::assertCount(count($workbook->sheet(1)->reading->tables), $typed->sheet(1)->reading->tables);
    }

    public function test_what_was_done_is_said_and_reaches_one_sheet(): void
    {
        $workbook = self::open();
        $act = new TypeColumn(1, 2, new ColumnTyping(TypingKind::Date));
        self::assertSame('Column B typed as dates', $act->words($workbook));
        self::assertSame('Column B taken back to text', (new TypeColumn(1, 2, ColumnTyping::text()))->words($workbook));
        self::assertSame([1], $act->reach()->sheets);
    }

    public function test_a_workbook_that_came_with_values_has_nothing_to_type(): void
    {
        $work = AtWork::on(HandMade::parts('<row r="1"><c r="A1"><v>4</v></c></row>'));
        $this->expectException(NothingToType::class);
        $this->expectExceptionMessageMatches('/\bA\b/');
        $work->do(new TypeColumn(1, 1, ColumnTyping::text()));
    }
}
