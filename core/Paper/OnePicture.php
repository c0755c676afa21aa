<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

/**
 * A picture that several pieces carry on: they are cut as neighbours from one place of a sheet, so that it runs through (common practice,
 * no published source: over two flaps, over spine, hinge and cover, over a band and what lies behind it).
 */
final readonly class OnePicture
{
    /** @param bool $isStacked whether they lie one below the other, from the head; else from left to right */
    public function __construct(public string $name, public bool $isStacked = false)
    {
    }

    /** @return self|null null for no name */
    public static function named(string $name, bool $isStacked = false): ?self
    {
        return $name === '' ? null : new self($name, $isStacked);
    }

    public function with(?string $name = null, ?bool $isStacked = null): self
    {
        return new self($name ?? $this->name, $isStacked ?? $this->isStacked);
    }
}
