<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

/** One step of a scene: a fold or something glued. */
final readonly class SceneStep
{
    /** @param 'fold'|'glue' $kind */
    public function __construct(public int $number, public string $kind, public string $text)
    {
    }
}
