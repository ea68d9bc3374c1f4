<?php

declare(strict_types=1);

namespace Rilvet\Entry;

use Rilvet\Condition\Is;
use Rilvet\Condition\Where;
use Rilvet\Entry\Exception\EntryIsWrong;
use Rilvet\Formula\Expression\Parser;
use Rilvet\Formula\References;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/**
 * What may be entered into some cells, and what is told about it (ISO/IEC 29500-1 18.3.1.32). Formulas are said from the first
 * cell of where it holds.
 *
 * @phpstan-import-type WhereData from Where
 *
 * @phpstan-type EntryData array{id: string, kind: string, where: WhereData, is?: string, of?: list<string>, column?: bool, blank?: bool,
 *     shows?: bool, promptTitle?: string, prompt?: string, title?: string, message?: string, severity?: string, came?: string}
 */
final readonly class EntryCheck
{
    /** Characters of a typed list, of a title and of a text (common practice; titles and texts are the standard's own limits). */
    public const LIST = 255;

    public const TITLE = 32;

    public const TEXT = 255;

    /** How two values are compared; the first is the standard's default. */
    public const OPERATORS = [Is::Between, Is::Outside, Is::Equal, Is::Unequal, Is::Above, Is::Below, Is::AtLeast, Is::AtMost];

    /**
     * @param  list<string>  $of  formulas, without "="; of a list one: a text of choices between commas, or where they stand
     * @param  bool  $ofColumn  a list of what the column holds, each once, in its order
     * @param  bool  $blank  a blank cell is allowed
     * @param  bool  $shows  choices are offered
     * @param  string  $title  and message: what is said of a value that is not allowed
     * @param  string|null  $came  where it stands in the file that the sheet came with
     */
    public function __construct(
        public string $id,
        public EntryKind $kind,
        public Where $where,
        public Is $is = Is::Between,
        public array $of = [],
        public bool $ofColumn = false,
        public bool $blank = true,
        public bool $shows = true,
        public string $promptTitle = '',
        public string $prompt = '',
        public string $title = '',
        public string $message = '',
        public Severity $severity = Severity::Stop,
        public ?string $came = null,
    ) {
    }

    /** @throws EntryIsWrong */
    public static function of(mixed $data): self
    {
        is_array($data) || throw EntryIsWrong::because('check', 'an object is wanted.');
        $text = function (string $name, int $most) use ($data): string {
            $value = $data[$name] ?? '';
            is_string($value) || throw EntryIsWrong::because($name, 'a text is wanted.');
            mb_strlen($value) <= $most || throw EntryIsWrong::because($name, "at most $most characters are taken, and these are "
                .mb_strlen($value).'.');

            return $value;
        };
        $id = $text('id', 40);
        preg_match('/^[a-z]+\d*$/', $id) === 1 || throw EntryIsWrong::because('id', 'a name of letters and figures is wanted.');
        $kind = EntryKind::tryFrom($text('kind', 20)) ?? throw EntryIsWrong::because('kind', 'no such kind.');
        $is = Is::tryFrom($text('is', 20) ?: 'between');
        $is !== null && in_array($is, self::OPERATORS, true) || throw EntryIsWrong::because('is', 'no such comparison.');
        $of = $data['of'] ?? [];
        is_array($of) && count($of) <= 2 || throw EntryIsWrong::because('of', 'one or two values are wanted.');
        foreach ($of as $formula) {
            is_string($formula) && strlen($formula) <= Parser::LONGEST && $formula !== ''
                || throw EntryIsWrong::because('of', 'formulas of at most '.number_format(Parser::LONGEST).' characters are wanted.');
        }
        $ofColumn = ($data['column'] ?? false) === true;
        $severity = Severity::tryFrom($text('severity', 10) ?: 'stop') ?? throw EntryIsWrong::because('severity', 'no such answer.');
        $came = $data['came'] ?? null;
        $wanted = match (true) {
            $kind === EntryKind::Any || $ofColumn => 0,
            $kind->compares() => (int) $is->operands(),
            default => 1,
        };
        count($of) >= $wanted || throw EntryIsWrong::because('of', $wanted === 1 ? 'a value is missing.' : 'two values are wanted.');
        $ofColumn && $kind !== EntryKind::List && throw EntryIsWrong::because('column', 'only a list is taken from what a column holds.');
        /** @var list<string> $of */
        $of = array_slice(array_values($of), 0, $wanted);

        return new self($id, $kind, Where::of($data['where'] ?? null), $is, $of, $ofColumn, ($data['blank'] ?? true) === true,
            ($data['shows'] ?? true) === true, $text('promptTitle', self::TITLE), $text('prompt', self::TEXT),
            $text('title', self::TITLE), $text('message', self::TEXT), $severity, is_string($came) ? $came : null);
    }

    /** @return EntryData */
    public function toArray(): array
    {
        return ['id' => $this->id, 'kind' => $this->kind->value, 'where' => $this->where->toArray()]
            + ($this->kind->compares() ? ['is' => $this->is->value] : [])
            + ($this->of === [] ? [] : ['of' => $this->of])
            + ($this->ofColumn ? ['column' => true] : [])
            + ($this->blank ? [] : ['blank' => false])
            + ($this->shows ? [] : ['shows' => false])
            + array_filter(['promptTitle' => $this->promptTitle, 'prompt' => $this->prompt, 'title' => $this->title,
                'message' => $this->message], fn (string $text) => $text !== '')
            + ($this->severity === Severity::Stop ? [] : ['severity' => $this->severity->value])
            + ($this->came === null ? [] : ['came' => $this->came]);
    }

    /** What it says, without where it holds and what it is called. */
    public function key(): string
    {
        return json_encode(array_diff_key($this->toArray(), ['id' => 0, 'where' => 0, 'came' => 0]),
            JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    public function isChoice(): bool
    {
        return $this->kind === EntryKind::List && $this->shows;
    }

    public function hasPrompt(): bool
    {
        return $this->prompt !== '' || $this->promptTitle !== '';
    }

    /**
     * The choices of a typed list.
     *
     * @return list<string>|null null where they stand in cells
     */
    public function typed(): ?array
    {
        if ($this->kind !== EntryKind::List || preg_match('/^"((?:[^"]|"")*)"$/s', $this->of[0] ?? '', $found) !== 1) {
            return null;
        }

        return array_map(trim(...), explode(',', str_replace('""', '"', $found[1])));
    }

    /**
     * A typed list as a formula.
     *
     * @param  list<string>  $choices
     */
    public static function listed(array $choices): string
    {
        foreach ($choices as $choice) {
            str_contains($choice, ',') && throw EntryIsWrong::comma($choice);
        }
        $text = implode(',', $choices);
        mb_strlen($text) <= self::LIST || throw EntryIsWrong::longList(mb_strlen($text), self::LIST);

        return '"'.str_replace('"', '""', $text).'"';
    }

    public function named(string $id, ?string $came = null): self
    {
        return $this->with(['id' => $id, 'came' => $came]);
    }

    public function at(Where $where): self
    {
        return $this->with(['where' => $where]);
    }

    /** @param  callable(string): string  $change  of each formula */
    public function saying(callable $change): self
    {
        $of = array_map($change, $this->of);

        return $of === $this->of ? $this : $this->with(['of' => $of]);
    }

    /** Whether its formulas name cells. */
    public function namesCells(): bool
    {
        foreach ($this->of as $formula) {
            if (preg_match('/[A-Z]{1,3}\$?\d|[A-Z]:|\d:/i', (string) preg_replace('/"[^"]*"/', '', $formula)) === 1) {
                return true;
            }
        }

        return false;
    }

    public function isLost(): bool
    {
        return stripos((string) preg_replace('/"[^"]*"/', '', implode(' ', $this->of)), '#REF!') !== false;
    }

    /** After rows or columns of its own sheet have moved; null where nothing is left of where it holds. */
    public function moved(Shift|RowOrder $move): ?self
    {
        $where = $this->where->moved($move);
        if ($where === null) {
            return null;
        }
        if (! $this->namesCells()) {
            return $this->at($where);
        }
        $said = $this;
        if ($this->where->isCells() && $where->isCells() && $this->where->cells !== [] && $where->cells !== []) {
            [$row, $column] = self::first($this->where->cells);
            [$top, $left] = self::first($where->cells);
            if ($move instanceof RowOrder) {
                return $this->saying(fn (string $formula) => References::translated($formula, $top - $row, $left - $column))->at($where);
            }
            // Where its first cell is taken out, it is said from the first one that stays.
            if (! $move->in && $move->place($move->rows ? $row : $column) === null) {
                $stays = max(0, $move->at + $move->count - ($move->rows ? $row : $column));
                $said = $this->saying(fn (string $formula) => References::translated($formula, $move->rows ? $stays : 0,
                    $move->rows ? 0 : $stays));
            }
        }
        if ($move instanceof RowOrder) {
            return $this->at($where);
        }
        $references = new References($move, '');

        return $said->saying(fn (string $formula) => $references->moved($formula, true))->at($where);
    }

    /**
     * @param  non-empty-list<Range>  $ranges
     * @return array{int, int} row and column of the cell that its formulas are written for
     */
    public static function first(array $ranges): array
    {
        return [min(array_map(fn (Range $range) => $range->top, $ranges)), min(array_map(fn (Range $range) => $range->left, $ranges))];
    }

    /** @param  array<string, mixed>  $parts  by the names of the constructor's arguments */
    private function with(array $parts): self
    {
        /** @phpstan-ignore argument.type (every caller names parts of the right type, a few lines above) */
        return new self(...($parts + get_object_vars($this)));
    }
}
