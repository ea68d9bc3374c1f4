<?php

declare(strict_types=1);

namespace Rilvet\Intake;

use Rilvet\Grid\Cell;

/**
 * How one column's text becomes values: decided once for the whole column, then applied to every cell that fits.
 * A cell that does not fit stays the text it is.
 */
final readonly class ColumnTyping
{
    /**
     * @param  string  $decimal  "." or ","
     * @param  string  $order  of date fields where only figures are given: "dmy", "mdy" or "ymd"
     * @param  bool  $unsure  nothing in the column decides the order of day and month, or the decimal sign
     * @param  string|null  $unit  the currency sign that the column's figures carry
     */
    public function __construct(
        public TypingKind $kind,
        public string $decimal = '.',
        public string $order = 'dmy',
        public bool $unsure = false,
        public bool $percent = false,
        public ?string $unit = null,
        public ?string $format = null,
        public string $why = '',
    ) {
    }

    public static function text(string $why = ''): self
    {
        return new self(TypingKind::Text, why: $why);
    }

    public function cell(string $raw): Cell
    {
        $value = match ($this->kind) {
            TypingKind::Text => null,
            TypingKind::Number => NumberText::parse($raw, $this->decimal),
            TypingKind::Date => DateText::parse($raw, $this->order),
            TypingKind::Time => DateText::time($raw),
        };

        return $value === null ? Cell::of($raw) : Cell::read($value, $raw);
    }

    /**
     * The values of many cells. Columns of plain figures are told by one look at all of them; days and names repeat, and
     * each is read once.
     *
     * @param  array<int, string>  $raws
     * @return array<int, null|bool|int|float|string>
     */
    public function values(array $raws): array
    {
        if ($raws === [] || $this->kind === TypingKind::Text) {
            return $raws;
        }
        if ($this->kind === TypingKind::Number && $this->decimal === '.') {
            // Joined by a sign that no figure holds: a comma parts thousands.
            $joined = implode("\x1F", $raws);
            $isEach = substr_count($joined, "\x1F") === count($raws) - 1;
            if ($isEach && preg_match('/\A\d{1,15}(?:\x1F\d{1,15})*+\z/', $joined) === 1) {
                return array_map(intval(...), $raws);
            }
            if ($isEach && preg_match('/\A-?\d{1,12}\.\d{1,9}(?:\x1F-?\d{1,12}\.\d{1,9})*+\z/', $joined) === 1) {
                return array_map(floatval(...), $raws);
            }
        }
        $known = [];
        $values = [];
        foreach ($raws as $at => $raw) {
            $values[$at] = array_key_exists($raw, $known) ? $known[$raw] : $known[$raw] = $this->cell($raw)->value;
        }

        return $values;
    }

    /** @return array<string, bool|string> */
    public function toArray(): array
    {
        return array_filter([
            'kind' => $this->kind->value,
            'decimal' => $this->decimal,
            'order' => $this->order,
            'unsure' => $this->unsure,
            'percent' => $this->percent,
            'unit' => $this->unit,
            'format' => $this->format,
            'why' => $this->why,
        ], fn (bool|string|null $part) => $part !== null);
    }

    /** @param  array<string, bool|string>  $data */
    public static function fromArray(array $data): self
    {
        return new self(
            TypingKind::from((string) ($data['kind'] ?? 'text')),
            (string) ($data['decimal'] ?? '.'),
            (string) ($data['order'] ?? 'dmy'),
            (bool) ($data['unsure'] ?? false),
            (bool) ($data['percent'] ?? false),
            isset($data['unit']) ? (string) $data['unit'] : null,
            isset($data['format']) ? (string) $data['format'] : null,
            (string) ($data['why'] ?? ''),
        );
    }
}
