<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Blueprint\Act\Depth;
use Ephemeron\Blueprint\Adhesive;
use Ephemeron\Blueprint\Draft;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Lie;
use Ephemeron\Blueprint\PanelRef;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Polygon;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Size;

/** A pocket that is part of the book itself: a panel turned up, or a piece glued onto a page. */
final readonly class PocketFront
{
    /**
     * @param string $name `Turned-up pocket`
     * @param list<Edge> $glued edges held by glue; folds are not named
     * @param Polygon|null $shape its outline, where it is no rectangle
     * @param bool $kept what the closed book shuts in may stand out of the pocket by more than half
     * @param Size|null $holds width and depth of its inside, where that is not the front's: a foot left open reaches further down
     */
    public function __construct(
        private string $name,
        private PanelRef $paper,
        private Rectangle $area,
        private array $glued,
        private Edge $opening,
        private string $task,
        private bool $takesMat = true,
        private ?Size $holds = null,
        private bool $kept = false,
        private ?Polygon $shape = null,
        private ?Depth $depth = null,
        private Adhesive $adhesive = Adhesive::WetGlue,
    ) {
    }

    /** @return Face its front */
    public function on(Draft $draft, Face $page): Face
    {
        $key = $page->key.'/'.str_replace(' ', '-', strtolower($this->name));
        $draft->add(new Joint(
            new PanelRef($this->paper->part, $this->paper->panel, $this->paper->side->other()),
            $page->paper,
            $this->area,
            $this->adhesive,
            Layer::Pocket,
            $this->task,
            $page->key,
            $this->shape,
            depth: $this->depth,
            pouch: $key,
        ));
        $draft->add(new Pouch(
            key: $key,
            name: "{$this->name} on ".lcfirst($page->name),
            face: $page->key,
            size: $this->holds ?? $this->area->size(),
            glued: $this->glued,
            opening: $this->opening,
            reach: match ($this->opening) {
                Edge::Top => $this->holds === null ? $this->area->bottom() : $this->area->top()->plus($this->holds->height),
                Edge::Bottom => $page->size->height->minus($this->area->top()),
                Edge::Left => $this->area->right(),
                Edge::Right => $page->size->width->minus($this->area->left()),
            },
            kept: $this->kept,
            front: $this->paper,
            behind: $page->paper,
        ));
        $front = $page->front(
            "{$key}/front",
            "{$page->name}, ".lcfirst($this->name),
            $this->area->size(),
            $this->paper,
            $this->takesMat,
            lie: $this->lie($draft, $page),
        );
        $draft->face($front);

        return $front;
    }

    /** A panel of the page's own sheet shows its print turned over the fold; a piece of its own is put on upright. */
    private function lie(Draft $draft, Face $page): Lie
    {
        if ($this->paper->part !== $page->paper->part) {
            return Lie::Upright;
        }
        $part = $draft->partOf($page->paper->part);
        $pocket = $part->panel($this->paper->panel)->area;

        return $page->lie->over($page->edgeOf($part->panel($page->paper->panel)->area->edgeTowards($pocket)));
    }
}
