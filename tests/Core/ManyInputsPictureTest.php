<?php

declare(strict_types=1);

namespace Tests\Core;

use JsonSerializable;
use Rilvet\Act\TypedValue;
use Rilvet\Condition\Condition;
use Rilvet\Dressed\OpenCells;
use Rilvet\Entry\EntryCheck;
use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\NotKnown;
use Rilvet\Formula\Expression\Parser;
use Rilvet\Formula\Scope;
use Rilvet\Formula\TableRange;
use Rilvet\Formula\Values;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Intake\DateText;
use Rilvet\Intake\Dialect;
use Rilvet\Intake\NumberText;
use Rilvet\Intake\Survey;
use Rilvet\Intake\Tokeniser;
use Rilvet\Intake\TotalWords;
use Rilvet\Intake\Words;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Measure\Length;
use Rilvet\Number\NumberChoice;
use Rilvet\Page\PageRules;
use Rilvet\Reading\Correction\Corrections;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Refusal;
use Rilvet\Routine\Place;
use Rilvet\Routine\Routine;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Summary\Summary;
use Rilvet\Work\Worksheet;
use Tests\RandomCondition;
use Tests\RandomEntry;

/** What people and programs send: documents with something wrong in them, texts that are nearly numbers, delimited texts, places. */
final class ManyInputsPictureTest extends ManyPicturesCase
{
    /** Takes nothing, puts something else in, or puts one more thing in, anywhere in a document. */
    private static function bent(mixed $data): mixed
    {
        $odd = [null, true, false, 0, 1, -1, 1.5, 400, 1_000_000, '', ' ', 'nonsense', '#FFFFFF', '#12345', 'A1', 'bold', [], ['x'],
            ['x' => 1], str_repeat('long ', 60)];
        if (! is_array($data) || $data === [] || self::one(6)) {
            return self::pick($odd);
        }
        $key = self::pick(array_keys($data));
        switch (mt_rand(1, 6)) {
            case 1:
                unset($data[$key]);

                return $data;
            case 2:
                return $data + ['strange' => 1];
            case 3:
                $data[$key] = self::pick($odd);

                return $data;
            default:
                $data[$key] = self::bent($data[$key]);

                return $data;
        }
    }

    public function test_documents_with_something_wrong_in_them(): void
    {
        $steps = [
            ['do' => 'dress', 'with' => ['stylebook' => 'Plain rule']],
            ['do' => 'format', 'at' => ['part' => 'body', 'headings' => ['Count']], 'with' => ['look' => ['bold' => true, 'indent' => 2]]],
        ];
        $kinds = [
            [Stylebook::of(...), fn () => self::pick(Builtin::all())->toArray()],
            [Condition::of(...), fn () => RandomCondition::of('n1')->toArray()],
            [EntryCheck::of(...), fn () => RandomEntry::of('e1', 'B2:B9')->toArray()],
            [Routine::fromArray(...), fn () => ['rilvet' => 'routine 1', 'name' => 'Each month', 'steps' => $steps]],
            [PageRules::of(...), fn () => ['paper' => 'A5', 'turn' => 'turned', 'wide' => 1, 'least' => 8, 'top' => 12.5, 'heads' => true,
                'titleRows' => '1:2', 'order' => 'across', 'scale' => 80]],
            [Corrections::of(...), fn () => self::pick([['type' => 'rows', 'row' => 2, 'column' => 1, 'first' => 3, 'last' => 5,
                'part' => 'note'], ['type' => 'column', 'row' => 2, 'column' => 1, 'kind' => 'amount', 'role' => 'label'],
                ['type' => 'each', 'row' => 1, 'column' => 1, 'rows' => [['first' => 1, 'last' => 2, 'part' => 'title']]],
                ['type' => 'split', 'row' => 4, 'column' => 2]])],
            [Summary::of(...), fn () => ['sheet' => 1, 'rows' => [['heading' => 'Tree'], ['heading' => 'Due', 'by' => 'month']],
                'values' => [['heading' => 'Count', 'figure' => 'sum', 'share' => 'all']], 'across' => ['heading' => 'Bed']]],
            [Look::of(...), fn () => ['bold' => true, 'ink' => '#224466', 'size' => 11, 'bottom' => 'thin #000000', 'indent' => 1,
                'number' => '0.00', 'horizontal' => 'left', 'rotation' => 45]],
            [NumberChoice::of(...), fn () => ['purpose' => 'money', 'decimals' => 2, 'symbol' => '€', 'place' => 'after', 'length' => 5]],
        ];
        $this->many('documents', 50_001, 1_500, function () use ($kinds): string {
            [$read, $made] = self::pick($kinds);
            $data = self::bent($made());
            $data = self::one(3) ? self::bent($data) : $data;
            try {
                $is = $read(is_array($data) ? $data : []);

                return self::json($is instanceof JsonSerializable ? $is : (method_exists($is, 'toArray') ? $is->toArray() : $is));
            } catch (Refusal $refusal) {
                return $refusal->getMessage();
            }
        });
    }

    private static function nearly(): string
    {
        $figures = self::pick(['0', '7', '12', '31', '007', '1234', '1,234', '1.234', '1 234', "1'234", '12,34,567', '1,234,567',
            '1.234.567', '999999999999999', '1234567890123456', '2026', '45000', '', '.5', ',5', '5.', '1,2', '1.25', '1,234.50',
            '1.234,50', '0.1']);
        $text = self::pick(['', '', '', '-', '+', '(', '€ ', '$', '£', '–', 'CHF ', "'", ' ']).$figures
            .self::pick(['', '', '', '%', ' %', '-', ')', ' €', 'e3', 'E+2', ' kg', ' ', "\u{A0}", '‰', ' EUR', 'x']);
        $part = fn () => self::pick(['1', '01', '5', '12', '13', '28', '29', '30', '31', '32', '0', '99', '2026', '26', '1900', '2024']);
        $mark = self::pick(['.', '/', '-', ' ']);

        return match (mt_rand(1, 6)) {
            1, 2, 3 => $text,
            4 => $part().$mark.$part().$mark.$part().self::pick(['', '', ' 12:30', 'T08:05:09', ' 24:00', ' 5 pm', ',', ' 12:60']),
            5 => self::pick(['2:30', '14:05:59', '25:00', '9 am', '12 am', '12:30 pm', '0:00', '23:59:60', '7:5', '1:02:03.25', '-1:00',
                '100:00']),
            default => self::pick(['3 May 2026', 'May 3, 2026', '3. Mai 2026', 'Sept 2025', '31 Feb 2026', '3-May', 'May', '1 janvier 2026',
                'Q1 2026', '2026-W05', 'yes', 'No', 'TRUE', 'ja', 'n/a', '-', 'Total', 'Summe', 'Subtotal', 'Grand total', 'of which',
                'Mean', 'total weight', 'Totals', 'Sum of all', 'x', '✓', 'EUR', 'US$', 'kn']),
        };
    }

    public function test_texts_that_are_nearly_numbers(): void
    {
        $this->many('texts', 54_001, 4_000, function (): string {
            $text = self::nearly();
            $typed = TypedValue::of($text, self::pick(['General', 'General', '0.00', '0%', 'yyyy-mm-dd', 'h:mm', '@', '[h]:mm']),
                self::pick(['dmy', 'mdy']), self::pick(['.', ',']), self::one(5));

            return self::json([$text, NumberText::parse($text, '.'), NumberText::parse($text, ','), NumberText::parts($text),
                DateText::parse($text, 'dmy'), DateText::parse($text, 'mdy'), DateText::parse($text, 'ymd'), DateText::time($text),
                $typed->cell->value, $typed->format, $typed->as, Words::isPlaceholder($text), Words::isTick($text), Words::month($text),
                Words::currency($text), TotalWords::in($text), TotalWords::subtotal($text), TotalWords::total($text),
                TotalWords::statistic($text), self::tried(fn () => Length::width($text, 7)), self::tried(fn () => Length::height($text))]);
        });
    }

    public function test_delimited_texts_are_parted_and_typed(): void
    {
        $this->many('delimited', 62_001, 600, function (): string {
            $mark = self::pick([',', ';', "\t", '|', ':']);
            $quote = self::pick(['"', '"', "'"]);
            $end = self::pick(["\n", "\n", "\r\n", "\r"]);
            $text = '';
            $columns = mt_rand(1, 4);
            for ($row = mt_rand(1, 8); $row > 0; $row--) {
                $fields = [];
                for ($column = 0; $column < $columns + (self::one(12) ? 1 : 0); $column++) {
                    $field = self::nearly();
                    $fields[] = match (mt_rand(1, 7)) {
                        1 => $quote.str_replace($quote, $quote.$quote, $field.self::pick(['', $mark, $end, $quote])).$quote,
                        2 => self::one(4) ? $quote.$field : $field,
                        default => $field,
                    };
                }
                $text .= implode($mark, $fields).($row === 1 && self::one(2) ? '' : $end);
            }
            $bytes = match (mt_rand(1, 6)) {
                1 => "\xEF\xBB\xBF$text",
                2 => "\xFF\xFE".mb_convert_encoding($text, 'UTF-16LE'),
                3 => mb_convert_encoding($text, 'Windows-1252'),
                default => $text,
            };
            $stream = fopen('php://memory', 'r+b') ?: self::fail('no memory');
            fwrite($stream, $bytes);
            rewind($stream);

            return self::json(self::tried(function () use ($stream): array {
                $dialect = Dialect::detect($stream);
                rewind($stream);
                $rows = iterator_to_array(Tokeniser::ofStream($stream, $dialect)->rows(), false);
                $survey = new Survey(new MemoryBlockStore);
                rewind($stream);
                $survey->take(Tokeniser::ofStream($stream, $dialect)->rows());

                return [$dialect, $rows, $survey->typing($dialect->delimiter)->toArray(), $survey->signatures(), $survey->longest()];
            }));
        });
    }

    public function test_places_move_and_part(): void
    {
        $this->many('places', 66_001, 2_500, function (): string {
            $edge = self::pick([3, 9, 9, 9, Address::COLUMNS]);
            $range = function () use ($edge): Range {
                [$top, $left] = [mt_rand(1, 9), self::one(6) ? $edge : mt_rand(1, 5)];

                return Range::of($top, $left, $top + self::pick([0, 1, 2, 5, 300]), min(Address::COLUMNS, $left + mt_rand(0, 3)));
            };
            $shift = new Shift(self::one(2), mt_rand(1, 9), self::pick([1, 1, 2, 3, 400]), self::one(2));
            [$one, $other] = [$range(), $range()];
            $set = RangeSet::of($one, $other, $range())->without($range());
            $map = new LookMap;
            for ($more = mt_rand(1, 4); $more > 0; $more--) {
                $map->set($range(), mt_rand(0, 3));
            }
            $map->map($one, fn (int $look) => ($look + 1) % 4);
            $rows = range(2, 6);
            shuffle($rows);
            $from = array_combine(range(2, 6), $rows);
            $order = new RowOrder(1, mt_rand(2, 6), array_filter($from, fn (int $was, int $to) => $was !== $to, ARRAY_FILTER_USE_BOTH)
                ?: [2 => 3, 3 => 2]);
            $within = Range::of(2, 1, 6, $order->right);

            return self::json([(string) $one, (string) $shift->range($one), $shift->stretch($one->top, $one->bottom), $shift->place(4),
                $shift->inverse()->toArray(), (string) $set, $set->cells(), (string) $set->with($other), (string) $set->clip($one),
                (string) $one->clip($other), $set->contains(4, 3), $map->runs(), $map->reach(), $map->count(), $map->ranges(2),
                $map->moved($shift)->runs(), $map->ordered($within, $from)->runs(),
                $map->ordered($within, $from, fn (int $comes, int $was) => max($comes, $was))->runs(),
                $map->differs($map->moved($shift), 12, 5),
                array_map(strval(...), $order->ranges($one)), $order->row(4, 1), (string) $order->range(), $order->toArray(),
                $map->columnsOther($map->moved($shift))]);
        });
    }

    public function test_formulas_that_are_typed(): void
    {
        $words = ['A1', '$B$2', 'B1:B4', 'Data!C2', "'No such'!A1", 'Limit', 'Rate', 'Foo', 'TRUE', 'false', 'SUM(', 'IF(', 'LEN(', 'Foo(',
            ')',
            ')', ',', '+', '-', '*', '/', '^', '&', '=', '<>', '<', '>=', '%', '1', '2.5', '.5', '1e3', '"a"', '"ÄÖ"', '"äö"', '#N/A',
            '{1,2}', '(', '(', 'Stock[Amount]', 'Stock[[#Totals],[Amount]]', 'Stock[#All]', 'Stock[@Tree]', 'Stock[[Tree]x]', 'Stock[]',
            ' ', '@', ';'];
        $rows = [[1, 'a', 3.5], [-2, 'ÄÖ', null], [null, 'b', true], [7, '', '4']];
        $sheet = new MemorySheet('Data', array_map(fn (array $line) => array_map(Cell::of(...), $line), $rows));
        $table = new TableRange(1, Range::parse('A1:C4'), 1, 1, ['Tree', 'Amount', 'Unit price']);
        $scope = new Scope([1 => 'Data'], ['Limit' => 'Data!$A$1', 'Rate' => '0.25'], ['Stock' => $table]);
        $this->many('typed', 74_001, 4_000, function () use ($words, $sheet, $scope, $table): string {
            $formula = self::pick($words);
            for ($more = mt_rand(0, 6); $more > 0; $more--) {
                $formula .= self::pick($words);
            }
            $formula .= str_repeat(')', max(0, substr_count($formula, '(') - substr_count($formula, ')')));
            try {
                $value = Parser::read($formula, $scope, 1, 2, 5)->value(new At(new Values([1 => $sheet], INF), 1, 2, 5, 46_353.5));
            } catch (NotKnown $fault) {
                $value = $fault->getMessage();
            }
            $said = self::pick(['[', '[[', '[@', '[#', '[[#'])
                .self::pick(['Tree', 'Amount', "Unit '", 'this row', 'All', 'Headers', 'Data', 'Totals', ''])
                .self::pick([']', ']]', '],[Amount]]', ':Amount]', ']:[Unit price]]', '],[#Totals]]', '] ]', ']x]']);

            return self::json([$formula, $value instanceof Fault ? $value->code : $value, $said, $table->cells($said, mt_rand(1, 5)),
                $table->moved(new Shift(self::one(2), mt_rand(1, 5), 1, self::one(2)))?->toArray()]);
        });
    }

    public function test_parts_are_found_again_on_another_sheet(): void
    {
        $this->many('again', 82_001, 100, function (int $seed): string {
            [$one, $other] = array_map(function (int $seed): Worksheet {
                $cells = self::typed(self::wild($seed));

                return new Worksheet($cells, 'Wild', Finder::read(SheetFacts::of($cells)));
            }, [$seed, $seed + self::pick([0, 1, 7])]);
            mt_srand($seed);
            $said = [];
            for ($more = 0; $more < 6; $more++) {
                $table = self::one(3) ? null : ($one->reading->tables[0] ?? null);
                $ranges = $table === null ? [] : array_map(fn ($part) => $part->range, $table->parts());
                $cells = $ranges !== [] && self::one(2) ? RangeSet::of(self::pick($ranges))
                    : RangeSet::of(Range::of($top = mt_rand(1, 6), $left = mt_rand(1, 3), $top + mt_rand(0, 4), $left + mt_rand(0, 2)));
                [$place, $isAll] = Place::of($one, $cells);
                $isAll && self::assertSame($cells->cells(), $place->on($one)->cells(), "$cells, seed $seed");
                $said[] = [$place->toArray(), $isAll, $place->words(), (string) $place->on($one),
                    self::tried(fn () => (string) $place->on($other))];
            }
            $open = new OpenCells($one, new LookBook);
            $said[] = [$open->next(mt_rand(1, 9), mt_rand(1, 4), self::one(2))?->__toString()];

            return self::json($said);
        });
    }
}
