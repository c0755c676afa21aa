<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

use Ephemeron\Geometry\Edge;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;

/** A paper of the heap from which signatures are gathered. */
final readonly class LeafPaper
{
    /**
     * @param string $key by which the sheets of a signature name it; without spaces
     * @param Stock $stock the paper; its sheet as it lies before one, width × height, of what is not rectangular the box round it
     * @param int $count how many there are, 1 to 999
     * @param bool $hasText printed text, which should not face other text
     * @param int|null $hue 0 to 359 on the wheel, null for white, grey and what has no hue
     * @param bool $isReference like a dictionary, a table of numbers: one of these a signature is enough
     * @param Edge|null $bag the edge at which a bag or an envelope is open
     * @param bool $isMade a folio or the like that is made already and sewn in along a score: nothing is cut or folded for it
     */
    public function __construct(
        public string $key,
        public Stock $stock,
        public LeafKind $kind = LeafKind::Plain,
        public int $count = 1,
        public bool $hasText = false,
        public WritingSpace $front = WritingSpace::All,
        public WritingSpace $back = WritingSpace::All,
        public ?int $hue = null,
        public bool $isReference = false,
        public ?Edge $bag = null,
        public bool $isMade = false,
    ) {
    }

    public function with(
        ?string $key = null,
        ?Stock $stock = null,
        ?LeafKind $kind = null,
        ?int $count = null,
        ?bool $hasText = null,
        ?WritingSpace $front = null,
        ?WritingSpace $back = null,
        ?bool $isReference = null,
        ?bool $isMade = null,
    ): self {
        return new self(
            $key ?? $this->key,
            $stock ?? $this->stock,
            $kind ?? $this->kind,
            $count ?? $this->count,
            $hasText ?? $this->hasText,
            $front ?? $this->front,
            $back ?? $this->back,
            $this->hue,
            $isReference ?? $this->isReference,
            $this->bag,
            $isMade ?? $this->isMade,
        );
    }

    /** @param int|null $hue 0 to 359 on the wheel, null for none */
    public function dyed(?int $hue): self
    {
        return $this->told($hue, $this->bag);
    }

    /** A bag or an envelope, open at that edge; null for a sheet. */
    public function openAt(?Edge $bag): self
    {
        return $this->told($this->hue, $bag);
    }

    /** Turned a quarter where that comes nearer to the template's own shape: sheets are bought upright and folded across. */
    public function lying(Template $template): self
    {
        $open = $template->open();
        $miss = static fn (Size $sheet): int => abs($sheet->width->ticks - $open->width->ticks)
            + abs($sheet->height->ticks - $open->height->ticks);

        return $this->isMade || $miss($this->stock->sheet) <= $miss($this->stock->sheet->turned()) ? $this
            : $this->with(stock: $this->stock->with(sheet: $this->stock->sheet->turned()));
    }

    public function writing(Side $side): WritingSpace
    {
        return $side === Side::A ? $this->front : $this->back;
    }

    /** Nothing can be written on either side. */
    public function isSilent(): bool
    {
        return $this->front === WritingSpace::None && $this->back === WritingSpace::None;
    }

    /** Degrees between its hue and another, 0 to 180; null where one of them has none. */
    public function hueFrom(self $other): ?int
    {
        if ($this->hue === null || $other->hue === null) {
            return null;
        }
        $apart = abs($this->hue - $other->hue) % 360;

        return min($apart, 360 - $apart);
    }

    private function told(?int $hue, ?Edge $bag): self
    {
        return new self(
            $this->key,
            $this->stock,
            $this->kind,
            $this->count,
            $this->hasText,
            $this->front,
            $this->back,
            $hue,
            $this->isReference,
            $bag,
            $this->isMade,
        );
    }
}
