<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** A plan that no trimmer could carry out: an error in the planner, never in the maker's design. */
final class PlanDoesNotCut extends \LogicException
{
    public static function pieceNotThere(int $step, Size $size): self
    {
        return new self("Cut {$step} wants a piece of {$size->width->ticks} × {$size->height->ticks} ticks that is not on the table.");
    }

    public static function sliver(int $step, Length $breadth): self
    {
        return new self("Cut {$step} leaves a strip of {$breadth->ticks} ticks, too narrow to come off cleanly.");
    }

    public static function unknownPiece(string $key): self
    {
        return new self("Nobody asked for a piece “{$key}”.");
    }

    public static function wrongWayRound(string $key): self
    {
        return new self("The print of piece {$key} would lie on its side.");
    }

    public static function wrongCount(string $key, int $is, int $wanted): self
    {
        return new self("Piece {$key} came out {$is} times instead of {$wanted}.");
    }
}
