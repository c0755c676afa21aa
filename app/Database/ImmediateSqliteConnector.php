<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;

final class ImmediateSqliteConnector extends SQLiteConnector
{
    /**
     * Where the disk is full or read-only, WAL has no room for its index, and SQLite would not even read. If nothing waits in the WAL the
     * file is all there is, and is opened as one that nobody writes.
     *
     * @param array<array-key, mixed> $config
     */
    public function connect(array $config): \PDO
    {
        try {
            $connection = parent::connect($config);
            $connection->query('select 1 from sqlite_master limit 1');

            return $connection;
        } catch (\PDOException $trouble) {
            $file = is_string($config['database'] ?? null) ? realpath($config['database']) : false;
            if ($file === false || ! self::isAllThereIs($file)) {
                throw $trouble;
            }

            $address = str_replace('%2F', '/', rawurlencode($file));

            return new ImmediateSqlite("sqlite:file:{$address}?immutable=1", null, null, $this->options);
        }
    }

    /** @param string $file of a database; nothing that was committed waits in its WAL */
    public static function isAllThereIs(string $file): bool
    {
        clearstatcache(true, "{$file}-wal");

        return ! is_file("{$file}-wal") || filesize("{$file}-wal") === 0;
    }

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
