<?php

declare(strict_types=1);

namespace Ephemeron\Design;

use Ephemeron\Blueprint\Adhesive;

/** Wet glue or tape. */
enum Gluing: string
{
    case ByZone = 'by-zone';
    case Glue = 'glue';
    case Tape = 'tape';

    public function label(): string
    {
        return match ($this) {
            self::ByZone => 'By what the place asks for',
            self::Glue => 'Wet glue throughout',
            self::Tape => 'Tape throughout',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::ByZone => 'Wet glue where a part must be slid into place and in pockets, where tape edges catch the cards; tape for '
                .'spines and tabs that take strain.',
            self::Glue => 'Dried glue is not sticky and everything can be slid square; tabs and spines must be held until it sets.',
            self::Tape => 'Holds at once; nothing can be moved any more, and in pockets its edges catch the corners of cards.',
        };
    }

    public function applied(Adhesive $asked): Adhesive
    {
        return match (true) {
            $asked === Adhesive::None, $asked === Adhesive::Thread, $this === self::ByZone => $asked,
            $this === self::Glue => Adhesive::WetGlue,
            default => Adhesive::Tape,
        };
    }

    /** What is said beside a step whose text speaks of the other one. */
    public function aside(Adhesive $asked): ?string
    {
        return match (true) {
            $this->applied($asked) === $asked => null,
            $this === self::Glue => 'You glue throughout: a thin bead where tape is said, and hold it until it sets.',
            default => 'You tape throughout: dry fit first, it cannot be moved afterwards.',
        };
    }
}
