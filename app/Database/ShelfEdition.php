<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Str;

/**
 * A word that is another one after everything that is written into the database, by whichever process: what was shown before it is to be
 * looked at again. It says that something is another, not what.
 */
final class ShelfEdition
{
    private const KEY = 'shelf-edition';

    private bool $isWriting = false;

    private bool $isResting = false;

    public function __construct(private readonly Repository $cache)
    {
    }

    public function now(): string
    {
        $now = $this->cache->get(self::KEY);

        return is_string($now) ? $now : $this->turn();
    }

    public function heard(QueryExecuted $query): void
    {
        if (! $this->isResting && Statement::writes($query->sql) && ! Statement::builds($query->sql)) {
            $this->isWriting = $query->connection->transactionLevel() > 0;
            $this->turn();
        }
    }

    /** What was written in a transaction is seen by others from now on. */
    public function committed(): void
    {
        if ($this->isWriting) {
            $this->isWriting = false;
            $this->turn();
        }
    }

    /** While tables are built the one may be missing in which it is kept itself: it turns when all are there. */
    public function rest(): void
    {
        $this->isResting = true;
    }

    public function goOn(): void
    {
        $this->isResting = false;
        $this->turn();
    }

    private function turn(): string
    {
        $now = Str::random(20);
        if (! $this->cache->forever(self::KEY, $now)) {
            // On a full disk what is old must go all the same: then nothing is known, and nothing kept is of it.
            $this->cache->forget(self::KEY);
        }

        return $now;
    }
}
