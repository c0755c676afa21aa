<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

/** What a thing on a face is, for drawing it and for judging its bulk. */
enum Layer: string
{
    case Structure = 'structure';
    case Mat = 'mat';
    case Pocket = 'pocket';
    case Photo = 'photo';
    case Insert = 'insert';
    case Cover = 'cover';
    case Closure = 'closure';
    case Flap = 'flap';
    case Band = 'band';
    case Small = 'small';
}
