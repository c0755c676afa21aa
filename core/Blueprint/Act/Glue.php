<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

use Ephemeron\Blueprint\Joint;

/** Glue or tape one joint. */
final readonly class Glue implements Act
{
    public function __construct(public Joint $joint)
    {
    }

    public function kind(): ActKind
    {
        return ActKind::Glue;
    }

    public function parts(): array
    {
        return array_values(array_unique([$this->joint->from->part, $this->joint->onto->part]));
    }

    public function needs(): array
    {
        return [$this->place(), ...($this->joint->face === null ? [Reach::panel($this->joint->from, Depth::Bare)] : [])];
    }

    /** A piece on a face covers what lies deeper there; a panel shut onto another covers both. */
    public function covers(): array
    {
        if ($this->joint->isLap) {
            return [];
        }
        if ($this->joint->face === null) {
            return [Reach::panel($this->joint->from, Depth::Shut), Reach::panel($this->joint->onto, Depth::Shut)];
        }
        $isWithin = $this->joint->from->part === $this->joint->onto->part;

        return [$this->place(), ...($isWithin ? [Reach::panel($this->joint->from, Depth::Shut)] : [])];
    }

    public function hanging(): array
    {
        return [];
    }

    private function place(): Reach
    {
        return $this->joint->face === null
            ? Reach::panel($this->joint->onto, Depth::Bare)
            : new Reach($this->joint->face, $this->joint->depth(), $this->joint->contact());
    }
}
