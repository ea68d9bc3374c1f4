<?php

declare(strict_types=1);

namespace Rilvet\Check;

use Rilvet\Check\Access\SheetName;
use Rilvet\Check\Colour\Contrast;
use Rilvet\Check\Colour\FillsAlike;
use Rilvet\Check\Colour\ManyKinds;
use Rilvet\Check\Colour\NearColours;
use Rilvet\Check\Colour\NearSizes;
use Rilvet\Check\Consistency\HandContradicts;
use Rilvet\Check\Consistency\HandRepeats;
use Rilvet\Check\Consistency\NotWearing;
use Rilvet\Check\Consistency\OpenDifferently;
use Rilvet\Check\Consistency\RulesMultiply;
use Rilvet\Check\Consistency\SheetsDiffer;
use Rilvet\Check\Consistency\SpelledTwice;
use Rilvet\Check\Guarded\AgainstCheck;
use Rilvet\Check\Guarded\FormulaUnlocked;
use Rilvet\Check\Layout\BlankRows;
use Rilvet\Check\Layout\BrokenStripes;
use Rilvet\Check\Layout\CutTextsFound;
use Rilvet\Check\Layout\FarAway;
use Rilvet\Check\Layout\FiguresAtLeft;
use Rilvet\Check\Layout\HeadingMergedDown;
use Rilvet\Check\Layout\HeadingMissing;
use Rilvet\Check\Layout\HeadingRepeated;
use Rilvet\Check\Layout\HeadingsOutOfSight;
use Rilvet\Check\Layout\HeavyBorders;
use Rilvet\Check\Layout\HiddenData;
use Rilvet\Check\Layout\LooksBeyond;
use Rilvet\Check\Layout\MergedInBody;
use Rilvet\Check\Layout\MixedAlignment;
use Rilvet\Check\Layout\ReadWithDoubt;
use Rilvet\Check\Layout\TablesTouch;
use Rilvet\Check\Layout\WideColumns;
use Rilvet\Check\Numbers\DateAsText;
use Rilvet\Check\Numbers\DurationCut;
use Rilvet\Check\Numbers\FalsePrecision;
use Rilvet\Check\Numbers\LongNumber;
use Rilvet\Check\Numbers\LostNoughts;
use Rilvet\Check\Numbers\MixedDecimals;
use Rilvet\Check\Numbers\MixedFormats;
use Rilvet\Check\Numbers\PercentsMixed;
use Rilvet\Check\Numbers\RoundedToNought;
use Rilvet\Check\Numbers\RoundedTotal;
use Rilvet\Check\Numbers\SignInEveryCell;
use Rilvet\Check\Numbers\TooManyNoughts;
use Rilvet\Check\Numbers\UnitInCells;
use Rilvet\Check\Numbers\WholePercents;
use Rilvet\Check\Truth\Circle;
use Rilvet\Check\Truth\ConstantAmongFormulas;
use Rilvet\Check\Truth\CountedTwice;
use Rilvet\Check\Truth\ErrorValue;
use Rilvet\Check\Truth\FormulaDiffers;
use Rilvet\Check\Truth\HiddenInSum;
use Rilvet\Check\Truth\LostReference;
use Rilvet\Check\Truth\NumberAsText;
use Rilvet\Check\Truth\StraySpaces;
use Rilvet\Check\Truth\SummaryOld;
use Rilvet\Check\Truth\SumStopsShort;
use Rilvet\Check\Truth\TotalIsNotTheSum;
use Rilvet\Check\Truth\TotalTyped;
use Rilvet\Work\Workbook;

/** All checks, and how they are gone through: the one place where they are registered. */
final class Checks
{
    /** Findings of one check on one sheet that are named; the rest is counted in the last of them. */
    public const NAMED = 200;

    /** @return list<Check> */
    public static function all(): array
    {
        return [
            new ErrorValue, new LostReference, new Circle, new TotalIsNotTheSum, new SumStopsShort, new CountedTwice,
            new FormulaDiffers, new ConstantAmongFormulas, new HiddenInSum, new TotalTyped, new SummaryOld,
            new SheetsDiffer, new NotWearing,
            new SpelledTwice, new StraySpaces, new RulesMultiply, new HandContradicts, new HandRepeats, new OpenDifferently,
            new NumberAsText, new DateAsText, new WholePercents, new PercentsMixed, new UnitInCells, new LongNumber, new DurationCut,
            new LostNoughts, new MixedFormats, new MixedDecimals, new RoundedTotal, new RoundedToNought, new FalsePrecision,
            new TooManyNoughts, new SignInEveryCell, new HeadingMissing, new HeadingRepeated, new BlankRows, new TablesTouch, new FarAway,
            new HeadingMergedDown, new ReadWithDoubt, new LooksBeyond, new Contrast, new NearColours, new NearSizes,
            new ManyKinds, new FillsAlike, new CutTextsFound, new HeadingsOutOfSight, new MixedAlignment, new FiguresAtLeft,
            new BrokenStripes, new MergedInBody, new HeavyBorders, new WideColumns, new HiddenData, new AgainstCheck,
            new FormulaUnlocked, new SheetName,
        ];
    }

    /** @return list<Check> those that need no walk through all cells: what they find is there at once */
    public static function quick(): array
    {
        return array_values(array_filter(self::all(), fn (Check $check) => $check instanceof SheetCheck
            && ! $check instanceof ColumnCheck));
    }

    /** @return list<About> those whose findings many workbooks at once can have mended, since nothing but looks changes by it */
    public static function ofLooks(): array
    {
        return array_map(fn (Check $check) => $check->about(), [
            new CutTextsFound, new FiguresAtLeft, new HeadingsOutOfSight, new MixedDecimals, new MixedFormats, new FalsePrecision,
            new LongNumber, new DurationCut, new LostNoughts, new MixedAlignment, new WideColumns, new LooksBeyond, new Contrast,
            new NearColours, new NearSizes,
        ]);
    }

    /** What a check is called, and why it is there. */
    public static function about(string $name): ?About
    {
        foreach (self::all() as $check) {
            if ($check->about()->name === $name) {
                return $check->about();
            }
        }

        return null;
    }

    /**
     * @param  list<Check>  $checks
     * @return list<Finding> the worst first, then in the order of the sheets and of the checks
     */
    public static function on(Workbook $workbook, array $checks): array
    {
        $sheets = self::sheets($workbook);
        $found = [];
        foreach ($sheets as $sheet) {
            $pass = self::wantCells($checks) ? WalkThrough::through($sheet, $checks) : null;
            $pass === null || $sheet->knowing($pass->facts);
            array_push($found, ...self::onSheet($sheet, $checks, $pass->found ?? []));
        }
        foreach (self::across($sheets, $checks) as [, $finding]) {
            $found[] = $finding;
        }

        return self::sorted($found);
    }

    /** @return list<Check> those that look at sheets of several workbooks beside each other */
    public static function ofSeries(): array
    {
        return [new SheetsDiffer, new NotWearing];
    }

    /**
     * What is found in several workbooks: in each by itself, and in their sheets beside each other.
     *
     * @param  non-empty-array<string, Workbook>  $workbooks  by what they are called
     * @param  list<Check>  $checks
     * @return array<string, list<Finding>>
     */
    public static function inSeries(array $workbooks, array $checks): array
    {
        $alone = array_values(array_filter($checks, fn (Check $check) => ! $check instanceof WorkbookCheck));
        $found = $sheets = [];
        foreach ($workbooks as $name => $workbook) {
            $found[$name] = self::on($workbook, $alone);
            array_push($sheets, ...self::sheets($workbook, (string) $name));
        }
        foreach (self::across($sheets, $checks) as [$sheet, $finding]) {
            $found[$sheet->of][] = $finding;
        }

        return array_map(self::sorted(...), $found);
    }

    /** @return list<Checked> */
    public static function sheets(Workbook $workbook, string $of = ''): array
    {
        return array_map(fn (int $number) => new Checked($workbook, $number, $of), array_keys($workbook->sheets));
    }

    /**
     * @param  list<Check>  $checks
     * @param  array<string, list<Finding>>  $ofCells  what was found among its cells, by check
     * @return list<Finding> in the order of the checks
     */
    public static function onSheet(Checked $sheet, array $checks, array $ofCells): array
    {
        $found = [];
        foreach ($checks as $check) {
            $findings = $check instanceof SheetCheck ? $check->find($sheet) : ($ofCells[$check->about()->name] ?? []);
            $named = $more = 0;
            foreach ($findings as $finding) {
                ++$named <= self::NAMED ? $found[] = $finding : $more++;
            }
            if ($more > 0) {
                $found[] = $sheet->finding($check, '', $more, number_format($more).' more of this kind on this sheet.');
            }
        }

        return $found;
    }

    /**
     * @param  list<Checked>  $sheets
     * @param  list<Check>  $checks
     * @return list<array{Checked, Finding}>
     */
    public static function across(array $sheets, array $checks): array
    {
        $found = [];
        foreach ($checks as $check) {
            $count = 0;
            foreach ($check instanceof WorkbookCheck ? $check->across($sheets) : [] as $one) {
                ++$count <= self::NAMED && $found[] = $one;
            }
        }

        return $found;
    }

    /**
     * @param  list<Finding>  $found
     * @return list<Finding> the worst first, else as they are
     */
    public static function sorted(array $found): array
    {
        usort($found, fn (Finding $one, Finding $other) => $other->severity->weight() <=> $one->severity->weight());

        return $found;
    }

    /** @param  list<Check>  $checks */
    private static function wantCells(array $checks): bool
    {
        return array_filter($checks, fn (Check $check) => $check instanceof RowCheck) !== [];
    }
}
