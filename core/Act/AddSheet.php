<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\SheetIsClosed;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Guard\Role;
use Rilvet\Guard\SheetRole;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Puts a sheet of looks (the legend) or a sheet of contents into the workbook, dressed as the sheet in view; where it is there
 * already it is brought up to date.
 */
final readonly class AddSheet implements Act
{
    /**
     * @param  Role  $of  Looks or Contents
     * @param  int  $like  the sheet whose stylebook it wears
     */
    public function __construct(private Role $of, private int $like)
    {
    }

    /** @param  Workbook  $workbook  with all of its sheets */
    public function on(Workbook $workbook): Workbook
    {
        $like = $workbook->sheet($this->like);
        $number = $this->made($workbook);
        if ($number === null) {
            $workbook->guard?->isOn === true && throw SheetIsClosed::order();
            $number = $workbook->free();
            $sheet = new Worksheet(new MemorySheet($this->name($workbook), []), $this->name($workbook), Finder::read(
                SheetFacts::of(new MemorySheet('', []))));
            // The contents name the sheet of looks too, so both are there before they are written.
            $workbook = $workbook->adding($number, $sheet->withAspects(new SheetRole($this->of, '', true)));
            if ($this->of === Role::Contents) {
                $workbook = $workbook->ordered([$number, ...array_values(array_diff(array_keys($workbook->sheets), [$number]))]);
            }
        }
        $workbook = self::written($workbook, $number, $this->of, $like);

        return $like->stylebook === null ? $workbook
            : (new Dress([$number], $like->stylebook, true, null, $like->reference))->on($workbook);
    }

    /** All sheets of looks and of contents as they would be made now. */
    public static function refreshed(Workbook $workbook): Workbook
    {
        foreach ($workbook->sheets as $number => $sheet) {
            $role = $sheet->aspect(SheetRole::class);
            $of = $role->isMade && ! $sheet->setup->tab->protected ? $role->role : null;
            $workbook = $of === null ? $workbook : self::written($workbook, $number, $of, $sheet);
        }

        return $workbook;
    }

    /** @param  Worksheet  $like  whose stylebook's looks are shown */
    private static function written(Workbook $workbook, int $number, Role $of, Worksheet $like): Workbook
    {
        $sheet = $workbook->sheet($number);
        [$rows, $samples] = $of === Role::Looks ? MadeSheet::looks($workbook, $like->stylebook) : [MadeSheet::contents($workbook), []];
        $hand = new LookMap;
        foreach ($samples as $row => $look) {
            $hand->set(Range::of($row, 2, $row, 2), $workbook->looks->number($look));
        }
        if (self::isAs($sheet, $rows)) {
            return $sheet->hand->runs() === $hand->runs() ? $workbook : $workbook->withSheet($number, $sheet->touched($hand));
        }
        $edits = [];
        for ($row = 1; $row <= max(count($rows), $sheet->cells->rows()); $row++) {
            for ($column = 1; $column <= max(3, $sheet->cells->columns()); $column++) {
                $edits[$row][$column] = $rows[$row - 1][$column - 1] ?? Cell::blank();
            }
        }
        $cells = $sheet->cells->rows() === 0 ? new MemorySheet($sheet->name, $rows) : new EditedSheet($sheet->cells, $edits);
        $found = Finder::read(SheetFacts::of($cells));

        return $workbook->withSheet($number, $sheet->readAs($found, $cells, null)->touched($hand));
    }

    /** @param  list<list<Cell>>  $rows */
    private static function isAs(Worksheet $sheet, array $rows): bool
    {
        $plain = fn (Cell $cell) => $cell->stored();
        $holds = [];
        foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $cells) {
            $holds[] = array_map($plain, array_slice($cells, 0, 3));
        }

        // Rows that it had more of once are blank.
        while ($holds !== [] && array_filter($holds[array_key_last($holds)], fn (mixed $value) => $value !== null) === []) {
            array_pop($holds);
        }

        return $holds === array_map(fn (array $cells) => array_pad(array_map($plain, $cells), 3, null), $rows);
    }

    private function made(Workbook $workbook): ?int
    {
        foreach ($workbook->sheets as $number => $sheet) {
            $role = $sheet->aspect(SheetRole::class);
            if ($role->isMade && $role->role === $this->of) {
                return $number;
            }
        }

        return null;
    }

    private function name(Workbook $workbook): string
    {
        $taken = array_map(fn (Worksheet $sheet) => mb_strtolower($sheet->name), $workbook->sheets);
        $name = $this->of->words();
        for ($number = 2; in_array(mb_strtolower($name), $taken, true); $number++) {
            $name = $this->of->words()." $number";
        }

        return $name;
    }

    public function reach(): Reach
    {
        return Reach::whole($this->like)->withFormulas();
    }

    public function words(Workbook $workbook): string
    {
        $isThere = $this->made($workbook) !== null;

        return ($this->of === Role::Looks ? 'Sheet of looks' : 'Sheet of contents')
            .($isThere ? ' brought up to date' : ' added');
    }
}
