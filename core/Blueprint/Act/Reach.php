<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint\Act;

use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Geometry\Rectangle;

/** A place on a surface, and how deep what is done there lies. */
final readonly class Reach
{
    /**
     * @param string $surface key of a face, or `part/panel/side` of a panel that is no face
     * @param Rectangle|null $area on it as the reader sees it; null for all of it
     */
    public function __construct(public string $surface, public Depth $depth, public ?Rectangle $area = null)
    {
    }

    public static function panel(PanelRef $panel, Depth $depth): self
    {
        return new self("{$panel->part}/{$panel->panel}/{$panel->side->value}", $depth);
    }

    /** Whether what lies here can not be got at any more once the other is there. */
    public function isUnder(self $other): bool
    {
        return $this->surface === $other->surface
            && $other->depth->value > $this->depth->value
            && ($this->area === null || $other->area === null || $this->area->overlaps($other->area));
    }
}
