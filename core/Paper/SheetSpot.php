<?php

declare(strict_types=1);

namespace Ephemeron\Paper;

use Ephemeron\Measure\Length;

/** A place of a sheet that a piece is cut from. */
final readonly class SheetSpot
{
    /**
     * @param Length $left of the piece’s left edge from that of the sheet, side A up
     * @param Length $top of its upper edge from that of the sheet
     * @param int $sheet which of the sheets, from 1: pieces with the same one are cut from the same sheet
     * @param bool $turned its width lies along the height of the sheet
     */
    public function __construct(public Length $left, public Length $top, public int $sheet = 1, public bool $turned = false)
    {
    }

    public function with(?Length $left = null, ?Length $top = null, ?int $sheet = null, ?bool $turned = null): self
    {
        return new self($left ?? $this->left, $top ?? $this->top, $sheet ?? $this->sheet, $turned ?? $this->turned);
    }
}
