<?php

declare(strict_types=1);

namespace App\Planning;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Design\Design;
use Ephemeron\Workshop;
use Illuminate\Contracts\Cache\Repository;

/** How books are laid out, once for a design: a change is checked by it, then drawn, then planned. */
final readonly class Blueprints
{
    private const HOURS = 6;

    public function __construct(private Workshop $workshop, private Repository $cache)
    {
    }

    /** @param array<string, mixed> $stored the design as it is stored */
    public function of(Design $design, array $stored): Blueprint
    {
        $known = $this->cache->get(self::key($stored));

        return $known instanceof Blueprint ? $known : $this->keep($this->workshop->blueprint($design), $stored);
    }

    /** @param array<string, mixed> $stored the design as it is stored */
    public function keep(Blueprint $blueprint, array $stored): Blueprint
    {
        $this->cache->put(self::key($stored), $blueprint, now()->addHours(self::HOURS));

        return $blueprint;
    }

    /** @param array<string, mixed> $stored */
    private static function key(array $stored): string
    {
        return 'blueprint:'.Mark::of(CodeEdition::whole(), $stored);
    }
}
