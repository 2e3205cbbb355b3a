<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * Takes the write lock when a transaction begins. SQLite's own default takes
 * it at the first write, and a transaction that has read before then fails at
 * once when another has written meanwhile, busy timeout or not. The
 * framework's setting for this has no effect below PHP 8.4.
 */
final class ImmediateSQLiteConnection extends SQLiteConnection
{
    protected function executeBeginTransactionStatement(): void
    {
        $pdo = $this->getPdo();
        // PDO must know of a transaction, or its commit() throws; so its plain one is swapped for an immediate one.
        $pdo->beginTransaction();
        try {
            $pdo->exec('COMMIT; BEGIN IMMEDIATE');
        } catch (PDOException $busy) {
            $pdo->exec('BEGIN');
            $pdo->rollBack();

            throw $busy;
        }
    }
}
