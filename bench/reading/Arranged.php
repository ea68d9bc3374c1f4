<?php

declare(strict_types=1);

namespace Bench\Reading;

use Rilvet\Reading\Part;

/** Layouts in which the arrangement of headings, columns and tables is what has to be seen. */
final readonly class Arranged
{
    public function __construct(private Layout $at)
    {
    }

    /** Headings of three levels: halves of the country over years over what was counted. */
    public function levels(): void
    {
        mt_rand(0, 1) === 1 && $this->at->row(Part::Title, ['Stock of the nursery by region']);
        $this->at->row(Part::ColumnGroup, [null, 'North', null, null, null, 'South', null, null, null]);
        $this->at->row(Part::ColumnGroup, [null, 'Spring', null, 'Autumn', null, 'Spring', null, 'Autumn', null]);
        $this->at->row(Part::Heading, ['Species', 'Stock', 'Sold', 'Stock', 'Sold', 'Stock', 'Sold', 'Stock', 'Sold']);
        foreach ($this->names(mt_rand(4, 16)) as $name) {
            $this->at->row(Part::Body, [$name, ...$this->figures(8)]);
        }
    }

    /** Planned and actual in turn, under the halves of a year. */
    public function planned(): void
    {
        $this->at->row(Part::ColumnGroup, [null, 'First half', null, 'Second half', null]);
        $this->at->row(Part::Heading, ['Species', 'Planned', 'Actual', 'Planned', 'Actual']);
        $rows = array_map(fn () => $this->figures(4), range(1, mt_rand(4, 14)));
        foreach ($this->names(count($rows)) as $row => $name) {
            $this->at->row(Part::Body, [$name, ...$rows[$row]]);
        }
        $sums = array_map(fn (int $at) => array_sum(array_column($rows, $at)), range(0, 3));
        $this->at->row(Part::Total, [$this->at->word('total'), ...$sums]);
    }

    /** Four small tables, two beside two, each with its title and headings; blank columns and rows between. */
    public function tiles(): void
    {
        $rows = mt_rand(3, 6);
        for ($band = 0; $band < 2; $band++) {
            $band === 1 && $this->at->blank();
            $this->at->row(Part::Title, ["Bed $band a", null, null, null, "Bed $band b"]);
            $this->at->row(Part::Heading, ['Species', 'Stock', 'Sold', null, 'Species', 'Stock', 'Sold']);
            $names = $this->names(2 * $rows);
            for ($row = 0; $row < $rows; $row++) {
                $this->at->row(Part::Body, [$names[$row], ...$this->figures(2), null, $names[$rows + $row], ...$this->figures(2)]);
                $this->at->truth[count($this->at->rows)][5] = Part::RowLabel;
            }
        }
        $this->at->tables = 4;
    }

    /** Statements of many subtotals, the last of which is the total. */
    public function sections(): void
    {
        $this->at->row(Part::Heading, ['Species', 'Stock', 'Sold']);
        $all = [];
        foreach (['Trees', 'Shrubs', 'Climbers'] as $name) {
            $lines = array_map(fn () => $this->figures(2), range(1, mt_rand(2, 5)));
            foreach ($this->names(count($lines)) as $row => $species) {
                $this->at->row(Part::Body, [$species, ...$lines[$row]]);
            }
            $all = [...$all, ...$lines];
            $this->at->row(Part::Subtotal, [$name, array_sum(array_column($lines, 0)), array_sum(array_column($lines, 1))]);
        }
        $this->at->row(Part::Total, [$this->at->word('total'), array_sum(array_column($all, 0)), array_sum(array_column($all, 1))]);
    }

    /** Names down the first column, species across: their headings stand at the left, and no two rows hold the same kind of thing. */
    public function turned(): void
    {
        $records = mt_rand(2, 7);
        mt_rand(0, 2) === 0 && $this->at->row(Part::Title, ['Species of the nursery']);
        mt_rand(0, 3) > 0 && $this->at->row(Part::Heading, ['Species', ...$this->names($records)]);
        $soils = ['moist', 'dry', 'any', 'chalk'];
        $rows = [
            ['Stock', array_map(fn () => mt_rand(3, 900), range(1, $records))],
            ['Soil', array_map(fn () => $soils[mt_rand(0, 3)], range(1, $records))],
            ['Height', array_map(fn () => mt_rand(10, 300) / 10, range(1, $records))],
            ['Sown in', array_map(fn () => ['spring', 'autumn'][mt_rand(0, 1)], range(1, $records))],
            ['Price', array_map(fn () => mt_rand(100, 4_000) / 100, range(1, $records))],
            ['Keeper', array_map(fn () => ['Ida', 'Ben', 'Uma'][mt_rand(0, 2)], range(1, $records))],
        ];
        foreach (array_slice($rows, 0, mt_rand(3, 6)) as [$name, $cells]) {
            $this->at->row(Part::Body, [$name, ...$cells]);
            $this->at->truth[count($this->at->rows)][1] = Part::Heading;
        }
    }

    /** What a form says when it is filled in: keys, with a colon or without, and what each of them is. */
    public function keys(): void
    {
        $colon = mt_rand(0, 1) === 1 ? ':' : '';
        mt_rand(0, 1) === 1 && $this->at->row(Part::Title, ['Plot of the year']);
        $rows = [
            ['Site', 'North field'], ['Area', mt_rand(3, 80)], ['Soil', 'loam'], ['Date', '2026-03-1'.mt_rand(0, 9)],
            ['Count', mt_rand(100, 900)], ['Keeper', 'Ida'], ['Price', mt_rand(100, 900) / 100], ['Remarks', 'north of the yard'],
        ];
        foreach (array_slice($rows, 0, mt_rand(4, 8)) as [$key, $value]) {
            $this->at->row(Part::Body, [$key.$colon, $value]);
            $this->at->truth[count($this->at->rows)][1] = Part::Heading;
        }
    }

    /** Words at both ends above a printed report, a line of when, and its table. */
    public function report(): void
    {
        $this->at->row(Part::Title, ['Nursery report', null, null, 'Page 1']);
        mt_rand(0, 1) === 1 && $this->at->row(Part::Units, ['Printed for the meeting']);
        $this->at->blank();
        $this->at->row(Part::Heading, ['Species', 'Stock', 'Sold', 'Lost']);
        foreach ($this->names(mt_rand(4, 14)) as $name) {
            $this->at->row(Part::Body, [$name, ...$this->figures(3)]);
        }
    }

    /** Years over a row that says what is counted in each. */
    public function yearsAboveUnits(): void
    {
        mt_rand(0, 1) === 1 && $this->at->row(Part::Title, ['Harvest by year']);
        $years = mt_rand(3, 6);
        $first = mt_rand(1_995, 2_018);
        $this->at->row(Part::Heading, ['Species', ...array_map(fn (int $at) => $first + $at, range(1, $years))]);
        $this->at->row(Part::Heading, [null, ...array_fill(0, $years, ['t', '1,000 t', 'kg'][mt_rand(0, 2)])]);
        foreach ($this->names(mt_rand(4, 14)) as $name) {
            $this->at->row(Part::Body, [$name, ...$this->figures($years)]);
        }
    }

    /** A row of units in which only some columns have one. */
    public function someUnits(): void
    {
        $this->at->row(Part::Heading, ['Species', 'Area', 'Stock', 'Sold', 'Alive']);
        $this->at->row(Part::Heading, [null, 'ha', null, null, '%']);
        foreach ($this->names(mt_rand(5, 14)) as $name) {
            $this->at->row(Part::Body, [$name, mt_rand(10, 900) / 10, mt_rand(10, 4_000), mt_rand(10, 900), mt_rand(300, 999) / 10]);
        }
    }

    /** A title, a line under it, and units pushed to the right edge. */
    public function titles(): void
    {
        $this->at->row(Part::Title, ['Stock of the nursery']);
        $this->at->row(Part::Units, ['by species, as counted in spring']);
        mt_rand(0, 1) === 1 && $this->at->row(Part::Units, [null, null, null, $this->at->word('units')]);
        mt_rand(0, 1) === 1 && $this->at->blank();
        $this->at->row(Part::Heading, ['Species', 'Stock', 'Sold', 'Lost']);
        foreach ($this->names(mt_rand(4, 14)) as $name) {
            $this->at->row(Part::Body, [$name, ...$this->figures(3)]);
        }
    }

    /** Lines of text at the right of a table, a column away from it. */
    public function notesBeside(): void
    {
        $rows = mt_rand(5, 12);
        $notes = ['Counted by hand.', 'Beds 3 and 4 were not counted.'];
        $this->at->row(Part::Heading, ['Species', 'Stock', 'Sold']);
        foreach ($this->names($rows) as $row => $name) {
            $note = $row > 0 && $row <= mt_rand(1, 2) ? $notes[$row - 1] : null;
            $this->at->row(Part::Body, [$name, ...$this->figures(2), ...($note === null ? [] : [null, $note])]);
            $note === null || $this->at->truth[count($this->at->rows)][5] = Part::Note;
        }
    }

    /** Marks of notes on headings, labels and figures, and the notes below. */
    public function marks(): void
    {
        $this->at->row(Part::Heading, ['Species', 'Stock *', 'Sold ¹', 'Lost']);
        foreach ($this->names(mt_rand(5, 14)) as $row => $name) {
            $figures = $this->figures(3);
            $this->at->row(Part::Body, [
                $row === 2 ? "$name †" : $name,
                $figures[0], $row === 3 ? "$figures[1] p" : $figures[1], $figures[2],
            ]);
        }
        $this->at->row(Part::Note, ['* counted by hand']);
        $this->at->row(Part::Note, ['¹ to members and to the school']);
        mt_rand(0, 1) === 1 && $this->at->row(Part::Note, ['† from seed of the year before']);
        mt_rand(0, 1) === 1 && $this->at->row(Part::Note, ['p: provisional']);
    }

    /** Keys that nobody has filled in, but for some. */
    public function form(): void
    {
        $this->at->row(Part::Title, ['Application for a plot']);
        mt_rand(0, 1) === 1 && $this->at->blank();
        foreach (['Name', 'Address', 'Telephone', 'Date', 'Plot', 'Size'] as $at => $key) {
            $value = ['Ida Reed', 'Yard 2', '020 7946', 'May', '12', 'small'][$at];
            $this->at->row(Part::Body, ["$key:", $at === 0 || mt_rand(0, 2) === 0 ? $value : null]);
            $this->at->truth[count($this->at->rows)][1] = Part::Heading;
        }
    }

    /** No part of a table. */
    public function letter(): void
    {
        $lines = [
            'the nursery opens on the first of March again.', 'We have sown twelve species, and hope for a mild spring.',
            'Please bring your own gloves.', 'Tea is made at four.', 'Children are welcome, dogs are not.',
        ];
        shuffle($lines);
        foreach (['Dear members,', ...array_slice($lines, 0, mt_rand(3, 5)), 'With kind regards,', 'The board'] as $line) {
            $this->at->rows[] = [$line];
        }
    }

    /** @return list<string> */
    private function names(int $count): array
    {
        $names = Vocabulary::NAMES;
        shuffle($names);

        return array_map(fn (int $at) => $names[$at % count($names)].($at < count($names) ? '' : " $at"), range(0, $count - 1));
    }

    /** @return list<int> */
    private function figures(int $count): array
    {
        return array_map(fn () => mt_rand(3, 4_000), range(1, $count));
    }
}
