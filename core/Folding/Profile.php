<?php

declare(strict_types=1);

namespace Ephemeron\Folding;

use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Lump;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\Stock;

/**
 * How thick the closed book is at every distance from its spine: its bare leaves, and at every place what is glued and put in there, layer
 * by layer. A slice is as thick as its thickest place from head to foot, for that is what holds the covers apart.
 */
final readonly class Profile
{
    /** @param non-empty-list<Slice> $slices from the spine to the fore-edge */
    private function __construct(public array $slices, public Length $bare, public Size $closed)
    {
    }

    /** @param array<string, Stock> $materials by role */
    public static function of(Blueprint $blueprint, array $materials): self
    {
        $closed = $blueprint->closedSize();
        // Magnets and buttons are thick in one place only, and seldom in the same: the thickest counts, wherever it is.
        $lump = Length::zero();
        foreach ($blueprint->all(Lump::class) as $each) {
            $lump = Length::longest($lump, $each->thickness);
        }

        return new self(
            self::slices((new Layers($blueprint, $materials))->all(), $blueprint->bare(), $lump, $closed),
            $blueprint->bare(),
            $closed,
        );
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
     * @param list<array{int, int, int, int, int, int}> $layers
     * @return non-empty-list<Slice>
     */
    private static function slices(array $layers, Length $bare, Length $lump, Size $closed): array
    {
        $width = max(1, $closed->width->ticks);
        $xs = [0, $width];
        foreach ($layers as [$left, $right]) {
            array_push($xs, min($left, $width), min($right, $width));
        }
        $xs = array_values(array_unique($xs));
        sort($xs);
        $slices = [];
        $steps = self::steps($layers);
        for ($k = 0; $k < count($xs) - 1; $k++) {
            [$built, $filled] = self::thickestBetween($steps, $xs[$k], $xs[$k + 1]);
            $filled += $lump->ticks;
            $last = $slices[count($slices) - 1] ?? null;
            if ($last !== null && $last->built->equals($bare->plus(Length::ofTicks($built)))
                && $last->filled->equals($bare->plus(Length::ofTicks($filled)))) {
                array_pop($slices);
                $slices[] = new Slice($last->from, Length::ofTicks($xs[$k + 1]), $last->built, $last->filled);

                continue;
            }
            $slices[] = new Slice(
                Length::ofTicks($xs[$k]),
                Length::ofTicks($xs[$k + 1]),
                $bare->plus(Length::ofTicks($built)),
                $bare->plus(Length::ofTicks($filled)),
            );
        }

        return $slices === [] ? [new Slice(Length::zero(), $closed->width, $bare, $bare->plus($lump))] : $slices;
    }

    /**
     * Where layers begin and end on the way from head to foot; where one ends and another begins, the end comes first: they only touch.
     *
     * @param list<array{int, int, int, int, int, int}> $layers
     * @return list<array{int, int, int, int, int}> place, filled and built that is added there, left and right
     */
    private static function steps(array $layers): array
    {
        $steps = [];
        foreach ($layers as [$left, $right, $top, $bottom, $built, $filled]) {
            $steps[] = [$top, $filled, $built, $left, $right];
            $steps[] = [$bottom, -$filled, -$built, $left, $right];
        }
        sort($steps);

        return $steps;
    }

    /**
     * @param list<array{int, int, int, int, int}> $steps
     * @return array{int, int} built and filled, where most lies on each other from head to foot
     */
    private static function thickestBetween(array $steps, int $from, int $to): array
    {
        [$builtNow, $filledNow, $builtMost, $filledMost] = [0, 0, 0, 0];
        foreach ($steps as [, $filled, $built, $left, $right]) {
            if ($left < $to && $right > $from) {
                $builtNow += $built;
                $filledNow += $filled;
                $builtMost = max($builtMost, $builtNow);
                $filledMost = max($filledMost, $filledNow);
            }
        }

        return [$builtMost, $filledMost];
    }
}
