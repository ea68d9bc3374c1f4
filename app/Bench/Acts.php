<?php

declare(strict_types=1);

namespace App\Bench;

use App\Files\PastedTable;
use App\Models\Workbook;
use Rilvet\Act\Act;
use Rilvet\Act\ArrangeSheet;
use Rilvet\Act\ClearCells;
use Rilvet\Act\ConvertCells;
use Rilvet\Act\CorrectReading;
use Rilvet\Act\DrawBorders;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\EqualWidths;
use Rilvet\Act\FitCut;
use Rilvet\Act\FitHeadings;
use Rilvet\Act\Format;
use Rilvet\Act\FormatPart;
use Rilvet\Act\Hide;
use Rilvet\Act\Lay;
use Rilvet\Act\LayNamed;
use Rilvet\Act\Merge;
use Rilvet\Act\MoveCells;
use Rilvet\Act\MoveSheet;
use Rilvet\Act\NameSelection;
use Rilvet\Act\PasteCells;
use Rilvet\Act\RenameWorkbook;
use Rilvet\Act\Resize;
use Rilvet\Act\SetOpening;
use Rilvet\Act\ShareWidth;
use Rilvet\Act\SortTable;
use Rilvet\Act\Split;
use Rilvet\Act\Together;
use Rilvet\Act\TypeColumn;
use Rilvet\Act\WidthUnder;
use Rilvet\Act\Wipe;
use Rilvet\Colour\Colour;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Look\Edge;
use Rilvet\Look\Look;
use Rilvet\Look\LookWords;
use Rilvet\Reading\Correction\Corrections;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\ColourFamily;

/** Acts by the names that the browser sends. */
final readonly class Acts
{
    /** Acts that go to whole sheets, parts or columns by their heading: rows that moved meanwhile do not change what is meant. */
    private const WITHOUT_PLACES = ['dress', 'rename', 'formatHeaded', 'family', 'sheet', 'fitCut', 'headings', 'sameWidth', 'order'];

    public function __construct(private Shelf $shelf)
    {
    }

    /**
     * @param  int  $sheet  the sheet in view
     * @param  array<array-key, mixed>  $arguments
     * @return array{Act, list<int>, list<int>} the act, the sheets it touches, and those on which it names places
     *
     * @throws ActIsWrong
     */
    public function make(string $name, Workbook $row, int $sheet, array $arguments): array
    {
        $given = new Arguments($arguments, $sheet, $row);
        $sheets = $given->sheets();
        [$act, $touched] = $this->named($name, $row, $sheet, $given, $sheets);
        $isPlaced = ! in_array($name, self::WITHOUT_PLACES, true) && $given->textOrNull('scope') !== 'here';

        return [$act, $touched, $isPlaced ? $sheets : []];
    }

    /**
     * @param  non-empty-list<int>  $sheets  the sheets that the act goes to
     * @return array{Act, list<int>}
     *
     * @throws ActIsWrong
     */
    private function named(string $name, Workbook $row, int $sheet, Arguments $given, array $sheets): array
    {
        return match ($name) {
            'dress' => [new Dress($sheets, $given->textOrNull('stylebook') === null ? null : $this->shelf->stylebook($given->text('stylebook')), $given->flag('clean')), $sheets],
            'correct' => [new CorrectReading($sheet, Corrections::of($given->map('correction'))), [$sheet]],
            'type' => [new TypeColumn($sheet, $given->column(), $given->typing()), [$sheet]],
            'rename' => [new RenameWorkbook($given->textOrNull('name') ?? ''), []],
            'format' => [$given->textOrNull('scope') === 'here'
                ? new FormatPart($sheets, $given->part(), $given->kind(), $given->lookGiven(), over: $given->textOrNull('over') === null ? 'keep' : $given->oneOf('over', ['ask', 'keep', 'override']))
                : new Format($given->targets(), $given->lookGiven()), $sheets],
            'formatHeaded' => [$this->headed($sheets, $given), $sheets],
            'wipe' => [$given->textOrNull('scope') === 'here'
                ? new FormatPart($sheets, $given->part(), $given->kind(), Look::none())
                : new Wipe($given->targets(), $given->facet(), $given->flag('file')), $sheets],
            'borders' => [new DrawBorders($given->targets(), $this->sides($given->map('sides'))), $sheets],
            'merge' => [new Merge($given->targets(), $given->textOrNull('mode') ?? 'ask'), $sheets],
            'split' => [new Split($given->targets()), $sheets],
            'lay' => [new Lay($given->targets(), $this->block($given->list('block')), $given->widths()), $sheets],
            'family' => [$this->family($sheets, $given), $sheets],
            'layNamed' => [new LayNamed($given->targets(), $given->textOrNull('name') ?? ''), $sheets],
            'name' => [new NameSelection($sheet, $given->text('name'), $given->textOrNull('ranges') === null ? null : $given->targets()->ranges), [$sheet]],
            'edit' => [new EditCells($sheet, $given->cells()), $this->withFormulas($row, $sheet)],
            'clear' => [new ClearCells($given->targets()), $this->withFormulas($row, ...$sheets)],
            'convert' => [new ConvertCells($given->targets(), $given->oneOf('to', ConvertCells::ACTS)), $this->withFormulas($row, ...$sheets)],
            'sort' => [new SortTable($sheet, $given->place()->row, $given->place()->column, $given->sortKeys()), $this->withFormulas($row, $sheet)],
            'sheet' => [new ArrangeSheet($sheet, $given->textOrNull('name'), $given->flagOrNull('hidden'), $given->textOrNull('colour')), $this->withFormulas($row, $sheet)],
            'fitCut' => [new FitCut($sheet), [$sheet]],
            'equal' => [new EqualWidths($sheets, $given->spans()), $sheets],
            'share' => [new ShareWidth($sheet, $given->place()->row, $given->place()->column, $given->size() ?? throw ActIsWrong::argument('size', 'a width')), [$sheet]],
            'resize' => [new Resize($sheets, $given->columns(), $given->spans(), $given->size(), $given->flag('all')), $sheets],
            'hide' => [new Hide($sheets, $given->columns(), $given->spans()[0][0], $given->spans()[0][1], ! $given->flag('show')), $sheets],
            'opening' => [new SetOpening($sheets, $given->wholeOrNull('freezeRow'), $given->wholeOrNull('freezeColumn'), $given->flagOrNull('gridlines'), $given->wholeOrNull('zoom'), $given->flag('parts'), $given->wholeOrNull('firstRow'), $given->wholeOrNull('firstColumn')), $sheets],
            'headings' => [new FitHeadings($sheets, $given->oneOf('how', FitHeadings::WAYS)), $sheets],
            'sameWidth' => [new WidthUnder($sheets, $given->text('heading'), $given->size() ?? throw ActIsWrong::argument('size', 'a width')), $sheets],
            'order' => [new MoveSheet($sheet, $given->wholeOrNull('to') ?? 0), $this->withFormulas($row, $sheet)],
            'spacer' => [$this->spacer($sheet, $given), $this->withFormulas($row, $sheet)],
            'paste' => [$this->paste($sheet, $given), $this->withFormulas($row, $sheet)],
            'move' => [new MoveCells($sheet, $given->shift()), $this->withFormulas($row, $sheet)],
            default => throw ActIsWrong::named($name),
        };
    }

    /**
     * The sheets whose data is changed, and the others, whose formulas may look at them.
     *
     * @return non-empty-list<int>
     */
    private function withFormulas(Workbook $row, int $sheet, int ...$more): array
    {
        /** @var list<int> $others */
        $others = $row->sheets()->pluck('number')->all();

        return array_values(array_unique([$sheet, ...$more, ...$others]));
    }

    /**
     * @param  non-empty-list<int>  $sheets
     */
    private function family(array $sheets, Arguments $given): Act
    {
        $acts = [];
        foreach (ColourFamily::of(Colour::hex($given->text('hex')))->looks() as $part => $look) {
            $acts[] = new FormatPart($sheets, Part::from($part), null, $look);
        }

        return new Together($acts, "Colour family of {$given->text('hex')}".(count($sheets) > 1 ? ', '.count($sheets).' sheets' : ''));
    }

    /**
     * Body and totals of the columns of one heading; a look that is there before is kept under it.
     *
     * @param  non-empty-list<int>  $sheets
     */
    private function headed(array $sheets, Arguments $given): Act
    {
        $look = $given->lookGiven();
        $heading = $given->text('heading');
        $acts = array_map(fn (Part $part) => new FormatPart($sheets, $part, null, $look, $heading), [Part::Body, Part::Subtotal, Part::Total]);

        return new Together($acts, LookWords::of($look).", columns headed \"$heading\"".(count($sheets) > 1 ? ', '.count($sheets).' sheets' : ''));
    }

    /** A row or column that holds nothing and only gives room. */
    private function spacer(int $sheet, Arguments $given): Act
    {
        $shift = $given->shift();
        $px = $shift->rows ? 8 : 16;

        return new Together([new MoveCells($sheet, $shift), new Resize([$sheet], ! $shift->rows, [[$shift->at, $shift->at]], $px)], ($shift->rows ? "Spacer row $shift->at" : 'Spacer column '.Address::columnName($shift->at)).' put in');
    }

    /** What was copied here comes with its values and looks; what comes from elsewhere is a text, typed cell by cell. */
    private function paste(int $sheet, Arguments $given): Act
    {
        $copied = $given->block('cells');
        $cells = $copied ?? PastedTable::rows($given->text('text'), $given->textOrNull('html') ?? '');
        if ($copied === null && (count($cells) > 1 || count($cells[0] ?? []) > 1)) {
            // A table from elsewhere brings values: what looks like a formula in it is a text, and never comes to life here.
            $cells = array_map(fn (array $row) => array_map(fn (Cell|string $text) => is_string($text) && str_starts_with($text, '=') ? "'$text" : $text, $row), $cells);
        }
        $looks = $given->listOrNull('looks');

        return new PasteCells($sheet, $given->place(), $cells, $looks === null ? null : $this->block($looks));
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, Edge>
     */
    private function sides(array $given): array
    {
        $sides = [];
        foreach ($given as $side => $pen) {
            if (! in_array($side, DrawBorders::SIDES, true) || ! is_string($pen)) {
                throw ActIsWrong::argument('sides', 'edges by side: '.implode(', ', DrawBorders::SIDES));
            }
            $sides[$side] = Edge::parse($pen);
        }

        return $sides === [] ? throw ActIsWrong::argument('sides', 'at least one edge') : $sides;
    }

    /**
     * @param  list<mixed>  $rows
     * @return non-empty-list<non-empty-list<Look>>
     */
    private function block(array $rows): array
    {
        $block = [];
        foreach ($rows as $row) {
            $looks = [];
            foreach (is_array($row) ? $row : [] as $look) {
                $looks[] = Look::of(Arguments::look($look));
            }
            $looks === [] ? throw ActIsWrong::argument('block', 'rows of looks') : $block[] = $looks;
        }
        $widths = array_unique(array_map(count(...), $block));

        return $block === [] || count($widths) !== 1 || count($block) * $widths[0] > 10_000 ? throw ActIsWrong::argument('block', 'rows of looks, all of one length, at most 10,000') : $block;
    }
}
