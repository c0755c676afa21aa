<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** All facts of a book, by kind, in the order in which they were told. */
final class Ledger
{
    /** @var array<class-string<Fact>, array<array-key, Fact>> */
    private array $facts = [];

    public function add(Fact $fact): void
    {
        $mark = $fact->mark();
        if ($mark === null) {
            $this->facts[$fact::class][] = $fact;

            return;
        }
        $this->facts[$fact::class][$mark] = $fact;
    }

    /**
     * @template T of Fact
     * @param class-string<T> $kind
     * @return list<T>
     */
    public function all(string $kind): array
    {
        /** @var array<array-key, T> $facts */
        $facts = $this->facts[$kind] ?? [];

        return array_values($facts);
    }

    /**
     * @template T of Fact
     * @param class-string<T> $kind
     * @return T|null the one known under this name
     */
    public function find(string $kind, string $mark): ?Fact
    {
        /** @var array<array-key, T> $facts */
        $facts = $this->facts[$kind] ?? [];

        return $facts[$mark] ?? null;
    }
}
