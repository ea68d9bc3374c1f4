<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Edge;
use Rilvet\Look\Look;
use Rilvet\Look\LookMap;
use Rilvet\Work\Workbook;

/**
 * Draws or wipes edges of ranges with a pen. An edge belongs to two cells, so it is drawn, or wiped, on both.
 */
final readonly class DrawBorders implements Act
{
    public const SIDES = ['top', 'right', 'bottom', 'left', 'horizontal', 'vertical', 'rising', 'falling'];

    /** @param  array<string, Edge>  $sides by one of SIDES: outer edges, inner lines and diagonals of each range */
    public function __construct(private Targets $targets, private array $sides)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->targets->on($workbook) as $number => [$sheet, $ranges]) {
            $hand = clone $sheet->hand;
            foreach ($ranges as $range) {
                foreach ($this->sides as $side => $pen) {
                    foreach (self::strokes($side, $range) as [$attribute, $stretch]) {
                        self::stroke($hand, $workbook, $stretch, $attribute, $pen);
                    }
                }
            }
            $workbook = $workbook->withSheet($number, $sheet->touched($hand));
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::targets($this->targets);
    }

    public function words(Workbook $workbook): string
    {
        $wiped = array_filter($this->sides, fn (Edge $pen) => ! $pen->isNone()) === [];

        return ($wiped ? 'Borders wiped, ' : 'Borders, ').$this->targets->words();
    }

    private static function stroke(LookMap $hand, Workbook $workbook, Range $range, Attribute $attribute, Edge $pen): void
    {
        $look = Look::of([$attribute->value => (string) $pen]);
        $hand->map($range, fn (int $old) => $workbook->looks->number($workbook->looks->look($old)->under($look)));
    }

    /** @return list<array{Attribute, Range}> which side of which cells a stroke touches */
    private static function strokes(string $side, Range $range): array
    {
        $rows = fn (int $top, int $bottom) => Range::of($top, $range->left, $bottom, $range->right);
        $columns = fn (int $left, int $right) => Range::of($range->top, $left, $range->bottom, $right);
        $strokes = [];
        switch ($side) {
            case 'top':
                $strokes[] = [Attribute::Top, $rows($range->top, $range->top)];
                if ($range->top > 1) {
                    $strokes[] = [Attribute::Bottom, $rows($range->top - 1, $range->top - 1)];
                }
                break;
            case 'bottom':
                $strokes[] = [Attribute::Bottom, $rows($range->bottom, $range->bottom)];
                if ($range->bottom < Address::ROWS) {
                    $strokes[] = [Attribute::Top, $rows($range->bottom + 1, $range->bottom + 1)];
                }
                break;
            case 'left':
                $strokes[] = [Attribute::Left, $columns($range->left, $range->left)];
                if ($range->left > 1) {
                    $strokes[] = [Attribute::Right, $columns($range->left - 1, $range->left - 1)];
                }
                break;
            case 'right':
                $strokes[] = [Attribute::Right, $columns($range->right, $range->right)];
                if ($range->right < Address::COLUMNS) {
                    $strokes[] = [Attribute::Left, $columns($range->right + 1, $range->right + 1)];
                }
                break;
            case 'horizontal':
                if ($range->rows() > 1) {
                    $strokes = [
                        [Attribute::Bottom, $rows($range->top, $range->bottom - 1)],
                        [Attribute::Top, $rows($range->top + 1, $range->bottom)],
                    ];
                }
                break;
            case 'vertical':
                if ($range->columns() > 1) {
                    $strokes = [
                        [Attribute::Right, $columns($range->left, $range->right - 1)],
                        [Attribute::Left, $columns($range->left + 1, $range->right)],
                    ];
                }
                break;
            default:
                $strokes[] = [$side === 'rising' ? Attribute::Rising : Attribute::Falling, $range];
        }

        return $strokes;
    }
}
