<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Act\Format;
use Rilvet\Act\Wipe;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Facts\Wear;
use Rilvet\Check\Mend;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Dressed\Layer;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Look\Attribute;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;
use Rilvet\Number\FormatClass;

/** A column whose figures or days are shown in several ways. */
final readonly class MixedFormats implements ColumnCheck
{
    public function about(): About
    {
        return new About('mixed-formats', 'Mixed formats in one column',
            'The eye takes what is written otherwise for something else.', Severity::Look, Subject::Numbers);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns() as [$table, $column, $range, $facts]) {
            if ($facts->numbers < 3 || $facts->texts > $facts->numbers) {
                continue;
            }
            $groups = $sheet->survey()->by($table, $column->column,
                self::kind(...));
            if (count($groups) < 2) {
                continue;
            }
            $groups = array_filter($groups, fn (Wear $wear) => $sheet->survey()->isFilled($wear->places, $column->column));
            if (count($groups) < 2 || count($groups) > 12) {
                continue;
            }
            $said = [];
            foreach ($groups as $kind => $wear) {
                $said[] = number_format($wear->places->count).' '.$kind;
            }
            $others = array_slice($groups, 1);
            $count = array_sum(array_map(fn (Wear $wear) => $wear->places->count, $others));
            $odd = Places::together(...array_map(fn (Wear $wear) => $wear->places, array_values($others)));
            // The first figure alone with its sign is the way of accounts (common practice).
            if ($count === 1 && $odd->stretches()[0][0] === $table->firstBodyRow()
                && str_starts_with((string) array_key_first($others), 'with ')) {
                continue;
            }
            $usual = reset($groups)->look;
            $mend = self::isOfStylebook($usual) ? new Wipe($sheet->targets($odd->text()), Facet::Number)
                : new Format($sheet->targets($range), Look::of(['number' => $usual->look->text(Attribute::Number, 'General')]));
            yield $sheet->finding($this, $odd->text(), $count, Checked::called($column).' shows '.implode(', ', $said).'.', [],
                self::isOfStylebook($usual) && ! $odd->isWhole() ? null : Mend::looks($mend));
        }
    }

    /** What a reader tells codes apart by, but for decimals, which are another matter. */
    private static function kind(ResolvedLook $look): string
    {
        if (self::isOfStylebook($look)) {
            return 'as the stylebook has it';
        }
        $code = $look->look->text(Attribute::Number);
        $class = FormatClass::of($code);
        $sign = FormatClass::currency($code);

        return match (true) {
            $sign !== null => "with $sign",
            $class->isTemporal() => 'as '.self::day($code),
            $class === FormatClass::Percent => 'in percent',
            $class === FormatClass::Text => 'as texts',
            $class === FormatClass::General, preg_match('/^[#0,.?]+$/', $code) === 1 => 'plain',
            default => "as $code",
        };
    }

    /** "yyyy-mm-dd" of "[$-809]yyyy\-mm\-dd;@". */
    private static function day(string $code): string
    {
        return strtolower((string) preg_replace(['/;.*$/s', '/\\[[^\\]]*\\]/', '/[\\\\"]/'], ['', '', ''], $code));
    }

    /** What a stylebook shows otherwise in one row than in the next it means so. */
    private static function isOfStylebook(ResolvedLook $look): bool
    {
        $layer = $look->from(Attribute::Number);

        return $layer !== null && $layer->value > Layer::File->value && $layer->value < Layer::Named->value;
    }
}
