<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Format\InvalidDesign;

/**
 * What is beyond all use: more than hands make of one book, and more than is worked out while somebody waits. Assumed, from the largest
 * book that is known (forty leaves with something on every page: some 440 pieces), several times over.
 */
final readonly class Ceiling
{
    public const PIECES = 2_000;

    public const KINDS = 400;

    public const FACES = 1_200;

    /** @throws InvalidDesign with the number that is too large */
    public static function check(Blueprint $blueprint): void
    {
        foreach ([
            ['pieces', $blueprint->pieces(), self::PIECES],
            ['kinds of pieces', count($blueprint->parts), self::KINDS],
            ['faces', count($blueprint->faces), self::FACES],
        ] as [$what, $count, $most]) {
            if ($count > $most) {
                throw InvalidDesign::whole(sprintf(
                    'This book would have %s %s; more than %s are beyond one book.',
                    number_format($count),
                    $what,
                    number_format($most),
                ));
            }
        }
    }
}
