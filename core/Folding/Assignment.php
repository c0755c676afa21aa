<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\Fold;

/** What an edge of a crease pattern is; the letters are those of the FOLD format. */
enum Assignment: string
{
    case Boundary = 'B';
    case Cut = 'C';
    case Mountain = 'M';
    case Valley = 'V';
    case Unassigned = 'U';

    public static function of(Fold $fold): self
    {
        return match ($fold) {
            Fold::Mountain => self::Mountain,
            Fold::Valley => self::Valley,
            Fold::Either => self::Unassigned,
        };
    }

    public function isHinge(): bool
    {
        return $this === self::Mountain || $this === self::Valley || $this === self::Unassigned;
    }

    /** Where two lie on each other, the one that counts: the edge of the paper, then a slit, then a score. */
    public function rank(): int
    {
        return match ($this) {
            self::Boundary => 3,
            self::Cut => 2,
            default => 1,
        };
    }
}
