<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

use Brick\Math\BigRational;

/** A number, or a length in ticks, exact in the middle of a sum. */
final readonly class Quantity
{
    private function __construct(public BigRational $value, public bool $isLength)
    {
    }

    public static function number(BigRational $value): self
    {
        return new self($value, false);
    }

    public static function ticks(BigRational $value): self
    {
        return new self($value, true);
    }

    /** As a length: a number without a unit is in this one. */
    public function in(Unit $unit): self
    {
        return $this->isLength ? $this : new self($this->value->multipliedBy($unit->ticks()), true);
    }

    /** A number beside a length is a length of the unit. */
    public function plus(self $other, Unit $unit): self
    {
        return $this->isLength || $other->isLength
            ? new self($this->in($unit)->value->plus($other->in($unit)->value), true)
            : new self($this->value->plus($other->value), false);
    }

    public function negated(): self
    {
        return new self($this->value->negated(), $this->isLength);
    }

    /** @return self|null null where both are lengths: that would be an area */
    public function times(self $other): ?self
    {
        return $this->isLength && $other->isLength ? null
            : new self($this->value->multipliedBy($other->value), $this->isLength || $other->isLength);
    }

    /** @return self|null null where it is divided by nothing, or by a length */
    public function over(self $other): ?self
    {
        return $other->isLength || $other->value->isZero() ? null : new self($this->value->dividedBy($other->value), $this->isLength);
    }
}
