<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

/** Folded sheets are laid into each other: one signature. */
final readonly class Nest implements Act
{
    use OnLooseParts;

    /**
     * @param int $signature from 1
     * @param list<string> $sheets keys of the parts, one for each sheet, from the outermost in
     */
    public function __construct(public int $signature, public array $sheets)
    {
    }

    public function kind(): ActKind
    {
        return ActKind::Nest;
    }

    public function parts(): array
    {
        return array_values(array_unique($this->sheets));
    }
}
