<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Files\FileKind;
use App\Wire\Acts\SumUp;
use App\Wire\GivenCondition;
use App\Wire\GivenEntry;
use App\Wire\Wiring;
use LogicException;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;
use Rilvet\Compare\Difference;
use Rilvet\Condition\DrawnBar;
use Rilvet\Condition\Is;
use Rilvet\Condition\MarkSet;
use Rilvet\Condition\Period;
use Rilvet\Condition\Shape;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryKind;
use Rilvet\Entry\Severity;
use Rilvet\Grid\Address;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Role;
use Rilvet\Look\Attribute;
use Rilvet\Look\Line;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\TableLine;
use Rilvet\Text\Fonts;
use Rilvet\Window\AttributeState;
use Rilvet\Window\ChosenFormat;
use Rilvet\Window\ColumnRuleView;
use Rilvet\Window\CutTexts;
use Rilvet\Window\Figures;
use Rilvet\Window\FirstScreen;
use Rilvet\Window\Inspection;
use Rilvet\Window\LayerView;
use Rilvet\Window\Lifted;
use Rilvet\Window\NumberSample;
use Rilvet\Window\NumberView;
use Rilvet\Window\TruthNote;
use Rilvet\Window\Window;
use Rilvet\Window\WindowCell;
use Rilvet\Window\WindowLine;
use Rilvet\Window\WindowLook;
use Rilvet\Window\WindowMark;

/** The types of the API, written once in PHP and given to the browser from there. A test keeps the two the same. */
final class Types
{
    private const RECORDS = [
        AttributeState::class,
        LayerView::class,
        Inspection::class,
        SwatchRecord::class,
        SwatchGroup::class,
        PaletteRecord::class,
        SelectionRecord::class,
        DrawnBar::class,
        WindowMark::class,
        WindowCell::class,
        WindowLook::class,
        WindowLine::class,
        Window::class,
        Figures::class,
        Lifted::class,
        WornRecord::class,
        TouchedRecord::class,
        NamedLookRecord::class,
        FamilyRecord::class,
        NumberSample::class,
        ChosenFormat::class,
        ColumnRuleView::class,
        NumberView::class,
        TruthNote::class,
        FindingRecord::class,
        FindingsRecord::class,
        SeriesRecord::class,
        Difference::class,
        SideRecord::class,
        CutTexts::class,
        CurrencyRecord::class,
        RoleRuleRecord::class,
        CellPartRecord::class,
        EntryRecord::class,
        GuardRecord::class,
        CellEntryRecord::class,
        NextEntryRecord::class,
        PartRecord::class,
        ColumnRecord::class,
        RunRecord::class,
        AnswerRecord::class,
        QuestionRecord::class,
        TypingRecord::class,
        TableRecord::class,
        FirstScreen::class,
        FitRulesRecord::class,
        SheetDetail::class,
        SheetRecord::class,
        NameRecord::class,
        BenchRecord::class,
        DrawingRecord::class,
        SightRecord::class,
        ActRecord::class,
        StepChoiceRecord::class,
        StepRecord::class,
        PastStepRecord::class,
        RoutineRecord::class,
        TriedRecord::class,
        ReportRecord::class,
        BatchItemRecord::class,
        SummaryRecord::class,
        MendableRecord::class,
        BatchCardRecord::class,
        BatchRecord::class,
        RenewalColumnRecord::class,
        RenewalChangeRecord::class,
        RenewalRowRecord::class,
        RenewalRecord::class,
        HistoryRecord::class,
        CardRecord::class,
        StylebookRecord::class,
        RuleRecord::class,
        ColourRecord::class,
        InkPairRecord::class,
        ReaderRecord::class,
        StripesRecord::class,
        RulesRecord::class,
        DifferenceRecord::class,
        VersionRecord::class,
        WearerRecord::class,
        BookRecord::class,
        KeptRecord::class,
        LearnedRuleRecord::class,
        LearnedRecord::class,
        StrayRecord::class,
        StraysRecord::class,
        ScalePointRecord::class,
        ConditionRecord::class,
        PiecesRecord::class,
        ConditionsRecord::class,
        OccurringRecord::class,
        PressRecord::class,
        TrialRecord::class,
        ImportRecord::class,
        LessonRecord::class,
        ShelfRecord::class,
        ComingRecord::class,
        FormatRecord::class,
        HandoverRecord::class,
        PagesRecord::class,
        PageEndRecord::class,
        PageRecord::class,
        PageCountRecord::class,
    ];

    /** Words that the arguments of acts are said with. */
    private const ASKED = <<<'TS'

        export type OnSheets = { sheets?: number[] | 'all' };
        /** Rules of pages by name, as docs/stylebook.schema.json has them. */
        export type PageSays = Record<string, string | number | boolean | Record<string, string>>;
        /** What is said of pages; null takes a rule back. */
        export type GivenPage = Record<string, string | number | boolean | Record<string, string> | null>;
        export type OnCells = OnSheets & { ranges: string };
        export type Axis = 'columns' | 'rows';
        /** First and last of columns or rows. */
        export type Span = [first: number, last: number];
        export type Scope = 'cells' | 'here';
        /** What becomes of hand touches when a stylebook is put on: facets are those of which all go. */
        export type TouchesOver = 'keep' | 'said' | 'all' | string[];
        /** What becomes of looks of their own that cells would keep over it. */
        export type Over = 'ask' | 'keep' | 'override';

        TS;

    private const SCALARS = [
        'int' => 'number',
        'float' => 'number',
        'string' => 'string',
        'bool' => 'boolean',
        'null' => 'null',
        'Look' => 'LookValues',
        'PageRules' => 'PageSays',
    ];

    public static function typescript(): string
    {
        $text = "// Written by `php artisan rilvet:types` from the records in PHP. Do not edit.\n";
        foreach (['Part' => Part::cases(), 'ColumnKind' => ColumnKind::cases(), 'ColumnRole' => ColumnRole::cases()] as $name => $cases) {
            $text .=
                "\nexport const {$name}s = [".
                implode(', ', array_map(fn (Part|ColumnKind|ColumnRole $case) => "'{$case->value}'", $cases)).
                "] as const;\nexport type $name = (typeof {$name}s)[number];\n";
        }
        $text .= "\n/** What parts of a table are called: as a whole, one run of it, and the letter of its bracket. */\n"
            ."export const PARTS: Record<Part, { words: string; one: string; letter: string; ofRows: boolean }> = {\n";
        foreach (Part::cases() as $part) {
            $ofRows = $part->isOfRows() ? 'true' : 'false';
            $text .= "  {$part->value}: { words: '{$part->words()}', one: '{$part->ofOne()}', letter: '{$part->letter()}', ofRows: "
                ."$ofRows },\n";
        }
        $text .= "};\n\n/** What kinds of columns are called: one, and what several of them hold. */\n"
            ."export const KINDS: Record<ColumnKind, { words: string; many: string }> = {\n";
        foreach (ColumnKind::cases() as $kind) {
            $text .= "  {$kind->value}: { words: '{$kind->words()}', many: '{$kind->ofMany()}' },\n";
        }
        $text .=
            "};\n\n/** The size of a worksheet. */\nexport const ROWS = ".
            Address::ROWS.
            ";\nexport const COLUMNS = ".
            Address::COLUMNS.
            ";\n";
        $text .= "\n/** Files that are offered to be brought in, as a picker of files is told. */\nexport const BROUGHT_IN = '."
            .implode(',.', FileKind::ENDINGS)."';\n";
        $text .=
            "\n/** Kinds of lines: width in px, and lengths drawn and not, in turn. */\nexport const LINES: Record<string, { words: "
            ."string; width: number; dashes: number[] }> = {\n";
        foreach (Line::cases() as $line) {
            $text .=
                $line === Line::None
                    ? ''
                    : "  {$line->value}: { words: '{$line->words()}', width: {$line->width()}, dashes: [".
                        implode(', ', $line->dashes()).
                        "] },\n";
        }
        $text .= "};\n".self::tableLines()."\n/** Fonts that ship with Rilvet. */\nexport const FAMILIES = ['"
            .implode("', '", Fonts::FAMILIES)."'];\n\n/** Outlines of marks, on a square of 12 by 12, and what they are called. */\n"
            ."export const SHAPES: Record<string, { path: string; words: string }> = {\n"
            .implode('', array_map(fn (Shape $shape) => "  {$shape->value}: { path: '{$shape->path()}', words: '{$shape->words()}' },\n",
                Shape::cases()))."};\n";
        $text .= self::conditions();
        $text .= self::guard();
        $text .= "\nexport type LookValues = Record<string, string | number | boolean>;\n";
        $names = implode(' | ', array_map(fn (Attribute $attribute) => "'{$attribute->value}'", Attribute::cases()));
        $text .= "\n/** Attributes of a look; a number format may be said as a choice in the place of a code. */\n"
            ."export type GivenLook = { [name in $names]?: unknown };\n".self::ASKED.GivenCondition::TYPE.SumUp::TYPE.GivenEntry::TYPE
            .Wiring::typescript();
        foreach (self::RECORDS as $class) {
            $record = new ReflectionClass($class);
            $text .= "\nexport interface {$record->getShortName()} {\n";
            foreach ($record->getConstructor()?->getParameters() ?? [] as $parameter) {
                $text .= "  {$parameter->getName()}: ".self::type($parameter, (string) $record->getConstructor()?->getDocComment()).";\n";
            }
            $text .= "}\n";
        }

        return $text;
    }

    private static function type(ReflectionParameter $parameter, string $doc): string
    {
        $type = $parameter->getType();
        assert($type instanceof ReflectionNamedType);
        $name = $type->getName();
        $text = match (true) {
            isset(self::SCALARS[$name]) => self::SCALARS[$name],
            $name === 'array' => self::listType($parameter->getName(), $doc),
            default => self::SCALARS[basename(str_replace('\\', '/', $name))] ?? basename(str_replace('\\', '/', $name)),
        };

        return $type->allowsNull() ? "$text | null" : $text;
    }

    /** What may be entered, and what a protected sheet allows, in the words of the interface. */
    private static function guard(): string
    {
        return self::pairs('ENTRY_KINDS', 'What cells may take.', EntryKind::cases())
            .self::pairs('ENTRY_OPERATORS', 'How it is compared.', EntryCheck::OPERATORS)
            .self::pairs('SEVERITIES', 'What becomes of anything else.', Severity::cases())
            .self::allowances()
            .self::pairs('ROLES', 'What a sheet is for.', Role::cases());
    }

    /** Pictures and scenarios, which the Bench does not change, are left out. */
    private static function allowances(): string
    {
        $text = "\n/** What a protected sheet may allow: its name, what is done, and to what. */\n"
            ."export const ALLOWANCES: [string, string, string][] = [\n";
        foreach (Allowance::cases() as $one) {
            [$does, $what] = $one->said();
            $text .= $does === 'edit' ? '' : "  ['$one->value', '$does', '$what'],\n";
        }

        return "$text];\n";
    }

    /** @param  array<array-key, EntryKind|Is|Severity|Role>  $cases */
    private static function pairs(string $name, string $about, array $cases): string
    {
        $text = "\n/** $about */\nexport const $name: [string, string][] = [\n";
        foreach ($cases as $one) {
            $text .= "  ['$one->value', '{$one->words()}'],\n";
        }

        return "$text];\n";
    }

    private static function listType(string $name, string $doc): string
    {
        if (preg_match('/@param\s+((?:list<)+)([\\\\\w|]+)>+\s+\$'.$name.'\b/', $doc, $found) !== 1) {
            throw new LogicException("The list \$$name has no type in its docblock.");
        }

        $types = array_unique(array_map(fn (string $type) => self::SCALARS[$type] ?? $type, explode('|', $found[2])));

        return (count($types) > 1 ? '('.implode(' | ', $types).')' : $types[0]).str_repeat('[]', substr_count($found[1], 'list<'));
    }

    private static function conditions(): string
    {
        $tests = implode('', array_map(fn (Is $is) => "  {$is->value}: { words: '{$is->words()}', values: "
            .($is->operands() ?? 'null')." },\n", Is::cases()));
        $offered = implode('', array_map(fn (?ColumnKind $kind) => '  '.($kind->value ?? 'any').": ['"
            .implode("', '", array_map(fn (Is $is) => $is->value, Is::offered($kind)))."'],\n", [null, ...ColumnKind::cases()]));
        $periods = implode('', array_map(fn (Period $period) => "  ['$period->value', '{$period->words()}'],\n", Period::cases()));
        $sets = '';
        foreach (MarkSet::all() as $name => $marks) {
            $sets .= "  '$name': [".implode(', ', array_map(fn (array $mark) => "{ shape: '{$mark[0]->value}', colour: '$mark[1]' }",
                $marks))."],\n";
        }

        return "\n/** What conditions ask of a cell, and how many values they are completed with; null for any number. */\n"
            ."export const TESTS: Record<string, { words: string; values: number | null }> = {\n$tests};\n"
            ."\n/** What is asked of columns of a kind, the likeliest first. */\n"
            ."export const OFFERED: Record<string, string[]> = {\n$offered};\n"
            ."\nexport const PERIODS: [name: string, words: string][] = [\n$periods];\n"
            ."\n/** Marks of each set, the lowest first. */\n"
            ."export const MARK_SETS: Record<string, { shape: string; colour: string }[]> = {\n$sets};\n";
    }

    private static function tableLines(): string
    {
        $lines = array_map(fn (TableLine $line) => "  { words: '$line->value', part: '{$line->part()->value}', sides: { "
            .implode(', ', array_map(fn (string $side, ?Line $of) => "$side: ".($of === null ? 'null' : "'$of->value'"),
                array_keys($line->sides()), $line->sides())).' } },', TableLine::cases());

        return "\n/** Lines of a table that have names: edges of a part, with their own kind of line or the pen's. */\n"
            ."export const TABLE_LINES: { words: string; part: Part; sides: Record<string, string | null> }[] = [\n"
            .implode("\n", $lines)."\n];\n";
    }
}
