<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Geometry\Edge;
use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Stock;

/**
 * How thick the closed book is at every distance from its spine: its bare leaves, and at every place what is glued and put in there, layer by layer. A slice is as thick as
 * its thickest place from head to foot, for that is what holds the covers apart.
 */
final readonly class Profile
{
    /** A print, in millimetres of thickness as elsewhere (0.25 mm; common practice, no published source). */
    private const PRINT = 250;

    /** @param non-empty-list<Slice> $slices from the spine to the fore-edge */
    private function __construct(public array $slices, public Length $bare, public Size $closed)
    {
    }

    /** @param array<string, Stock> $materials by role */
    public static function of(Blueprint $blueprint, array $materials): self
    {
        $closed = $blueprint->closedSize();
        /** @var list<array{int, int, int, int, int, int}> $layers left, right from the spine; top, bottom; built, filled */
        $layers = [];
        foreach ($blueprint->pages() as $page) {
            self::gather($blueprint, $materials, $page, $page, Length::zero(), Length::zero(), $layers);
        }

        return new self(self::slices($layers, $blueprint->bare, $closed), $blueprint->bare, $closed);
    }

    public function spine(bool $filled): Length
    {
        return $filled ? $this->slices[0]->filled : $this->slices[0]->built;
    }

    public function foreEdge(bool $filled): Length
    {
        $last = $this->slices[count($this->slices) - 1];

        return $filled ? $last->filled : $last->built;
    }

    public function thickest(bool $filled): Length
    {
        return Length::longest(...array_map(static fn (Slice $slice): Length => $filled ? $slice->filled : $slice->built, $this->slices));
    }

    /** How much more the book holds where it is thickest than where it is bound: so far its fore-edge gapes. */
    public function gape(bool $filled): Length
    {
        return $this->thickest($filled)->minus($this->bare);
    }

    /** Once round the filled book across its width, without an overlap. */
    public function round(): Length
    {
        return $this->closed->width->plus($this->thickest(true))->times(2);
    }

    /**
     * What lies on a face, and on what lies there, with its place on the page.
     *
     * @param array<string, Stock> $materials
     * @param list<array{int, int, int, int, int, int}> $layers
     */
    private static function gather(Blueprint $blueprint, array $materials, Face $page, Face $face, Length $dx, Length $dy, array &$layers): void
    {
        foreach ($blueprint->on($face->key) as $joint) {
            $caliper = $materials[$blueprint->part($joint->from->part)->role->value]->caliper->ticks;
            self::lay($page, $joint->area, $dx, $dy, $caliper, $caliper, $layers);
        }
        foreach ($blueprint->pouches as $pouch) {
            if ($pouch->face === $face->key) {
                self::lay($page, Rectangle::whole($pouch->size), $dx, $dy, 0, Length::micrometres(self::PRINT)->ticks, $layers);
            }
        }
        foreach ($blueprint->mounts as $mount) {
            if ($mount->face === $face->key) {
                self::lay($page, Rectangle::whole($face->size), $dx, $dy, 0, Length::micrometres(self::PRINT)->ticks, $layers);
            }
        }
        foreach ($blueprint->lumps as $lump) {
            if ($lump->face === $face->key) {
                self::lay($page, Rectangle::whole($face->size), $dx, $dy, 0, $lump->thickness->ticks, $layers);
            }
        }
        foreach ($blueprint->frontsOn($face->key) as $front) {
            $at = self::placeOf($blueprint, $face->key, $front);
            self::gather($blueprint, $materials, $page, $front, $dx->plus($at->left()), $dy->plus($at->top()), $layers);
        }
    }

    private static function placeOf(Blueprint $blueprint, string $on, Face $front): Rectangle
    {
        foreach ($blueprint->thingsOn($on) as $thing) {
            if (in_array($front->key, $thing->faces, true)) {
                return $thing->area;
            }
        }

        return Rectangle::whole($front->size);
    }

    /** @param list<array{int, int, int, int, int, int}> $layers */
    private static function lay(Face $page, Rectangle $area, Length $dx, Length $dy, int $built, int $filled, array &$layers): void
    {
        $left = max(0, $area->left()->plus($dx)->ticks);
        $right = min($page->size->width->ticks, $area->right()->plus($dx)->ticks);
        if ($right <= $left) {
            return;
        }
        if ($page->hinge === Edge::Right) {
            [$left, $right] = [$page->size->width->ticks - $right, $page->size->width->ticks - $left];
        }
        $layers[] = [$left, $right, $area->top()->plus($dy)->ticks, $area->bottom()->plus($dy)->ticks, $built, $filled];
    }

    /**
     * @param list<array{int, int, int, int, int, int}> $layers
     * @return non-empty-list<Slice>
     */
    private static function slices(array $layers, Length $bare, Size $closed): array
    {
        $width = max(1, $closed->width->ticks);
        $xs = [0, $width];
        foreach ($layers as [$left, $right]) {
            array_push($xs, min($left, $width), min($right, $width));
        }
        $xs = array_values(array_unique($xs));
        sort($xs);
        $slices = [];
        for ($k = 0; $k < count($xs) - 1; $k++) {
            [$built, $filled] = self::thickestBetween($layers, $xs[$k], $xs[$k + 1]);
            $last = $slices[count($slices) - 1] ?? null;
            if ($last !== null && $last->built->equals($bare->plus(Length::ofTicks($built))) && $last->filled->equals($bare->plus(Length::ofTicks($filled)))) {
                array_pop($slices);
                $slices[] = new Slice($last->from, Length::ofTicks($xs[$k + 1]), $last->built, $last->filled);

                continue;
            }
            $slices[] = new Slice(Length::ofTicks($xs[$k]), Length::ofTicks($xs[$k + 1]), $bare->plus(Length::ofTicks($built)), $bare->plus(Length::ofTicks($filled)));
        }

        return $slices === [] ? [new Slice(Length::zero(), $closed->width, $bare, $bare)] : $slices;
    }

    /**
     * @param list<array{int, int, int, int, int, int}> $layers
     * @return array{int, int} built and filled, where most lies on each other from head to foot
     */
    private static function thickestBetween(array $layers, int $from, int $to): array
    {
        $steps = [];
        foreach ($layers as [$left, $right, $top, $bottom, $built, $filled]) {
            if ($left < $to && $right > $from) {
                $steps[] = [$top, $built, $filled];
                $steps[] = [$bottom, -$built, -$filled];
            }
        }
        usort($steps, static fn (array $one, array $other): int => [$one[0], $one[2], $one[1]] <=> [$other[0], $other[2], $other[1]]);
        [$builtNow, $filledNow, $builtMost, $filledMost] = [0, 0, 0, 0];
        foreach ($steps as [, $built, $filled]) {
            $builtNow += $built;
            $filledNow += $filled;
            $builtMost = max($builtMost, $builtNow);
            $filledMost = max($filledMost, $filledNow);
        }

        return [$builtMost, $filledMost];
    }
}
