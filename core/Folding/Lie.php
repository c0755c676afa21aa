<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

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
