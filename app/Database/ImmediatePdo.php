<?php

declare(strict_types=1);

namespace App\Database;

use PDO;

/**
 * SQLite whose transactions take the lock for writing as they begin.
 *
 * SQLite waits for a lock only there: a transaction that reads first and writes later fails at once
 * when somebody else wrote in between, whatever the busy timeout. PDO of PHP 8.2 can begin none of
 * this kind by itself, and does not notice one that was begun by a statement.
 */
final class ImmediatePdo extends PDO
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
