<?php

declare(strict_types=1);

namespace Ephemeron\Papering;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Finds a good arrangement by many small changes: at first also some for the worse, later only for the better (simulated annealing), and
 * last every single change and exchange is tried until none helps. The same puzzle, the same answer; that it is the best is not proved.
 */
final class Arranger
{
    /** @var array<int, int> look by want */
    private array $looks = [];

    /** @var array<int, float> sheets by offer */
    private array $loads = [];

    /** @var array<int, array<int, int>> by offer, how many wants in each opening */
    private array $seen = [];

    private Randomizer $lot;

    /**
     * @param int $changes how many are tried
     * @param (\Closure(float): bool)|null $told the share that is done; answers whether to go on
     */
    public function __construct(
        private readonly Puzzle $puzzle,
        private readonly int $changes = 40_000,
        private readonly ?\Closure $told = null,
    ) {
        $this->lot = new Randomizer(new Mt19937(1));
    }

    public function arrange(): Arrangement
    {
        $this->begin();
        $free = array_values(array_filter(
            array_keys($this->looks),
            fn (int $want): bool => count($this->puzzle->allowed[$want]) > 1,
        ));
        $cost = $this->cost();
        $best = [$cost, $this->looks];
        if ($free !== []) {
            $warm = 6.0 * Puzzle::POINT;
            $cold = 0.3 * Puzzle::POINT;
            for ($i = 0; $i < $this->changes; $i++) {
                if ($i % 500 === 0 && $this->told !== null && ! ($this->told)($i / $this->changes)) {
                    break;
                }
                $heat = $warm * ($cold / $warm) ** ($i / $this->changes);
                $cost += $this->change($free, $heat);
                if ($cost < $best[0]) {
                    $best = [$cost, $this->looks];
                }
            }
            $this->set($best[1]);
            $cost = $best[0] + $this->polish($free);
        }

        return new Arrangement($this->puzzle, $this->looks, $cost);
    }

    /** Every want gets the first look that there is paper for; those with the fewest to choose from first. */
    private function begin(): void
    {
        $this->looks = [];
        $this->loads = array_fill(0, count($this->puzzle->offers), 0.0);
        $this->seen = array_fill(0, count($this->puzzle->offers), []);
        $order = array_keys($this->puzzle->wants);
        usort($order, fn (int $one, int $other): int => [
            ! isset($this->puzzle->said[$one]),
            -($this->puzzle->shares[$one][0] ?? 0.0),
            count($this->puzzle->allowed[$one]),
        ] <=> [! isset($this->puzzle->said[$other]), -($this->puzzle->shares[$other][0] ?? 0.0), count($this->puzzle->allowed[$other])]);
        foreach ($order as $want) {
            foreach ($this->puzzle->allowed[$want] as $look) {
                if (isset($this->puzzle->said[$want]) || $this->hasRoom($want, $look)) {
                    $this->put($want, $look);
                    break;
                }
            }
        }
    }

    /** @param array<int, int> $looks */
    private function set(array $looks): void
    {
        $this->looks = [];
        $this->loads = array_fill(0, count($this->puzzle->offers), 0.0);
        $this->seen = array_fill(0, count($this->puzzle->offers), []);
        foreach ($looks as $want => $look) {
            $this->put($want, $look);
        }
    }

    /**
     * One try; what it adds to the cost, 0 where it is not taken.
     *
     * @param non-empty-list<int> $free
     */
    private function change(array $free, float $heat): int
    {
        $want = $free[$this->lot->getInt(0, count($free) - 1)];
        $allowed = $this->puzzle->allowed[$want];
        $way = $this->lot->getInt(0, 9);
        $other = $free[$this->lot->getInt(0, count($free) - 1)];
        if ($way < 3 && $other !== $want) {
            return $this->exchanged($want, $other, $heat);
        }
        $facing = $this->puzzle->wants[$want]->facing;
        // As the page beside it, as some other place, or anything.
        $look = match (true) {
            $way < 5 && $facing !== null && isset($this->looks[$facing]) => $this->looks[$facing],
            $way < 7 => $this->looks[$other],
            default => $allowed[$this->lot->getInt(0, count($allowed) - 1)],
        };

        return in_array($look, $allowed, true) ? $this->moved($want, $look, $heat) : 0;
    }

    private function moved(int $want, int $look, float $heat): int
    {
        $was = $this->looks[$want];
        if ($was === $look) {
            return 0;
        }
        $delta = -$this->take($want);
        if (! $this->hasRoom($want, $look)) {
            $this->put($want, $was);

            return 0;
        }
        $delta += $this->put($want, $look);
        if ($this->isTaken($delta, $heat)) {
            return $delta;
        }
        $this->take($want);
        $this->put($want, $was);

        return 0;
    }

    private function exchanged(int $want, int $other, float $heat): int
    {
        [$one, $two] = [$this->looks[$want], $this->looks[$other]];
        $allowed = $this->puzzle->allowed;
        if ($one === $two || ! in_array($two, $allowed[$want], true) || ! in_array($one, $allowed[$other], true)) {
            return 0;
        }
        $delta = -$this->take($want) - $this->take($other);
        $hasRoom = $this->hasRoom($want, $two);
        $delta += $this->put($want, $two);
        $hasRoom = $this->hasRoom($other, $one) && $hasRoom;
        $delta += $this->put($other, $one);
        if ($hasRoom && $this->isTaken($delta, $heat)) {
            return $delta;
        }
        $this->take($want);
        $this->take($other);
        $this->put($want, $one);
        $this->put($other, $two);

        return 0;
    }

    private function isTaken(int $delta, float $heat): bool
    {
        return $delta < 0 || ($heat > 0.0 && $this->lot->getInt(0, 1_000_000) < 1_000_000 * exp(-$delta / $heat));
    }

    /** @param non-empty-list<int> $free */
    private function polish(array $free): int
    {
        $gained = 0;
        do {
            $before = $gained;
            foreach ($free as $want) {
                foreach ($this->puzzle->allowed[$want] as $look) {
                    $gained += $this->moved($want, $look, 0.0);
                }
                foreach ($free as $other) {
                    $gained += $other > $want ? $this->exchanged($want, $other, 0.0) : 0;
                }
            }
        } while ($gained < $before);

        return $gained;
    }

    private function hasRoom(int $want, int $look): bool
    {
        $offer = $this->puzzle->looks[$look]->offer;

        return $this->loads[$offer] + $this->puzzle->shares[$want][$offer] <= $this->puzzle->there[$offer] + 1e-9;
    }

    /** What it adds to the cost. */
    private function put(int $want, int $look): int
    {
        $offer = $this->puzzle->looks[$look]->offer;
        $opening = $this->puzzle->wants[$want]->opening;
        $cost = $this->puzzle->alone[$want][$look] + $this->togetherWith($want, $look);
        $before = $this->loads[$offer];
        $cost += $this->puzzle->sheet[$offer]
            * (self::sheets($before + $this->puzzle->shares[$want][$offer]) - self::sheets($before));
        $cost -= count($this->seen[$offer]) === 1 ? $this->puzzle->return : 0;
        $this->seen[$offer][$opening] = ($this->seen[$offer][$opening] ?? 0) + 1;
        $cost += count($this->seen[$offer]) === 1 ? $this->puzzle->return : 0;
        $this->loads[$offer] = $before + $this->puzzle->shares[$want][$offer];
        $this->looks[$want] = $look;

        return $cost;
    }

    /** What is no longer in the cost. */
    private function take(int $want): int
    {
        $look = $this->looks[$want];
        $offer = $this->puzzle->looks[$look]->offer;
        $opening = $this->puzzle->wants[$want]->opening;
        unset($this->looks[$want]);
        $cost = $this->puzzle->alone[$want][$look] + $this->togetherWith($want, $look);
        $before = $this->loads[$offer];
        $this->loads[$offer] = max(0.0, $before - $this->puzzle->shares[$want][$offer]);
        $cost += $this->puzzle->sheet[$offer] * (self::sheets($before) - self::sheets($this->loads[$offer]));
        $cost += count($this->seen[$offer]) === 1 ? $this->puzzle->return : 0;
        if (--$this->seen[$offer][$opening] === 0) {
            unset($this->seen[$offer][$opening]);
        }
        $cost -= count($this->seen[$offer]) === 1 ? $this->puzzle->return : 0;

        return $cost;
    }

    private function togetherWith(int $want, int $look): int
    {
        $cost = 0;
        foreach ($this->puzzle->beside[$want] as [$other, $table]) {
            if (isset($this->looks[$other])) {
                $cost += $this->puzzle->tables[$table][$look][$this->looks[$other]];
            }
        }

        return $cost;
    }

    private function cost(): int
    {
        $looks = $this->looks;
        $this->looks = [];
        $this->loads = array_fill(0, count($this->puzzle->offers), 0.0);
        $this->seen = array_fill(0, count($this->puzzle->offers), []);
        $cost = 0;
        foreach ($looks as $want => $look) {
            $cost += $this->put($want, $look);
        }

        return $cost;
    }

    private static function sheets(float $load): int
    {
        return (int) ceil($load - 1e-9);
    }
}
