<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Ephemeron\Paper\Side;
use Ephemeron\Paper\Stock;

/** A print that may be taken: a paper of a pad, or what is left over of one. */
final readonly class Offer
{
    /**
     * @param string $id by which the drawer knows it
     * @param Stock $stock as many sheets as are to be had
     * @param Lab|null $front what one sees of side A from afar; null: not known
     * @param bool $isBest meant for a cover
     * @param bool $isBegun a leftover, to be used before a whole sheet is begun
     */
    public function __construct(
        public string $id,
        public Stock $stock,
        public ?Lab $front = null,
        public ?Lab $back = null,
        public bool $isBest = false,
        public bool $isBegun = false,
    ) {
    }

    public function colour(Side $side): ?Lab
    {
        return $side === Side::A ? $this->front : $this->back;
    }

    /** @return list<Side> that are printed */
    public function sides(): array
    {
        return $this->stock->doubleSided ? [Side::A, Side::B] : [Side::A];
    }
}
