<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\NameIsWrong;
use Rilvet\Act\Exception\SheetIsClosed;
use Rilvet\Colour\Colour;
use Rilvet\Formula\FormulaRuns;
use Rilvet\Formula\References;
use Rilvet\Grid\EditedSheet;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** The name, the colour and the visibility of a sheet. Formulas and names that say its name say the new one. */
final readonly class ArrangeSheet implements Act
{
    /** Longest name, and characters that no name may hold (common practice of the format's readers). */
    private const LONGEST = 31;

    private const FORBIDDEN = '/[\[\]:*?\/\\\\\p{Cc}]|^\'|\'$/u';

    /**
     * @param  string|null  $name  null leaves it
     * @param  bool|null  $hidden  null leaves it as it is
     * @param  string|null  $colour  "#RRGGBB", "none" for no colour, null leaves it
     */
    public function __construct(
        private int $sheet,
        private ?string $name = null,
        private ?bool $hidden = null,
        private ?string $colour = null,
    ) {
    }

    /** @param  Workbook  $workbook  with all of its sheets */
    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        // The colour of a tab is no part of the order.
        $workbook->guard?->isOn !== true || ($this->name === null && $this->hidden === null) || throw SheetIsClosed::order();
        if (
            $this->hidden === true &&
            array_filter(
                $workbook->sheets,
                fn (Worksheet $each, int $number) => $number !== $this->sheet && $each->setup->tab->state === 'visible',
                ARRAY_FILTER_USE_BOTH,
            ) === []
        ) {
            throw SheetIsClosed::last();
        }
        $state = $this->hidden === null ? $sheet->setup->tab->state
            : ($this->hidden ? 'hidden' : 'visible');
        $tab =
            $this->colour === null ? $sheet->setup->tab->colour
                : ($this->colour === 'none' ? null : Colour::hex($this->colour)->toHex());
        $workbook = $workbook->withSheet($this->sheet, $sheet->arranged($this->checkedName($workbook, $sheet->name), $state, $tab));

        return $this->name === null ? $workbook : self::renamed($workbook, $sheet->name, $workbook->sheet($this->sheet)->name);
    }

    public function reach(): Reach
    {
        return Reach::whole($this->sheet)->withFormulas();
    }

    public function words(Workbook $workbook): string
    {
        $words = array_filter([
            $this->name === null ? null : "Renamed to {$this->name}",
            $this->hidden === null ? null
                : ($this->hidden ? 'Sheet hidden' : 'Sheet shown'),
            $this->colour === null ? null : 'Colour of the sheet',
        ]);

        return implode(', ', $words).', '.$workbook->sheet($this->sheet)->name;
    }

    private function checkedName(Workbook $workbook, string $now): string
    {
        $name = $this->name === null ? $now : trim($this->name);
        if ($name === '' || mb_strlen($name) > self::LONGEST || preg_match(self::FORBIDDEN, $name) === 1) {
            throw NameIsWrong::sheet(self::LONGEST);
        }
        foreach ($workbook->sheets as $number => $other) {
            if ($number !== $this->sheet && mb_strtolower($other->name) === mb_strtolower($name)) {
                throw NameIsWrong::sheetTaken($other->name);
            }
        }

        return $name;
    }

    private static function renamed(Workbook $workbook, string $from, string $to): Workbook
    {
        foreach ($workbook->sheets as $number => $sheet) {
            $edits = [];
            foreach (FormulaRuns::of($sheet->cells) === [] ? [] : $sheet->cells->formulas() as $row => $cells) {
                foreach ($cells as $column => $cell) {
                    $formula = References::toSheet((string) $cell->formula, $from, $to);
                    if ($formula !== $cell->formula) {
                        $edits[$row][$column] = $cell->saying($formula);
                    }
                }
            }
            $sheet = $edits === [] ? $sheet : $sheet->readAs($sheet->found, new EditedSheet($sheet->cells, $edits), $sheet->typing);
            $workbook = $workbook->withSheet($number, $sheet->following(fn (string $formula) => References::toSheet($formula, $from, $to)));
        }

        return $workbook->naming(array_map(fn (string $refers) => References::toSheet($refers, $from, $to), $workbook->names));
    }
}
