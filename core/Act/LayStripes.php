<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\NoSuchLook;
use Rilvet\Grid\Range;
use Rilvet\Stylebook\Stripes;
use Rilvet\Stylebook\StripesBy;
use Rilvet\Work\Aspect\LaidStripe;
use Rilvet\Work\Aspect\LaidStripes;
use Rilvet\Work\Workbook;

/** Lays stripes on ranges by hand, or takes them off. */
final readonly class LayStripes implements Act
{
    /** Ranges that are striped on one sheet. */
    private const MOST = 200;

    /**
     * @param  Stripes|null  $stripes  null takes those off that the ranges meet
     * @param  int|null  $key  the column whose changes count
     */
    public function __construct(private Targets $targets, private ?Stripes $stripes, private ?int $key = null)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->targets->on($workbook) as $number => [$sheet, $ranges]) {
            $laid = $sheet->aspect(LaidStripes::class);
            foreach ($ranges as $range) {
                $laid = $laid->with($range, $this->stripes === null ? null : $this->stripe($range, $this->stripes));
            }
            if (count($laid->all) > self::MOST) {
                throw NoSuchLook::stripes(self::MOST);
            }
            $workbook = $workbook->withSheet($number, $sheet->withAspects($laid));
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::targets($this->targets);
    }

    public function words(Workbook $workbook): string
    {
        return ($this->stripes === null ? 'Stripes taken off' : 'Stripes laid').', '.$this->targets->words();
    }

    private function stripe(Range $range, Stripes $stripes): LaidStripe
    {
        return new LaidStripe($range, $stripes, $stripes->by === StripesBy::Key ? $this->key ?? $range->left : null);
    }
}
