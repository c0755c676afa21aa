<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Axis;

/**
 * Cuts the same pieces from a sheet otherwise: what stands in a row or a column comes in another order and is cut apart in other groups,
 * and all that is free along it lies beside one of them. So pieces become neighbours that were not, and narrow strips one broad one.
 */
final readonly class Regrouping
{
    public function __construct(private \Random\Randomizer $chance, private Effort $effort)
    {
    }

    /** Another slab of the same size; strips may be too narrow to come off. */
    public function of(Slab $slab): Slab
    {
        $other = new Slab($slab->width, $slab->height);
        $tight = $this->tight($slab);
        if ($tight !== null) {
            $this->lay($tight, $other);
        }

        return $other;
    }

    /** The same with nothing free in it; a slab that is cut in two is as large as its parts need, and they as they need themselves. */
    private function tight(Slab $slab): ?Slab
    {
        $this->effort->spend(5);
        if ($slab->kind !== null) {
            return clone $slab;
        }
        $first = $slab->first === null ? null : $this->tight($slab->first);
        $second = $slab->second === null ? null : $this->tight($slab->second);
        if ($first === null || $second === null) {
            return $first ?? $second;
        }
        $tight = $slab->along === Axis::Width
            ? new Slab($first->width + $second->width, max($first->height, $second->height))
            : new Slab(max($first->width, $second->width), $first->height + $second->height);
        [$tight->along, $tight->first, $tight->second] = [$slab->along, $first, $second];

        return $tight;
    }

    private function lay(Slab $tight, Slab $into): void
    {
        $this->effort->spend(5);
        if ($tight->kind !== null) {
            $into->place($tight->kind, $tight->width, $tight->height, $tight->turned, $this->chance->getInt(0, 1) === 0);

            return;
        }
        $along = $tight->along ?? throw new \LogicException('A slab that is no piece is cut in two.');
        $row = $this->chance->shuffleArray($this->row($tight, $along));
        $loose = $this->chance->getInt(0, count($row) - 1);
        $spare = $this->length($into, $along) - $this->length($tight, $along);
        $lengths = array_map(
            fn (Slab $part, int $place): int => $this->length($part, $along) + ($place === $loose ? $spare : 0),
            $row,
            array_keys($row),
        );
        $this->layRow($row, $lengths, $along, $into);
    }

    /**
     * @param list<Slab> $row
     * @param list<int> $lengths of each, what is free beside it among it
     */
    private function layRow(array $row, array $lengths, Axis $along, Slab $into): void
    {
        if (count($row) === 1) {
            $this->lay($row[0], $into);

            return;
        }
        $parts = $this->chance->getInt(1, count($row) - 1);
        $second = $into->divide($along, array_sum(array_slice($lengths, 0, $parts)));
        $this->layRow(array_slice($row, 0, $parts), array_slice($lengths, 0, $parts), $along, $into->first ?? $into);
        $this->layRow(array_slice($row, $parts), array_slice($lengths, $parts), $along, $second);
    }

    /** @return list<Slab> what is cut apart one after the other along an axis */
    private function row(Slab $tight, Axis $along): array
    {
        if ($tight->along !== $along || $tight->first === null || $tight->second === null) {
            return [$tight];
        }

        return [...$this->row($tight->first, $along), ...$this->row($tight->second, $along)];
    }

    private function length(Slab $slab, Axis $along): int
    {
        return $along === Axis::Width ? $slab->width : $slab->height;
    }
}
