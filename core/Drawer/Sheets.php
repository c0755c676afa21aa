<?php

declare(strict_types=1);

namespace Ephemeron\Drawer;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\PaperKind;

/** So many sheets of one kind and size: there, wanted or missing. */
final readonly class Sheets
{
    /** @param bool $forCovers there: kept for covers; wanted: for a cover */
    public function __construct(public PaperKind $kind, public Size $size, public int $count, public bool $forCovers = false)
    {
    }

    /**
     * Whether a sheet of these gives all that a sheet of the others gives: it is as large, lying or standing.
     *
     * Half a millimetre does not count: what is sold as 12 × 12 in is sold as 30.5 × 30.5 cm too (common practice, no published source).
     */
    public function serve(self $others): bool
    {
        return $this->kind === $others->kind
            && ($others->forCovers || ! $this->forCovers)
            && $this->size->longSide()->plus(Length::micrometres(500))->isAtLeast($others->size->longSide())
            && $this->size->shortSide()->plus(Length::micrometres(500))->isAtLeast($others->size->shortSide());
    }

    public function plus(int $count): self
    {
        return new self($this->kind, $this->size, $this->count + $count, $this->forCovers);
    }

    public function less(int $count): self
    {
        return new self($this->kind, $this->size, $this->count - $count, $this->forCovers);
    }

    /** The same for all that differ in nothing but number. */
    public function key(): string
    {
        return "{$this->kind->value} {$this->size->width->ticks} {$this->size->height->ticks}".($this->forCovers ? ' cover' : '');
    }

    public function area(): int
    {
        return $this->size->width->ticks * $this->size->height->ticks;
    }
}
