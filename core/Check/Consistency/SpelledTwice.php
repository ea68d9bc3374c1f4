<?php

declare(strict_types=1);

namespace Rilvet\Check\Consistency;

use Rilvet\Act\RewriteTexts;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Mend;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Reading\ColumnKind;

/** One name that is written in two ways. */
final readonly class SpelledTwice implements ColumnCheck
{
    public function about(): About
    {
        return new About('spelled-twice', 'One name, two spellings',
            'They are counted, filtered and added up as two.', Severity::Look, Subject::Consistency);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns(true) as [, $column, $range, $facts]) {
            $isName = $column->kind === ColumnKind::Text || $column->kind === ColumnKind::Category;
            if (! $isName || $facts->words === null || count($facts->words) < 2 || $facts->texts < 4) {
                continue;
            }
            $groups = [];
            foreach ($facts->words as $text => $places) {
                $plain = mb_strtolower((string) preg_replace('/[^\\p{L}\\p{N}+#%]+/u', '', (string) $text));
                // What is no word is not misspelled.
                preg_match('/\p{L}{2}/u', $plain) !== 1 || str_contains((string) $text, '_') || $groups[$plain][(string) $text] = $places;
            }
            $to = [];
            $odd = [];
            foreach ($groups as $spellings) {
                uasort($spellings, fn (Places $one, Places $other) => $other->count <=> $one->count);
                $usual = (string) array_key_first($spellings);
                foreach (array_slice($spellings, 1) as $text => $places) {
                    // What differs by spaces alone is another finding.
                    if (self::spaced((string) $text) !== self::spaced($usual)) {
                        $to[(string) $text] = $usual;
                        $odd[] = $places;
                    }
                }
            }
            if ($to === []) {
                continue;
            }
            $places = Places::together(...$odd);
            $said = array_map(fn (string|int $one) => '"'.mb_substr((string) $one, 0, 40).'" beside "'.mb_substr($to[$one], 0, 40).'"',
                array_slice(array_keys($to), 0, 3));
            yield $sheet->finding($this, $places->text(), $places->count, Checked::called($column).': '.implode(', ', $said).
                (count($to) > 3 ? ', and '.(count($to) - 3).' more' : '').'.', [],
                Mend::values(new RewriteTexts($sheet->targets($range), $to, 'one spelling'), $places->count));
        }
    }

    private static function spaced(string $text): string
    {
        return trim((string) preg_replace('/[\\s\\x{A0}]+/u', ' ', $text));
    }
}
