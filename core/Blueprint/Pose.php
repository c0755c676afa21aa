<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** The book as it lies before the reader in one state. */
final readonly class Pose implements Fact
{
    public const CLOSED = 'closed';

    public const OPENED = 'opened';

    /**
     * @param string $key `closed`, `opened`, or a state between
     * @param list<Seen> $seen what one sees, lowest first
     */
    public function __construct(public string $key, public string $name, public array $seen)
    {
    }

    public function mark(): null
    {
        return null;
    }

    /** Side by side from the left, heads level. */
    public static function row(string $key, string $name, Seen ...$seen): self
    {
        $x = Length::zero();
        $placed = [];
        foreach ($seen as $one) {
            $placed[] = $one->at($x, Length::zero());
            $x = $x->plus($one->area->width());
        }

        return new self($key, $name, $placed);
    }

    /** One below the other, left edges level. */
    public static function column(string $key, string $name, Seen ...$seen): self
    {
        $y = Length::zero();
        $placed = [];
        foreach ($seen as $one) {
            $placed[] = $one->at(Length::zero(), $y);
            $y = $y->plus($one->area->height());
        }

        return new self($key, $name, $placed);
    }

    /** The smallest upright rectangle round everything seen. */
    public function bounds(): Rectangle
    {
        $first = $this->seen[0] ?? null;
        if ($first === null) {
            return Rectangle::between(0, 0, 0, 0);
        }
        [$left, $top, $right, $bottom] = [$first->area->left(), $first->area->top(), $first->area->right(), $first->area->bottom()];
        foreach ($this->seen as $seen) {
            $left = Length::shortest($left, $seen->area->left());
            $top = Length::shortest($top, $seen->area->top());
            $right = Length::longest($right, $seen->area->right());
            $bottom = Length::longest($bottom, $seen->area->bottom());
        }

        return Rectangle::at($left, $top, new Size($right->minus($left), $bottom->minus($top)));
    }
}
