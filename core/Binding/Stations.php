<?php

declare(strict_types=1);

namespace Ephemeron\Binding;

use Ephemeron\Measure\Length;
use Ephemeron\Measure\ToolGrid;
use Ephemeron\Measure\Unit;

/**
 * Where the needle goes through a fold, from its head. Three: the middle, and a quarter of the height in from each end. Five: the middle,
 * 1 in and 2 in from each end; seven: 3 in as well. On short books the pairs move in proportion. Common practice, no published source.
 */
final readonly class Stations
{
    /** @param non-empty-list<Length> $places from the head, in order */
    private function __construct(public Length $height, public array $places)
    {
    }

    /**
     * @param int $count 3, 5 or 7
     *
     * @throws UnusableStations when the fold is too short for so many
     */
    public static function usual(Length $height, int $count, Unit $unit): self
    {
        $pairs = intdiv($count - 1, 2);
        if ($count < 3 || $count > 7 || $count % 2 === 0) {
            throw UnusableStations::count($count);
        }
        $grid = ToolGrid::usualFor($unit);
        $step = $unit === Unit::Inch ? Length::inches(1) : Length::millimetres(25);
        // From so tall on the pairs stand at 1, 2 and 3 in.
        $tall = $step->times(2 * $pairs + 4);
        $upper = [];
        for ($pair = 1; $pair <= $pairs; $pair++) {
            $upper[] = $grid->nearest(match (true) {
                $pairs === 1 => $height->portion(1, 4),
                $height->isLessThan($tall) => $height->portion($pair, 2 * $pairs + 4),
                default => $step->times($pair),
            });
        }
        $lower = array_map(static fn (Length $place): Length => $height->minus($place), array_reverse($upper));

        return self::at($height, [...$upper, $height->half(), ...$lower], $unit);
    }

    /**
     * The maker's own.
     *
     * @param non-empty-list<Length> $places from the head, in any order
     *
     * @throws UnusableStations when one is nearer than ½ in or 12 mm to an end or to another
     */
    public static function at(Length $height, array $places, Unit $unit): self
    {
        usort($places, static fn (Length $one, Length $other): int => $one->ticks <=> $other->ticks);
        $least = $unit === Unit::Inch ? Length::inches(0, 1, 2) : Length::millimetres(12);
        $before = Length::zero();
        foreach ([...$places, $height] as $place) {
            if ($place->minus($before)->isLessThan($least)) {
                throw UnusableStations::near($before, $place, $least);
            }
            $before = $place;
        }

        return new self($height, $places);
    }

    public function count(): int
    {
        return count($this->places);
    }

    /** Between two of them, by their numbers from 0. */
    public function between(int $one, int $other): Length
    {
        return Length::ofTicks(abs($this->places[$one]->ticks - $this->places[$other]->ticks));
    }

    /** Those of it without the middle one, for a stitch that wants an even number. */
    public function withoutMiddle(): self
    {
        if ($this->count() % 2 === 0) {
            return $this;
        }
        $places = $this->places;
        array_splice($places, intdiv(count($places), 2), 1);

        return $places === [] ? $this : new self($this->height, $places);
    }
}
