<?php

declare(strict_types=1);

namespace Ephemeron\Geometry;

enum Edge: string
{
    case Top = 'top';
    case Right = 'right';
    case Bottom = 'bottom';
    case Left = 'left';

    /** As makers call it. */
    public function label(): string
    {
        return $this === self::Bottom ? 'foot' : $this->value;
    }

    public function opposite(): self
    {
        return match ($this) {
            self::Top => self::Bottom,
            self::Right => self::Left,
            self::Bottom => self::Top,
            self::Left => self::Right,
        };
    }

    public function isUpright(): bool
    {
        return $this === self::Left || $this === self::Right;
    }

    /** @return list<self> the other three, clockwise from the one after this */
    public function others(): array
    {
        return array_values(array_filter(self::cases(), fn (self $edge): bool => $edge !== $this));
    }
}
