<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\CellIsWrong;
use Rilvet\Act\Exception\NothingToChange;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Intake\Conversion;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Number\FormatClass;
use Rilvet\Work\Workbook;

/**
 * Turns what cells hold into what it is meant to be: text into numbers, 10 into 10 %, text into dates. A change of data,
 * named as such; what cannot be turned stays as it is, and formulas are never touched.
 */
final readonly class ConvertCells implements Joins
{
    public const ACTS = Conversion::KINDS;

    private const MOST = 200_000;

    /** @param  string  $to  one of {@see ACTS} */
    public function __construct(private Targets $targets, private string $to)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $count = 0;
        foreach ($this->targets->on($workbook) as $number => [$sheet, $ranges]) {
            $edits = [];
            $dressed = new DressedSheet($sheet, $workbook->looks);
            $hand = clone $sheet->hand;
            foreach ($ranges as $range) {
                $range = $range->clip(Range::of(1, 1, max(1, $sheet->cells->rows()), max(1, $sheet->cells->columns())));
                if ($range === null) {
                    continue;
                }
                foreach ($sheet->cells->read($range->top, $range->bottom, $range->left, $range->right) as $row => $cells) {
                    for ($column = $range->left; $column <= $range->right; $column++) {
                        $turned = Conversion::of($cells[$column - 1], $this->to);
                        if ($turned === null) {
                            continue;
                        }
                        $edits[$row][$column] = Cell::of($turned);
                        $code = $this->format($dressed->at($row, $column)->look->text(Attribute::Number));
                        if ($code !== null) {
                            $hand->map(
                                Range::of($row, $column, $row, $column),
                                fn (int $old) => $workbook->looks->number(
                                    $workbook->looks->look($old)->under(Look::of([Attribute::Number->value => $code])),
                                ),
                            );
                        }
                        if (++$count > self::MOST) {
                            throw CellIsWrong::tooMany($count, self::MOST);
                        }
                    }
                }
            }
            if ($edits !== []) {
                $workbook = (new EditCells($number, $edits))->on($workbook->withSheet($number, $sheet->touched($hand)));
            }
        }

        return $count === 0 ? throw NothingToChange::becauseNothingTurns() : $workbook;
    }

    public function joinsBy(): string
    {
        return "convert $this->to ".implode(',', $this->targets->sheets);
    }

    public function joined(array $others): Act
    {
        $ranges = iterator_to_array($this->targets->ranges, false);
        foreach ($others as $other) {
            $other instanceof self && array_push($ranges, ...iterator_to_array($other->targets->ranges, false));
        }

        return new self(new Targets($this->targets->sheets, RangeSet::of(...$ranges)), $this->to);
    }

    public function reach(): Reach
    {
        return Reach::targets($this->targets)->typing($this->targets->ranges)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        return 'Data: '.match ($this->to) {
            'numbers' => 'text turned into numbers',
            'hundredths' => 'divided by a hundred, to percent',
            default => 'text turned into dates',
        }.', '.$this->targets->words();
    }

    /** A format for what has none that fits it. */
    private function format(string $code): ?string
    {
        $class = FormatClass::of($code);

        return match (true) {
            $this->to === 'hundredths' => $class === FormatClass::Percent ? null : '0%',
            $this->to === 'numbers' => $class === FormatClass::Text ? 'General' : null,
            default => $class->isTemporal() ? null : 'yyyy-mm-dd',
        };
    }
}
