<?php

declare(strict_types=1);

namespace Ephemeron\AsMade;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Face;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Gusset;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Part;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Slide;
use Ephemeron\Fit\Bulk;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * All places of a book where one measure depends closely on another: mats on their card, cards in their pockets, what is glued edge to
 * edge, pages under their covers, what lies in a gusset.
 */
final readonly class CloseFits
{
    public function __construct(private Blueprint $blueprint, private Bulk $bulk)
    {
    }

    /** What lies further inside, both sides together, is not fitted to what it lies on (common practice, no published source). */
    private static function close(): Length
    {
        return Length::inches(1);
    }

    /** @return list<CloseFit> */
    public function all(): array
    {
        $fits = [];
        foreach ($this->blueprint->all(Joint::class) as $joint) {
            array_push($fits, ...$this->lying($joint));
        }
        foreach ($this->blueprint->all(Filling::class) as $filling) {
            array_push($fits, ...$this->slipping($filling));
        }
        foreach ($this->blueprint->all(Slide::class) as $slide) {
            array_push($fits, ...$this->sliding($slide));
        }
        foreach ($this->blueprint->all(Gusset::class) as $gusset) {
            array_push($fits, ...$this->holding($gusset));
        }
        foreach ($this->blueprint->pages() as $face) {
            array_push($fits, ...$this->covered($face));
        }
        $known = [];
        foreach ($fits as $fit) {
            $known["{$fit->key()} {$fit->play->ticks}"] = $fit;
        }

        return array_values($known);
    }

    /** @return list<CloseFit> */
    private function lying(Joint $joint): array
    {
        $held = $this->blueprint->part($joint->from->part);
        $holder = $this->blueprint->part($joint->onto->part);
        $isMat = in_array($joint->layer, [Layer::Mat, Layer::Cover], true);
        $panel = $holder->panel($joint->onto->panel)->area->size();
        $room = $this->roomOf($joint, $panel);
        if ($room === null) {
            return [];
        }
        $fits = [];
        foreach (Axis::cases() as $seen) {
            $own = self::axis($joint->area->size(), $held->panel($joint->from->panel)->area->size(), $seen);
            $below = self::axis($room, $panel, $seen);
            $play = $room->along($seen)->minus($joint->area->size()->along($seen));
            if ($own !== null && $below !== null && self::isClose($play)) {
                $fits[] = $this->fit(
                    $isMat ? FitKind::Lies : FitKind::Glued,
                    Dimension::of($held, $joint->from->panel, $own),
                    Dimension::of($holder, $joint->onto->panel, $below),
                    $play,
                );
            }
        }

        return array_values(array_filter($fits, static fn (CloseFit $fit): bool => ! $fit->isHeld($fit->holder)));
    }

    /** What it lies on, as the reader sees it where it is a face: a mat lies as it was laid, the panel of a sheet as its face lies. */
    private function roomOf(Joint $joint, Size $panel): ?Size
    {
        if ($joint->face === null) {
            return $panel;
        }
        $face = $this->blueprint->face($joint->face);
        if ($joint->onto->part === $face->paper->part) {
            // Where something covers the rest of a face, the mat beside it is not fitted to the paper.
            return $face->matted === null || $joint->layer !== Layer::Mat ? $face->size : null;
        }
        foreach ($this->blueprint->on($joint->face) as $below) {
            if ($below->from->part === $joint->onto->part && $below->area->overlaps($joint->area)) {
                return $below->area->size();
            }
        }

        return null;
    }

    /** @return list<CloseFit> */
    private function slipping(Filling $filling): array
    {
        $pouch = $this->blueprint->find(Pouch::class, $filling->pouch);
        if ($pouch?->front === null || $filling->folded !== null) {
            return [];
        }
        $held = $this->blueprint->part($filling->part);
        $front = $this->blueprint->part($pouch->front->part);
        $seen = $pouch->opening->isUpright() ? Axis::Height : Axis::Width;
        $below = self::axis($pouch->size, $front->panel($pouch->front->panel)->area->size(), $seen);
        $inner = $pouch->innerWidth();
        // Broadside where it goes in so, else on end.
        $own = $held->size->width->isAtLeast($held->size->height) ? Axis::Width : Axis::Height;
        $own = $held->size->along($own)->isMoreThan($inner) ? $own->across() : $own;
        $play = $inner->minus($held->size->along($own));

        return $below === null || ! self::isClose($play) ? [] : [$this->fit(
            FitKind::Slips,
            Dimension::whole($held, $own),
            Dimension::of($front, $pouch->front->panel, $below),
            $play,
            $pouch->leastPlay(),
        )];
    }

    /** @return list<CloseFit> */
    private function sliding(Slide $slide): array
    {
        if ($slide->part === null || $slide->holder === null || $slide->along === null) {
            return [];
        }
        $held = $this->blueprint->part($slide->part);
        $holder = Dimension::betweenEnds($this->blueprint->part($slide->holder), $slide->along);
        $play = $slide->room->minus($slide->breadth);

        return [$this->fit(FitKind::Slips, Dimension::whole($held, $slide->along), $holder, $play, $slide->play->half())];
    }

    /** @return list<CloseFit> */
    private function holding(Gusset $gusset): array
    {
        $load = $gusset->leaves->plus(...array_map($this->bulk->filled(...), $gusset->faces));
        $play = $gusset->width->minus($load);
        $fits = [];
        foreach ($play->isMoreThan(self::close()) ? [] : $gusset->panels as $made) {
            $part = $this->blueprint->part($made->part);
            $size = $part->panel($made->panel)->area->size();
            $axis = $size->height->equals($gusset->width) && ! $size->width->equals($gusset->width) ? Axis::Height : Axis::Width;
            $fits[] = $this->fit(FitKind::Holds, null, Dimension::of($part, $made->panel, $axis), $play);
        }

        return $fits;
    }

    /** @return list<CloseFit> */
    private function covered(Face $face): array
    {
        $front = $this->blueprint->faces['front-cover'] ?? null;
        if ($front === null || $face->isCover() || $face->paper->part === $front->paper->part) {
            return [];
        }
        [$page, $pageSize] = $this->paperOf($face);
        [$cover, $coverSize] = $this->paperOf($front);
        $fits = [];
        foreach (Axis::cases() as $seen) {
            $own = self::axis($face->size, $pageSize, $seen);
            $over = self::axis($front->size, $coverSize, $seen);
            $play = $front->size->along($seen)->minus($face->size->along($seen));
            if ($own !== null && $over !== null && self::isClose($play)) {
                $fits[] = $this->fit(
                    FitKind::Covered,
                    Dimension::of($page, $face->paper->panel, $own),
                    Dimension::of($cover, $front->paper->panel, $over),
                    $play,
                );
            }
        }

        return $fits;
    }

    private function fit(FitKind $kind, ?Dimension $held, Dimension $holder, Length $play, ?Length $least = null): CloseFit
    {
        return new CloseFit($kind, $held, $holder, $play, $least ?? Length::zero());
    }

    /** @return array{Part, Size} what paper one looks at, and the size of its panel on the sheet */
    private function paperOf(Face $face): array
    {
        $part = $this->blueprint->part($face->paper->part);

        return [$part, $part->panel($face->paper->panel)->area->size()];
    }

    private static function isClose(Length $play): bool
    {
        return $play->isAtLeast(Length::zero()) && ! $play->isMoreThan(self::close());
    }

    /** Which side of a piece lies along a direction as it is seen, where only a tab of it does too; null where it lies in neither way. */
    private static function axis(Size $seen, Size $own, Axis $along): ?Axis
    {
        $as = static fn (Axis $from, Axis $to): bool => $seen->along($from)->equals($own->along($to));
        $lies = static fn (bool $turned): int => count(array_filter(
            Axis::cases(),
            static fn (Axis $each): bool => $as($each, $turned ? $each->across() : $each),
        ));
        $isTurned = $lies(true) > $lies(false);

        return match (true) {
            ! $as($along, $isTurned ? $along->across() : $along) => null,
            $isTurned => $along->across(),
            default => $along,
        };
    }
}
