<?php

declare(strict_types=1);

namespace Rilvet\Check\Consistency;

use Rilvet\Act\Dress;
use Rilvet\Act\Format;
use Rilvet\Act\FormatWhere;
use Rilvet\Act\Resize;
use Rilvet\Act\SetOpening;
use Rilvet\Act\Together;
use Rilvet\Check\Check;
use Rilvet\Check\Checked;
use Rilvet\Check\Finding;
use Rilvet\Check\Mend;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\TableReading;

/**
 * Sheets whose first table has the same headings, compared attribute by attribute: what more than half of them have is what
 * is usual, and the others are told, each with how it is brought in line.
 */
final class SheetKinds
{
    /** Sheets of one kind that are needed for a majority. */
    private const LEAST = 3;

    /** Columns that are compared. */
    private const COLUMNS = 60;

    private const COMPARED = [Attribute::Font, Attribute::Size, Attribute::Bold, Attribute::Italic, Attribute::Ink, Attribute::Fill,
        Attribute::Number, Attribute::Horizontal, Attribute::Wrap];

    /** @param  list<array{Checked, TableReading}>  $sheets */
    private function __construct(private readonly array $sheets)
    {
    }

    /**
     * @param  list<Checked>  $sheets
     * @return list<self>
     */
    public static function of(array $sheets): array
    {
        $kinds = [];
        foreach ($sheets as $sheet) {
            $table = $sheet->tables()[0] ?? null;
            if ($table === null || $table->isTurned() || $table->bodyRange() === null || count($table->columns) < 2) {
                continue;
            }
            $headings = array_map(fn (ColumnReading $column) => ColumnReading::plain((string) $column->heading), $table->columns);
            implode('', $headings) === '' || $kinds[implode("\n", $headings)][] = [$sheet, $table];
        }

        return array_map(fn (array $kind) => new self($kind), array_values(array_filter($kinds,
            fn (array $kind) => count($kind) >= self::LEAST)));
    }

    /** @return iterable<array{Checked, Finding}> */
    public function differing(Check $check): iterable
    {
        $traits = array_map(fn (array $one) => self::traits(...$one), $this->sheets);
        $usual = [];
        foreach (array_keys(array_merge(...$traits)) as $name) {
            $values = array_count_values(array_map(fn (array $of) => $of[$name] ?? '', $traits));
            arsort($values);
            if (reset($values) * 2 > count($traits)) {
                $usual[$name] = (string) array_key_first($values);
            }
        }
        foreach ($this->sheets as $at => [$sheet, $table]) {
            $odd = array_filter($usual, fn (string $value, string $name) => ($traits[$at][$name] ?? '') !== $value, ARRAY_FILTER_USE_BOTH);
            // A stylebook says all the rest.
            $odd = array_intersect_key($odd, ['stylebook' => 1]) ?: $odd;
            if ($odd !== []) {
                yield [$sheet, $sheet->finding($check, $table->range, count($odd), $this->words($odd, $traits, $at), [],
                    $this->mend($sheet, $table, $odd, $usual, $traits))];
            }
        }
    }

    /** @return array<string, string> what is compared: "heading fill 2" and what it is there */
    private static function traits(Checked $sheet, TableReading $table): array
    {
        $opening = $sheet->sheet->setup->opening;
        $traits = ['stylebook' => $sheet->sheet->stylebook->name ?? '', 'zoom' => (string) $opening->zoom,
            'gridlines' => $opening->gridlines ? 'shown' : 'hidden'];
        foreach (array_slice($table->columns, 0, self::COLUMNS) as $at => $column) {
            $looks = ['heading' => $table->lastHeadRow() === null ? null : $sheet->dressed()->at($table->lastHeadRow(), $column->column),
                'data' => ($sheet->survey()->column($table, $column->column)[0] ?? null)?->look];
            foreach ($looks as $part => $look) {
                foreach (self::COMPARED as $attribute) {
                    $look === null || $traits["$part|$attribute->value|$at"] = FormatWhere::seen($look->look, $attribute);
                }
            }
            $traits["width||$at"] = (string) $sheet->sheet->setup->sizes->widthOf($column->column);
        }

        return $traits;
    }

    /**
     * @param  array<string, string>  $odd
     * @param  list<array<string, string>>  $traits
     */
    private function words(array $odd, array $traits, int $at): string
    {
        $said = [];
        foreach ($odd as $name => $value) {
            [$part, $attribute] = explode('|', "$name|");
            $what = trim(($part === 'width' ? 'widths' : $part).' '.$attribute);
            $have = count(array_filter($traits, fn (array $of) => ($of[$name] ?? '') === $value));
            $said[$what] ??= ucfirst($what).': '.self::told($traits[$at][$name] ?? '').' here, '.self::told($value)." on $have of ".
                count($traits);
        }

        return implode('; ', array_slice($said, 0, 3)).(count($said) > 3 ? '; and '.(count($said) - 3).' more' : '').'.';
    }

    private static function told(string $value): string
    {
        return match ($value) {
            '' => 'none',
            '1' => 'yes',
            default => mb_substr($value, 0, 40),
        };
    }

    /**
     * @param  array<string, string>  $odd
     * @param  array<string, string>  $usual
     * @param  list<array<string, string>>  $traits
     */
    private function mend(Checked $sheet, TableReading $table, array $odd, array $usual, array $traits): ?Mend
    {
        // The one that is like most of the others stands for all of them.
        $model = null;
        foreach ($this->sheets as $at => $one) {
            if (array_diff_assoc($usual, $traits[$at]) === []) {
                $model = $one[0];
                break;
            }
        }
        if (isset($odd['stylebook'])) {
            $worn = $model?->sheet;

            $isElsewhere = $worn?->stylebook !== null && $worn->reference === null && $sheet->workbook !== $model->workbook;

            return $worn === null || $isElsewhere ? null
                : Mend::looks(new Dress([$sheet->number], $worn->stylebook, $worn->clean, null, $worn->reference));
        }
        $acts = [];
        $looks = [];
        foreach ($odd as $name => $value) {
            [$part, $attribute, $at] = explode('|', "$name||");
            $column = $table->columns[(int) $at]->column;
            match ($part) {
                'zoom' => $acts[] = new SetOpening([$sheet->number], zoom: (int) $value),
                'gridlines' => $acts[] = new SetOpening([$sheet->number], gridlines: $value === 'shown'),
                'width' => $acts[] = new Resize([$sheet->number], true, [[$column, $column]], (int) $value),
                default => $looks["$part|$column"][$attribute] = self::value($attribute, $value),
            };
        }
        $body = $table->bodyRange();
        foreach ($looks as $place => $look) {
            [$part, $column] = explode('|', $place);
            $range = $part === 'heading' ? Range::of((int) $table->lastHeadRow(), (int) $column, (int) $table->lastHeadRow(), (int) $column)
                : Range::of($body->top ?? 1, (int) $column, $body->bottom ?? 1, (int) $column);
            $acts[] = new Format($sheet->targets($range), Look::of($look));
        }

        return $acts === [] ? null : Mend::looks(new Together($acts, 'Brought in line with sheets of its kind, '.$sheet->sheet->name));
    }

    private static function value(string $attribute, string $value): bool|float|string
    {
        return match ($attribute) {
            'bold', 'italic', 'wrap' => $value === '1',
            'size' => (float) $value,
            'number' => $value === '' ? 'General' : $value,
            'horizontal' => $value === '' ? 'general' : $value,
            default => $value,
        };
    }
}
