<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;

final class ImmediateSqliteConnector extends SQLiteConnector
{
    /**
     * @param string $dsn
     * @param string $username
     * @param string $password
     * @param array<array-key, mixed> $options
     */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): \PDO
    {
        return new ImmediateSqlite($dsn, null, null, $options);
    }
}
