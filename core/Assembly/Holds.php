<?php

declare(strict_types=1);

namespace Ephemeron\Assembly;

/** Which acts bring about what others wait for: that a part is joined, a pouch shut, a layer pierced. */
final class Holds
{
    /** @var array<string, list<array{string, int}>> */
    private array $acts = [];

    public function add(string $what, string $job, int $act): void
    {
        $this->acts[$what][] = [$job, $act];
    }

    /** @return list<array{string, int}> job and act */
    public function of(string $what): array
    {
        return $this->acts[$what] ?? [];
    }
}
