<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

/** Thread, cord, ribbon or coil is passed through holes or round a part, and tied. */
final readonly class Thread implements Act
{
    use OnLooseParts;

    /**
     * @param string $what `the ribbon`
     * @param list<string> $through keys of parts it holds together
     * @param bool $pierced whether holes must be there
     */
    public function __construct(public string $what, public array $through, public bool $pierced = true)
    {
    }

    public function kind(): ActKind
    {
        return ActKind::Thread;
    }

    public function parts(): array
    {
        return $this->through;
    }
}
