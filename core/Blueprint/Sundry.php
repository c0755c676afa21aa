<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** What a book wants besides paper, by the kind of thing one looks for in the drawer. */
enum Sundry: string
{
    case Magnet = 'magnet';
    case Ribbon = 'ribbon';
    case Tape = 'tape';
    case Thread = 'thread';
    case Coil = 'coil';
    case Fastener = 'fastener';
    case Sheets = 'sheets';

    public function label(): string
    {
        return match ($this) {
            self::Magnet => 'magnets',
            self::Ribbon => 'ribbon, lace and cord',
            self::Tape => 'tape',
            self::Thread => 'thread',
            self::Coil => 'coils',
            self::Fastener => 'brads, eyelets, clips and dots',
            self::Sheets => 'sheets to sew in',
        };
    }

    /** Sold by length; the others are counted. */
    public function isByLength(): bool
    {
        return match ($this) {
            self::Ribbon, self::Tape, self::Thread => true,
            self::Magnet, self::Coil, self::Fastener, self::Sheets => false,
        };
    }
}
