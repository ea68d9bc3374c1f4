<?php

declare(strict_types=1);

namespace Tests\Core;

use Rilvet\Act\BringAnew;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Condition\Is;
use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;
use Rilvet\Look\LookBook;
use Rilvet\Number\NumberFormat;
use Rilvet\Ods\DataStylesOut;
use Rilvet\Page\PageRules;
use Rilvet\Paper\PageBand;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Refusal;
use Rilvet\Renew\Choices;
use Rilvet\Renew\NewData;
use Rilvet\Work\SheetDocuments;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Paged;

/** What is read of a sheet, found in it, printed and written of it. */
final class ManyPicturesTest extends ManyPicturesCase
{
    public function test_tables_are_read(): void
    {
        $this->many('read', 10_001, 600, function (int $seed): string {
            $cells = self::typed(self::wild($seed));

            return Picture::sum(Picture::tables(Finder::read(SheetFacts::of($cells))));
        });
    }

    public function test_findings_are_found(): void
    {
        $this->many('found', 12_001, 200, function (int $seed): string {
            $cells = self::typed(self::wild($seed));
            $sheet = new Worksheet($cells, 'Wild', Finder::read(SheetFacts::of($cells)));

            return implode("\n", array_map(fn (Finding $one) => "$one->check $one->range $one->count $one->words {$one->mend?->words}",
                Checks::on(new Workbook('Wild', [1 => $sheet], new LookBook), Checks::all())));
        });
    }

    /** Rows of 20 px and columns of 110 px fill an A4 page of usual margins often to the pixel. */
    public function test_pages_end(): void
    {
        $this->many('pages', 14_001, 740, function (int $seed): string {
            $parts = [];
            self::one(3) && $parts[] = [1, 'title'];
            self::one(5) && $parts[] = [1, 'column_group'];
            self::one(4) || $parts[] = [mt_rand(1, 2), 'head'];
            for ($groups = mt_rand(1, 5); $groups > 0; $groups--) {
                self::one(3) && $parts[] = [1, 'row_group'];
                $parts[] = [self::pick([1, 2, 9, 10, 24, 25, 38, 49, 50, 51]), 'body'];
                self::one(3) && $parts[] = [1, self::pick(['subtotal', ''])];
            }
            self::one(2) && $parts[] = [1, 'total'];
            self::one(4) && $parts[] = [1, 'note'];
            $columns = mt_rand(1, 14);
            $heights = [];
            for ($tall = mt_rand(0, 4); $tall > 0; $tall--) {
                $heights[mt_rand(1, 60)] = self::pick([0, 40, 100, 500, 980, 1_000, 1_020, 2_400]);
            }
            $groups = $merges = [];
            for ($column = mt_rand(1, 3); self::one(2) && $column < $columns; $column += mt_rand(2, 4)) {
                $groups[] = Range::of(1, $column, 1, min($columns, $column + mt_rand(1, 3)));
            }
            self::one(4) && $merges[] = Range::of($top = mt_rand(2, 60), 1, $top + mt_rand(1, 12), mt_rand(1, $columns));
            $says = ['turn' => self::pick(['upright', 'turned', 'better']), 'wide' => self::pick([0, 0, 1, 2]),
                'tall' => self::pick([0, 0, 2]),
                'heads' => self::one(2), 'labels' => self::one(2), 'keep' => self::one(2), 'each' => self::one(5),
                'least' => self::pick([1, 8, 11]), 'scale' => self::pick([100, 100, 50, 130]),
                'order' => self::pick(PageRules::RULES['order']),
                'prints' => self::pick(['sheet', 'tables'])] + (self::one(5) ? ['titleRows' => '1:2'] : []);
            $widths = array_fill(0, $columns, self::pick([110, 110, 68, 340, 680, 25]));
            $sheet = Paged::sheet($parts, $heights, $widths, $says, $merges, $groups);
            try {
                $layout = Paged::layout($sheet);
            } catch (Refusal $refusal) {
                return $refusal->getMessage();
            }
            $band = fn (PageBand $one) => "$one->first-$one->last $one->size {$one->end->value} $one->full $one->skip "
                .self::json($one->repeated);
            $said = "$layout->isTurned $layout->scale ".self::json($layout->choice)." {$layout->pages()}";
            foreach ($layout->areas as $area) {
                $said .= "\n$area->range ".implode(', ', array_map($band, [...$area->rows, ...$area->columns]));
            }

            return $said;
        });
    }

    public function test_newer_data_is_planned(): void
    {
        $this->many('newer', 20_001, 200, function (int $seed): string {
            $rows = self::wild($seed);
            $cells = self::typed($rows);
            $reading = Finder::read(SheetFacts::of($cells));
            $table = $reading->tables[0] ?? null;
            if ($table === null) {
                return 'no table';
            }
            $book = new Workbook('Old', [1 => new Worksheet($cells, 'Old', $reading)], new LookBook);
            mt_srand($seed);
            foreach ($rows as $at => $row) {
                self::one(3) && $rows[$at][mt_rand(0, count($row) - 1)] = (string) mt_rand(1, 9);
            }
            self::one(3) && array_splice($rows, mt_rand(1, count($rows)), 1);
            for ($more = self::one(3) ? mt_rand(1, 2) : 0; $more > 0; $more--) {
                $at = mt_rand(0, count($rows[0]));
                foreach ($rows as $index => $row) {
                    array_splice($rows[$index], $at, 0, [$index === 0 ? "More $more" : (string) $index]);
                }
            }
            $without = self::one(4) ? [mt_rand(1, $table->range->right)] : [];
            self::one(3) && array_splice($rows, mt_rand(1, count($rows)), 0, [self::pick($rows)]);
            $newer = self::typed($rows);
            $new = new Workbook('New', [1 => new Worksheet($newer, 'New', Finder::read(SheetFacts::of($newer)))], new LookBook);
            $choices = new Choices(without: $without, keepGone: self::one(3), keepChanged: self::one(4), below: self::one(4));
            try {
                $act = new BringAnew(1, $table->range->top, $table->range->left, NewData::of($new, 1), $choices);
                $said = self::json($act->plan($book));

                return self::one(3) ? $said.self::json((new SheetDocuments($act->on($book)->sheet(1)))->all()) : $said;
            } catch (Refusal $refusal) {
                return $refusal->getMessage();
            }
        });
    }

    public function test_formats_are_shown_and_said_in_an_ods(): void
    {
        $this->many('formats', 22_001, 4_000, function (): string {
            $section = fn () => self::pick(['', '', '[Red]', '[<10]', '[>=100]']).self::pick(['', '"No. "', '€ ', '\\x', '_(',
                '* ']).self::pick([
                    '0', '0.00', '#,##0', '#,##0.0##', '0%', '00.0%', '#', '0.##', '# ?/?', '# ??/16', '0.00E+00', '##0.0E+0', '@',
                    'General',
                    '000',
                    '0,', '0.0,,', 'yyyy-mm-dd', 'd mmm yy', 'dddd d. mmmm', 'h:mm', 'hh:mm:ss.00', '[h]:mm', '[mm]:ss', 'h:mm AM/PM',
                    '?0.0?',
                ]).self::pick(['', '', ' "kg"', '_)', '%', ' €']);
            $code = implode(';', array_map($section, range(1, self::pick([1, 1, 2, 3, 4]))));
            $format = NumberFormat::of($code);
            $said = [$code, DataStylesOut::xml($code, 'N1')];
            foreach ([0, 1, -1, 9.995, 10, 100, -1_234.5, 0.5, 1e-7, 46_095.52, 123_456_789] as $value) {
                $said[] = $format->number($value)->text;
            }

            return implode("\n", $said);
        });
    }
}
