<?php

declare(strict_types=1);

namespace Ephemeron\Binding;

use Ephemeron\Measure\Length;

/** Holes that would tear, or a number of them that no stitch goes through. */
final class UnusableStations extends \DomainException
{
    private function __construct(
        string $message,
        public readonly ?Length $one = null,
        public readonly ?Length $other = null,
        public readonly ?Length $least = null,
    ) {
        parent::__construct($message);
    }

    public static function count(int $count): self
    {
        return new self("A pamphlet stitch goes through 3, 5 or 7 holes, not through {$count}.");
    }

    public static function near(Length $one, Length $other, Length $least): self
    {
        return new self('Two holes, or a hole and an end, lie too near each other.', $one, $other, $least);
    }
}
