<?php

declare(strict_types=1);

namespace Ephemeron\Geometry;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** An upright rectangle, placed by its top left corner. There are thousands in a plan: each is four numbers. */
final readonly class Rectangle
{
    private int $left;

    private int $top;

    private int $width;

    private int $height;

    public function __construct(Point $corner, Size $size)
    {
        $this->left = $corner->x->ticks;
        $this->top = $corner->y->ticks;
        $this->width = $size->width->ticks;
        $this->height = $size->height->ticks;
    }

    /** @return array{int, int, int, int} left, top, width and height in ticks */
    public function __serialize(): array
    {
        return [$this->left, $this->top, $this->width, $this->height];
    }

    /**
     * Plans of begun books that were stored earlier hold a point and a size instead.
     *
     * @param array{int, int, int, int}|array{corner: Point, size: Size} $kept
     */
    public function __unserialize(array $kept): void
    {
        [$this->left, $this->top, $this->width, $this->height] = isset($kept['corner'])
            ? [$kept['corner']->x->ticks, $kept['corner']->y->ticks, $kept['size']->width->ticks, $kept['size']->height->ticks]
            : $kept;
    }

    public static function at(Length $x, Length $y, Size $size): self
    {
        return new self(new Point($x, $y), $size);
    }

    public static function whole(Size $size): self
    {
        return self::at(Length::zero(), Length::zero(), $size);
    }

    /** By its left, top, right and bottom in ticks. */
    public static function between(int $left, int $top, int $right, int $bottom): self
    {
        return self::at(
            Length::ofTicks($left),
            Length::ofTicks($top),
            new Size(Length::ofTicks($right - $left), Length::ofTicks($bottom - $top)),
        );
    }

    public static function centred(Size $size, Size $within): self
    {
        return self::at(
            $within->width->minus($size->width)->half(),
            $within->height->minus($size->height)->half(),
            $size,
        );
    }

    /** Of another size, about the same middle. */
    public static function about(self $old, Size $size): self
    {
        $inside = self::centred($size, $old->size());

        return self::at($old->left()->plus($inside->left()), $old->top()->plus($inside->top()), $size);
    }

    public function corner(): Point
    {
        return new Point($this->left(), $this->top());
    }

    public function size(): Size
    {
        return new Size($this->width(), $this->height());
    }

    public function width(): Length
    {
        return Length::ofTicks($this->width);
    }

    public function height(): Length
    {
        return Length::ofTicks($this->height);
    }

    public function left(): Length
    {
        return Length::ofTicks($this->left);
    }

    public function top(): Length
    {
        return Length::ofTicks($this->top);
    }

    public function right(): Length
    {
        return Length::ofTicks($this->left + $this->width);
    }

    public function bottom(): Length
    {
        return Length::ofTicks($this->top + $this->height);
    }

    /**
     * For drawings and prints only: computation stays in ticks.
     *
     * @return array{float, float, float, float} left, top, width and height
     */
    public function inMillimetres(): array
    {
        $millimetre = Length::TICKS_PER_MILLIMETRE;

        return [$this->left / $millimetre, $this->top / $millimetre, $this->width / $millimetre, $this->height / $millimetre];
    }

    public function contains(self $other): bool
    {
        return $other->left >= $this->left
            && $other->top >= $this->top
            && $this->left + $this->width >= $other->left + $other->width
            && $this->top + $this->height >= $other->top + $other->height;
    }

    /** Touching edges do not overlap. */
    public function overlaps(self $other): bool
    {
        return $this->left < $other->left + $other->width
            && $other->left < $this->left + $this->width
            && $this->top < $other->top + $other->height
            && $other->top < $this->top + $this->height;
    }

    /** What both have in common; null where they do not overlap. */
    public function overlap(self $other): ?self
    {
        if (! $this->overlaps($other)) {
            return null;
        }
        return self::between(
            max($this->left, $other->left),
            max($this->top, $other->top),
            min($this->left + $this->width, $other->left + $other->width),
            min($this->top + $this->height, $other->top + $other->height),
        );
    }

    /** Both as one; null where they do not have a whole edge of each in common. */
    public function joined(self $other): ?self
    {
        $isBeside = $this->top === $other->top && $this->height === $other->height
            && ($this->left + $this->width === $other->left || $other->left + $other->width === $this->left);
        $isBelow = $this->left === $other->left && $this->width === $other->width
            && ($this->top + $this->height === $other->top || $other->top + $other->height === $this->top);

        return $isBeside || $isBelow ? self::between(
            min($this->left, $other->left),
            min($this->top, $other->top),
            max($this->left + $this->width, $other->left + $other->width),
            max($this->top + $this->height, $other->top + $other->height),
        ) : null;
    }

    /** The edge beyond which another one lies that it does not overlap. */
    public function edgeTowards(self $other): Edge
    {
        return match (true) {
            $this->top()->isAtLeast($other->bottom()) => Edge::Top,
            $other->top()->isAtLeast($this->bottom()) => Edge::Bottom,
            $this->left()->isAtLeast($other->right()) => Edge::Left,
            default => Edge::Right,
        };
    }

    public function movedBy(Point $by): self
    {
        return self::at($this->left()->plus($by->x), $this->top()->plus($by->y), $this->size());
    }

    /** The strip of a given breadth along one edge, inside the rectangle. */
    public function strip(Edge $edge, Length $breadth): self
    {
        $upright = new Size($breadth, $this->height());
        $level = new Size($this->width(), $breadth);

        return match ($edge) {
            Edge::Left => new self($this->corner(), $upright),
            Edge::Top => new self($this->corner(), $level),
            Edge::Right => self::at($this->right()->minus($breadth), $this->top(), $upright),
            Edge::Bottom => self::at($this->left(), $this->bottom()->minus($breadth), $level),
        };
    }

    public function middle(): Point
    {
        return new Point($this->left()->plus($this->width()->half()), $this->top()->plus($this->height()->half()));
    }

    /** The middle of one edge. */
    public function middleOf(Edge $edge): Point
    {
        [$x, $y] = [$this->middle()->x, $this->middle()->y];

        return match ($edge) {
            Edge::Left => new Point($this->left(), $y),
            Edge::Right => new Point($this->right(), $y),
            Edge::Top => new Point($x, $this->top()),
            Edge::Bottom => new Point($x, $this->bottom()),
        };
    }
}
