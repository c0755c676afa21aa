<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

/** What each wish is worth. */
final readonly class Weights
{
    public const MOST = 10;

    /** @param array<string, int> $said by the value of the {@see Wish}, 0 to 10 */
    public function __construct(public array $said = [])
    {
    }

    public function of(Wish $wish): int
    {
        return max(0, min(self::MOST, $this->said[$wish->value] ?? $wish->usual()));
    }
}
