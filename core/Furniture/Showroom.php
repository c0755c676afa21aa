<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

/** The furniture there is. */
final readonly class Showroom
{
    /** @var array<string, Furniture> */
    private array $furniture;

    public function __construct(Furniture ...$furniture)
    {
        $byKey = [];
        foreach ($furniture as $piece) {
            $byKey[$piece->key()] = $piece;
        }
        $this->furniture = $byKey;
    }

    public static function ofTheHouse(): self
    {
        return new self(new Pocket, new PhotoMat);
    }

    /** @return array<string, Furniture> by key */
    public function all(): array
    {
        return $this->furniture;
    }

    public function has(string $key): bool
    {
        return isset($this->furniture[$key]);
    }

    public function get(string $key): Furniture
    {
        return $this->furniture[$key] ?? throw new \LogicException("There is no furniture “{$key}”.");
    }
}
