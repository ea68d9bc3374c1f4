<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Compare\Comparison;
use Rilvet\Work\Workbook;

/** Two sheets and what differs between them in one html file that needs nothing else. */
final readonly class PairWriter
{
    /** Cells of a sheet that are written. */
    private const CELLS = 200_000;

    public function __construct(private HtmlWriter $writer)
    {
    }

    /** @throws TooLargeToShow */
    public function html(Workbook $left, Workbook $right, Comparison $comparison, string $leftName, string $rightName): string
    {
        $escape = fn (string $text) => htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');
        $panes = '';
        foreach ([[$left, $leftName], [$right, $rightName]] as [$workbook, $name]) {
            $panes .= '<section><h2>'.$escape($name).'</h2><iframe title="'.$escape($name).'" sandbox="" srcdoc="'.
                $escape($this->sheet($workbook)).'"></iframe></section>';
        }
        $list = '';
        foreach ($comparison->differences as $one) {
            $list .= '<li>'.$escape(ucfirst($one->facet).($one->part === '' ? '' : ", $one->part").": $one->words").'</li>';
        }

        return '<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><meta http-equiv="Content-Security-Policy" content="'.
            "default-src 'none'; style-src 'unsafe-inline'; font-src data:; frame-src 'self'".'"><title>Side by side</title><style>'.
            'body{margin:0;font:14px sans-serif;display:grid;grid-template:1fr auto/1fr 1fr;height:100vh}section{display:grid;'.
            'grid-template-rows:auto 1fr;min-width:0}h2{font-size:14px;margin:8px 12px}iframe{border:0;border-top:1px solid #ccc;'.
            'width:100%;height:100%}section+section{border-left:1px solid #ccc}ul{grid-column:1/-1;max-height:24vh;overflow:auto;'.
            'margin:0;padding:8px 28px;border-top:1px solid #ccc;columns:3}</style></head><body>'.$panes.'<ul>'.
            ($list === '' ? '<li>Nothing differs.</li>' : $list).'</ul></body></html>';
    }

    private function sheet(Workbook $workbook): string
    {
        foreach ($workbook->sheets as $sheet) {
            $sheet->cells->rows() * $sheet->cells->columns() <= self::CELLS || throw TooLargeToShow::of($sheet->name, self::CELLS);
        }
        $path = tempnam(sys_get_temp_dir(), 'pair');
        assert($path !== false);

        try {
            $this->writer->write($workbook, $path);

            return (string) file_get_contents($path);
        } finally {
            @unlink($path);
        }
    }
}
