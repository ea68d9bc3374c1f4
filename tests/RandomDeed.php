<?php

declare(strict_types=1);

namespace Tests;

use Rilvet\Act;
use Rilvet\Act\Targets;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\Address;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Role;
use Rilvet\Intake\ColumnTyping;
use Rilvet\Intake\Conversion;
use Rilvet\Intake\TypingKind;
use Rilvet\Look\Edge;
use Rilvet\Look\Facet;
use Rilvet\Look\Line;
use Rilvet\Look\Look;
use Rilvet\Number\NumberChoice;
use Rilvet\Number\Purpose;
use Rilvet\Page\PageRules;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Correction\ColumnIs;
use Rilvet\Reading\Correction\JoinBelow;
use Rilvet\Reading\Correction\RowsAre;
use Rilvet\Reading\Correction\SplitAt;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\LetterCase;
use Rilvet\Stylebook\Stripes;
use Rilvet\Stylebook\StripesBy;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Anything that can be done with the first sheet of a workbook, by chance: of the generator that PHP seeds with mt_srand(). */
final class RandomDeed
{
    private const LOOKS = ['Check', '1', '01'];

    private function __construct(private readonly Worksheet $sheet)
    {
    }

    public static function of(Workbook $workbook): Act\Act
    {
        $deed = new self($workbook->sheet(1));
        // What is protected refuses most of all; a walk goes on when it is lifted.
        if ($deed->sheet->setup->tab->protected && self::one(3)) {
            return new Act\LiftProtection(1, '');
        }

        return match (mt_rand(1, 12)) {
            1, 2, 3 => $deed->formatted(),
            4, 5 => $deed->moved(),
            6 => $deed->told($workbook),
            7 => $deed->typed(),
            8, 9 => $deed->laidOver(),
            10 => $deed->printed(),
            default => $deed->named($workbook),
        };
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

    private static function colour(): string
    {
        return sprintf('#%06X', self::one(3) ? self::pick([0, 0xFFFFFF, 0x224466]) : mt_rand(0, 0xFFFFFF));
    }

    /** Half of all is done near the beginning, so that deeds meet each other. */
    private function row(): int
    {
        return self::one(2) ? mt_rand(2, 5) : mt_rand(1, max(2, $this->sheet->cells->rows()) + 2);
    }

    private function column(): int
    {
        return self::one(2) ? mt_rand(1, 4) : mt_rand(1, max(2, $this->sheet->cells->columns()) + 1);
    }

    private function range(): string
    {
        [$row, $column] = [$this->row(), $this->column()];
        [$left, $right] = [Address::columnName($column), Address::columnName($column + mt_rand(0, 3))];
        $bottom = $row + mt_rand(0, 5);

        return match (mt_rand(1, 12)) {
            1 => "$left:$right",
            2 => "$row:$bottom",
            3 => "$left$row",
            default => "$left$row:$right$bottom",
        };
    }

    private function at(): Targets
    {
        return new Targets([1], RangeSet::parse($this->range().(self::one(6) ? ','.$this->range() : '')));
    }

    private static function look(): Look
    {
        $says = [];
        for ($count = mt_rand(1, 3); $count > 0; $count--) {
            $says += match (mt_rand(1, 16)) {
                1 => ['font' => self::pick(['Carlito', 'Tinos', 'Liberation Mono', 'Sedge Sans'])],
                2 => ['size' => self::pick([6, 9, 10.5, 14, 31])],
                3 => ['bold' => ! self::one(3), 'italic' => self::one(2)],
                4 => ['underline' => self::pick(['none', 'single', 'double']), 'strike' => self::one(3)],
                5, 6 => ['ink' => self::colour()],
                7, 8 => ['fill' => self::one(6) ? 'none' : self::colour()],
                9 => ['script' => self::pick(['super', 'sub', 'none'])],
                10 => ['horizontal' => self::pick(['left', 'right', 'center', 'justify', 'fill', 'general']), 'indent' => mt_rand(0, 3)],
                11 => ['vertical' => self::pick(['top', 'center', 'bottom', 'justify'])],
                12 => ['wrap' => self::one(2), 'shrink' => self::one(4)],
                13 => ['clip' => ! self::one(4)],
                14 => ['rotation' => self::pick([0, 45, 90, -45, -90])],
                15 => ['locked' => self::one(2), 'concealed' => self::one(3)],
                default => ['number' => self::code()],
            };
        }

        return Look::of($says);
    }

    private static function code(): string
    {
        $purpose = self::pick(array_filter(Purpose::cases(), fn (Purpose $one) => $one !== Purpose::AsItIs));

        return NumberChoice::of([
            'purpose' => $purpose->value, 'decimals' => mt_rand(0, 4), 'length' => mt_rand(1, 9),
            'negative' => self::pick(NumberChoice::NEGATIVE), 'zero' => self::pick(NumberChoice::ZERO),
            'symbol' => self::pick(['', '€', 'kr', 'Fr.']), 'place' => self::pick(NumberChoice::PLACES),
            'pattern' => self::pick($purpose->patterns() ?: ['']),
        ])->code();
    }

    private function formatted(): Act\Act
    {
        $part = self::pick(Part::cases());

        return match (mt_rand(1, 7)) {
            1, 2 => new Act\Format($this->at(), self::look()),
            3 => new Act\FormatPart([1], $part, self::one(3) ? self::pick(ColumnKind::cases()) : null, self::look(),
                self::one(4) ? self::pick(['Count', 'Tree', 'Worth']) : null, self::pick(['keep', 'ask', 'override'])),
            4 => new Act\Wipe($this->at(), self::one(3) ? null : self::pick(Facet::cases()), self::one(4)),
            5 => new Act\DrawBorders($this->at(), array_fill_keys(
                array_map(fn () => self::pick(Act\DrawBorders::SIDES), range(1, mt_rand(1, 3))),
                self::one(5) ? Edge::parse('none') : Edge::of(self::pick(Line::cases()), self::colour()))),
            6 => new Act\Lay($this->at(), [[self::look(), Look::none()], [self::look(), self::look()]], self::one(2) ? [50, 120] : []),
            default => new Act\FormatWhere($this->at(), self::look(), self::look()),
        };
    }

    private function moved(): Act\Act
    {
        return match (mt_rand(1, 8)) {
            1, 2, 3 => new Act\MoveCells(1, self::one(2) ? new Shift(true, $this->row(), mt_rand(1, 3), self::one(2))
                : new Shift(false, $this->column(), mt_rand(1, 2), self::one(2))),
            4 => new Act\SortTable(1, $this->row(), $this->column(), [[$this->column(), self::one(2)]]),
            5 => new Act\Resize([1], self::one(2), [[$this->column(), $this->column() + 2]],
                self::one(3) ? null : mt_rand(8, 300), self::one(3)),
            6 => new Act\Hide([1], self::one(2), $this->column(), $this->column() + 2, ! self::one(3)),
            7 => new Act\Merge($this->at(), self::pick(Act\Merge::MODES)),
            default => new Act\Split($this->at()),
        };
    }

    /** What is said of the table, and of how it opens. */
    private function told(Workbook $workbook): Act\Act
    {
        [$row, $column] = [$this->row(), $this->column()];

        return match (mt_rand(1, 10)) {
            1, 2 => new Act\CorrectReading(1, new RowsAre($row, $column, $row, $row + mt_rand(0, 2), self::pick([...Part::cases(), null]))),
            3 => new Act\CorrectReading(1, new ColumnIs($row, $column, self::pick(ColumnKind::cases()),
                self::one(2) ? self::pick(ColumnRole::cases()) : null)),
            4 => new Act\CorrectReading(1, self::one(2) ? new SplitAt($row, $column) : new JoinBelow($row, $column)),
            5 => new Act\SetOpening([1], mt_rand(0, 4), mt_rand(0, 3), self::one(2), mt_rand(30, 220), self::one(3)),
            6 => new Act\FitHeadings([1], self::pick(Act\FitHeadings::WAYS)),
            7 => new Act\EqualWidths([1], [[$column, $column + 2]]),
            8 => new Act\FitCut(1),
            9 => new Act\GiveRole([1], self::pick(Role::cases()), self::pick(['', 'counts & weights'])),
            default => new Act\Dress(array_keys($workbook->sheets), self::one(5) ? null : self::pick(Builtin::all()), self::one(3)),
        };
    }

    private function typed(): Act\Act
    {
        [$row, $column] = [$this->row(), $this->column()];
        $texts = ['17', '-3.5', '12%', '14 March 2026', '8:30', 'true', '=B3+1', '=SUM(C2:C9)', "'012", '', 'Grey alder', 'Total',
            "two\nlines"];
        $typed = fn () => self::pick($texts);

        return match (mt_rand(1, 8)) {
            1, 2 => new Act\EditCells(1, [$row => [$column => $typed(), $column + 1 => $typed()], $row + 1 => [$column => $typed()]]),
            3 => new Act\ClearCells($this->at()),
            4 => new Act\ConvertCells($this->at(), self::pick(Conversion::KINDS)),
            5 => new Act\PasteCells(1, Address::of($row, $column), [[$typed(), $typed()], [$typed(), $typed()]], null),
            6 => new Act\RewriteHeads([1], self::pick([Part::Heading, Part::Title]), self::pick(LetterCase::cases())->value),
            7 => new Act\RewriteTexts($this->at(), ['Ash' => 'European ash', 'Rowan' => 'rowan'], 'Spelled alike'),
            default => new Act\TypeColumn(1, $column, new ColumnTyping(self::pick(TypingKind::cases()), self::pick(['.', ',']))),
        };
    }

    /** A conditional look that draws lines. */
    public static function edged(string $id): Condition
    {
        $edge = (string) Edge::of(self::pick(Line::cases()), self::colour());

        return Condition::of(['id' => $id, 'where' => ['cells' => self::pick(['C3:C8', 'A2:E9', 'B4:D5'])],
            'test' => ['is' => 'above', 'of' => [(string) mt_rand(-3, 8)]],
            'look' => [self::pick(['top', 'right', 'bottom', 'left']) => $edge, self::pick(['bottom', 'left']) => $edge]]);
    }

    /** Conditional looks, checks on entry and stripes. */
    private function laidOver(): Act\Act
    {
        $conditions = array_map(fn (Condition $one) => $one->id, $this->sheet->aspect(Conditions::class)->all);
        $checks = array_map(fn (EntryCheck $one) => $one->id, $this->sheet->aspect(EntryChecks::class)->all());
        $stripes = new Stripes(mt_rand(1, 3), [Look::none(), Look::of(['fill' => self::colour()])], self::pick(StripesBy::cases()));

        return match (mt_rand(1, 9)) {
            1, 2, 3 => new Act\SetCondition(1, RandomCondition::of('c'.mt_rand(1, 4), $this->range())),
            4 => $conditions === [] ? new Act\GatherConditions([1], self::one(2))
                : new Act\ArrangeConditions(1, [self::pick($conditions)], self::pick(['move', 'off', 'on', 'drop']), mt_rand(0, 2)),
            5, 6 => new Act\SetEntry(1, RandomEntry::of('e'.mt_rand(1, 3), $this->range())),
            7 => $checks === [] ? new Act\MarkCells([1], self::pick([Part::EntryCell, Part::ChoiceCell, Part::FormulaCell]), ! self::one(3))
                : new Act\DropEntries(1, [self::pick($checks)]),
            8 => new Act\SayCells($this->at(), self::pick([true, false, null])),
            default => new Act\LayStripes($this->at(), self::one(5) ? null : $stripes,
                self::one(2) ? $this->column() : null),
        };
    }

    private function printed(): Act\Act
    {
        $says = [];
        foreach (array_rand(PageRules::RULES, 3) as $rule) {
            $takes = PageRules::RULES[$rule];
            $says[$rule] = match (true) {
                is_array($takes) && is_int($takes[0]) => mt_rand(max(1, $takes[0]), min(200, (int) $takes[1])),
                is_array($takes) => self::pick($takes),
                $takes === 'mm' => mt_rand(2, 30),
                $takes === 'flag' => self::one(2),
                $takes === 'paper' => self::pick(['A4', 'A5', 'A6']),
                $takes === 'colour' => self::colour(),
                $takes === 'places' => [self::pick(['left', 'centre', 'right']) => self::pick(['{page} of {pages}', '{sheet} & {date}',
                    ''])],
                default => null,
            };
        }

        return match (mt_rand(1, 5)) {
            1, 2 => new Act\SayPages([1], PageRules::of($says)),
            3 => new Act\BreakPages(1, self::one(2), null, $this->column() + 1),
            4 => new Act\DropBreaks([1]),
            default => new Act\ProtectSheet([1], array_filter(Allowance::cases(), fn () => self::one(3)), null),
        };
    }

    /** The workbook's own looks, and its sheets. */
    private function named(Workbook $workbook): Act\Act
    {
        $name = self::pick(self::LOOKS);
        $look = self::look();
        $known = array_map(strval(...), array_keys($this->sheet->namedLooks()));

        return match (mt_rand(1, 7)) {
            1, 2 => new Act\ReviseOwn(fn (Stylebook $own) => new Act\ReviseStylebook($own->naming($name, $look), "Look $name", false),
                "Look $name", array_keys($workbook->sheets)),
            3, 4 => new Act\LayNamed($this->at(), self::pick($known ?: self::LOOKS)),
            5 => new Act\ReviseOwn(fn (Stylebook $own) => new Act\ReviseStylebook($own->naming($name, null), "No look $name", false,
                Act\WearersOfLook::keeping($name, $look)), "No look $name", array_keys($workbook->sheets)),
            6 => new Act\ArrangeSheet(1, self::pick(['Beds', 'Beds & more', "Late '27"]), self::one(5),
                self::one(2) ? self::colour() : null),
            default => new Act\MoveSheet(1, count($workbook->sheets)),
        };
    }
}
