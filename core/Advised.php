<?php

declare(strict_types=1);

namespace Ephemeron;

use Ephemeron\Drawer\Reach;

/** A book of one kind made for a wish, planned. */
final readonly class Advised
{
    /**
     * @param int $photos prints of the wished size that it holds
     * @param int $missing prints and cards that find no place
     * @param list<string> $lacks what of the wish it does not keep, in sentences; none: it keeps all
     * @param list<string> $wants what it wants besides the sheets in hand, in sentences
     * @param Reach|null $reach how far the drawer goes, where it was asked
     */
    public function __construct(
        public WorkPlan $plan,
        public int $photos,
        public int $missing,
        public array $lacks,
        public array $wants,
        public ?Reach $reach = null,
    ) {
    }

    /** The best first: what keeps most of the wish, then what takes the least paper of the sheets it is cut from. */
    public function worth(): string
    {
        return sprintf('%03d %04d %06d %015d', count($this->lacks), $this->missing, $this->plan->sheets(), $this->paper());
    }

    /** Paper in its pieces, in square ticks, for one book. */
    public function paper(): int
    {
        return Adviser::paper($this->plan->blueprint);
    }
}
