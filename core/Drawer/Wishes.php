<?php

declare(strict_types=1);

namespace Ephemeron\Drawer;

/** What a maker cares about when papers are proposed. */
final readonly class Wishes
{
    /**
     * @param bool $leftovers use up what earlier books left
     * @param bool $whole begin no paper that is still whole while one that is begun will do
     * @param bool $cover the most prized pattern for the cover, and for nothing else
     * @param bool $facing never the same pattern on two facing pages
     */
    public function __construct(
        public bool $leftovers = true,
        public bool $whole = true,
        public bool $cover = true,
        public bool $facing = true,
    ) {
    }
}
