<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;

/** What the database is asked while a request is answered: as long as it answers the same, what was made of its answers stands. */
final class Questions
{
    /** More than any stage asks; what asks more is better made anew than asked about again. */
    private const MOST = 80;

    /** @var list<array{string, list<mixed>}> statements and what they are asked with */
    private array $asked = [];

    /** What is asked again is no question of the page that is being made. */
    private bool $isAskingAgain = false;

    public function forget(): void
    {
        $this->asked = [];
    }

    public function heard(QueryExecuted $query): void
    {
        if (! $this->isAskingAgain && count($this->asked) <= self::MOST && ! Statement::isOfLooking($query->sql)) {
            $this->asked[] = [$query->sql, array_values($query->bindings)];
        }
    }

    /** @return list<array{string, list<mixed>}>|null so far; null where they are too many, or something was written */
    public function soFar(): ?array
    {
        $writes = array_filter($this->asked, static fn (array $question): bool => Statement::writes($question[0]));

        return $writes !== [] || count($this->asked) > self::MOST ? null : $this->asked;
    }

    /**
     * @param list<array{string, list<mixed>}> $asked
     * @return string the same as long as all is answered as it was
     */
    public function answers(array $asked): string
    {
        $connection = DB::connection();
        $hash = hash_init('xxh128');
        $this->isAskingAgain = true;
        try {
            foreach ($asked as [$sql, $with]) {
                hash_update($hash, serialize($connection->select($sql, $with)));
            }
        } finally {
            $this->isAskingAgain = false;
        }

        return hash_final($hash);
    }
}
