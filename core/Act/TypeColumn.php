<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\NothingToType;
use Rilvet\Grid\Address;
use Rilvet\Grid\BlockSheet;
use Rilvet\Intake\ColumnTyping;
use Rilvet\Intake\TypingKind;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Aspect\PivotRows;
use Rilvet\Work\FileHints;
use Rilvet\Work\Workbook;

/** Types the text of a column in another way, or takes its typing back; the text as it came is what is kept. */
final readonly class TypeColumn implements Act
{
    public function __construct(private int $sheet, private int $column, private ColumnTyping $typing)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        if ($sheet->typing === null || ! $sheet->cells instanceof BlockSheet) {
            throw NothingToType::column(Address::columnName($this->column));
        }
        $typing = $sheet->typing->with($this->column, $this->typing);
        $cells = $sheet->cells->withTyping($typing);
        $hints = new FileHints($sheet->file, $workbook->looks, $sheet->came, $typing);
        $found = $sheet->aspect(PivotRows::class)->over(Finder::read(SheetFacts::of($cells, $hints)));
        $sheet = ReadAnew::columns($sheet->readAs($found, $cells, $typing), $workbook, $this->sheet);
        $workbook = $workbook->withSheet($this->sheet, $sheet);

        return Dress::again($workbook, $this->sheet);
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet);
    }

    public function words(Workbook $workbook): string
    {
        $name = 'Column '.Address::columnName($this->column);

        return $this->typing->kind === TypingKind::Text ? "$name taken back to text" : "$name typed as {$this->typing->kind->value}s";
    }
}
