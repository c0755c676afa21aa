<?php

declare(strict_types=1);

namespace App\Planning;

/** What a total never hides. */
final class NotPlaced
{
    /**
     * @param int $pieces that came out of no sheet: too large for it, or no sheet left
     * @param string $before what leads from the total to it
     * @return string ", and 3 pieces fit no sheet"; nothing when all are placed
     */
    public static function said(int $pieces, string $before = ', and '): string
    {
        return $pieces === 0 ? '' : $before.$pieces.($pieces === 1 ? ' piece fits' : ' pieces fit').' no sheet';
    }
}
