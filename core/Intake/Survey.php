<?php

declare(strict_types=1);

namespace Rilvet\Intake;

use Rilvet\Grid\Address;
use Rilvet\Grid\Block;
use Rilvet\Grid\BlockStore;
use Rilvet\Intake\Exception\FileIsWrong;

/**
 * One pass over the rows of a delimited text: fills the row blocks, surveys the columns and writes a signature a row
 * (a letter a cell), all in constant memory.
 */
final class Survey
{
    /** @var array<int, ColumnSurvey> */
    private array $columns = [];

    /** @var array<string, Lexeme> */
    private array $memo = [];

    /** @var list<string> */
    private array $signatures = [];

    private int $rows = 0;

    private int $lastFilled = 0;

    private int $cells = 0;

    public function __construct(private readonly BlockStore $blocks, private readonly int $mostCells = PHP_INT_MAX)
    {
    }

    /**
     * @param  iterable<int, list<string>>  $rows
     * @param  (callable(int): void)|null  $progress  told the number of rows done after each block
     *
     * @throws FileIsWrong
     */
    public function take(iterable $rows, ?callable $progress = null): void
    {
        $block = [];
        foreach ($rows as $row) {
            $block[] = $row;
            if (count($block) === Block::ROWS) {
                $this->close($block);
                $progress === null || $progress($this->rows);
                $block = [];
            }
        }
        if ($block !== []) {
            $this->close($block);
        }
        if ($this->lastFilled === 0) {
            throw FileIsWrong::empty();
        }
        $this->signatures = array_slice($this->signatures, 0, $this->lastFilled);
    }

    public function rows(): int
    {
        return $this->lastFilled;
    }

    public function columns(): int
    {
        return count($this->columns);
    }

    public function cells(): int
    {
        return $this->cells;
    }

    /** @param  string  $delimiter  between the fields of the file */
    public function typing(string $delimiter = ','): SheetTyping
    {
        return TypingJudge::decide($this->columns, $delimiter);
    }

    /** @return list<string> a string a row; letters beyond its end are blank */
    public function signatures(): array
    {
        return $this->signatures;
    }

    /** @return array<int, list<string>> the longest texts a column */
    public function longest(): array
    {
        return array_map(fn (ColumnSurvey $column) => array_values($column->longest), $this->columns);
    }

    /** @param  list<list<string>>  $rows */
    private function close(array $rows): void
    {
        $width = max([0, ...array_map(count(...), $rows)]);
        // Columns that are blank in every row of the block need no survey.
        $letters = array_fill(0, count($rows), '');
        for ($index = 0; $index < $width; $index++) {
            $texts = [];
            foreach ($rows as $row) {
                $texts[] = $row[$index] ?? '';
            }
            $survey = $this->columns[$index + 1] ??= new ColumnSurvey;
            foreach ($survey->add($texts, $this->memo) as $at => $letter) {
                $letters[$at] .= $letter;
            }
        }
        foreach ($letters as $at => $signature) {
            $signature = rtrim($signature, '.');
            $this->signatures[] = $signature;
            if ($signature !== '') {
                $this->lastFilled = $this->rows + $at + 1;
            }
            $this->cells += strlen($signature);
        }
        if ($this->cells > $this->mostCells) {
            throw FileIsWrong::package(
                sprintf(
                    'The table has more than %s cells, the limit set here. Split it, or raise the limit in the configuration.',
                    number_format($this->mostCells),
                ),
            );
        }
        $this->blocks->put(Block::of($this->rows + 1), Block::encode(array_map(self::trimmed(...), $rows)));
        $this->rows += count($rows);
        assert($this->rows <= Address::ROWS);
    }

    /**
     * @param  list<string>  $row
     * @return list<string>
     */
    private static function trimmed(array $row): array
    {
        while ($row !== [] && end($row) === '') {
            array_pop($row);
        }

        return $row;
    }
}
