<?php

declare(strict_types=1);

namespace Ephemeron\Binding;

use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\ActKind;
use Ephemeron\Blueprint\Act\OnLooseParts;
use Ephemeron\Measure\Length;

/** Signatures are sewn to a spine, the needle going the way of a walk. */
final readonly class Sew implements Act
{
    use OnLooseParts;

    /**
     * @param list<string> $through keys of the parts it goes through
     * @param Length $thread what is cut for one walk
     * @param int $times how often it is walked: once for each signature, or once for all
     */
    public function __construct(public Walk $walk, private array $through, public Length $thread, public int $times)
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
