<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

/** What is done to parts in the hand: it needs no place on a surface, covers none, and nothing must hang on anything. */
trait OnLooseParts
{
    public function needs(): array
    {
        return [];
    }

    public function covers(): array
    {
        return [];
    }

    public function hanging(): array
    {
        return [];
    }
}
