<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Measure\Axis;

/**
 * A rectangle of a sheet while it is being divided, in the planner's own whole units: free, a piece, or cut in two.
 * It is changed in place because a planner makes thousands of them; what leaves the planner is a tree of {@see Piece}.
 */
final class Slab
{
    public ?int $kind = null;

    public bool $turned = false;

    public ?Axis $along = null;

    public int $at = 0;

    public ?self $first = null;

    public ?self $second = null;

    public function __construct(public int $width, public int $height)
    {
    }

    public function isFree(): bool
    {
        return $this->kind === null && $this->first === null;
    }

    /**
     * Puts a piece into the corner, cutting off what is beside and below it.
     *
     * @param bool $besideFirst the first cut divides the width, so what is beside is as tall as the slab
     * @return list<self> what stays free
     */
    public function place(int $kind, int $width, int $height, bool $turned, bool $besideFirst): array
    {
        $free = [];
        $slab = $this;
        foreach ($besideFirst ? [Axis::Width, Axis::Height] : [Axis::Height, Axis::Width] as $along) {
            $size = $along === Axis::Width ? $width : $height;
            if ($size < ($along === Axis::Width ? $slab->width : $slab->height)) {
                $free[] = $slab->divide($along, $size);
                $slab = $slab->first ?? $slab;
            }
        }
        $slab->kind = $kind;
        $slab->turned = $turned;

        return $free;
    }

    /** @return self the second part; the first is this slab’s own */
    public function divide(Axis $along, int $at): self
    {
        $this->along = $along;
        $this->at = $at;
        $this->first = $along === Axis::Width ? new self($at, $this->height) : new self($this->width, $at);

        return $this->second = $along === Axis::Width ? new self($this->width - $at, $this->height)
            : new self($this->width, $this->height - $at);
    }

    /**
     * Divides it so that a rectangle lies in the corner of each part, side by side or one below the other.
     *
     * @param array{int, int} $one width and height
     * @param array{int, int} $other likewise
     * @param int $width that both together may take
     * @param int $height likewise
     * @return array{self, self}|null the part of each; null: they do not go so, and nothing is changed
     */
    public function part(array $one, array $other, int $width, int $height): ?array
    {
        if ($one[0] + $other[0] <= $width && max($one[1], $other[1]) <= $height) {
            $second = $this->divide(Axis::Width, $one[0]);
        } elseif ($one[1] + $other[1] <= $height && max($one[0], $other[0]) <= $width) {
            $second = $this->divide(Axis::Height, $one[1]);
        } else {
            return null;
        }

        return [$this->first ?? $this, $second];
    }

    /**
     * Puts a piece into the corner in the first way that takes no more than this width and height.
     *
     * @param list<array{int, int, bool}> $ways in which it may lie, see {@see Measured}
     */
    public function placeWithin(int $kind, array $ways, int $width, int $height): void
    {
        foreach ($ways as [$wide, $tall, $turned]) {
            if ($wide <= $width && $tall <= $height) {
                $this->place($kind, $wide, $tall, $turned, $this->width - $wide <= $this->height - $tall);

                return;
            }
        }
    }

    /** Is divided from now on as another of its size is. */
    public function becomes(self $other): void
    {
        [$this->kind, $this->turned, $this->along, $this->at] = [$other->kind, $other->turned, $other->along, $other->at];
        [$this->first, $this->second] = [$other->first, $other->second];
    }

    /** Whether another is a part of it, or it itself. */
    public function contains(self $other): bool
    {
        return $this === $other || $this->first?->contains($other) || $this->second?->contains($other);
    }

    public function __clone()
    {
        $this->first = $this->first === null ? null : clone $this->first;
        $this->second = $this->second === null ? null : clone $this->second;
    }

    /**
     * Takes out pieces that are too many: their places are free again.
     *
     * @param array<int, int> $surplus how many of each kind; counted down
     */
    public function drop(array &$surplus): void
    {
        if ($this->kind !== null && ($surplus[$this->kind] ?? 0) > 0) {
            $surplus[$this->kind]--;
            $this->kind = null;
            $this->turned = false;
        }
        $this->first?->drop($surplus);
        $this->second?->drop($surplus);
    }

    /** Whether every strip that comes off is nothing or broad enough. */
    public function comesOff(int $narrowest): bool
    {
        return min($this->width, $this->height) >= $narrowest
            && ($this->first === null || $this->first->comesOff($narrowest))
            && ($this->second === null || $this->second->comesOff($narrowest));
    }

    /** @param list<self> $slabs */
    public static function allComeOff(array $slabs, int $narrowest): bool
    {
        return array_filter($slabs, static fn (self $slab): bool => ! $slab->comesOff($narrowest)) === [];
    }

    /** How many cuts a blade is too short for. */
    public function longCuts(int $longest): int
    {
        if ($this->along === null || max($this->width, $this->height) <= $longest) {
            return 0;
        }
        $length = $this->along === Axis::Width ? $this->height : $this->width;

        return ($length > $longest ? 1 : 0) + ($this->first?->longCuts($longest) ?? 0) + ($this->second?->longCuts($longest) ?? 0);
    }

    /**
     * @param \Closure(int, bool): void $tell of every cut: where the fence stands, and whether what is in hand is turned for it
     * @param Axis|null $before along which the cut before was
     */
    public function eachCut(\Closure $tell, ?Axis $before = null): void
    {
        if ($this->along !== null) {
            $tell($this->at, $before !== null && $before !== $this->along);
            $this->first?->eachCut($tell, $this->along);
            $this->second?->eachCut($tell, $this->along);
        }
    }

    /** @return array<int, int> how many of each kind */
    public function pieces(): array
    {
        if ($this->kind !== null) {
            return [$this->kind => 1];
        }
        $pieces = $this->first?->pieces() ?? [];
        foreach ($this->second?->pieces() ?? [] as $kind => $count) {
            $pieces[$kind] = ($pieces[$kind] ?? 0) + $count;
        }

        return $pieces;
    }

    /** Area of the pieces in it. */
    public function used(): int
    {
        return $this->kind !== null ? $this->width * $this->height : ($this->first?->used() ?? 0) + ($this->second?->used() ?? 0);
    }

    /** @return list<self> free rectangles */
    public function free(): array
    {
        return $this->isFree() ? [$this] : [...$this->first?->free() ?? [], ...$this->second?->free() ?? []];
    }

    public function largestFree(): int
    {
        return $this->isFree() ? $this->width * $this->height : max($this->first?->largestFree() ?? 0, $this->second?->largestFree() ?? 0);
    }

    /** Two slabs with the same signature are cut alike. */
    public function signature(): string
    {
        return $this->along === null
            ? "{$this->width}x{$this->height}".($this->kind === null ? 'o' : ":{$this->kind}".($this->turned ? 't' : ''))
            : "({$this->along->value}{$this->at}{$this->first?->signature()}{$this->second?->signature()})";
    }
}
