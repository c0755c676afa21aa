<?php

declare(strict_types=1);

namespace Ephemeron\AsMade;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Filling;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Layer;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Blueprint\Slide;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/** All places of a book where the measure of one piece depends closely on that of another: mats on their card, cards in their pockets. */
final readonly class CloseFits
{
    /** What lies further inside, both sides together, is not fitted to what it lies on (common practice, no published source). */
    private static function close(): Length
    {
        return Length::inches(1);
    }

    /** @return list<CloseFit> */
    public static function of(Blueprint $blueprint): array
    {
        $fits = [];
        foreach ($blueprint->all(Joint::class) as $joint) {
            if ($joint->face !== null && $joint->from->panel === 'whole' && in_array($joint->layer, [Layer::Mat, Layer::Cover], true)) {
                array_push($fits, ...self::lying($blueprint, $joint));
            }
        }
        foreach ($blueprint->all(Filling::class) as $filling) {
            array_push($fits, ...self::slipping($blueprint, $filling));
        }
        foreach ($blueprint->all(Slide::class) as $slide) {
            if ($slide->part !== null && $slide->holder !== null && $slide->along !== null) {
                // Between the ends that are glued: no side of the holder measures that.
                $fits[] = new CloseFit(
                    FitKind::Slips,
                    new Dimension($slide->part, $slide->along),
                    new Dimension($slide->holder, $slide->along),
                    $slide->room->minus($slide->breadth),
                    $slide->play->half(),
                    false,
                );
            }
        }
        $known = [];
        foreach ($fits as $fit) {
            $key = "{$fit->held->part} {$fit->held->axis->value} {$fit->holder->part} {$fit->holder->axis->value} {$fit->play->ticks}";
            $known[$key] = $fit;
        }

        return array_values($known);
    }

    /** @return list<CloseFit> */
    private static function lying(Blueprint $blueprint, Joint $joint): array
    {
        $face = $blueprint->face($joint->face ?? '');
        $held = $blueprint->part($joint->from->part);
        $holder = $blueprint->part($joint->onto->part);
        $panel = $holder->panel($joint->onto->panel)->area->size;
        // As the reader sees it: a mat lies as it was laid, the panel of a sheet as its face lies.
        $isOfFace = $joint->onto->part === $face->paper->part;
        $room = $isOfFace ? ($face->matted->size ?? $face->size) : self::seenOf($blueprint, $joint);
        if ($room === null || ($isOfFace && $face->matted !== null)) {
            return [];
        }
        $fits = [];
        foreach (Axis::cases() as $seen) {
            $own = self::axis($joint->area->size, $held->size, $seen);
            $below = self::axis($room, $panel, $seen);
            $play = $room->along($seen)->minus($joint->area->size->along($seen));
            $isWhole = $below !== null && $panel->along($below)->equals($holder->size->along($below));
            if ($own === null || $below === null || $play->isLessThan(Length::zero()) || $play->isMoreThan(self::close())) {
                continue;
            }
            $fits[] = new CloseFit(
                FitKind::Lies,
                new Dimension($held->key, $own),
                new Dimension($holder->key, $below),
                $play,
                Length::zero(),
                $isWhole,
            );
        }

        return $fits;
    }

    /** @return list<CloseFit> */
    private static function slipping(Blueprint $blueprint, Filling $filling): array
    {
        $pouch = $blueprint->find(Pouch::class, $filling->pouch);
        if ($pouch?->front === null) {
            return [];
        }
        $held = $blueprint->part($filling->part);
        $front = $blueprint->part($pouch->front->part);
        $panel = $front->panel($pouch->front->panel)->area->size;
        $seen = $pouch->opening->isUpright() ? Axis::Height : Axis::Width;
        $below = self::axis($pouch->size, $panel, $seen);
        $inner = $pouch->innerWidth();
        // Broadside where it goes in so, else on end.
        $own = null;
        foreach ([$held->size->width->isAtLeast($held->size->height) ? Axis::Width : Axis::Height, Axis::Width, Axis::Height] as $axis) {
            if ($own === null && $filling->folded === null && $inner->isAtLeast($held->size->along($axis))) {
                $own = $axis;
            }
        }
        if ($own === null || $below === null) {
            return [];
        }
        $play = $inner->minus($held->size->along($own));

        return $play->isMoreThan(self::close()) ? [] : [new CloseFit(
            FitKind::Slips,
            new Dimension($held->key, $own),
            new Dimension($front->key, $below),
            $play,
            Pouch::glueLoss(),
            $panel->along($below)->equals($front->size->along($below)),
        )];
    }

    private static function seenOf(Blueprint $blueprint, Joint $joint): ?Size
    {
        foreach ($blueprint->on($joint->face ?? '') as $below) {
            if ($below->from->part === $joint->onto->part && $below->area->overlaps($joint->area)) {
                return $below->area->size;
            }
        }

        return null;
    }

    /** Which side of a piece lies along a direction as it is seen; null where it lies in neither way. */
    private static function axis(Size $seen, Size $own, Axis $along): ?Axis
    {
        return match (true) {
            $seen->equals($own) => $along,
            $seen->equals($own->turned()) => $along->across(),
            default => null,
        };
    }
}
