<?php

declare(strict_types=1);

namespace Ephemeron\Gathering;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * A card as large as the largest sheet, open, that fits the cover: every sheet is laid on it first by height, then by width. The cover is
 * ¼ in or 6 mm larger than the folded sheet each way, and nothing may show beyond it (common practice, no published source).
 */
final readonly class Template
{
    /** @param Size $leaf a folded sheet: half of the open width */
    private function __construct(public Size $leaf)
    {
    }

    public static function ofLeaf(Size $leaf): self
    {
        return new self($leaf);
    }

    /**
     * @param Size $cover one board, or half of a soft cover
     * @param Length $less what the folded sheet is smaller, each way
     * @param Length $tabs room left at the fore-edge for what stands out of the leaves
     *
     * @throws TooSmallCover when nothing is left
     */
    public static function fromCover(Size $cover, Length $less, Length $tabs): self
    {
        $leaf = new Size($cover->width->minus($less, $tabs), $cover->height->minus($less));
        if (! $leaf->width->isPositive() || ! $leaf->height->isPositive()) {
            throw new TooSmallCover($cover);
        }

        return new self($leaf);
    }

    /** The cover for it. */
    public function cover(Length $less, Length $tabs): Size
    {
        return new Size($this->leaf->width->plus($less, $tabs), $this->leaf->height->plus($less));
    }

    /** The card to cut. */
    public function open(): Size
    {
        return new Size($this->leaf->width->times(2), $this->leaf->height);
    }
}
