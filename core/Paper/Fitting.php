<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Page\Exception\PageIsWrong;
use Rilvet\Page\PageRules;
use Rilvet\Page\PaperSize;

/** Finds direction and scale: as large as the rules let it be, upright where that takes nothing away. */
final readonly class Fitting
{
    /** Scales of ISO/IEC 29500-1 18.3.1.63. */
    private const LEAST = 0.1;

    /** The scale from which on fewer pages are worth more than larger type. */
    private const ALMOST = 0.85;

    /** Room that there is at least between the margins, mm. */
    private const ROOM = 10;

    public function __construct(private SheetPages $pages, private PageRules $rules, private PaperSize $paper)
    {
    }

    /**
     * Width and height of paper as it lies, px.
     *
     * @return array{float, float}
     */
    public static function lying(PaperSize $paper, bool $isTurned): array
    {
        $sides = [$paper->width * PageLayout::MM, $paper->height * PageLayout::MM];

        return $isTurned ? array_reverse($sides) : $sides;
    }

    /** @throws PageIsWrong */
    public function best(): Choice
    {
        $said = $this->rules->text('turn');
        if ($said !== 'better') {
            return $this->choice($said === 'turned');
        }
        $upright = $this->choice(false);
        $isAlmostWhole = $upright->across() <= 1 && $upright->scale >= min(1.0, $this->rules->number('scale') / 100);
        $turned = $isAlmostWhole || $this->pages->isEmpty() ? null : $this->choice(true);
        $isLarger = $turned !== null
            && ($turned->scale > $upright->scale + 0.004 || ($turned->across() < $upright->across() && $turned->scale >= $upright->scale));
        // A list of many rows that is almost as large upright takes fewer pages so.
        $isBetter = $isLarger && ($upright->scale < self::ALMOST || $turned->pages() <= $upright->pages());
        $taken = $isBetter ? $turned : $upright;

        return new Choice($taken->isTurned, $taken->scale, $taken->wanted, $taken->text, $taken->areas, true);
    }

    private function choice(bool $isTurned): Choice
    {
        [$width, $height] = self::lying($this->paper, $isTurned);
        $mm = PageLayout::MM;
        $across = $width - ($this->rules->number('left') + $this->rules->number('right')) * $mm;
        $down = $height - ($this->rules->number('top') + $this->rules->number('bottom')) * $mm;
        if (min($across, $down) < self::ROOM * $mm) {
            throw PageIsWrong::noRoom();
        }
        $type = $this->pages->smallest();
        [$wide, $tall] = [(int) $this->rules->number('wide'), (int) $this->rules->number('tall')];
        if ($wide === 0 && $tall === 0) {
            $scale = $this->rules->number('scale') / 100;

            return new Choice($isTurned, $scale, $scale, $type * $scale, $this->pages->areas($across / $scale, $down / $scale));
        }
        $wanted = min($wide === 0 ? 1.0 : $this->forWidth($across, $wide), 1.0);
        if ($tall > 0) {
            $wanted = $this->forHeight($across, $down, $tall, $wanted);
        }
        // Beyond the size that can be read it takes more pages; a person may say so of a single sheet too.
        $held = min(1.0, ceil($this->rules->number('least') / $type * 100) / 100);
        $scale = max($wanted, $held);

        return new Choice($isTurned, $scale, $wanted, $type * $scale, $this->pages->areas($across / $scale, $down / $scale));
    }

    /** The greatest whole percent at which all columns stand on so many pages beside each other. */
    private function forWidth(float $across, int $wide): float
    {
        $scale = min(1.0, floor($wide * $across / max(1.0, $this->pages->width()) * 100) / 100);
        for ($scale = max(self::LEAST, $scale); $scale > self::LEAST && $this->pages->columnPages($across / $scale) > $wide;) {
            $scale = max(self::LEAST, round($scale - 0.01, 2));
        }

        return $scale;
    }

    private function forHeight(float $across, float $down, int $tall, float $most): float
    {
        $fits = fn (float $scale) => $this->pages->rowPages($down / $scale) <= $tall;
        if ($fits($most)) {
            return $most;
        }
        [$low, $high] = [(int) (self::LEAST * 100), (int) round($most * 100)];
        while ($low + 1 < $high) {
            $middle = intdiv($low + $high, 2);
            $fits($middle / 100) ? $low = $middle : $high = $middle;
        }

        return $low / 100;
    }
}
