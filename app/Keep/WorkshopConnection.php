<?php

declare(strict_types=1);

namespace App\Keep;

use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * The connection to the workshop's database. A transaction holds the lock for writing from its begin.
 *
 * SQLite's own begin takes the lock at the first writing. One that has read before is refused there at once, without
 * being made to wait, where another has written meanwhile: an error for a person who only pressed “Keep”.
 */
final class WorkshopConnection extends SQLiteConnection
{
    /** PDO must know of the transaction, and can begin only one without the lock: it is changed for one that has it. */
    protected function executeBeginTransactionStatement(): void
    {
        $pdo = $this->getPdo();
        $pdo->beginTransaction();
        $pdo->exec('ROLLBACK');
        try {
            $pdo->exec('BEGIN IMMEDIATE');
        } catch (PDOException $busy) {
            $pdo->exec('BEGIN');
            $pdo->rollBack();
            throw $busy;
        }
    }
}
