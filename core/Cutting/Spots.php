<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * The free rectangles of all sheets while pieces are laid into them, and of each kind the places it has among them: whoever asks for a kind
 * again looks only at what has become free since. It is changed in place; one is made for every way of laying pieces out.
 */
final class Spots
{
    /** @var array<int, Slab> in the order in which they became free */
    private array $free = [];

    private int $opened = 0;

    /** @var array<int, int> by kind: how many had become free when it was asked for last */
    private array $seen = [];

    /** @var array<int, array<int, array{int, int, int, bool}>> by kind and rectangle: what is left, width and height, turned */
    private array $places = [];

    /** @param int $rule see {@see Packer::pack()} */
    public function __construct(private readonly Measured $task, private readonly int $rule, private readonly Effort $effort)
    {
    }

    public function open(Slab ...$slabs): void
    {
        foreach ($slabs as $slab) {
            $this->free[$this->opened++] = $slab;
        }
    }

    /**
     * The rectangle of which least is left, of equal ones the first; it is no longer free.
     *
     * @return array{Slab, int, int, bool}|null width and height of the piece, turned; null: it fits none
     */
    public function take(int $kind): ?array
    {
        // Counted as if each had been looked at: how it is found is not what is planned by.
        $this->effort->spend(2 + count($this->free) * count($this->task->ways[$kind]));
        $this->look($kind);
        $best = null;
        $least = PHP_INT_MAX;
        foreach ($this->places[$kind] as $at => $place) {
            if (! isset($this->free[$at])) {
                unset($this->places[$kind][$at]);
            } elseif ($place[0] < $least) {
                $least = $place[0];
                $best = $at;
            }
        }
        if ($best === null) {
            return null;
        }
        [, $width, $height, $turned] = $this->places[$kind][$best];
        $slab = $this->free[$best];
        unset($this->free[$best], $this->places[$kind][$best]);

        return [$slab, $width, $height, $turned];
    }

    /** At what has become free since the kind was asked for last. */
    private function look(int $kind): void
    {
        $from = $this->seen[$kind] ?? 0;
        $this->seen[$kind] = $this->opened;
        $this->places[$kind] ??= [];
        $narrowest = $this->task->narrowest;
        for ($at = $from; $at < $this->opened; $at++) {
            $slab = $this->free[$at] ?? null;
            if ($slab === null) {
                continue;
            }
            $least = PHP_INT_MAX;
            foreach ($this->task->ways[$kind] as [$width, $height, $turned]) {
                $beside = $slab->width - $width;
                $below = $slab->height - $height;
                if ($beside < 0 || $below < 0 || ($beside > 0 && $beside < $narrowest) || ($below > 0 && $below < $narrowest)) {
                    continue;
                }
                $left = match ($this->rule) {
                    0 => $slab->width * $slab->height - $width * $height,
                    1 => min($beside, $below),
                    default => max($beside, $below),
                };
                if ($left < $least) {
                    $least = $left;
                    $this->places[$kind][$at] = [$left, $width, $height, $turned];
                }
            }
        }
    }
}
