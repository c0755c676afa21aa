<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

/** Prick, punch or cut holes through one or several layers. */
final readonly class Pierce implements Act
{
    use OnLooseParts;

    /**
     * @param list<string> $through keys of the parts, in the order in which they lie on each other
     * @param int $holes in each
     */
    public function __construct(public array $through, public int $holes, public string $where)
    {
    }

    public function kind(): ActKind
    {
        return ActKind::Pierce;
    }

    public function parts(): array
    {
        return $this->through;
    }
}
