<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

use Ephemeron\Blueprint\Joint;

/** Glue or tape one joint. */
final readonly class Glue implements Act
{
    /** @var list<string> */
    private array $parts;

    /** @var list<Reach> */
    private array $needs;

    /** @var list<Reach> */
    private array $covers;

    public function __construct(public Joint $joint)
    {
        [$from, $onto] = [$joint->from, $joint->onto];
        $isWithin = $from->part === $onto->part;
        $this->parts = $isWithin ? [$from->part] : [$from->part, $onto->part];
        $place = $joint->face === null
            ? Reach::panel($onto, Depth::Bare)
            : new Reach($joint->face, $joint->depth(), $joint->contact());
        $this->needs = $joint->face === null ? [$place, Reach::panel($from, Depth::Bare)] : [$place];
        // A piece on a face covers what lies deeper there; a panel shut onto another covers both.
        $this->covers = match (true) {
            $joint->isLap => [],
            $joint->face === null => [Reach::panel($from, Depth::Shut), Reach::panel($onto, Depth::Shut)],
            $isWithin => [$place, Reach::panel($from, Depth::Shut)],
            default => [$place],
        };
    }

    public function kind(): ActKind
    {
        return ActKind::Glue;
    }

    public function parts(): array
    {
        return $this->parts;
    }

    public function needs(): array
    {
        return $this->needs;
    }

    public function covers(): array
    {
        return $this->covers;
    }

    public function hanging(): array
    {
        return [];
    }
}
