<?php

declare(strict_types=1);

namespace App\Batch;

use RuntimeException;

/** What became of the files of a batch, to be handed on: html that needs nothing else, csv (RFC 4180), or JSON. */
final class Reports
{
    /** @param  list<Reported>  $all */
    public static function json(array $all): string
    {
        return json_encode(array_map(fn (Reported $one) => $one->toArray(), $all),
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);
    }

    /**
     * A line a file; what a spreadsheet would take for a formula is written as a text.
     *
     * @param  list<Reported>  $all
     */
    public static function csv(array $all): string
    {
        $lines = [['file', 'written as', 'fault', 'read', 'uncertain', 'done', 'not done', 'findings', 'cells compared', 'values changed',
            'formulas changed', 'seconds']];
        foreach ($all as $one) {
            $lines[] = [$one->file, (string) $one->output, (string) $one->fault, implode('; ', $one->parts), implode('; ', $one->doubts),
                implode('; ', $one->done), implode('; ', $one->left), (string) array_sum($one->findings), (string) $one->cells,
                (string) $one->values, (string) $one->formulas, (string) $one->seconds];
        }
        $field = function (string $text): string {
            $text = preg_match('/^[=+\-@\t\r]/', $text) === 1 ? "'$text" : $text;

            return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
        };

        return implode('', array_map(fn (array $line) => implode(',', array_map($field, $line))."\r\n", $lines));
    }

    /** @param  list<Reported>  $all */
    public static function html(array $all, string $title, string $day): string
    {
        $e = fn (string $text) => htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE);
        /** @param  list<string>  $lines */
        $list = function (string $head, array $lines) use ($e): string {
            $items = '';
            foreach ($lines as $line) {
                $items .= '<li>'.$e(is_string($line) ? $line : '').'</li>';
            }

            return $items === '' ? '' : "<h3>$head</h3><ul>$items</ul>";
        };
        $body = '';
        foreach ($all as $one) {
            $found = [];
            foreach ($one->findings as $name => $count) {
                $found[] = "$name: $count";
            }
            $body .= '<section><h2>'.$e($one->file).'</h2>'.($one->fault !== null
                ? '<p class="fault">Not done: '.$e($one->fault).'</p>'
                : '<p>Written as <b>'.$e((string) $one->output).'</b>: '.$e($one->words()).'</p>')
                .$list('Read', $one->parts).$list('Uncertain', $one->doubts).$list('Done', $one->done).$list('Not done', $one->left)
                .$list('Findings that are left', $found).'</section>';
        }
        $failed = count(array_filter($all, fn (Reported $one) => $one->fault !== null));

        return '<!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><meta http-equiv="Content-Security-Policy" content="'
            ."default-src 'none'; style-src 'unsafe-inline'".'"><title>'.$e($title).'</title><style>'
            .'body{font:14px/1.45 sans-serif;color:#2a2230;margin:32px;max-width:920px}h1{font-size:22px}h2{font-size:17px;margin-top:28px;'
            .'border-top:1px solid #ded7cb;padding-top:14px}h3{font-size:13px;margin:10px 0 2px}ul{margin:0;padding-left:20px}'
            .'.fault{color:#9b2335;font-weight:600}</style></head><body><h1>'.$e($title).'</h1><p>'.$e($day).': '.count($all)
            .(count($all) === 1 ? ' file' : ' files')
            .($failed > 0 ? ", $failed not done" : '').'</p>'.$body.'</body></html>';
    }

    /** @param  list<Reported>  $all */
    public static function write(array $all, string $path): void
    {
        $text = match (strtolower(pathinfo($path, PATHINFO_EXTENSION))) {
            'csv' => self::csv($all),
            'json' => self::json($all),
            'html', 'htm' => self::html($all, 'Routine', date('Y-m-d')),
            default => throw new RuntimeException('a report ends in .html, .csv or .json'),
        };
        @file_put_contents($path, $text) === strlen($text) || throw new RuntimeException("the report \"$path\" cannot be written");
    }
}
