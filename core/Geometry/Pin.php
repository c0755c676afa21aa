<?php

declare(strict_types=1);

namespace Ephemeron\Geometry;

use Ephemeron\Paper\SheetSpot;

/** A place on a sheet that a piece must be cut from. */
final readonly class Pin
{
    /** Sheets of spots are counted from here. */
    private const SPOTS = 1000;

    /**
     * @param int $sheet which of the sheets, from 1; pieces pinned to the same one are cut from the same sheet
     * @param Point $corner where the piece's upper left corner comes to lie, from the upper left of the sheet with side A up
     * @param bool $turned its width lies along the height of the sheet
     */
    public function __construct(public int $sheet, public Point $corner, public bool $turned = false)
    {
    }

    /** Cut from this place: on a sheet of its own kind, so that pins said by hand do not meet it by chance. */
    public static function at(SheetSpot $spot): self
    {
        return new self(self::SPOTS + $spot->sheet, new Point($spot->left, $spot->top), $spot->turned);
    }

    public function with(?int $sheet = null, ?Point $corner = null, ?bool $turned = null): self
    {
        return new self($sheet ?? $this->sheet, $corner ?? $this->corner, $turned ?? $this->turned);
    }
}
