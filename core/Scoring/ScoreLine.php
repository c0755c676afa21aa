<?php

declare(strict_types=1);

namespace Ephemeron\Scoring;

use Ephemeron\Blueprint\Fold;
use Ephemeron\Measure\Length;

/** One score at a distance from the left end of the side that lies along the top fence. */
final readonly class ScoreLine
{
    /**
     * @param Length|null $groove the groove before it when it falls between two
     */
    public function __construct(public Length $at, public Fold $fold, public ?Length $groove, public bool $beyondTheBoard)
    {
    }

    public function isOnGroove(): bool
    {
        return $this->groove === null;
    }

    /** How far past the groove before it; zero when on one. */
    public function past(): Length
    {
        return $this->groove === null ? Length::zero() : $this->at->minus($this->groove);
    }
}
