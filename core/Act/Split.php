<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Range;
use Rilvet\Work\Aspect\JoinedTexts;
use Rilvet\Work\Workbook;

/** Splits the merged cells that ranges touch; what they hid is there again, and joined texts come apart. */
final readonly class Split implements Act
{
    public function __construct(private Targets $targets)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->targets->on($workbook) as $number => [$sheet, $ranges]) {
            $left = [];
            $joins = $sheet->aspect(JoinedTexts::class)->texts;
            $edits = [];
            foreach ($sheet->setup->merges as $merge) {
                if (array_filter($ranges, fn (Range $range) => $range->meets($merge)) === []) {
                    $left[] = $merge;
                } elseif (isset($joins[(string) $merge])) {
                    /** @var string $text */
                    $text = json_decode($joins[(string) $merge], true, 4, JSON_THROW_ON_ERROR);
                    $edits[$merge->top][$merge->left] = Cell::of($text);
                    unset($joins[(string) $merge]);
                }
            }
            $sheet = $sheet->merged($left, $joins);
            $workbook = $workbook->withSheet(
                $number,
                $edits === [] ? $sheet : $sheet->readAs($sheet->found, new EditedSheet($sheet->cells, $edits), $sheet->typing),
            );
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        // A text that was joined comes back, which is a change of data.
        return Reach::targets($this->targets)->typing($this->targets->ranges)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        return 'Split, '.$this->targets->words();
    }
}
