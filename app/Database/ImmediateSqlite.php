<?php

declare(strict_types=1);

namespace App\Database;

/**
 * SQLite whose transactions take the write lock when they begin. One that reads first and writes then finds the lock taken in between and
 * fails at once, whatever the busy time-out; PHP before 8.4 cannot say IMMEDIATE in another way.
 */
final class ImmediateSqlite extends \PDO
{
    private bool $isOpen = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE');

        return $this->isOpen = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->isOpen = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->isOpen = false;
        $this->exec('ROLLBACK');

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }
}
