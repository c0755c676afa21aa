<?php

declare(strict_types=1);

namespace App\Drawing;

use Ephemeron\Assembly\Job;
use Ephemeron\Blueprint\Act\Act;
use Ephemeron\Blueprint\Act\Fasten;
use Ephemeron\Blueprint\Act\Glue;
use Ephemeron\Blueprint\Act\SetMagnet;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Flap;
use Ephemeron\Blueprint\Joint;

/** What lies on the table after so many jobs: which joints are made, which flaps hang, which faces have their fittings. */
final readonly class Lying
{
    /**
     * @param array<int, true> $made joints
     * @param array<string, true> $fitted faces
     */
    private function __construct(private Blueprint $blueprint, private array $made, private array $fitted)
    {
    }

    /** @param list<Job> $jobs done so far */
    public static function after(Blueprint $blueprint, array $jobs): self
    {
        $acts = array_merge(...array_map(static fn (Job $job): array => $job->acts, $jobs));

        return (new self($blueprint, [], []))->with($acts);
    }

    /** @param list<Act> $acts */
    public function with(array $acts): self
    {
        [$made, $fitted] = [$this->made, $this->fitted];
        foreach ($acts as $act) {
            if ($act instanceof Glue) {
                $made[spl_object_id($act->joint)] = true;
            }
            if ($act instanceof Fasten || $act instanceof SetMagnet) {
                $fitted[$act->face] = true;
            }
        }

        return new self($this->blueprint, $made, $fitted);
    }

    /** Glued, and what it is glued to lies there too: a second mat waits on its first one. */
    public function isThere(Joint $joint): bool
    {
        if (! isset($this->made[spl_object_id($joint)])) {
            return false;
        }
        foreach ($joint->face === null ? [] : $this->blueprint->on($joint->face) as $under) {
            if ($under !== $joint && $under->from->part === $joint->onto->part) {
                return isset($this->made[spl_object_id($under)]);
            }
        }

        return true;
    }

    public function hasFittings(string $face): bool
    {
        return isset($this->fitted[$face]);
    }

    /** A flap that is glued on by its tab hangs when it is; one that is part of the sheet always does. */
    public function hangs(Flap $flap): bool
    {
        $part = $this->blueprint->face($flap->inside)->paper->part;
        foreach ($this->blueprint->on($flap->over) as $joint) {
            if ($joint->from->part === $part && $joint->area == $flap->area) {
                return $this->isThere($joint);
            }
        }

        return true;
    }
}
