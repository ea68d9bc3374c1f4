<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Page\PaperSize;
use Rilvet\Paper\Printed;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * How a sheet of a web page prints (CSS Paged Media 3): its paper, its margins and its scale, rows that stay whole, breaks, and headings
 * above the first row that repeat. Head and foot are the browser's own.
 */
final readonly class PrintedPage
{
    /** Of all sheets. */
    public const COMMON = '@media print{body{margin:0}h2{display:none}.scroll{overflow:visible}tr{break-inside:avoid}.pb{break-before:page}'
        .'section+section{break-before:page}*{print-color-adjust:exact}}';

    /** @param  array<int, int>  $breaks  rows that begin a page, as keys */
    private function __construct(public string $rules, private array $breaks, public int $heads)
    {
    }

    public static function of(Workbook $workbook, Worksheet $sheet, string $name): self
    {
        $printed = Printed::of($workbook, $sheet);
        $rules = $printed->rules;
        $paper = PaperSize::of($rules->text('paper'));
        [$width, $height] = $printed->isTurned ? [$paper->height, $paper->width] : [$paper->width, $paper->height];
        $margins = implode(' ', array_map(fn (string $side) => round($rules->number($side), 1).'mm', ['top', 'right', 'bottom', 'left']));
        $colour = $rules->text('colour');
        [$titles] = $printed->titles($sheet);

        return new self(
            "@page $name{size:".round($width, 1).'mm '.round($height, 1)."mm;margin:$margins}@media print{.$name{page:$name"
            .($colour === 'none' ? '' : ";background:$colour")
            .($printed->scale === 100 ? '' : ';zoom:'.$printed->scale / 100).'}}',
            array_flip(array_map(fn (int $row) => $row + 1, $printed->rows)),
            // What stands above the headings would repeat with them, so only headings at the top do.
            $titles !== null && $titles[0] === 1 ? $titles[1] : 0,
        );
    }

    /** What stands before a row. */
    public function before(int $row): string
    {
        return $this->heads === 0 ? ''
            : ($row === 1 ? '<thead>'
            : ($row === $this->heads + 1 ? '<tbody>' : ''));
    }

    /** What stands after a row, the last or not. */
    public function after(int $row): string
    {
        return $row === $this->heads ? '</thead>' : '';
    }

    /** What ends the table after its last row. */
    public function end(int $row): string
    {
        return match (true) {
            $this->heads === 0 || $row === 0 => '',
            $row < $this->heads => '</thead>',
            $row > $this->heads => '</tbody>',
            default => '',
        };
    }

    public function startsPage(int $row): bool
    {
        return isset($this->breaks[$row]);
    }
}
