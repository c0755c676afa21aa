<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\Lie;
use Ephemeron\Geometry\Isometry;
use Ephemeron\Paper\Side;

/** One panel of a scene where it is at a moment. */
final readonly class PosedLeaf
{
    /**
     * @param Isometry $place of its part's sheet
     * @param int $glued number of the step in which its part is glued, 0 for the part all else hangs on
     * @param list<array{float, float}> $folds directions of the folds between it and that part, on the table
     */
    public function __construct(public SceneNode $node, public Isometry $place, public int $glued, private array $folds)
    {
    }

    /** @return non-empty-list<array{float, float, float}> its corners, in ticks */
    public function outline(): array
    {
        return array_map(fn (array $corner): array => $this->place->apply(...$corner), $this->node->outline);
    }

    /** @return list<non-empty-list<array{float, float, float}>> its windows' corners, in ticks */
    public function windows(): array
    {
        return array_map(
            fn (array $loop): array => array_map(fn (array $corner): array => $this->place->apply(...$corner), $loop),
            $this->node->windows,
        );
    }

    /** The side that looks at the reader; null for what stands upright on the table. */
    public function looks(): ?Side
    {
        if (! $this->place->isFlat()) {
            return null;
        }

        return $this->place->isTurnedOver() ? Side::B : Side::A;
    }

    /** @return array{float, float, float} where the head of its sheet points */
    public function head(): array
    {
        return $this->place->direction(0, -1);
    }

    /**
     * Where the reader's head is who sees the print of a side lie so, turning to it about an upright line; null where a fold on the way
     * there is not upright to the reader.
     *
     * @return array{int, int}|null
     */
    public function up(Side $side, Lie $lie): ?array
    {
        [$x, $y] = array_map(static fn (float $part): int => (int) round($part), $this->head());
        $isSeen = $this->looks() === $side;

        $up = match ($lie) {
            Lie::Upright => [$x, $y],
            Lie::UpsideDown => [-$x, -$y],
            Lie::HeadLeft => $isSeen ? [-$y, $x] : [$y, -$x],
            Lie::HeadRight => $isSeen ? [$y, -$x] : [-$y, $x],
        };
        foreach ($this->folds as [$dx, $dy]) {
            if (abs($dx * $up[1] - $dy * $up[0]) > 0.5) {
                return null;
            }
        }

        return $up;
    }

    /** How high its middle lies above the table, in ticks. */
    public function height(): float
    {
        $heights = array_column($this->outline(), 2);

        return $heights === [] ? 0.0 : (min($heights) + max($heights)) / 2;
    }
}
