<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Side;

/**
 * What of a sheet one sees on a piece: the place it is cut from, as it lies on the printed side, and how the print is turned to lie on the
 * piece as the reader sees it.
 */
final readonly class Crop
{
    /**
     * @param string $supply what the sheet is known by in the drawer; empty where it is from none
     * @param string $paper name of the paper
     * @param string $sheet key of the cut sheet, and which of those alike: `stone-3 #2`
     * @param Rectangle $area seen from that side, from the upper left of what is cut
     * @param int $quarters by which the print is turned clockwise, 0 to 3
     * @param string|null $colour of that side from afar
     */
    public function __construct(
        public string $supply,
        public string $paper,
        public string $sheet,
        public Side $side,
        public Rectangle $area,
        public int $quarters,
        public ?string $colour = null,
    ) {
    }

    /**
     * A part of it.
     *
     * @param Rectangle $within the piece, as the reader sees it
     * @param int $quarters by which that part is turned clockwise once more
     */
    public function part(Rectangle $within, int $quarters = 0): self
    {
        [$left, $top] = [$within->left(), $within->top()];
        [$right, $bottom] = [$within->right(), $within->bottom()];
        // From the print's own upper left: turned back.
        [$x, $y] = match ($this->quarters) {
            1 => [$top, $this->area->height()->minus($right)],
            2 => [$this->area->width()->minus($right), $this->area->height()->minus($bottom)],
            3 => [$this->area->width()->minus($bottom), $left],
            default => [$left, $top],
        };
        $size = $this->quarters % 2 === 0 ? $within->size() : $within->size()->turned();

        return new self(
            $this->supply,
            $this->paper,
            $this->sheet,
            $this->side,
            Rectangle::at($this->area->left()->plus($x), $this->area->top()->plus($y), $size),
            ($this->quarters + $quarters) % 4,
            $this->colour,
        );
    }

    /** On its head or on its side. */
    public function isFallen(): bool
    {
        return $this->quarters !== 0;
    }

    /** The same place as it is told at the trimmer, side A up, the sheet being so wide. */
    public function fromAbove(Length $sheet): Rectangle
    {
        return $this->side === Side::A ? $this->area
            : Rectangle::at($sheet->minus($this->area->right()), $this->area->top(), $this->area->size());
    }
}
