<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Part;

/** A place of the book that one sees and for which a print can be chosen. */
final readonly class Seat
{
    /**
     * @param string $place by which it is chosen in the design
     * @param Face $page of the book on which it is seen
     * @param Face $face on which it lies, or whose paper it is
     * @param Joint|null $joint by which it lies there; null: it is the paper of the face itself
     */
    public function __construct(
        public string $place,
        public Part $part,
        public Face $page,
        public Face $face,
        public ?Joint $joint,
        public SeatKind $kind,
    ) {
    }

    /** By which its paper is known in the design. */
    public function paper(): string
    {
        return $this->part->paperOf($this->piece());
    }

    public function isOver(): bool
    {
        return $this->part->isOverAt($this->piece());
    }

    /** Which of the pieces of its part, from 0, where each can be of another print. */
    private function piece(): int
    {
        return (int) (explode('#', $this->place)[1] ?? 1) - 1;
    }

    public function name(): string
    {
        return $this->kind === SeatKind::Piece ? explode(' in ', $this->part->name)[0] : $this->kind->label();
    }
}
