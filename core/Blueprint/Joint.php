<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;

/** This side of a part lies on that side of another, there, held so. Joints are listed in the order in which things cover each other. */
final readonly class Joint implements Fact
{
    /**
     * @param PanelRef $from the side that gets the glue
     * @param PanelRef $onto what it is put on
     * @param Rectangle $area where: on the face as the reader sees it, or on the panel from its own top left
     * @param string $task key of the task in which hands do it
     * @param Polygon|null $shape its outline from the area’s corner, where it is no rectangle
     * @param string|null $face key of the face it lies on, null where it ends up inside the book
     * @param Rectangle|null $held what of the area is glued, where that is not all of it: the tab of a flap
     * @param Depth|null $depth how deep it lies on its face, where that does not follow from what it is
     * @param string|null $pouch key of the pouch it closes
     * @param bool $isLap whether two pieces are made one by it, so that what lies on them goes over the joint
     * @param Edge|null $by the edge along which it is held, where that is not all of its panel: on its own sheet, side A up
     * @param Edge|null $towards where that edge looks on the sheet it is put on, side A up, where the piece is turned for it
     */
    public function __construct(
        public PanelRef $from,
        public PanelRef $onto,
        public Rectangle $area,
        public Adhesive $adhesive,
        public Layer $layer,
        public string $task,
        public ?string $face = null,
        public ?Polygon $shape = null,
        public ?Rectangle $held = null,
        private ?Depth $depth = null,
        public ?string $pouch = null,
        public bool $isLap = false,
        public ?Edge $by = null,
        public ?Edge $towards = null,
    ) {
    }

    /** The same, lying elsewhere. */
    public function lying(Rectangle $area): self
    {
        return new self(
            $this->from,
            $this->onto,
            $area,
            $this->adhesive,
            $this->layer,
            $this->task,
            $this->face,
            $this->shape,
            $this->held,
            $this->depth,
            $this->pouch,
            $this->isLap,
            $this->by,
            $this->towards,
        );
    }

    /** Where it touches its face. */
    public function contact(): Rectangle
    {
        return $this->held ?? $this->area;
    }

    /**
     * The same for all joints that hold other pieces as this one does: the same panels and sides of them on each other, in the same way.
     *
     * @return string|null null on a face, where each has its place, and of what is held by a part of its panel
     */
    public function likeness(): ?string
    {
        if ($this->face !== null || $this->held !== null || $this->shape !== null) {
            return null;
        }

        return implode(' ', [
            $this->from->panel,
            $this->from->side->value,
            $this->onto->panel,
            $this->onto->side->value,
            $this->adhesive->value,
            $this->layer->value,
            $this->isLap ? 'lap' : '',
            $this->by?->value,
            $this->towards?->value,
        ]);
    }

    public function depth(): Depth
    {
        return $this->depth ?? $this->layer->depth();
    }

    public function mark(): null
    {
        return null;
    }
}
