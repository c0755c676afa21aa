<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

use Ephemeron\Geometry\Rectangle;
use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;

/**
 * Fills one sheet as well as it can, cuts as many sheets alike as the remaining pieces allow, and goes on.
 *
 * A sheet is filled by recursion: put a piece into the corner of a rectangle, divide what is left by a cut along one side
 * or the other, fill both remainders. At the top every piece, way round and division is tried; below, a few rules of
 * preference are. The same input always gives the same plan.
 */
final readonly class GreedyPlanner implements CutPlanner
{
    public function plan(array $demands, Supply $supply, Trimmer $trimmer): CutPlan
    {
        $fitting = [];
        $missing = [];
        foreach ($demands as $demand) {
            if ($this->comesOff($demand, $supply->sheet, $trimmer)) {
                $fitting[] = $demand;
            } else {
                $missing[$demand->key] = $demand->quantity;
            }
        }
        $oversize = array_map(strval(...), array_keys($missing));

        $kinds = Kind::among($fitting);
        $left = array_map(static fn (Kind $kind): int => $kind->quantity, $kinds);
        $wanted = array_column(array_map(static fn (Demand $demand): array => [$demand->key, $demand->quantity], $fitting), 1, 0);
        $patterns = [];
        $used = 0;
        $filling = new SheetFilling($kinds, $trimmer);
        while (array_sum($left) > 0 && ($supply->available === null || $used < $supply->available)) {
            $fill = $filling->fill($supply->sheet, $left);
            if ($fill->pieces === []) {
                break;
            }
            $count = $supply->available === null ? PHP_INT_MAX : $supply->available - $used;
            foreach ($fill->pieces as $index => $taken) {
                $count = min($count, intdiv($left[$index], $taken));
            }
            $gives = [];
            foreach ($fill->pieces as $index => $taken) {
                $left[$index] -= $count * $taken;
                $gives += $this->handOut($kinds[$index], $count * $taken, $wanted);
            }
            ksort($gives);
            $used += $count;
            $patterns[] = new SheetPattern($supply, $count, $this->withSelvage($filling->tree($fill), $supply), $gives);
        }

        return new CutPlan(
            $patterns,
            (new LowerBound)->sheets($fitting, $supply->sheet),
            $missing + array_filter($wanted, static fn (int $count): bool => $count > 0),
            $oversize,
        );
    }

    /**
     * Gives pieces of one kind to the demands that ask for it, the first ones first.
     *
     * @param array<string, int> $wanted how many each demand still wants
     * @return array<string, int> how many each demand gets
     */
    private function handOut(Kind $kind, int $pieces, array &$wanted): array
    {
        $gives = [];
        foreach ($kind->keys as $key) {
            $given = min($pieces, $wanted[$key]);
            if ($given > 0) {
                $gives[$key] = $given;
                $wanted[$key] -= $given;
                $pieces -= $given;
            }
        }

        return $gives;
    }

    /** Whether one piece can be cut from a sheet: it fits, and neither it nor what it leaves beside it is a sliver. */
    private function comesOff(Demand $demand, Size $sheet, Trimmer $trimmer): bool
    {
        if ($demand->size->shortSide()->isLessThan($trimmer->narrowestStrip)) {
            return false;
        }
        foreach ($demand->turnable ? [$demand->size, $demand->size->turned()] : [$demand->size] as $size) {
            $beside = $sheet->width->minus($size->width);
            $below = $sheet->height->minus($size->height);
            if ($this->isCleanRest($beside, $trimmer) && $this->isCleanRest($below, $trimmer)) {
                return true;
            }
        }

        return false;
    }

    private function isCleanRest(Length $rest, Trimmer $trimmer): bool
    {
        return $rest->isZero() || $rest->isAtLeast($trimmer->narrowestStrip);
    }

    private function withSelvage(Piece $tree, Supply $supply): Piece
    {
        if (! $supply->selvage->isPositive()) {
            return $tree;
        }
        $sheet = $supply->sheet;
        $bought = new Size($sheet->width, $sheet->height->plus($supply->selvage));
        $strip = Rectangle::at(Length::zero(), $sheet->height, new Size($sheet->width, $supply->selvage));

        return new Cut(Rectangle::whole($bought), Axis::Height, $sheet->height, $tree, new Offcut($strip, selvage: true));
    }
}
