<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;

/**
 * SQLite whose transactions take the right to write as they begin. One that reads first and writes then would be refused
 * at once ("database is locked", without waiting) whenever somebody else wrote in between; the framework asks for this
 * only from PHP 8.4 on.
 */
final class ImmediateSqlite extends SQLiteConnection
{
    /** Transactions are begun by hand here, so PDO does not know of them and cannot end them either. */
    private bool $isOpen = false;

    protected function executeBeginTransactionStatement(): void
    {
        $this->getPdo()->exec('BEGIN IMMEDIATE TRANSACTION');
        $this->isOpen = true;
    }

    public function commit(): void
    {
        if ($this->transactionLevel() === 1) {
            $this->fireConnectionEvent('committing');
            $this->end('COMMIT');
        }
        [$committed, $this->transactions] = [$this->transactions, max(0, $this->transactions - 1)];
        $this->transactionsManager?->commit((string) $this->getName(), $committed, $this->transactions);
        $this->fireConnectionEvent('committed');
    }

    /**
     * The framework's own loop ends transactions through PDO, so it is written here once more.
     *
     * @template TReturn
     *
     * @param  (\Closure(static): TReturn)  $callback
     * @param  int  $attempts  kept for the signature; a transaction that holds the right to write has nothing to try again
     * @return TReturn
     */
    public function transaction(\Closure $callback, $attempts = 1)
    {
        $this->beginTransaction();
        try {
            $result = $callback($this);
            $this->commit();

            return $result;
        } catch (\Throwable $fault) {
            $this->rollBack();
            throw $fault;
        }
    }

    protected function performRollBack($toLevel): void
    {
        if ($toLevel === 0) {
            $this->end('ROLLBACK');
        } else {
            parent::performRollBack($toLevel);
        }
    }

    private function end(string $how): void
    {
        if (! $this->isOpen) {
            return;
        }
        try {
            $this->getPdo()->exec($how);
        } catch (\PDOException $fault) {
            // A full disk, for one, has rolled everything back already.
            if ($how === 'COMMIT') {
                throw $fault;
            }
        }
        $this->isOpen = false;
    }
}
