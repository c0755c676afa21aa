<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Mount;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Thing;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Point;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Paper\Stock;
use Ephemeron\Paper\StockRole;

/**
 * Everything that lies on the pages of a book, with its place measured from the spine. Filled, there is a mounted print in every pocket
 * and on every free page, a print on every photo mat and on every flap that carries nothing else.
 */
final class Layers
{
    /** A print is 0.25 mm thick (common practice, no published source). */
    private const PRINT = 250;

    /** @var array<string, array{int, int, int, int, int, int}> left, right, top, bottom, built, filled by place */
    private array $layers = [];

    /** @var array<string, list<Pouch>> by face */
    private array $pouches = [];

    /** @var array<string, int> places for one print, by face */
    private array $mounts = [];

    private Length $mounted;

    private bool $leavesArePockets = false;

    /** @param array<string, Stock> $materials by role */
    public function __construct(private readonly Blueprint $blueprint, private readonly array $materials)
    {
        foreach ($blueprint->all(Pouch::class) as $pouch) {
            $this->pouches[$pouch->face][] = $pouch;
            $this->leavesArePockets = $this->leavesArePockets || $pouch->isALeaf();
        }
        foreach ($blueprint->all(Mount::class) as $mount) {
            $this->mounts[$mount->face] = ($this->mounts[$mount->face] ?? 0) + 1;
        }
        $this->mounted = self::print()->plus(($materials[StockRole::InsertCard->value] ?? null)->caliper ?? Length::zero());
    }

    public static function print(): Length
    {
        return Length::micrometres(self::PRINT);
    }

    /** @return list<array{int, int, int, int, int, int}> left, right from the spine, top, bottom; built, filled; all in ticks */
    public function all(): array
    {
        foreach ($this->blueprint->pages() as $page) {
            $hasPrints = $this->on($page, $page, new Point(Length::zero(), Length::zero()));
            if (! $hasPrints && ! $page->isCover() && ! $this->leavesArePockets && ! $this->blueprint->isWrittenOn($page)) {
                $this->lay($page, $this->printOn($page), 0, $this->mounted->ticks);
            }
        }

        return array_values($this->layers);
    }

    /** @return bool whether prints go on it */
    private function on(Face $page, Face $face, Point $at): bool
    {
        foreach ($this->blueprint->on($face->key) as $joint) {
            $caliper = $this->materials[$this->blueprint->part($joint->from->part)->paper()]->caliper->ticks;
            $this->lay($page, $joint->area->movedBy($at), $caliper, $caliper);
        }
        $hasPrints = false;
        foreach ($this->pouches[$face->key] ?? [] as $pouch) {
            $area = $this->blueprint->find(Thing::class, $pouch->key)->area ?? Rectangle::whole($pouch->size);
            $this->lay($page, $area->movedBy($at), 0, $this->mounted->ticks);
            $hasPrints = true;
        }
        for ($k = 0; $k < ($this->mounts[$face->key] ?? 0); $k++) {
            $this->lay($page, Rectangle::whole($face->size)->movedBy($at), 0, self::print()->ticks);
            $hasPrints = true;
        }
        foreach ($this->blueprint->frontsOn($face->key) as $front) {
            $place = $this->placeOf($face, $front)->movedBy($at);
            $onFront = $this->on($page, $front, $place->corner());
            if ($front->turns && ! $onFront) {
                $this->lay($page, new Rectangle($place->corner(), $front->size), 0, self::print()->ticks);
            }
            $hasPrints = $hasPrints || $onFront || $front->turns;
        }

        return $hasPrints;
    }

    /** A print on a free page keeps about ½ in off its edges (common practice, no published source). */
    private function printOn(Face $page): Rectangle
    {
        $margin = Length::inches(0, 1, 2);

        return $page->size->shortSide()->isMoreThan($margin->times(3)) ? Rectangle::centred($page->size->within($margin), $page->size)
            : Rectangle::whole($page->size);
    }

    private function placeOf(Face $face, Face $front): Rectangle
    {
        foreach ($this->blueprint->thingsOn($face->key) as $thing) {
            if (in_array($front->key, $thing->faces, true)) {
                return $thing->area;
            }
        }

        return Rectangle::whole($front->size);
    }

    private function lay(Face $page, Rectangle $area, int $built, int $filled): void
    {
        $breadth = $page->size->width->ticks;
        $left = max(0, $area->left()->ticks);
        $right = min($breadth, $area->right()->ticks);
        if ($right <= $left) {
            return;
        }
        if ($page->hinge === Edge::Right) {
            [$left, $right] = [$breadth - $right, $breadth - $left];
        }
        $key = "{$left} {$right} {$area->top()->ticks} {$area->bottom()->ticks}";
        [, , , , $builtThere, $filledThere] = $this->layers[$key] ?? [0, 0, 0, 0, 0, 0];
        $this->layers[$key] = [$left, $right, $area->top()->ticks, $area->bottom()->ticks, $builtThere + $built, $filledThere + $filled];
    }
}
