<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/** Whether the cut edges are inked, so that no white core shows. */
enum Inking: string
{
    case No = 'no';
    case Yes = 'yes';

    public function label(): string
    {
        return match ($this) {
            self::No => 'Left as they are cut',
            self::Yes => 'Inked before anything is glued',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::No => 'Quicker; a white core shows as a fine line.',
            self::Yes => 'A dark edge hides a white core and small slips of the trimmer; it must be dry before the glue.',
        };
    }
}
