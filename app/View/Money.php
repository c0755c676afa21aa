<?php

declare(strict_types=1);

namespace App\View;

use App\Planning\Asking;
use Ephemeron\Paper\Price;

/** Sums with the digits of the currency that is chosen for all books. */
final readonly class Money
{
    public static function money(Price $price): string
    {
        return app(Asking::class)->currency()->text($price);
    }
}
