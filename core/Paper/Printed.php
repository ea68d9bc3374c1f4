<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Grid\Range;
use Rilvet\Page\HeadFoot;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** How a sheet goes to paper, as formats can say it: with the direction and the scale that were found, and breaks that keep together. */
final readonly class Printed
{
    /**
     * @param  int  $scale  percent
     * @param  bool  $saysPaper  somebody chose the paper; else it is the printer's
     * @param  list<int>  $rows  rows after which a page ends
     * @param  list<int>  $columns
     * @param  list<Range>  $areas  what is printed; none for all
     * @param  array<string, string>  $fields  what fields stand for, as far as that is known before it is printed
     */
    private function __construct(
        public PageRules $rules,
        public bool $isTurned,
        public int $scale,
        public bool $isHeld,
        public bool $saysPaper,
        public array $rows,
        public array $columns,
        public array $areas,
        public array $fields,
    ) {
    }

    /** What is to be said in the package that a sheet came in; null where nobody said anything since. */
    public static function back(Workbook $workbook, Worksheet $sheet): ?self
    {
        $setup = $sheet->aspect(PageSetup::class);
        $isAsItCame = $setup->isOfFile && ! $setup->isTouched() && $sheet->stylebook === null && ! $sheet->clean;

        return $isAsItCame ? null : self::of($workbook, $sheet);
    }

    public static function of(Workbook $workbook, Worksheet $sheet): self
    {
        $setup = $sheet->aspect(PageSetup::class);
        $rules = SheetPages::rules($sheet);
        $layout = PageLayout::of($sheet, $workbook->looks);
        $keeps = [BandEnd::Group, BandEnd::Heading, BandEnd::Total, BandEnd::Merge, BandEnd::Each, BandEnd::Columns, BandEnd::Alone];
        $kept = fn (PageBand $band) => in_array($band->end, $keeps, true);
        [$rows, $columns] = [$setup->rows, $setup->columns];
        foreach ($layout->areas as $area) {
            array_push($rows, ...array_map(fn (PageBand $band) => $band->last, array_filter($area->rows, $kept)));
            array_push($columns, ...array_map(fn (PageBand $band) => $band->last, array_filter($area->columns, $kept)));
        }
        sort($rows);
        sort($columns);
        $isWhole = $rules->text('area') === '' && $rules->text('prints') === 'sheet';
        $most = PageSetup::BREAKS;

        return new self(
            $rules, $layout->isTurned, (int) round($layout->scale * 100), $layout->choice->isHeld(), $rules->has('paper'),
            array_slice(array_values(array_unique($rows)), 0, $most), array_slice(array_values(array_unique($columns)), 0, $most),
            $isWhole ? [] : (new SheetPages($sheet, $rules, $workbook->looks))->ranges(),
            (new Fields($workbook, '', 0))->of($sheet, 1, 1),
        );
    }

    /** Whether it is left to whoever prints it to find the scale. */
    public function fits(): bool
    {
        return ($this->rules->number('wide') > 0 || $this->rules->number('tall') > 0) && ! $this->isHeld;
    }

    /** What stands at an edge of pages; null where nothing is said of it. */
    public function headFoot(string $rule): ?HeadFoot
    {
        $isOdd = $rule === 'header' || $rule === 'footer';
        $says = $this->rules->places($rule);

        return ($isOdd && $says->isEmpty()) || (! $isOdd && ! $this->rules->has($rule)) ? null : $says;
    }

    /**
     * Rows, and columns, that are repeated on every page: those that are said, else those of the table, where one stands on the sheet.
     *
     * @return array{array{int, int}|null, array{int, int}|null} first and last
     */
    public function titles(Worksheet $sheet): array
    {
        $table = count($sheet->reading->tables) === 1 ? $sheet->reading->tables[0] : null;
        $heads = $table?->heads() ?? [];
        $last = $table?->lastLabelColumn();

        return [
            $this->rules->lines('titleRows')
                ?? ($this->rules->flag('heads') && $heads !== [] ? [$heads[0]->first, $heads[count($heads) - 1]->last] : null),
            $this->rules->lines('titleColumns') ?? ($this->rules->flag('labels') && $table !== null && $last !== null
                && $last - $table->range->left < 3 ? [$table->range->left, $last] : null),
        ];
    }

    public function saysEven(): bool
    {
        return $this->rules->has('evenHeader') || $this->rules->has('evenFooter');
    }

    public function saysFirst(): bool
    {
        return $this->rules->has('firstHeader') || $this->rules->has('firstFooter');
    }
}
