<?php

declare(strict_types=1);

namespace App\Safekeeping;

use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * Begins every transaction by taking the write lock. One that reads first and writes later is refused at once when
 * another writes in between, whatever the busy timeout; one that begins with a write waits its turn.
 * From PHP 8.4 on 'transaction_mode' => 'immediate' does the same, and this class can go.
 */
final class WriteFirstConnection extends SQLiteConnection
{
    protected function executeBeginTransactionStatement(): void
    {
        parent::executeBeginTransactionStatement();
        try {
            // Means nothing by itself, and needs no table to be there.
            $this->getPdo()->exec('pragma user_version = 1');
        } catch (PDOException $busy) {
            $this->getPdo()->rollBack();
            throw $busy;
        }
    }
}
