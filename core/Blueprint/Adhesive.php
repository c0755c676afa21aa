<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** What holds a part where it is (handbook rule: wet glue where things slide or must be aligned, tape under strain). */
enum Adhesive: string
{
    case WetGlue = 'wet-glue';
    case Tape = 'tape';
    case Thread = 'thread';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::WetGlue => 'Wet glue',
            self::Tape => 'Double-sided tape',
            self::Thread => 'Needle and thread',
            self::None => 'No glue',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::WetGlue => 'Dried glue is not sticky, and there is time to slide the piece square. Thin beads near the edge, press, '
                .'wipe the ooze.',
            self::Tape => 'It holds at once and takes the strain of opening.',
            self::Thread => 'Stitches along the edge, a good way in from it so that it does not tear; by hand or by machine, before the '
                .'sheet is bound.',
            self::None => 'It stays loose.',
        };
    }
}
