<?php

declare(strict_types=1);

namespace Ephemeron\Design;

/** Whether the mat of a face goes on before its pocket or after. */
enum PocketOrder: string
{
    case MatFirst = 'mat-first';
    case PocketFirst = 'pocket-first';

    public function label(): string
    {
        return match ($this) {
            self::MatFirst => 'The mat first, the pocket over it',
            self::PocketFirst => 'The pocket first, the mat above it',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::MatFirst => 'Easier: nothing has to be cut round.',
            self::PocketFirst => 'Saves the paper that nobody sees, and keeps the pocket a layer thinner; the mat tucks in behind it.',
        };
    }
}
