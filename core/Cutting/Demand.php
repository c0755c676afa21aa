<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Pin;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\OnePicture;

/** Pieces of one size that are to come out of one stock. */
final readonly class Demand
{
    /**
     * @param string $key what the piece is called on the diagrams: its letter
     * @param OnePicture|null $picture pieces with the same one carry it on and are cut as neighbours
     * @param bool $turnable false when the print or the grain must run as drawn
     * @param list<Pin> $pins places on a sheet that so many of them must be cut from
     * @param string $piece what the piece is known by when its letter has changed
     */
    public function __construct(
        public string $key,
        public Size $size,
        public int $quantity,
        public bool $turnable,
        public ?OnePicture $picture = null,
        public array $pins = [],
        public string $piece = '',
    ) {
    }

    public function known(string $piece): self
    {
        return new self($this->key, $this->size, $this->quantity, $this->turnable, $this->picture, $this->pins, $piece);
    }

    /** So many of them fewer, those that are pinned first. */
    public function less(int $quantity): self
    {
        return new self(
            $this->key,
            $this->size,
            max(0, $this->quantity - $quantity),
            $this->turnable,
            $this->picture,
            array_slice($this->pins, $quantity),
            $this->piece,
        );
    }

    /** Whether the same pieces are asked for, whatever their letter. */
    public function asksFor(self $other): bool
    {
        return $this->piece === $other->piece && $this->size->equals($other->size) && $this->quantity === $other->quantity
            && $this->turnable === $other->turnable && $this->picture == $other->picture && $this->pins == $other->pins;
    }

    /** @param list<Pin> $pins */
    public function pinned(array $pins): self
    {
        return new self($this->key, $this->size, $this->quantity, $this->turnable, $this->picture, $pins, $this->piece);
    }

    /** So many of them. */
    public function of(int $quantity): self
    {
        return new self($this->key, $this->size, $quantity, $this->turnable, $this->picture, $this->pins, $this->piece);
    }

    /** The same pieces, so many of them, wherever they come from. */
    public function free(int $quantity): self
    {
        return new self($this->key, $this->size, $quantity, $this->turnable, $this->picture, [], $this->piece);
    }
}
