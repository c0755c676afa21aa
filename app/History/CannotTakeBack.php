<?php

declare(strict_types=1);

namespace App\History;

/** What was done cannot be taken back, or not be done again; the sentence says why. */
final class CannotTakeBack extends \RuntimeException
{
    public static function tooLongAgo(): self
    {
        return new self('That is too long ago: the design of then is not kept any more.');
    }

    public static function leftoverIsUsed(string $leftover): self
    {
        return new self("That cannot be taken back: {$leftover}, which it left over, has been used since. Put that back first.");
    }

    public static function piecesAreGone(): self
    {
        return new self('That cannot be taken back: a piece of this sheet was spoiled or put into the drawer since. Take that back first.');
    }

    public static function sheetIsGone(): self
    {
        return new self('That cannot be done again: the sheet is not in the plan any more.');
    }

    public static function nothing(): self
    {
        return new self('There is nothing to take back.');
    }
}
