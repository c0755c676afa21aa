<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Geometry\Edge;

/** How the print of a sheet lies on a face, as the reader sees it. */
enum Lie: string
{
    case Upright = 'upright';
    case UpsideDown = 'upside-down';
    case HeadLeft = 'head-left';
    case HeadRight = 'head-right';

    /** Of a print whose head points that way, x to the right and y down. */
    public static function towards(float $x, float $y): self
    {
        return match (true) {
            abs($y) >= abs($x) => $y < 0 ? self::Upright : self::UpsideDown,
            $x < 0 => self::HeadLeft,
            default => self::HeadRight,
        };
    }

    /** Where an edge of the sheet comes to lie, which is at that edge of it when its head is up. */
    public function turns(Edge $edge): Edge
    {
        return match ($this) {
            self::Upright => $edge,
            self::UpsideDown => $edge->opposite(),
            self::HeadLeft => match ($edge) {
                Edge::Top => Edge::Left,
                Edge::Left => Edge::Bottom,
                Edge::Bottom => Edge::Right,
                Edge::Right => Edge::Top,
            },
            self::HeadRight => match ($edge) {
                Edge::Top => Edge::Right,
                Edge::Right => Edge::Bottom,
                Edge::Bottom => Edge::Left,
                Edge::Left => Edge::Top,
            },
        };
    }

    /** How it lies on the other side, when the paper is turned over about that edge. */
    public function over(Edge $hinge): self
    {
        return match ($this) {
            self::Upright => $hinge->isUpright() ? self::Upright : self::UpsideDown,
            self::UpsideDown => $hinge->isUpright() ? self::UpsideDown : self::Upright,
            self::HeadLeft => $hinge->isUpright() ? self::HeadRight : self::HeadLeft,
            self::HeadRight => $hinge->isUpright() ? self::HeadLeft : self::HeadRight,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Upright => 'upright',
            self::UpsideDown => 'upside down',
            self::HeadLeft => 'sideways, head to the left',
            self::HeadRight => 'sideways, head to the right',
        };
    }
}
