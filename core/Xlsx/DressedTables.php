<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\StripesBy;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/**
 * Dressed tables as tables of the format (ISO/IEC 29500-1 18.5.1.2), with a table style made from their stylebook (18.8.40), so that rows
 * that are added elsewhere wear what the others do. Totals stand below the table, and not in it.
 */
final class DressedTables
{
    private const COLUMNS = 1_000;

    /** Characters of a heading as the name of a column. */
    private const HEADING = 255;

    /** @var array<string, Stylebook> stylebooks of the tables, by name */
    private array $stylebooks = [];

    /** @var array<string, true> names that are taken, in small letters */
    private array $names;

    private int $count = 0;

    /** @param  list<string>  $names  defined names, which a table cannot have */
    public function __construct(array $names)
    {
        $this->names = array_fill_keys(array_map(mb_strtolower(...), $names), true);
    }

    /** @return list<string> the parts of the tables of a sheet, as XML; their ids are in turn over all sheets */
    public function of(Worksheet $sheet): array
    {
        $parts = [];
        $stylebook = $sheet->stylebook;
        if ($stylebook === null) {
            return [];
        }
        foreach ($sheet->reading->tables as $table) {
            $range = self::range($sheet, $table);
            $headings = $range === null ? null : self::headings($sheet, $range);
            if ($range !== null && $headings !== null) {
                $this->stylebooks[$stylebook->name] = $stylebook;
                $parts[] = $this->part($range, $headings, $this->name($sheet->name), $stylebook);
            }
        }

        return $parts;
    }

    /** Headings and body of a table that the format can have one of; null for all others. */
    private static function range(Worksheet $sheet, TableReading $table): ?Range
    {
        $body = array_values(array_filter($table->runs, fn (RowRun $run) => $run->part === Part::Body));
        $heads = $table->heads();
        $head = $heads[count($heads) - 1] ?? null;
        $isPlain = count($body) === 1 && $head?->part === Part::Heading && $head->last === $body[0]->first - 1 && ! $table->isTurned();
        if (! $isPlain || $table->range->columns() > self::COLUMNS) {
            return null;
        }
        $range = Range::of($head->last, $table->range->left, $body[0]->last, $table->range->right);
        foreach ($sheet->setup->merges as $merge) {
            if ($merge->meets($range)) {
                return null;
            }
        }

        return $range;
    }

    /** @return list<string>|null null where they do not tell the columns apart */
    private static function headings(Worksheet $sheet, Range $range): ?array
    {
        $headings = [];
        foreach ($sheet->cells->read($range->top, $range->top, $range->left, $range->right) as $cells) {
            for ($column = $range->left; $column <= $range->right; $column++) {
                $cell = $cells[$column - 1] ?? null;
                $text = $cell !== null && $cell->formula === null && is_string($cell->value) ? $cell->value : '';
                $key = mb_strtolower($text);
                if (trim($text) === '' || isset($headings[$key]) || mb_strlen($text) > self::HEADING || preg_match('/[\x00-\x1F]/',
                    $text) === 1) {
                    return null;
                }
                $headings[$key] = $text;
            }
        }

        return $headings === [] ? null : array_values($headings);
    }

    private function name(string $sheet): string
    {
        $plain = 'Table_'.mb_substr((string) preg_replace('/[^\p{L}\p{N}_]+/u', '_', $sheet), 0, 60);
        for ($number = 2, $name = $plain; isset($this->names[mb_strtolower($name)]); $number++) {
            $name = "{$plain}_$number";
        }
        $this->names[mb_strtolower($name)] = true;

        return $name;
    }

    /** @param  list<string>  $headings */
    private function part(Range $range, array $headings, string $name, Stylebook $stylebook): string
    {
        $this->count++;
        $columns = '';
        foreach ($headings as $index => $heading) {
            $columns .= '<tableColumn id="'.($index + 1).'" name="'.self::escaped($heading).'"/>';
        }

        return '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n"
            .'<table xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" '
            ."id=\"$this->count\" name=\"".self::escaped($name).'" '
                .'displayName="'.self::escaped($name)."\" ref=\"$range\" totalsRowShown=\"0\">"
            .'<tableColumns count="'.count($headings)."\">$columns</tableColumns><tableStyleInfo name=\"".self::escaped($stylebook->name)
            .'" showFirstColumn="0" showLastColumn="0" showRowStripes="'.(self::bands($stylebook) === [] ? 0 : 1).'" '
                .'showColumnStripes="0"/></table>';
    }

    /**
     * The table styles, for a part of styles that has none.
     *
     * @param  callable(Look): int  $differential  number of a differential format
     */
    public function styles(callable $differential): string
    {
        $styles = '';
        foreach ($this->stylebooks as $name => $stylebook) {
            $elements = [['wholeTable', $stylebook->ground->under($stylebook->part(Part::Body)), null],
                ['headerRow', $stylebook->ground->under($stylebook->part(Part::Heading)), null]];
            foreach (self::bands($stylebook) as $index => $look) {
                $elements[] = [$index === 0 ? 'firstRowStripe' : 'secondRowStripe', $look, $stylebook->stripes->every ?? 1];
            }
            $xml = '';
            $count = 0;
            foreach ($elements as [$type, $look, $size]) {
                $look = $look->without(Attribute::Number, Attribute::Locked, Attribute::Concealed);
                // A band that looks as the table does still has its rows.
                if (! $look->isEmpty() || ($size !== null && $size > 1)) {
                    $count++;
                    $xml .= "<tableStyleElement type=\"$type\"".($size !== null && $size > 1 ? " size=\"$size\"" : '')
                        .($look->isEmpty() ? '' : ' dxfId="'.$differential($look).'"').'/>';
                }
            }
            $styles .= '<tableStyle name="'.self::escaped((string) $name)."\" pivot=\"0\" count=\"$count\">$xml</tableStyle>";
        }

        return $styles === '' ? '' : '<tableStyles count="'.count($this->stylebooks)."\">$styles</tableStyles>";
    }

    /** @return list<Look> fills of the two bands that the format has; none where the stylebook has others */
    private static function bands(Stylebook $stylebook): array
    {
        $stripes = $stylebook->stripes;
        if ($stripes === null || $stripes->by !== StripesBy::Rows || count($stripes->looks) !== 2 || $stripes->first !== 1) {
            return [];
        }

        return $stripes->looks;
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1 | ENT_QUOTES | ENT_SUBSTITUTE);
    }
}
