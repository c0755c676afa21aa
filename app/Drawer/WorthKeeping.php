<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Models\Setting;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * Which leftovers go into the drawer: those whose short side has the breadth the maker has chosen; at first 2 in, common practice, no
 * published source.
 */
final readonly class WorthKeeping
{
    private const KEY = 'narrowest-leftover';

    public function narrowest(): Length
    {
        $chosen = Setting::query()->find(self::KEY);

        return $chosen === null ? Length::inches(2) : Length::ofTicks((int) $chosen->value);
    }

    public function choose(Length $narrowest): void
    {
        Setting::query()->updateOrCreate(['key' => self::KEY], ['value' => (string) $narrowest->ticks]);
    }

    public function is(Size $leftover): bool
    {
        return $leftover->shortSide()->isAtLeast($this->narrowest());
    }
}
