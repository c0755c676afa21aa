<?php

declare(strict_types=1);

namespace Ephemeron\Advice;

use Ephemeron\Drawer\Sheets;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Size;
use Ephemeron\Paper\PhotoSize;
use Ephemeron\Structure\Skill;

/** What a maker says who looks for a book. Every part of it may be left out. */
final readonly class Wish
{
    /**
     * @param int $photos how many prints go in, 0: none in particular
     * @param bool|null $lying whether they are to be seen lying, or standing; null: either
     * @param int $cards how many cards or notes of the size of the prints (else 3 × 4 in) go into pockets
     * @param Hand|null $hand what all is cut from
     * @param list<Sheets> $there what lies in the drawer, where the drawer is asked; empty: papers are bought
     * @param Size|null $outer the inside of an envelope or a shelf
     * @param Length|null $thick how thick the filled book may be
     * @param bool $needle whether there is a needle, and the patience for it
     * @param bool $coil whether there is a tool for coils and eyelets
     * @param Skill|null $most what it may ask of the maker
     * @param int $copies 1 or more
     */
    public function __construct(
        public ?PhotoSize $photo = null,
        public int $photos = 0,
        public ?bool $lying = null,
        public int $cards = 0,
        public ?Hand $hand = null,
        public array $there = [],
        public ?Size $outer = null,
        public ?Length $thick = null,
        public ?Shutting $shutting = null,
        public bool $needle = true,
        public bool $coil = true,
        public ?Skill $most = null,
        public int $copies = 1,
    ) {
    }
}
