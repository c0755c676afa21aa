<?php

declare(strict_types=1);

namespace Ephemeron\Cutting;

/**
 * Dual feasible functions for the sides of pieces along one side of a sheet. They say a side as a share of the sheet’s, so that sides
 * that fit beside each other never come to more than 1:
 *
 * - the identity, which gives the plain area;
 * - u_k: counts sides of more than 1 ÷ (k + 1) of the sheet, so that only k go side by side (Fekete and Schepers, New classes of fast
 *   lower bounds for bin packing problems, Mathematical Programming 91, 2001, after Lueker);
 * - small sides left out, and what is so large that only such go beside it counted whole (ibid., after Martello and Toth);
 * - sides counted in steps of k, what is more than half by what it leaves (Carlier, Clautiaux and Moukrim, New reduction procedures and
 *   lower bounds for the two-dimensional bin packing problem with fixed orientation, Computers & Operations Research 34, 2007).
 *
 * Cited from memory; that none ever lets a row come to more than the sheet is tested over all rows of small sheets.
 */
final readonly class Rescaling
{
    /** More side by side than this many pieces are well enough bounded by their area. */
    private const MOST_BESIDE = 9;

    /**
     * @param list<int> $sides
     * @param int $whole not less than any of them
     * @param bool $coarsely only those that have nothing to do with the sides
     * @return list<list<float>> for each function, each side as a share; those that say the same once
     */
    public static function all(array $sides, int $whole, bool $coarsely = false): array
    {
        $functions = [static fn (int $side): float => $side / $whole];
        for ($k = 1; $k <= self::MOST_BESIDE; $k++) {
            $functions[] = static fn (int $side): float => self::counted($side, $whole, $k);
        }
        foreach ($coarsely ? [] : self::thresholds($sides, $whole) as $small) {
            $functions[] = static fn (int $side): float => self::withoutSmall($side, $whole, $small);
            $functions[] = static fn (int $side): float => self::inSteps($side, $whole, $small);
        }
        $said = [];
        foreach ($functions as $function) {
            $shares = array_map($function, $sides);
            $said[json_encode($shares, JSON_THROW_ON_ERROR)] ??= $shares;
        }

        return array_values($said);
    }

    /** u_k: whole parts of k, of which sides on the border are taken as they are. */
    public static function counted(int $side, int $whole, int $k): float
    {
        $stretched = ($k + 1) * $side;

        return $stretched % $whole === 0 ? $side / $whole : intdiv($stretched, $whole) / $k;
    }

    /** @param int $small up to half the sheet */
    public static function withoutSmall(int $side, int $whole, int $small): float
    {
        return match (true) {
            $side > $whole - $small => 1.0,
            $side < $small => 0.0,
            default => $side / $whole,
        };
    }

    /** @param int $step from 1, up to half the sheet */
    public static function inSteps(int $side, int $whole, int $step): float
    {
        $steps = intdiv($whole, $step);

        return match (true) {
            2 * $side > $whole => ($steps - intdiv($whole - $side, $step)) / $steps,
            2 * $side === $whole => 0.5,
            default => intdiv($side, $step) / $steps,
        };
    }

    /**
     * Where one of the functions changes what it says of a side.
     *
     * @param list<int> $sides
     * @return list<int> up to half the sheet
     */
    private static function thresholds(array $sides, int $whole): array
    {
        $thresholds = [];
        foreach ($sides as $side) {
            foreach ([$side, $whole - $side + 1, intdiv($side, 2), intdiv($side, 3)] as $at) {
                if ($at >= 1 && 2 * $at <= $whole) {
                    $thresholds[$at] = $at;
                }
            }
        }
        rsort($thresholds);

        return $thresholds;
    }
}
