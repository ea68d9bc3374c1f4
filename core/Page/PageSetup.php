<?php

declare(strict_types=1);

namespace Rilvet\Page;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Refusal;

/**
 * How a sheet goes to paper: what came with its file, what a person said of it, and where a person ends pages. Breaks are the
 * last row, or column, of a page.
 */
final readonly class PageSetup implements Aspect
{
    /** Breaks of one direction that are kept (1,026 is what the format holds at least, common practice). */
    public const BREAKS = 1_026;

    /**
     * @param  list<int>  $rows  rows after which a page ends, in order
     * @param  list<int>  $columns
     * @param  bool  $isSaid  a person said something of breaks; else they are as the file has them
     * @param  bool  $isOfFile  it came with a file that can say how it goes to paper
     */
    public function __construct(
        public PageRules $came,
        public PageRules $said,
        public array $rows = [],
        public array $columns = [],
        public bool $isSaid = false,
        public bool $isOfFile = false,
    ) {
    }

    public static function name(): string
    {
        return 'page';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var array{came?: array<string, mixed>, said?: array<string, mixed>, rows?: list<int>, columns?: list<int>,
         *     broken?: bool, file?: bool} $data */
        $data = is_array($data) ? $data : [];

        return new self(PageRules::of($data['came'] ?? []), PageRules::of($data['said'] ?? []), $data['rows'] ?? [], $data['columns'] ?? [],
            $data['broken'] ?? false, $data['file'] ?? false);
    }

    /** @return array<string, mixed>|null */
    public function toJson(): ?array
    {
        $says = array_filter(['came' => $this->came->says, 'said' => $this->said->says, 'rows' => $this->rows, 'columns' => $this->columns],
            fn (array $part) => $part !== []) + ($this->isSaid ? ['broken' => true] : [])
            + ($this->isOfFile ? ['file' => true] : []);

        return $says === [] ? null : $says;
    }

    public function moved(Shift|RowOrder $move): static
    {
        if ($move instanceof RowOrder) {
            return $this;
        }

        return new self(self::shifted($this->came, $move), self::shifted($this->said, $move), $move->rows ? self::edges($this->rows,
            $move) : $this->rows,
            $move->rows ? $this->columns : self::edges($this->columns, $move), $this->isSaid, $this->isOfFile);
    }

    /**
     * @param  list<int>  $edges
     * @return list<int>
     */
    private static function edges(array $edges, Shift $move): array
    {
        $moved = [];
        foreach ($edges as $at) {
            $to = $at < $move->at ? $at
                : ($move->in ? $at + $move->count : max($move->at - 1, $at - $move->count));
            $to > 0 && $moved[$to] = $to;
        }

        return array_values($moved);
    }

    /** The cells that are printed follow; where all are taken out, the whole sheet is printed again. */
    private static function shifted(PageRules $rules, Shift $shift): PageRules
    {
        foreach (['titleRows' => true, 'titleColumns' => false] as $rule => $isOfRows) {
            $lines = $shift->rows === $isOfRows ? $rules->lines($rule) : null;
            $now = $lines === null ? null : $shift->stretch(...$lines);
            $rules = $lines === null ? $rules
                : ($now === null ? $rules->without([$rule]) : PageRules::of([$rule => implode(':', $now)])->over($rules));
        }
        $area = $rules->text('area');
        if ($area === '') {
            return $rules;
        }
        try {
            $ranges = array_filter(array_map($shift->range(...), iterator_to_array(RangeSet::parse($area), false)));
        } catch (Refusal) {
            $ranges = [];
        }
        $now = implode(',', array_map(strval(...), $ranges));

        return $now === '' ? $rules->without(['area']) : PageRules::of(['area' => $now])->over($rules);
    }

    /** Head and foot that came with the file: somebody wrote them, so they go before those of a stylebook. */
    public function written(): PageRules
    {
        return PageRules::of(array_filter(array_intersect_key($this->came->says, array_flip(PageRules::WRITTEN)),
            fn (mixed $says) => $says !== []));
    }

    public function saying(PageRules $said): self
    {
        return new self($this->came, $said, $this->rows, $this->columns, $this->isSaid, $this->isOfFile);
    }

    /**
     * @param  list<int>  $rows
     * @param  list<int>  $columns
     */
    public function breaking(array $rows, array $columns): self
    {
        sort($rows);
        sort($columns);

        return new self($this->came, $this->said, array_values(array_unique($rows)), array_values(array_unique($columns)), true,
            $this->isOfFile);
    }

    /** @return list<mixed> what is said of pages here, for telling whether it is as it came */
    public function touches(): array
    {
        return $this->isTouched() ? [[$this->said->says, $this->rows, $this->columns]] : [];
    }

    /** Whether anything is said of pages here, beside what came with the file. */
    public function isTouched(): bool
    {
        return $this->isSaid || ! $this->said->isEmpty();
    }
}
