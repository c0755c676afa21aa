<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

/** What a print is chosen for. */
enum SeatKind: string
{
    /** The upper mat of a face, which one sees of it. */
    case Mat = 'mat';
    /** A mat below it, of which a rim shows. */
    case Under = 'under';
    /** A pocket, a band, a tab: what is put on a face. */
    case Piece = 'piece';
    /** The paper of the face itself. */
    case Sheet = 'sheet';

    public function label(): string
    {
        return match ($this) {
            self::Mat => 'mat',
            self::Under => 'mat below',
            self::Piece => 'piece',
            self::Sheet => 'sheet',
        };
    }
}
