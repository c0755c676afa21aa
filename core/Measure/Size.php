<?php

declare(strict_types=1);

namespace Ephemeron\Measure;

/** Width × height, always in that order. */
final readonly class Size
{
    public function __construct(public Length $width, public Length $height)
    {
    }

    public static function inches(int|float $width, int|float $height): self
    {
        return new self(
            Length::ofTicks((int) round($width * Length::TICKS_PER_INCH)),
            Length::ofTicks((int) round($height * Length::TICKS_PER_INCH)),
        );
    }

    public static function millimetres(int $width, int $height): self
    {
        return new self(Length::millimetres($width), Length::millimetres($height));
    }

    public function turned(): self
    {
        return new self($this->height, $this->width);
    }

    /** Smaller by the border on each of the four sides. */
    public function within(Length $border): self
    {
        return new self($this->width->minus($border->times(2)), $this->height->minus($border->times(2)));
    }

    public function plus(Length $each): self
    {
        return new self($this->width->plus($each), $this->height->plus($each));
    }

    public function along(Axis $axis): Length
    {
        return $axis === Axis::Width ? $this->width : $this->height;
    }

    public function equals(self $other): bool
    {
        return $this->width->equals($other->width) && $this->height->equals($other->height);
    }

    public function fitsIn(self $other): bool
    {
        return $other->width->isAtLeast($this->width) && $other->height->isAtLeast($this->height);
    }

    public function fitsInEitherWay(self $other): bool
    {
        return $this->fitsIn($other) || $this->turned()->fitsIn($other);
    }

    public function isPositive(): bool
    {
        return $this->width->isPositive() && $this->height->isPositive();
    }

    /** In square ticks. */
    public function area(): int
    {
        return $this->width->ticks * $this->height->ticks;
    }

    public function longSide(): Length
    {
        return Length::longest($this->width, $this->height);
    }

    public function shortSide(): Length
    {
        return Length::shortest($this->width, $this->height);
    }
}
