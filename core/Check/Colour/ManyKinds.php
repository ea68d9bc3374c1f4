<?php

declare(strict_types=1);

namespace Rilvet\Check\Colour;

use Rilvet\Act\FormatWhere;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Check\WorkbookCheck;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Look\Attribute;

/** More fonts and colours than a workbook needs. */
final readonly class ManyKinds implements WorkbookCheck
{
    public function about(): About
    {
        return new About('many-kinds', 'More fonts or colours than are needed',
            'What is set apart by everything is set apart by nothing.', Severity::Note, Subject::Colour);
    }

    private const MOST = ['font' => 3, 'fill' => 10, 'ink' => 8];

    public function across(array $sheets): iterable
    {
        // Of one workbook: several of a series are each looked at by themselves.
        foreach (self::books($sheets) as $of) {
            foreach ([[Attribute::Font, 'font', 'fonts'], [Attribute::Fill, 'fill', 'fills'], [Attribute::Ink, 'ink',
                'inks']] as [$attribute, $name, $words]) {
                $all = [];
                foreach ($of as $sheet) {
                    foreach (Seen::by($sheet, fn (ResolvedLook $look) => FormatWhere::seen($look->look, $attribute),
                        false) as $value => $found) {
                        $all[$value] = ($all[$value] ?? 0) + $found['count'];
                    }
                }
                arsort($all);
                if (count($all) > self::MOST[$name]) {
                    yield [$of[0], $of[0]->finding($this, '', count($all), 'The workbook has '.count($all)." $words, among them ".
                        implode(', ', array_map(fn (string|int $one) => "$one (".number_format($all[$one]).')',
                            array_slice(array_keys($all), 0, 8))).'.')];
                }
            }
        }
    }

    /**
     * @param  list<Checked>  $sheets
     * @return list<non-empty-list<Checked>>
     */
    private static function books(array $sheets): array
    {
        $books = [];
        foreach ($sheets as $sheet) {
            $books[spl_object_id($sheet->workbook)][] = $sheet;
        }

        return array_values($books);
    }
}
