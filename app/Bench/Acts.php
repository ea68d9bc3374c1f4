<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Workbook;
use Rilvet\Act\Act;
use Rilvet\Act\CorrectReading;
use Rilvet\Act\DrawBorders;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\Format;
use Rilvet\Act\FormatPart;
use Rilvet\Act\Lay;
use Rilvet\Act\LayNamed;
use Rilvet\Act\Merge;
use Rilvet\Act\MoveCells;
use Rilvet\Act\NameSelection;
use Rilvet\Act\RenameWorkbook;
use Rilvet\Act\Split;
use Rilvet\Act\TypeColumn;
use Rilvet\Act\Wipe;
use Rilvet\Look\Edge;
use Rilvet\Look\Look;
use Rilvet\Reading\Correction\Corrections;

/** Acts by the names that the browser sends. */
final readonly class Acts
{
    public function __construct(private Shelf $shelf)
    {
    }

    /**
     * @param  int  $sheet  the sheet in view
     * @param  array<array-key, mixed>  $arguments
     * @return array{Act, list<int>} the act and the sheets it touches
     *
     * @throws ActIsWrong
     */
    public function make(string $name, Workbook $row, int $sheet, array $arguments): array
    {
        $given = new Arguments($arguments, $sheet, $row);
        $sheets = $given->sheets();

        return match ($name) {
            'dress' => [new Dress($sheets, $given->textOrNull('stylebook') === null ? null : $this->shelf->stylebook($given->text('stylebook')), $given->flag('clean')), $sheets],
            'correct' => [new CorrectReading($sheet, Corrections::of($given->map('correction'))), [$sheet]],
            'type' => [new TypeColumn($sheet, $given->column(), $given->typing()), [$sheet]],
            'rename' => [new RenameWorkbook($given->textOrNull('name') ?? ''), []],
            'format' => [$given->textOrNull('scope') === 'here'
                ? new FormatPart($sheets, $given->part(), $given->kind(), Look::of($given->map('look')))
                : new Format($given->targets(), Look::of($given->map('look'))), $sheets],
            'wipe' => [$given->textOrNull('scope') === 'here'
                ? new FormatPart($sheets, $given->part(), $given->kind(), Look::none())
                : new Wipe($given->targets(), $given->facet(), $given->flag('file')), $sheets],
            'borders' => [new DrawBorders($given->targets(), $this->sides($given->map('sides'))), $sheets],
            'merge' => [new Merge($given->targets(), $given->textOrNull('mode') ?? 'ask'), $sheets],
            'split' => [new Split($given->targets()), $sheets],
            'lay' => [new Lay($given->targets(), $this->block($given->list('block'))), $sheets],
            'layNamed' => [new LayNamed($given->targets(), $given->textOrNull('name') ?? ''), $sheets],
            'name' => [new NameSelection($sheet, $given->text('name'), $given->textOrNull('ranges') === null ? null : $given->targets()->ranges), [$sheet]],
            'edit' => [new EditCells($sheet, $given->cells()), $this->withFormulas($row, $sheet)],
            'move' => [new MoveCells($sheet, $given->shift()), $this->withFormulas($row, $sheet)],
            default => throw ActIsWrong::named($name),
        };
    }

    /**
     * The sheet in view, and the others, whose formulas may look at it.
     *
     * @return non-empty-list<int>
     */
    private function withFormulas(Workbook $row, int $sheet): array
    {
        /** @var list<int> $others */
        $others = $row->sheets()->where('number', '!=', $sheet)->pluck('number')->all();

        return [$sheet, ...$others];
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
