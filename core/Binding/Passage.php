<?php

declare(strict_types=1);

namespace Ephemeron\Binding;

/** The needle goes once through a hole. */
final readonly class Passage
{
    /**
     * @param int $signature from 0
     * @param int $station from 0, the one at the head
     * @param bool $isOutwards from the inside of the fold to the outside of the spine
     */
    public function __construct(public int $signature, public int $station, public bool $isOutwards)
    {
    }
}
