<?php

declare(strict_types=1);

namespace Ephemeron\Blueprint;

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
    ) {
    }

    public function mark(): null
    {
        return null;
    }
}
