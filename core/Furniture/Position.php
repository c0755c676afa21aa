<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Design\Parameter;
use Ephemeron\Measure\Length;

/** The parameters of things that can be moved about on a face. */
final readonly class Position
{
    public const ACROSS = 'across';

    public const UP = 'up';

    /** @return list<Parameter> */
    public static function parameters(string $acrossOtherwise = 'in the middle', string $upOtherwise = 'in the middle'): array
    {
        return [
            Parameter::length(
                self::ACROSS,
                'From the left',
                "How far from the left edge of the face; empty: {$acrossOtherwise}.",
                Length::zero(),
                Length::inches(24),
            ),
            Parameter::length(
                self::UP,
                'From the foot',
                "How far above the foot of the face; empty: {$upOtherwise}.",
                Length::zero(),
                Length::inches(24),
            ),
        ];
    }
}
