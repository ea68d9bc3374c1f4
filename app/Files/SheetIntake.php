<?php

declare(strict_types=1);

namespace App\Files;

use Rilvet\Formula\Unsettled;
use Rilvet\Grid\Address;
use Rilvet\Grid\Block;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\BlockStore;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SaidTable;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\Signature;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspect\Filter;
use Rilvet\Work\Aspects;
use Rilvet\Work\FileHints;
use Rilvet\Work\Setup;
use Rilvet\Work\Worksheet;

/**
 * Takes the rows of a sheet as they come: cells into row blocks, looks into runs, signatures for the reading.
 *
 * @phpstan-import-type Stored from Cell
 */
final class SheetIntake
{
    /** Stretches of formulas without a result that are kept in mind; what is beyond stays blank until something it looks at changes. */
    private const UNSAID = 5_000;

    public readonly LookMap $looks;

    /** @var list<list<Stored>> */
    private array $block = [];

    private int $blocks = 0;

    private bool $filled = false;

    private int $rows = 0;

    private int $lastFilled = 0;

    private int $columns = 0;

    private int $cells = 0;

    /** @var list<string> */
    private array $signatures = [];

    private bool $isSigned = true;

    /** @var list<array{int, int, int}> formulas without a result: first row, last row, column */
    private array $unsaid = [];

    /** @var array<int, int> the last of them, by the index of their column */
    private array $open = [];

    /** @var array{int, int, list<int>} first and last of the rows that wear the same, and what they wear */
    private array $alike = [1, 0, []];

    /** @param  (callable(int): void)|null  $progress  told the number of rows done */
    public function __construct(
        private readonly string $name,
        private readonly BlockStore $store,
        private readonly Limits $limits,
        private $progress = null,
    ) {
        $this->looks = new LookMap();
    }

    /**
     * Rows come in order; those that are left out hold nothing.
     *
     * @param  list<Stored>  $stored  from column A on
     * @param  list<int>  $looks  numbers of the cells' looks
     * @param  string|null  $signature  null where it is to be found out afterwards
     */
    public function row(int $row, array $stored, array $looks, ?string $signature): void
    {
        if ($row > Address::ROWS || count($stored) > Address::COLUMNS) {
            throw FileIsWrong::tooManyRows();
        }
        if ($row <= $this->rows) {
            throw FileIsWrong::package(
                "The sheet \"{$this->name}\" has row ".number_format($row).' twice, or its rows are out of order. The file is damaged.',
            );
        }
        while ($this->rows < $row - 1) {
            $this->rows++;
            $this->keep([], '');
        }
        while ($stored !== [] && end($stored) === null) {
            array_pop($stored);
        }
        $this->rows = $row;
        $this->unsaid($row, $stored);
        $this->isSigned = $this->isSigned && $signature !== null;
        $this->wear($row, $row, $looks);
        $this->keep($stored, (string) $signature);
        if ($stored !== []) {
            $this->lastFilled = $row;
            $this->columns = max($this->columns, count($stored));
            $this->cells += count($stored) < 200 ? count($stored) : count($stored) - count(array_keys($stored, null, true));
            if ($this->cells > $this->limits->cells) {
                throw FileIsWrong::package(
                    sprintf(
                        'The workbook has more than %s cells, the limit set here. Split it, and bring the parts in.',
                        number_format($this->limits->cells),
                    ),
                );
            }
        }
    }

    /**
     * Formulas that come without what they give are calculated here, once the workbook stands.
     *
     * @param  list<Stored>  $stored
     */
    private function unsaid(int $row, array $stored): void
    {
        foreach ($stored as $index => $value) {
            if (
                ! is_array($value) ||
                ! isset($value['f']) ||
                isset($value['v']) ||
                isset($value['e']) ||
                count($this->unsaid) >= self::UNSAID
            ) {
                continue;
            }
            $open = $this->open[$index] ?? -1;
            if ($open >= 0 && $this->unsaid[$open][1] === $row - 1) {
                $this->unsaid[$open][1] = $row;
            } else {
                $this->open[$index] = count($this->unsaid);
                $this->unsaid[] = [$row, $row, $index + 1];
            }
        }
    }

    /** @param  list<int>  $looks  of the cells from column A on, the same in all of the rows */
    public function wear(int $first, int $last, array $looks): void
    {
        if ($looks === $this->alike[2] && $first === $this->alike[1] + 1) {
            $this->alike[1] = $last;

            return;
        }
        $this->flush();
        $this->alike = [$first, $last, $looks];
    }

    public function columns(): int
    {
        return $this->columns;
    }

    public function rows(): int
    {
        return $this->rows;
    }

    /**
     * @param  list<SaidTable>  $tables  that the file names on it
     * @param  Range|null  $filter  cells that the file filters
     */
    public function sheet(Setup $setup, LookBook $looks, array $tables = [], ?Range $filter = null): Worksheet
    {
        $this->flush();
        if ($this->block !== []) {
            $this->store->put($this->blocks, Block::encode($this->block));
        }
        $cells = new BlockSheet($this->name, $this->lastFilled, $this->columns, $this->store);
        $hints = new FileHints($this->looks, $looks, $setup, tables: FileHints::filtered($tables, $filter));
        $signatures = $this->isSigned ? array_slice($this->signatures, 0, $this->lastFilled) : Signature::all($cells, $hints);
        $reading = Finder::read(new SheetFacts($cells, $signatures, $hints));

        $waiting = array_map(fn (array $run) => Range::of($run[0], $run[2], $run[1], $run[2]), $this->unsaid);

        return new Worksheet(
            $cells,
            $this->name,
            $reading,
            came: $setup,
            aspects: Aspects::of(new FileLooks($this->looks), new Unsettled($waiting), new Filter($filter)),
        );
    }

    /** @param  list<Stored>  $stored */
    private function keep(array $stored, string $signature): void
    {
        $this->block[] = $stored;
        $this->filled = $this->filled || $stored !== [];
        $this->signatures[] = $signature;
        if (count($this->block) === Block::ROWS) {
            // A block of blank rows is as good as none.
            $this->filled && $this->store->put($this->blocks, Block::encode($this->block));
            $this->blocks++;
            $this->filled = false;
            $this->block = [];
            $this->progress === null || ($this->progress)($this->rows);
        }
    }

    private function flush(): void
    {
        [$first, $last, $looks] = $this->alike;
        foreach ($looks as $index => $look) {
            $this->looks->appendRun($first, $last, $index + 1, $look);
        }
        $this->alike = [1, 0, []];
    }
}
