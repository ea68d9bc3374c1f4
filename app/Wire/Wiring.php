<?php

declare(strict_types=1);

namespace App\Wire;

/** All that the browser can ask for, by the names that it says. */
final readonly class Wiring
{
    /** What acts on the workbook. */
    public const ACTS = [
        Acts\DressSheets::class, Acts\Correct::class, Acts\Forget::class, Acts\TypeTexts::class, Acts\Rename::class,
        Acts\GiveLook::class, Acts\FormatHeaded::class, Acts\WipeTouches::class, Acts\Borders::class, Acts\Family::class,
        Acts\MergeCells::class, Acts\SplitCells::class, Acts\LayLooks::class, Acts\LayNamedLook::class, Acts\Stripe::class,
        Acts\NameCells::class,
        Acts\Edit::class, Acts\Clear::class, Acts\Convert::class, Acts\Paste::class, Acts\Sort::class, Acts\Move::class, Acts\Spacer::class,
        Acts\FitCutTexts::class, Acts\OneWidth::class, Acts\Share::class, Acts\ResizeLines::class, Acts\HideLines::class,
        Acts\Opening::class, Acts\Headings::class, Acts\SameWidth::class, Acts\ArrangeTheSheet::class, Acts\OrderSheets::class,
        Acts\SetLook::class, Acts\ArrangeLooks::class, Acts\GatherLooks::class,
        Acts\Mark::class, Acts\SayEntries::class, Acts\LockFormulas::class, Acts\Protect::class, Acts\Lift::class, Acts\GuardOrder::class,
        Acts\CheckEntry::class, Acts\TakeEntriesOut::class, Acts\SayRole::class, Acts\ByRole::class, Acts\AddASheet::class,
        Acts\WriteHeads::class,
        Acts\Mend::class, Acts\Leave::class,
        Acts\Pages::class, Acts\BreakPage::class, Acts\FreeBreaks::class,
        Acts\BringInAnew::class, Acts\RunRoutine::class, Acts\SumUp::class,
    ];

    /** What acts on the stylebook that the sheet in view wears, wherever it is worn. */
    public const REVISIONS = [
        Stylebook\FormatPartEverywhere::class, Stylebook\FamilyEverywhere::class,
        Stylebook\KeepLook::class, Stylebook\RenameLook::class, Stylebook\DropLook::class,
        Stylebook\NameColour::class, Stylebook\DropColour::class,
        Stylebook\NumberRule::class, Stylebook\KeepNumber::class, Stylebook\DropNumber::class, Stylebook\RenameNumber::class,
        Stylebook\FitRules::class, Stylebook\WidthOfHeading::class,
        Stylebook\Say::class, Stylebook\Ground::class, Stylebook\StripeRule::class, Stylebook\Unsay::class, Stylebook\Scale::class,
        Stylebook\RenameColour::class, Stylebook\ReplaceColour::class, Stylebook\OrderColours::class, Stylebook\PaletteOf::class,
        Stylebook\Frame::class, Stylebook\MendInk::class, Stylebook\CallStylebook::class,
        Stylebook\KeepCondition::class, Stylebook\ArrangeCondition::class,
        Stylebook\MarkEverywhere::class, Stylebook\HeadsSay::class, Stylebook\CasesOf::class,
        Stylebook\RuleOfRole::class, Stylebook\KeepEntry::class, Stylebook\DropEntry::class,
        Stylebook\PageRules::class,
    ];

    /** @throws ActIsWrong where there is none of the name */
    public function act(string $name): WiredAct
    {
        foreach (self::ACTS as $class) {
            if ($class::NAME === $name) {
                return new $class;
            }
        }
        throw ActIsWrong::named($name);
    }

    /** @throws ActIsWrong where there is none of the name */
    public function revision(string $name): WiredRevision
    {
        foreach (self::REVISIONS as $class) {
            if ($class::NAME === $name) {
                return new $class;
            }
        }
        throw ActIsWrong::named("$name everywhere");
    }

    /** The names and arguments of all of them, as TypeScript says them. */
    public static function typescript(): string
    {
        $text = '';
        foreach (['ActArguments' => self::ACTS, 'RevisionArguments' => self::REVISIONS] as $name => $classes) {
            $text .= "\nexport interface $name {\n";
            foreach ($classes as $class) {
                $text .= '  '.$class::NAME.': '.$class::ARGUMENTS.";\n";
            }
            $text .= "}\n";
        }

        return $text;
    }
}
