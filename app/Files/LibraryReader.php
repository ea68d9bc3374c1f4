<?php

declare(strict_types=1);

namespace App\Files;

use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Reader\Ods;
use PhpOffice\PhpSpreadsheet\RichText\RichText;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Look\LookBook;
use Rilvet\Refusal;
use Rilvet\Work\Setup;
use Throwable;

/** ods through the general-purpose spreadsheet library, which reads a workbook as a whole. */
final class LibraryReader implements WorkbookReader
{
    /** @var array<string, string> */
    private array $names = [];

    public function from1904(): bool
    {
        return false;
    }

    public function names(): array
    {
        return $this->names;
    }

    public function sheets(string $path, LookBook $looks): iterable
    {
        $book = $this->load($path);
        foreach ($book->getDefinedNames() as $name) {
            if (! str_starts_with($name->getName(), '_xlnm')) {
                $this->names[$name->getName()] = $name->getValue();
            }
        }
        /** @var array<int, int> $styles */
        $styles = [];
        $mapper = new StyleMapper;
        foreach ($book->getCellXfCollection() as $index => $style) {
            $styles[$index] = $looks->number($mapper->look($style));
        }
        foreach ($book->getWorksheetIterator() as $sheet) {
            yield new IncomingSheet(
                $sheet->getTitle(),
                self::setup($sheet),
                self::rows($sheet, $styles),
            );
        }
        $book->disconnectWorksheets();
    }

    private function load(string $path): Spreadsheet
    {
        $reader = new Ods;
        $reader->setReadEmptyCells(true);
        set_error_handler(static fn () => true);
        try {
            return $reader->load($path);
        } catch (Refusal $refusal) {
            throw $refusal;
        } catch (Throwable) {
            throw FileIsWrong::package('The workbook cannot be read: a part of it is missing or is not as the format wants it. Open it where it was made, save it again, and bring it in.');
        } finally {
            restore_error_handler();
        }
    }

    /**
     * Every row from the first to the last; each as far as it holds cells. A sheet may reach far with hardly any.
     *
     * @param  array<int>  $styles  by the library's own numbers
     * @return iterable<int, array{list<Cell>, list<int>}>
     */
    private static function rows(Worksheet $sheet, array $styles): iterable
    {
        $columns = [];
        foreach ($sheet->getCoordinates(false) as $coordinate) {
            [$column, $row] = Coordinate::indexesFromString($coordinate);
            $columns[$row][] = $column;
        }
        $last = $columns === [] ? 0 : max(array_keys($columns));
        for ($row = 1; $row <= $last; $row++) {
            $there = $columns[$row] ?? [];
            $width = $there === [] ? 0 : max($there);
            $cells = array_fill(0, $width, Cell::blank());
            $looks = array_fill(0, $width, 0);
            foreach ($there as $column) {
                $cell = $sheet->getCell([$column, $row]);
                $looks[$column - 1] = $styles[$cell->getXfIndex()] ?? 0;
                $cells[$column - 1] = self::cell($cell->getDataType(), $cell->getValue(), $cell->getDataType() === DataType::TYPE_FORMULA ? $cell->getOldCalculatedValue() : null);
            }
            yield $row => [array_values($cells), array_values($looks)];
        }
    }

    private static function cell(string $type, mixed $value, mixed $calculated): Cell
    {
        if ($type === DataType::TYPE_FORMULA) {
            $result = is_scalar($calculated) ? $calculated : null;
            if (is_string($result) && is_numeric($result)) {
                $result += 0;
            }
            $isError = is_string($result) && preg_match('/^#[A-Z0-9\/!?]+[!?A0]$/', $result) === 1;

            return Cell::formula(ltrim(is_string($value) ? $value : '', '='), $isError ? null : $result, $isError ? $result : null);
        }
        if ($type === DataType::TYPE_ERROR) {
            return Cell::error(is_string($value) ? $value : '#VALUE!');
        }
        if ($value instanceof RichText) {
            return Cell::of($value->getPlainText());
        }

        return Cell::of(is_scalar($value) ? $value : null);
    }

    private static function setup(Worksheet $sheet): Setup
    {
        $widths = [];
        $hiddenColumns = [];
        foreach ($sheet->getColumnDimensions() as $letters => $dimension) {
            $column = Coordinate::columnIndexFromString((string) $letters);
            if ($dimension->getWidth() > 0) {
                $widths[$column] = self::px($dimension->getWidth());
            }
            if (! $dimension->getVisible()) {
                $hiddenColumns[] = $column;
            }
        }
        /** @var array<int, int> $heights */
        $heights = [];
        $hiddenRows = [];
        foreach ($sheet->getRowDimensions() as $row => $dimension) {
            if ($dimension->getRowHeight() > 0) {
                $heights[(int) $row] = (int) round($dimension->getRowHeight() * 96 / 72);
            }
            if (! $dimension->getVisible()) {
                $hiddenRows[] = $row;
            }
        }
        $width = $sheet->getDefaultColumnDimension()->getWidth();
        $height = $sheet->getDefaultRowDimension()->getRowHeight();
        $pane = $sheet->getFreezePane();
        $frozen = $pane === null ? [1, 1] : Coordinate::coordinateFromString($pane);
        // Asking for the colour makes one, so it is asked only where there is one.
        $tab = $sheet->isTabColorSet() ? $sheet->getTabColor()->getRGB() : '';

        return new Setup(
            $widths, $heights, $hiddenColumns, $hiddenRows,
            array_map(Range::parse(...), array_values($sheet->getMergeCells())),
            $width > 0 ? self::px($width) : 64,
            $height > 0 ? (int) round($height * 96 / 72) : 20,
            $pane === null ? 0 : (int) $frozen[1] - 1,
            $pane === null ? 0 : Coordinate::columnIndexFromString((string) $frozen[0]) - 1,
            $sheet->getShowGridlines(),
            max(10, min(400, $sheet->getSheetView()->getZoomScale() ?? 100)),
            preg_match('/^[0-9A-Fa-f]{6}$/', $tab) === 1 ? '#'.strtoupper($tab) : null,
            match ($sheet->getSheetState()) {
                Worksheet::SHEETSTATE_HIDDEN => 'hidden',
                Worksheet::SHEETSTATE_VERYHIDDEN => 'veryHidden',
                default => 'visible',
            },
            $sheet->getProtection()->getSheet() === true,
        );
    }

    /** Characters of the default font to px (ISO/IEC 29500-1 18.3.1.13), with a greatest digit width of 7 px. */
    private static function px(float $characters): int
    {
        return (int) floor((256 * $characters + floor(128 / 7)) / 256 * 7);
    }
}
