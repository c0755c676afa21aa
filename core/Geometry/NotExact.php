<?php

declare(strict_types=1);

namespace Ephemeron\Geometry;

/** A movement that whole numbers do not tell exactly. */
final class NotExact extends \ArithmeticError
{
    public static function noLine(): self
    {
        return new self('Paper turns about a line, and the two ends of this one are the same point.');
    }

    public static function slantedQuarter(): self
    {
        return new self('A quarter turn about a slanted line has no exact form.');
    }

    public static function tooLarge(): self
    {
        return new self('So many slanted folds on top of each other cannot be told exactly.');
    }
}
