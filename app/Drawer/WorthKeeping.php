<?php

declare(strict_types=1);

namespace App\Drawer;

use App\Planning\Settings;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * Which leftovers go into the drawer: those whose short side has the breadth the maker has chosen; at first 2 in, common practice, no
 * published source.
 */
final readonly class WorthKeeping
{
    private const KEY = 'narrowest-leftover';

    public function __construct(private Settings $settings)
    {
    }

    public function narrowest(): Length
    {
        $chosen = $this->settings->get(self::KEY);

        return $chosen === null ? Length::inches(2) : Length::ofTicks((int) $chosen);
    }

    public function choose(Length $narrowest): void
    {
        $this->settings->put(self::KEY, (string) $narrowest->ticks);
    }

    public function is(Size $leftover): bool
    {
        return $leftover->shortSide()->isAtLeast($this->narrowest());
    }
}
