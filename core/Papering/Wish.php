<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

/** What one would like of the prints of a book; each is worth as much as the maker says. Common practice, no published source. */
enum Wish: string
{
    case FewSheets = 'few-sheets';
    case GoTogether = 'go-together';
    case NeighboursDiffer = 'neighbours-differ';
    case Contrast = 'contrast';
    case BestOnCover = 'best-on-cover';
    case ComesBack = 'comes-back';
    case LeftoversFirst = 'leftovers-first';
    case MotifSeen = 'motif-seen';

    public function label(): string
    {
        return match ($this) {
            self::FewSheets => 'few sheets begun',
            self::GoTogether => 'facing pages go together',
            self::NeighboursDiffer => 'neighbouring openings differ',
            self::Contrast => 'pockets and flaps stand out',
            self::BestOnCover => 'the best on the cover',
            self::ComesBack => 'every print comes back',
            self::LeftoversFirst => 'leftovers first',
            self::MotifSeen => 'motifs stay in sight',
        };
    }

    /** What it is worth unless the maker says otherwise, 0 to 10. */
    public function usual(): int
    {
        return match ($this) {
            self::FewSheets => 4,
            self::GoTogether => 5,
            self::NeighboursDiffer => 6,
            self::Contrast => 4,
            self::BestOnCover => 5,
            self::ComesBack => 1,
            self::LeftoversFirst => 2,
            self::MotifSeen => 2,
        };
    }
}
