<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Cell;
use Rilvet\Guard\Role;
use Rilvet\Guard\SheetRole;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookWords;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\RoleReading;
use Rilvet\Work\Workbook;

/** What stands on a sheet of looks, and on a sheet of contents. */
final class MadeSheet
{
    /** What parts are for, to whoever reads the workbook. */
    private const MEANING = [
        'title' => 'What the table is about', 'units' => 'What the figures are counted in',
        'column_group' => 'Columns that belong together',
        'heading' => 'What a column holds', 'row_label' => 'What a row is about', 'body' => 'The rows themselves',
        'row_group' => 'Rows that belong together', 'subtotal' => 'Sum of a group', 'total' => 'Sum of all',
        'note' => 'A word beside the table', 'entry_cell' => 'To be filled in', 'choice_cell' => 'To be chosen from a list',
        'formula_cell' => 'Worked out; leave it as it is',
    ];

    /**
     * The looks of a stylebook and of the workbook itself.
     *
     * @return array{list<list<Cell>>, array<int, Look>} rows, and the look of the sample in column B by row
     */
    public static function looks(Workbook $workbook, ?Stylebook $stylebook): array
    {
        $title = 'Looks'.($stylebook === null ? '' : " of $stylebook->name");
        $rows = [[Cell::of($title)], [], self::texts('Look', 'Sample', 'What it means')];
        $samples = [];
        $add = function (string $name, Look $look, string $means) use (&$rows, &$samples) {
            $rows[] = self::texts($name, $name, $means);
            $samples[count($rows)] = $look;
        };
        foreach ($stylebook === null ? Part::OF_CELLS : Part::cases() as $part) {
            $look = $part->isOfCells() ? ($stylebook?->cell($part) ?? Stylebook::usual($part)) : $stylebook?->part($part) ?? Look::none();
            // Borders of a row of a table would frame the sample, and a span reach over what stands beside it.
            $plain = $look->without(Attribute::Locked, Attribute::Concealed, Attribute::Number, Attribute::Rotation);
            $sample = ($stylebook->ground ?? Look::none())->under($plain)->under(Look::of(['horizontal' => 'left', 'indent' => 0]));
            $look->isEmpty() || $add($part->words(), $sample, self::MEANING[$part->value]);
        }
        foreach (($stylebook->looks ?? []) + ($workbook->own->looks ?? []) as $name => $look) {
            $add((string) $name, $look->without(Attribute::Number), ucfirst(LookWords::of($look)));
        }

        return [$rows, $samples];
    }

    /**
     * The sheets that are seen, with their titles, what they are for, and a link to each.
     *
     * @return list<list<Cell>>
     */
    public static function contents(Workbook $workbook): array
    {
        $rows = [[Cell::of('Contents')], [], self::texts('Sheet', 'Title', 'What it is for')];
        $roles = RoleReading::all($workbook);
        foreach ($workbook->sheets as $number => $sheet) {
            $role = $sheet->aspect(SheetRole::class);
            if ($sheet->setup->tab->state !== 'visible' || ($role->isMade && $role->role === Role::Contents)) {
                continue;
            }
            $quoted = str_replace(['"', "'"], ['""', "''"], $sheet->name);
            $rows[] = [
                Cell::formula("HYPERLINK(\"#'$quoted'!A1\",\"".str_replace('"', '""', $sheet->name).'")', $sheet->name),
                Cell::of(mb_strimwidth($sheet->reading->title($sheet->cells), 0, 200, '…')), Cell::of($role->purpose !== ''
                    ? $role->purpose : ucfirst($roles[$number]->role->purpose())),
            ];
        }

        return $rows;
    }

    /** @return list<Cell> */
    private static function texts(string ...$texts): array
    {
        return array_map(Cell::of(...), array_values($texts));
    }
}
