<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Condition\Exception\ConditionIsWrong;
use Rilvet\Formula\References;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Look\Look;

/**
 * A conditional look: what has to be true, what is worn then, and where. Its formulas are written for the first cell of
 * where it holds: the least row and the least column of its ranges (ISO/IEC 29500-1 18.3.1.43).
 *
 * @phpstan-import-type TestData from Test
 * @phpstan-import-type WhereData from Where
 * @phpstan-import-type ScaleData from Scale
 * @phpstan-import-type BarData from Bar
 * @phpstan-import-type MarksData from Marks
 *
 * @phpstan-type ConditionData array{id: string, test: TestData, where: WhereData, look?: array<string, bool|int|float|string>,
 *     scale?: ScaleData, bar?: BarData, marks?: MarksData, stops?: bool, off?: bool, came?: string}
 */
final readonly class Condition
{
    /**
     * @param  string  $id  its name on its sheet
     * @param  bool  $stops  those after it do not count where it holds
     * @param  string|null  $came  where in the file it stands that it came with
     */
    public function __construct(
        public string $id,
        public Test $test,
        public Where $where,
        public Look $look,
        public ?Scale $scale = null,
        public ?Bar $bar = null,
        public ?Marks $marks = null,
        public bool $stops = false,
        public bool $isOn = true,
        public ?string $came = null,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws \Rilvet\Refusal names what is wrong
     */
    public static function of(array $data): self
    {
        $id = $data['id'] ?? null;
        $test = $data['test'] ?? null;
        $look = $data['look'] ?? [];
        $came = $data['came'] ?? null;
        if (! is_string($id) || preg_match('/^[\w.-]{1,40}$/', $id) !== 1) {
            throw ConditionIsWrong::because('id', 'a name of 1 to 40 letters and figures is wanted.');
        }
        is_array($test) || throw ConditionIsWrong::because('test', 'what has to be true is wanted.');
        is_array($look) || throw ConditionIsWrong::because('look', 'a look is wanted.');

        return (new self(
            $id, Test::of($test), Where::of($data['where'] ?? null), Look::of($look),
            isset($data['scale']) ? Scale::of($data['scale']) : null,
            isset($data['bar']) ? Bar::of($data['bar']) : null,
            isset($data['marks']) ? Marks::of($data['marks']) : null, ($data['stops'] ?? false) === true,
            ($data['off'] ?? false) !== true, is_string($came) ? $came : null,
        ))->checked();
    }

    private function checked(): self
    {
        $shown = (int) ($this->scale !== null) + (int) ($this->bar !== null) + (int) ($this->marks !== null);
        if ($shown > 1 || ($shown === 1) !== ($this->test->is === Is::Always)) {
            throw ConditionIsWrong::because('test',
                'a scale, a bar or marks are worn always, one of them, and a look while something is true.');
        }

        return $this;
    }

    /** @return ConditionData */
    public function toArray(): array
    {
        return ['id' => $this->id, 'test' => $this->test->toArray(), 'where' => $this->where->toArray()]
            + ($this->look->isEmpty() ? [] : ['look' => $this->look->toArray()])
            + ($this->scale === null ? [] : ['scale' => $this->scale->toArray()])
            + ($this->bar === null ? [] : ['bar' => $this->bar->toArray()])
            + ($this->marks === null ? [] : ['marks' => $this->marks->toArray()])
            + ($this->stops ? ['stops' => true] : [])
            + ($this->isOn ? [] : ['off' => true])
            + ($this->came === null ? [] : ['came' => $this->came]);
    }

    /** What it says, without where it holds and what it is called: alike for conditions that mean the same from their first cells. */
    public function key(): string
    {
        return json_encode(array_diff_key($this->toArray(), ['id' => 0, 'where' => 0, 'came' => 0]), JSON_THROW_ON_ERROR);
    }

    public function at(Where $where): self
    {
        return $this->with(['where' => $where]);
    }

    public function named(string $id, ?string $came = null): self
    {
        return $this->with(['id' => $id, 'came' => $came]);
    }

    public function turned(bool $on): self
    {
        return $this->with(['isOn' => $on]);
    }

    public function looking(Look $look): self
    {
        return $this->with(['look' => $look]);
    }

    /**
     * The cell that its formulas are written for.
     *
     * @param  non-empty-list<Range>  $ranges
     * @return array{int, int} row and column
     */
    public static function first(array $ranges): array
    {
        return [min(array_map(fn (Range $range) => $range->top, $ranges)), min(array_map(fn (Range $range) => $range->left, $ranges))];
    }

    /** Whether it says anything by a formula that names cells. */
    public function namesCells(): bool
    {
        foreach ($this->formulas() as $formula) {
            if (preg_match('/[A-Z]{1,3}\$?\d|[A-Z]:|\d:/i', (string) preg_replace('/"[^"]*"/', '', $formula)) === 1) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    public function formulas(): array
    {
        $points = [...array_map(fn (array $one) => $one[0], $this->scale->points ?? []),
            ...($this->bar === null ? [] : [$this->bar->from, $this->bar->to]), ...($this->marks->points ?? [])];

        return [...$this->test->of, ...array_values(array_filter(array_map(fn (Point $point) => $point->value, $points),
            fn (string $value) => $value !== ''))];
    }

    /** @param  callable(string): string  $change  of each formula */
    public function saying(callable $change): self
    {
        $point = fn (Point $point) => $point->value === '' ? $point : $point->saying($change($point->value));
        $of = array_map($change, $this->test->of);

        return $this->with([
            'test' => $of === $this->test->of ? $this->test : $this->test->saying($of),
            'scale' => $this->scale === null ? null
                : new Scale(array_map(fn (array $one) => [$point($one[0]), $one[1]], $this->scale->points)),
            'bar' => $this->bar?->between($point($this->bar->from), $point($this->bar->to)),
            'marks' => $this->marks?->stepping(array_map($point, $this->marks->points)),
        ]);
    }

    /** The same for another first cell: what is relative goes along. */
    public function translated(int $down, int $across): self
    {
        return $down === 0 && $across === 0 || ! $this->namesCells() ? $this
            : $this->saying(fn (string $formula) => References::translated($formula, $down, $across));
    }

    /** After rows or columns of its own sheet have moved; null where nothing is left of where it holds. */
    public function moved(Shift|RowOrder $move): ?self
    {
        $where = $this->where->moved($move);
        if ($where === null) {
            return null;
        }
        if (! $where->isCells() || ! $this->namesCells()) {
            $moved = $this->at($where);

            return $move instanceof Shift && $this->namesCells() ? $moved->saying(self::mover($move)) : $moved;
        }
        if ($this->where->cells === [] || $where->cells === []) {
            return $this->at($where);
        }
        [$row, $column] = self::first($this->where->cells);
        [$top, $left] = self::first($where->cells);
        if ($move instanceof RowOrder) {
            return $this->translated($top - $row, $left - $column)->at($where);
        }
        // Where its first cell is taken out, it is said from the first one that stays.
        $stays = $move->in ? 0
            : max(0, $move->at + $move->count - ($move->rows ? $row : $column));
        $isCut = ! $move->in && $move->place($move->rows ? $row : $column) === null;
        $said = $isCut
            ? $this->translated(...($move->rows ? [$stays, 0] : [0, $stays]))
            : $this;

        return $said->saying(self::mover($move))->at($where);
    }

    private static function mover(Shift $move): callable
    {
        $references = new References($move, '');

        return fn (string $formula) => $references->moved($formula, true);
    }

    /** @param  array<string, mixed>  $parts  by the names of the constructor's arguments */
    private function with(array $parts): self
    {
        /** @phpstan-ignore argument.type (every caller names parts of the right type, a few lines above) */
        return new self(...($parts + get_object_vars($this)));
    }

    /** Whether a formula of it names cells that are gone: outside of its texts. */
    public function isLost(): bool
    {
        return array_filter($this->formulas(),
            fn (string $formula) => stripos((string) preg_replace('/"[^"]*"/', '', $formula), '#REF!') !== false) !== [];
    }
}
