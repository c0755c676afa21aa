<?php

declare(strict_types=1);

namespace App\Models;

use App\Club\Club;
use App\Club\TheirOwn;

/**
 * Belongs to one of many makers, or to nobody in particular where there is only one.
 *
 * @property int|null $maker_id
 */
trait OfAMaker
{
    public static function bootOfAMaker(): void
    {
        self::addGlobalScope(new TheirOwn(self::isLent()));
        self::creating(static function (self $thing): void {
            $thing->maker_id ??= Club::atWork();
        });
    }

    /** Whether others may use it where its maker lends it. */
    protected static function isLent(): bool
    {
        return false;
    }
}
