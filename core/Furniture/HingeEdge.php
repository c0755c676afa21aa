<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Design\Parameter;
use Ephemeron\Measure\Length;

/** The parameters that say on which edge a thing turns, and on how broad a tab. */
final readonly class HingeEdge
{
    public static function parameter(): Parameter
    {
        return Parameter::choice('edge', 'Hinged at', 'The edge it turns on; away from the spine it cannot catch the facing page.', [
            'outward' => 'the edge away from the spine',
            'left' => 'left',
            'right' => 'right',
            'top' => 'top',
            'bottom' => 'bottom',
        ], 'outward');
    }

    public static function tab(): Parameter
    {
        return Parameter::length(
            'tab',
            'Tab',
            'The strip that is glued to the face.',
            Length::inches(0, 1, 4),
            Length::inches(1, 1, 2),
            Length::inches(0, 1, 2),
            Length::millimetres(10),
        );
    }
}
