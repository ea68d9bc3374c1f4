<?php

declare(strict_types=1);

namespace Tests\Core;

use Rilvet\Act\Summarise;
use Rilvet\Check\Checks;
use Rilvet\Colour\Colour;
use Rilvet\Colour\Oklch;
use Rilvet\Compare\Comparison;
use Rilvet\Compare\Difference;
use Rilvet\Condition\Around;
use Rilvet\Condition\Is;
use Rilvet\Condition\Judges;
use Rilvet\Condition\Sentence;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryJudges;
use Rilvet\Entry\EntrySentence;
use Rilvet\Formula\References;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Sheet;
use Rilvet\Grid\Shift;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookWords;
use Rilvet\Ods\OpenFormula;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Correction\ColumnIs;
use Rilvet\Reading\Correction\JoinBelow;
use Rilvet\Reading\Correction\RowsAre;
use Rilvet\Reading\Correction\SplitAt;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Lesson\Lesson;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\SheetFacts;
use Rilvet\Refusal;
use Rilvet\Stylebook\ColourFamily;
use Rilvet\Summary\Field;
use Rilvet\Summary\Figure;
use Rilvet\Summary\Grouping;
use Rilvet\Summary\Share;
use Rilvet\Summary\Summary;
use Rilvet\Summary\Value;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\RandomCondition;
use Tests\RandomEntry;
use Tests\RandomFormula;

/** What is said by rules: conditions, checks on entry, formulas, summaries, corrections; and the words for them. */
final class ManyRulesPictureTest extends ManyPicturesCase
{
    /** A sheet of few values, most of them several times, so that equal ones, bounds and blanks meet. */
    private static function few(): Sheet
    {
        $values = [0, 1, -1, 2, 4, 4, 7, 90, 300, 0.125, 2.5, null, null, '', ' ', 'or', 'a b', 'A B', '<&', 'a "b" & <c>', '4',
            true, false, 45_000, 46_000.5];
        $rows = [['Lot', 'Count', 'Other']];
        for ($row = 0; $row < 9; $row++) {
            $rows[] = [self::pick(['L1', 'L2', 'or', 'a b']), self::pick($values), self::pick($values)];
        }

        return MemorySheet::of('Few', $rows);
    }

    public function test_conditions_hold(): void
    {
        $this->many('conditions', 16_001, 2_000, function (): string {
            $cells = self::few();
            $conditions = [];
            for ($more = mt_rand(1, 3); $more > 0; $more--) {
                $one = RandomCondition::of("n$more", self::pick(['B2:B9', 'A2:C10', 'B2:C3 C6:C10']));
                // What a day makes of it is another on the next.
                $one->test->is === Is::Period || $conditions[] = $one;
            }
            $judges = new Judges($conditions, Reading::none(), $cells, Around::alone($cells));
            $said = [];
            foreach ($cells->read(1, 10) as $row => $line) {
                for ($column = 1; $column <= 3; $column++) {
                    $verdict = $judges->at($row, $column, $line[$column - 1] ?? Cell::blank());
                    $said[] = $verdict === null ? ''
                        : $verdict->key.self::json([$verdict->bar, $verdict->mark[1] ?? null, $verdict->hidesText]);
                }
            }

            return implode('|', $said);
        });
    }

    public function test_checks_on_entry_allow(): void
    {
        $this->many('entries', 18_001, 2_500, function (): string {
            $cells = self::few();
            $checks = array_map(fn (int $number) => RandomEntry::of("n$number", self::pick(['B2:B9', 'A2:C10'])), range(1, mt_rand(1, 2)));
            $checks = array_values(array_filter($checks, fn (EntryCheck $one) => ! str_contains(self::json($one->toArray()), 'TODAY')));
            $judges = new EntryJudges($checks, Reading::none(), $cells, Around::alone($cells));
            $said = [];
            foreach ($cells->read(1, 10) as $row => $line) {
                for ($column = 1; $column <= 3; $column++) {
                    $said[] = (int) $judges->allows($row, $column, $line[$column - 1] ?? Cell::blank());
                }
            }
            foreach ($checks as $check) {
                $judge = $judges->of($check->id);
                $said[] = self::json([$judge?->choices(3, 2), $judge?->wanted(self::pick(ColumnKind::cases())), $judge?->tried()]);
            }

            return implode('', $said);
        });
    }

    /** Formulas in all their parts: what they come to, and how they go along when rows and columns move. */
    public function test_formulas_follow_and_come_to_something(): void
    {
        $this->many('formulas', 24_001, 3_000, function (): string {
            $formula = self::one(2) ? RandomFormula::number(3) : RandomFormula::truth(3);
            $formula = self::one(3) ? str_replace('$A$', "'Beds & more'!\$A\$", $formula) : $formula;
            $shift = new Shift(self::one(2), mt_rand(1, 9), mt_rand(1, 3), self::one(2));
            $references = new References($shift, self::pick(['Data', 'Beds & more']));
            [$from, $to] = [mt_rand(1, 9), mt_rand(1, 9)];
            $open = OpenFormula::of($formula);

            return implode("\n", [
                $formula, $references->moved($formula, true), $references->moved($formula, false),
                (int) $references->resizes($formula, true), (int) $references->resizes($formula, false),
                References::translated($formula, mt_rand(-3, 9), mt_rand(-2, 3)), self::json(References::template($formula, 1)),
                self::json(References::inRow($formula, 'Data', $from, $to, 1, 12)),
                References::toSheet($formula, 'Beds & more', "Late '27"),
                $open, self::json(OpenFormula::plain($open)),
            ]);
        });
    }

    public function test_what_is_said_of_conditions_checks_and_looks(): void
    {
        $this->many('words', 26_001, 2_000, function (): string {
            $kind = self::one(3) ? null : self::pick(ColumnKind::cases());
            $condition = RandomCondition::of('n1');
            $check = RandomEntry::of('e1', 'B2:B9');

            return implode("\n", [Sentence::says($condition, $kind, self::one(3)), Sentence::cost($condition, mt_rand(0, 3)),
                LookWords::of($condition->look), EntrySentence::says($check, self::one(3))]);
        });
    }

    public function test_colours_of_a_family(): void
    {
        $this->many('colours', 28_001, 1_500, function (): string {
            $colour = Colour::hex(sprintf('#%02X%02X%02X', self::pick([0, 1, 10, 11, 127, 128, 254, 255]), mt_rand(0, 255),
                self::pick([0, 12, 200, 255])));
            $looks = array_map(fn (Look $look) => $look->toArray(), ColourFamily::of($colour)->looks());

            return self::json([$looks, array_map(fn (Colour $one) => $one->toHex(), Oklch::run($colour, mt_rand(2, 9)))]);
        });
    }

    public function test_summaries_of_tables(): void
    {
        $this->many('summaries', 30_001, 200, function (int $seed): string {
            $cells = self::typed(self::wild($seed));
            $reading = Finder::read(SheetFacts::of($cells));
            $headings = array_values(array_filter(array_map(fn (ColumnReading $column) => $column->heading,
                $reading->tables[0]->columns ?? []), is_string(...)));
            if ($headings === []) {
                return 'no table';
            }
            mt_srand($seed);
            $field = fn () => new Field(self::pick($headings), self::pick(Grouping::cases()), self::pick([1, 10, 0.5]));
            $value = fn () => new Value(self::one(5) ? null : self::pick($headings), self::pick(Figure::cases()),
                self::pick(Share::cases()));
            $summary = new Summary(1, array_map($field, range(1, mt_rand(1, 2))), self::one(2) ? $field() : null,
                array_map($value, range(1, mt_rand(1, 2))), self::one(2));
            try {
                $book = new Workbook('Wild', [1 => new Worksheet($cells, 'Wild', $reading)], new LookBook);

                return $summary->words().implode("\n", Picture::reading($after = (new Summarise(null, $summary))->on($book)))
                    .self::values($after->sheet(2)->cells);
            } catch (Refusal $refusal) {
                return $refusal->getMessage();
            }
        });
    }

    private static function values(Sheet $cells): string
    {
        $said = [];
        foreach ($cells->read(1, $cells->rows()) as $row => $line) {
            $said[] = "$row ".implode('|', array_map(fn (Cell $cell) => $cell->formula ?? self::json($cell->value), $line));
        }

        return implode("\n", $said);
    }

    /** Corrections of a reading, by chance: what is read then, and what is learned of it for the next table. */
    public function test_corrections_and_what_is_learned_of_them(): void
    {
        $this->many('lessons', 32_001, 240, function (int $seed): string {
            $cells = self::typed(self::wild($seed));
            $sheet = new Worksheet($cells, 'Wild', Finder::read(SheetFacts::of($cells)));
            mt_srand($seed);
            for ($count = mt_rand(1, 3); $count > 0; $count--) {
                [$row, $column] = [mt_rand(1, $cells->rows()), mt_rand(1, $cells->columns())];
                $sheet = $sheet->corrected(match (mt_rand(1, 4)) {
                    1, 2 => new RowsAre($row, $column, $row, min($cells->rows(), $row + mt_rand(0, 2)),
                        self::pick([...Part::cases(), null])),
                    3 => new ColumnIs($row, $column, self::pick(ColumnKind::cases()),
                        self::one(2) ? self::pick(ColumnRole::cases()) : null),
                    default => self::one(2) ? new SplitAt($row, $column) : new JoinBelow($row, $column),
                });
            }
            $table = $sheet->reading->tables[0] ?? null;
            $lesson = $table === null ? null : Lesson::of($cells, $table, $sheet->corrections);
            $said = Picture::tables($sheet->reading);
            if ($lesson !== null && $table !== null) {
                $said[] = self::json($lesson->toArray());
                foreach ($lesson->on($cells, $table, $table->lastHeadRow() ?? $table->range->top, 'Wild') as $one) {
                    $said[] = self::json($one->toArray());
                }
            }

            return implode("\n", $said);
        });
    }

    public function test_two_sheets_beside_each_other(): void
    {
        $this->many('beside', 34_001, 120, function (int $seed): string {
            $rows = self::wild($seed);
            $book = function (array $rows): Workbook {
                $cells = self::typed($rows);

                return new Workbook('Wild', [1 => new Worksheet($cells, 'Wild', Finder::read(SheetFacts::of($cells)))], new LookBook);
            };
            $was = $book($rows);
            mt_srand($seed);
            foreach ($rows as $at => $row) {
                self::one(4) && $rows[$at][mt_rand(0, count($row) - 1)] = (string) mt_rand(1, 9);
            }
            self::one(2) && array_splice($rows, mt_rand(1, count($rows)), mt_rand(0, 2), self::one(2) ? [self::pick($rows)] : []);

            return implode("\n", array_map(fn (Difference $one) => "$one->facet $one->part $one->count $one->words "
                .implode(',', $one->left).' '.implode(',', $one->right), (new Comparison($was, 1, $book($rows), 1))->differences));
        });
    }
}
