<?php

declare(strict_types=1);

namespace Ephemeron\Structure;

use Ephemeron\Measure\Axis;
use Ephemeron\Measure\Length;

/** A score of a base that lies a hair beside a mark of the tool. */
final readonly class ScoreOffMark
{
    /** @param int $number from 1 */
    public function __construct(public Axis $along, public int $number, private Length $at, public Length $mark)
    {
    }

    /** How far beside it. */
    public function by(): Length
    {
        return Length::longest($this->at->minus($this->mark), $this->mark->minus($this->at));
    }
}
