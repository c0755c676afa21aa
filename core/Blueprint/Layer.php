<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Blueprint\Act\Depth;

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

    /** How deep such a thing usually lies on its face. */
    public function depth(): Depth
    {
        return match ($this) {
            self::Structure, self::Cover => Depth::Bare,
            self::Closure => Depth::UnderMat,
            self::Flap, self::Band => Depth::Hinge,
            self::Mat => Depth::Mat,
            self::Pocket => Depth::OnMat,
            self::Photo, self::Insert, self::Small => Depth::Upon,
        };
    }
}
