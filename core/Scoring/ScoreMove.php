<?php

declare(strict_types=1);

namespace Ephemeron\Scoring;

use Ephemeron\Measure\Axis;

/** The scores that are made without moving the piece. */
final readonly class ScoreMove
{
    /** @param non-empty-list<ScoreLine> $lines from left to right */
    public function __construct(public Turn $turn, public Axis $atTheFence, public array $lines)
    {
    }
}
