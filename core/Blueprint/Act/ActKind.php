<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

/** What a hand does. */
enum ActKind: string
{
    case Glue = 'glue';
    case Fold = 'fold';
    case Shape = 'shape';
    case Fasten = 'fasten';
    case Magnet = 'magnet';
    case Pierce = 'pierce';
    case Thread = 'thread';
    case Slip = 'slip';
    case Trim = 'trim';
    case TurnIn = 'turn-in';
    case Press = 'press';
    case DryFit = 'dry-fit';
    case Ink = 'ink';
    case SetAside = 'set-aside';
    case Nest = 'nest';
}
