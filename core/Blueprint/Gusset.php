<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Measure\Length;

/** A narrow panel that gives depth: what has to find room between the two panels beside it. */
final readonly class Gusset implements Fact
{
    /**
     * @param Length $leaves thickness of the bare leaves that lie in it
     * @param list<string> $faces faces that are inside it when the book is shut
     * @param string $parameter the parameter of the structure that widens it
     * @param int $steps how many times that parameter its width is, besides what is fixed
     * @param Length|null $fixed part of its width that does not come from the parameter; may be negative
     * @param list<PanelRef> $panels which panels it is, each as wide as it; none where it is bought, as a coil is
     */
    public function __construct(
        public string $name,
        public Length $width,
        public Length $leaves,
        public array $faces,
        public string $parameter,
        public int $steps,
        public ?Length $fixed = null,
        public array $panels = [],
    ) {
    }

    public function mark(): null
    {
        return null;
    }
}
