<?php

declare(strict_types=1);

namespace Ephemeron\Assembly;

use Ephemeron\Blueprint\Act\Reach;
use Ephemeron\Blueprint\Act\Slip;
use Ephemeron\Blueprint\Blueprint;
use Ephemeron\Blueprint\Joint;
use Ephemeron\Blueprint\Pouch;
use Ephemeron\Measure\Length;

/** The edges at which something slides into a pouch: nothing may lie over them yet. */
final readonly class Mouths
{
    /** @var array<string, list<Joint>> those that make a pouch, by its key */
    private array $joints;

    public function __construct(private Blueprint $blueprint)
    {
        $joints = [];
        foreach ($blueprint->all(Joint::class) as $joint) {
            if ($joint->pouch !== null) {
                $joints[$joint->pouch][] = $joint;
            }
        }
        $this->joints = $joints;
    }

    /** @return list<Joint> that make the pouch it goes into */
    public function jointsOf(Slip $act): array
    {
        return $this->joints[$act->into] ?? [];
    }

    /** @return list<Reach> */
    public function of(Slip $act): array
    {
        $pouch = $this->blueprint->find(Pouch::class, $act->into);
        if ($pouch === null) {
            return [];
        }
        $mouths = [];
        foreach ($this->jointsOf($act) as $joint) {
            if ($joint->face !== null && $pouch->face === $joint->face) {
                $mouths[] = new Reach($joint->face, $joint->depth(), $joint->area->strip($pouch->opening, Length::ofTicks(1)));
            }
        }

        return $mouths;
    }
}
