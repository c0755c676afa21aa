<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Fact;
use Ephemeron\Gathering\MeetingSchool;
use Ephemeron\Gathering\Signature;
use Ephemeron\Gathering\Template;
use Ephemeron\Gathering\TextBlock;
use Ephemeron\Measure\Length;

/** The leaves of a journal as they are bound. */
final readonly class Gathered implements Fact
{
    /**
     * @param list<list<string>> $parts keys of the parts of its sheets, signature by signature, from the outermost in
     * @param Length $beyond how far the cover reaches beyond the outermost leaf at the fore-edge
     * @param bool $isTrimmed whether the fore-edge is cut level
     * @param array<string, Length> $tabRoom what a tab may stand out, by the key of the face it is on
     */
    public function __construct(
        public TextBlock $block,
        public Template $template,
        public MeetingSchool $school,
        public array $parts,
        public Length $beyond,
        public bool $isTrimmed,
        public array $tabRoom = [],
    ) {
    }

    /** @param array<string, Length> $tabRoom by the key of the face */
    public function withTabRoom(array $tabRoom): self
    {
        return new self($this->block, $this->template, $this->school, $this->parts, $this->beyond, $this->isTrimmed, $tabRoom);
    }

    /**
     * How far a sheet stands out at the fore-edge of its signature.
     *
     * @param int $sheet from 0, the outermost
     */
    public function creep(Signature $signature, int $sheet): Length
    {
        return $this->isTrimmed ? Length::zero() : $signature->creep($sheet);
    }

    /** What a tab on it may stand out and stay inside the cover; nothing where the sheet fills it. */
    public function roomForTab(Signature $signature, int $sheet): Length
    {
        return Length::longest($this->beyond->minus($this->creep($signature, $sheet)), Length::zero());
    }

    public function mark(): null
    {
        return null;
    }
}
