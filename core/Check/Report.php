<?php

declare(strict_types=1);

namespace Rilvet\Check;

/** What was found in workbooks, for those who read it elsewhere: as one html page that needs nothing else, csv, or JSON. */
final class Report
{
    /**
     * @param  list<array{file: string, findings: list<Finding>, left: array<string, string>}>  $files  what was left, with its reason, by
     *     the key of the finding
     * @param  string  $day  "2026-11-27"
     */
    public function __construct(private readonly array $files, private readonly string $day)
    {
    }

    /** @return array{day: string, files: list<array{file: string, findings: list<array<string, mixed>>}>} ready for JSON */
    public function toArray(): array
    {
        return ['day' => $this->day, 'files' => array_map(fn (array $of) => ['file' => $of['file'], 'findings' => array_map(
            fn (Finding $one) => [...$one->toArray(), 'left' => $of['left'][$one->key()] ?? null], $of['findings'])], $this->files)];
    }

    /** As RFC 4180 has it; what a spreadsheet would take for a formula is written as a text. */
    public function csv(): string
    {
        $lines = [['file', 'sheet', 'range', 'severity', 'check', 'what', 'count', 'mend', 'changes', 'left because']];
        foreach ($this->files as $of) {
            foreach ($of['findings'] as $one) {
                $lines[] = [$of['file'], $one->sheet, $one->range, $one->severity->value, $one->check, $one->words, (string) $one->count,
                    $one->mend->words ?? '', $one->mend?->changes->value ?? '', $of['left'][$one->key()] ?? ''];
            }
        }
        $field = function (string $text): string {
            $text = preg_match('/^[=+\-@\t\r]/', $text) === 1 ? "'$text" : $text;

            return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
        };

        return implode('', array_map(fn (array $line) => implode(',', array_map($field, $line))."\r\n", $lines));
    }

    public function html(): string
    {
        $body = '';
        foreach ($this->files as $of) {
            $count = count($of['findings']);
            $body .= '<section><h2>'.self::escape($of['file']).'</h2><p>'.number_format($count).($count === 1 ? ' finding' : ' findings').
                (($left = count($of['left'])) > 0 ? ', '.number_format($left).' left with a reason' : '').'</p>'.self::table($of).
                    '</section>';
        }

        return '<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><meta http-equiv="Content-Security-Policy" content="'.
            "default-src 'none'; style-src 'unsafe-inline'".'"><title>Findings, '.self::escape($this->day).'</title><style>'.
            'body{font:14px/1.45 sans-serif;color:#2a2230;margin:32px;max-width:1080px}h1{font-size:22px}h2{font-size:17px}'.
            'table{border-collapse:collapse;width:100%}th,td{text-align:left;vertical-align:top;padding:6px 10px;border-bottom:1px solid '.
            '#ded7cb}th{background:#f5f2ec}.wrong{color:#9a4a1f;font-weight:600}code{font-family:monospace}</style></head><body><h1>'.
            'Findings</h1><p>Looked over on '.self::escape($this->day).'</p>'.$body.'</body></html>';
    }

    /** @param  array{file: string, findings: list<Finding>, left: array<string, string>}  $of */
    private static function table(array $of): string
    {
        if ($of['findings'] === []) {
            return '<p>Nothing is found.</p>';
        }
        $rows = '';
        foreach ($of['findings'] as $one) {
            $about = Checks::about($one->check);
            $reason = $of['left'][$one->key()] ?? null;
            $rows .= '<tr><td class="'.($one->severity === Severity::Wrong ? 'wrong' : '').'">'.$one->severity->value.'</td><td>'.
                self::escape($one->sheet).'<br><code>'.self::escape(mb_strimwidth($one->range, 0, 60, '…')).'</code></td><td><strong>'.
                self::escape($about->title ?? $one->check).'</strong><br>'.self::escape($one->words).'<br>'.
                    self::escape($about->reason ?? '').
                '</td><td>'.($reason !== null ? 'Left: '.self::escape($reason)
                    : self::escape($one->mend === null ? 'only a person can tell' : $one->mend->words)).'</td></tr>';
        }

        return '<table><thead><tr><th>How much</th><th>Where</th><th>What, and why it matters</th><th>Mending</th></tr></thead><tbody>'.
            $rows.'</tbody></table>';
    }

    private static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');
    }
}
