<?php

declare(strict_types=1);

namespace Ephemeron\Furniture;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Corner;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\GlueZone;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\PanelGrid;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Part;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Side;
use Ephemeron\Paper\StockRole;

/**
 * A panel with a tab: the tab is glued to the face along one edge, under its mat, and the panel closes over it.
 *
 * Side A lies inside when it is shut, so its fold is a valley; the front is side B. Source: common practice, no published source.
 */
final readonly class HingedFlap
{
    /**
     * @param Rectangle $area where the panel lies on the face when it is shut
     * @param Edge $hinge the edge of that area it turns on
     * @param string $number which of several alike
     */
    public function __construct(
        private Spot $spot,
        private Rectangle $area,
        private Edge $hinge,
        private Length $tab,
        private string $name,
        private string $section = 'Flaps',
        private string $number = '',
        private Depth $depth = Depth::Hinge,
    ) {
    }

    /**
     * @param string $key of the flap; its faces are `key/front` and `key/inside`
     * @param string $task in which it is glued on
     * @param list<Corner> $corners
     * @return array{front: Face, inside: Face}
     */
    public function add(string $key, string $task, array $corners = [], bool $insideTakesMat = true): array
    {
        $grid = $this->grid();
        $spot = $this->spot;
        $part = $spot->draft->part(new Part(
            key: $key,
            name: $this->name,
            section: $this->section,
            size: $grid->size(),
            role: StockRole::StructureCard,
            creases: $grid->creases(),
            glueZones: [new GlueZone($this->hinge->isUpright() ? $grid->area('tab') : $grid->area('', 'tab'), Side::B, Adhesive::Tape)],
            panels: $grid->panels(),
            upright: false,
            places: [$spot->face->name],
            corners: $corners,
            why: "Panel and tab: {$grid->inWords($spot->notation)}.",
        ));
        $spot->draft->add(
            new Joint(
                new PanelRef($part, 'tab', Side::B),
                $spot->face->paper,
                $this->area,
                Adhesive::Tape,
                Layer::Flap,
                $task,
                $spot->face->key,
                held: $this->area->strip($this->hinge, $this->tab),
                depth: $this->depth,
            ),
        );
        $label = trim(lcfirst($this->name)." {$this->number}");
        $front = $spot->face->front(
            "{$key}/front",
            "{$spot->face->name}, ".$label,
            $this->area->size(),
            new PanelRef($part, 'flap', Side::B),
            true,
            $this->hinge,
            true,
            Lie::Upright->over($this->hinge),
        );
        // Drawn as it lies open.
        $inside = $front->reverse("{$key}/inside", "{$spot->face->name}, inside of the ".$label, $insideTakesMat);
        $spot->draft->face($front);
        $spot->draft->face($inside);
        $spot->draft->add(new Flap($key, ucfirst($label), $spot->face->key, $this->area, $this->hinge, $front->key, $inside->key));

        return ['front' => $front, 'inside' => $inside];
    }

    private function grid(): PanelGrid
    {
        $size = $this->area->size();
        $spans = ['tab' => $this->tab, 'flap' => $this->hinge->isUpright() ? $size->width : $size->height];
        // Open, the tab lies on the face and the panel beyond its edge: for a hinge at the right the tab is at the left.
        $spans = $this->hinge === Edge::Right || $this->hinge === Edge::Bottom ? $spans : array_reverse($spans, true);

        return $this->hinge->isUpright() ? PanelGrid::columns($spans, $size->height) : PanelGrid::rows($size->width, $spans);
    }
}
