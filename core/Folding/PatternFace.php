<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

/** A panel between scores, slits and the edge of the paper. */
final readonly class PatternFace
{
    /**
     * @param non-empty-list<int> $vertices in order round it
     * @param string $panel key of the part's panel it lies in, or `panel-1` … where the part names none
     * @param int $area square ticks
     */
    public function __construct(public array $vertices, public string $panel, public int $area)
    {
    }
}
